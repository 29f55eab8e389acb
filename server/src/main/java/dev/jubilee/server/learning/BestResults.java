package dev.jubilee.server.learning;

import dev.jubilee.core.learning.BestOfSession;
import dev.jubilee.core.session.SessionKind;
import dev.jubilee.core.sport.Sport;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.UUID;
import org.springframework.jdbc.core.JdbcTemplate;
import org.springframework.stereotype.Repository;

/** Which effort of each session was best, of a whole club. */
@Repository
class BestResults {
  private final JdbcTemplate jdbc;

  BestResults(JdbcTemplate jdbc) {
    this.jdbc = jdbc;
  }

  /** One kind of session in one sport. */
  record Of(Sport sport, SessionKind kind) {}

  /** Sessions of which it is known, of the last year. */
  Map<Of, List<BestOfSession.Session>> byKind(UUID clubId) {
    Map<Of, List<BestOfSession.Session>> byKind = new LinkedHashMap<>();
    jdbc.query(
        "SELECT sport, kind, athlete_id, (figures->'done'->>'efforts')::int,"
            + " (figures->>'best')::int FROM warm_up_record WHERE club_id = ?"
            + " AND figures->>'best' IS NOT NULL AND starts_at > now() - interval '1 year'"
            + " ORDER BY sport, kind, starts_at LIMIT 20000",
        row -> {
          Of of = new Of(Sport.valueOf(row.getString(1)), SessionKind.valueOf(row.getString(2)));
          byKind
              .computeIfAbsent(of, k -> new ArrayList<>())
              .add(new BestOfSession.Session(row.getString(3), row.getInt(4), row.getInt(5)));
        },
        clubId);
    return byKind;
  }
}
