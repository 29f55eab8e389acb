package dev.jubilee.server.block;

import dev.jubilee.core.circumstances.Circumstances;
import dev.jubilee.core.circumstances.ComingFrom;
import dev.jubilee.core.circumstances.Place;
import dev.jubilee.core.profile.Profiles;
import dev.jubilee.core.quantity.OutOfRangeException;
import dev.jubilee.core.session.SessionKind;
import dev.jubilee.core.shorthand.ParseResult;
import dev.jubilee.core.shorthand.SessionClassification;
import dev.jubilee.core.shorthand.Shorthand;
import dev.jubilee.core.shorthand.ShorthandWriter;
import dev.jubilee.core.sport.Sport;
import dev.jubilee.server.athlete.Athletes;
import dev.jubilee.server.club.ClubTime;
import dev.jubilee.server.session.SessionDetails;
import dev.jubilee.server.session.SessionDetailsBuilder;
import dev.jubilee.server.session.SessionRow;
import dev.jubilee.server.session.SessionSource;
import dev.jubilee.server.session.Sessions;
import dev.jubilee.server.signin.SignedIn;
import dev.jubilee.server.zone.ClubZones;
import io.swagger.v3.oas.annotations.media.Schema;
import java.time.LocalDate;
import java.time.LocalDateTime;
import java.time.ZoneId;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.HashMap;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.UUID;
import java.util.stream.Collectors;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** Sessions from files into a block's calendar, and out again. All of a file, or none. */
@Service
class Imports {
  /** Kinds of file. */
  enum Format {
    CSV,
    ICALENDAR
  }

  /** What a line would do. */
  enum Outcome {
    NEW,
    CHANGED,
    SAME,
    /** A coach changed or removed the session since; so it stays. */
    KEPT,
    FAULTY
  }

  /**
   * A line and how it was understood.
   *
   * @param line in the file; of a calendar, the number of the event
   * @param understood in plain shorthand
   * @param fault what is wrong with it, or empty
   */
  record ImportLine(
      int line,
      @Schema(nullable = true) LocalDateTime startsAt,
      String group,
      String title,
      String understood,
      @Schema(nullable = true) SessionKind kind,
      Outcome outcome,
      String fault) {}

  /** A file as it was understood. */
  record Understanding(List<ImportLine> lines, int faulty) {}

  static final String OWN_ID = "@jubilee";
  private static final int USUAL_MINUTES = 30;
  private static final int USUAL_TEMPERATURE = 12;

  private final Sessions sessions;
  private final Athletes athletes;
  private final ClubTime clubTime;
  private final ClubZones zones;

  Imports(Sessions sessions, Athletes athletes, ClubTime clubTime, ClubZones zones) {
    this.sessions = sessions;
    this.athletes = athletes;
    this.clubTime = clubTime;
    this.zones = zones;
  }

  /**
   * A session of the file and where it goes.
   *
   * @param own the session on the calendar that Jubilee once wrote to the file, if it is still
   *     there
   */
  private record Read(
      ImportLine line, Optional<SessionDetails> details, String key, Optional<SessionRow> own) {}

  /** What the entries would do; in no transaction, as understanding takes its time. */
  public Understanding understand(
      SignedIn coach, UUID blockId, BlockDefinition definition, List<CalendarEntry> entries) {
    List<ImportLine> lines =
        lines(coach, blockId, definition, entries).stream().map(Read::line).toList();
    int faulty = (int) lines.stream().filter(l -> l.outcome() == Outcome.FAULTY).count();
    return new Understanding(lines, faulty);
  }

  /**
   * The sessions of a file without faults.
   *
   * @param changed that Jubilee once wrote to the file, by what they are now
   * @param made under their keys
   */
  record ReadSessions(Map<SessionRow, SessionDetails> changed, Map<String, SessionDetails> made) {}

