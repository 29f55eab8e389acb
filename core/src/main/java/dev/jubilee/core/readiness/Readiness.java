package dev.jubilee.core.readiness;

import dev.jubilee.core.athlete.Physique;
import dev.jubilee.core.circumstances.PriorExercise;
import dev.jubilee.core.demand.Demand;
import dev.jubilee.core.demand.HealthRules;
import dev.jubilee.core.demand.ReWarm;
import dev.jubilee.core.drill.WarmUpPart;
import dev.jubilee.core.intensity.Effort;
import dev.jubilee.core.plan.Plan;
import dev.jubilee.core.plan.PlanItem;
import dev.jubilee.core.plan.PlanLoad;
import dev.jubilee.core.plan.SimulatedPlan;
import dev.jubilee.core.session.SessionKind;
import dev.jubilee.core.simulation.Ambient;
import dev.jubilee.core.simulation.Body;
import dev.jubilee.core.simulation.Cost;
import dev.jubilee.core.simulation.LoadProfile;
import dev.jubilee.core.simulation.Simulation;
import dev.jubilee.core.simulation.TemperatureTrace;
import dev.jubilee.core.simulation.Trace;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Locale;
import java.util.Optional;

/**
 * What state a plan leaves the athlete in at the start: warm, fresh, rehearsed, and from when to
 * when. It is a model and says so: warmth comes with a band and in half degrees.
 *
 * @param start second of the planned start
 * @param usual the body second by second, and on for {@link #LOOK_AHEAD} of standing about
 * @param slow muscle temperature of a body that warms slowly and cools quickly
 * @param quick and of one that warms quickly and cools slowly
 * @param verdict at the start
 */
