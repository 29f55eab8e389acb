package dev.jubilee.core.demand;

import dev.jubilee.core.athlete.Athlete;
import dev.jubilee.core.athlete.HealthCondition;
import dev.jubilee.core.drill.Caveat;
import dev.jubilee.core.drill.Drill;
import dev.jubilee.core.intensity.Anchors;
import dev.jubilee.core.intensity.Effort;
import java.util.EnumSet;
import java.util.List;
import java.util.Optional;
import java.util.Set;

/**
 * What coaches leave out, prolong and keep low for an athlete of whose health they were told. The
 * usual cautions, common practice; the shares are Jubilee modelling choices. A licensed clinician
 * decides.
 */
public final class HealthRules {
  /** Where effort goes by talk, or straining is to be avoided, the build ends at threshold. */
  private static final Set<HealthCondition> NOT_ABOVE_THRESHOLD =
      EnumSet.of(HealthCondition.PREGNANCY, HealthCondition.HEART_DISEASE);

  private static final Set<HealthCondition> NO_STRAINING =
      EnumSet.of(
          HealthCondition.PREGNANCY,
          HealthCondition.RAISED_BLOOD_PRESSURE,
          HealthCondition.HEART_DISEASE);

  private static final Set<HealthCondition> SENSITIVE_TO_AIR =
      EnumSet.of(HealthCondition.ASTHMA, HealthCondition.HEART_DISEASE, HealthCondition.PREGNANCY);

  /** Effort of a brisk walk, the most after a concussion; common practice. */
  private static final int WALK = 36;

  private static final List<Caveat> NOT_LYING = List.of(Caveat.SUPINE, Caveat.PRONE);

  /** Short rises within 10 to 15 min of easy work lessen the tightening; s, common practice. */
  static final int ASTHMA_RAISE = 600;

  private static final double LONGER_FOR_THE_HEART = 1.4;
  private static final double LONGER_FOR_PRESSURE = 1.25;

  private HealthRules() {}

  /** The reason against a drill as a phrase, or empty when nothing speaks against it. */
  public static Optional<String> against(Drill drill, Athlete athlete) {
    for (HealthCondition condition : athlete.health()) {
      Optional<String> reason = against(drill, condition).map(why -> why + because(condition));
      if (reason.isPresent()) {
        return reason;
      }
    }
    return Optional.empty();
  }

  private static String because(HealthCondition condition) {
    return ", not with " + condition.words();
  }

  private static Optional<String> against(Drill drill, HealthCondition condition) {
    if (NO_STRAINING.contains(condition) && drill.caveats().contains(Caveat.STRAINING)) {
      return Optional.of(Caveat.STRAINING.words());
    }
    return switch (condition) {
      case PREGNANCY -> {
        if (drill.contacts() > 0) {
          yield Optional.of("has ground contacts");
        }
        yield NOT_LYING.stream()
            .filter(drill.caveats()::contains)
            .findFirst()
            .or(() -> drill.asksForBalance() ? Optional.of(Caveat.UNSTEADY) : Optional.empty())
            .map(Caveat::words);
      }
      case CONCUSSION ->
          drill.contacts() > 0 || drill.asksForBalance() || drill.effort() > WALK
              ? Optional.of("is more than a walk")
              : Optional.empty();
      default -> Optional.empty();
    };
  }

  /** Whether there may be contacts at all. */
  static boolean allowContacts(Athlete athlete) {
    return !athlete.health().contains(HealthCondition.PREGNANCY)
        && !athlete.health().contains(HealthCondition.HEART_DISEASE)
        && !athlete.health().contains(HealthCondition.CONCUSSION);
  }

  /** Where the build must end at the latest; empty where health sets no bound. */
  public static Optional<Effort> cap(Athlete athlete, Anchors anchors) {
    if (isWithoutSession(athlete)) {
      return Optional.of(Effort.REST);
    }
    return athlete.health().stream().anyMatch(NOT_ABOVE_THRESHOLD::contains)
        ? Optional.of(anchors.shareOfCritical(1))
        : Optional.empty();
  }

  /**
   * The raise that is wanted instead of the usual one, s.
   *
   * @param isHard whether the session is; an easy one is its own raise
   */
  static double raise(double usual, Athlete athlete, boolean isHard) {
    if (!isHard) {
      return usual;
    }
    double raise = usual;
    if (athlete.health().contains(HealthCondition.HEART_DISEASE)) {
      raise = Math.max(raise, LONGER_FOR_THE_HEART * usual);
    }
    if (athlete.health().contains(HealthCondition.RAISED_BLOOD_PRESSURE)) {
      raise = Math.max(raise, LONGER_FOR_PRESSURE * usual);
    }
    return athlete.health().contains(HealthCondition.ASTHMA)
        ? Math.max(raise, ASTHMA_RAISE)
        : raise;
  }

  /** Whether the air is unhealthy for them before it is for everyone (US EPA, from memory). */
  public static boolean isSensitiveToAir(Athlete athlete) {
    return athlete.ageYears() < DemandContext.YOUNG
        || athlete.health().stream().anyMatch(SENSITIVE_TO_AIR::contains);
  }

  /** Whether there is to be no session. */
  public static boolean isWithoutSession(Athlete athlete) {
    return athlete.health().contains(HealthCondition.CONCUSSION);
  }
}
