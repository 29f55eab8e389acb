package dev.jubilee.core.drill;

import dev.jubilee.core.drill.Segment.Side;
import dev.jubilee.core.quantity.Distance;
import dev.jubilee.core.quantity.Phrase;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;

/**
 * How much of a drill. Each form knows its segments, and its time is exactly theirs: a plan's
 * minutes are the minutes it takes.
 *
 * <p>{@link #amount()} is the one figure a coach turns up or down; sides, directions and tempo
 * stay.
 */
public sealed interface Dose {
  /** Forms of a dose; a new one does not compile until each of these can be answered for it. */
  interface Visitor<T> {
    T reps(Reps of);

    T timed(Timed of);

    T lengths(Lengths of);

    T strokes(Strokes of);

    T circuit(Circuit of);

    T over(Over of);
  }

  <T> T accept(Visitor<T> visitor);

  /** Seconds to change sides inside a counted dose; common practice. */
  int SIDE_CHANGE_SECONDS = 2;

  /** Seconds to turn round at the end of a lane; common practice. */
  int TURN_SECONDS = 2;

  /** What the athlete does, second by second. */
  List<Segment> segments();

  /** As a coach writes it: {@code 10 a side, each way}, {@code 30 s a side}, {@code 2 × 20 m}. */
  Phrase words();

  /** What {@link #amount()} counts. */
  Unit unit();

  /** How much one press changes the amount: minutes by 30 s, seconds by 5, metres by 10. */
  default int step() {
    return 1;
  }

  /** How much a dose grows at a time where there is time to fill. */
  default int growth() {
    return 1;
  }

  /** A round figure near an amount, as a coach would give it, 1 or more. */
  default int rounded(double amount) {
    return Math.max(1, (int) Math.round(amount / growth()) * growth());
  }

  /** What an amount counts. */
  enum Unit {
    REPS("reps"),
    SECONDS("s"),
    LENGTHS("lengths"),
    ROUNDS("rounds"),
    METRES("m");

    private final String words;

    Unit(String words) {
      this.words = words;
    }

    public String words() {
      return words;
    }
  }

  /** The figure a coach changes: repetitions, seconds, lengths, rounds or metres. */
  int amount();

  /** The same dose with another amount, 1 or more. */
  Dose withAmount(int amount);

  /**
   * The same amount by whoever takes another time for it; what is given in seconds stays.
   *
   * @param factor of the usual time, 0.5 to 2
   */
  default Dose paced(double factor) {
    return this;
  }

  /** 1 when both sides work together, 2 when one after the other. */
  default int sides() {
    return 1;
  }

  /** Length in seconds; a form may know it without listing its segments. */
  default int seconds() {
    return segments().stream().mapToInt(Segment::seconds).sum();
  }

  /** Repetitions in all: sides and directions multiply. */
  default int totalCount() {
    return segments().stream().mapToInt(Segment::count).sum();
  }

  /**
   * Counted repetitions.
   *
   * @param count repetitions for each side and direction
   * @param sides 1 when both work together, 2 when one after the other
   * @param directions 1, or 2 for "each way"
   * @param secondsPerRep tempo, 0.2 to 12 s
   */
  record Reps(int count, int sides, int directions, double secondsPerRep) implements Dose {
    public Reps {
      require(count >= 1 && sides >= 1 && sides <= 2 && directions >= 1 && directions <= 2);
      require(secondsPerRep >= 0.2 && secondsPerRep <= 12);
    }

    @Override
    public Dose paced(double factor) {
      double tempo = Math.max(0.2, Math.min(12, factor * secondsPerRep));
      return new Reps(count, sides, directions, tempo);
    }

    @Override
    public List<Segment> segments() {
      List<Segment> segments = new ArrayList<>();
      int seconds = (int) Math.ceil(count * secondsPerRep);
      for (int side = 0; side < sides; side++) {
        if (side > 0) {
          segments.add(Segment.switchSides(SIDE_CHANGE_SECONDS));
        }
        for (int direction = 0; direction < directions; direction++) {
          String note = direction > 0 ? "other direction" : "";
          segments.add(Segment.work(seconds, sideOf(side, sides), count, note));
        }
      }
      return segments;
    }

    @Override
    public int seconds() {
      int once = (int) Math.ceil(count * secondsPerRep);
      return once * sides * directions + SIDE_CHANGE_SECONDS * (sides - 1);
    }

    @Override
    public int amount() {
      return count;
    }

    @Override
    public Reps withAmount(int amount) {
      return new Reps(amount, sides, directions, secondsPerRep);
    }

    @Override
    public Phrase words() {
      String each = directions == 2 ? " each way" : "";
      return Phrase.of(
          sides == 2
              ? count + " a side" + (each.isEmpty() ? "" : "," + each)
              : count + (each.isEmpty() ? " reps" : each));
    }

    @Override
    public Unit unit() {
      return Unit.REPS;
    }

