package dev.jubilee.core.build;

import dev.jubilee.core.circumstances.Circumstances;
import dev.jubilee.core.drill.Dose;
import dev.jubilee.core.drill.Kit;
import dev.jubilee.core.drill.Role;
import dev.jubilee.core.plan.Recovery;
import dev.jubilee.core.quantity.Distance;
import dev.jubilee.core.session.SessionKind;
import java.util.ArrayList;
import java.util.List;

/** Build-ups before sprints, walked back from; strides before all else, jogged back from. */
final class RunBuild implements BuildForm {
  /** A build-up is as long as the lane, up to 50 m; a stride up to 100 m; common practice. */
  private static final double SHORT = 50;

  private static final double LONG = 100;

  /** Walking and jogging back, m/s; common practice. */
  private static final double WALK = 1.4;

  private static final double JOG = 2.2;

  /** On top of the walk back, s; common practice. */
  private static final int MORE_REST = 15;

  /** What strides and build-ups average in runners without a result, m/s; common practice. */
  private static final double USUAL_SPEED = 5.5;

  /** Share of race effort; common practice. */
  private static final double NEAR_RACE = 0.88;

  /** Room for a run-up, a barrier and running off it, m; common practice. */
  private static final double RUN_UP = 30;

  /** A timed effort is no shorter than this, m. */
  private static final double SHORTEST = 20;

  /** Rest for each metre at full speed, s: about a minute for each 10 m; common practice. */
  private static final double REST_A_METRE = 6;

  /** Share of top speed from which it counts, and the least of it; Jubilee modelling choices. */
  private static final double HARDLY_FAST = 0.65;

  private static final double LEAST_REST = 0.2;

  /** Runners slow down by this without hurry, m/s²: from 5 m/s in 7 m; common practice. */
  private static final double SLOWING = 1.8;

  /** At least this share of the lane is run, however fast; common practice. */
  private static final double MOST_OF_A_LANE = 0.6;

  /** Where lengths are short one turns and stands a little, s; common practice. */
  private static final int LEAST_TO_TURN = 20;

  /** Hill strides are short, m; common practice. */
  private static final double LONGEST_UPHILL = 50;

  /** One or two real starts, of three efforts and more; what they take, s; common practice. */
  private static final int EFFORTS_WITH_A_START = 3;

  private static final int START = 5;
  private static final int START_OVER_BARRIERS = 6;

  /**
   * Speed over barriers as a share of that on the flat: the best over 110 m and 100 m hurdles and
   * 3000 m steeple beside those on the flat (from memory).
   */
  private static final double HURDLED = 0.85;

  private static final double STEEPLED = 0.93;

  private final BuildContext context;

  RunBuild(BuildContext context) {
    this.context = context;
  }

  @Override
  public List<GradedEffort> efforts(int count, boolean brief) {
    double top = context.top();
    // Before a race of a minute or four all efforts are near race effort.
    boolean isNearRace = context.isShort() && !context.isSprint();
    double first = isNearRace ? NEAR_RACE : FirstStep.share(context, top, count);
    Distance distance = distance(brief);
    List<GradedEffort> efforts = new ArrayList<>();
    for (int i = 0; i < count; i++) {
      double speed = top * EvenSteps.between(first, 1, i, count);
      boolean isOverBarrier = i >= count - overBarriers(count, brief);
      if (i == count - 1 && hasStart(count)) {
        Role start = isOverBarrier ? Role.START_HURDLES : Role.START_RUN;
        int seconds = isOverBarrier ? START_OVER_BARRIERS : START;
        efforts.add(context.start(start, seconds, speed, recovery(distance, speed, brief)));
      } else if (isOverBarrier) {
        efforts.add(overBarrier(distance, speed, brief));
      } else if (isUphill()) {
        efforts.add(uphill(distance, speed));
      } else {
        Dose dose = context.over(distance, speed, USUAL_SPEED);
        efforts.add(context.at(speed, effort(), dose, recovery(distance, speed, brief), 0));
      }
    }
    return efforts;
  }

  /** As hard as on the flat, and as much slower as hurdlers are. */
  private GradedEffort overBarrier(Distance distance, double flat, boolean brief) {
    double share = context.kind() == SessionKind.HURDLES ? HURDLED : STEEPLED;
    Dose dose = context.over(distance, share * flat, USUAL_SPEED);
    return context
        .at(flat, overBarrier(), dose, recovery(distance, flat, brief), 0)
        .atPaceOf(share);
  }