  /**
   * What a file would put on the calendar; in no transaction, as understanding takes its time.
   *
   * @throws OutOfRangeException naming the first faulty line
   */
  ReadSessions read(
      SignedIn coach, UUID blockId, BlockDefinition definition, List<CalendarEntry> entries) {
    Map<SessionRow, SessionDetails> changed = new LinkedHashMap<>();
    Map<String, SessionDetails> made = new LinkedHashMap<>();
    for (Read read : lines(coach, blockId, definition, entries)) {
      ImportLine line = read.line();
      if (line.outcome() == Outcome.FAULTY) {
        throw new OutOfRangeException(
            "line " + line.line(), line.title(), "a file without faults: " + line.fault());
      }
      if (line.outcome() == Outcome.NEW || line.outcome() == Outcome.CHANGED) {
        SessionDetails details = read.details().orElseThrow();
        read.own()
            .ifPresentOrElse(own -> changed.put(own, details), () -> made.put(read.key(), details));
      }
    }
    return new ReadSessions(changed, made);
  }

  /** Puts a file's sessions on the calendar, unless one was changed since it was read. */
  @Transactional
  public void importAll(SignedIn coach, UUID blockId, ReadSessions read) {
    read.changed().forEach((own, now) -> sessions.change(own.id(), own.version(), now));
    sessions.layOut(coach.clubId(), SessionSource.filesOf(blockId), read.made(), LocalDate.MIN);
  }

  /**
   * The entries of a file. Not in a transaction: a file may be long, and none of it is stored yet.
   */
  static List<CalendarEntry> parse(
      Format format, String text, ZoneId zone, BlockDefinition definition) {
    return switch (format) {
      case CSV -> CsvCalendar.read(text);
      case ICALENDAR -> ICalendar.read(text, zone, definition.start(), definition.race());
    };
  }

  private List<Read> lines(
      SignedIn coach, UUID blockId, BlockDefinition definition, List<CalendarEntry> entries) {
    LocalDate today = clubTime.today(coach.clubId());
    Map<String, SessionRow> present = new HashMap<>();
    sessions
        .madeBy(SessionSource.filesOf(blockId))
        .forEach(row -> present.put(row.source().orElseThrow().key(), row));
    Map<String, Integer> seen = new HashMap<>();
    List<Read> all = new ArrayList<>();
    for (CalendarEntry entry : entries) {
      all.add(read(coach, definition, entry, present, seen, today));
    }
    return all;
  }

  private Read read(
      SignedIn coach,
      BlockDefinition definition,
      CalendarEntry entry,
      Map<String, SessionRow> present,
      Map<String, Integer> seen,
      LocalDate today) {
    if (!entry.fault().isEmpty()) {
      return faulty(entry, entry.fault());
    }
    try {
      BlockDefinition.Group group = group(definition, entry.group());
      LocalDate date = entry.startsAt().toLocalDate();
      if (!definition.toCore().holds(date)) {
        return faulty(
            entry,
            "is on "
                + date
                + ", the block is from "
                + definition.start()
                + " to "
                + definition.race());
      }
      if (date.isBefore(today)) {
        return faulty(entry, "is on " + date + ", which is over");
      }
      Optional<SessionRow> own = own(entry.id());
      String key =
          own.map(row -> "own " + row.id())
              .orElse(entry.id().isEmpty() ? group.name() + " " + entry.startsAt() : entry.id());
      Integer before = seen.putIfAbsent(key, entry.line());
      if (before != null) {
        return faulty(entry, "is the same session as line " + before);
      }
      Optional<SessionRow> row = own.or(() -> Optional.ofNullable(present.get(key)));
      SessionDetails details = details(coach, group, entry, row);
      details.check();
      ParseResult reading = Shorthand.read(details.title(), details.sport());
      return new Read(
          new ImportLine(
              entry.line(),
              entry.startsAt(),
              group.name(),
              entry.title(),
              ShorthandWriter.of(reading.outline()),
              details.kind(),
              outcome(row, details),
              ""),
          Optional.of(details),
          key,
          own);
    } catch (OutOfRangeException e) {
      return faulty(entry, e.getMessage());
    }
  }

  private Outcome outcome(Optional<SessionRow> row, SessionDetails details) {
    if (row.isEmpty()) {
      return Outcome.NEW;
    }
    if (row.get().isRemoved()) {
      return Outcome.KEPT;
    }
    if (sessions.details(row.get()).equals(details)) {
      return Outcome.SAME;
    }
    boolean isKept =
        row.get().source().filter(s -> s.made() == SessionSource.Made.IMPORT).isPresent()
            && sessions.isChangedByHand(row.get());
    return isKept ? Outcome.KEPT : Outcome.CHANGED;
  }

