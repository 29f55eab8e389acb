package dev.jubilee.core.plan;

import dev.jubilee.core.drill.Dose;
import dev.jubilee.core.drill.Segment;
import dev.jubilee.core.drill.WarmUpPart;
import dev.jubilee.core.intensity.Target;
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
 * @param changeSeconds getting there: position, kit, hearing what comes
 * @param changeNote what that time is for
 * @param recoverySeconds after the work, before the next item
 * @param recoveryNote what to do meanwhile
 * @param lock how much of it re-fitting keeps
 */
public record PlanItem(
    String id,
    WarmUpPart block,
    String drillId,
    String name,
    Dose dose,
    Optional<Target> target,
    int changeSeconds,
    String changeNote,
    int recoverySeconds,
    String recoveryNote,
    Lock lock) {

  public int seconds() {
    return changeSeconds + dose.seconds() + recoverySeconds;
  }

  /** Everything that happens in it, second by second; the sum is {@link #seconds()}. */
  public List<Segment> segments() {
    List<Segment> segments = new ArrayList<>();
    if (changeSeconds > 0) {
      segments.add(Segment.change(changeSeconds, changeNote));
    }
    segments.addAll(dose.segments());
    if (recoverySeconds > 0) {
      segments.add(Segment.recover(recoverySeconds, recoveryNote));
    }
    return segments;
  }

  public PlanItem withDose(Dose other) {
    return new PlanItem(
        id,
        block,
        drillId,
        name,
        other,
        target,
        changeSeconds,
        changeNote,
        recoverySeconds,
        recoveryNote,
        lock);
  }

  public PlanItem withLock(Lock other) {
    return new PlanItem(
        id,
        block,
        drillId,
        name,
        dose,
        target,
        changeSeconds,
        changeNote,
        recoverySeconds,
        recoveryNote,
        other);
  }

  public PlanItem withId(String other) {
    return new PlanItem(
        other,
        block,
        drillId,
        name,
        dose,
        target,
        changeSeconds,
        changeNote,
        recoverySeconds,
        recoveryNote,
        lock);
  }

  PlanItem withChange(int seconds, String note) {
    return new PlanItem(
        id, block, drillId, name, dose, target, seconds, note, recoverySeconds, recoveryNote, lock);
  }
}
