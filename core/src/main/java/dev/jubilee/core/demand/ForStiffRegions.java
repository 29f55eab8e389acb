package dev.jubilee.core.demand;

import dev.jubilee.core.athlete.Restriction;
import dev.jubilee.core.drill.Need;

/** More range where it is stiff. */
final class ForStiffRegions implements Adjustment {
  private static final int LONGER = 40;
  private static final double MORE = 2;

  @Override
  public DemandDraft adjust(DemandDraft draft, DemandContext context) {
    DemandDraft adjusted = draft;
    for (Restriction limit : context.athlete().restrictions()) {
      if (limit.severity() == Restriction.Severity.STIFF) {
        adjusted =
            adjusted
                .withMobilise(adjusted.mobilise() + LONGER)
                .needing(new Need.Mobility(limit.region()), MORE)
                .because("Stiff " + limit.region().words() + ": extra range there.");
      }
    }
    return adjusted;
  }

  @Override
  public String source() {
    return "common practice";
  }
}
