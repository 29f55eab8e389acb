package dev.jubilee.core.learning;

import dev.jubilee.core.quantity.Bounds;
import dev.jubilee.core.quantity.OutOfRangeException;
import dev.jubilee.core.statistics.PairedRandomization;
import dev.jubilee.core.statistics.Sample;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;

/**
 * Two numbers of graded efforts tried by one athlete before comparable sessions, in pairs whose
 * order chance decides. It is answered once, when all pairs are done: looking earlier and stopping
 * when it looks good finds effects where there are none.
 *
 * @param first graded efforts of the one way, 1 to 8
 * @param second of the other
 * @param measure what tells which was better
 * @param pairs how many, 1 to {@value PairedRandomization#MOST_PAIRS}
 * @param seed of chance
 */
public record Question(int first, int second, Measure measure, int pairs, long seed) {
  private static final double SURE = 0.95;

  /** What tells which way was better. */
  public enum Measure {
    /** How ready it felt, 1 to 5; more is better. */
    FELT(true),
    /** On which effort of the session they were best; sooner is better. */
    BEST_EFFORT(false),
    /** Mean time of the session's efforts, s; less is better. */
    SECONDS(false),
    /** Mean power or speed of the session's efforts; more is better. */
    OUTPUT(true);

    private final boolean isMoreBetter;

    Measure(boolean isMoreBetter) {
      this.isMoreBetter = isMoreBetter;
    }

    public boolean isMoreBetter() {
      return isMoreBetter;
    }
  }

  /**
   * Two different numbers of graded efforts.
   *
   * @throws OutOfRangeException naming the field and what would be accepted
   */
  public Question {
    Bounds.within("first", first, 1, 8, "graded efforts");
    Bounds.within("second", second, 1, 8, "graded efforts");
    Bounds.within("pairs", pairs, 1, PairedRandomization.MOST_PAIRS, "pairs");
    if (first == second) {
      throw new OutOfRangeException("second", second, "another number than the first, " + first);
    }
  }

  /** How many sessions it takes. */
  public int turns() {
    return 2 * pairs;
  }

  /**
   * Graded efforts of a turn.
   *
   * @param number from 1
   */
  public int efforts(int number) {
    Bounds.within("turn", number, 1, turns(), "");
    boolean isFirstFirst = PairedRandomization.draw(seed, pairs).get((number - 1) / 2);
    boolean isFirstOfPair = number % 2 == 1;
    return isFirstFirst == isFirstOfPair ? first : second;
  }

  /**
   * What came out of a turn.
   *
   * @param value absent where nobody told it
   */
  public record Turn(int number, Optional<Double> value) {}

  /**
   * The answer.
   *
   * @param pairs that counted: both of their sessions were told of
   * @param mean first way less second, in the measure's own unit
   * @param interval of that
   * @param surprise how often chance alone differs as much, 0 to 1
   * @param isFound whether that is called a difference
   */
  public record Answer(
      int pairs, double mean, Sample.Interval interval, double surprise, boolean isFound) {}

  /** The answer, once every turn was taken; absent before, or where no pair counts. */
  public Optional<Answer> answer(List<Turn> taken) {
    if (taken.size() < turns()) {
      return Optional.empty();
    }
    List<Double> differences = new ArrayList<>();
    for (int pair = 0; pair < pairs; pair++) {
      Optional<Double> one = value(taken, pair, first);
      Optional<Double> other = value(taken, pair, second);
      if (one.isPresent() && other.isPresent()) {
        differences.add(one.get() - other.get());
      }
    }
    if (differences.isEmpty()) {
      return Optional.empty();
    }
    PairedRandomization trial = PairedRandomization.of(differences);
    double surprise = trial.pValue();
    return Optional.of(
        new Answer(
            differences.size(),
            trial.mean(),
            trial.interval(SURE),
            surprise,
            surprise <= PairedRandomization.SURPRISING));
  }

  private Optional<Double> value(List<Turn> taken, int pair, int efforts) {
    int one = 2 * pair + 1;
    int number = efforts(one) == efforts ? one : one + 1;
    return taken.stream().filter(t -> t.number() == number).findFirst().flatMap(Turn::value);
  }
}
