package dev.jubilee.core.demand;

import dev.jubilee.core.circumstances.Circumstances;
import dev.jubilee.core.circumstances.PriorExercise;
import dev.jubilee.core.session.Session;
import dev.jubilee.core.simulation.Ambient;
import dev.jubilee.core.simulation.Arrival;
import dev.jubilee.core.simulation.Body;
import dev.jubilee.core.simulation.LoadProfile;
import dev.jubilee.core.simulation.MuscleTemperature;

/**
 * What is left to do when the warm-up was done not long ago and the start is still to come: a few
 * minutes of moving and two short efforts, nothing new, nothing that tires; common practice. Some
 * seven minutes brought back what a quarter of an hour of sitting had cost (Mohr et al. 2004).
 */
public final class ReWarm {
  /** Up to so many minutes after the end of the warm-up this is all there is to do. */
  static final int WITHIN = 40;

  /** A warm-up that did not go as high as the session begins counts from so many minutes on. */
  private static final int WHOLE = 12;

  /** Moving, s. */
  private static final int SHORTEST = 150;

  private static final int LONGEST = 270;

  /** Away from boat, bike or water one is moved warm by what loosens, and marches little, s. */
  private static final int ON_THE_SPOT = 60;

  private static final int LOOSENING = 100;

  /** Easy movement as a share of critical cost: a light jog; common practice. */
  private static final double EASY = 0.7;

  /** Efforts, how long they last at the most, and between them, s. */
  private static final int EFFORTS = 2;

  private static final int EFFORT = 10;
  private static final int LEAST_REST = 45;
  private static final int MOST_REST = 90;

  /** From the last of them to the start, s: a few minutes, as all else was done before. */
  public static final int SETTLING = 150;

  /** All of it but the settling takes about so long, min; for how long one stands before it. */
  public static final int LENGTH = 6;

  private ReWarm() {}

  /** Whether no more than that is left to do. */
  public static boolean isEnough(Session session, Circumstances circumstances) {
    return circumstances.before().stream().anyMatch(b -> isEnough(b, session));
  }

  private static boolean isEnough(PriorExercise done, Session session) {
    boolean isWarmUp =
        done.kind() == PriorExercise.Kind.WARM_UP
            && done.movement().isOf(session.sport())
            && done.minutes() >= WHOLE;
    return done.endedBefore() <= WITHIN && (isWarmUp || done.rehearses(session.sport()));
  }

  /** The longest raise then, s. */
  public static int longestRaise(Session session, Circumstances circumstances) {
    return circumstances.canDo(session.sport()) ? LONGEST : ON_THE_SPOT;
  }

  /**
   * How long one moves easily to be warm again at the start, s; less where that is out of reach.
   *
   * @param muscle temperature above rest when it begins, °C
   * @param wanted at the start, °C above rest
   */
  public static int moving(double muscle, double wanted, Body body, Ambient air) {
    MuscleTemperature temperature = new MuscleTemperature(body, air);
    for (int seconds = SHORTEST; seconds < LONGEST; seconds += 30) {
      double warmed = temperature.after(muscle, EASY, false, seconds);
      double left = temperature.after(warmed, LoadProfile.STANDING_COST, false, SETTLING);
      if (left >= Demand.WARM * wanted) {
        return seconds;
      }
    }
    return LONGEST;
  }

  /** What a session asks for then. */
  static DemandDraft of(DemandDraft draft, DemandContext context) {
    boolean isOnTheSpot = !context.circumstances().canDo(context.session().sport());
    Body body = Body.of(context.athlete().physique());
    Ambient air = Ambient.of(context.circumstances());
    int begins = Math.min(context.circumstances().minutes(), LENGTH) * 60 + SETTLING;
    double muscle =
        Arrival.after(
                context.circumstances().before(), begins, context.anchors().model(), body, air)
            .muscle();
    double moving = isOnTheSpot ? ON_THE_SPOT : moving(muscle, draft.warmth(), body, air);
    int seconds = draft.effortSeconds() > 0 ? Math.min(EFFORT, draft.effortSeconds()) : EFFORT;
    int rest = Math.max(LEAST_REST, Math.min(MOST_REST, draft.restSeconds() / 2));
    return draft
        .withRaise(Math.min(draft.raise(), moving))
        .withMobilise(isOnTheSpot ? Math.min(draft.mobilise(), LOOSENING) : 0)
        .withActivate(0)
        .withDrill(0)
        .withEfforts(Math.min(EFFORTS, draft.efforts()))
        .withEffortSeconds(seconds)
        .withRestSeconds(rest)
        .withTransition(Math.min(draft.transition(), SETTLING))
        .withContacts(0);
  }
}
