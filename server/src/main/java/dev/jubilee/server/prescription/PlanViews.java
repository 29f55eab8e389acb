package dev.jubilee.server.prescription;

import dev.jubilee.core.check.Checks;
import dev.jubilee.core.check.Finding;
import dev.jubilee.core.check.Remedy;
import dev.jubilee.core.drill.Dose;
import dev.jubilee.core.drill.DoseWords;
import dev.jubilee.core.drill.Drill;
import dev.jubilee.core.drill.WarmUpPart;
import dev.jubilee.core.intensity.Target;
import dev.jubilee.core.plan.Plan;
import dev.jubilee.core.plan.PlanItem;
import dev.jubilee.core.quantity.Bounds;
import dev.jubilee.core.warmup.Reasons;
import dev.jubilee.server.prescription.PlanView.FindingView;
import dev.jubilee.server.prescription.PlanView.ItemView;
import dev.jubilee.server.prescription.PlanView.RemedyView;
import dev.jubilee.server.prescription.PlanView.SegmentView;
import dev.jubilee.server.prescription.PlanView.TargetView;
import java.time.Duration;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;

/** From core's plan to what people see. */
final class PlanViews {
  private PlanViews() {}

  static PlanView of(Plan plan) {
    List<ItemView> items = new ArrayList<>();
    for (int i = 0; i < plan.items().size(); i++) {
      items.add(item(plan, i));
    }
    List<String> why = new ArrayList<>();
    why.add(length(plan));
    why.addAll(plan.demand().why());
    return new PlanView(
        plan.seconds(),
        plan.availableSeconds(),
        (int) Math.round(plan.demand().firstEffort().points()),
        plan.contacts(),
        why,
        basis(plan),
        items,
        Checks.of(plan).stream().map(f -> finding(f, plan)).toList(),
        ReadinessViews.of(plan));
  }

  /** Where the figures come from, and results that do not go with them. */
  private static List<String> basis(Plan plan) {
    List<String> all = new ArrayList<>(plan.anchors().basis());
    for (String doubt : plan.anchors().doubts()) {
      all.add(doubt.replaceFirst("\\.$", ""));
    }
    return all;
  }

  private static String length(Plan plan) {
    String used = Bounds.clock(Duration.ofSeconds(plan.seconds()));
    int minutes = plan.request().circumstances().minutes();
    int left = plan.availableSeconds() - plan.seconds();
    if (left < 0) {
      return used + " is over the " + minutes + " min available.";
    }
    return left > 90
        ? used + " of " + minutes + " min: as long as the session deserves."
        : used + " of " + minutes + " min used.";
  }

  private static ItemView item(Plan plan, int index) {
    PlanItem item = plan.items().get(index);
    Optional<Drill> drill = plan.drill(item);
    boolean over = item.dose() instanceof Dose.Over;
    return new ItemView(
        item.id(),
        item.block(),
        item.drillId(),
        item.name(),
        DoseWords.of(item.dose()),
        item.dose().amount(),
        DoseWords.unit(item.dose()),
        over ? 10 : Math.min(item.dose().amount(), drill.map(Drill::least).orElse(1)),
        over ? 400 : Math.max(item.dose().amount(), drill.map(Drill::most).orElse(1800)),
        plan.startsBefore(index),
        item.seconds(),
        item.changeSeconds(),
        item.dose().seconds(),
        item.recoverySeconds(),
        effort(item, drill),
        item.target().map(PlanViews::target).orElse(null),
        item.lock(),
        drill.flatMap(plan.library()::easier).map(PlanViews::rung).orElse(null),
        drill.flatMap(plan.library()::harder).map(PlanViews::rung).orElse(null),
        Reasons.of(plan, item),
        item.block() == WarmUpPart.RAISE || item.block() == WarmUpPart.BUILD
            ? ""
            : Reasons.without(plan, item),
        item.segments().stream()
            .map(s -> new SegmentView(s.kind(), s.seconds(), s.side(), s.count(), s.note()))
            .toList(),
        drill.map(Drill::steps).orElse(List.of()),
        drill.map(Drill::cues).orElse(List.of()),
        drill.map(Drill::fault).orElse(""),
        drill.map(Drill::caution).orElse(""),
        drill.map(d -> d.kit().stream().sorted().toList()).orElse(List.of()));
  }

  private static int effort(PlanItem item, Optional<Drill> drill) {
    return item.target()
        .map(t -> (int) Math.round(t.effort().points()))
        .orElseGet(() -> drill.map(Drill::effort).orElse(0));
  }

  private static TargetView target(Target t) {
    return new TargetView(
        t.gauge(),
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

  private static FindingView finding(Finding f, Plan plan) {
    return new FindingView(
        f.code(),
        f.severity(),
        f.itemId().orElse(null),
        f.what(),
        f.why(),
        f.evidence(),
        remedy(f.remedy()),
        plan.request().seen().contains(f.code()));
  }

  private static RemedyView remedy(Remedy r) {
    return new RemedyView(r.action(), r.label(), r.itemId().orElse(null), r.amount());
  }
}
