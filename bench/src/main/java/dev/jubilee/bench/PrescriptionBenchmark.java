package dev.jubilee.bench;

import dev.jubilee.core.athlete.Athlete;
import dev.jubilee.core.athlete.Limit;
import dev.jubilee.core.athlete.TestResult;
import dev.jubilee.core.check.Checks;
import dev.jubilee.core.check.Finding;
import dev.jubilee.core.drill.DrillLibrary;
import dev.jubilee.core.prescription.Plan;
import dev.jubilee.core.prescription.Prescriber;
import dev.jubilee.core.prescription.PrescriptionRequest;
import dev.jubilee.core.session.Arrival;
import dev.jubilee.core.session.Circumstances;
import dev.jubilee.core.session.Place;
import dev.jubilee.core.session.Session;
import dev.jubilee.core.session.SessionKind;
import dev.jubilee.core.sport.BodyRegion;
import dev.jubilee.core.sport.Level;
import dev.jubilee.core.sport.Sport;
import java.time.Duration;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.concurrent.TimeUnit;
import org.openjdk.jmh.annotations.Benchmark;
import org.openjdk.jmh.annotations.BenchmarkMode;
import org.openjdk.jmh.annotations.Fork;
import org.openjdk.jmh.annotations.Measurement;
import org.openjdk.jmh.annotations.Mode;
import org.openjdk.jmh.annotations.OutputTimeUnit;
import org.openjdk.jmh.annotations.Param;
import org.openjdk.jmh.annotations.Scope;
import org.openjdk.jmh.annotations.Setup;
import org.openjdk.jmh.annotations.State;
import org.openjdk.jmh.annotations.Warmup;

/** One prescription in core, checks included, with the whole library. */
@BenchmarkMode(Mode.SampleTime)
@OutputTimeUnit(TimeUnit.MILLISECONDS)
@State(Scope.Benchmark)
@Fork(1)
@Warmup(iterations = 3, time = 2)
@Measurement(iterations = 5, time = 2)
public class PrescriptionBenchmark {

  @Param({"RUN", "RIDE", "ROW", "SWIM"})
  private Sport sport;

  @Param({"false", "true"})
  private boolean fill;

  private Prescriber prescriber;
  private PrescriptionRequest request;

  /** The largest plans: sprint session, advanced athlete, an hour to spare. */
  @Setup
  public void prepare() {
    prescriber = new Prescriber(DrillLibrary.builtIn());
    Place place =
        switch (sport) {
          case RUN -> Place.TRACK;
          case RIDE -> Place.GYM;
          case ROW -> Place.BOATHOUSE;
          case SWIM -> Place.POOL_DECK;
        };
    Athlete athlete =
        new Athlete(
            Level.ADVANCED,
            30,
            Optional.of(50),
            Optional.of(190),
            List.of(
                new TestResult.RunRace(5000, Duration.ofMinutes(18)),
                new TestResult.RidePowerTest(372, 298),
                new TestResult.Row2k(Duration.ofSeconds(440)),
                new TestResult.SwimPair(Duration.ofSeconds(292), Duration.ofSeconds(138))),
            List.of(new Limit(BodyRegion.HIPS, Limit.Severity.STIFF)),
            Set.of(),
            false,
            Map.of());
    request =
        PrescriptionRequest.of(
            athlete,
            new Session(
                sport,
                SessionKind.SPRINT,
                "sprints",
                Optional.empty(),
                Optional.empty(),
                Optional.empty()),
            new Circumstances(60, fill, place, place.usualKit(), 2, Arrival.DESK));
  }

  /** Both results are returned, so that nothing is optimised away. */
  public record Outcome(Plan plan, List<Finding> findings) {}

  @Benchmark
  public Outcome prescribe() {
    Plan plan = prescriber.prescribe(request);
    return new Outcome(plan, Checks.of(plan));
  }
}
