package dev.jubilee.core.check;

import dev.jubilee.core.circumstances.Circumstances;
import dev.jubilee.core.demand.ReWarm;
import dev.jubilee.core.edit.Edit;
import dev.jubilee.core.plan.Plan;
import dev.jubilee.core.plan.PlanItem;
import dev.jubilee.core.plan.PrescriptionRequest;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;

/**
 * Looks at a finished plan for one kind of trouble. Each is a class of its own; {@link Checks} has
 * them in order.
 */
abstract class Check {
  private final FindingCode code;

  Check(FindingCode code) {
    this.code = code;
  }

  /** What it finds, empty when all is well; never null. */
  abstract List<Finding> examine(Plan plan);

  /** A finding of this check about the whole plan, to be acknowledged. */
  final Finding finding(String what, String why) {
    return Finding.of(code, what, why);
  }

  /** A finding that goes away with the item. */
  final Finding removable(PlanItem item, String what, String why) {
    return finding(what, why).about(item.id()).with(Remedy.remove("Take it out", item.id()));
  }

  /** Whether the athlete has just been through it: then little is left to do. */
  static boolean isRehearsed(Plan plan) {
    PrescriptionRequest request = plan.request();
    return request.circumstances().isRehearsed(request.session().sport())
        || ReWarm.isEnough(request.session(), request.circumstances());
  }

  /** Where it was to be outdoors, if it was to be anywhere: there the weather counts. */
  static Circumstances outdoors(Plan plan) {
    Circumstances all = plan.request().circumstances().asSaid();
    for (int stage = all.lastStage(); stage >= 0; stage--) {
      if (all.at(stage).place().isOutdoors()) {
        return all.at(stage);
      }
    }
    return all;
  }

  /**
   * A finding on what forbids it outdoors: where the warm-up has been moved to, and one touch that
   * moves the session there too.
   */
  final Finding forbidden(Plan plan, String what, String why) {
    Circumstances now = plan.request().circumstances();
    if (now.movedFrom().isEmpty()) {
      return finding(what, why);
    }
    if (now.place() == now.asSaid().place()) {
      return finding(what + " Warm-up out of the water.", why);
    }
    String place = now.place().words();
    return finding(what + " Warm-up moved to " + place + ".", why)
        .with(
            new Remedy(
                "Move it to " + place,
                new Edit.ChangeCircumstances(now.withMovedFrom(Optional.empty()))));
  }

  final boolean isHard(Plan plan) {
    return plan.request().session().kind().isHard();
  }

  static Optional<PlanItem> longest(List<PlanItem> items) {
    return items.stream().max(Comparator.comparingInt(PlanItem::seconds));
  }

  static double points(PlanItem item) {
    return item.target().map(t -> t.effort().points()).orElse(0.0);
  }
}
