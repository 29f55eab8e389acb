package dev.jubilee.core.plan;

import dev.jubilee.core.drill.WarmUpPart;
import dev.jubilee.core.intensity.TargetWords;
import dev.jubilee.core.quantity.Bounds;
import java.util.Locale;

/** A plan as plain text, as a coach would kept it to a wall. */
public final class PlanText {
  private PlanText() {}

  public static String of(Plan plan) {
    StringBuilder text = new StringBuilder();
    text.append(
        String.format(
            Locale.ROOT,
            "%s, %s of %d min%n",
            plan.request().session().title(),
            Bounds.clock(plan.seconds()),
            plan.request().circumstances().minutes()));
    WarmUpPart block = null;
    for (int i = 0; i < plan.items().size(); i++) {
      PlanItem item = plan.items().get(i);
      if (item.block() != block) {
        block = item.block();
        text.append(block.title()).append(System.lineSeparator());
      }
      text.append(
          String.format(
              Locale.ROOT,
              "  T−%-6s %-46s %-24s %s%s%n",
              Bounds.clock(plan.startsBefore(i)),
              item.name(),
              item.dose().words().metric(),
              item.target().map(TargetWords::of).orElse(""),
              item.recovery().seconds() > 0
                  ? ", then "
                      + item.recovery().seconds()
                      + " s "
                      + item.recovery().words(item.dose().seconds())
                  : ""));
    }
    return text.toString();
  }
}
