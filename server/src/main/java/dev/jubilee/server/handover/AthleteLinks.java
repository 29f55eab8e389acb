package dev.jubilee.server.handover;

import dev.jubilee.server.problem.NotFoundException;
import dev.jubilee.server.secret.Tokens;
import io.swagger.v3.oas.annotations.media.Schema;
import java.time.Clock;
import java.util.Optional;
import java.util.UUID;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/**
 * The personal links of athletes, which lead to their next warm-ups. At most one works at a time.
 */
@Service
public class AthleteLinks {

  /** Whose warm-ups a link leads to. */
  public record Whose(UUID clubId, UUID athleteId) {}

  /**
   * A personal link as its coach sees it.
   *
   * @param isLive whether there is one
   * @param token its secret part; null without one, and where it was made under another secret of
   *     the server and can only be replaced
   */
  public record PersonalLink(boolean isLive, @Schema(nullable = true) String token) {}

  private final AthleteLinkRepository repository;
  private final Tokens tokens;
  private final Clock clock;

  AthleteLinks(AthleteLinkRepository repository, Tokens tokens, Clock clock) {
    this.repository = repository;
    this.tokens = tokens;
    this.clock = clock;
  }

  @Transactional(readOnly = true)
  public PersonalLink of(UUID athleteId) {
    Optional<AthleteLinkRow> live = repository.findByAthleteIdAndRevokedAtIsNull(athleteId);
    return new PersonalLink(live.isPresent(), live.map(this::token).orElse(null));
  }

  /** The athlete's link, made now if none is live or the live one cannot be shown. */
  @Transactional
  public PersonalLink give(UUID athleteId) {
    make(athleteId);
    if (of(athleteId).token() == null) {
      revoke(athleteId);
      make(athleteId);
    }
    return of(athleteId);
  }

  private void make(UUID athleteId) {
    UUID id = UUID.randomUUID();
    repository.make(id, athleteId, Tokens.hash(tokens.of(id)), clock.instant());
  }

  /** Makes the link, if any, lead nowhere. */
  @Transactional
  public void revoke(UUID athleteId) {
    repository.revoke(athleteId, clock.instant());
  }

  /**
   * Whose a token is; unknown and revoked ones look alike.
   *
   * @throws NotFoundException for either
   */
  @Transactional(readOnly = true)
  public Whose follow(String token) {
    return repository
        .findByTokenHashAndRevokedAtIsNull(Tokens.hash(token))
        .map(row -> new Whose(row.clubId(), row.athleteId()))
        .orElseThrow(AthleteLinks::notFound);
  }

  /** What an unknown link is answered with. */
  public static NotFoundException notFound() {
    return new NotFoundException("link, or it was revoked; ask your coach for a new one");
  }

  private String token(AthleteLinkRow row) {
    String token = tokens.of(row.getId());
    return Tokens.same(Tokens.hash(token), row.tokenHash()) ? token : null;
  }
}
