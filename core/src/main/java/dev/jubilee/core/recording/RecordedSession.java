package dev.jubilee.core.recording;

import dev.jubilee.core.recording.Alignment.Pair;
import dev.jubilee.core.recording.Alignment.Step;
import dev.jubilee.core.recording.Stretches.Stretch;
import io.soabase.recordbuilder.core.RecordBuilder;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.OptionalInt;

/**
 * A recording read against what was prescribed.
 *
 * @param stretches of even effort, in order
 * @param pairs of steps and stretches
 * @param length from its beginning to the end of the warm-up, s; empty where none of it was found
 * @param gap from the last graded effort to the session's first effort, s; empty where either was
 *     not found
 * @param results mean m/s or W of each effort of the session that was found, in order
 * @param inTarget by step, seconds within {@value #WITHIN} of what it asked for
 */
@RecordBuilder
public record RecordedSession(
    PlannedSteps planned,
    List<Stretch> stretches,
    List<Pair> pairs,
    OptionalInt length,
    OptionalInt gap,
    List<Double> results,
    Map<Integer, Integer> inTarget) {

  /** Paces and watts are hit when they are this close; common practice. */
  static final double WITHIN = 0.06;

  /** A recording as it is found. */
  public static RecordedSession of(PlannedSteps planned, Recording recording) {
    List<Stretch> stretches = Stretches.of(recording);
    return of(planned, recording, stretches, Alignment.of(planned.steps(), stretches));
  }

  /**
   * A recording as a coach says that it goes.
   *
   * @throws dev.jubilee.core.quantity.OutOfRangeException where that goes beyond what was recorded
   *     or prescribed
   */
  public static RecordedSession of(
      PlannedSteps planned, Recording recording, Arrangement arrangement) {
    arrangement.requireWithin(recording.seconds(), planned.steps().size());
    List<Stretch> stretches = Stretches.of(recording, arrangement.begins());
    List<Pair> pairs = new ArrayList<>();
    for (int i = 0; i < stretches.size(); i++) {
      pairs.add(new Pair(arrangement.step(i), Optional.of(i)));
    }
    return of(planned, recording, stretches, pairs);
  }

  /** The same with the stretches as they are found, and these steps; −1 for none. */
  public static RecordedSession of(
      PlannedSteps planned, Recording recording, List<Integer> stepOf) {
    return of(planned, recording, Arrangement.tied(Stretches.of(recording), stepOf));
  }

  private static RecordedSession of(
      PlannedSteps planned, Recording recording, List<Stretch> stretches, List<Pair> pairs) {
    double[] figures = recording.standing();
    Map<Integer, Integer> inTarget = new HashMap<>();
    List<Double> results = new ArrayList<>();
    OptionalInt warmUpEnds = OptionalInt.empty();
    OptionalInt buildEnds = OptionalInt.empty();
    OptionalInt begins = OptionalInt.empty();
    for (Pair pair : pairs) {
      if (pair.step().isEmpty() || pair.stretch().isEmpty()) {
        continue;
      }
      int index = pair.step().get();
      Step step = planned.steps().get(index);
      Stretch stretch = stretches.get(pair.stretch().get());
      step.figure()
          .ifPresent(f -> inTarget.merge(index, secondsAt(figures, stretch, f), Integer::sum));
      if (index < planned.warmUp()) {
        warmUpEnds = OptionalInt.of(stretch.until());
        if (step.isWork()) {
          buildEnds = OptionalInt.of(stretch.until());
        }
      } else if (step.isWork()) {
        results.add(stretch.mean());
        if (begins.isEmpty()) {
          begins = OptionalInt.of(stretch.from());
        }
      }
    }
    boolean hasGap =
        buildEnds.isPresent() && begins.isPresent() && begins.getAsInt() >= buildEnds.getAsInt();
    return RecordedSessionBuilder.builder()
        .planned(planned)
        .stretches(stretches)
        .pairs(List.copyOf(pairs))
        .length(warmUpEnds)
        .gap(
            hasGap ? OptionalInt.of(begins.getAsInt() - buildEnds.getAsInt()) : OptionalInt.empty())
        .results(List.copyOf(results))
        .inTarget(Map.copyOf(inTarget))
        .build();
  }

  private static int secondsAt(double[] figures, Stretch stretch, double asked) {
    int seconds = 0;
    for (int s = stretch.from(); s < stretch.until(); s++) {
      seconds += Math.abs(figures[s] - asked) <= WITHIN * asked ? 1 : 0;
    }
    return seconds;
  }

  /**
   * How far the session's efforts are from what was asked, as a share; nothing where none was
   * found. Far off it is another athlete's, or another session's.
   */
  public Optional<Double> off() {
    List<Double> shares = new ArrayList<>();
    for (Pair pair : pairs) {
      if (pair.step().isPresent() && pair.stretch().isPresent()) {
        Step step = planned.steps().get(pair.step().get());
        if (step.isWork() && step.figure().isPresent()) {
          shares.add(stretches.get(pair.stretch().get()).mean() / step.figure().get() - 1);
        }
      }
    }
    return shares.isEmpty()
        ? Optional.empty()
        : Optional.of(shares.stream().mapToDouble(d -> d).average().orElse(0));
  }
}
