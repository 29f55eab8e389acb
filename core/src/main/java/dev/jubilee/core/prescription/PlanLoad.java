package dev.jubilee.core.prescription;

import dev.jubilee.core.drill.Drill;
import dev.jubilee.core.drill.Position;
import dev.jubilee.core.drill.Segment;
import dev.jubilee.core.intensity.CriticalModel;
import dev.jubilee.core.intensity.Effort;
import dev.jubilee.core.simulation.Load;
import java.util.Optional;

/** What a plan asks of the body, second by second from its beginning to the start. */
public final class PlanLoad {
  /** Jogging back, paddling, easy spinning between efforts; common practice. */
  static final Effort BETWEEN = Effort.of(28);

  private PlanLoad() {}

  public static Load of(Plan plan) {
    CriticalModel model = plan.anchors().model();
    Load load = Load.standing(plan.seconds(), model);
    // Lifts and jumps draw on no reserve that a race or a test measures.
    boolean isOnLand = plan.request().session().kind().isOnLand();
    int at = 0;
    for (PlanItem item : plan.items()) {
      boolean isSport = item.target().isPresent() && !isOnLand;
      at = put(load, item, plan.drill(item), model, isSport, at);
    }
    return load;
  }

  private static int put(
      Load load,
      PlanItem item,
      Optional<Drill> drill,
      CriticalModel model,
      boolean isSport,
      int from) {
    Effort effort =
        item.target()
            .map(t -> t.effort())
            .orElseGet(() -> Effort.of(drill.map(Drill::effort).orElse(0)));
    boolean wet = drill.filter(d -> d.position() == Position.WATER).isPresent();
    int work = item.segments().stream().filter(PlanLoad::isWork).mapToInt(Segment::seconds).sum();
    int hits = drill.map(d -> d.contactsIn(item.dose())).orElse(0);
    int at = from;
    for (Segment segment : item.segments()) {
      Effort now =
          switch (segment.kind()) {
            case WORK -> effort;
            case RECOVER -> isSport ? BETWEEN : Load.STANDING;
            case CHANGE, SWITCH -> Load.STANDING;
          };
      int to = at + segment.seconds();
      double rate = isWork(segment) && hits > 0 ? (double) hits / work : 0;
      load.put(at, to, now, model, isSport, wet, rate);
      at = to;
    }
    return at;
  }

  private static boolean isWork(Segment segment) {
    return segment.kind() == Segment.Kind.WORK;
  }
}
