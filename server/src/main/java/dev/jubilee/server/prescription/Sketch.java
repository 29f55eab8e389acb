package dev.jubilee.server.prescription;

import com.fasterxml.jackson.annotation.JsonInclude;
import dev.jubilee.core.circumstances.Circumstances;
import dev.jubilee.core.circumstances.Place;
import dev.jubilee.core.drill.Kit;
import dev.jubilee.core.drill.WarmUpPart;
import dev.jubilee.core.warmup.GivenItem;
import dev.jubilee.core.warmup.GivenWarmUp;
import java.util.ArrayList;
import java.util.List;
import java.util.stream.IntStream;

/**
 * What a calendar and the board of the day draw of a warm-up, stored beside the whole plan.
 *
 * @param seconds length; it ends at the session's start
 * @param steps effort over time, in order
 * @param slipped minutes by which the start is later than the session's, where it is
 * @param items in order; null where an earlier version stored it
 * @param places of its stages, the last that of the start; null likewise
 */
public record Sketch(
    int seconds,
    List<Step> steps,
    @JsonInclude(JsonInclude.Include.NON_NULL) Integer slipped,
    @JsonInclude(JsonInclude.Include.NON_NULL) List<SketchItem> items,
    @JsonInclude(JsonInclude.Include.NON_NULL) List<Place> places) {

  /** Effort, 0 to 100, for so many seconds. */
  public record Step(int seconds, int effort) {}

  /**
   * One line of the plan.
   *
   * @param before seconds before the start at which it begins
   * @param stage its place among {@link Sketch#places}
   */
  public record SketchItem(
      String id,
      WarmUpPart block,
      int before,
      int seconds,
      @JsonInclude(JsonInclude.Include.NON_EMPTY) List<Kit> kit,
      int stage) {
    public SketchItem {
      kit = kit == null ? List.of() : kit;
    }
  }

  static Sketch of(GivenWarmUp warmUp, Circumstances circumstances) {
    List<Step> steps = new ArrayList<>();
    for (GivenItem given : warmUp.items()) {
      add(steps, given.item().changeSeconds(), 0);
      add(steps, given.item().dose().seconds(), given.effort());
      add(steps, given.item().recovery().seconds(), GivenItem.RECOVERY_EFFORT);
    }
    int slipped = circumstances.slipped();
    return new Sketch(
        warmUp.seconds(),
        steps,
        slipped == 0 ? null : slipped,
        items(warmUp),
        IntStream.rangeClosed(0, circumstances.lastStage())
            .mapToObj(stage -> circumstances.at(stage).place())
            .toList());
  }

  /** The items of a plan. */
  static List<SketchItem> items(GivenWarmUp warmUp) {
    return warmUp.items().stream()
        .map(
            i ->
                new SketchItem(
                    i.item().id(),
                    i.item().block(),
                    i.startsBefore(),
                    i.item().seconds(),
                    i.howTo().kit(),
                    i.item().stage()))
        .toList();
  }

  private static void add(List<Step> steps, int seconds, int effort) {
    if (seconds > 0) {
      steps.add(new Step(seconds, effort));
    }
  }
}
