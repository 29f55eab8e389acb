package dev.jubilee.core.edit;

import dev.jubilee.core.choice.Eligibility;
import dev.jubilee.core.choice.LockedItems;
import dev.jubilee.core.circumstances.Circumstances;
import dev.jubilee.core.drill.Drill;
import dev.jubilee.core.drill.DrillLibrary;
import dev.jubilee.core.plan.DosedDrill;
import dev.jubilee.core.plan.Plan;
import dev.jubilee.core.plan.PlanItem;
import dev.jubilee.core.plan.PrescriptionRequest;
import dev.jubilee.core.plan.SimulatedPlan;
import dev.jubilee.core.prescription.Prescriber;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.HashSet;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.stream.IntStream;

/**
 * The drills of a warm-up under a name, to be given to other athletes: each gets their own rung,
 * dose and targets, and what they must not do is replaced or left out.
 *
 * @param entries drills in order
 */
public record Routine(List<Entry> entries) {
  public Routine {
    entries = List.copyOf(entries);
  }

  /** A drill and how much of it. */
  public record Entry(String drillId, int amount) {}

  /**
   * A plan made from a routine.
   *
   * @param simulated the plan, and what it does to the body
   * @param differences a sentence for each drill that had to be another or go
   */
  public record Applied(SimulatedPlan simulated, List<String> differences) {}

  /** The drills of a plan. */
  public static Routine of(Plan plan) {
    return new Routine(
        plan.items().stream()
            .filter(i -> i.block().isChosen() && !i.isRepeat())
            .map(i -> new Entry(i.drillId(), i.dose().amount()))
            .toList());
  }

  /** The plan's athlete and session with this routine's drills and no others. */
  public Applied applyTo(Plan plan) {
    PrescriptionRequest request = plan.request().with(List.of(), Set.of());
    DrillLibrary library = plan.library();
    List<PlanItem> locked = new ArrayList<>();
    List<String> differences = new ArrayList<>();
    Set<String> kept = new HashSet<>();
    for (Entry entry : entries) {
      Drill wanted = library.find(entry.drillId()).orElse(null);
      if (wanted == null) {
        differences.add("Left out " + entry.drillId() + ": it is no longer in the library.");
        continue;
      }
      Optional<String> against = against(wanted, request);
      Drill given = against.isEmpty() ? wanted : instead(wanted, request, library, kept);
      if (given == null) {
        differences.add("Left out " + wanted.name() + ": it " + against.get() + ".");
      } else if (kept.add(given.id())) {
        if (against.isPresent()) {
          differences.add(
              given.name() + " instead of " + wanted.name() + ": that " + against.get() + ".");
        }
        int amount = Math.max(given.least(), Math.min(given.most(), entry.amount()));
        int own = against.isEmpty() ? amount : given.usual().amount();
        PlanItem item = LockedItems.item(new DosedDrill(given, given.usual().withAmount(own)));
        locked.add(item.withStage(stageOf(given, request)));
      }
    }
    Set<String> others = new HashSet<>();
    for (Drill drill : library.drills()) {
      if (drill.block().isChosen() && !kept.contains(drill.id())) {
        others.add(drill.id());
      }
    }
    SimulatedPlan applied = new Prescriber(library).simulated(request.with(locked, others));
    List<String> present = applied.plan().items().stream().map(PlanItem::drillId).toList();
    for (PlanItem pin : locked) {
      if (!present.contains(pin.drillId())) {
        differences.add("Left out " + pin.name() + ": there is no time for it.");
      }
    }
    return new Applied(applied, differences);
  }

  /** The first of its places where a drill can be done; the last where it can be in none. */
  private static int stageOf(Drill drill, PrescriptionRequest request) {
    Circumstances all = request.circumstances();
    return IntStream.range(0, all.lastStage())
        .filter(stage -> Eligibility.against(drill, request.with(all.at(stage))).isEmpty())
        .findFirst()
        .orElse(all.lastStage());
  }

  /** What speaks against a drill wherever it would be done. */
  private static Optional<String> against(Drill drill, PrescriptionRequest request) {
    Circumstances there = request.circumstances().at(stageOf(drill, request));
    return Eligibility.against(drill, request.with(there));
  }

  /** The athlete's own rung, else what is most alike. */
  private static Drill instead(
      Drill wanted, PrescriptionRequest request, DrillLibrary library, Set<String> taken) {
    return library.in(wanted.block()).stream()
        .filter(d -> !taken.contains(d.id()))
        .filter(d -> against(d, request).isEmpty())
        .filter(d -> Alternatives.likeness(wanted, d) >= 0.5)
        .max(
            Comparator.comparingDouble((Drill d) -> Alternatives.likeness(wanted, d))
                .thenComparingInt(d -> d.rung().map(Drill.Rung::step).orElse(0))
                .thenComparing(Drill::id))
        .orElse(null);
  }
}
