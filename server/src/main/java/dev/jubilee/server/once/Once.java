package dev.jubilee.server.once;

import java.sql.Timestamp;
import java.time.Clock;
import java.time.Duration;
import java.time.Instant;
import java.util.Optional;
import java.util.UUID;
import java.util.function.Function;
import org.springframework.jdbc.core.JdbcTemplate;
import org.springframework.stereotype.Component;
import org.springframework.transaction.annotation.Transactional;

/**
 * Lets a form that is sent several times make one thing. Each form has a key of its own; whoever
 * comes second with it waits for the first and is given what that made.
 */
@Component
public class Once {
  /** The header that carries the key. */
  public static final String HEADER = "Idempotency-Key";

  private static final Duration MEMORY = Duration.ofDays(1);

  private final JdbcTemplate jdbc;
  private final Clock clock = Clock.systemUTC();

  Once(JdbcTemplate jdbc) {
    this.jdbc = jdbc;
  }

  /**
   * Makes something, unless it was made under this key already.
   *
   * @param key of the form; without one it is made each time
   * @param make makes it under an id
   * @param find finds what was made
   */
  @Transactional
  public <T> T make(
      UUID clubId, Optional<UUID> key, Function<UUID, T> make, Function<UUID, T> find) {
    UUID id = UUID.randomUUID();
    if (key.isEmpty() || isFirst(clubId, key.get(), id)) {
      return make.apply(id);
    }
    return find.apply(
        jdbc.queryForObject(
            "SELECT made_id FROM made_once WHERE club_id = ? AND key = ?",
            UUID.class,
            clubId,
            key.get()));
  }

  /** Waits where another is under way, until that is stored or given up. */
  private boolean isFirst(UUID clubId, UUID key, UUID id) {
    Instant now = clock.instant();
    jdbc.update(
        "DELETE FROM made_once WHERE club_id = ? AND made_at < ?",
        clubId,
        Timestamp.from(now.minus(MEMORY)));
    return jdbc.update(
            "INSERT INTO made_once VALUES (?, ?, ?, ?) ON CONFLICT DO NOTHING",
            clubId,
            key,
            id,
            Timestamp.from(now))
        == 1;
  }
}
