package dev.jubilee.server.prescription;

import dev.jubilee.core.check.Finding;
import dev.jubilee.core.check.Remedy;
import dev.jubilee.core.choice.RegionRules;
import dev.jubilee.core.drill.Drill;
import dev.jubilee.core.intensity.Effort;
import dev.jubilee.core.intensity.Target;
import dev.jubilee.core.plan.DoseRange;
import dev.jubilee.core.plan.Plan;
import dev.jubilee.core.plan.PlanItem;
import dev.jubilee.core.warmup.Reason;
import dev.jubilee.core.warmup.WarmUp;
import dev.jubilee.server.prescription.PlanView.FindingView;
import dev.jubilee.server.prescription.PlanView.ItemView;
import dev.jubilee.server.prescription.PlanView.RemedyView;
import dev.jubilee.server.prescription.PlanView.SegmentView;
import dev.jubilee.server.prescription.PlanView.TargetView;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;

/** From core's plan to what people see. */
final class PlanViews {
  private static final int BETWEEN_EFFORTS = (int) Math.round(Effort.BETWEEN_EFFORTS.points());

  private PlanViews() {}

  static PlanView of(WarmUp warmUp) {
    Plan plan = warmUp.plan();
    List<ItemView> items = new ArrayList<>();
    for (int i = 0; i < plan.items().size(); i++) {
      items.add(item(plan, i, warmUp.reasons().get(i)));
    }
    return new PlanView(
        plan.seconds(),
        plan.availableSeconds(),
        (int) Math.round(plan.demand().firstEffort().points()),
        plan.contacts(),
        warmUp.why(),
        plan.anchors().basis(),
        plan.anchors().conflicts(),
        items,
        warmUp.findings().stream().map(f -> finding(f, warmUp)).toList(),
        ReadinessViews.of(warmUp));
  }

  /** An item that is none of the plan's, as it would be in its place. */
  static ItemView alone(Plan plan, PlanItem item, int startsBefore) {
    return item(plan, item, startsBefore, new Reason("", ""));
  }

  private static ItemView item(Plan plan, int index, Reason reason) {
    return item(plan, plan.items().get(index), plan.startsBefore(index), reason);
  }

  private static ItemView item(Plan plan, PlanItem item, int startsBefore, Reason reason) {
    Optional<Drill> drill = plan.drill(item);
    DoseRange range = DoseRange.of(item.dose(), drill).including(item.dose().amount());
    return new ItemView(
        item.id(),
        item.block(),
        item.drillId(),
        item.name(),
        item.dose().words(),
        item.dose().amount(),
        item.dose().unit().words(),
        range.least(),
        range.most(),
        item.dose().step(),
        startsBefore,
        item.seconds(),
        item.changeSeconds(),
        item.dose().seconds(),
        item.recovery().seconds(),
        effort(item, drill),
        BETWEEN_EFFORTS,
        item.target().map(PlanViews::target).orElse(null),
        item.lock(),
        drill
            .flatMap(plan.library()::easier)
            .filter(d -> RegionRules.allow(d, plan.request().athlete()))
            .map(PlanViews::rung)
            .orElse(null),
        drill
            .flatMap(plan.library()::harder)
            .filter(d -> RegionRules.allow(d, plan.request().athlete()))
            .map(PlanViews::rung)
            .orElse(null),
        reason.why(),
        reason.without(),
        item.segments().stream()
            .map(s -> new SegmentView(s.kind(), s.seconds(), s.side(), s.count(), s.note()))
            .toList(),
        drill.map(Drill::steps).orElse(List.of()),
        drill.map(Drill::cues).orElse(List.of()),
        drill.map(Drill::fault).orElse(""),
        drill.map(Drill::caution).orElse(""),
        drill.map(d -> d.kit().stream().sorted().toList()).orElse(List.of()),
        item.stage());
  }

  private static int effort(PlanItem item, Optional<Drill> drill) {
    return item.target()
        .map(t -> (int) Math.round(t.effort().points()))
        .orElseGet(() -> drill.map(Drill::effort).orElse(0));
  }

  private static TargetView target(Target t) {
    return new TargetView(
        t.metric(),
        t.value(),
        t.perceivedExertion(),
        t.percentOfTop(),
        t.heartLow(),
        t.heartHigh(),
        t.ratePerMinute(),
        t.spread());
  }

  private static PlanView.RungView rung(Drill drill) {
    return new PlanView.RungView(drill.id(), drill.name());
  }

  private static FindingView finding(Finding f, WarmUp warmUp) {
    return new FindingView(
        f.code().name(),
        f.severity(),
        f.itemId().orElse(null),
        f.what(),
        f.why(),
        f.evidence(),
        remedy(f.remedy()),
        warmUp.isAcknowledged(f));
  }

  private static RemedyView remedy(Remedy r) {
    return new RemedyView(r.label(), EditRequest.EditView.of(r.edit()));
  }
}
