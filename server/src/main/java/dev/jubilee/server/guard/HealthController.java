package dev.jubilee.server.guard;

import org.springframework.dao.DataAccessException;
import org.springframework.http.HttpHeaders;
import org.springframework.http.ResponseEntity;
import org.springframework.jdbc.core.JdbcTemplate;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RestController;

/** For whoever watches the server. */
@RestController
@RequestMapping("/api/health")
class HealthController {

  /** Up, or away. */
  record Health(String status) {}

  private static final String UP = "UP";

  private final JdbcTemplate jdbc;

  HealthController(JdbcTemplate jdbc) {
    this.jdbc = jdbc;
  }

  /** The process answers; start it again when it does not. */
  @GetMapping
  Health getHealth() {
    return new Health(UP);
  }

  /** It can do its work; send it no one while it cannot. */
  @GetMapping("/ready")
  ResponseEntity<Health> getReadiness() {
    try {
      jdbc.queryForObject("SELECT 1", Integer.class);
      return ResponseEntity.ok(new Health(UP));
    } catch (DataAccessException e) {
      return ResponseEntity.status(503)
          .header(HttpHeaders.RETRY_AFTER, "2")
          .body(new Health("DATABASE_AWAY"));
    }
  }
}
