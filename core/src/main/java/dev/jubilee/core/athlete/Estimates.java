package dev.jubilee.core.athlete;

import dev.jubilee.core.intensity.CriticalModel;
import dev.jubilee.core.intensity.RowingErgometer;
import dev.jubilee.core.intensity.RunningIndex;
import dev.jubilee.core.intensity.SportCurve;
import dev.jubilee.core.profile.Profiles;
import dev.jubilee.core.quantity.Bounds;
import dev.jubilee.core.quantity.Phrase;
import dev.jubilee.core.sport.Sport;
import dev.jubilee.core.sport.Stroke;
import java.time.Duration;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Optional;

/** From results to estimates of critical intensity, one method a kind of test. */
final class Estimates {
  private static final CriticalModel RIDING = Profiles.of(Sport.RIDE).relative();
  private static final CriticalModel ROWING = Profiles.of(Sport.ROW).relative();
  private static final CriticalModel SWIMMING = Profiles.of(Sport.SWIM).relative();

  /** Above critical speed, m/s; half as much of what lies beyond fast. */
  private static final double RUN_RESERVE = 3.2;

  private static final double FAST = 5;
  private static final double LEAST_TOP = 1.25;

  /**
   * The same for athletes of whom only sprints are known: they are sprinters, most likely; common
   * practice.
   */
  private static final double SPRINTERS = 1.25;

  /** Critical power as a share of mean 20-min power; common practice. */
  private static final double RIDE_CRITICAL_OF_20_MIN = 0.95;

  /*
   * Least plausible reserve, where two results lie almost on one line: W′ as seconds of critical
   * power, D′ in water in m. About half of the least that is reported of trained people (Jones et
   * al. 2010; from memory).
   */
  private static final double LEAST_RESERVE_SECONDS = 30;

  private static final double LEAST_SWIM_RESERVE = 15;

  /*
   * Uncertainty of each kind of test, one standard deviation as a share of critical intensity.
   * Jubilee modelling choices: two efforts of the right lengths tell most, one far from the length
   * that critical intensity can be held for tells least.
   */
  private static final double TWO_EFFORTS = 0.02;
  private static final double ONE_EFFORT = 0.03;
  private static final double FAR_OFF = 0.04;
  private static final double TOO_SHORT = 0.08;
  private static final double SPRINT_ALONE = 0.12;

  /** Below this, s, a result says little of what can be held; Jubilee modelling choice. */
  static final double SHORT = 120;

  /** How far a swimmer's own ratio of strokes may be from the usual, one standard deviation. */
  private static final double OTHER_STROKE = 0.04;

  private Estimates() {}

  /**
   * What each result of a sport says of critical intensity, in the order they were given.
   *
   * @param stroke in which a swimmer's figures are wanted
   */
  static List<Estimate> of(Athlete athlete, Sport sport, Stroke stroke) {
    List<Estimate> all = new ArrayList<>();
    for (TestResult result : athlete.results()) {
      if (result.sport() == sport) {
        of(result, stroke).ifPresent(all::add);
      }
    }
    return all;
  }

  /**
   * What one result tells; a sprint that was not timed over a distance tells nothing of critical
   * intensity.
   *
   * @param stroke in which a swimmer's figures are wanted
   */
  static Optional<Estimate> of(TestResult result, Stroke stroke) {
    return result.accept(new ByKind()).map(e -> inStroke(e, stroke));
  }

  private static Estimate inStroke(Estimate estimate, Stroke wanted) {
    Stroke swum = stroke(estimate.result());
    if (!estimate.result().sport().isInWater() || swum == wanted) {
      return estimate;
    }
    double ratio = Held.ratio(Optional.of(swum), wanted);
    return EstimateBuilder.builder(estimate)
        .model(estimate.model().slowerBy(ratio))
        .own(Math.hypot(estimate.own(), OTHER_STROKE))
        .build();
  }

  /** In which a result was swum. */
  static Stroke stroke(TestResult result) {
    Optional<Stroke> stroke =
        result instanceof TestResult.SwimRace race
            ? race.stroke()
            : result instanceof TestResult.SwimPair pair ? pair.stroke() : Optional.empty();
    return stroke.orElse(Stroke.FREESTYLE);
  }

