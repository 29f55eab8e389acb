package dev.jubilee.server.handover;

import dev.jubilee.server.problem.NotFoundException;
import java.security.SecureRandom;
import java.time.Instant;
import java.util.Base64;
import java.util.Optional;
import java.util.UUID;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** Making, finding and revoking links. */
@Service
public class ShareLinks {
  /** 160 random bits: not to be guessed. */
  private static final int TOKEN_BYTES = 20;

  /** Where a link leads. */
  public record Link(UUID clubId, UUID prescriptionId) {}

  private final ShareLinkRepository repository;
  private final SecureRandom random = new SecureRandom();

  ShareLinks(ShareLinkRepository repository) {
    this.repository = repository;
  }

  /** The link's token, made now if there is none. */
  @Transactional
  public String handOver(UUID clubId, UUID prescriptionId) {
    return tokenOf(clubId, prescriptionId)
        .orElseGet(
            () ->
                repository
                    .saveAndFlush(
                        new ShareLinkRow(clubId, prescriptionId, freshToken(), Instant.now()))
                    .token());
  }

  /** Makes the link, if any, lead nowhere. */
  @Transactional
  public void revoke(UUID clubId, UUID prescriptionId) {
    repository
        .findFirstByClubIdAndPrescriptionIdAndRevokedAtIsNull(clubId, prescriptionId)
        .ifPresent(row -> row.revoke(Instant.now()));
  }

  public Optional<String> tokenOf(UUID clubId, UUID prescriptionId) {
    return repository
        .findFirstByClubIdAndPrescriptionIdAndRevokedAtIsNull(clubId, prescriptionId)
        .map(ShareLinkRow::token);
  }

  /** Whether an athlete was ever given it. */
  public boolean wasGiven(UUID clubId, UUID prescriptionId) {
    return repository.existsByClubIdAndPrescriptionId(clubId, prescriptionId);
  }

  /** What a token leads to; unknown and revoked ones look alike. */
  public Link follow(String token) {
    return repository
        .findByTokenAndRevokedAtIsNull(token)
        .map(row -> new Link(row.clubId(), row.prescriptionId()))
        .orElseThrow(
            () -> new NotFoundException("link, or it was revoked; ask your coach for a new one"));
  }

  private String freshToken() {
    byte[] bytes = new byte[TOKEN_BYTES];
    random.nextBytes(bytes);
    return Base64.getUrlEncoder().withoutPadding().encodeToString(bytes);
  }
}
