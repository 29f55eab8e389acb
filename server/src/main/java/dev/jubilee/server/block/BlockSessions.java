package dev.jubilee.server.block;

import dev.jubilee.core.block.TrainingBlock;
import dev.jubilee.core.block.Week;
import dev.jubilee.core.quantity.OutOfRangeException;
import dev.jubilee.core.session.SessionKind;
import dev.jubilee.core.shorthand.ParseError;
import dev.jubilee.core.shorthand.ParseResult;
import dev.jubilee.core.shorthand.SessionClassification;
import dev.jubilee.core.shorthand.Shorthand;
import dev.jubilee.core.sport.Sport;
import dev.jubilee.server.session.SessionDetails;
import dev.jubilee.server.session.SessionDetailsBuilder;
import dev.jubilee.server.session.SessionRow;
import dev.jubilee.server.session.SessionSource;
import java.time.LocalDate;
import java.time.temporal.TemporalAdjusters;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.LinkedHashMap;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.UUID;
import java.util.stream.Collectors;

/** The sessions that a block's weekly pattern comes to, each under a key that stays. */
final class BlockSessions {
  /** A race in the shorthand of sessions, whatever its length. */
  private static final String RACE = "race";

  private BlockSessions() {}

  /** Whether a session comes from the block's pattern. */
  static boolean isOf(UUID blockId, SessionRow row) {
    return row.source()
        .filter(s -> s.made() == SessionSource.Made.PATTERN && s.blockId().equals(blockId))
        .isPresent();
  }

  /** What is wanted on the calendar, by key. */
  static Map<String, SessionDetails> of(BlockDefinition definition) {
    TrainingBlock block = definition.toCore();
    Map<String, SessionDetails> all = new LinkedHashMap<>();
    Map<String, SessionClassification> judged = new HashMap<>();
    // By day and session, group and athlete: blocks may have thousands of each.
    Map<String, List<BlockDefinition.DayException>> exceptions =
        definition.exceptions().stream()
            .collect(Collectors.groupingBy(e -> key(e.key(), e.date())));
    Map<String, List<UUID>> groups =
        definition.groups().stream()
            .collect(Collectors.toMap(BlockDefinition.Group::name, g -> g.athleteIds()));
    Map<UUID, LocalDate> joins = definition.joins();
    for (Week week : block.weeks()) {
      for (BlockDefinition.Pattern pattern : definition.pattern()) {
        LocalDate date = week.firstDay().with(TemporalAdjusters.nextOrSame(pattern.day()));
        if (block.holds(date)) {
          Set<UUID> together = new LinkedHashSet<>(groups.get(pattern.group()));
          together.removeIf(id -> joins.containsKey(id) && date.isBefore(joins.get(id)));
          boolean isRaced =
              date.equals(definition.race()) || definition.otherRaces().contains(date);
          onDay(
              isRaced,
              exceptions.getOrDefault(key(pattern.key(), date), List.of()),
              together,
              pattern,
              date,
              judged,
              all);
        }
      }
    }
    return all;
  }

  private static String key(String pattern, LocalDate date) {
    return pattern + " " + date;
  }

  private static void onDay(
      boolean isRaced,
      List<BlockDefinition.DayException> exceptions,
      Set<UUID> together,
      BlockDefinition.Pattern pattern,
      LocalDate date,
      Map<String, SessionClassification> judged,
      Map<String, SessionDetails> all) {
    String key = key(pattern.key(), date);
    Optional<String> shorthand =
        Optional.of(isRaced ? raced(pattern, judged) : pattern.shorthand());
    for (BlockDefinition.DayException e : exceptions) {
      if (e.athleteId() == null) {
        shorthand = Optional.ofNullable(e.shorthand());
      } else if (together.remove(e.athleteId()) && e.shorthand() != null) {
        all.put(
            key + " " + e.athleteId(),
            details(pattern, date, e.shorthand(), judged, List.of(e.athleteId())));
      }
    }
    if (shorthand.isPresent() && !together.isEmpty()) {
      all.put(key, details(pattern, date, shorthand.get(), judged, new ArrayList<>(together)));
    }
  }

  /** On the day of a race the race is what one warms up for, unless a coach said otherwise. */
  private static String raced(
      BlockDefinition.Pattern pattern, Map<String, SessionClassification> judged) {
    boolean isRace =
        judgement(pattern.sport(), pattern.shorthand(), judged).kind() == SessionKind.TIME_TRIAL;
    return isRace ? pattern.shorthand() : RACE;
  }

  /** The same every week; read once. */
  private static SessionClassification judgement(
      Sport sport, String shorthand, Map<String, SessionClassification> judged) {
    return judged.computeIfAbsent(
        sport + " " + shorthand,
        k -> SessionClassification.of(read("shorthand", shorthand, sport).outline(), sport));
  }

  private static SessionDetails details(
      BlockDefinition.Pattern p,
      LocalDate date,
      String shorthand,
      Map<String, SessionClassification> judged,
      List<UUID> athletes) {
    SessionClassification judgement = judgement(p.sport(), shorthand, judged);
    return SessionDetailsBuilder.builder()
        .startsAt(date.atTime(p.time()))
        .sport(p.sport())
        .kind(judgement.kind())
        .title(shorthand)
        .effortMetres(judgement.effortMetres().orElse(null))
        .effortSeconds(judgement.effortSeconds().map(Integer::doubleValue).orElse(null))
        .stroke(judgement.stroke().orElse(null))
        .place(p.place())
        .minutes(p.minutes())
        .temperature(p.temperature())
        .comingFrom(p.comingFrom())
        .kit(null)
        .athleteIds(athletes)
        .laterStarts(List.of())
        .build();
  }

  /** Refuses a session of the week that cannot be warmed up for, naming the field. */
  static void check(BlockDefinition.Pattern pattern, LocalDate date) {
    details(pattern, date, pattern.shorthand(), new HashMap<>(), List.of()).check();
  }

  /**
   * The shorthand as it was understood.
   *
   * @throws OutOfRangeException naming the field, what was not understood and what was meant
   */
  static ParseResult read(String field, String shorthand, Sport sport) {
    if (shorthand == null || shorthand.isBlank()) {
      throw new OutOfRangeException(field, "empty", "a session such as 6 x 1000 @ 5k, 90 s jog");
    }
    ParseResult reading = Shorthand.read(shorthand, sport);
    if (!reading.faults().isEmpty()) {
      ParseError fault = reading.faults().get(0);
      throw new OutOfRangeException(
          field,
          shorthand + " (" + fault.what() + ")",
          fault.suggestion().isEmpty() ? "a session that can be read" : fault.suggestion());
    }
    return reading;
  }
}
