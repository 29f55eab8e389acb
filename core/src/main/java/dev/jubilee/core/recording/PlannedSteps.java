package dev.jubilee.core.recording;

import dev.jubilee.core.drill.WarmUpPart;
import dev.jubilee.core.intensity.CriticalModel;
import dev.jubilee.core.intensity.Effort;
import dev.jubilee.core.plan.Plan;
import dev.jubilee.core.plan.PlanItem;
import dev.jubilee.core.recording.Alignment.Step;
import dev.jubilee.core.shorthand.Timeline;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;

/**
 * What a recording is compared with: the warm-up, drills of one part taken together as they have no
 * pace, and the session that comes after it.
 *
 * @param steps in order
 * @param names of the steps, in their order
 * @param warmUp how many of them are the warm-up's
 */
public record PlannedSteps(List<Step> steps, List<String> names, int warmUp) {
  /** A recovery that is shorter is part of its effort, s. */
  private static final int SHORT = 10;

  public PlannedSteps {
    steps = List.copyOf(steps);
    names = List.copyOf(names);
  }

  /**
   * A warm-up and what comes after it.
   *
   * @param session as it was written, laid out in time; empty where it cannot be read
   */
  public static PlannedSteps of(Plan plan, List<Timeline.Stretch> session) {
    CriticalModel model = plan.anchors().model();
    List<Step> steps = new ArrayList<>();
    List<String> names = new ArrayList<>();
    WarmUpPart open = null;
    for (PlanItem item : plan.items()) {
      boolean isPaced = item.target().isPresent() && item.block() != WarmUpPart.TRANSITION;
      if (!isPaced && item.block() == open) {
        Step last = steps.get(steps.size() - 1);
        steps.set(
            steps.size() - 1,
            new Step(last.key(), last.seconds() + item.seconds(), Optional.empty(), false));
        continue;
      }
      open = isPaced ? null : item.block();
      if (!isPaced) {
        add(steps, names, item.block().title(), item.seconds(), Optional.empty(), false);
        continue;
      }
      boolean hasRecovery = item.recovery().seconds() >= SHORT;
      int work = item.seconds() - (hasRecovery ? item.recovery().seconds() : 0);
      Optional<Double> figure = item.target().map(t -> model.intensityAt(t.effort()));
      add(steps, names, item.name(), work, figure, item.block() == WarmUpPart.BUILD);
      if (hasRecovery) {
        add(steps, names, "Recovery", item.recovery().seconds(), easy(model), false);
      }
    }
    int warmUp = steps.size();
    for (Timeline.Stretch stretch : session) {
      Optional<Double> figure =
          stretch.effort() < 10
              ? Optional.empty()
              : Optional.of(model.intensityAt(Effort.of(stretch.effort())));
      add(steps, names, stretch.words(), stretch.seconds(), figure, !stretch.isRest());
    }
    return new PlannedSteps(steps, names, warmUp);
  }

  private static Optional<Double> easy(CriticalModel model) {
    return Optional.of(model.intensityAt(Effort.BETWEEN_EFFORTS));
  }

  private static void add(
      List<Step> steps,
      List<String> names,
      String name,
      int seconds,
      Optional<Double> figure,
      boolean isWork) {
    steps.add(new Step("step-" + steps.size(), Math.max(1, seconds), figure, isWork));
    names.add(name);
  }
}
