package dev.jubilee.core.intensity;

import dev.jubilee.core.quantity.Phrase;
import dev.jubilee.core.sport.Sport;
import dev.jubilee.core.sport.TargetMetric;
import io.soabase.recordbuilder.core.RecordBuilder;
import java.time.Duration;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;

/**
 * What turns efforts into one athlete's own figures in one sport.
 *
 * @param sport the sport these hold for
 * @param model critical intensity, reserve and sprint; relative (critical = 1) when not known
 * @param known whether {@code model} comes from a test result; without one, targets are by feel
 * @param heart heart rates, if rest or maximum or age is known
 * @param basis a sentence for each number, saying where it came from
 * @param spread uncertainty of the critical intensity, one standard deviation as a share of it
 * @param conflicts a sentence for each result that does not go with the others
 * @param topMeasured whether the maximal sprint was measured; if not, it is a rough estimate
 */
@RecordBuilder
public record Anchors(
    Sport sport,
    CriticalModel model,
    boolean known,
    Optional<HeartRate> heart,
    List<Phrase> basis,
    double spread,
    List<String> conflicts,
    boolean topMeasured) {

  /** Share of heart-rate reserve at critical intensity; common practice. */
  public static final double RESERVE_AT_CRITICAL = 0.90;

  /** Half the width of a heart-rate target, as a share of the reserve; common practice. */
  private static final double HEART_BAND = 0.04;

  /** Heart rate needs about this long to mean anything (uptake and heart lag); common practice. */
  private static final Duration HEART_SETTLES = Duration.ofMinutes(2);

  /** A runner's speeds above what can be held so long rest on the sprint; common practice. */
  private static final Duration RESTS_ON_SPRINT = Duration.ofSeconds(60);

  /** With a sprint that was not measured. */
  public static Anchors withoutTop(
      Sport sport,
      CriticalModel model,
      boolean known,
      Optional<HeartRate> heart,
      List<Phrase> basis,
      double spread,
      List<String> conflicts) {
    return new Anchors(sport, model, known, heart, basis, spread, conflicts, false);
  }

  public Anchors {
    basis = List.copyOf(basis);
    conflicts = List.copyOf(conflicts);
  }

  /**
   * The same so many metres above the sea.
   *
   * @param metres 0 to 5000
   */
  public Anchors at(int metres) {
    double share = Altitude.share(sport, metres);
    if (share == 1) {
      return this;
    }
    List<Phrase> more = new ArrayList<>(basis);
    more.add(
        Phrase.of(
            "At %,d m above the sea: %d %% less than what was tested, in all that is held for minutes."
                .formatted(metres, Math.round(100 * (1 - share)))));
    return AnchorsBuilder.builder(this).model(model.withShareOfOxygen(share)).basis(more).build();
  }

  /** The target for holding {@code effort} over {@code duration}. */
  public Target target(Effort effort, Duration duration) {
    Target general = generalTarget(effort, duration);
    double intensity = model.intensityAt(effort);
    int percent = (int) Math.round(100 * intensity / model.top());
    if (known && !isSure(intensity)) {
      return Target.ofTop(percent, effort);
    }
    return TargetBuilder.builder()
        .effort(effort)
        .metric(known ? sport.metric() : TargetMetric.FEEL)
        .value(known ? intensity : 0)
        .percentOfTop(percent)
        .heartLow(general.heartLow())
        .heartHigh(general.heartHigh())
        .ratePerMinute(0)
        .gradient(0)
        .spread(known ? spread : 0)
        .build();
  }

  /** Whether results bear it out: nobody is told to run a pace that only a guess stands for. */
  private boolean isSure(double intensity) {
    return !sport.isOnFoot() || intensity <= surest();
  }

  /** The highest intensity that results bear out, W or m/s. */
  public double surest() {
    return topMeasured
        ? model.top()
        : Math.max(model.critical(), model.sustainable(RESTS_ON_SPRINT));
  }

  /** The target for an effort in some other movement than the sport: feel and heart rate. */
  public Target generalTarget(Effort effort, Duration duration) {
    if (heart.isEmpty()
        || duration.compareTo(HEART_SETTLES) < 0
        || effort.points() > Effort.CRITICAL) {
      return Target.byFeel(effort);
    }
    double share = RESERVE_AT_CRITICAL * effort.points() / Effort.CRITICAL;
    return TargetBuilder.builder()
        .effort(effort)
        .metric(TargetMetric.FEEL)
        .value(0)
        .percentOfTop(0)
        .heartLow(heart.get().atReserve(Math.max(0, share - HEART_BAND)))
        .heartHigh(heart.get().atReserve(share + HEART_BAND))
        .ratePerMinute(0)
        .gradient(0)
        .spread(0)
        .build();
  }

  /** The effort at a heart rate, beats/min; none where heart rates are not known. */
  public Optional<Effort> atHeartRate(double beats) {
    return heart.map(
        h -> {
          double share = (beats - h.resting()) / (h.maximum() - h.resting());
          return Effort.of(
              Math.max(0, Math.min(100, Effort.CRITICAL * share / RESERVE_AT_CRITICAL)));
        });
  }

  /** The effort of going as hard as can be held for {@code duration}. */
  public Effort maximalFor(Duration duration) {
    return model.effortOf(model.sustainable(duration));
  }

  /** The effort of a share of critical intensity. */
  public Effort shareOfCritical(double share) {
    return model.effortOf(share * model.critical());
  }

  /** The effort of a share of the maximal sprint, as coaches give build-ups. */
  public Effort shareOfTop(double share) {
    return model.effortOf(share * model.top());
  }
}
