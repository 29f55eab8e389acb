package dev.jubilee.server.zone;

import dev.jubilee.core.session.Zones;
import dev.jubilee.core.shorthand.ParseResult;
import dev.jubilee.core.shorthand.Shorthand;
import dev.jubilee.core.shorthand.ShorthandWriter;
import dev.jubilee.core.sport.Sport;
import dev.jubilee.server.problem.ConflictException;
import java.util.List;
import java.util.UUID;
import java.util.function.BiFunction;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** What a club's zones mean: asked once, and put in their place wherever a session is written. */
@Service
public class ClubZones {
  private final ClubZonesRepository repository;

  ClubZones(ClubZonesRepository repository) {
    this.repository = repository;
  }

  @Transactional(readOnly = true)
  public ZoneTable table(UUID clubId) {
    return repository
        .findById(clubId)
        .map(row -> ZoneTable.of(row.version(), row.meanings()))
        .orElse(new ZoneTable(-1, List.of()));
  }

  /** What they mean in a sport. */
  @Transactional(readOnly = true)
  public Zones of(UUID clubId, Sport sport) {
    return table(clubId).of(sport);
  }

  /**
   * Says what they mean from now on; sessions that were written before keep what they meant then.
   *
   * @throws ConflictException if someone else said something in the meantime
   */
  @Transactional
  public ZoneTable say(UUID clubId, ZoneTable table) {
    for (Sport sport : Sport.values()) {
      table.of(sport);
    }
    ClubZonesRow row = repository.findById(clubId).orElseGet(() -> new ClubZonesRow(clubId));
    long version = row.meanings() == null ? -1 : row.version();
    if (version != table.version()) {
      throw new ConflictException(
          "The zones were changed by someone else in the meantime. Load again and repeat.");
    }
    row.say(table.stored());
    return new ZoneTable(repository.saveAndFlush(row).version(), table.meanings());
  }

  /**
   * What replaces zones by what they mean, so that a session means the same next year; a text stays
   * as it is where there are none, or they are not in the table.
   */
  @Transactional(readOnly = true)
  public BiFunction<Sport, String, String> writer(UUID clubId) {
    ZoneTable table = table(clubId);
    return (sport, text) -> written(text, sport, table);
  }

  private static String written(String text, Sport sport, ZoneTable table) {
    if (text == null || table.meanings().isEmpty() || Shorthand.read(text, sport).isWhole()) {
      return text;
    }
    ParseResult own = Shorthand.read(text, sport, table.of(sport));
    String meant = ShorthandWriter.of(own.outline());
    return own.isWhole() && meant.length() <= Shorthand.LONGEST ? meant : text;
  }
}
