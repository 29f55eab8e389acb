package dev.jubilee.server.prescription;

import dev.jubilee.core.checkin.TodaysChange;
import dev.jubilee.core.decision.Checkpoint;
import dev.jubilee.core.decision.Decisions;
import dev.jubilee.core.decision.Mark;
import dev.jubilee.core.decision.Situation;
import dev.jubilee.core.drill.WarmUpPart;
import dev.jubilee.core.edit.Alternatives;
import dev.jubilee.core.edit.InHand;
import dev.jubilee.core.edit.PlanEditor;
import dev.jubilee.core.plan.Plan;
import dev.jubilee.core.plan.PlanDifference;
import dev.jubilee.core.plan.PlanItem;
import dev.jubilee.core.plan.PlanSource;
import dev.jubilee.core.warmup.GivenWarmUp;
import dev.jubilee.core.warmup.WarmUp;
import java.util.List;
import java.util.Optional;
import java.util.UUID;
import org.springframework.stereotype.Service;

/** Computes options for a warm-up before anyone decides; saves nothing. */
@Service
public class Previews {
  private final Prescriptions prescriptions;

  Previews(Prescriptions prescriptions) {
    this.prescriptions = prescriptions;
  }

  /** What could take an item's place; the best first. */
  public List<Alternatives.Alternative> alternatives(UUID id, String itemId) {
    Plan plan = prescriptions.source(id).plan();
    PlanItem item = plan.item(itemId);
    return item.block() == WarmUpPart.TRANSITION
        ? List.of()
        : Alternatives.forItem(plan, item, new PlanEditor(plan.library()));
  }

  /** What is left when minutes are lost before it begins; empty where too little is. */
  public Optional<InHand.Left> late(UUID id, int minutes) {
    return InHand.late(prescriptions.source(id), 0, minutes);
  }

  /** What may be needed when the warm-up runs. */
  public InHandPlans inHand(UUID id) {
    int revision = prescriptions.row(id).currentRevision();
    return InHandPlans.of(prescriptions.source(id), revision);
  }

  /** What a careful coach would decide about what was seen. */
  public InHandPlans.Decided decide(
      UUID id, Checkpoint checkpoint, List<Mark> earlier, List<Mark> marks) {
    Plan plan = prescriptions.source(id).plan();
    return InHandPlans.Decided.of(
        plan, Decisions.of(new Situation(plan, checkpoint, earlier), marks));
  }

  /** Whether a warm-up before the same session can have just so many graded efforts. */
  public boolean canHaveEfforts(UUID id, int efforts) {
    return WarmUp.withEfforts(prescriptions.source(id), efforts).isPresent();
  }

  /**
   * What changes lead to.
   *
   * @param together of all of them
   * @param each of each alone, in their order
   * @param after the warm-up with all of them
   */
  public record Differences(List<String> together, List<List<String>> each, GivenWarmUp after) {}

  /** What each of some changes for today would make of the plan, and all of them together. */
  public Differences differences(UUID id, List<TodaysChange> changes) {
    PlanSource before = prescriptions.source(id);
    Plan plan = before.plan();
    WarmUp all = Drafts.today(before, changes);
    return new Differences(
        PlanDifference.between(plan, all.plan()),
        changes.stream()
            .map(c -> changes.size() == 1 ? all : Drafts.today(before, List.of(c)))
            .map(after -> PlanDifference.between(plan, after.plan()))
            .toList(),
        GivenWarmUp.of(all));
  }
}