    /** A few repetitions are turned singly. */
    @Override
    public int step() {
      return count >= 6 ? 2 : 1;
    }

    @Override
    public int growth() {
      return 2;
    }

    @Override
    public int rounded(double amount) {
      int unit = amount >= 6 ? growth() : 1;
      return Math.max(1, (int) Math.round(amount / unit) * unit);
    }

    @Override
    public <T> T accept(Visitor<T> visitor) {
      return visitor.reps(this);
    }
  }

  /**
   * On the clock. The side change falls inside the time, as coaches call it at half-time.
   *
   * @param secondsEach for each side
   * @param sides 1 or 2
   */
  record Timed(int secondsEach, int sides) implements Dose {
    public Timed {
      require(secondsEach >= 1 && sides >= 1 && sides <= 2);
    }

    @Override
    public List<Segment> segments() {
      List<Segment> segments = new ArrayList<>();
      for (int side = 0; side < sides; side++) {
        String note = side > 0 ? "change sides" : "";
        segments.add(Segment.work(secondsEach, sideOf(side, sides), 0, note));
      }
      return segments;
    }

    @Override
    public int seconds() {
      return secondsEach * sides;
    }

    @Override
    public int amount() {
      return secondsEach;
    }

    @Override
    public Timed withAmount(int amount) {
      return new Timed(amount, sides);
    }

    @Override
    public Phrase words() {
      if (sides == 2) {
        return Phrase.of(secondsEach + " s a side");
      }
      return Phrase.of(
          secondsEach >= 120
              ? secondsEach % 60 == 0
                  ? secondsEach / 60 + " min"
                  : String.format(Locale.ROOT, "%d:%02d min", secondsEach / 60, secondsEach % 60)
              : secondsEach + " s");
    }

    @Override
    public Unit unit() {
      return Unit.SECONDS;
    }

    @Override
    public int step() {
      return secondsEach >= 120 ? 30 : 5;
    }

    @Override
    public int growth() {
      return 5;
    }

    @Override
    public <T> T accept(Visitor<T> visitor) {
      return visitor.timed(this);
    }
  }

  /**
   * Travelling down a lane.
   *
   * @param lengths times down the lane (and back, if {@code thereAndBack})
   * @param oneWay length of the lane
   * @param thereAndBack whether the way back is drilled too; otherwise it is walked in its own time
   * @param metresPerSecond speed of the drill, 0.2 to 8 m/s
   */
  record Lengths(int lengths, Distance oneWay, boolean thereAndBack, double metresPerSecond)
      implements Dose {
    /** Walking back to the start of the lane; common practice. */
    private static final double WALK_BACK = 1.6;

    public Lengths {
      require(lengths >= 1 && oneWay.metres() >= 1);
      require(metresPerSecond >= 0.2 && metresPerSecond <= 8);
    }

    @Override
    public Dose paced(double factor) {
      double speed = Math.max(0.2, Math.min(8, metresPerSecond / factor));
      return new Lengths(lengths, oneWay, thereAndBack, speed);
    }

    /** The distance drilled. */
    public Distance distance() {
      Distance once = thereAndBack ? oneWay.thereAndBack() : oneWay;
      return once.times(lengths);
    }

    @Override
    public List<Segment> segments() {
      List<Segment> segments = new ArrayList<>();
      int seconds = (int) Math.ceil(oneWay.metres() / metresPerSecond);
      int back = (int) Math.ceil(oneWay.metres() / WALK_BACK);
      for (int i = 0; i < lengths; i++) {
        segments.add(Segment.work(seconds, Side.BOTH, 0, i == 0 ? "" : "again"));
        segments.add(new Segment(Segment.Kind.SWITCH, TURN_SECONDS, Side.BOTH, 0, "turn"));
        segments.add(
            thereAndBack
                ? Segment.work(seconds, Side.BOTH, 0, "back")
                : Segment.recover(back, "walk back"));
      }
      return segments;
    }

    @Override
    public int amount() {
      return lengths;
    }

    @Override
    public Lengths withAmount(int amount) {
      return new Lengths(amount, oneWay, thereAndBack, metresPerSecond);
    }

    @Override
    public Phrase words() {
      return Phrase.of(
          lengths + " × {0}" + (thereAndBack ? " and back" : ", walk back"), Phrase.length(oneWay));
    }

    @Override
    public Unit unit() {
      return Unit.LENGTHS;
    }

    /** The same drilled distance, at least, in a lane no longer than {@code space}. */
    public Lengths fittedTo(Distance space) {
      if (oneWay.compareTo(space) <= 0) {
        return this;
      }
      int more = (int) Math.ceil(lengths * oneWay.metres() / space.metres());
      return new Lengths(more, space, thereAndBack, metresPerSecond);
    }

    @Override
    public <T> T accept(Visitor<T> visitor) {
      return visitor.lengths(this);
    }
  }

