package dev.jubilee.core.check;

import dev.jubilee.core.drill.Dose;
import dev.jubilee.core.drill.Drill;
import dev.jubilee.core.drill.WarmUpPart;
import dev.jubilee.core.plan.Plan;
import dev.jubilee.core.plan.PlanItem;
import java.util.Optional;

/** A stretch held so long that it costs performance. */
final class LongHold extends ItemCheck {
  /** Held stretches of this length a muscle cost performance, s. */
  private static final int LONG = 60;

  LongHold() {
    super(FindingCode.LONG_HOLD);
  }

  @Override
  Optional<Finding> examine(Plan plan, PlanItem item, Drill drill) {
    boolean isHeld = item.block() == WarmUpPart.MOBILISE && item.dose().unit() == Dose.Unit.SECONDS;
    if (!isHeld || item.dose().amount() < LONG) {
      return Optional.empty();
    }
    return Optional.of(
        finding(
                item.name() + " is held for " + item.dose().amount() + " s.",
                "Holds of 60 s or more a muscle cost performance (mean −4.6 %).")
            .about(item.id())
            .with(Remedy.dose("Hold 30 s", item.id(), 30)));
  }
}
