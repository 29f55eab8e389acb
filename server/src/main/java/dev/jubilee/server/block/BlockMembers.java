package dev.jubilee.server.block;

import java.time.LocalDate;
import java.util.List;
import java.util.UUID;
import org.springframework.jdbc.core.JdbcTemplate;
import org.springframework.stereotype.Component;

/** Who is in which block when; the database refuses two at once. */
@Component
class BlockMembers {
  private final JdbcTemplate jdbc;

  BlockMembers(JdbcTemplate jdbc) {
    this.jdbc = jdbc;
  }

  /**
   * Puts the athletes of a definition in place of those of before.
   *
   * @throws org.springframework.dao.DataIntegrityViolationException if one of them is in another
   *     block on one of its days
   */
  void put(UUID clubId, UUID blockId, BlockDefinition definition) {
    jdbc.update(
        "DELETE FROM training_block_member WHERE club_id = ? AND block_id = ?", clubId, blockId);
    LocalDate start = definition.start();
    LocalDate race = definition.race();
    List<Object[]> rows =
        definition.athleteIds().stream()
            .map(athlete -> new Object[] {blockId, athlete, clubId, start, race})
            .toList();
    jdbc.batchUpdate(
        "INSERT INTO training_block_member VALUES (?, ?, ?, daterange(?, ?, '[]'))", rows);
  }
}
