package dev.jubilee.core.build;

import dev.jubilee.core.drill.Role;
import dev.jubilee.core.plan.Recovery;
import dev.jubilee.core.quantity.Distance;
import dev.jubilee.core.session.SessionKind;
import dev.jubilee.core.sport.Stroke;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;

/** Lengths that build, then some at the pace of the day; parts of one before sprints. */
final class SwimBuild implements BuildForm {
  private static final Distance LENGTH = Distance.ofMetres(25);

  /** To the flags and a little beyond: all of a sprint that is swum before one; common practice. */
  private static final Distance HALF = Distance.ofMetres(15);

  /** Efforts shorter than this do not take a whole length, s. */
  private static final int WHOLE_LENGTH = 10;

  /** 25 m in 22 s, where there is no result; common practice. */
  private static final double USUAL_SPEED = 25 / 22.0;

  /** What is swum at the pace of the day, a stroke each; common practice. */
  private static final Map<Stroke, Role> AT_PACE =
      Map.of(
          Stroke.BUTTERFLY, Role.PACE_25_BUTTERFLY,
          Stroke.BACKSTROKE, Role.PACE_25_BACKSTROKE,
          Stroke.BREASTSTROKE, Role.PACE_25_BREASTSTROKE,
          Stroke.FREESTYLE, Role.PACE_25_FREESTYLE);

  private final BuildContext context;

  SwimBuild(BuildContext context) {
    this.context = context;
  }

  /** In open water there is no wall. */
  private Recovery.Doing resting() {
    return context.request().circumstances().place().isOpenWater()
        ? Recovery.Doing.EASY
        : Recovery.Doing.AT_THE_WALL;
  }

  @Override
  public List<GradedEffort> efforts(int count, boolean brief) {
    List<Stroke> legs = legs();
    if (legs.size() > 1 && !brief) {
      return byLegs(legs, count);
    }
    double top = context.top();
    double first = FirstStep.share(context, top, count);
    boolean threshold = context.kind() == SessionKind.THRESHOLD;
    int paced = threshold || count == 1 ? 1 : 2;
    Distance length =
        context.isTimed() && context.demand().effortSeconds() < WHOLE_LENGTH ? HALF : LENGTH;
    Recovery recovery = new Recovery(rest(brief), resting());
    List<GradedEffort> efforts = new ArrayList<>();
    for (int i = 0; i < count; i++) {
      double speed = top * EvenSteps.between(first, 1, i, count);
      efforts.add(
          context.at(
              speed,
              i >= count - paced ? Role.PACE_25_SWIM : Role.BUILD_25_SWIM,
              context.over(length, speed, USUAL_SPEED),
              recovery,
              0));
    }
    return efforts;
  }

  /** The strokes of a medley that the swimmer can be asked for today. */
  private List<Stroke> legs() {
    return context.request().session().stroke().stream()
        .flatMap(s -> s.legs().stream())
        .filter(s -> context.allows(AT_PACE.get(s)))
        .toList();
  }

  /** Before a medley a length of each stroke in the order of the race, each at its own pace. */
  private List<GradedEffort> byLegs(List<Stroke> legs, int wanted) {
    int count = Math.max(wanted, legs.size());
    double first = FirstStep.share(context, context.top(), count);
    Recovery recovery = new Recovery(rest(false), resting());
    List<GradedEffort> efforts = new ArrayList<>();
    for (int i = 0; i < count; i++) {
      double speed = context.top() * EvenSteps.between(first, 1, i, count);
      int leg = i - (count - legs.size());
      Stroke stroke = leg < 0 ? Stroke.FREESTYLE : legs.get(leg);
      double own = Stroke.MEDLEY.timeOfFreestyle() / stroke.timeOfFreestyle();
      efforts.add(
          context
              .at(
                  speed,
                  leg < 0 ? Role.BUILD_25_SWIM : AT_PACE.get(stroke),
                  context.over(LENGTH, own * speed, own * USUAL_SPEED),
                  recovery,
                  0)
              .atPaceOf(own));
    }
    return efforts;
  }

  /** s; the faster, the longer. Common practice. */
  private int rest(boolean brief) {
    if (context.isTimed()) {
      return Math.max(15, context.rest(brief));
    }
    if (brief) {
      return 15;
    }
    return context.kind() == SessionKind.THRESHOLD ? 20 : 30;
  }
}
