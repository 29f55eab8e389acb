package dev.jubilee.core.recording;

import dev.jubilee.core.quantity.Bounds;
import dev.jubilee.core.quantity.OutOfRangeException;
import java.util.List;
import java.util.Optional;

/**
 * How a coach says that a recording goes, where what was found is wrong.
 *
 * @param begins where each stretch begins, s; the first at 0, each after the one before
 * @param stepOf by stretch the index of the step that it was; −1 for none
 */
public record Arrangement(List<Integer> begins, List<Integer> stepOf) {
  private static final int MOST = 2000;

  /**
   * @throws OutOfRangeException naming the stretch and what would be accepted
   */
  public Arrangement {
    begins = List.copyOf(begins);
    stepOf = List.copyOf(stepOf);
    Bounds.within("begins", begins.size(), 1, MOST, "stretches");
    if (stepOf.size() != begins.size()) {
      throw new OutOfRangeException(
          "stepOf", stepOf.size() + " stretches", begins.size() + " stretches");
    }
    for (int i = 0; i < begins.size(); i++) {
      boolean isInOrder = i == 0 ? begins.get(0) == 0 : begins.get(i) > begins.get(i - 1);
      if (!isInOrder) {
        throw new OutOfRangeException(
            "begins[" + i + "]",
            begins.get(i),
            i == 0 ? "0" : "a second after " + begins.get(i - 1));
      }
    }
  }

  /** The stretches as they were found, tied otherwise. */
  static Arrangement tied(List<Stretches.Stretch> found, List<Integer> stepOf) {
    return new Arrangement(found.stream().map(Stretches.Stretch::from).toList(), stepOf);
  }

  /**
   * @throws OutOfRangeException where it goes beyond what was recorded or prescribed
   */
  void requireWithin(int seconds, int steps) {
    int last = begins.size() - 1;
    if (begins.get(last) >= seconds) {
      throw new OutOfRangeException(
          "begins[" + last + "]", begins.get(last), "a second of the recording, up to " + seconds);
    }
    for (int i = 0; i < stepOf.size(); i++) {
      if (stepOf.get(i) < -1 || stepOf.get(i) >= steps) {
        throw new OutOfRangeException(
            "stepOf[" + i + "]", stepOf.get(i), "−1, or a step up to " + (steps - 1));
      }
    }
  }

  /** The step of a stretch, if it was one. */
  Optional<Integer> step(int stretch) {
    return Optional.of(stepOf.get(stretch)).filter(s -> s >= 0);
  }
}
