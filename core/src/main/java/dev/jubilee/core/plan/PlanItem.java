package dev.jubilee.core.plan;

import dev.jubilee.core.drill.Dose;
import dev.jubilee.core.drill.Drill;
import dev.jubilee.core.drill.Segment;
import dev.jubilee.core.drill.WarmUpPart;
import dev.jubilee.core.intensity.Target;
import dev.jubilee.core.quantity.OutOfRangeException;
import io.soabase.recordbuilder.core.RecordBuilder;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;

/**
 * One line of a plan: a drill in a dose, with the time to get to it and to recover from it.
 *
 * @param id key within the plan, stable through edits
 * @param block where it stands
 * @param drillId library id
 * @param name as shown
 * @param dose how much
 * @param target what to aim at, where the item has an intensity of its own
 * @param round of a circuit that is gone through again, from 1
 * @param changeSeconds getting there: position, kit, hearing what comes
 * @param changeNote what that time is for
 * @param recovery after the work, before the next item
 * @param lock how much of it re-fitting keeps
 * @param stage where it is done, from 0; the last stage is where the start is
 */
@RecordBuilder
public record PlanItem(
    String id,
    WarmUpPart block,
    String drillId,
    String name,
    Dose dose,
    Optional<Target> target,
    int round,
    int changeSeconds,
    String changeNote,
    Recovery recovery,
    Lock lock,
    int stage)
    implements PlanItemBuilder.With {

  /** A drill in a dose, with no intensity of its own; not locked, and without an id as yet. */
  public static PlanItem of(Drill drill, Dose dose) {
    return of(drill.block(), drill.id(), drill.name(), dose);
  }

  /** The same for what the library need not hold. */
  public static PlanItem of(WarmUpPart block, String drillId, String name, Dose dose) {
    return PlanItemBuilder.builder()
        .id("")
        .block(block)
        .drillId(drillId)
        .name(name)
        .dose(dose)
        .target(Optional.empty())
        .round(1)
        .changeSeconds(0)
        .changeNote("")
        .recovery(Recovery.NONE)
        .lock(Lock.NONE)
        .stage(0)
        .build();
  }

  /** An effort of its own intensity; not locked, and without an id as yet. */
  public static PlanItem of(Drill drill, Dose dose, Target target, Recovery recovery) {
    return of(drill, dose).withTarget(Optional.of(target)).withRecovery(recovery);
  }

  /**
   * The item with an id.
   *
   * @throws OutOfRangeException if there is none
   */
  static PlanItem find(List<PlanItem> items, String id) {
    return items.stream()
        .filter(i -> i.id().equals(id))
        .findFirst()
        .orElseThrow(() -> new OutOfRangeException("itemId", id, "an item of this plan"));
  }

  /** All of its time: getting there, work and recovery. */
  public int seconds() {
    return changeSeconds + dose.seconds() + recovery.seconds();
  }

  /** All of the time of several. */
  public static int seconds(List<PlanItem> items) {
    return items.stream().mapToInt(PlanItem::seconds).sum();
  }

  /** Whether it is there once more because there is time. */
  public boolean isRepeat() {
    return round > 1;
  }

  /** Everything that happens in it, second by second; the sum is {@link #seconds()}. */
  public List<Segment> segments() {
    List<Segment> segments = new ArrayList<>();
    if (changeSeconds > 0) {
      segments.add(Segment.change(changeSeconds, changeNote));
    }
    segments.addAll(dose.segments());
    if (recovery.seconds() > 0) {
      segments.add(Segment.recover(recovery.seconds(), recovery.words(dose.seconds())));
    }
    return segments;
  }
}
