package dev.jubilee.server.follow;

import dev.jubilee.server.prescription.PlanView;
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

  static HeartView of(PlanView plan) {
    return new HeartView(
        plan.items().stream()
            .filter(item -> item.target() != null && item.target().heartHigh() > 0)
            .map(i -> new HeartRange(i.id(), i.target().heartLow(), i.target().heartHigh()))
            .toList());
  }
}
