package dev.jubilee.server.prescription;

import dev.jubilee.core.check.Severity;
import dev.jubilee.core.drill.Kit;
import dev.jubilee.core.drill.Segment;
import dev.jubilee.core.drill.WarmUpPart;
import dev.jubilee.core.intensity.RowingErgometer;
import dev.jubilee.core.intensity.Target;
import dev.jubilee.core.plan.Lock;
import dev.jubilee.core.plan.PlanItem;
import dev.jubilee.core.quantity.Phrase;
import dev.jubilee.core.readiness.Forecast;
import dev.jubilee.core.readiness.Verdict;
import dev.jubilee.core.sport.TargetMetric;
import dev.jubilee.core.warmup.GivenItem;
import dev.jubilee.core.warmup.GivenWarmUp;
import io.swagger.v3.oas.annotations.media.Schema;
import java.util.List;

/**
 * A computed warm-up as people see it.
 *
 * @param seconds its real length; it begins this long before the start
 * @param available seconds that were available
 * @param firstEffort how hard the session begins, 0 to 100
 * @param why what made it longer, shorter, higher or lower
 * @param basis where the athlete's figures come from
 * @param conflicts results that do not go with the others
 * @param readiness the state at the start; null in plans from before it was computed
 */
public record PlanView(
    int seconds,
    int available,
    int firstEffort,
    int contacts,
    List<String> why,
    List<Phrase> basis,
    List<String> conflicts,
    List<ItemView> items,
    List<FindingView> findings,
    @Schema(nullable = true) ReadinessView readiness) {

  /** What there is to show of a warm-up. */
  public static PlanView of(GivenWarmUp warmUp) {
    return new PlanView(
        warmUp.seconds(),
        warmUp.availableSeconds(),
        warmUp.firstEffort(),
        warmUp.contacts(),
        warmUp.why(),
        warmUp.basis(),
        warmUp.conflicts(),
        warmUp.items().stream().map(ItemView::of).toList(),
        warmUp.findings().stream().map(FindingView::of).toList(),
        warmUp.forecast().map(ReadinessView::of).orElse(null));
  }

  /**
   * One line of the plan.
   *
   * @param startsBefore seconds before the start at which it begins
   * @param step by which the amount is turned
   * @param effort 0 to 100, for drawing
   * @param recoveryEffort the same for the recovery
   * @param dose in words
   * @param amount the figure a coach turns up or down, from {@code least} to {@code most}
   * @param easier the rung below on its ladder
   * @param harder the rung above
   * @param stage where it is done, from 0; the last is where the start is
   */
  public record ItemView(
      String id,
      WarmUpPart block,
      String drillId,
      String name,
      Phrase dose,
      int amount,
      String unit,
      int least,
      int most,
      int step,
      int startsBefore,
      int seconds,
      int changeSeconds,
      int workSeconds,
      int recoverySeconds,
      int effort,
      int recoveryEffort,
      @Schema(nullable = true) TargetView target,
      Lock lock,
      @Schema(nullable = true) RungView easier,
      @Schema(nullable = true) RungView harder,
      String reason,
      String without,
      List<SegmentView> segments,
      List<String> steps,
      List<String> cues,
      String fault,
      String caution,
      List<Kit> kit,
      int stage) {

    public static ItemView of(GivenItem given) {
      PlanItem item = given.item();
      return new ItemView(
          item.id(),
          item.block(),
          item.drillId(),
          item.name(),
          item.dose().words(),
          item.dose().amount(),
          item.dose().unit().words(),
          given.range().least(),
          given.range().most(),
          item.dose().step(),
          given.startsBefore(),
          item.seconds(),
          item.changeSeconds(),
          item.dose().seconds(),
          item.recovery().seconds(),
          given.effort(),
          GivenItem.RECOVERY_EFFORT,
          item.target().map(TargetView::of).orElse(null),
          item.lock(),
          given.easier().map(RungView::of).orElse(null),
          given.harder().map(RungView::of).orElse(null),
          given.reason().why(),
          given.reason().without(),
          item.segments().stream().map(SegmentView::of).toList(),
          given.howTo().steps(),
          given.howTo().cues(),
          given.howTo().fault(),
          given.howTo().caution(),
          given.howTo().kit(),
          item.stage());
    }
  }

  /** A neighbouring version of a drill, for the one who needs it. */
  public record RungView(String drillId, String name) {
    private static RungView of(GivenItem.Version version) {
      return new RungView(version.drillId(), version.name());
    }
  }

  /**
   * What to aim at; {@code value} is m/s or W as the metric says, 0 for feel; {@code gradient} is a
   * treadmill's, %; {@code spread} is its uncertainty as a share.
   */
  public record TargetView(
      TargetMetric metric,
      double value,
      double perceivedExertion,
      int percentOfTop,
      int heartLow,
      int heartHigh,
      int ratePerMinute,
      int gradient,
      double spread) {

    public static TargetView of(Target t) {
      return new TargetView(
          t.metric(),
          t.value(),
          t.perceivedExertion(),
          t.percentOfTop(),
          t.heartLow(),
          t.heartHigh(),
          t.ratePerMinute(),
          t.gradient(),
          t.spread());
    }

    /** Seconds over 500 m on a rowing machine; null where one does not row by it. */
    @Schema(nullable = true)
    public Double getSplitSeconds() {
      return metric == TargetMetric.SPLIT ? RowingErgometer.splitSeconds(value) : null;
    }
  }

  /** A stretch to follow without a change. */
  public record SegmentView(
      Segment.Kind kind, int seconds, Segment.Side side, int count, String note) {
    public static SegmentView of(Segment s) {
      return new SegmentView(s.kind(), s.seconds(), s.side(), s.count(), s.note());
    }
  }

  /**
   * The body through warm-up and wait, for drawing, and the verdict at the start.
   *
   * @param step seconds from one figure to the next; the last is at the start
   * @param warmth muscle temperature above rest, hundredths of a °C
   * @param warmthLow the same for a body that warms slowly and cools quickly
   * @param warmthHigh the same for one that warms quickly and cools slowly
   * @param freshness 0 to 100
   * @param heart beats/min
   * @param reserve what is left of W′ or D′, 0 to 100
   */
  public record ReadinessView(
      int step,
      List<Integer> warmth,
      List<Integer> warmthLow,
      List<Integer> warmthHigh,
      List<Integer> freshness,
      List<Integer> heart,
      List<Integer> reserve,
      VerdictView verdict) {
    private static ReadinessView of(Forecast f) {
      return new ReadinessView(
          f.step(),
          f.warmth(),
          f.warmthLow(),
          f.warmthHigh(),
          f.freshness(),
          f.heart(),
          f.reserve(),
          VerdictView.of(f.verdict()));
    }
  }

  /**
   * The state at the start.
   *
   * @param warmth °C above rest, in halves
   * @param wanted °C above rest that the session wants
   * @param isWarm whether that is enough
   * @param freshness 0 to 100
   * @param isFresh whether that is enough
   * @param readyFrom s after the planned start from which the athlete is ready; null when never
   * @param readyTo s after the planned start until which they are
   */
  public record VerdictView(
      double warmth,
      double warmthLow,
      double warmthHigh,
      double wanted,
      boolean isWarm,
      int freshness,
      boolean isFresh,
      boolean isRehearsed,
      @Schema(nullable = true) Integer readyFrom,
      @Schema(nullable = true) Integer readyTo,
      List<String> sentences) {
    private static VerdictView of(Verdict v) {
      return new VerdictView(
          v.warmth(),
          v.warmthLow(),
          v.warmthHigh(),
          v.wanted(),
          v.isWarm(),
          v.freshness(),
          v.isFresh(),
          v.isRehearsed(),
          v.window().map(Verdict.Window::from).orElse(null),
          v.window().map(Verdict.Window::to).orElse(null),
          v.sentences());
    }
  }

  /** Something the coach should know. */
  public record FindingView(
      String code,
      Severity severity,
      @Schema(nullable = true) String itemId,
      String what,
      String why,
      String evidence,
      RemedyView remedy,
      boolean seen) {
    private static FindingView of(GivenWarmUp.Note n) {
      return new FindingView(
          n.code(),
          n.severity(),
          n.itemId().orElse(null),
          n.what(),
          n.why(),
          n.evidence(),
          new RemedyView(n.remedy().label(), EditRequest.EditView.of(n.remedy().edit())),
          n.isSeen());
    }
  }

  /** What one click does about a finding. */
  public record RemedyView(String label, EditRequest.EditView edit) {}
}
