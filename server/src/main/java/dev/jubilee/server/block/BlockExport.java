package dev.jubilee.server.block;

import dev.jubilee.core.quantity.Bounds;
import dev.jubilee.core.quantity.OutOfRangeException;
import dev.jubilee.server.club.ClubTime;
import dev.jubilee.server.prescription.WarmUpLists;
import dev.jubilee.server.prescription.WarmUpLists.Listed;
import dev.jubilee.server.session.SessionDetails;
import dev.jubilee.server.session.SessionRow;
import dev.jubilee.server.session.SessionSource;
import dev.jubilee.server.session.Sessions;
import java.time.LocalDateTime;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.UUID;
import org.springframework.stereotype.Component;

/** The sessions of a block and their warm-ups, as files for other programs. */
@Component
class BlockExport {
  private final Sessions sessions;
  private final WarmUpLists lists;
  private final ClubTime clubTime;

  BlockExport(Sessions sessions, WarmUpLists lists, ClubTime clubTime) {
    this.sessions = sessions;
    this.lists = lists;
    this.clubTime = clubTime;
  }

  /** All sessions of the block's athletes that a block or an import made, to be read again. */
  String sessions(UUID clubId, UUID blockId, BlockDefinition definition, Imports.Format format) {
    List<SessionRow> rows = rows(blockId);
    if (format == Imports.Format.CSV) {
      BlockContents contents = contents(rows, List.of(), definition);
      return CsvCalendar.write(contents.sessions(), contents.groups());
    }
    // Past warm-ups would only clutter a calendar.
    LocalDateTime today = clubTime.today(clubId).atStartOfDay();
    List<SessionRow> toCome = rows.stream().filter(r -> !r.startsAt().isBefore(today)).toList();
    return ICalendar.write(contents(rows, toCome, definition), clubTime.zone(clubId));
  }

  /**
   * Every item of every warm-up, a line each.
   *
   * @throws OutOfRangeException where there are more than {@value WarmUpLists#MOST}
   */
  String warmUps(UUID blockId, BlockDefinition definition) {
    List<SessionRow> rows = rows(blockId);
    Bounds.within("warm-ups", lists.count(rows), 0, WarmUpLists.MOST, "in a file");
    return WarmUpTable.write(contents(rows, rows, definition));
  }

  private List<SessionRow> rows(UUID blockId) {
    List<SessionRow> rows = new ArrayList<>();
    rows.addAll(sessions.madeBy(SessionSource.patternOf(blockId)));
    rows.addAll(sessions.madeBy(SessionSource.filesOf(blockId)));
    rows.sort((a, b) -> a.startsAt().compareTo(b.startsAt()));
    rows.removeIf(SessionRow::isRemoved);
    return rows;
  }

  /**
   * @param withWarmUps those of the sessions whose warm-ups are wanted as well
   */
  private BlockContents contents(
      List<SessionRow> rows, List<SessionRow> withWarmUps, BlockDefinition definition) {
    Map<UUID, SessionDetails> details = new HashMap<>();
    rows.forEach(row -> details.put(row.id(), sessions.details(row)));
    Map<UUID, List<Listed>> listed =
        lists.of(withWarmUps, (session, athlete) -> details.get(session).startOf(athlete));
    BlockContents contents =
        new BlockContents(new LinkedHashMap<>(), new HashMap<>(), new HashMap<>());
    for (SessionRow row : rows) {
      String id = row.id() + Imports.OWN_ID;
      contents.sessions().put(id, details.get(row.id()));
      contents.groups().put(id, group(row, definition));
      contents.warmUps().put(id, listed.getOrDefault(row.id(), List.of()));
    }
    return contents;
  }

  private static String group(SessionRow row, BlockDefinition definition) {
    return definition.groups().stream()
        .filter(g -> row.athleteIds().stream().anyMatch(g.athleteIds()::contains))
        .map(BlockDefinition.Group::name)
        .findFirst()
        .orElse("");
  }
}
