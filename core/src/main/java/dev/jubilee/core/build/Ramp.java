package dev.jubilee.core.build;

import dev.jubilee.core.circumstances.Circumstances;
import dev.jubilee.core.demand.Demand;
import dev.jubilee.core.drill.Dose;
import dev.jubilee.core.drill.DrillLibrary;
import dev.jubilee.core.drill.Kit;
import dev.jubilee.core.intensity.Anchors;
import dev.jubilee.core.intensity.Effort;
import dev.jubilee.core.intensity.Target;
import dev.jubilee.core.plan.PrescriptionRequest;
import dev.jubilee.core.plan.Recovery;
import dev.jubilee.core.quantity.Distance;
import dev.jubilee.core.session.SessionKind;
import dev.jubilee.core.simulation.Cost;
import dev.jubilee.core.simulation.Simulation;
import dev.jubilee.core.sport.Sport;
import java.time.Duration;
import java.util.ArrayList;
import java.util.List;

/**
 * Graded efforts from where the raise ends to where the session begins: steps go one way, are even,
 * and the last is short and specific. Numbers are common practice unless said otherwise.
 */
public final class Ramp {
  /** How recoveries grow where efforts cost too much, s. */
  private static final int LONGER = 15;

  private static final int LONGEST = 60;

  private final PrescriptionRequest request;
  private final DrillLibrary library;
  private final Anchors anchors;
  private final Demand demand;
  private final SessionKind kind;

  public Ramp(PrescriptionRequest request, DrillLibrary library, Anchors anchors, Demand demand) {
    this.request = request;
    this.library = library;
    this.anchors = anchors;
    this.demand = demand;
    this.kind = request.session().kind();
  }

  /** The build as the session deserves it; empty when it asks for none. */
  public List<GradedEffort> ideal() {
    return demand.efforts() == 0 ? List.of() : withCount(demand.efforts(), false);
  }

  /** The fullest build that fits the seconds; empty when not even one effort does. */
  public List<GradedEffort> within(int seconds) {
    // Better two shorter efforts than a long one alone.
    for (boolean brief : new boolean[] {false, true}) {
      for (int count = demand.efforts(); count >= (brief ? 1 : 2); count--) {
        List<GradedEffort> efforts = withCount(count, brief);
        if (total(efforts) <= seconds) {
          return efforts;
        }
      }
    }
    return List.of();
  }

  /** One short effort, for when nothing more fits; empty when the session asks for none. */
  public List<GradedEffort> least() {
    return demand.efforts() == 0 ? List.of() : withCount(1, true);
  }

  public static int total(List<GradedEffort> efforts) {
    return efforts.stream().mapToInt(GradedEffort::seconds).sum();
  }

  private List<GradedEffort> withCount(int count, boolean brief) {
    List<GradedEffort> efforts =
        switch (kind) {
          case GYM -> lifting(count);
          case JUMPS -> jumping(count);
          default -> onSendOffs(bounded(bySport(count, brief)));
        };
    return withoutLastRecovery(efforts);
  }

  private List<GradedEffort> bySport(int count, boolean brief) {
    return switch (request.session().sport()) {
      case RUN -> running(count, brief);
      case RIDE -> allowed("pressure-step-ride", Kit.BIKE) ? riding(count, brief) : onLand(count);
      case ROW -> allowed("pressure-step-row", Kit.ROWER) ? rowing(count, brief) : onLand(count);
      case SWIM -> allowed("build-25-swim", Kit.POOL) ? swimming(count, brief) : turnover(count);
    };
  }

  /** In the pool one leaves by the clock: full multiples of five seconds. */
  private List<GradedEffort> onSendOffs(List<GradedEffort> efforts) {
    return efforts.stream()
        .map(
            e ->
                e.recovery().isOnSendOff()
                    ? e.recovering(toFive(e.seconds()) - e.dose().seconds())
                    : e)
        .toList();
  }

  /** Recoveries as long as it takes for the build to stay within what a warm-up may cost. */
  private List<GradedEffort> bounded(List<GradedEffort> efforts) {
    List<GradedEffort> bounded = efforts;
    for (int more = LONGER; deepest(bounded) < Cost.DEEPEST && more <= LONGEST; more += LONGER) {
      int longer = more;
      bounded = efforts.stream().map(e -> e.recovering(e.recovery().seconds() + longer)).toList();
    }
    return bounded;
  }

  /** Least that is left of W′ or D′ (Skiba et al. 2012) while the efforts are done. */
  private double deepest(List<GradedEffort> efforts) {
    double critical = anchors.model().critical();
    double reserveSeconds = anchors.model().reserve() / critical;
    double easy = anchors.model().intensityAt(Effort.BETWEEN_EFFORTS) / critical;
    double left = 1;
    double deepest = 1;
    for (GradedEffort e : efforts) {
      double share = anchors.model().intensityAt(e.target().effort()) / critical;
      left = Simulation.reserve(left, share, reserveSeconds, e.dose().seconds());
      deepest = Math.min(deepest, left);
      left = Simulation.reserve(left, easy, reserveSeconds, e.recovery().seconds());
    }
    return deepest;
  }

