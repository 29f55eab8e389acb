package dev.jubilee.core.check;

import dev.jubilee.core.athlete.Athlete;
import dev.jubilee.core.athlete.Restriction;
import dev.jubilee.core.choice.RegionRules;
import dev.jubilee.core.demand.LoadedRegions;
import dev.jubilee.core.plan.Plan;
import dev.jubilee.core.profile.Profiles;
import dev.jubilee.core.sport.Level;
import dev.jubilee.core.sport.Sport;
import java.util.Arrays;
import java.util.Comparator;
import java.util.Optional;

/** Easy work in a sport that leaves alone what hurts or is sore, in the shorthand of coaches. */
public final class SparingSession {
  private static final int MINUTES = 40;
  private static final int NOVICES_MINUTES = 30;

  private SparingSession() {}

  /** For the athlete of a plan as they are; empty where no sport leaves it alone. */
  public static Optional<String> of(Plan plan) {
    return another(plan).map(sport -> words(sport, minutes(plan)));
  }

  /** How long it is. */
  public static int minutes(Plan plan) {
    Athlete athlete = plan.request().athlete();
    return athlete.level() == Level.NOVICE ? NOVICES_MINUTES : MINUTES;
  }

  /** So many minutes of a sport, easy. */
  public static String words(Sport sport, int minutes) {
    return Profiles.of(sport).verb() + " " + minutes + " min easy";
  }

  /** The sport whose easy movement leaves all of it alone; the athlete's own first. */
  private static Optional<Sport> another(Plan plan) {
    Sport own = plan.request().session().sport();
    return Arrays.stream(Sport.values())
        .sorted(Comparator.comparing((Sport s) -> s != own))
        .filter(s -> leavesAlone(s, plan))
        .findFirst();
  }

  private static boolean leavesAlone(Sport sport, Plan plan) {
    return plan.library()
        .find(Profiles.of(sport).easy())
        .filter(
            drill ->
                plan.request().athlete().restrictions().stream()
                    .noneMatch(
                        r ->
                            RegionRules.against(drill, r).isPresent()
                                || (r.severity() == Restriction.Severity.HURT
                                    && LoadedRegions.of(sport).contains(r.region()))))
        .isPresent();
  }
}
