package dev.jubilee.server.handover;

import dev.jubilee.server.problem.NotFoundException;
import dev.jubilee.server.secret.Tokens;
import io.swagger.v3.oas.annotations.media.Schema;
import java.sql.Timestamp;
import java.time.Clock;
import java.util.Optional;
import java.util.UUID;
import org.springframework.jdbc.core.JdbcTemplate;
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

  private final JdbcTemplate jdbc;
  private final Tokens tokens;
  private final Clock clock = Clock.systemUTC();

  AthleteLinks(JdbcTemplate jdbc, Tokens tokens) {
    this.jdbc = jdbc;
    this.tokens = tokens;
  }

  @Transactional(readOnly = true)
  public PersonalLink of(UUID clubId, UUID athleteId) {
    Optional<UUID> live = live(clubId, athleteId);
    return new PersonalLink(live.isPresent(), live.map(this::token).orElse(null));
  }

  /** The athlete's link, made now if none is live or the live one cannot be shown. */
  @Transactional
  public PersonalLink give(UUID clubId, UUID athleteId) {
    make(clubId, athleteId);
    if (of(clubId, athleteId).token() == null) {
      revoke(clubId, athleteId);
      make(clubId, athleteId);
    }
    return of(clubId, athleteId);
  }

  private void make(UUID clubId, UUID athleteId) {
    UUID id = UUID.randomUUID();
    jdbc.update(
        "INSERT INTO athlete_link (id, club_id, athlete_id, token_hash, created_at)"
            + " VALUES (?, ?, ?, ?, ?)"
            + " ON CONFLICT (athlete_id) WHERE revoked_at IS NULL DO NOTHING",
        id,
        clubId,
        athleteId,
        Tokens.hash(tokens.of(id)),
        Timestamp.from(clock.instant()));
  }

  /** Makes the link, if any, lead nowhere. */
  @Transactional
  public void revoke(UUID clubId, UUID athleteId) {
    jdbc.update(
        "UPDATE athlete_link SET revoked_at = ?"
            + " WHERE club_id = ? AND athlete_id = ? AND revoked_at IS NULL",
        Timestamp.from(clock.instant()),
        clubId,
        athleteId);
  }

  /**
   * Whose a token is; unknown and revoked ones look alike.
   *
   * @throws NotFoundException for either
   */
  @Transactional(readOnly = true)
  public Whose follow(String token) {
    return jdbc
        .query(
            "SELECT club_id, athlete_id FROM athlete_link"
                + " WHERE token_hash = ? AND revoked_at IS NULL",
            (row, i) -> new Whose(row.getObject(1, UUID.class), row.getObject(2, UUID.class)),
            Tokens.hash(token))
        .stream()
        .findFirst()
        .orElseThrow(AthleteLinks::notFound);
  }

  /** What an unknown link is answered with. */
  public static NotFoundException notFound() {
    return new NotFoundException("link, or it was revoked; ask your coach for a new one");
  }

  private Optional<UUID> live(UUID clubId, UUID athleteId) {
    return jdbc
        .query(
            "SELECT id FROM athlete_link"
                + " WHERE club_id = ? AND athlete_id = ? AND revoked_at IS NULL",
            (row, i) -> row.getObject(1, UUID.class),
            clubId,
            athleteId)
        .stream()
        .findFirst();
  }

  private String token(UUID id) {
    String token = tokens.of(id);
    Boolean isShown =
        jdbc.queryForObject(
            "SELECT token_hash = ? FROM athlete_link WHERE id = ?",
            Boolean.class,
            Tokens.hash(token),
            id);
    return Boolean.TRUE.equals(isShown) ? token : null;
  }
}