  private static final class ByKind implements TestResult.Visitor<Optional<Estimate>> {
    @Override
    public Optional<Estimate> runRace(TestResult.RunRace race) {
      return Optional.of(isShort(race) ? ofShort(race, race.metres(), race.time()) : run(race));
    }

    @Override
    public Optional<Estimate> thresholdPower(TestResult.ThresholdPower test) {
      return Optional.of(
          rideWith(
              test,
              "threshold " + test.watts() + " W",
              test.watts(),
              "Critical power " + test.watts() + " W: the threshold power as entered"));
    }

    @Override
    public Optional<Estimate> rideTwentyMinutes(TestResult.RideTwentyMinutes test) {
      double critical = RIDE_CRITICAL_OF_20_MIN * test.watts();
      return Optional.of(
          rideWith(
              test,
              "20 min at " + test.watts() + " W",
              critical,
              String.format(
                  Locale.ROOT,
                  "Critical power %.0f W: 95 %% of %d W over 20 min (common practice)",
                  critical,
                  test.watts())));
    }

    @Override
    public Optional<Estimate> rideBest(TestResult.RideBest best) {
      return Optional.of(ride(best));
    }

    @Override
    public Optional<Estimate> ridePowerTest(TestResult.RidePowerTest test) {
      return Optional.of(ride(test));
    }

    @Override
    public Optional<Estimate> row2k(TestResult.Row2k test) {
      return Optional.of(row(test));
    }

    @Override
    public Optional<Estimate> rowPiece(TestResult.RowPiece piece) {
      return Optional.of(
          isShort(piece) ? ofShort(piece, piece.metres(), piece.time()) : row(piece));
    }

    @Override
    public Optional<Estimate> swimRace(TestResult.SwimRace race) {
      return Optional.of(isShort(race) ? ofShort(race, race.metres(), race.time()) : swim(race));
    }

    @Override
    public Optional<Estimate> swimPair(TestResult.SwimPair pair) {
      return Optional.of(swim(pair));
    }

    @Override
    public Optional<Estimate> sprint(TestResult.Sprint sprint) {
      return Optional.empty();
    }
  }

  /**
   * Top speed that nobody measured, m/s; common practice: distance runners reach 6 to 9, novices 5
   * to 6.5.
   *
   * @param critical speed, m/s
   */
  private static double runnersTop(double critical) {
    return Math.max(
        RUN_RESERVE + critical - Math.max(0, critical - FAST) / 2, LEAST_TOP * critical);
  }

  /** Critical speed through the 5- and 20-min distances that the index predicts. */
  private static Estimate run(TestResult.RunRace race) {
    double index = RunningIndex.of(race.metres(), race.time());
    double d5 = RunningIndex.distance(index, 5);
    double d20 = RunningIndex.distance(index, 20);
    double critical = (d20 - d5) / 900;
    double minutes = race.time().toMillis() / 60_000.0;
    return Estimate.ofOne(
        race,
        length(race.metres()) + " in " + Bounds.clock(race.time()),
        CriticalModel.through(300, d5, 1200, d20, runnersTop(critical)).bentAs(SportCurve.ON_FOOT),
        minutes > 120 ? FAR_OFF : minutes < 8 || minutes > 60 ? ONE_EFFORT : TWO_EFFORTS,
        Phrase.of(
            String.format(
                Locale.ROOT,
                "Critical speed {0}: %s for %s gives index %.1f (Daniels & Gilbert 1979)",
                Bounds.clock(race.time()),
                length(race.metres()),
                index),
            new Phrase.Figure(Phrase.Kind.RUN_SPEED, critical)));
  }

  private static Estimate rideWith(TestResult test, String name, double critical, String basis) {
    return Estimate.ofOne(test, name, RIDING.times(critical), ONE_EFFORT, basis);
  }

