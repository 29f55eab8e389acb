package dev.jubilee.core.build;

import dev.jubilee.core.demand.Demand;
import dev.jubilee.core.drill.Dose;
import dev.jubilee.core.drill.DrillLibrary;
import dev.jubilee.core.drill.Kit;
import dev.jubilee.core.intensity.Anchors;
import dev.jubilee.core.intensity.Target;
import dev.jubilee.core.plan.PrescriptionRequest;
import dev.jubilee.core.plan.Recovery;
import dev.jubilee.core.quantity.Distance;
import dev.jubilee.core.session.SessionKind;
import java.time.Duration;

/** What every form of build asks: for what session, for whom, up to where. */
record BuildContext(
    PrescriptionRequest request, DrillLibrary library, Anchors anchors, Demand demand) {

  /** Shorter than this nobody gets up to speed, s; common practice. */
  private static final int SHORTEST = 6;

  SessionKind kind() {
    return request.session().kind();
  }

  boolean isSprint() {
    return kind() == SessionKind.SPRINT;
  }

  boolean isSlippery() {
    return request.circumstances().isSlippery();
  }

  /** Whether the kit is there and the library has the effort done with it. */
  boolean has(Kit kit, String drillId) {
    return request.circumstances().kit().contains(kit) && library.find(drillId).isPresent();
  }

  /** Where the build ends, in the unit of the athlete's own figures. */
  double top() {
    return anchors.model().intensityAt(demand.buildTop());
  }

  /** Critical power or speed. */
  double critical() {
    return anchors.model().critical();
  }

  /**
   * An effort at an intensity of the athlete's own.
   *
   * @param intensity W or m/s
   * @param rate strokes or revolutions a minute; 0 where none is given
   */
  GradedEffort at(double intensity, String drillId, Dose dose, Recovery recovery, int rate) {
    Target target =
        anchors
            .target(anchors.model().effortOf(intensity), Duration.ofSeconds(dose.seconds()))
            .atRate(rate);
    return new GradedEffort(drillId, dose, target, recovery);
  }

  /**
   * A distance at a speed; without a result a speed is only relative, so the clock says how long.
   *
   * @param speed m/s
   * @param usualSpeed what the distance is covered at by most, m/s
   */
  Dose over(Distance distance, double speed, double usualSpeed) {
    return anchors.known()
        ? new Dose.Over(distance, speed)
        : new Dose.Timed(Math.max(SHORTEST, (int) Math.round(distance.metres() / usualSpeed)), 1);
  }
}