  /**
   * Rounds of a stroke sequence, so many strokes of each part.
   *
   * @param rounds times through
   * @param parts names of the parts, in order
   * @param strokesEach strokes of each part
   * @param strokesPerMinute mean rate, 10 to 80
   */
  record Strokes(int rounds, List<String> parts, int strokesEach, int strokesPerMinute)
      implements Dose {
    public Strokes {
      parts = List.copyOf(parts);
      require(rounds >= 1 && !parts.isEmpty() && strokesEach >= 1);
      require(strokesPerMinute >= 10 && strokesPerMinute <= 80);
    }

    @Override
    public Dose paced(double factor) {
      int rate = (int) Math.max(10, Math.min(80, Math.round(strokesPerMinute / factor)));
      return new Strokes(rounds, parts, strokesEach, rate);
    }

    @Override
    public List<Segment> segments() {
      List<Segment> segments = new ArrayList<>();
      double exact = 60.0 * strokesEach / strokesPerMinute;
      double told = 0;
      for (int round = 1; round <= rounds; round++) {
        for (String part : parts) {
          // Whole seconds whose sum stays true to the rate.
          double due = told + exact;
          int seconds = (int) Math.round(due) - (int) Math.round(told);
          told = due;
          String note = rounds > 1 ? part + ", round " + round : part;
          segments.add(Segment.work(seconds, Side.BOTH, strokesEach, note));
        }
      }
      return segments;
    }

    @Override
    public int amount() {
      return rounds;
    }

    @Override
    public Strokes withAmount(int amount) {
      return new Strokes(amount, parts, strokesEach, strokesPerMinute);
    }

    @Override
    public Phrase words() {
      return Phrase.of(
          rounds
              + (rounds == 1 ? " round of " : " rounds of ")
              + (parts.size() > 1 ? parts.size() + " × " : "")
              + strokesEach
              + " strokes");
    }

    @Override
    public Unit unit() {
      return Unit.ROUNDS;
    }

    @Override
    public <T> T accept(Visitor<T> visitor) {
      return visitor.strokes(this);
    }
  }

  /**
   * Rounds of work and rest.
   *
   * @param rounds times through
   * @param workSeconds work in a round
   * @param restSeconds rest after each round, 0 or more
   */
  record Circuit(int rounds, int workSeconds, int restSeconds) implements Dose {
    public Circuit {
      require(rounds >= 1 && workSeconds >= 1 && restSeconds >= 0);
    }

    @Override
    public List<Segment> segments() {
      List<Segment> segments = new ArrayList<>();
      for (int round = 1; round <= rounds; round++) {
        String note = rounds > 1 ? "round " + round + " of " + rounds : "";
        segments.add(Segment.work(workSeconds, Side.BOTH, 0, note));
        if (restSeconds > 0) {
          segments.add(Segment.recover(restSeconds, "easy"));
        }
      }
      return segments;
    }

    @Override
    public int seconds() {
      return rounds * (workSeconds + restSeconds);
    }

    @Override
    public int amount() {
      return rounds;
    }

    @Override
    public Circuit withAmount(int amount) {
      return new Circuit(amount, workSeconds, restSeconds);
    }

    @Override
    public Phrase words() {
      return Phrase.of(
          rounds
              + " × "
              + workSeconds
              + " s"
              + (restSeconds > 0 ? " / " + restSeconds + " s" : ""));
    }

    @Override
    public Unit unit() {
      return Unit.ROUNDS;
    }

    @Override
    public <T> T accept(Visitor<T> visitor) {
      return visitor.circuit(this);
    }
  }

  /**
   * A distance covered at a given speed, as in build-ups.
   *
   * @param distance the effort's length
   * @param metresPerSecond mean speed, above 0
   */
  record Over(Distance distance, double metresPerSecond) implements Dose {
    public Over {
      require(distance.metres() >= 1 && metresPerSecond > 0);
    }

    @Override
    public List<Segment> segments() {
      int seconds = (int) Math.ceil(distance.metres() / metresPerSecond);
      return List.of(Segment.work(seconds, Side.BOTH, 0, ""));
    }

    @Override
    public int amount() {
      return (int) Math.round(distance.metres());
    }

    @Override
    public Over withAmount(int amount) {
      return new Over(Distance.ofMetres(amount), metresPerSecond);
    }

    @Override
    public Phrase words() {
      return Phrase.of("{0}", Phrase.length(distance));
    }

    @Override
    public Unit unit() {
      return Unit.METRES;
    }

    @Override
    public int step() {
      return 10;
    }

    @Override
    public <T> T accept(Visitor<T> visitor) {
      return visitor.over(this);
    }
  }

  private static Side sideOf(int side, int sides) {
    return sides == 1 ? Side.BOTH : side == 0 ? Side.LEFT : Side.RIGHT;
  }

  private static void require(boolean sane) {
    if (!sane) {
      throw new IllegalArgumentException("dose outside its documented range");
    }
  }
}
