package dev.jubilee.server.prescription;

import dev.jubilee.core.decision.Decision;
import dev.jubilee.core.decision.DecisionTable;
import dev.jubilee.core.edit.InHand;
import dev.jubilee.core.edit.PlanEditor;
import dev.jubilee.core.plan.Plan;
import dev.jubilee.core.plan.PlanItem;
import dev.jubilee.core.plan.PlanSource;
import dev.jubilee.core.warmup.GivenItem;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;

/**
 * What may be needed when a warm-up runs, computed beforehand.
 *
 * @param revision of the plan that it belongs to
 * @param late what is left when minutes are lost, by where and how many
 * @param slipped what keeps warm when the start slips after the warm-up
 * @param decisions what can be decided about what is seen
 * @param looks what is seen, with the number of the decision
 */
public record InHandPlans(
    int revision,
    List<Rungs> rungs,
    List<Late> late,
    List<Slipped> slipped,
    List<Decided> decisions,
    List<DecisionTable.Entry> looks) {

  /** The versions of an item one rung down and up, where there are any. */
  public record Rungs(String itemId, Optional<GivenItem> easier, Optional<GivenItem> harder) {}

  /**
   * What is left of the plan.
   *
   * @param from the item that would come next
   * @param dropped names of what is left out
   * @param shortened names of what is done for less long
   */
  public record Late(
      String from,
      int minutesLost,
      List<GivenItem> items,
      List<String> dropped,
      List<String> shortened) {}

  /** What to do until a start that comes so many minutes later. */
  public record Slipped(int minutes, List<GivenItem> items) {}

  /**
   * A decision about what was seen.
   *
   * @param seconds that it costs
   * @param items that are put in or repeated
   * @param session another one, in shorthand
   */
  public record Decided(
      Decision.Kind kind,
      Decision.Ground ground,
      String what,
      String why,
      int seconds,
      List<GivenItem> items,
      Optional<String> session) {

    static Decided of(Plan plan, Decision decision) {
      List<PlanItem> items =
          decision.answer() instanceof Decision.Add add
              ? List.of(add.item())
              : decision.answer() instanceof Decision.Repeat repeat ? repeat.items() : List.of();
      return new Decided(
          decision.answer().kind(),
          decision.ground(),
          decision.what(),
          decision.why(),
          decision.answer().seconds(),
          views(plan, items),
          decision.answer() instanceof Decision.ChangeSession change
              ? Optional.of(change.session())
              : Optional.empty());
    }
  }

  static InHandPlans of(PlanSource source, int revision) {
    Plan plan = source.plan();
    PlanEditor editor = new PlanEditor(plan.library());
    List<Rungs> rungs = new ArrayList<>();
    for (int i = 0; i < plan.items().size(); i++) {
      PlanItem item = plan.items().get(i);
      int startsBefore = plan.startsBefore(i);
      Rungs both =
          new Rungs(
              item.id(),
              InHand.easier(plan, item, editor).map(e -> GivenItem.alone(plan, e, startsBefore)),
              InHand.harder(plan, item, editor).map(h -> GivenItem.alone(plan, h, startsBefore)));
      if (both.easier().isPresent() || both.harder().isPresent()) {
        rungs.add(both);
      }
    }
    List<Late> late = new ArrayList<>();
    for (int from : InHand.partsBegin(plan)) {
      for (int lost : InHand.MINUTES_LOST) {
        InHand.late(source, from, lost).ifPresent(left -> late.add(late(plan, from, lost, left)));
      }
    }
    List<Slipped> slipped = new ArrayList<>();
    for (int minutes : InHand.MINUTES_SLIPPED) {
      InHand.topUp(source, minutes)
          .ifPresent(items -> slipped.add(new Slipped(minutes, views(plan, items))));
    }
    DecisionTable table = DecisionTable.of(plan);
    return new InHandPlans(
        revision,
        rungs,
        late,
        slipped,
        table.decisions().stream().map(d -> Decided.of(plan, d)).toList(),
        table.entries());
  }

  private static Late late(Plan plan, int from, int lost, InHand.Left left) {
    return new Late(
        plan.items().get(from).id(),
        lost,
        views(plan, left.items()),
        left.dropped(),
        left.shortened());
  }

  /** As they end at the start. */
  private static List<GivenItem> views(Plan plan, List<PlanItem> items) {
    List<GivenItem> views = new ArrayList<>();
    int before = items.stream().mapToInt(PlanItem::seconds).sum();
    for (PlanItem item : items) {
      views.add(GivenItem.alone(plan, item, before));
      before -= item.seconds();
    }
    return views;
  }
}
