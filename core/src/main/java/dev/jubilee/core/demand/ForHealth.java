package dev.jubilee.core.demand;

import dev.jubilee.core.athlete.HealthCondition;
import dev.jubilee.core.circumstances.Circumstances;
import dev.jubilee.core.intensity.Effort;

/** A coach who was told of a condition warms up longer and more gradually, and not as high. */
final class ForHealth implements Adjustment {
  /** Not overheated, °C; Jubilee modelling choice. */
  private static final double WARMTH_IN_PREGNANCY = 0.8;

  /** Moving a little is all there is on a day without a session, s. */
  private static final int MOVING = 180;

  @Override
  public DemandDraft adjust(DemandDraft draft, DemandContext context) {
    if (context.athlete().health().isEmpty()) {
      return draft;
    }
    if (HealthRules.isWithoutSession(context.athlete())) {
      return draft
          .withBuildTop(Effort.REST)
          .withRaise(Math.min(draft.raise(), MOVING))
          .withMobilise(0)
          .withActivate(0)
          .withDrill(0)
          .withContacts(0)
          .withWarmth(0)
          .because("After a concussion there is no session until a licensed clinician says so.");
    }
    DemandDraft longer =
        draft.withRaise(
            Math.min(
                HealthRules.raise(draft.raise(), context.athlete(), context.isHard()),
                Math.max(draft.raise(), context.circumstances().longestRaise())));
    DemandDraft capped =
        HealthRules.cap(context.athlete(), context.anchors())
            .filter(cap -> draft.hasBuild())
            .map(longer::cappedAt)
            .orElse(longer);
    DemandDraft soft =
        HealthRules.allowContacts(context.athlete()) ? capped : capped.withContacts(0);
    DemandDraft cool =
        context.athlete().health().contains(HealthCondition.PREGNANCY)
            ? soft.withWarmth(WARMTH_IN_PREGNANCY * soft.warmth())
                .withRaise(inHeat(soft.raise(), context))
            : soft;
    return cool.equals(draft)
        ? cool
        : cool.because(
            "What you were told of their health: longer, lower or softer where it is usual.");
  }

  private static double inHeat(double raise, DemandContext context) {
    return context.circumstances().feltTemperature() > Circumstances.HOT
        ? Math.min(raise, ForHealth.MOVING * 2)
        : raise;
  }

  @Override
  public String source() {
    return "common practice; the shares are Jubilee modelling choices";
  }
}
