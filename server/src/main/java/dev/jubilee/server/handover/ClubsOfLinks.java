package dev.jubilee.server.handover;

import dev.jubilee.server.secret.Tokens;
import dev.jubilee.server.tenant.ClubScope;
import dev.jubilee.server.tenant.LinkClubs;
import java.util.Optional;
import java.util.UUID;
import org.springframework.stereotype.Component;

/** Finds the club of a link to a warm-up, or of an athlete's personal one. */
@Component
class ClubsOfLinks implements LinkClubs {
  private final ShareLinkRepository shared;
  private final AthleteLinkRepository personal;

  ClubsOfLinks(ShareLinkRepository shared, AthleteLinkRepository personal) {
    this.shared = shared;
    this.personal = personal;
  }

  @Override
  public Optional<UUID> clubOf(String token) {
    String hash = Tokens.hash(token);
    return ClubScope.acrossClubs(
        () ->
            shared
                .findByTokenHash(hash)
                .map(ShareLinkRow::clubId)
                .or(() -> personal.findByTokenHash(hash).map(AthleteLinkRow::clubId)));
  }
}
