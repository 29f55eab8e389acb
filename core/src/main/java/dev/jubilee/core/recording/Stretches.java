package dev.jubilee.core.recording;

import java.util.ArrayList;
import java.util.List;

/** The stretches of even effort of which a recording is made. */
public final class Stretches {
  /** An effort lasts as long at least, s: strides and starts are no shorter. */
  private static final int SHORTEST = 5;

  /** Long recordings are looked at in pieces of several seconds, so many at most. */
  private static final int MOST_PIECES = 7200;

  /** Means that differ by less than this share of the highest one are one effort. */
  private static final double ALIKE = 0.06;

  private Stretches() {}

  /**
   * A stretch.
   *
   * @param from s after the beginning of the recording
   * @param until s, after {@code from}
   * @param mean m/s or W
   */
  public record Stretch(int from, int until, double mean) {
    public int seconds() {
      return until - from;
    }
  }

  /** In their order, one after another, from the first second to the last. */
  public static List<Stretch> of(Recording recording) {
    double[] signal = recording.standing();
    int piece = 1 + (signal.length - 1) / MOST_PIECES;
    double[] pieces = pieces(signal, piece);
    int shortest = Math.max(1, SHORTEST / piece);
    List<Integer> begins = ChangePoints.of(pieces, shortest, ChangePoints.penalty(pieces));
    List<Stretch> stretches = new ArrayList<>();
    for (int i = 0; i < begins.size(); i++) {
      int from = begins.get(i) * piece;
      int until =
          i + 1 < begins.size()
              ? Math.min(signal.length, begins.get(i + 1) * piece)
              : signal.length;
      stretches.add(new Stretch(from, until, mean(signal, from, until)));
    }
    return merged(signal, stretches);
  }

  /**
   * Those that begin where a coach says.
   *
   * @param begins s, in order, all within the recording
   */
  static List<Stretch> of(Recording recording, List<Integer> begins) {
    double[] signal = recording.standing();
    List<Stretch> stretches = new ArrayList<>();
    for (int i = 0; i < begins.size(); i++) {
      int from = begins.get(i);
      int until = i + 1 < begins.size() ? begins.get(i + 1) : signal.length;
      stretches.add(new Stretch(from, until, mean(signal, from, until)));
    }
    return stretches;
  }

  private static double[] pieces(double[] signal, int piece) {
    if (piece == 1) {
      return signal;
    }
    double[] pieces = new double[(signal.length + piece - 1) / piece];
    for (int i = 0; i < pieces.length; i++) {
      pieces[i] = mean(signal, i * piece, Math.min(signal.length, (i + 1) * piece));
    }
    return pieces;
  }

  private static double mean(double[] signal, int from, int until) {
    double sum = 0;
    for (int s = from; s < until; s++) {
      sum += signal[s];
    }
    return sum / Math.max(1, until - from);
  }

  private static List<Stretch> merged(double[] signal, List<Stretch> all) {
    double top = all.stream().mapToDouble(Stretch::mean).max().orElse(0);
    List<Stretch> merged = new ArrayList<>();
    for (Stretch stretch : all) {
      Stretch last = merged.isEmpty() ? null : merged.get(merged.size() - 1);
      if (last != null && Math.abs(last.mean() - stretch.mean()) < ALIKE * top) {
        int from = last.from();
        merged.set(
            merged.size() - 1,
            new Stretch(from, stretch.until(), mean(signal, from, stretch.until())));
      } else {
        merged.add(stretch);
      }
    }
    return merged;
  }
}
