package dev.jubilee.core.demand;

import dev.jubilee.core.athlete.Athlete;
import dev.jubilee.core.circumstances.Circumstances;
import dev.jubilee.core.circumstances.PriorExercise;
import dev.jubilee.core.profile.WorkIntensity;
import dev.jubilee.core.session.SessionKind;
import dev.jubilee.core.sport.Level;
import dev.jubilee.core.sport.Sport;
import java.time.Duration;
import java.util.Set;

/**
 * Before events of one to four minutes a heavy, not severe, stretch at the end of the raise lets
 * oxygen uptake rise faster at the start, if the start is ten minutes away or more (Bailey et al.
 * 2009). It is for trained athletes who have the time, and costs others more than it gives.
 */
final class Priming implements Adjustment {
  private static final Duration SHORTEST = Duration.ofMinutes(1);
  private static final Duration LONGEST = Duration.ofMinutes(4);

  /** Within the 3 to 6 min that pay; common practice. */
  private static final int SECONDS = 240;

  /** Easy work before it, s; Jubilee modelling choice. */
  private static final int EASY_BEFORE = 240;

  /** Minutes that a warm-up with it takes; Jubilee modelling choice. */
  private static final int ROOM = 30 * 60;

  /** Ages at which it is done; Jubilee modelling choice. */
  private static final int YOUNGEST = 16;

  private static final int OLDEST = 49;

  @Override
  public DemandDraft adjust(DemandDraft draft, DemandContext context) {
    return isOf(draft, context)
        ? draft
            .withPriming(SECONDS)
            .because("Four minutes firm, well before the start: the event then starts faster.")
        : draft;
  }

  private static boolean isOf(DemandDraft draft, DemandContext context) {
    if (context.session().kind() != SessionKind.TIME_TRIAL || !draft.hasBuild()) {
      return false;
    }
    Duration length = WorkIntensity.trialTime(context.session(), context.anchors());
    boolean isDone = context.circumstances().before().stream().anyMatch(PriorExercise::wasHard);
    return !isDone
        && length.compareTo(SHORTEST) >= 0
        && length.compareTo(LONGEST) <= 0
        && draft.raise() >= EASY_BEFORE + SECONDS
        && pays(context.athlete())
        && isKnown(context)
        && isPossible(context.session().sport(), context.circumstances());
  }

  /** Close to a race nothing is new. */
  private static boolean isKnown(DemandContext context) {
    Set<String> familiar = context.phase().familiar();
    return familiar.isEmpty() || familiar.contains(Demand.priming(context.session().sport()));
  }

  private static boolean pays(Athlete athlete) {
    return athlete.level().atLeast(Level.INTERMEDIATE)
        && !athlete.deconditioned()
        && athlete.ageYears() >= YOUNGEST
        && athlete.ageYears() <= OLDEST
        && athlete.health().isEmpty()
        && athlete.restrictions().isEmpty();
  }

  private static boolean isPossible(Sport sport, Circumstances circumstances) {
    boolean isOnTreadmill = sport.isOnFoot() && circumstances.hasTreadmill();
    return circumstances.canDo(sport)
        && !isOnTreadmill
        && 60 * circumstances.minutes() - circumstances.conditions().waitSeconds() >= ROOM
        && circumstances.feltTemperature() <= Circumstances.HOT
        && (!sport.isOnFoot() || !circumstances.isSlippery());
  }

  @Override
  public String source() {
    return "Bailey et al. 2009; for whom and how long are Jubilee modelling choices";
  }
}
