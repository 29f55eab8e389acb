package dev.jubilee.server.learning;

import dev.jubilee.core.learning.WorkingRange;
import dev.jubilee.core.session.SessionKind;
import dev.jubilee.core.sport.Sport;
import dev.jubilee.server.record.RecordView;
import io.swagger.v3.oas.annotations.media.Schema;
import java.time.LocalDate;
import java.time.LocalDateTime;
import java.util.List;
import java.util.Map;
import java.util.UUID;

/**
 * What there is to know of an athlete.
 *
 * @param records how many warm-ups are on record
 * @param next the next session, with its warm-up if there is one
 * @param last the latest records, newest first
 * @param points one for each record, in the order of time
 */
public record AthletePageView(
    UUID id,
    String name,
    int records,
    @Schema(nullable = true) NextSession next,
    List<RecordView> last,
    List<TrendPoint> points,
    List<LadderView> ladders,
    List<RangeView> ranges,
    LearnedBodyView body,
    List<BestView> best) {

  /** A session that is to come. */
  public record NextSession(
      UUID sessionId,
      @Schema(nullable = true) UUID prescriptionId,
      LocalDateTime startsAt,
      Sport sport,
      SessionKind kind,
      String title) {}

  /** What is drawn of a record in a row of many. */
  public record TrendPoint(
      LocalDate day,
      Sport sport,
      SessionKind kind,
      int seconds,
      int efforts,
      @Schema(nullable = true) Integer waited,
      @Schema(nullable = true) Integer jacketOff,
      @Schema(nullable = true) Integer felt,
      @Schema(nullable = true) Integer bestEffort) {}

  /** Where they stand on a ladder; see {@link dev.jubilee.core.learning.LadderStand}. */
  public record LadderView(
      String ladder, String name, int rung, int top, LocalDate since, int times) {}

  /** What they are used to before one kind of session. */
  public record RangeView(Sport sport, SessionKind kind, int records, List<UsualView> usual) {}

  /**
   * Of one count; see {@link WorkingRange}.
   *
   * @param sureLow the median of all is not below it, as surely as {@code sure} says
   * @param sure 0 to 1
   */
  public record UsualView(
      WorkingRange.Measure measure,
      int count,
      double low,
      double median,
      double high,
      double sureLow,
      double sureHigh,
      double sure) {
    static UsualView of(WorkingRange.Measure measure, WorkingRange.Usual u) {
      return new UsualView(
          measure,
          u.count(),
          u.low(),
          u.median(),
          u.high(),
          u.sure().low(),
          u.sure().high(),
          u.sure().level());
    }
  }

  /**
   * What warm-ups have shown of their body.
   *
   * @param moments how often a jacket came off
   * @param sooner of these, how often sooner than the usual body's
   * @param jacketOff s after the beginning, the median
   * @param low of the band of 80 % of the time constant of muscle, as a share of the usual
   * @param held of the bands that were drawn before, how many held
   * @param hearts in how many warm-ups a heart was heard
   */
  public record LearnedBodyView(
      int moments,
      int sooner,
      int jacketOff,
      double low,
      double middle,
      double high,
      int held,
      int hearts,
      double heartLag,
      double heartLevel,
      List<BodyStep> steps) {}

  /** How it stood after a moment. */
  public record BodyStep(double seen, double low, double middle, double high, boolean isHeld) {}

  /**
   * On which effort of the session they were best.
   *
   * @param efforts graded efforts of the warm-up
   * @param from best effort, rounded, a standard deviation below the mean
   * @param until the same above it
   */
  public record BestView(
      Sport sport, SessionKind kind, int efforts, int sessions, int from, int until) {}

  /** Where a plan is outside of what its athlete is used to. */
  public record UsualDifference(
      WorkingRange.Measure measure, double now, double low, double median, double high, int count) {
    static UsualDifference of(WorkingRange.Difference d) {
      return new UsualDifference(
          d.measure(),
          d.now(),
          d.usual().low(),
          d.usual().median(),
          d.usual().high(),
          d.usual().count());
    }
  }

  /** A plan against what its athlete is used to; {@code now} by measure. */
  public record AgainstUsual(
      @Schema(nullable = true) RangeView range,
      List<UsualDifference> differences,
      Map<WorkingRange.Measure, Double> now) {}
}
