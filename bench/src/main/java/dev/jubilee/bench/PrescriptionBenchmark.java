package dev.jubilee.bench;

import dev.jubilee.bench.exact.RealMenus;
import dev.jubilee.core.check.Checks;
import dev.jubilee.core.check.Finding;
import dev.jubilee.core.library.BuiltInLibrary;
import dev.jubilee.core.plan.Plan;
import dev.jubilee.core.plan.PrescriptionRequest;
import dev.jubilee.core.prescription.Prescriber;
import java.util.List;
import java.util.concurrent.TimeUnit;
import org.openjdk.jmh.annotations.Benchmark;
import org.openjdk.jmh.annotations.BenchmarkMode;
import org.openjdk.jmh.annotations.Fork;
import org.openjdk.jmh.annotations.Measurement;
import org.openjdk.jmh.annotations.Mode;
import org.openjdk.jmh.annotations.OutputTimeUnit;
import org.openjdk.jmh.annotations.Scope;
import org.openjdk.jmh.annotations.Setup;
import org.openjdk.jmh.annotations.State;
import org.openjdk.jmh.annotations.Warmup;

/**
 * One prescription in core, checks included, with the whole library: every sport, kind of session
 * and level, 8 to 45 min, one after another.
 */
@BenchmarkMode(Mode.SampleTime)
@OutputTimeUnit(TimeUnit.MILLISECONDS)
@State(Scope.Benchmark)
@Fork(1)
@Warmup(iterations = 5, time = 3)
@Measurement(iterations = 5, time = 3)
public class PrescriptionBenchmark {
  private Prescriber prescriber;
  private List<PrescriptionRequest> requests;
  private int next;

  @Setup
  public void prepare() {
    prescriber = new Prescriber(BuiltInLibrary.get());
    requests = RealMenus.requests();
  }

  /** Both results are returned, so that nothing is optimised away. */
  public record Outcome(Plan plan, List<Finding> findings) {}

  @Benchmark
  public Outcome prescribe() {
    next = (next + 1) % requests.size();
    Plan plan = prescriber.prescribe(requests.get(next));
    return new Outcome(plan, Checks.of(plan));
  }
}
