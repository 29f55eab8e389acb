package dev.jubilee.server.drill;

import java.util.Map;
import java.util.Optional;
import java.util.TreeMap;
import java.util.UUID;
import org.springframework.jdbc.core.JdbcTemplate;
import org.springframework.stereotype.Repository;

/** How long drills and changeovers take a club, against our times, where it chose to use that. */
@Repository
public class OwnTimesStore {
  private final JdbcTemplate jdbc;

  OwnTimesStore(JdbcTemplate jdbc) {
    this.jdbc = jdbc;
  }

  /** Factors of our times by drill; most clubs have none. */
  public Map<String, Double> of(UUID clubId) {
    Map<String, Double> factors = new TreeMap<>();
    jdbc.query(
        "SELECT drill, factor FROM own_time WHERE club_id = ? ORDER BY drill LIMIT 1000",
        row -> {
          factors.put(row.getString(1), row.getDouble(2));
        },
        clubId);
    return factors;
  }

  /** Uses a factor from now on. */
  public void use(UUID clubId, String drill, double factor) {
    jdbc.update(
        "INSERT INTO own_time (club_id, drill, factor) VALUES (?, ?, ?)"
            + " ON CONFLICT (club_id, drill) DO UPDATE SET factor = EXCLUDED.factor",
        clubId,
        drill,
        factor);
  }

  /** The factor of our changeovers; most clubs have none. */
  public Optional<Double> changeovers(UUID clubId) {
    return jdbc
        .queryForList("SELECT factor FROM own_changeover WHERE club_id = ?", Double.class, clubId)
        .stream()
        .findFirst();
  }

  /** Uses a factor of changeovers from now on. */
  public void useChangeovers(UUID clubId, double factor) {
    jdbc.update(
        "INSERT INTO own_changeover (club_id, factor) VALUES (?, ?)"
            + " ON CONFLICT (club_id) DO UPDATE SET factor = EXCLUDED.factor",
        clubId,
        factor);
  }

  /** Goes back to our changeovers. */
  public void forgetChangeovers(UUID clubId) {
    jdbc.update("DELETE FROM own_changeover WHERE club_id = ?", clubId);
  }

  /** Goes back to our time. */
  public void forget(UUID clubId, String drill) {
    jdbc.update("DELETE FROM own_time WHERE club_id = ? AND drill = ?", clubId, drill);
  }
}
