package dev.jubilee.server.people;

import dev.jubilee.server.people.OneTimeLinkRow.Purpose;
import dev.jubilee.server.problem.NotFoundException;
import dev.jubilee.server.secret.Tokens;
import java.time.Clock;
import java.time.Duration;
import java.time.Instant;
import java.util.List;
import java.util.Optional;
import java.util.UUID;
import org.springframework.stereotype.Component;

/** Makes links that work once, and lets them be used once. */
@Component
class OneTimeLinks {
  private static final Duration INVITATION = Duration.ofDays(7);
  private static final Duration PASSWORD = Duration.ofDays(1);

  private final OneTimeLinkRepository repository;
  private final Clock clock;

  OneTimeLinks(OneTimeLinkRepository repository, Clock clock) {
    this.clock = clock;
    this.repository = repository;
  }

  /** A link's secret part, which is told once. */
  record Made(String token, Instant expiresAt) {}

  Made invitation(UUID clubId, String addressee) {
    return make(clubId, Purpose.INVITATION, null, addressee, INVITATION);
  }

  /** A new one for a coach; those of before stop working. */
  Made password(UUID clubId, UUID coachId) {
    repository.deleteByCoachId(coachId);
    return make(clubId, Purpose.PASSWORD, coachId, "", PASSWORD);
  }

  private Made make(
      UUID clubId, Purpose purpose, UUID coachId, String addressee, Duration goodFor) {
    String token = Tokens.fresh();
    Instant now = clock.instant();
    OneTimeLinkRow row =
        new OneTimeLinkRow(
            clubId, purpose, coachId, addressee, Tokens.hash(token), now, now.plus(goodFor));
    repository.save(row);
    return new Made(token, row.expiresAt());
  }

  /** Invitations that nobody has taken yet. */
  List<OneTimeLinkRow> openInvitations() {
    return repository.findByPurposeAndUsedAtIsNullAndExpiresAtAfterOrderByExpiresAt(
        Purpose.INVITATION, clock.instant());
  }

  void withdraw(UUID id) {
    repository.deleteById(id);
  }

  /**
   * What a token is good for; it stays good.
   *
   * @throws NotFoundException if it was used, withdrawn, has expired or never was
   */
  OneTimeLinkRow look(Purpose purpose, String token) {
    return good(repository.findByTokenHashAndPurpose(Tokens.hash(token), purpose));
  }

  /**
   * Uses a token up, if the transaction succeeds.
   *
   * @throws NotFoundException as {@link #look} does
   */
  OneTimeLinkRow use(Purpose purpose, String token) {
    OneTimeLinkRow row = good(repository.lock(Tokens.hash(token), purpose));
    row.use(clock.instant());
    return row;
  }

  private OneTimeLinkRow good(Optional<OneTimeLinkRow> row) {
    return row.filter(r -> r.isGood(clock.instant()))
        .orElseThrow(
            () ->
                new NotFoundException(
                    "link, or it was used already, or its time is over; ask for a new one"));
  }
}
