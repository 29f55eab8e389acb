package dev.jubilee.core.learning;

import dev.jubilee.core.athlete.Physique;
import dev.jubilee.core.athlete.PhysiqueBuilder;
import dev.jubilee.core.statistics.LogNormal;
import dev.jubilee.core.statistics.Sample;
import io.soabase.recordbuilder.core.RecordBuilder;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;

/**
 * What an athlete's warm-ups have shown of their body, one after another. Before any of them it is
 * the usual body, as surely as bodies differ; each one moves it by Bayes' rule ({@link LogNormal}).
 *
 * @param warming time constant of muscle, as a share of the usual
 * @param settled share of the usual that plans are made with: what is believed, once that has moved
 * @param lag time constant of heart rate, s
 * @param level of heart rate, as a share of the usual
 * @param moments how many jackets came off
 * @param sooner how many of them before the usual body's
 * @param jacketOff when it usually came off, s; 0 where it never did
 * @param hearts how many warm-ups a heart was heard in
 * @param held how many came off within the band of 80 % that was drawn before
 * @param steps how it stood after each moment
 */
@RecordBuilder
public record LearnedBody(
    LogNormal warming,
    double settled,
    LogNormal lag,
    LogNormal level,
    int moments,
    int sooner,
    int jacketOff,
    int hearts,
    int held,
    List<Step> steps) {

  /**
   * What one moment is off by for other reasons: sleep, clothing, whoever presses late; standard
   * deviation of its logarithm, Jubilee modelling choice. With it three moments weigh a quarter of
   * what was believed before, thirty four times of five.
   */
  public static final double MOMENT_IS_OFF = 0.5;

  /**
   * Plans follow when what is believed has moved by so much, so that a raise is not a minute longer
   * one week and shorter the next; Jubilee modelling choice.
   */
  private static final double MOVED = 0.05;

  /** How far hearts differ, and one day from another; our choices, see docs/evidence.md. */
  static final double LAGS_DIFFER = 0.3;

  static final double LAG_IS_OFF = 0.4;
  static final double LEVELS_DIFFER = 0.12;
  static final double LEVEL_IS_OFF = 0.1;

  /** Share of the bands that are drawn. */
  public static final double BAND = 0.8;

  /**
   * One warm-up.
   *
   * @param key what it is known by
   * @param moment when the jacket came off, s after the beginning, and what that says
   */
  public record Observation(
      String key,
      Optional<Integer> jacketOff,
      Optional<WarmingMoment> moment,
      Optional<HeartSighting> heart) {}

  /**
   * How it stood after a moment.
   *
   * @param low of the band of 80 %, share of the usual
   * @param isHeld whether the moment was within the band drawn before it
   */
  @RecordBuilder
  public record Step(
      String key, double factor, double low, double middle, double high, boolean isHeld) {}

  /** What warm-ups have shown, in the order in which they were done. */
  public static LearnedBody of(List<Observation> observations) {
    LogNormal warming = LogNormal.around(1, Physique.BODIES_DIFFER);
    LogNormal lag = LogNormal.around(Physique.USUAL_LAG, LAGS_DIFFER);
    LogNormal level = LogNormal.around(1, LEVELS_DIFFER);
    double settled = 1;
    int sooner = 0;
    int hearts = 0;
    int held = 0;
    List<Integer> jackets = new ArrayList<>();
    List<Step> steps = new ArrayList<>();
    for (Observation seen : observations) {
      if (seen.moment().isPresent()) {
        WarmingMoment moment = seen.moment().get();
        boolean isHeld = warming.expects(moment.factor(), MOMENT_IS_OFF, moment.most(), BAND);
        held += isHeld ? 1 : 0;
        sooner += moment.factor() < 1 ? 1 : 0;
        seen.jacketOff().ifPresent(jackets::add);
        warming = warming.seenUpTo(moment.most(), moment.factor(), MOMENT_IS_OFF);
        boolean hasMoved = Math.abs(Math.log(warming.median() / settled)) >= MOVED;
        settled = hasMoved ? warming.median() : settled;
        steps.add(
            LearnedBodyStepBuilder.builder()
                .key(seen.key())
                .factor(moment.factor())
                .low(warming.quantile((1 - BAND) / 2))
                .middle(warming.median())
                .high(warming.quantile((1 + BAND) / 2))
                .isHeld(isHeld)
                .build());
      }
      if (seen.heart().isPresent()) {
        hearts++;
        lag = lag.seen(seen.heart().get().lag(), LAG_IS_OFF);
        level = level.seen(seen.heart().get().level(), LEVEL_IS_OFF);
      }
    }
    int typical = jackets.isEmpty() ? 0 : (int) Math.round(Sample.of(jackets).median());
    return LearnedBodyBuilder.builder()
        .warming(warming)
        .settled(settled)
        .lag(lag)
        .level(level)
        .moments(steps.size())
        .sooner(sooner)
        .jacketOff(typical)
        .hearts(hearts)
        .held(held)
        .steps(steps)
        .build();
  }

  /** The body to simulate from now on. */
  public Physique physique() {
    return moments + hearts == 0
        ? Physique.USUAL
        : PhysiqueBuilder.builder()
            .warming(within(settled, Physique.LEAST, Physique.MOST))
            .spread(warming.spread())
            .heartLag(within(lag.median(), Physique.LEAST_LAG, Physique.MOST_LAG))
            .heartLevel(within(level.median(), 0.6, 1.6))
            .moments(moments)
            .sooner(sooner)
            .jacketOff(jacketOff)
            .build();
  }

  private static double within(double value, double least, double most) {
    return Math.max(least, Math.min(most, value));
  }
}
