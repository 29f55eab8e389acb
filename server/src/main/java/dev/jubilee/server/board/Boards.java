package dev.jubilee.server.board;

import dev.jubilee.core.circumstances.Place;
import dev.jubilee.core.day.Crossing;
import dev.jubilee.core.day.Crossings;
import dev.jubilee.core.day.Crossings.Held;
import dev.jubilee.core.day.Group;
import dev.jubilee.core.day.GroupBuilder;
import dev.jubilee.core.drill.Kit;
import dev.jubilee.core.drill.WarmUpPart;
import dev.jubilee.core.quantity.Bounds;
import dev.jubilee.server.athlete.Athletes;
import dev.jubilee.server.board.BoardView.BoardAthlete;
import dev.jubilee.server.board.BoardView.BoardNow;
import dev.jubilee.server.board.BoardView.BoardPart;
import dev.jubilee.server.board.BoardView.BoardSession;
import dev.jubilee.server.board.BoardView.BoardState;
import dev.jubilee.server.board.BoardView.CrossingView;
import dev.jubilee.server.board.BoardView.ShiftView;
import dev.jubilee.server.board.BoardView.StockView;
import dev.jubilee.server.club.ClubTime;
import dev.jubilee.server.prescription.Sketch;
import dev.jubilee.server.prescription.StoredWarmUps;
import dev.jubilee.server.prescription.StoredWarmUps.Drawn;
import dev.jubilee.server.session.SessionDetails;
import dev.jubilee.server.session.SessionView;
import dev.jubilee.server.session.Sessions;
import java.time.Clock;
import java.time.Instant;
import java.time.LocalDate;
import java.time.LocalDateTime;
import java.time.ZoneId;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.UUID;
import org.springframework.data.domain.Sort;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** The board of a day: every warm-up on one clock, and where they are in each other's way. */
@Service
public class Boards {
  private static final int MOST_COACHES = 20;
  private static final int MOST_OF_A_KIT = 200;

  private final Sessions sessions;
  private final StoredWarmUps warmUps;
  private final Athletes athletes;
  private final ClubTime clubTime;
  private final BoardStates states;
  private final KitStockRepository kit;
  private final Clock clock;

  Boards(
      Sessions sessions,
      StoredWarmUps warmUps,
      Athletes athletes,
      ClubTime clubTime,
      BoardStates states,
      KitStockRepository kit,
      Clock clock) {
    this.sessions = sessions;
    this.warmUps = warmUps;
    this.athletes = athletes;
    this.clubTime = clubTime;
    this.states = states;
    this.kit = kit;
    this.clock = clock;
  }

  /**
   * A day.
   *
   * @param coaches who can be somewhere, 1 to 20
   */
  @Transactional(readOnly = true)
  public BoardView of(UUID clubId, LocalDate date, int coaches) {
    Bounds.within("coaches", coaches, 1, MOST_COACHES, "coaches");
    ZoneId zone = clubTime.zone(clubId);
    Day day = day(clubId, date, zone);
    BoardNow live = states.now(clubId);
    return new BoardView(
        date,
        clock.instant().atZone(zone).toOffsetDateTime(),
        day.sessions(),
        crossings(day, date, zone, coaches, live),
        stock(),
        live);
  }

  /** Where warm-ups would be in each other's way if a session were moved. */
  @Transactional(readOnly = true)
  public List<CrossingView> ifShifted(
      UUID clubId, LocalDate date, int coaches, UUID sessionId, int minutes) {
    Bounds.within("coaches", coaches, 1, MOST_COACHES, "coaches");
    ZoneId zone = clubTime.zone(clubId);
    Day day = day(clubId, date, zone);
    List<Group> moved =
        day.groups().stream()
            .map(g -> g.id().equals(sessionId.toString()) ? g.later(60L * minutes) : g)
            .toList();
    return crossings(new Day(day.sessions(), moved), date, zone, coaches, states.now(clubId));
  }

  private record Day(List<BoardSession> sessions, List<Group> groups) {}

  private Day day(UUID clubId, LocalDate date, ZoneId zone) {
    List<SessionView> all =
        sessions.between(clubId, date, date).stream()
            .filter(s -> !s.details().doesNotTakePlace())
            .toList();
    Map<UUID, List<Drawn>> drawn = new HashMap<>();
    warmUps
        .drawn(all.stream().map(SessionView::id).toList())
        .forEach(d -> drawn.computeIfAbsent(d.sessionId(), k -> new ArrayList<>()).add(d));
    Map<UUID, String> names = athletes.names();
    List<BoardSession> board = new ArrayList<>();
    List<Group> groups = new ArrayList<>();
    for (SessionView session : all) {
      List<Drawn> own = drawn.getOrDefault(session.id(), List.of());
      board.add(session(session, own, names, zone));
      groups.add(group(session, own, zone));
    }
    return new Day(board, groups);
  }

  private static BoardSession session(
      SessionView session, List<Drawn> drawn, Map<UUID, String> names, ZoneId zone) {
    SessionDetails details = session.details();
    Map<UUID, Drawn> byAthlete = new HashMap<>();
    drawn.forEach(d -> byAthlete.put(d.athleteId(), d));
    return new BoardSession(
        session.id(),
        session.version(),
        details.title(),
        details.sport(),
        details.kind(),
        details.place(),
        details.startsAt().atZone(zone).toOffsetDateTime(),
        details.athleteIds().stream()
            .map(id -> athlete(id, names.getOrDefault(id, ""), byAthlete.get(id), details, zone))
            .toList());
  }

