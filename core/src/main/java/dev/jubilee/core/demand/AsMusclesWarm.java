package dev.jubilee.core.demand;

import dev.jubilee.core.athlete.Physique;

/**
 * A raise is as long as this body needs, once enough warm-ups have shown how soon its jacket comes
 * off.
 */
final class AsMusclesWarm implements Adjustment {
  /** So many moments say something of a body; common practice: not before the fourth time. */
  private static final int ENOUGH = 4;

  /** The raise wakes up more than muscle, so that it follows it only so far; our choices. */
  private static final double LEAST = 0.75;

  private static final double MOST = 1.3;
  private static final int MINUTE = 60;

  @Override
  public DemandDraft adjust(DemandDraft draft, DemandContext context) {
    Physique physique = context.athlete().physique();
    if (physique.moments() < ENOUGH) {
      return draft;
    }
    double share = Math.max(LEAST, Math.min(MOST, physique.warming()));
    int minutes = (int) Math.round((share - 1) * draft.raise() / MINUTE);
    if (minutes == 0) {
      return draft;
    }
    boolean isSooner = minutes < 0;
    return draft
        .withRaise(draft.raise() + MINUTE * minutes)
        .because(
            "Raise %d min %s: the jacket comes off after %d min, %s than usual %d times of %d."
                .formatted(
                    Math.abs(minutes),
                    isSooner ? "shorter" : "longer",
                    Math.round((double) physique.jacketOff() / MINUTE),
                    isSooner ? "sooner" : "later",
                    isSooner ? physique.sooner() : physique.moments() - physique.sooner(),
                    physique.moments()));
  }

  @Override
  public String source() {
    return "what this athlete's warm-ups have shown; the shares are Jubilee modelling choices";
  }
}
