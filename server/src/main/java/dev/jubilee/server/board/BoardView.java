package dev.jubilee.server.board;

import dev.jubilee.core.circumstances.Place;
import dev.jubilee.core.decision.Decision;
import dev.jubilee.core.drill.Kit;
import dev.jubilee.core.drill.WarmUpPart;
import dev.jubilee.core.session.SessionKind;
import dev.jubilee.core.sport.Sport;
import dev.jubilee.server.checkin.CheckInView;
import io.swagger.v3.oas.annotations.media.Schema;
import java.time.LocalDate;
import java.time.OffsetDateTime;
import java.util.List;
import java.util.UUID;

/**
 * A day on one clock.
 *
 * @param now when it was read, where the club is
 * @param crossings where warm-ups are in each other's way
 * @param stock what was counted of the kit
 */
public record BoardView(
    LocalDate date,
    OffsetDateTime now,
    List<BoardSession> sessions,
    List<CrossingView> crossings,
    List<StockView> stock,
    BoardNow live) {

  /** A session and all who warm up for it. */
  public record BoardSession(
      UUID id,
      long version,
      String title,
      Sport sport,
      SessionKind kind,
      Place place,
      OffsetDateTime startsAt,
      List<BoardAthlete> athletes) {}

  /**
   * One athlete's line.
   *
   * @param prescriptionId null while nothing is prescribed
   * @param startsAt their own first effort
   * @param seconds of the warm-up; 0 while nothing is prescribed
   */
  public record BoardAthlete(
      UUID athleteId,
      String name,
      @Schema(nullable = true) UUID prescriptionId,
      OffsetDateTime startsAt,
      int seconds,
      List<BoardPart> parts) {}

  /**
   * A part of a warm-up in one go.
   *
   * @param before seconds before the start at which it begins
   */
  public record BoardPart(WarmUpPart block, int before, int seconds) {}

  /**
   * Something that is wanted more often than it is there.
   *
   * @param kit what; null where it is the coach
   * @param place of the kit; null where it is the coach
   * @param sessionIds who wants it, in the order of their starts
   * @param shift the smallest that clears it; null where none within the day does
   */
  public record CrossingView(
      @Schema(nullable = true) Kit kit,
      @Schema(nullable = true) Place place,
      OffsetDateTime from,
      OffsetDateTime until,
      List<UUID> sessionIds,
      int wanted,
      int there,
      @Schema(nullable = true) ShiftView shift) {}

  /** A session that starts earlier or later. */
  public record ShiftView(UUID sessionId, int minutes) {}

  /** How many can use something of a place at once. */
  public record StockView(Place place, Kit kit, int count) {}

  /**
   * How everything stands by now.
   *
   * @param calendar changes whenever a session or a warm-up does
   */
  public record BoardNow(String calendar, List<BoardState> states) {}

  /**
   * How one warm-up stands by now.
   *
   * @param checkIn null while nobody told anything
   * @param isHeld whether it waits until the coach has spoken with the athlete
   * @param before seconds before its end that the item stands at which was begun last; null before
   *     the first
   * @param itemAt when that was begun
   * @param decided what was decided last about what was seen
   */
  public record BoardState(
      UUID prescriptionId,
      @Schema(nullable = true) CheckInView.State checkIn,
      boolean isHeld,
      @Schema(nullable = true) OffsetDateTime onWayAt,
      @Schema(nullable = true) OffsetDateTime begunAt,
      @Schema(nullable = true) Integer before,
      @Schema(nullable = true) String item,
      @Schema(nullable = true) OffsetDateTime itemAt,
      @Schema(nullable = true) OffsetDateTime endedAt,
      @Schema(nullable = true) OffsetDateTime startedAt,
      @Schema(nullable = true) Decision.Kind decided) {}
}
