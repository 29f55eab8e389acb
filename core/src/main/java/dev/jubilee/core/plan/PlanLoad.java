package dev.jubilee.core.plan;

import dev.jubilee.core.circumstances.Circumstances;
import dev.jubilee.core.drill.Drill;
import dev.jubilee.core.drill.Position;
import dev.jubilee.core.drill.Segment;
import dev.jubilee.core.intensity.CriticalModel;
import dev.jubilee.core.intensity.Effort;
import dev.jubilee.core.simulation.Ambient;
import dev.jubilee.core.simulation.Arrival;
import dev.jubilee.core.simulation.Body;
import dev.jubilee.core.simulation.LoadProfile;
import dev.jubilee.core.simulation.MuscleTemperature;
import java.util.Optional;

/** What a plan asks of the body, second by second from its beginning to the start. */
public final class PlanLoad {
  private PlanLoad() {}

  /** A stretch of one effort: to whom it matters. */
  private interface Stretches {
    void stretch(
        int seconds,
        Effort effort,
        boolean isSport,
        boolean wet,
        double contactsASecond,
        int warmer);
  }

  public static LoadProfile of(Plan plan) {
    CriticalModel model = plan.anchors().model();
    LoadProfile load = LoadProfile.standing(plan.seconds(), model);
    int[] at = {0};
    walk(
        plan,
        (seconds, effort, isSport, wet, contacts, warmer) -> {
          load.put(at[0], at[0] + seconds, effort, model, isSport, wet, contacts);
          load.putIn(at[0], at[0] + seconds, warmer);
          at[0] += seconds;
        });
    return load;
  }

  /** The body as it comes to a plan's first second. */
  public static Arrival arrival(Plan plan, Body body) {
    Circumstances circumstances = plan.request().circumstances();
    return Arrival.after(
        circumstances.before(),
        plan.seconds(),
        plan.anchors().model(),
        body,
        Ambient.of(circumstances.at(0)));
  }

  /** Muscle temperature above rest at the start, °C, stretch by stretch; the same as simulated. */
  public static double warmthAtStart(Plan plan) {
    Ambient air = Ambient.of(plan.request().circumstances());
    CriticalModel model = plan.anchors().model();
    Body own = Body.of(plan.request().athlete().physique());
    MuscleTemperature body = new MuscleTemperature(own, air);
    double[] muscle = {arrival(plan, own).muscle()};
    walk(
        plan,
        (seconds, effort, isSport, wet, contacts, warmer) ->
            muscle[0] =
                body.after(muscle[0], LoadProfile.cost(effort, model), wet, seconds, warmer));
    return muscle[0];
  }

  private static void walk(Plan plan, Stretches to) {
    // Lifts and jumps draw on no reserve that a race or a test measures.
    boolean isOnLand = plan.request().session().kind().isOnLand();
    int atTheStart = plan.request().circumstances().feltTemperature();
    for (PlanItem item : plan.items()) {
      int warmer = plan.circumstancesOf(item).feltTemperature() - atTheStart;
      walk(item, plan.drill(item), item.target().isPresent() && !isOnLand, warmer, to);
    }
  }

  private static void walk(
      PlanItem item, Optional<Drill> drill, boolean isSport, int warmer, Stretches to) {
    Effort effort =
        item.target()
            .map(t -> t.effort())
            .orElseGet(() -> Effort.of(drill.map(Drill::effort).orElse(0)));
    boolean wet = drill.filter(d -> d.position() == Position.WATER).isPresent();
    int work = item.segments().stream().filter(PlanLoad::isWork).mapToInt(Segment::seconds).sum();
    int hits = drill.map(d -> d.contactsIn(item.dose())).orElse(0);
    for (Segment segment : item.segments()) {
      Effort now =
          switch (segment.kind()) {
            case WORK -> effort;
            case RECOVER -> isSport ? Effort.BETWEEN_EFFORTS : LoadProfile.STANDING;
            case CHANGE, SWITCH -> LoadProfile.STANDING;
          };
      double rate = isWork(segment) && hits > 0 ? (double) hits / work : 0;
      to.stretch(segment.seconds(), now, isSport, wet, rate, warmer);
    }
  }

  private static boolean isWork(Segment segment) {
    return segment.kind() == Segment.Kind.WORK;
  }
}
