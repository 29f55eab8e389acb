package dev.jubilee.core.readiness;

import dev.jubilee.core.intensity.HeartRate;
import dev.jubilee.core.simulation.Trace;
import io.soabase.recordbuilder.core.RecordBuilder;
import java.util.List;
import java.util.Optional;
import java.util.function.IntToDoubleFunction;
import java.util.stream.IntStream;

/**
 * The body through warm-up and wait in figures far enough apart to be drawn and kept, and the
 * verdict at the start.
 *
 * @param step seconds from one figure to the next; the last is at the start
 * @param warmth muscle temperature above rest, hundredths of a °C
 * @param warmthLow the same for a body that warms slowly and cools quickly
 * @param warmthHigh the same for one that warms quickly and cools slowly
 * @param freshness 0 to 100
 * @param heart beats/min; 0 where the athlete's heart rates are not known
 * @param reserve what is left of W′ or D′, 0 to 100
 */
@RecordBuilder
public record Forecast(
    int step,
    List<Integer> warmth,
    List<Integer> warmthLow,
    List<Integer> warmthHigh,
    List<Integer> freshness,
    List<Integer> heart,
    List<Integer> reserve,
    Verdict verdict) {
  /** Fine enough for any screen, s. */
  private static final int STEP = 20;

  /** The figures of a readiness, for a heart where it is known. */
  public static Forecast of(Readiness readiness, Optional<HeartRate> heart) {
    int start = readiness.start();
    Trace usual = readiness.usual();
    return ForecastBuilder.builder()
        .step(STEP)
        .warmth(figures(start, s -> 100 * usual.muscle(s)))
        .warmthLow(figures(start, s -> 100 * readiness.slow().muscle(s)))
        .warmthHigh(figures(start, s -> 100 * readiness.quick().muscle(s)))
        .freshness(figures(start, s -> 100 * usual.freshness(s)))
        .heart(figures(start, s -> heart.map(h -> h.atReserve(usual.heart(s))).orElse(0)))
        .reserve(figures(start, s -> 100 * usual.reserve(s)))
        .verdict(readiness.verdict())
        .build();
  }

  /** Expected heart rate at a second, beats/min; 0 if unknown. */
  public int heartAt(int second) {
    int at = second / step;
    return at < heart.size() ? heart.get(at) : 0;
  }

  /** Every so many seconds back from the start, in order. */
  private static List<Integer> figures(int start, IntToDoubleFunction at) {
    return IntStream.rangeClosed(0, start / STEP)
        .map(i -> start - STEP * (start / STEP - i))
        .mapToObj(s -> (int) Math.round(at.applyAsDouble(s)))
        .toList();
  }
}
