package dev.jubilee.core.circumstances;

import dev.jubilee.core.quantity.Bounds;
import dev.jubilee.core.sport.Sport;
import java.util.Arrays;
import java.util.Optional;

/**
 * What the athlete did before the warm-up, and so brings along: some warmth, some tiredness, and
 * what need not be done again. Like everything it is measured back from the start.
 *
 * @param kind what it was
 * @param movement how they moved
 * @param hardness how hard it was at its hardest, or all along where it was steady
 * @param minutes how long it took, 1 to 360
 * @param endedBefore minutes from its end to the first effort, 3 to 360
 */
public record PriorExercise(
    Kind kind, Movement movement, Hardness hardness, int minutes, int endedBefore) {

  /** Nobody remembers more, and the body less. */
  public static final int MOST_ENTERED = 3;

  /** With what earlier stages of the same warm-up are. */
  public static final int MOST = 8;

  public PriorExercise {
    Bounds.within("minutes", minutes, 1, 360, "min");
    Bounds.within("endedBefore", endedBefore, Stage.LEAST_MINUTES, 360, "min before the start");
  }

  /** What it was. */
  public enum Kind {
    /** A warm-up, with its drills. */
    WARM_UP,
    /** A session, a heat or a race. */
    SESSION,
    /** Getting here, under one's own power. */
    JOURNEY
  }

  /** How one moved. */
  public enum Movement {
    RUNNING("running", Sport.RUN),
    RIDING("riding", Sport.RIDE),
    ROWING("rowing", Sport.ROW),
    SWIMMING("swimming", Sport.SWIM),
    WALKING("walking", null),
    DRILLS("drills on land", null);

    private final String words;
    private final Sport sport;

    Movement(String words, Sport sport) {
      this.words = words;
      this.sport = sport;
    }

    public String words() {
      return words;
    }

    /** How one moves in a sport. */
    public static Movement of(Sport sport) {
      return Arrays.stream(values()).filter(m -> m.isOf(sport)).findFirst().orElseThrow();
    }

    public boolean isOf(Sport other) {
      return Optional.ofNullable(sport).filter(s -> s == other).isPresent();
    }
  }

  /** How hard it was. */
  public enum Hardness {
    EASY(0.60, 0.45),
    STEADY(0.80, 0.50),
    HARD(0.97, 0.55),
    ALL_OUT(1, 0.55);

    private final double cost;
    private final double costOfAWarmUp;

    Hardness(double cost, double costOfAWarmUp) {
      this.cost = cost;
      this.costOfAWarmUp = costOfAWarmUp;
    }
  }

  /** Whether it went as high as a session of this sport begins, in this sport. */
  public boolean rehearses(Sport sport) {
    return kind != Kind.JOURNEY && wasHard() && movement.isOf(sport);
  }

  /** What it was, as a phrase: "a warm-up of 25 min". */
  public String words() {
    String length = minutes + " min of ";
    return switch (kind) {
      case WARM_UP -> "a warm-up of " + minutes + " min";
      case SESSION -> length + (isAllOut() ? "all-out " : "") + movement.words();
      case JOURNEY -> length + movement.words() + " here";
    };
  }

  /** Whether it left nothing in reserve. */
  public boolean isAllOut() {
    return hardness == Hardness.ALL_OUT && kind != Kind.WARM_UP;
  }

  /** Whether it went as high as sessions that matter begin. */
  public boolean wasHard() {
    return hardness.compareTo(Hardness.HARD) >= 0;
  }

  /**
   * Metabolic cost as a share of that at critical intensity, over all of it; Jubilee modelling
   * choice. A warm-up has drills and rests in it, and walking is no more than easy.
   */
  public double cost() {
    if (movement == Movement.WALKING) {
      return 0.35;
    }
    return kind == Kind.WARM_UP || movement == Movement.DRILLS
        ? hardness.costOfAWarmUp
        : hardness.cost;
  }

  /** Minutes before the first effort at which it began. */
  public int beganBefore() {
    return endedBefore + minutes;
  }

  /** The same where the start is so many minutes later. */
  public PriorExercise earlierBy(int more) {
    return new PriorExercise(kind, movement, hardness, minutes, Math.min(360, endedBefore + more));
  }
}