  /** Sets of the first lift: load up, repetitions down; common practice. */
  private List<GradedEffort> lifting(int count) {
    List<GradedEffort> sets = new ArrayList<>();
    for (int i = 0; i < count; i++) {
      double share = Math.round(20 * between(0.4, 0.85, i, count)) / 20.0;
      Dose dose = new Dose.Reps(Math.max(2, 8 - 3 * i), 1, 1, 3);
      Effort effort = Effort.of(45 + 35 * share);
      sets.add(
          new GradedEffort(
              "warm-up-set",
              dose,
              Target.ofLoad(share, effort),
              new Recovery(45 + 15 * i, Recovery.Doing.CHANGE_LOAD)));
    }
    return sets;
  }

  private List<GradedEffort> jumping(int count) {
    if (request.circumstances().isSlippery() || demand.contacts() == 0) {
      return onLand(count);
    }
    List<GradedEffort> jumps = new ArrayList<>();
    for (int i = 0; i < count; i++) {
      double share = between(0.6, demand.buildTop().points() / 100, i, count);
      Effort effort = Effort.of(100 * share);
      Target target = Target.ofTop((int) Math.round(100 * share), effort);
      jumps.add(
          new GradedEffort(
              "approach-jump",
              new Dose.Reps(3, 1, 1, 5),
              target,
              new Recovery(40, Recovery.Doing.WALK_BACK)));
    }
    return jumps;
  }

  private boolean allowed(String drillId, Kit kit) {
    return request.circumstances().kit().contains(kit) && library.find(drillId).isPresent();
  }

  /** Sprints 70, 80, 90, 100 % of top speed; before a maximal 20 min 60 to 80 %, jog back. */
  private List<GradedEffort> running(int count, boolean brief) {
    boolean slippery = request.circumstances().isSlippery();
    double lane = request.circumstances().lane().metres();
    if (lane < Circumstances.LEAST_LANE || slippery) {
      return slippery
          ? onLand(count)
          : byFeel("spot-run-build", count, 12, 30, Recovery.Doing.SHAKE_OUT);
    }
    double top = anchors.model().intensityAt(demand.buildTop());
    double from =
        switch (kind) {
          case THRESHOLD -> 0.93;
          case INTERVALS -> 0.86;
          case TIME_TRIAL -> 0.75;
          default -> 0.70;
        };
    boolean sprint = kind == SessionKind.SPRINT;
    Distance distance = Distance.ofMetres(Math.min(lane, sprint || brief ? 50 : 100));
    List<GradedEffort> efforts = new ArrayList<>();
    for (int i = 0; i < count; i++) {
      double speed = top * between(from, 1, i, count);
      Dose dose = overDistance(distance, speed);
      // The faster the build-up, the longer the walk back; jogging back is enough below that.
      int back = (int) Math.ceil(distance.metres() / (sprint ? 1.4 : 2.2));
      int recovery = toFive(sprint ? back + 15 + 15 * i : back);
      efforts.add(
          graded(
              sprint ? "build-up-run" : "stride-run",
              dose,
              anchors.model().effortOf(speed),
              recovery,
              sprint ? Recovery.Doing.WALK_BACK : Recovery.Doing.JOG_BACK));
    }
    return efforts;
  }

  /** Steps toward the session; sprints get short openers after two steps. */
  private List<GradedEffort> riding(int count, boolean brief) {
    double session = anchors.model().intensityAt(demand.buildTop());
    boolean sprint = kind == SessionKind.SPRINT;
    int openers = sprint ? Math.max(1, count - 2) : 0;
    int steps = count - openers;
    double stepTop = sprint ? anchors.model().critical() : session;
    List<GradedEffort> efforts = new ArrayList<>();
    for (int i = 0; i < steps; i++) {
      double watts = stepTop * between(kind == SessionKind.THRESHOLD ? 0.80 : 0.72, 1, i, steps);
      boolean last = i == steps - 1;
      efforts.add(
          graded(
              "pressure-step-ride",
              new Dose.Timed(brief ? 30 : last && steps > 2 ? 45 : 60, 1),
              anchors.model().effortOf(watts),
              last && openers > 0 ? 60 : 0,
              Recovery.Doing.SPIN,
              90));
    }
    for (int i = 0; i < openers; i++) {
      double watts = session * between(0.62, 1, i, openers);
      efforts.add(
          graded(
              "opener-ride",
              new Dose.Timed(8, 1),
              anchors.model().effortOf(watts),
              52 + 10 * i,
              Recovery.Doing.SPIN,
              105));
    }
    return efforts;
  }

