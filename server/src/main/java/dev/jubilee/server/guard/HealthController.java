package dev.jubilee.server.guard;

import java.sql.Connection;
import java.sql.SQLException;
import javax.sql.DataSource;
import org.springframework.http.HttpHeaders;
import org.springframework.http.ResponseEntity;
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

  /** So long a database may take to say that it is there, s. */
  private static final int PATIENCE = 1;

  private final DataSource database;

  HealthController(DataSource database) {
    this.database = database;
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
      return isThere() ? ResponseEntity.ok(new Health(UP)) : away();
    } catch (SQLException e) {
      return away();
    }
  }

  private boolean isThere() throws SQLException {
    try (Connection connection = database.getConnection()) {
      return connection.isValid(PATIENCE);
    }
  }

  private static ResponseEntity<Health> away() {
    return ResponseEntity.status(503)
        .header(HttpHeaders.RETRY_AFTER, "2")
        .body(new Health("DATABASE_AWAY"));
  }
}
