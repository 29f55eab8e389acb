package dev.jubilee.server.learning;

import dev.jubilee.core.sport.Sport;
import java.time.LocalDate;
import java.util.List;
import java.util.UUID;
import org.springframework.jdbc.core.JdbcTemplate;
import org.springframework.stereotype.Repository;

/** Which warm-up of an athlete is kept for races, one a sport. */
@Repository
public class RaceRoutineStore {
  private final JdbcTemplate jdbc;

  RaceRoutineStore(JdbcTemplate jdbc) {
    this.jdbc = jdbc;
  }

  /**
   * A routine.
   *
   * @param prescriptionId the warm-up that is kept
   */
  public record Frozen(Sport sport, String name, UUID prescriptionId, LocalDate on) {}

  /** Of an athlete, in the order of sports. */
  public List<Frozen> of(UUID clubId, UUID athleteId) {
    return jdbc.query(
        "SELECT sport, name, prescription_id, frozen_on FROM race_routine"
            + " WHERE club_id = ? AND athlete_id = ? ORDER BY sport LIMIT 10",
        (row, i) ->
            new Frozen(
                Sport.valueOf(row.getString(1)),
                row.getString(2),
                row.getObject(3, UUID.class),
                row.getObject(4, LocalDate.class)),
        clubId,
        athleteId);
  }

  void freeze(UUID clubId, UUID athleteId, Frozen frozen) {
    jdbc.update(
        "INSERT INTO race_routine (club_id, athlete_id, sport, name, prescription_id, frozen_on)"
            + " VALUES (?, ?, ?, ?, ?, ?) ON CONFLICT (club_id, athlete_id, sport)"
            + " DO UPDATE SET name = EXCLUDED.name, prescription_id = EXCLUDED.prescription_id,"
            + " frozen_on = EXCLUDED.frozen_on",
        clubId,
        athleteId,
        frozen.sport().name(),
        frozen.name(),
        frozen.prescriptionId(),
        frozen.on());
  }

  void thaw(UUID clubId, UUID athleteId, Sport sport) {
    jdbc.update(
        "DELETE FROM race_routine WHERE club_id = ? AND athlete_id = ? AND sport = ?",
        clubId,
        athleteId,
        sport.name());
  }
}
