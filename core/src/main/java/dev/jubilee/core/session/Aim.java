package dev.jubilee.core.session;

import dev.jubilee.core.quantity.Bounds;
import dev.jubilee.core.quantity.Distance;

/** How hard a stretch of a session is meant to be, in the words or figures a coach gives it. */
public sealed interface Aim {
  /** Ways to say it; a new one does not compile until each of these can be answered for it. */
  interface Visitor<T> {
    T feel(Feel of);

    T race(Race of);

    T thresholdPace(ThresholdPace of);

    T figure(Figure of);
  }

  <T> T accept(Visitor<T> visitor);

  /** Words on a whiteboard, from gentle to all out. */
  enum Feel implements Aim {
    EASY,
    STEADY,
    TEMPO,
    THRESHOLD,
    HARD,
    FAST,
    ALL_OUT;

    @Override
    public <T> T accept(Visitor<T> visitor) {
      return visitor.feel(this);
    }
  }

  /**
   * The speed or power of a race over a distance, as in "at 5 km pace".
   *
   * @param metres 50 to 400 000 m
   * @param plusSeconds slower (or, below 0, quicker) by so many seconds a unit of pace, −30 to 60
   */
  record Race(double metres, int plusSeconds) implements Aim {
    public Race {
      Bounds.within("race distance", metres, 50, 400_000, "m");
      Bounds.within("seconds added to the pace", plusSeconds, -30, 60, "s");
    }

    @Override
    public <T> T accept(Visitor<T> visitor) {
      return visitor.race(this);
    }
  }

  /**
   * Seconds slower than threshold pace, or quicker, as in "CSS + 5".
   *
   * @param plusSeconds a unit of the sport's pace: km, 500 m, 100 m; −30 to 60, not 0
   */
  record ThresholdPace(int plusSeconds) implements Aim {
    public ThresholdPace {
      Bounds.within("seconds added to the pace", plusSeconds, -30, 60, "s");
    }

    @Override
    public <T> T accept(Visitor<T> visitor) {
      return visitor.thresholdPace(this);
    }
  }

  /**
   * A figure, or two that bound a range.
   *
   * @param low the gentler end
   * @param high the harder end; equal to {@code low} for a single figure
   */
  record Figure(Unit unit, double low, double high) implements Aim {
    public Figure {
      Bounds.within(unit.words(), low, unit.least, unit.most, unit.sign);
      Bounds.within(unit.words(), high, unit.least, unit.most, unit.sign);
    }

    /**
     * Watts for each kilogram as watts; another figure as it is.
     *
     * @param kilograms of the body, above 0
     */
    Figure forBodyOf(int kilograms) {
      return unit == Unit.WATTS_PER_KG
          ? new Figure(Unit.WATTS, inWatts(kilograms * low), inWatts(kilograms * high))
          : this;
    }

    private static double inWatts(double power) {
      return Math.max(Unit.WATTS.least, Math.min(Unit.WATTS.most, Math.rint(power)));
    }

    /** The middle of the range. */
    public double middle() {
      return (low + high) / 2;
    }

    @Override
    public <T> T accept(Visitor<T> visitor) {
      return visitor.figure(this);
    }
  }

  /** What a figure counts, with what is accepted. */
  enum Unit {
    WATTS("power", "W", 20, 2000),
    SECONDS_PER_KM("pace", "s/km", 130, 900),
    SECONDS_PER_MILE("pace", "s/mile", 210, 1450),
    SECONDS_PER_500("split", "s/500 m", 70, 240),
    SECONDS_PER_100("pace", "s/100 m", 40, 300),
    BEATS("heart rate", "beats/min", 60, 230),
    EXERTION("perceived exertion", "of 10", 1, 10),
    PERCENT_OF_CRITICAL("share of threshold", "%", 30, 200),
    PERCENT_OF_TOP("share of top effort", "%", 20, 100),
    PERCENT_OF_MAXIMUM_HEART("share of maximum heart rate", "%", 40, 100),
    PERCENT_OF_THRESHOLD_HEART("share of threshold heart rate", "%", 40, 120),
    WATTS_PER_KG("power for each kilogram", "W/kg", 0.5, 25);

    private final String words;
    private final String sign;
    private final double least;
    private final double most;

    Unit(String words, String sign, double least, double most) {
      this.words = words;
      this.sign = sign;
      this.least = least;
      this.most = most;
    }

    public String words() {
      return words;
    }

    /** Whether a smaller figure is harder. */
    public boolean isPace() {
      return compareTo(SECONDS_PER_KM) >= 0 && compareTo(SECONDS_PER_100) <= 0;
    }

    /** Metres that a pace is given for. */
    public double metres() {
      return switch (this) {
        case SECONDS_PER_KM -> 1000;
        case SECONDS_PER_MILE -> Distance.Unit.MILE.metres();
        case SECONDS_PER_500 -> 500;
        case SECONDS_PER_100 -> 100;
        default -> throw new IllegalStateException(this + " is no pace");
      };
    }
  }
}
