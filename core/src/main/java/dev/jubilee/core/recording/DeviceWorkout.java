package dev.jubilee.core.recording;

import dev.jubilee.core.drill.WarmUpPart;
import dev.jubilee.core.intensity.Target;
import dev.jubilee.core.plan.Plan;
import dev.jubilee.core.plan.PlanItem;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;

/**
 * A warm-up as the steps that a watch or a bike computer counts down: drills of one part together,
 * each effort and each recovery by itself. It takes as long as the plan, to the second.
 *
 * @param steps in order, each at least a second long
 */
public record DeviceWorkout(List<Step> steps) {
  /** A shorter recovery is part of its effort, s. */
  private static final int SHORT = 10;

  public DeviceWorkout {
    steps = List.copyOf(steps);
  }

  /** What a step is. */
  public enum Kind {
    /** Easy and even: the raise. */
    EASY,
    /** Without a figure to aim at. */
    DRILLS,
    EFFORT,
    RECOVERY,
    /** From the last effort to the start. */
    WAIT
  }

  /**
   * A step.
   *
   * @param name of the drill or of the part
   * @param target what to aim at; none for drills, recoveries and the wait
   */
  public record Step(Kind kind, String name, int seconds, Optional<Target> target) {
    Step and(Step next) {
      boolean isFirst = kind == Kind.EFFORT || seconds >= next.seconds;
      Step leads = isFirst ? this : next;
      Optional<Target> common = target.equals(next.target) ? target : Optional.empty();
      return new Step(leads.kind, leads.name, seconds + next.seconds, common);
    }

    private Step longer(int more) {
      return new Step(kind, name, seconds + more, target);
    }
  }

  /**
   * A plan in no more than so many steps: where there are more, those that differ least are counted
   * as one, efforts last.
   *
   * @param most 1 or more
   */
  public static DeviceWorkout of(Plan plan, int most) {
    List<Step> steps = new ArrayList<>();
    plan.items().forEach(item -> add(steps, item));
    while (steps.size() > most) {
      int least = 0;
      for (int i = 1; i + 1 < steps.size(); i++) {
        least = lost(steps, i) < lost(steps, least) ? i : least;
      }
      steps.set(least, steps.get(least).and(steps.remove(least + 1)));
    }
    return new DeviceWorkout(steps);
  }

  private static void add(List<Step> steps, PlanItem item) {
    int work = item.dose().seconds();
    Step last = steps.isEmpty() ? null : steps.get(steps.size() - 1);
    boolean isPaced = item.target().isPresent() && item.block() != WarmUpPart.TRANSITION;
    if (!isPaced) {
      Kind kind = item.block() == WarmUpPart.TRANSITION ? Kind.WAIT : Kind.DRILLS;
      Step step = new Step(kind, item.block().title(), item.seconds(), Optional.empty());
      boolean isSame = last != null && last.kind() == kind && last.name().equals(step.name());
      if (isSame) {
        steps.set(steps.size() - 1, last.longer(step.seconds()));
      } else if (step.seconds() > 0) {
        steps.add(step);
      }
      return;
    }
    // Getting there belongs to what was before: the step begins when the effort does.
    if (last != null) {
      steps.set(steps.size() - 1, last.longer(item.changeSeconds()));
    } else {
      work += item.changeSeconds();
    }
    boolean hasRecovery = item.recovery().seconds() >= SHORT;
    work += hasRecovery ? 0 : item.recovery().seconds();
    Kind kind = item.block() == WarmUpPart.BUILD ? Kind.EFFORT : Kind.EASY;
    steps.add(new Step(kind, item.name(), Math.max(1, work), item.target()));
    if (hasRecovery) {
      steps.add(new Step(Kind.RECOVERY, "Recovery", item.recovery().seconds(), Optional.empty()));
    }
  }

  /** How much is lost where a step and the next are one. */
  private static int lost(List<Step> steps, int first) {
    Step a = steps.get(first);
    Step b = steps.get(first + 1);
    int kinds = a.kind() == b.kind() ? 0 : 20;
    int efforts = a.kind() == Kind.EFFORT ? 40 : 0;
    int next = b.kind() == Kind.EFFORT ? 400 : 0;
    return kinds + efforts + next + Math.abs(points(a) - points(b)) / 5;
  }

  private static int points(Step step) {
    return step.target().map(t -> (int) t.effort().points()).orElse(0);
  }

  /** All of it, s. */
  public int seconds() {
    return steps.stream().mapToInt(Step::seconds).sum();
  }
}
