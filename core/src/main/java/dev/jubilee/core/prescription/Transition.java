package dev.jubilee.core.prescription;

import dev.jubilee.core.choice.Eligibility;
import dev.jubilee.core.circumstances.Conditions;
import dev.jubilee.core.drill.Dose;
import dev.jubilee.core.drill.DrillLibrary;
import dev.jubilee.core.drill.Role;
import dev.jubilee.core.drill.WarmUpPart;
import dev.jubilee.core.plan.PlanItem;
import dev.jubilee.core.plan.PrescriptionRequest;
import java.util.List;
import java.util.Locale;

/** What is done between the last effort and the start. */
final class Transition {
  /** A top-up and what is left after it; common practice: a minute or two, just before. */
  private static final int TOP_UP_SECONDS = 120;

  private static final int AFTER_TOP_UP = 150;

  private final DrillLibrary library;

  Transition(DrillLibrary library) {
    this.library = library;
  }

  /** The way to the start; a long wait gets a top-up near its end. */
  List<PlanItem> items(PrescriptionRequest request, int seconds) {
    boolean isLong =
        request.circumstances().conditions().isLongWait() && seconds >= 60 * Conditions.LONG_WAIT;
    boolean canMove =
        library
            .find(Role.STAY_WARM)
            .filter(d -> Eligibility.isFor(d, request.athlete()))
            .isPresent();
    if (!isLong || !canMove) {
      return List.of(waiting(Role.SETTLE, seconds));
    }
    int topUp = TOP_UP_SECONDS + request.tuning().topUp();
    return List.of(
        waiting(Role.SETTLE, seconds - topUp - AFTER_TOP_UP),
        waiting(Role.STAY_WARM, topUp),
        waiting(Role.SETTLE, AFTER_TOP_UP));
  }

  private PlanItem waiting(Role role, int seconds) {
    Dose dose = new Dose.Timed(seconds, 1);
    return library
        .find(role)
        .map(d -> PlanItem.of(d, dose))
        // Even without any drill there is a way to the start.
        .orElseGet(
            () ->
                PlanItem.of(
                    WarmUpPart.TRANSITION, role.name().toLowerCase(Locale.ROOT), "Settle", dose));
  }
}
