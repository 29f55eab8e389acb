package dev.jubilee.server.board;

import dev.jubilee.core.logbook.Standing;
import dev.jubilee.core.logbook.Standing.Since;
import dev.jubilee.server.board.BoardView.BoardNow;
import dev.jubilee.server.board.BoardView.BoardState;
import dev.jubilee.server.checkin.CheckInView;
import dev.jubilee.server.checkin.StoredCheckIns;
import dev.jubilee.server.club.ClubTime;
import dev.jubilee.server.live.LiveSource;
import dev.jubilee.server.logbook.FollowedRecords;
import dev.jubilee.server.prescription.Sketch;
import dev.jubilee.server.prescription.StoredWarmUps;
import dev.jubilee.server.session.Sessions;
import java.time.Clock;
import java.time.Duration;
import java.time.Instant;
import java.time.LocalDateTime;
import java.time.OffsetDateTime;
import java.time.ZoneId;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.UUID;
import java.util.function.Function;
import org.springframework.stereotype.Component;
import org.springframework.transaction.annotation.Transactional;

/** How a club's warm-ups of these days stand, told live to every open board. */
@Component
class BoardStates implements LiveSource {
  static final String NAME = "board";

  /** What was told of longer ago is no longer live. */
  private static final Duration RECENT = Duration.ofHours(30);

  private static final int DAYS_BACK = 2;
  private static final int DAYS_AHEAD = 15;

  private final FollowedRecords followed;
  private final StoredCheckIns checkIns;
  private final StoredWarmUps warmUps;
  private final Sessions sessions;
  private final KitStockRepository stock;
  private final ClubTime clubTime;
  private final Clock clock;

  BoardStates(
      FollowedRecords followed,
      StoredCheckIns checkIns,
      StoredWarmUps warmUps,
      Sessions sessions,
      KitStockRepository stock,
      ClubTime clubTime,
      Clock clock) {
    this.followed = followed;
    this.checkIns = checkIns;
    this.warmUps = warmUps;
    this.sessions = sessions;
    this.stock = stock;
    this.clubTime = clubTime;
    this.clock = clock;
  }

  @Override
  public String name() {
    return NAME;
  }

  /** The id is the club's. */
  @Override
  @Transactional(readOnly = true)
  public Optional<BoardNow> state(UUID clubId, UUID id) {
    return Optional.of(now(clubId));
  }

  @Transactional(readOnly = true)
  public BoardNow now(UUID clubId) {
    ZoneId zone = clubTime.zone(clubId);
    Instant since = clock.instant().minus(RECENT);
    Map<UUID, Standing> standing = followed.changedSince(since);
    Map<UUID, CheckInView.State> told = checkIns.latestSince(since);
    Set<UUID> held = checkIns.held();
    Map<UUID, Sketch> sketches =
        warmUps.sketches(
            standing.entrySet().stream()
                .filter(one -> one.getValue().item().isPresent())
                .map(Map.Entry::getKey)
                .toList());
    Set<UUID> all = new LinkedHashSet<>(standing.keySet());
    all.addAll(told.keySet());
    List<BoardState> states =
        all.stream()
            .map(
                id ->
                    state(
                        id,
                        Optional.ofNullable(standing.get(id)),
                        told.get(id),
                        held.contains(id),
                        Optional.ofNullable(sketches.get(id)),
                        zone))
            .toList();
    return new BoardNow(calendar(zone), states);
  }

  private static BoardState state(
      UUID prescriptionId,
      Optional<Standing> now,
      CheckInView.State checkIn,
      boolean isHeld,
      Optional<Sketch> sketch,
      ZoneId zone) {
    Function<Function<Standing, Optional<Instant>>, OffsetDateTime> local =
        at -> now.flatMap(at).map(i -> i.atZone(zone).toOffsetDateTime()).orElse(null);
    String item = now.flatMap(Standing::item).map(Since::what).orElse(null);
    return new BoardState(
        prescriptionId,
        checkIn,
        isHeld,
        local.apply(Standing::onWay),
        local.apply(Standing::begun),
        sketch.flatMap(s -> before(s, item)).orElse(null),
        item,
        local.apply(s -> s.item().map(Since::at)),
        local.apply(Standing::ended),
        local.apply(Standing::started),
        now.flatMap(Standing::decided).map(Since::what).orElse(null));
  }

  private static Optional<Integer> before(Sketch sketch, String item) {
    return sketch.items() == null
        ? Optional.empty()
        : sketch.items().stream()
            .filter(i -> i.id().equals(item))
            .map(Sketch.SketchItem::before)
            .findFirst();
  }

  /** Changes with every session and every warm-up of these days. */
  private String calendar(ZoneId zone) {
    LocalDateTime now = LocalDateTime.ofInstant(clock.instant(), zone);
    LocalDateTime from = now.minusDays(DAYS_BACK);
    LocalDateTime before = now.plusDays(DAYS_AHEAD);
    return sessions.fingerprint(from, before)
        + "-"
        + warmUps.sumOfRevisions(from, before)
        + "-"
        + stock.sumOfCounts();
  }
}
