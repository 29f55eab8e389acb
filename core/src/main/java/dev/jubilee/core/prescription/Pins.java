package dev.jubilee.core.prescription;

import dev.jubilee.core.drill.Block;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.stream.Collectors;

/**
 * What the coach has fixed, by part of the warm-up. A pinned raise or build stands as a whole.
 *
 * @param raise pinned raise items; empty leaves the raise to the engine
 * @param menu pinned drills
 * @param build pinned efforts; empty leaves the build to the engine
 * @param transition pinned transition; empty leaves it to the engine
 */
record Pins(
    List<PlanItem> raise, List<PlanItem> menu, List<PlanItem> build, List<PlanItem> transition) {

  static Pins of(PrescriptionRequest request) {
    return new Pins(
        in(request, Block.RAISE),
        request.pinned().stream().filter(i -> Prescriber.isMenu(i.block())).toList(),
        in(request, Block.BUILD),
        in(request, Block.TRANSITION));
  }

  private static List<PlanItem> in(PrescriptionRequest request, Block block) {
    return request.pinned().stream().filter(i -> i.block() == block).toList();
  }

  Set<String> menuDrillIds() {
    return menu.stream().map(PlanItem::drillId).collect(Collectors.toSet());
  }

  /** The pinned item of a part, or a new one. */
  PlanItem itemOf(Benefit.Part part) {
    return menu.stream()
        .filter(i -> i.drillId().equals(part.drill().id()))
        .findFirst()
        .orElseGet(() -> item(part));
  }

  /** A new item for a drill in a dose, not locked. */
  static PlanItem item(Benefit.Part part) {
    return new PlanItem(
        "",
        part.drill().block(),
        part.drill().id(),
        part.drill().name(),
        part.dose(),
        Optional.empty(),
        0,
        "",
        0,
        "",
        false);
  }

  static int seconds(List<PlanItem> items) {
    return items.stream().mapToInt(PlanItem::seconds).sum();
  }
}