  private static Read faulty(CalendarEntry entry, String fault) {
    return new Read(
        new ImportLine(
            entry.line(),
            entry.startsAt(),
            entry.group(),
            entry.title(),
            "",
            null,
            Outcome.FAULTY,
            fault),
        Optional.empty(),
        "",
        Optional.empty());
  }

  private static BlockDefinition.Group group(BlockDefinition definition, String name) {
    if (name.isEmpty() && definition.groups().size() == 1) {
      return definition.groups().get(0);
    }
    return definition.groups().stream()
        .filter(g -> g.name().equalsIgnoreCase(name))
        .findFirst()
        .orElseThrow(
            () ->
                new OutOfRangeException(
                    "group",
                    name.isEmpty() ? "missing" : name,
                    definition.groups().stream()
                        .map(BlockDefinition.Group::name)
                        .collect(Collectors.joining(", "))));
  }

  /** What the file says; where it is silent, what the session was, else what is usual. */
  private SessionDetails details(
      SignedIn coach, BlockDefinition.Group group, CalendarEntry entry, Optional<SessionRow> row) {
    Optional<SessionDetails> before = row.map(sessions::details);
    Sport sport =
        before
            .map(SessionDetails::sport)
            .orElseGet(
                () ->
                    group.athleteIds().stream()
                        .findFirst()
                        .map(id -> athletes.profile(athletes.row(id)).sport())
                        .orElse(Sport.RUN));
    String title = zones.writer(coach.clubId()).apply(sport, entry.title());
    ParseResult reading = BlockSessions.read("session", title, sport);
    sport = reading.outline().sport().orElse(sport);
    SessionClassification judgement = SessionClassification.of(reading.outline(), sport);
    return SessionDetailsBuilder.builder()
        .startsAt(entry.startsAt())
        .sport(sport)
        .kind(judgement.kind())
        .title(title)
        .effortMetres(judgement.effortMetres().orElse(null))
        .effortSeconds(judgement.effortSeconds().map(Integer::doubleValue).orElse(null))
        .stroke(judgement.stroke().orElse(null))
        .place(place(entry.place(), before, sport))
        .minutes(minutes(entry.minutes(), before))
        .temperature(before.map(SessionDetails::temperature).orElse(USUAL_TEMPERATURE))
        .comingFrom(before.map(SessionDetails::comingFrom).orElse(ComingFrom.DESK))
        .kit(before.map(SessionDetails::kit).orElse(null))
        .athleteIds(before.map(SessionDetails::athleteIds).orElse(group.athleteIds()))
        .laterStarts(before.map(SessionDetails::laterStarts).orElse(List.of()))
        .build();
  }

  private static int minutes(String text, Optional<SessionDetails> before) {
    if (text.isEmpty()) {
      return before.map(SessionDetails::minutes).orElse(USUAL_MINUTES);
    }
    try {
      return Integer.parseInt(text);
    } catch (NumberFormatException e) {
      throw new OutOfRangeException(
          "minutes",
          text,
          Circumstances.LEAST_MINUTES + " to " + Circumstances.MOST_MINUTES + " min");
    }
  }

  private static Place place(String text, Optional<SessionDetails> before, Sport sport) {
    if (text.isEmpty()) {
      return before.map(SessionDetails::place).orElseGet(() -> Profiles.of(sport).place());
    }
    return Arrays.stream(Place.values())
        .filter(p -> p.inWords().equalsIgnoreCase(text.strip().replace('_', ' ')))
        .findFirst()
        .orElseThrow(
            () ->
                new OutOfRangeException(
                    "place",
                    text,
                    Arrays.stream(Place.values())
                        .map(Place::inWords)
                        .collect(Collectors.joining(", "))));
  }

  private Optional<SessionRow> own(String id) {
    if (!id.endsWith(OWN_ID)) {
      return Optional.empty();
    }
    try {
      return sessions.find(UUID.fromString(id.substring(0, id.length() - OWN_ID.length())));
    } catch (IllegalArgumentException e) {
      throw new OutOfRangeException("id", id, "an id that Jubilee wrote");
    }
  }
}
