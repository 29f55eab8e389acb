package dev.jubilee.core.demand;

import dev.jubilee.core.circumstances.Circumstances;
import dev.jubilee.core.circumstances.PriorExercise;
import dev.jubilee.core.intensity.Curve;
import dev.jubilee.core.simulation.Ambient;
import dev.jubilee.core.simulation.Arrival;
import dev.jubilee.core.simulation.Body;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;

/**
 * Who comes warm raises less; who has rehearsed need not do all of it again. How much is left to do
 * depends on how long ago it was: under half an hour one stays warm and does two short efforts, up
 * to an hour and a half it is a short re-warm, later most of the routine again.
 */
final class AfterPriorExercise implements Adjustment {
  /** Minutes from the end of what was done before to the start. */
  private static final double[] GAP = {0, 40, 60, 90, 150, 240};

  /** What is left to do of the drills, and of the graded efforts. */
  private static final double[] DRILLS = {0, 0, 0.4, 0.7, 0.9, 1};

  private static final double[] EFFORTS = {0.4, 0.4, 0.5, 0.8, 1, 1};

  /**
   * and at most of the raise, however cold the muscles are again: some seven minutes brought back
   * what a quarter of an hour of sitting had cost (Mohr et al. 2004).
   */
  private static final double[] RAISE = {0.3, 0.35, 0.5, 0.65, 0.9, 1};

  /** Two short efforts, however little is left to do. */
  private static final int LEAST_EFFORTS = 2;

  /** Less than this does not pass for a whole warm-up, min; Jubilee modelling choice. */
  private static final double WHOLE = 12;

  /** What a session of another kind does for the joints that this one needs. */
  private static final double OF_ANOTHER_KIND = 0.5;

  /** Nobody starts straight off without any, s; Jubilee modelling choice. */
  private static final int LEAST_RAISE = 120;

  /** What of the raise the warmest arrival saves; Jubilee modelling choice. */
  private static final double MOST_SAVED = 0.85;

  /** What is left of a part when it is said to be less; Jubilee modelling choice. */
  private static final double TOLD = 0.93;

  /** Hard work of so many minutes tires the legs for contacts, for so many more. */
  private static final int LONG_AND_HARD = 20;

  private static final int LONG = 60;
  private static final int TIRED = 120;

  @Override
  public DemandDraft adjust(DemandDraft draft, DemandContext context) {
    List<PriorExercise> before = context.circumstances().before();
    if (before.isEmpty()) {
      return draft;
    }
    PriorExercise last = before.get(before.size() - 1);
    if (ReWarm.isEnough(context.session(), context.circumstances())) {
      return ReWarm.of(draft, context)
          .because(since(last) + ": a few minutes of moving, and two short efforts.");
    }
    double raised = before.stream().mapToDouble(b -> raiseLeft(b, context)).min().orElse(1);
    double share = Math.min(raised, 1 - MOST_SAVED * carriedOver(draft, context));
    double drills = before.stream().mapToDouble(b -> drillsLeft(b, context)).min().orElse(1);
    double efforts = before.stream().mapToDouble(b -> effortsLeft(b, context)).min().orElse(1);
    boolean isTired = before.stream().anyMatch(AfterPriorExercise::tires);
    int fewest = Math.min(LEAST_EFFORTS, draft.efforts());
    DemandDraft after =
        draft
            .withRaise(Math.max(Math.min(LEAST_RAISE, draft.raise()), share * draft.raise()))
            .withMobilise(drills * draft.mobilise())
            .withActivate(drills * draft.activate())
            .withDrill(drills * draft.drill())
            .withEfforts(Math.max(fewest, (int) Math.round(efforts * draft.efforts())))
            .withContacts(isTired ? draft.contacts() / 2 : draft.contacts());
    boolean isShorter = after.raise() < TOLD * draft.raise();
    boolean isLess =
        after.efforts() < draft.efforts()
            || after.mobilise() + after.drill() < TOLD * (draft.mobilise() + draft.drill());
    boolean isSofter = after.contacts() < draft.contacts();
    return sentence(last, isShorter, isLess, isSofter).map(after::because).orElse(after);
  }

  /** How much of the wanted warmth is there already, 0 to 1. */
  private static double carriedOver(DemandDraft draft, DemandContext context) {
    Circumstances circumstances = context.circumstances();
    Ambient air = Ambient.of(circumstances);
    Body body = Body.of(context.athlete().physique());
    double rested = Arrival.rested(body, air).muscle();
    double wanted = Math.max(0.5, Demand.WARM * draft.warmth() - rested);
    double length = Math.min(60.0 * circumstances.minutes(), ideal(draft));
    double share = 0;
    // The warmer one comes the shorter it gets, and the later it begins: twice is near enough.
    for (int i = 0; i < 2; i++) {
      Arrival arrival =
          Arrival.after(
              circumstances.before(),
              (int) (length * (1 - share / 2)),
              context.anchors().model(),
              body,
              air);
      share = Math.max(0, Math.min(1, (arrival.muscle() - rested) / wanted));
    }
    return share;
  }

  private static double ideal(DemandDraft draft) {
    int build = draft.efforts() * (draft.effortSeconds() + draft.restSeconds());
    return draft.raise()
        + draft.mobilise()
        + draft.activate()
        + draft.drill()
        + build
        + draft.transition();
  }

  private static double drillsLeft(PriorExercise done, DemandContext context) {
    double whole =
        switch (done.kind()) {
          case JOURNEY -> 0;
          case WARM_UP -> 1;
          case SESSION -> done.movement().isOf(context.session().sport()) ? 1 : OF_ANOTHER_KIND;
        };
    return left(done, whole, DRILLS);
  }

  private static double raiseLeft(PriorExercise done, DemandContext context) {
    return done.rehearses(context.session().sport()) ? Curve.at(done.endedBefore(), GAP, RAISE) : 1;
  }

  private static double effortsLeft(PriorExercise done, DemandContext context) {
    // A heat of a minute rehearses as well as one of ten.
    return done.rehearses(context.session().sport())
        ? Curve.at(done.endedBefore(), GAP, EFFORTS)
        : 1;
  }

  private static double left(PriorExercise done, double whole, double[] table) {
    double counts = whole * Math.min(1, done.minutes() / WHOLE);
    boolean isHeat = done.kind() == PriorExercise.Kind.SESSION && done.wasHard();
    double share = isHeat ? whole : counts;
    return 1 - share * (1 - Curve.at(done.endedBefore(), GAP, table));
  }

  private static boolean tires(PriorExercise done) {
    int enough = done.wasHard() ? LONG_AND_HARD : LONG;
    return done.kind() == PriorExercise.Kind.SESSION
        && done.endedBefore() <= TIRED
        && (done.isAllOut() || done.minutes() >= enough);
  }

  private static String since(PriorExercise last) {
    return "After " + last.words() + " that ended " + last.endedBefore() + " min before the start";
  }

  /** What it changed, and nothing where it changed nothing that is seen. */
  private static Optional<String> sentence(
      PriorExercise last, boolean isShorter, boolean isLess, boolean isSofter) {
    List<String> changes = new ArrayList<>();
    if (isShorter) {
      changes.add("a shorter raise");
    }
    if (isLess) {
      changes.add("less done again");
    }
    if (isSofter) {
      changes.add("half the contacts on tired legs");
    }
    return changes.isEmpty()
        ? Optional.empty()
        : Optional.of(since(last) + ": " + String.join(", ", changes) + ".");
  }

  @Override
  public String source() {
    return "common practice for heats and slipped starts; the figures between are Jubilee modelling"
        + " choices";
  }
}