  private static BoardAthlete athlete(
      UUID id, String name, Drawn drawn, SessionDetails details, ZoneId zone) {
    LocalDateTime start = details.startOf(id);
    if (drawn == null) {
      return new BoardAthlete(id, name, null, start.atZone(zone).toOffsetDateTime(), 0, List.of());
    }
    Sketch sketch = drawn.sketch();
    LocalDateTime own = start.plusMinutes(sketch.slipped() == null ? 0 : sketch.slipped());
    return new BoardAthlete(
        id,
        name,
        drawn.prescriptionId(),
        own.atZone(zone).toOffsetDateTime(),
        sketch.seconds(),
        parts(sketch.items()));
  }

  /** What is done in one go is one part. */
  private static List<BoardPart> parts(List<Sketch.SketchItem> items) {
    List<BoardPart> parts = new ArrayList<>();
    for (Sketch.SketchItem item : items) {
      BoardPart last = parts.isEmpty() ? null : parts.get(parts.size() - 1);
      if (last != null && last.block() == item.block()) {
        parts.set(
            parts.size() - 1,
            new BoardPart(last.block(), last.before(), last.seconds() + item.seconds()));
      } else {
        parts.add(new BoardPart(item.block(), item.before(), item.seconds()));
      }
    }
    return parts;
  }

  private static Group group(SessionView session, List<Drawn> drawn, ZoneId zone) {
    SessionDetails details = session.details();
    long start = details.startsAt().atZone(zone).toEpochSecond();
    List<Group.Use> uses = new ArrayList<>();
    int length = 0;
    int watched = 0;
    for (Drawn one : drawn) {
      Sketch sketch = one.sketch();
      int later =
          (int)
              (details.startOf(one.athleteId()).atZone(zone).toEpochSecond()
                  - start
                  + 60L * (sketch.slipped() == null ? 0 : sketch.slipped()));
      for (Sketch.SketchItem item : sketch.items()) {
        length = Math.max(length, item.before() - later);
        if (item.block() == WarmUpPart.BUILD) {
          watched = Math.max(watched, item.before() - later);
        }
        for (Kit kit : item.kit()) {
          uses.add(
              new Group.Use(
                  placeOf(sketch, item.stage(), details.place()),
                  kit,
                  item.before() - later,
                  item.before() - item.seconds() - later));
        }
      }
    }
    return GroupBuilder.builder()
        .id(session.id().toString())
        .place(details.place())
        .start(start)
        .length(length)
        .watchedFrom(watched)
        .uses(uses)
        .isFixed(false)
        .build();
  }

  private static Place placeOf(Sketch sketch, int stage, Place otherwise) {
    return sketch.places() != null && stage < sketch.places().size()
        ? sketch.places().get(stage)
        : otherwise;
  }

  private List<CrossingView> crossings(
      Day day, LocalDate date, ZoneId zone, int coaches, BoardNow live) {
    Map<Held, Integer> stock = new HashMap<>();
    stock().forEach(s -> stock.put(new Held(s.place(), s.kit()), s.count()));
    long midnight = date.plusDays(1).atStartOfDay(zone).toEpochSecond();
    long earliest =
        Math.max(
            date.atStartOfDay(zone).toEpochSecond(),
            Math.floorDiv(clock.instant().getEpochSecond(), 60) * 60);
    List<Group> groups =
        day.groups().stream().map(g -> isBegun(g, day, live) ? fixed(g) : g).toList();
    return Crossings.of(groups, stock, coaches, earliest, midnight - 60).stream()
        .map(c -> view(c, zone))
        .toList();
  }

  /** Whoever has begun does not start at another time. */
  private static boolean isBegun(Group group, Day day, BoardNow live) {
    return day.sessions().stream()
        .filter(s -> s.id().toString().equals(group.id()))
        .flatMap(s -> s.athletes().stream())
        .anyMatch(
            a ->
                live.states().stream()
                    .filter(s -> s.begunAt() != null)
                    .map(BoardState::prescriptionId)
                    .anyMatch(id -> id.equals(a.prescriptionId())));
  }

  private static Group fixed(Group group) {
    return GroupBuilder.builder(group).isFixed(true).build();
  }

  private static CrossingView view(Crossing crossing, ZoneId zone) {
    return new CrossingView(
        crossing.kit().orElse(null),
        crossing.place().orElse(null),
        Instant.ofEpochSecond(crossing.from()).atZone(zone).toOffsetDateTime(),
        Instant.ofEpochSecond(crossing.until()).atZone(zone).toOffsetDateTime(),
        crossing.groups().stream().map(UUID::fromString).toList(),
        crossing.wanted(),
        crossing.there(),
        crossing
            .shift()
            .map(s -> new ShiftView(UUID.fromString(s.group()), s.minutes()))
            .orElse(null));
  }

  /** What the club has counted of its kit. */
  @Transactional(readOnly = true)
  public List<StockView> stock() {
    return kit.findAll(Sort.by("place", "kit")).stream()
        .map(row -> new StockView(row.place(), row.kit(), row.count()))
        .toList();
  }

  /**
   * Counts kit of a place; a count of 0 forgets it, so that there is enough again.
   *
   * @throws dev.jubilee.core.quantity.OutOfRangeException naming the count
   */
  @Transactional
  public List<StockView> count(StockView counted) {
    Bounds.within("count", counted.count(), 0, MOST_OF_A_KIT, "at once");
    KitStockRow.Key key = new KitStockRow.Key(counted.place(), counted.kit());
    if (counted.count() == 0) {
      kit.deleteById(key);
    } else {
      KitStockRow row =
          kit.findById(key).orElseGet(() -> new KitStockRow(counted.place(), counted.kit()));
      row.count(counted.count());
      kit.save(row);
    }
    kit.flush();
    return stock();
  }
}
