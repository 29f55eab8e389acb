package dev.jubilee.core.drill;

import java.util.Locale;

/** Doses as a coach writes them. */
public final class DoseWords {
  private DoseWords() {}

  /** Such as {@code 10 a side, each way}, {@code 30 s a side}, {@code 2 × 20 m and back}. */
  public static String of(Dose dose) {
    if (dose instanceof Dose.Reps reps) {
      return reps.count()
          + (reps.sides() == 2 ? " a side" : reps.directions() == 2 ? "" : " reps")
          + (reps.directions() == 2 ? (reps.sides() == 2 ? ", each way" : " each way") : "");
    } else if (dose instanceof Dose.Timed timed) {
      return time(timed.secondsEach(), timed.sides() == 2) + (timed.sides() == 2 ? " a side" : "");
    } else if (dose instanceof Dose.Lengths lengths) {
      return lengths.lengths()
          + " × "
          + metres(lengths.oneWay().metres())
          + (lengths.thereAndBack() ? " and back" : ", walk back");
    } else if (dose instanceof Dose.Strokes strokes) {
      return strokes.rounds()
          + (strokes.rounds() == 1 ? " round" : " rounds")
          + (strokes.parts().size() > 1
              ? " of " + strokes.parts().size() + " × " + strokes.strokesEach() + " strokes"
              : " of " + strokes.strokesEach() + " strokes");
    } else if (dose instanceof Dose.Circuit circuit) {
      return circuit.rounds()
          + " × "
          + circuit.workSeconds()
          + " s"
          + (circuit.restSeconds() > 0 ? " / " + circuit.restSeconds() + " s" : "");
    } else {
      return metres(((Dose.Over) dose).distance().metres());
    }
  }

  /** What {@link Dose#amount()} counts. */
  public static String unit(Dose dose) {
    if (dose instanceof Dose.Reps) {
      return "reps";
    } else if (dose instanceof Dose.Timed) {
      return "s";
    } else if (dose instanceof Dose.Lengths) {
      return "lengths";
    } else if (dose instanceof Dose.Over) {
      return "m";
    } else {
      return "rounds";
    }
  }

  private static String time(int seconds, boolean sided) {
    if (seconds >= 120 && !sided) {
      return seconds % 60 == 0
          ? seconds / 60 + " min"
          : String.format(Locale.ROOT, "%d:%02d min", seconds / 60, seconds % 60);
    }
    return seconds + " s";
  }

  private static String metres(double metres) {
    return Math.round(metres) + " m";
  }
}
