package dev.jubilee.core.demand;

import dev.jubilee.core.circumstances.Circumstances;
import dev.jubilee.core.intensity.Effort;

/** Beyond the published limits of cold and heat there is only little and easy work outdoors. */
final class InUnsafeWeather implements Adjustment {
  /** s; common practice. */
  private static final int LONGEST = 300;

  private static final int LONGEST_IN_HEAT = 150;

  /** What is left of the drills, and the warmth of easy work, °C; Jubilee modelling choices. */
  private static final double LEFT = 0.4;

  private static final double EASY_WARMTH = 0.5;

  @Override
  public DemandDraft adjust(DemandDraft draft, DemandContext context) {
    boolean isOver =
        context.circumstances().isUnsafeOutdoors()
            || context.circumstances().isOnlyForEasyWork()
            || isBadAirFor(context);
    boolean isHot = context.circumstances().feltTemperature() > Circumstances.HOT;
    return isOver
        ? draft
            .withBuildTop(Effort.REST)
            .withRaise(Math.min(draft.raise(), isHot ? LONGEST_IN_HEAT : LONGEST))
            .withMobilise(LEFT * draft.mobilise())
            .withActivate(LEFT * draft.activate())
            .withDrill(0)
            .withWarmth(EASY_WARMTH)
            .because("Weather beyond the limits for hard work outdoors: easy and short, no build.")
        : draft;
  }

  private static boolean isBadAirFor(DemandContext context) {
    return context.circumstances().place().isOutdoors()
        && context.circumstances().isAirAbove(Circumstances.UNHEALTHY_FOR_SOME)
        && HealthRules.isSensitiveToAir(context.athlete());
  }

  @Override
  public String source() {
    return "air quality index, US EPA; wind chill, Environment Canada; heat index, US NWS; what follows is common practice";
  }
}