  /** Before what is over in seconds the last effort is a start as in the race. */
  private boolean hasStart(int count) {
    boolean isFromBlocks =
        context.kind() == SessionKind.HURDLES
            || (context.kind() == SessionKind.TIME_TRIAL && context.isSprint());
    return isFromBlocks
        && count >= EFFORTS_WITH_A_START
        && !isUphill()
        && context.request().circumstances().lane().metres() >= RUN_UP
        && context.allows(Role.START_RUN);
  }

  /** Sore calves stride on the flat. */
  private boolean isUphill() {
    return context.request().circumstances().conditions().isUphill()
        && context.allows(Role.HILL_STRIDE);
  }

  /** The same effort up the slope: as much oxygen, at a slower pace. */
  private GradedEffort uphill(Distance flatDistance, double flat) {
    Distance distance = Distance.ofMetres(Math.min(LONGEST_UPHILL, flatDistance.metres()));
    int gradient = context.request().circumstances().conditions().gradient();
    double speed = flat / Slope.times(gradient);
    return context
        .at(flat, Role.HILL_STRIDE, context.over(distance, speed, USUAL_SPEED), walkDown(), 0)
        .atPaceOf(1 / Slope.times(gradient));
  }

  private Recovery walkDown() {
    int back = (int) Math.ceil(LONGEST_UPHILL / WALK);
    int rest = context.isTimed() ? Math.max(back, context.rest(false)) : back;
    return new Recovery(EvenSteps.toFive(rest), Recovery.Doing.WALK_BACK);
  }

  /** s; the nearer to top speed, the nearer to a minute for each 10 m. */
  private double fullRest(Distance distance, double speed) {
    double share = speed / context.anchors().model().top();
    double fast = Math.max(LEAST_REST, (share - HARDLY_FAST) / (1 - HARDLY_FAST));
    return REST_A_METRE * distance.metres() * fast;
  }

  /** What is sore is not thrown into a sprint; strides stay relaxed. */
  private Role effort() {
    Role sprint = context.profile().effort(SessionKind.SPRINT);
    return context.isShort() && context.allows(sprint) ? sprint : context.profile().effort();
  }

  /** How many of the last efforts go over a barrier, where there is one; common practice. */
  private int overBarriers(int count, boolean brief) {
    boolean canHurdle =
        context.kind().isOverBarriers()
            && context.has(Kit.HURDLES, overBarrier())
            && context.allows(overBarrier())
            && context.request().circumstances().lane().metres() >= RUN_UP;
    if (!canHurdle || count == 1) {
      return 0;
    }
    return context.kind() == SessionKind.HURDLES && !brief && count > 2 ? 2 : 1;
  }

  private Role overBarrier() {
    return context.kind() == SessionKind.HURDLES ? Role.BUILD_UP_HURDLES : Role.STRIDE_BARRIER;
  }

  private Distance distance(boolean brief) {
    double longest = context.isSprint() || brief ? SHORT : LONG;
    if (context.isTimed()) {
      double metres = context.demand().effortSeconds() * speedOf(context.top());
      longest = Math.min(longest, Math.max(SHORTEST, Math.floor(metres / 10) * 10));
    }
    return Distance.ofMetres(Math.min(room(), longest));
  }

  /** Of a lane that ends at a wall one runs what leaves room to slow down, m. */
  private double room() {
    Circumstances here = context.request().circumstances();
    double lane = here.lane().metres();
    double top = speedOf(context.top());
    double slowing = top * top / (2 * SLOWING);
    return here.place().isOutdoors()
        ? lane
        : Math.floor(Math.max(MOST_OF_A_LANE * lane, lane - slowing));
  }

  private double speedOf(double top) {
    return context.anchors().known() ? top : USUAL_SPEED;
  }

  /** The faster the build-up, the longer the walk back; jogging back is enough below that. */
  private Recovery recovery(Distance distance, double speed, boolean brief) {
    boolean walk = context.isShort();
    int back = (int) Math.ceil(distance.metres() / (walk ? WALK : JOG));
    if (context.isSprint()) {
      int full = (int) Math.round(fullRest(distance, speed) / (brief ? 2 : 1));
      return new Recovery(
          EvenSteps.toFive(Math.max(back + MORE_REST, full)), Recovery.Doing.WALK_BACK);
    }
    if (context.isTimed()) {
      return new Recovery(
          EvenSteps.toFive(Math.max(back, context.rest(brief))),
          walk ? Recovery.Doing.WALK_BACK : Recovery.Doing.JOG_BACK);
    }
    return new Recovery(EvenSteps.toFive(Math.max(LEAST_TO_TURN, back)), Recovery.Doing.JOG_BACK);
  }
}
