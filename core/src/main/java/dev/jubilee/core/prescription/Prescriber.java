package dev.jubilee.core.prescription;

import dev.jubilee.core.athlete.AnchorFinder;
import dev.jubilee.core.drill.Block;
import dev.jubilee.core.drill.Dose;
import dev.jubilee.core.drill.Drill;
import dev.jubilee.core.drill.DrillLibrary;
import dev.jubilee.core.drill.Position;
import dev.jubilee.core.intensity.Anchors;
import dev.jubilee.core.session.Circumstances;
import dev.jubilee.core.session.Demand;
import dev.jubilee.core.session.DemandFinder;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.EnumMap;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.TreeMap;

/**
 * Computes a warm-up: inputs → anchors → demand → minutes → build, raise and drills → order → fit.
 * No stage reaches back.
 *
 * <p>Example: {@code new Prescriber(DrillLibrary.builtIn()).prescribe(request)}.
 */
public final class Prescriber {
  /** Named in every stored prescription, so that one knows what computed it. */
  public static final String ENGINE_VERSION = "1";

  /** Below this the land pulse before machine or water is left out; Jubilee modelling choice. */
  private static final int PULSE_WORTHWHILE = 12 * 60;

  /** Raise and transition that one effort must leave; Jubilee modelling choice. */
  private static final int LEAST_BEFORE_AN_EFFORT = 90;

  private static final int PULSE = 90;
  private static final String SETTLE = "settle";

  private final DrillLibrary library;

  public Prescriber(DrillLibrary library) {
    this.library = library;
  }

  /** The plan for a request; never null, and never longer than the minutes unless pins force it. */
  public Plan prescribe(PrescriptionRequest request) {
    Anchors anchors = AnchorFinder.anchors(request.athlete(), request.session().sport());
    Demand demand =
        DemandFinder.demand(request.session(), request.athlete(), anchors, request.circumstances());
    Ramp ramp = new Ramp(request, library, anchors, demand);
    Raise raise = new Raise(request, library, anchors);
    Pins pins = Pins.of(request);

    Circumstances circumstances = request.circumstances();
    Optional<Drill> mainRaise = raise.main();
    boolean onApparatus = mainRaise.filter(Changeovers::onApparatus).isPresent();
    int idealBuild = pins.build().isEmpty() ? Ramp.total(ramp.ideal()) : Pins.seconds(pins.build());
    Minutes minutes =
        Minutes.share(
            demand, idealBuild, 60 * circumstances.minutes(), circumstances.fill(), onApparatus);

    List<PlanItem> build = pins.build().isEmpty() ? items(build(ramp, minutes)) : pins.build();
    List<PlanItem> raiseItems = new ArrayList<>(pins.raise());
    if (raiseItems.isEmpty() && mainRaise.isPresent()) {
      raiseItems.addAll(raiseItems(raise, mainRaise.get(), minutes));
    }
    // What the build could not use goes to the drills.
    int menuSeconds = minutes.menu() + minutes.build() - Pins.seconds(build);
    List<Benefit.Part> menu =
        Selection.choose(instance(request, demand, pins, menuSeconds, circumstances.fill()));

    List<PlanItem> items = assemble(raiseItems, menu, pins, build, minutes.transition());
    Plan plan = new Plan(request, anchors, demand, library, numbered(items));
    return new Fitting(plan).fit();
  }

  /** The fullest build that fits its share; at the very least one effort, if the raise stays. */
  private static List<GradedEffort> build(Ramp ramp, Minutes minutes) {
    List<GradedEffort> fitting = ramp.within(minutes.build());
    boolean roomForOne = Ramp.total(ramp.least()) <= minutes.total() - LEAST_BEFORE_AN_EFFORT;
    return fitting.isEmpty() && roomForOne ? ramp.least() : fitting;
  }