  private static Estimate ride(TestResult.RidePowerTest test) {
    double shortWork = 180.0 * test.threeMinuteWatts();
    double longWork = 720.0 * test.twelveMinuteWatts();
    double critical = (longWork - shortWork) / 540;
    double top = Math.max(RIDING.top() * critical, 1.5 * test.threeMinuteWatts());
    return Estimate.ofOne(
        test,
        "3 min at "
            + test.threeMinuteWatts()
            + " W and 12 min at "
            + test.twelveMinuteWatts()
            + " W",
        CriticalModel.through(180, shortWork, 720, longWork, top)
            .withReserveOf(LEAST_RESERVE_SECONDS * critical)
            .bentAs(SportCurve.ON_A_BIKE),
        TWO_EFFORTS,
        String.format(
            Locale.ROOT,
            "Critical power %.0f W, W′ %.1f kJ: 3 min at %d W and 12 min at %d W (Monod & Scherrer"
                + " 1965)%s",
            critical,
            (shortWork - critical * 180) / 1000,
            test.threeMinuteWatts(),
            test.twelveMinuteWatts(),
            plausible(shortWork - critical * 180, LEAST_RESERVE_SECONDS * critical)));
  }

  /** Through one best: with the usual W′ where it is long enough to tell, else as usual. */
  private static Estimate ride(TestResult.RideBest best) {
    double seconds = seconds(best.length());
    if (seconds < SHORT) {
      return ofShort(best, Sport.RIDE, seconds, best.watts(), name(best));
    }
    double critical = best.watts() / RIDING.sustainable(seconds);
    return Estimate.ofOne(
        best,
        name(best),
        RIDING.times(critical),
        seconds < 360 || seconds > 5400 ? FAR_OFF : ONE_EFFORT,
        Phrase.of(
            String.format(
                Locale.ROOT,
                "Critical power %.0f W: %d W held for %s, W′ assumed",
                critical,
                best.watts(),
                Bounds.clock(best.length()))));
  }

  private static String name(TestResult.RideBest best) {
    return Bounds.clock(best.length()) + " at " + best.watts() + " W";
  }

  private static boolean isShort(TestResult result) {
    return Held.in(result, stroke(result)).stream().allMatch(h -> h.seconds() < SHORT);
  }

  private static Estimate ofShort(TestResult result, double metres, Duration time) {
    Held held = Held.in(result, stroke(result)).get(0);
    return ofShort(
        result,
        result.sport(),
        held.seconds(),
        held.intensity(),
        length(metres) + " in " + Bounds.clock(time));
  }

  /** As most athletes of whom nothing else is known; the shorter, the more of a sprinter. */
  private static Estimate ofShort(
      TestResult result, Sport sport, double seconds, double intensity, String name) {
    CriticalModel usual = Profiles.of(sport).relative();
    boolean isSprint = seconds <= Held.SPRINT;
    CriticalModel theirs = isSprint ? usual.withTop(SPRINTERS * usual.top()) : usual;
    double critical = intensity / theirs.sustainable(seconds);
    String why = ": " + name + " is too short to tell more (common practice)";
    Phrase basis =
        sport.isByPower()
            ? Phrase.of(String.format(Locale.ROOT, "Critical power about %.0f W%s", critical, why))
            : Phrase.of(
                "Critical speed about {0}" + why,
                new Phrase.Figure(
                    sport.isOnFoot() ? Phrase.Kind.RUN_SPEED : Phrase.Kind.SWIM_SPEED, critical));
    return Estimate.ofOne(
        result, name, theirs.times(critical), isSprint ? SPRINT_ALONE : TOO_SHORT, basis);
  }

  private static Estimate row(TestResult.Row2k test) {
    double seconds = seconds(test.time());
    double watts = RowingErgometer.watts(seconds / 2000);
    double critical = RowingErgometer.CRITICAL_OF_2K * watts;
    // The reserve is what makes the 2 km itself come out exactly.
    return Estimate.ofOne(
        test,
        "2 km in " + Bounds.clock(test.time()),
        CriticalModel.of(critical, (watts - critical) * seconds, ROWING.top() * critical)
            .bentAs(SportCurve.ON_THE_ROWING_MACHINE),
        ONE_EFFORT,
        String.format(
            Locale.ROOT,
            "2 km power %.0f W from %s (P = 2.80 / pace³); critical power taken as %.0f %% of it",
            watts,
            Bounds.clock(test.time()),
            100 * RowingErgometer.CRITICAL_OF_2K));
  }

