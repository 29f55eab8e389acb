package dev.jubilee.core.prescription;

import dev.jubilee.core.athlete.Athlete;
import dev.jubilee.core.athlete.Avoidance;
import dev.jubilee.core.athlete.Limit;
import dev.jubilee.core.drill.Drill;
import dev.jubilee.core.drill.Kit;
import dev.jubilee.core.drill.Position;
import dev.jubilee.core.session.Circumstances;
import dev.jubilee.core.sport.BodyRegion;
import dev.jubilee.core.sport.Level;
import java.util.Optional;

/** Whether a drill may be given to this athlete, here, today; if not, why not. */
public final class Eligibility {
  private Eligibility() {}

  /** The reason against a drill as a phrase, or empty when nothing speaks against it. */
  public static Optional<String> against(Drill drill, PrescriptionRequest request) {
    Optional<String> athlete = againstAthlete(drill, request.athlete());
    return athlete.isPresent()
        ? athlete
        : againstCircumstances(drill, request.circumstances())
            .or(
                () ->
                    drill.suits(request.session().sport()) == 0
                        ? Optional.of("is not for this sport")
                        : Optional.empty());
  }

  static Optional<String> againstAthlete(Drill drill, Athlete athlete) {
    for (Limit limit : athlete.limits()) {
      boolean loads = drill.loads().contains(limit.region());
      boolean works = drill.regions().contains(limit.region());
      if (limit.severity() == Limit.Severity.HURT && (loads || works)) {
        return Optional.of("works the painful " + limit.region().words());
      }
      if (limit.severity() == Limit.Severity.SORE && loads) {
        return Optional.of("loads the sore " + limit.region().words());
      }
    }
    if (drill.contacts() > 0 && athlete.avoidances().contains(Avoidance.CONTACTS)) {
      return Optional.of("has ground contacts, which this athlete must avoid");
    }
    if (drill.position() == Position.FLOOR && athlete.avoidances().contains(Avoidance.FLOOR_WORK)) {
      return Optional.of("is done on the floor, which this athlete must avoid");
    }
    if (drill.loads().contains(BodyRegion.WRISTS)
        && athlete.avoidances().contains(Avoidance.WRIST_LOADING)) {
      return Optional.of("loads the wrists, which this athlete must avoid");
    }
    if (!withinMastery(drill, athlete)) {
      return Optional.of("is above what this athlete has mastered");
    }
    return Optional.empty();
  }

  static Optional<String> againstCircumstances(Drill drill, Circumstances circumstances) {
    for (Kit kit : drill.kit()) {
      if (!circumstances.kit().contains(kit)) {
        return Optional.of("needs " + kit.words());
      }
    }
    if (drill.position() == Position.TRAVELLING
        && drill.leastSpace().compareTo(circumstances.place().lane()) > 0) {
      return Optional.of("needs more room than " + circumstances.place().words());
    }
    if (circumstances.place().isWet() && !drill.wetSafe()) {
      return Optional.of("is not for a wet deck");
    }
    if (drill.position() == Position.FLOOR && !circumstances.place().allowsFloor()) {
      return Optional.of("needs a floor to lie on, not " + circumstances.place().words());
    }
    return Optional.empty();
  }

  /** Marked mastery decides; without a mark, the level does, and a lay-off takes the foot rung. */
  private static boolean withinMastery(Drill drill, Athlete athlete) {
    if (drill.rung().isPresent()) {
      if (athlete.deconditioned()) {
        return drill.rung().get().step() == 1 || drill.level() == Level.NOVICE;
      }
      Integer mastered = athlete.mastery().get(drill.rung().get().ladder());
      if (mastered != null) {
        return drill.rung().get().step() <= mastered;
      }
    }
    return athlete.level().atLeast(drill.level());
  }
}