public record Readiness(
    int start, Trace usual, TemperatureTrace slow, TemperatureTrace quick, Verdict verdict) {
  /** How far beyond the planned start it is looked, s. */
  public static final int LOOK_AHEAD = 45 * 60;

  /** A build has been where the session begins within this; Jubilee modelling choice. */
  private static final double REHEARSED_WITHIN = 4;

  /** A slip for which it is said beforehand what to do, min; common practice. */
  private static final int USUAL_SLIP = 15;

  /** Power a °C of muscle is worth, per cent: 2 to 5 (Bergh &amp; Ekblom 1979; Sargeant 1987). */
  private static final int[] POWER_PER_DEGREE = {2, 5};

  /** What a plan leads to; the same plan gives the same. */
  public static Readiness of(Plan plan) {
    return of(SimulatedPlan.of(plan));
  }

  /** The same, of a plan that was simulated already. */
  public static Readiness of(SimulatedPlan simulated) {
    LoadProfile load = simulated.load();
    Ambient air = simulated.air();
    Physique physique = simulated.plan().request().athlete().physique();
    Body body = Body.of(physique);
    Trace usual = Simulation.goOn(simulated.trace(), load.thenStanding(LOOK_AHEAD), body, air);
    TemperatureTrace slow = warming(simulated, Body.slow(physique), air);
    TemperatureTrace quick = warming(simulated, Body.quick(physique), air);
    TemperatureTrace layered = warming(simulated, body, air.withLayers());
    int start = load.seconds();
    double kept = layered.muscle(start) - usual.muscle(start);
    Cost cost = Cost.of(load, usual);
    Verdict verdict =
        verdict(
            simulated.plan(),
            usual,
            slow.muscle(start),
            quick.muscle(start),
            kept,
            air,
            cost,
            body);
    return new Readiness(start, usual, slow, quick, verdict);
  }

  /** Min; common practice. */
  private static final int AN_HOUR = 60;

  private static TemperatureTrace warming(SimulatedPlan simulated, Body body, Ambient air) {
    return Simulation.warming(
        simulated.load(), body, air, PlanLoad.arrival(simulated.plan(), body));
  }

  private static Verdict verdict(
      Plan plan,
      Trace usual,
      double low,
      double high,
      double keptByLayers,
      Ambient air,
      Cost cost,
      Body body) {
    int start = plan.seconds();
    double wanted = plan.demand().warmth();
    double warmth = usual.muscle(start);
    double freshness = usual.freshness(start);
    boolean isRehearsed = isRehearsed(plan);
    boolean isSession = !HealthRules.isWithoutSession(plan.request().athlete());
    Optional<Verdict.Window> window =
        isSession ? window(usual, start, endOfWork(plan), wanted) : Optional.empty();
    Optional<Verdict.TopUp> topUp =
        isSession && plan.request().session().kind().isHard()
            ? Optional.of(topUp(usual, start, wanted, air, body))
            : Optional.empty();
    List<String> sentences = new ArrayList<>();
    if (!isSession) {
      sentences.add("No session today, and no start to be ready for: a licensed clinician first.");
    }
    sentences.add(warmthSentence(warmth, wanted));
    Optional<PriorExercise> race = lastRace(plan);
    sentences.add(
        race.map(r -> "All out " + r.endedBefore() + " min before the start: not fresh yet.")
            .orElseGet(() -> freshnessSentence(freshness)));
    costSentence(cost).ifPresent(sentences::add);
    if (!isRehearsed && plan.request().session().kind().isHard()) {
      sentences.add("The build stays below where the session begins: ease into the first effort.");
    }
    window.ifPresent(w -> sentences.add(windowSentence(w)));
    topUp.ifPresent(t -> sentences.add(topUpSentence(t)));
    if (halves(keptByLayers) >= 0.5) {
      sentences.add(
          "Warm layers over all that is not hard keep about " + degrees(keptByLayers) + " more.");
    }
    return VerdictBuilder.builder()
        .warmth(halves(warmth))
        .warmthLow(halves(low))
        .warmthHigh(halves(high))
        .wanted(wanted)
        .isWarm(warmth >= Demand.WARM_ENOUGH * wanted)
        .freshness((int) Math.round(100 * freshness))
        .isFresh(race.isEmpty() && freshness >= Demand.FRESH)
        .isRehearsed(isRehearsed)
        .window(window)
        .topUp(topUp)
        .sentences(sentences)
        .build();
  }

  /** The most recent all-out effort that ended less than an hour before the start. */
  private static Optional<PriorExercise> lastRace(Plan plan) {
    return plan.request().circumstances().before().stream()
        .filter(p -> p.isAllOut() && p.endedBefore() < AN_HOUR)
        .min(Comparator.comparingInt(PriorExercise::endedBefore));
  }

  private static boolean isRehearsed(Plan plan) {
    if (plan.request().circumstances().isRehearsed(plan.request().session().sport())) {
      return true;
    }
    if (plan.request().session().kind() == SessionKind.GYM) {
      // Warm-up sets end below the work sets by design.
      return !plan.in(WarmUpPart.BUILD).isEmpty();
    }
    double highest =
        plan.in(WarmUpPart.BUILD).stream()
            .flatMap(i -> i.target().stream())
            .mapToDouble(t -> t.effort().points())
            .max()
            .orElse(highestRaise(plan));
    double begins = Math.min(plan.demand().firstEffort().points(), Effort.SPRINT.points());
    return highest >= begins - REHEARSED_WITHIN;
  }

  private static double highestRaise(Plan plan) {
    return plan.in(WarmUpPart.RAISE).stream()
        .map(PlanItem::target)
        .flatMap(Optional::stream)
        .mapToDouble(t -> t.effort().points())
        .max()
        .orElse(0);
  }

  /**
   * The stretch of starts around or nearest after the planned one at which all is well.
   *
   * @param earliest second from which the warm-up is done
   */
  private static Optional<Verdict.Window> window(
      Trace ahead, int start, int earliest, double wanted) {
    int from = start;
    while (from <= ahead.seconds() && !isReady(ahead, from, wanted)) {
      from++;
    }
    if (from > ahead.seconds()) {
      return Optional.empty();
    }
    int to = from;
    while (to < ahead.seconds() && isReady(ahead, to + 1, wanted)) {
      to++;
    }
    while (from > earliest && isReady(ahead, from - 1, wanted)) {
      from--;
    }
    return Optional.of(new Verdict.Window(from - start, to - start));
  }

  /** Second at which all but the way to the start is done. */
  private static int endOfWork(Plan plan) {
    return plan.items().stream()
        .filter(i -> i.block() != WarmUpPart.TRANSITION)
        .mapToInt(PlanItem::seconds)
        .sum();
  }

  private static boolean isReady(Trace trace, int second, double wanted) {
    return trace.muscle(second) >= Demand.WARM_ENOUGH * wanted
        && trace.freshness(second) >= Demand.FRESH;
  }

  /** What is done when the start slips, as it will then be planned. */
  private static Verdict.TopUp topUp(Trace usual, int start, double wanted, Ambient air, Body own) {
    int begins = start + 60 * (USUAL_SLIP - ReWarm.LENGTH) - ReWarm.SETTLING;
    int moving = ReWarm.moving(usual.muscle(begins), wanted, own, air);
    return new Verdict.TopUp(moving, ReWarm.SETTLING);
  }

  private static String warmthSentence(double warmth, double wanted) {
    String at = "Muscles " + degrees(warmth) + " above rest at the start";
    if (warmth >= Demand.WARM_ENOUGH * wanted) {
      return at + ": warm enough.";
    }
    double missing = wanted - warmth;
    return String.format(
        Locale.ROOT,
        "%s, %s short of what this wants: %.0f to %.0f %% of power.",
        at,
        degrees(missing),
        Math.max(1, POWER_PER_DEGREE[0] * missing),
        Math.max(2, POWER_PER_DEGREE[1] * missing));
  }

  private static String freshnessSentence(double freshness) {
    int percent = (int) Math.round(100 * freshness);
    return freshness >= Demand.FRESH
        ? "Fresh, " + percent + " %."
        : "Not yet fresh, " + percent + " %: a longer wait or less above critical.";
  }

  private static Optional<String> costSentence(Cost cost) {
    if (cost.deepest() == 0) {
      return Optional.of(
          "The build asks for more than the reserve above critical holds: it cannot be done as"
              + " planned.");
    }
    if (cost.aboveCritical() == 0) {
      return Optional.empty();
    }
    long spent = Math.max(1, Math.round(100 * (1 - cost.deepest())));
    return Optional.of(
        "The build spends "
            + spent
            + " % of the reserve at most, "
            + cost.aboveCritical()
            + " s above critical"
            + (cost.isBounded() ? "." : ": more than a warm-up should cost."));
  }

  private static String windowSentence(Verdict.Window w) {
    String to = w.to() >= LOOK_AHEAD ? "as long as one may wait" : minutes(w.to());
    if (w.from() > 0) {
      return "Ready only "
          + minutes(w.from())
          + " after the planned start, until "
          + to
          + " after.";
    }
    return w.from() > -60
        ? "Ready at the start, and up to " + to + " after it."
        : "Ready from " + minutes(-w.from()) + " before to " + to + " after the start.";
  }

  private static String topUpSentence(Verdict.TopUp t) {
    return "If the start slips further: "
        + minutes(t.seconds())
        + " of easy movement and two short efforts, done "
        + minutes(t.before())
        + " before the new start; not the whole again.";
  }

  private static String minutes(int seconds) {
    return Math.round(seconds / 60.0) + " min";
  }

  private static double halves(double degrees) {
    return Math.round(2 * degrees) / 2.0;
  }

  private static String degrees(double degrees) {
    return String.format(Locale.ROOT, "%.1f °C", halves(degrees));
  }
}