  private static Estimate row(TestResult.RowPiece piece) {
    double seconds = seconds(piece.time());
    double watts = RowingErgometer.watts(seconds / piece.metres());
    double critical = watts / ROWING.sustainable(seconds);
    return Estimate.ofOne(
        piece,
        length(piece.metres()) + " in " + Bounds.clock(piece.time()),
        CriticalModel.of(critical, ROWING.reserve() * critical, ROWING.top() * critical)
            .bentAs(SportCurve.ON_THE_ROWING_MACHINE),
        seconds < 360 || seconds > 3600 ? FAR_OFF : ONE_EFFORT,
        String.format(
            Locale.ROOT,
            "Critical power %.0f W: %s in %s is %.0f W (P = 2.80 / pace³), W′ assumed",
            critical,
            length(piece.metres()),
            Bounds.clock(piece.time()),
            watts));
  }

  /**
   * A word on a W′ that is taken as more than the results say, J; empty where they are believed.
   */
  private static String plausible(double reserve, double least) {
    return reserve >= least
        ? ""
        : String.format(
            Locale.ROOT, "; so small a W′ is not plausible, taken as %.1f kJ", least / 1000);
  }

  /** (400 − 200) / (T400 − T200), Wakayoshi et al. 1992. */
  private static Estimate swim(TestResult.SwimPair pair) {
    double t200 = seconds(pair.time200());
    double t400 = seconds(pair.time400());
    double critical = 200 / (t400 - t200);
    double top = Math.max(SWIMMING.top() * critical, 1.1 * 200 / t200);
    return Estimate.ofOne(
        pair,
        "400 m in "
            + Bounds.clock(pair.time400())
            + " and 200 m in "
            + Bounds.clock(pair.time200()),
        CriticalModel.through(t200, 200, t400, 400, top)
            .withReserveOf(LEAST_SWIM_RESERVE)
            .bentAs(SportCurve.IN_WATER),
        TWO_EFFORTS,
        Phrase.of(
            String.format(
                Locale.ROOT,
                "Critical swim speed {0}: 400 m in %s, 200 m in %s (Wakayoshi et al. 1992)",
                Bounds.clock(pair.time400()),
                Bounds.clock(pair.time200())),
            new Phrase.Figure(Phrase.Kind.SWIM_SPEED, critical)));
  }

  private static Estimate swim(TestResult.SwimRace race) {
    double seconds = seconds(race.time());
    SportCurve curve = SportCurve.IN_WATER;
    double critical =
        race.metres() / seconds / curve.shareLeft(seconds)
            - SWIMMING.reserve() / Math.min(seconds, curve.tiresFrom());
    return Estimate.ofOne(
        race,
        length(race.metres()) + " in " + Bounds.clock(race.time()),
        CriticalModel.of(critical, SWIMMING.reserve(), SWIMMING.top() * critical).bentAs(curve),
        FAR_OFF,
        Phrase.of(
            String.format(
                Locale.ROOT,
                "Critical swim speed {0}: %s in %s, D′ of %.0f m assumed",
                length(race.metres()),
                Bounds.clock(race.time()),
                SWIMMING.reserve()),
            new Phrase.Figure(Phrase.Kind.SWIM_SPEED, critical)));
  }

  private static double seconds(Duration time) {
    return time.toMillis() / 1000.0;
  }

  private static String length(double metres) {
    if (Math.abs(metres - 21_097.5) < 3) {
      return "half marathon";
    }
    if (Math.abs(metres - 42_195) < 1) {
      return "marathon";
    }
    return metres % 1000 == 0
        ? String.format(Locale.ROOT, "%.0f km", metres / 1000)
        : String.format(Locale.ROOT, "%.0f m", metres);
  }
}