  private List<PlanItem> raiseItems(Raise raise, Drill main, Minutes minutes) {
    List<PlanItem> items = new ArrayList<>();
    int seconds = minutes.raise();
    if (Changeovers.onApparatus(main)
        && minutes.total() >= PULSE_WORTHWHILE
        && minutes.menu() > 90) {
      Optional<Drill> land = raise.onLand();
      if (land.isPresent()) {
        items.add(raise.stage(land.get(), PULSE, 0));
        seconds -= PULSE;
      }
    }
    items.addAll(raise.stages(main, Math.max(30, seconds)));
    return items;
  }

  /** The athlete's rung of each ladder, and all that stands on none. */
  static List<Drill> candidates(DrillLibrary library, PrescriptionRequest request) {
    Map<String, Drill> rungs = new TreeMap<>();
    List<Drill> free = new ArrayList<>();
    for (Drill drill : library.drills()) {
      if (!isMenu(drill.block())
          || request.excluded().contains(drill.id())
          || Eligibility.against(drill, request).isPresent()) {
        continue;
      }
      if (drill.rung().isPresent()) {
        rungs.merge(drill.rung().get().ladder(), drill, (a, b) -> step(a) >= step(b) ? a : b);
      } else {
        free.add(drill);
      }
    }
    free.addAll(rungs.values());
    free.sort(Comparator.comparing(Drill::id));
    return free;
  }

  private Selection.Instance instance(
      PrescriptionRequest request, Demand demand, Pins pins, int seconds, boolean fill) {
    List<Benefit.Part> forced =
        pins.menu().stream()
            .flatMap(
                i -> library.find(i.drillId()).map(d -> new Benefit.Part(d, i.dose())).stream())
            .toList();
    Set<String> pinnedIds = pins.menuDrillIds();
    List<Drill> candidates =
        candidates(library, request).stream()
            .filter(d -> !pinnedIds.contains(d.id()))
            .map(d -> fittedToLane(d, request))
            .toList();
    Map<Block, Integer> blockSeconds = new EnumMap<>(Block.class);
    demand
        .menuSeconds()
        .forEach(
            (block, ideal) ->
                blockSeconds.put(block, fill ? Math.max(ideal * 2, 240) : ideal * 5 / 4));
    if (fill) {
      blockSeconds.put(Block.RELEASE, seconds / 5);
    }
    return new Selection.Instance(
        request.session().sport(),
        candidates,
        forced,
        demand.needs(),
        seconds,
        blockSeconds,
        demand.contacts(),
        fill ? Math.max(12, demand.drills() * 3 / 2) : demand.drills());
  }

  /** A travelling drill in a shorter lane goes more lengths. */
  private static Drill fittedToLane(Drill drill, PrescriptionRequest request) {
    if (!(drill.usual() instanceof Dose.Lengths lengths)) {
      return drill;
    }
    Dose.Lengths fitted = lengths.fittedTo(request.circumstances().place().lane());
    if (fitted.equals(lengths)) {
      return drill;
    }
    int factor = Math.max(1, fitted.lengths() / lengths.lengths());
    return new Drill(
        drill.id(),
        drill.name(),
        drill.aliases(),
        drill.rung(),
        drill.block(),
        drill.suits(),
        drill.level(),
        drill.position(),
        drill.kit(),
        drill.effort(),
        drill.serves(),
        drill.regions(),
        drill.loads(),
        drill.contacts(),
        drill.wetSafe(),
        fitted,
        drill.least(),
        drill.most() * factor,
        drill.steps(),
        drill.cues(),
        drill.fault(),
        drill.caution());
  }

  private List<PlanItem> items(List<GradedEffort> efforts) {
    List<PlanItem> items = new ArrayList<>();
    for (GradedEffort e : efforts) {
      Drill drill = library.require(e.drillId());
      items.add(
          new PlanItem(
              "",
              Block.BUILD,
              e.drillId(),
              drill.name(),
              e.dose(),
              Optional.of(e.target()),
              0,
              "",
              e.recoverySeconds(),
              e.recoveryNote(),
              false));
    }
    return items;
  }

