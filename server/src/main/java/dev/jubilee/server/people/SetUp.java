package dev.jubilee.server.people;

import dev.jubilee.server.club.Club;
import dev.jubilee.server.club.ClubRepository;
import dev.jubilee.server.club.ClubSettings;
import dev.jubilee.server.postgres.Locks;
import dev.jubilee.server.problem.NotFoundException;
import dev.jubilee.server.secret.Tokens;
import dev.jubilee.server.signin.Coach;
import java.time.ZoneId;
import java.util.UUID;
import org.springframework.beans.factory.annotation.Value;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/**
 * The first club of an empty server, and its owner. Whoever started the server has the token; it is
 * worth nothing as soon as there is a club.
 */
@Service
class SetUp {
  /** The lock of those who set up. */
  private static final long FIRST_CLUB = 1;

  private final String token;
  private final ClubRepository clubs;
  private final People people;
  private final Locks locks;

  SetUp(
      @Value("${jubilee.set-up-token:}") String token,
      ClubRepository clubs,
      People people,
      Locks locks) {
    this.token = token;
    this.clubs = clubs;
    this.people = people;
    this.locks = locks;
  }

  /** Whether there is no club yet. */
  @Transactional(readOnly = true)
  boolean isAwaited() {
    return clubs.count() == 0;
  }

  /**
   * Makes the club and its owner.
   *
   * @throws NotFoundException if the token is wrong or there is a club already
   * @throws dev.jubilee.core.quantity.OutOfRangeException naming the field that is not accepted
   */
  @Transactional
  Coach begin(String given, ClubSettings settings, NewCoach owner) {
    // Two who press at once are one after the other.
    locks.hold(FIRST_CLUB);
    if (token.isBlank() || !Tokens.same(token, given) || !isAwaited()) {
      throw new NotFoundException(
          "set-up address, or it was used already; the terminal in which Jubilee was started says"
              + " it");
    }
    settings.check();
    Club club = new Club(UUID.randomUUID(), settings.name(), ZoneId.of(settings.timeZone()));
    club.choose(settings);
    clubs.saveAndFlush(club);
    return people.join(club, owner, "owner.", true);
  }
}
