package dev.jubilee.server.follow;

import dev.jubilee.core.plan.PlanItem;
import java.util.List;

/** The heart rates at which items are done, where they are done by heart rate. */
public record HeartView(List<HeartRange> ranges) {

  /**
   * beats/min.
   *
   * @param low from here
   * @param high to there
   */
  public record HeartRange(String itemId, int low, int high) {}

  static HeartView of(List<PlanItem> items) {
    return new HeartView(
        items.stream()
            .flatMap(
                item ->
                    item
                        .target()
                        .filter(t -> t.heartHigh() > 0)
                        .map(t -> new HeartRange(item.id(), t.heartLow(), t.heartHigh()))
                        .stream())
            .toList());
  }
}