  /**
   * On foot: raise, mobilise, activate, drills, build. With a machine or water: a pulse and the
   * drills on land, then on to it for the rest, so that it is changed to once.
   */
  private List<PlanItem> assemble(
      List<PlanItem> raise,
      List<Benefit.Part> menu,
      Pins pins,
      List<PlanItem> build,
      int transitionSeconds) {
    List<PlanItem> items = new ArrayList<>();
    List<PlanItem> landRaise = new ArrayList<>();
    List<PlanItem> apparatusRaise = new ArrayList<>();
    for (PlanItem item : raise) {
      boolean on = library.find(item.drillId()).filter(Changeovers::onApparatus).isPresent();
      (on ? apparatusRaise : landRaise).add(item);
    }
    List<Benefit.Part> land = menu.stream().filter(p -> !onApparatus(p)).toList();
    List<Benefit.Part> apparatus = menu.stream().filter(Prescriber::onApparatus).toList();
    append(items, of(land, Block.RELEASE), pins, false);
    items.addAll(landRaise);
    append(items, of(land, Block.MOBILISE), pins, hasFloor(of(land, Block.ACTIVATE)));
    append(items, of(land, Block.ACTIVATE), pins, false);
    append(items, of(land, Block.DRILL), pins, false);
    append(items, of(apparatus, Block.MOBILISE), pins, false);
    items.addAll(apparatusRaise);
    append(items, of(apparatus, Block.ACTIVATE), pins, false);
    append(items, of(apparatus, Block.DRILL), pins, false);
    items.addAll(build);
    items.add(pins.transition().orElseGet(() -> settle(transitionSeconds)));
    return items;
  }

  private static boolean onApparatus(Benefit.Part part) {
    return Changeovers.onApparatus(part.drill());
  }

  private static List<Benefit.Part> of(List<Benefit.Part> parts, Block block) {
    return parts.stream().filter(p -> p.drill().block() == block).toList();
  }

  private static boolean hasFloor(List<Benefit.Part> parts) {
    return parts.stream().anyMatch(p -> p.drill().position() == Position.FLOOR);
  }

  private void append(
      List<PlanItem> items, List<Benefit.Part> parts, Pins pins, boolean floorFollows) {
    if (!parts.isEmpty()) {
      Drill last =
          items.isEmpty() ? null : library.find(items.get(items.size() - 1).drillId()).orElse(null);
      Ordering.order(parts, last, floorFollows).forEach(part -> items.add(pins.itemOf(part)));
    }
  }

  private PlanItem settle(int seconds) {
    Drill drill = library.require(SETTLE);
    return new PlanItem(
        "",
        Block.TRANSITION,
        SETTLE,
        drill.name(),
        new Dose.Timed(seconds, 1),
        Optional.empty(),
        0,
        "",
        0,
        "",
        false);
  }

  /** Gives each new item an id that no pinned one has. */
  private static List<PlanItem> numbered(List<PlanItem> items) {
    Map<String, Integer> seen = new HashMap<>();
    List<PlanItem> numbered = new ArrayList<>();
    for (PlanItem item : items) {
      if (!item.id().isEmpty()) {
        numbered.add(item);
        continue;
      }
      String id;
      do {
        int n = seen.merge(item.drillId(), 1, Integer::sum);
        id = n == 1 ? item.drillId() : item.drillId() + "-" + n;
      } while (isTaken(items, id));
      numbered.add(item.withId(id));
    }
    return numbered;
  }

  private static boolean isTaken(List<PlanItem> items, String id) {
    return items.stream().anyMatch(i -> i.id().equals(id));
  }

  static boolean isMenu(Block block) {
    return block == Block.RELEASE
        || block == Block.MOBILISE
        || block == Block.ACTIVATE
        || block == Block.DRILL;
  }

  private static int step(Drill drill) {
    return drill.rung().orElseThrow().step();
  }
}
