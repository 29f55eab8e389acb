package dev.jubilee.core.plan;

import dev.jubilee.core.circumstances.Circumstances;
import dev.jubilee.core.demand.Demand;
import dev.jubilee.core.drill.Drill;
import dev.jubilee.core.drill.DrillLibrary;
import dev.jubilee.core.drill.Need;
import dev.jubilee.core.drill.WarmUpPart;
import dev.jubilee.core.intensity.Anchors;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.stream.IntStream;

/**
 * A warm-up, item after item, ending at the start.
 *
 * @param request what it was computed from
 * @param anchors the athlete's own figures
 * @param demand what the session asks for
 * @param library the drills it was chosen from
 * @param items in order
 */
public record Plan(
    PrescriptionRequest request,
    Anchors anchors,
    Demand demand,
    DrillLibrary library,
    List<PlanItem> items) {
  public Plan {
    items = List.copyOf(items);
  }

  /** Length in seconds; it starts this long before the first effort. */
  public int seconds() {
    return PlanItem.seconds(items);
  }

  public int availableSeconds() {
    return 60 * request.circumstances().minutes();
  }

  /** Of the available seconds those that the wait before the start leaves. */
  public int secondsBeforeWait() {
    return request.secondsBeforeWait();
  }

  /**
   * Seconds that there are for a part where it is done: of the minutes in one place, without the
   * wait.
   */
  public int roomFor(WarmUpPart part) {
    Circumstances all = request.circumstances();
    if (!all.isStaged()) {
      return secondsBeforeWait();
    }
    IntStream stages =
        switch (part) {
          case BUILD -> in(part).stream().limit(1).mapToInt(PlanItem::stage);
          case TRANSITION -> IntStream.of(all.lastStage());
          // After the build one is only kept warm.
          case RAISE -> IntStream.rangeClosed(0, Demand.stageOfTheBuild(request.session(), all));
          default -> IntStream.rangeClosed(0, all.lastStage());
        };
    return stages
        .mapToObj(all::at)
        .mapToInt(here -> 60 * here.minutes() - here.conditions().waitSeconds())
        .max()
        .orElse(0);
  }

  /** Seconds before the start at which item {@code index} begins. */
  public int startsBefore(int index) {
    return PlanItem.seconds(items.subList(index, items.size()));
  }

  public List<PlanItem> in(WarmUpPart block) {
    return items.stream().filter(i -> i.block() == block).toList();
  }

  public int contacts() {
    return items.stream().mapToInt(i -> drill(i).map(d -> d.contactsIn(i.dose())).orElse(0)).sum();
  }

  /** The hardest graded effort in % of top; 0 where there is none. */
  public int topPercent() {
    return in(WarmUpPart.BUILD).stream()
        .flatMap(i -> i.target().stream())
        .mapToInt(t -> t.percentOfTop())
        .max()
        .orElse(0);
  }

  /** Where and with what an item is done. */
  public Circumstances circumstancesOf(PlanItem item) {
    return request.circumstances().at(item.stage());
  }

  /** What decides whether a drill may be given in an item's place. */
  public PrescriptionRequest requestOf(PlanItem item) {
    return request.circumstances().isStaged() ? request.with(circumstancesOf(item)) : request;
  }

  /** Why some regions got more, a sentence for each reason that the drills bear out. */
  public List<String> whyRegions() {
    List<Drill> chosen =
        items.stream().filter(i -> i.block().isChosen()).flatMap(i -> drill(i).stream()).toList();
    return demand.forRegions().stream().flatMap(reason -> reason.in(chosen).stream()).toList();
  }

  /** The library's drill of an item; empty when it has left the library since. */
  public Optional<Drill> drill(PlanItem item) {
    return library.find(item.drillId());
  }

  /**
   * The item with an id.
   *
   * @throws dev.jubilee.core.quantity.OutOfRangeException if there is none
   */
  public PlanItem item(String id) {
    return PlanItem.find(items, id);
  }

  /** What serves the session's needs: all but the raise and the build. */
  List<DosedDrill> dosedDrills() {
    return items.stream()
        .filter(i -> i.block() != WarmUpPart.RAISE && i.block() != WarmUpPart.BUILD)
        .flatMap(i -> drill(i).map(d -> new DosedDrill(d, i.dose())).stream())
        .toList();
  }

  /** How well each need is served, 0 to 1. */
  public Map<Need, Double> coverage() {
    return Benefit.satisfaction(demand.needs(), dosedDrills(), request.session());
  }

  public Plan withItems(List<PlanItem> others) {
    return new Plan(
        request,
        anchors,
        demand,
        library,
        Changeovers.timed(library, others, request.circumstances().conditions().group()));
  }
}
