package dev.jubilee.core.athlete;

import dev.jubilee.core.intensity.Anchors;
import dev.jubilee.core.intensity.CriticalModel;
import dev.jubilee.core.intensity.HeartRate;
import dev.jubilee.core.intensity.RowingErgometer;
import dev.jubilee.core.intensity.RunningIndex;
import dev.jubilee.core.quantity.Bounds;
import dev.jubilee.core.sport.Sport;
import java.time.Duration;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Optional;

/** From test results to intensity anchors. The first result of the sport counts. */
public final class AnchorFinder {
  /*
   * Maximal sprint as a multiple of critical intensity, for athletes whose sprint was not measured.
   * Jubilee modelling choices in the range coaches see: a 20:00 5 km runner sprints at about 7 m/s.
   */
  private static final double RUN_SPRINT = 1.8;
  private static final double RIDE_SPRINT = 3.0;
  private static final double ROW_SPRINT = 2.0;
  private static final double SWIM_SPRINT = 1.35;

  /** Critical power as a share of mean 2 km power; Jubilee modelling choice. */
  private static final double ROW_CRITICAL_OF_2K = 0.85;

  /** W′ when only threshold power is known, J per W of critical power; Jubilee modelling choice. */
  private static final double RIDE_RESERVE_SECONDS = 75;

  private AnchorFinder() {}

  public static Anchors anchors(Athlete athlete, Sport sport) {
    Optional<HeartRate> heart =
        Optional.of(
            heartRate(athlete.ageYears(), athlete.restingHeartRate(), athlete.maximumHeartRate()));
    List<String> basis = new ArrayList<>();
    Optional<TestResult> result =
        athlete.results().stream().filter(r -> r.sport() == sport).findFirst();
    CriticalModel model =
        result.map(r -> model(r, basis)).orElseGet(() -> relativeModel(sport, basis));
    basis.add(heartBasis(athlete, heart.get()));
    return new Anchors(sport, model, result.isPresent(), heart, basis);
  }

  static HeartRate heartRate(int age, Optional<Integer> resting, Optional<Integer> maximum) {
    return new HeartRate(
        resting.orElse(HeartRate.USUAL_RESTING),
        maximum.orElse(HeartRate.predictedMaximum(age)),
        maximum.isPresent());
  }

  private static CriticalModel model(TestResult result, List<String> basis) {
    if (result instanceof TestResult.RunRace race) {
      return run(race, basis);
    } else if (result instanceof TestResult.ThresholdPower test) {
      basis.add("Critical power " + test.watts() + " W: the threshold power as entered");
      return new CriticalModel(
          test.watts(), RIDE_RESERVE_SECONDS * test.watts(), RIDE_SPRINT * test.watts());
    } else if (result instanceof TestResult.RidePowerTest test) {
      return ride(test, basis);
    } else if (result instanceof TestResult.Row2k test) {
      return row(test, basis);
    } else {
      return swim((TestResult.SwimPair) result, basis);
    }
  }

  /** Critical speed through the 5- and 20-min distances that the index predicts. */
  private static CriticalModel run(TestResult.RunRace race, List<String> basis) {
    double index = RunningIndex.of(race.metres(), race.time());
    double d5 = RunningIndex.distance(index, 5);
    double d20 = RunningIndex.distance(index, 20);
    double critical = (d20 - d5) / 900;
    basis.add(
        String.format(
            Locale.ROOT,
            "Critical speed %s /km: %s for %s gives index %.1f (Daniels & Gilbert 1979)",
            Bounds.clock(Duration.ofMillis((long) (1_000_000 / critical))),
            Bounds.clock(race.time()),
            raceName(race.metres()),
            index));
    return CriticalModel.through(300, d5, 1200, d20, RUN_SPRINT * critical);
  }

  private static CriticalModel ride(TestResult.RidePowerTest test, List<String> basis) {
    double shortWork = 180.0 * test.threeMinuteWatts();
    double longWork = 720.0 * test.twelveMinuteWatts();
    double critical = (longWork - shortWork) / 540;
    basis.add(
        String.format(
            Locale.ROOT,
            "Critical power %.0f W, W′ %.1f kJ: 3 min at %d W and 12 min at %d W (Monod & Scherrer"
                + " 1965)",
            critical,
            (shortWork - critical * 180) / 1000,
            test.threeMinuteWatts(),
            test.twelveMinuteWatts()));
    double top = Math.max(RIDE_SPRINT * critical, 1.5 * test.threeMinuteWatts());
    return CriticalModel.through(180, shortWork, 720, longWork, top);
  }

  private static CriticalModel row(TestResult.Row2k test, List<String> basis) {
    double seconds = test.time().toMillis() / 1000.0;
    double watts = RowingErgometer.watts(seconds / 2000);
    double critical = ROW_CRITICAL_OF_2K * watts;
    basis.add(
        String.format(
            Locale.ROOT,
            "2 km power %.0f W from %s (P = 2.80 / pace³); critical power taken as %.0f %% of it",
            watts,
            Bounds.clock(test.time()),
            100 * ROW_CRITICAL_OF_2K));
    // The reserve is what makes the 2 km itself come out exactly.
    return new CriticalModel(critical, (watts - critical) * seconds, ROW_SPRINT * critical);
  }

  /** (400 − 200) / (T400 − T200), Wakayoshi et al. 1992. */
  private static CriticalModel swim(TestResult.SwimPair pair, List<String> basis) {
    double t200 = pair.time200().toMillis() / 1000.0;
    double t400 = pair.time400().toMillis() / 1000.0;
    double critical = 200 / (t400 - t200);
    basis.add(
        String.format(
            Locale.ROOT,
            "Critical swim speed %s /100 m: 400 m in %s, 200 m in %s (Wakayoshi et al. 1992)",
            Bounds.clock(Duration.ofMillis((long) (100_000 / critical))),
            Bounds.clock(pair.time400()),
            Bounds.clock(pair.time200())));
    double top = Math.max(SWIM_SPRINT * critical, 1.1 * 200 / t200);
    return CriticalModel.through(t200, 200, t400, 400, top).inWater();
  }

  private static CriticalModel relativeModel(Sport sport, List<String> basis) {
    basis.add("No " + sport.name().toLowerCase(Locale.ROOT) + " result yet: efforts by feel");
    return switch (sport) {
      case RUN -> new CriticalModel(1, 45, RUN_SPRINT);
      case RIDE -> new CriticalModel(1, RIDE_RESERVE_SECONDS, RIDE_SPRINT);
      case ROW -> new CriticalModel(1, 75, ROW_SPRINT);
      case SWIM -> new CriticalModel(1, 20, SWIM_SPRINT).inWater();
    };
  }

  private static String heartBasis(Athlete athlete, HeartRate heart) {
    String rest =
        athlete.restingHeartRate().isPresent()
            ? "resting " + heart.resting()
            : "resting assumed " + heart.resting();
    return heart.measured()
        ? "Heart rate " + rest + ", maximum " + heart.maximum() + " measured (Karvonen et al. 1957)"
        : "Heart rate "
            + rest
            + ", maximum "
            + heart.maximum()
            + " ± 10 predicted from age (Tanaka et al. 2001)";
  }

  private static String raceName(double metres) {
    return metres % 1000 == 0
        ? String.format(Locale.ROOT, "%.0f km", metres / 1000)
        : String.format(Locale.ROOT, "%.0f m", metres);
  }
}
