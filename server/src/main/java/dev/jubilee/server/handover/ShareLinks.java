package dev.jubilee.server.handover;

import dev.jubilee.server.problem.NotFoundException;
import dev.jubilee.server.secret.Tokens;
import io.swagger.v3.oas.annotations.media.Schema;
import java.time.Clock;
import java.time.Duration;
import java.time.Instant;
import java.time.LocalDateTime;
import java.time.Period;
import java.util.Optional;
import java.util.UUID;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** Making, finding and revoking links. At most one of a warm-up works at a time. */
@Service
public class ShareLinks {
  /** So long after the start a link still works; enough to look back, and no archive. */
  private static final Period AFTER_START = Period.ofWeeks(1);

  /** So long after it was revoked a link still takes what a device without a network kept. */
  private static final Duration STILL_TOLD = Duration.ofDays(7);

  /** Where a link leads. */
  public record Link(UUID clubId, UUID prescriptionId, boolean isKept) {

    /**
     * Refuses a link whose time is over.
     *
     * @param startsAt of the session
     * @param now where the club is
     */
    public void requireLive(LocalDateTime startsAt, LocalDateTime now) {
      if (!isKept && now.isAfter(startsAt.plus(AFTER_START))) {
        throw notFound();
      }
    }
  }

  /**
   * A live link as its coach sees it.
   *
   * @param token its secret part; null when it was made under another secret of the server and can
   *     only be replaced
   * @param until when it stops working; null when it is kept
   */
  public record Shown(
      @Schema(nullable = true) String token, @Schema(nullable = true) LocalDateTime until) {}

  private final ShareLinkRepository repository;
  private final Tokens tokens;

  private final Clock clock;

  ShareLinks(ShareLinkRepository repository, Tokens tokens, Clock clock) {
    this.clock = clock;
    this.repository = repository;
    this.tokens = tokens;
  }

  /** The link of a prescription, made now if none is live or the live one cannot be shown. */
  @Transactional
  public Shown handOver(UUID prescriptionId, LocalDateTime startsAt) {
    make(prescriptionId);
    Optional<ShareLinkRow> live = live(prescriptionId);
    if (live.filter(row -> token(row) == null).isPresent()) {
      live.get().revoke(clock.instant());
      repository.flush();
      make(prescriptionId);
    }
    return shown(prescriptionId, startsAt).orElseThrow();
  }

  private void make(UUID prescriptionId) {
    UUID id = UUID.randomUUID();
    repository.make(id, prescriptionId, Tokens.hash(tokens.of(id)), clock.instant());
  }

  /** Makes the link, if any, lead nowhere. */
  @Transactional
  public void revoke(UUID prescriptionId) {
    live(prescriptionId).ifPresent(row -> row.revoke(clock.instant()));
  }

  /**
   * Lets the link go on working when the session is long over, or no longer so.
   *
   * @throws NotFoundException if there is none
   */
  @Transactional
  public void keep(UUID prescriptionId, boolean isKept) {
    live(prescriptionId).orElseThrow(() -> new NotFoundException("link")).keep(isKept);
  }

  /** The live link of a prescription, if any. */
  public Optional<Shown> shown(UUID prescriptionId, LocalDateTime startsAt) {
    return live(prescriptionId)
        .map(row -> new Shown(token(row), row.isKept() ? null : startsAt.plus(AFTER_START)));
  }

  /** Whether an athlete was ever given it. */
  public boolean wasGiven(UUID prescriptionId) {
    return repository.existsByPrescriptionId(prescriptionId);
  }

  /** What a token leads to; unknown and revoked ones look alike. */
  public Link follow(String token) {
    return repository
        .findByTokenHash(Tokens.hash(token))
        .filter(row -> !row.isRevoked())
        .map(row -> new Link(row.clubId(), row.prescriptionId(), row.isKept()))
        .orElseThrow(ShareLinks::notFound);
  }

  /**
   * What a token led to, revoked since or not: whoever followed it may still tell of that.
   *
   * @throws NotFoundException if there never was such a link, or it was revoked long ago
   */
  public Link everFollowed(String token, Instant now) {
    return repository
        .findByTokenHash(Tokens.hash(token))
        .filter(row -> !row.isRevokedBefore(now.minus(STILL_TOLD)))
        .map(row -> new Link(row.clubId(), row.prescriptionId(), row.isKept()))
        .orElseThrow(ShareLinks::notFound);
  }

  public boolean isLive(String token) {
    return repository
        .findByTokenHash(Tokens.hash(token))
        .filter(row -> !row.isRevoked())
        .isPresent();
  }

  private Optional<ShareLinkRow> live(UUID prescriptionId) {
    return repository.findByPrescriptionIdAndRevokedAtIsNull(prescriptionId);
  }

  private String token(ShareLinkRow row) {
    String token = tokens.of(row.id());
    return Tokens.same(Tokens.hash(token), row.tokenHash()) ? token : null;
  }

  private static NotFoundException notFound() {
    return new NotFoundException(
        "link, or it was revoked, or its week is over; ask your coach for a new one");
  }
}
