package dev.jubilee.core.warmup;

import dev.jubilee.core.choice.RegionRules;
import dev.jubilee.core.drill.Drill;
import dev.jubilee.core.drill.Kit;
import dev.jubilee.core.intensity.Effort;
import dev.jubilee.core.plan.DoseRange;
import dev.jubilee.core.plan.Plan;
import dev.jubilee.core.plan.PlanItem;
import io.soabase.recordbuilder.core.RecordBuilder;
import java.util.List;
import java.util.Optional;

/**
 * One item of a prescribed warm-up, with the drill's instructions at that time.
 *
 * @param startsBefore seconds before the start at which it begins
 * @param effort of the work, 0 to 100
 * @param range what a coach may turn the dose to
 * @param easier the rung below on its ladder that the athlete may do
 * @param harder the rung above
 */
@RecordBuilder
public record GivenItem(
    PlanItem item,
    int startsBefore,
    int effort,
    DoseRange range,
    Optional<Version> easier,
    Optional<Version> harder,
    Reason reason,
    HowTo howTo) {
  /** Effort between efforts, on the scale of {@link #effort}. */
  public static final int RECOVERY_EFFORT = (int) Math.round(Effort.BETWEEN_EFFORTS.points());

  /** An easier or harder version of a drill. */
  public record Version(String drillId, String name) {
    private static Version of(Drill drill) {
      return new Version(drill.id(), drill.name());
    }
  }

  /**
   * How it is done.
   *
   * @param steps in order
   * @param cues to call out
   * @param fault a common one and what mends it
   * @param caution whom it does not suit; empty where nothing is to be said
   */
  public record HowTo(
      List<String> steps, List<String> cues, String fault, String caution, List<Kit> kit) {
    private static final HowTo UNKNOWN = new HowTo(List.of(), List.of(), "", "", List.of());

    private static HowTo of(Drill d) {
      return new HowTo(
          d.steps(), d.cues(), d.fault(), d.caution(), d.kit().stream().sorted().toList());
    }
  }

  /** An item outside the plan, placed as if it were part of it. */
  public static GivenItem alone(Plan plan, PlanItem item, int startsBefore) {
    return of(plan, item, startsBefore, new Reason("", ""));
  }

  static GivenItem of(Plan plan, PlanItem item, int startsBefore, Reason reason) {
    Optional<Drill> drill = plan.drill(item);
    return GivenItemBuilder.builder()
        .item(item)
        .startsBefore(startsBefore)
        .effort(
            item.target()
                .map(t -> (int) Math.round(t.effort().points()))
                .orElseGet(() -> drill.map(Drill::effort).orElse(0)))
        .range(DoseRange.of(item.dose(), drill).including(item.dose().amount()))
        .easier(drill.flatMap(plan.library()::easier).flatMap(d -> allowed(plan, d)))
        .harder(drill.flatMap(plan.library()::harder).flatMap(d -> allowed(plan, d)))
        .reason(reason)
        .howTo(drill.map(HowTo::of).orElse(HowTo.UNKNOWN))
        .build();
  }

  private static Optional<Version> allowed(Plan plan, Drill drill) {
    return RegionRules.allow(drill, plan.request().athlete())
        ? Optional.of(Version.of(drill))
        : Optional.empty();
  }
}