  /** Pressure build, a step every 30 s up to the day's power at nearly constant rate, then tens. */
  private List<GradedEffort> rowing(int count, boolean brief) {
    double session = anchors.model().intensityAt(demand.buildTop());
    boolean sprint = kind == SessionKind.SPRINT;
    int tens =
        brief && count == 1
            ? 0
            : switch (kind) {
              case THRESHOLD -> 0;
              case SPRINT -> Math.max(1, count - 2);
              default -> count >= 4 ? 2 : 1;
            };
    // Steps are short, so one more than the count keeps them even.
    int steps = brief && count == 1 ? 1 : Math.max(count == 1 ? 1 : 2, count + 1 - tens);
    double stepTop =
        sprint
            ? Math.min(session, 1.1 * anchors.model().critical())
            : tens > 0 ? 0.95 * session : session;
    List<GradedEffort> efforts = new ArrayList<>();
    for (int i = 0; i < steps; i++) {
      double watts = stepTop * between(0.72, 1, i, steps);
      boolean last = i == steps - 1;
      int rate = (int) Math.round(between(20, 23, i, steps));
      efforts.add(
          graded(
              "pressure-step-row",
              new Dose.Timed(brief ? 20 : 30, 1),
              anchors.model().effortOf(watts),
              last && tens > 0 ? (brief ? 30 : 60) : 0,
              Recovery.Doing.PADDLE,
              rate));
    }
    for (int i = 0; i < tens; i++) {
      double watts = sprint ? session * between(0.75, 1, i, tens) : session;
      int rate = sprint ? 34 + i : kind == SessionKind.INTERVALS ? 26 : 30;
      int seconds = (int) Math.round(10 * 60.0 / rate);
      efforts.add(
          graded(
              "race-tens-row",
              new Dose.Timed(seconds, 1),
              anchors.model().effortOf(watts),
              50,
              Recovery.Doing.PADDLE,
              rate));
    }
    return efforts;
  }

  /** Build 25s, then 25s at the pace of the day. */
  private List<GradedEffort> swimming(int count, boolean brief) {
    double top = anchors.model().intensityAt(demand.buildTop());
    boolean sprint = kind == SessionKind.SPRINT;
    int paced = kind == SessionKind.THRESHOLD || count == 1 ? 1 : 2;
    double from = sprint ? 0.80 : 0.92;
    int rest = brief ? 15 : sprint ? 45 : kind == SessionKind.THRESHOLD ? 20 : 30;
    List<GradedEffort> efforts = new ArrayList<>();
    for (int i = 0; i < count; i++) {
      double speed = top * between(from, 1, i, count);
      efforts.add(
          graded(
              i >= count - paced ? "pace-25-swim" : "build-25-swim",
              overDistance(Distance.ofMetres(25), speed),
              anchors.model().effortOf(speed),
              rest,
              Recovery.Doing.AT_THE_WALL));
    }
    return efforts;
  }

  private List<GradedEffort> turnover(int count) {
    return byFeel("turnover-build-swim", count, 10, 30, Recovery.Doing.SHAKE_ARMS_OUT);
  }

  private List<GradedEffort> onLand(int count) {
    boolean wet = request.circumstances().isSlippery();
    return byFeel(wet ? "march-build" : "land-build", count, 20, 30, Recovery.Doing.WALK_ABOUT);
  }

  /** Without the pool, the machine or room, effort rises by feel and stays below the sprint. */
  private List<GradedEffort> byFeel(
      String drillId, int count, int seconds, int rest, Recovery.Doing doing) {
    double top = Math.min(68, demand.buildTop().points());
    List<GradedEffort> efforts = new ArrayList<>();
    for (int i = 0; i < count; i++) {
      Effort effort = Effort.of(between(Math.min(54, top), top, i, count));
      efforts.add(
          new GradedEffort(
              drillId,
              new Dose.Timed(seconds, 1),
              Target.byFeel(effort),
              new Recovery(rest, doing)));
    }
    return efforts;
  }

  private Dose overDistance(Distance distance, double speed) {
    // Without a result the speed is only relative, so the clock says how long.
    return anchors.known()
        ? new Dose.Over(distance, speed)
        : new Dose.Timed(
            request.session().sport() == Sport.SWIM
                ? 22
                : Math.max(6, (int) Math.round(distance.metres() / 5.5)),
            1);
  }

  private GradedEffort graded(String id, Dose dose, Effort effort, int rest, Recovery.Doing doing) {
    return graded(id, dose, effort, rest, doing, 0);
  }

  private GradedEffort graded(
      String id, Dose dose, Effort effort, int rest, Recovery.Doing doing, int rate) {
    Target target = anchors.target(effort, Duration.ofSeconds(dose.seconds())).atRate(rate);
    return new GradedEffort(id, dose, target, new Recovery(rest, doing));
  }

  private static List<GradedEffort> withoutLastRecovery(List<GradedEffort> efforts) {
    List<GradedEffort> trimmed = new ArrayList<>(efforts);
    int end = trimmed.size() - 1;
    GradedEffort last = trimmed.get(end);
    trimmed.set(end, new GradedEffort(last.drillId(), last.dose(), last.target(), Recovery.NONE));
    return trimmed;
  }

  /** Evenly from {@code low} to {@code high}; a single step stays a little below the top. */
  private static double between(double low, double high, int i, int count) {
    return count == 1 ? low + 0.7 * (high - low) : low + (high - low) * i / (count - 1);
  }

  private static int toFive(int seconds) {
    return (seconds + 4) / 5 * 5;
  }
}
