package dev.jubilee.server.prescription;

import dev.jubilee.core.intensity.HeartRate;
import dev.jubilee.core.readiness.Readiness;
import dev.jubilee.core.readiness.Verdict;
import dev.jubilee.core.simulation.Trace;
import dev.jubilee.core.warmup.WarmUp;
import dev.jubilee.server.prescription.PlanView.ReadinessView;
import dev.jubilee.server.prescription.PlanView.VerdictView;
import java.util.List;
import java.util.Optional;
import java.util.function.IntToDoubleFunction;
import java.util.stream.IntStream;

/** From core's simulation to what is drawn above the countdown axis. */
final class ReadinessViews {
  /** Fine enough for any screen. */
  private static final int STEP = 20;

  private ReadinessViews() {}

  static ReadinessView of(WarmUp warmUp) {
    Readiness readiness = warmUp.readiness();
    int start = readiness.start();
    Trace usual = readiness.usual();
    Optional<HeartRate> heart = warmUp.plan().anchors().heart();
    return new ReadinessView(
        STEP,
        figures(start, s -> 100 * usual.muscle(s)),
        figures(start, s -> 100 * readiness.slow().muscle(s)),
        figures(start, s -> 100 * readiness.quick().muscle(s)),
        figures(start, s -> 100 * usual.freshness(s)),
        figures(start, s -> heart.map(h -> h.atReserve(usual.heart(s))).orElse(0)),
        figures(start, s -> 100 * usual.reserve(s)),
        verdict(readiness.verdict()));
  }

  /** Every so many seconds back from the start, in order. */
  private static List<Integer> figures(int start, IntToDoubleFunction at) {
    return IntStream.rangeClosed(0, start / STEP)
        .map(i -> start - STEP * (start / STEP - i))
        .mapToObj(s -> (int) Math.round(at.applyAsDouble(s)))
        .toList();
  }

  private static VerdictView verdict(Verdict v) {
    return new VerdictView(
        v.warmth(),
        v.warmthLow(),
        v.warmthHigh(),
        v.wanted(),
        v.isWarm(),
        v.freshness(),
        v.isFresh(),
        v.isRehearsed(),
        v.window().map(Verdict.Window::from).orElse(null),
        v.window().map(Verdict.Window::to).orElse(null),
        v.sentences());
  }
}
