package dev.jubilee.core.readiness;

import dev.jubilee.core.drill.Drill;
import dev.jubilee.core.drill.Position;
import dev.jubilee.core.drill.Segment;
import dev.jubilee.core.intensity.Anchors;
import dev.jubilee.core.intensity.CriticalModel;
import dev.jubilee.core.intensity.Effort;
import dev.jubilee.core.prescription.Plan;
import dev.jubilee.core.prescription.PlanItem;
import java.util.Arrays;
import java.util.Optional;

/** What a warm-up asks of the body, second by second from its beginning to the start. */
final class Load {
  /** Standing about and changing over; Jubilee modelling choice. */
  static final Effort STANDING = Effort.of(6);

  static final double STANDING_COST = STANDING.points() / Effort.CRITICAL;

  /** Jogging back, paddling, easy spinning between efforts; common practice. */
  private static final Effort BETWEEN = Effort.of(28);

  /** Metabolic cost as a share of that at critical intensity. */
  final double[] cost;

  /** Speed or power as a share of the critical one. */
  final double[] speed;

  final double[] contacts;
  final boolean[] inWater;

  /** W′ or D′ in seconds of critical intensity. */
  final double reserveSeconds;

  private Load(
      double[] cost, double[] speed, double[] contacts, boolean[] inWater, double reserveSeconds) {
    this.cost = cost;
    this.speed = speed;
    this.contacts = contacts;
    this.inWater = inWater;
    this.reserveSeconds = reserveSeconds;
  }

  int seconds() {
    return cost.length;
  }

  static Load of(Plan plan) {
    int seconds = plan.seconds();
    CriticalModel model = plan.anchors().model();
    Load load =
        new Load(
            new double[seconds],
            new double[seconds],
            new double[seconds],
            new boolean[seconds],
            model.reserve() / model.critical());
    int at = 0;
    for (PlanItem item : plan.items()) {
      at = load.put(item, plan.drill(item), plan.anchors(), at);
    }
    return load;
  }

  private int put(PlanItem item, Optional<Drill> drill, Anchors anchors, int from) {
    Effort effort =
        item.target()
            .map(t -> t.effort())
            .orElseGet(() -> Effort.of(drill.map(Drill::effort).orElse(0)));
    // Only the sport itself draws on its reserve; drills tire by their contacts.
    boolean isSport = item.target().isPresent();
    boolean wet = drill.filter(d -> d.position() == Position.WATER).isPresent();
    int work = item.segments().stream().filter(Load::isWork).mapToInt(Segment::seconds).sum();
    int hits = drill.map(d -> d.contactsIn(item.dose())).orElse(0);
    int at = from;
    for (Segment segment : item.segments()) {
      Effort now =
          switch (segment.kind()) {
            case WORK -> effort;
            case RECOVER -> isSport ? BETWEEN : STANDING;
            case CHANGE, SWITCH -> STANDING;
          };
      int to = at + segment.seconds();
      Arrays.fill(cost, at, to, cost(now, anchors.model()));
      double share = anchors.model().intensityAt(now) / anchors.model().critical();
      Arrays.fill(speed, at, to, isSport ? share : Math.min(1, share));
      Arrays.fill(inWater, at, to, wet);
      if (isWork(segment) && hits > 0) {
        Arrays.fill(contacts, at, to, (double) hits / work);
      }
      at = to;
    }
    return at;
  }

  private static boolean isWork(Segment segment) {
    return segment.kind() == Segment.Kind.WORK;
  }

  /** The effort scale is linear in cost below critical; above it cost goes with intensity. */
  static double cost(Effort effort, CriticalModel model) {
    double points = effort.points();
    return points <= Effort.CRITICAL
        ? points / Effort.CRITICAL
        : model.intensityAt(effort) / model.critical();
  }

  /** The same followed by standing about, for when the start slips. */
  Load thenStanding(int more) {
    int n = seconds();
    Load longer =
        new Load(
            Arrays.copyOf(cost, n + more),
            Arrays.copyOf(speed, n + more),
            Arrays.copyOf(contacts, n + more),
            Arrays.copyOf(inWater, n + more),
            reserveSeconds);
    Arrays.fill(longer.cost, n, n + more, STANDING_COST);
    return longer;
  }
}
