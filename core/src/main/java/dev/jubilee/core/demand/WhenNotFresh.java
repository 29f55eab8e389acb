package dev.jubilee.core.demand;

import dev.jubilee.core.circumstances.Freshness;
import dev.jubilee.core.intensity.Effort;

/**
 * Whoever comes flat gets a longer raise and one effort more before they are judged; whoever comes
 * tired is spared what costs: contacts, drills, and whatever is harder than the session itself.
 */
final class WhenNotFresh implements Adjustment {
  /** Of the raise; Jubilee modelling choice. */
  private static final double LONGER = 1.2;

  /** What is left of contacts and drills of whoever is tired; Jubilee modelling choices. */
  private static final double CONTACTS_LEFT = 0.5;

  private static final double DRILLS_LEFT = 0.75;

  @Override
  public DemandDraft adjust(DemandDraft draft, DemandContext context) {
    Freshness freshness = context.circumstances().freshness();
    if (freshness == Freshness.FRESH) {
      return draft;
    }
    DemandDraft woken = draft.withRaise(LONGER * draft.raise());
    if (freshness == Freshness.FLAT) {
      return draft.hasBuild()
          ? woken
              .withEfforts(draft.efforts() + 1)
              .because("Comes flat: a longer raise and one graded effort more, then judge.")
          : woken.because("Comes flat: a longer raise, then judge.");
    }
    DemandDraft spared =
        woken
            .withContacts((int) (CONTACTS_LEFT * draft.contacts()))
            .withDrill(DRILLS_LEFT * draft.drill())
            .because(
                "Comes tired: a longer raise, fewer contacts and drills, nothing harder than the"
                    + " session itself.");
    return draft.hasBuild() ? spared.cappedAt(atLeastSomething(draft.firstEffort())) : spared;
  }

  private static Effort atLeastSomething(Effort effort) {
    return Effort.of(Math.max(effort.points(), Effort.BETWEEN_EFFORTS.points()));
  }

  @Override
  public String source() {
    return "common practice; the shares are Jubilee modelling choices";
  }
}
