package dev.jubilee.core.readiness;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import dev.jubilee.core.Scenarios;
import dev.jubilee.core.circumstances.Circumstances;
import dev.jubilee.core.circumstances.ComingFrom;
import dev.jubilee.core.circumstances.Conditions;
import dev.jubilee.core.circumstances.Place;
import dev.jubilee.core.drill.WarmUpPart;
import dev.jubilee.core.edit.PlanEditor;
import dev.jubilee.core.intensity.Effort;
import dev.jubilee.core.library.BuiltInLibrary;
import dev.jubilee.core.plan.Plan;
import dev.jubilee.core.plan.PlanItem;
import dev.jubilee.core.plan.SimulatedPlan;
import dev.jubilee.core.profile.Profiles;
import dev.jubilee.core.session.SessionKind;
import dev.jubilee.core.simulation.Cost;
import dev.jubilee.core.simulation.Trace;
import dev.jubilee.core.sport.Level;
import dev.jubilee.core.sport.Sport;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.stream.IntStream;
import java.util.stream.Stream;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.MethodSource;

/** A verdict says what its trace shows, in figures that a coach can check against the curves. */
class VerdictWordsTest {
  private static final PlanEditor EDITOR = new PlanEditor(BuiltInLibrary.get());

  /** Warm and cold, waiting and not, too little and too much: every sentence is met. */
  static Stream<Plan> plans() {
    List<Plan> plans = new ArrayList<>();
    for (Sport sport : Sport.values()) {
      plans.add(plan(sport, SessionKind.EASY, 15, 15, 0));
      plans.add(plan(sport, SessionKind.GYM, 40, 15, 0));
      plans.add(plan(sport, SessionKind.INTERVALS, 45, 15, 0));
      plans.add(plan(sport, SessionKind.TIME_TRIAL, 60, 2, 25));
      plans.add(plan(sport, SessionKind.SPRINT, 8, -10, 0));
    }
    plans.add(plan(Sport.RUN, SessionKind.EASY, 15, 34, 0));
    plans.add(plan(Sport.ROW, SessionKind.TIME_TRIAL, 40, 4, 6));
    Plan sprint = plan(Sport.RUN, SessionKind.SPRINT, 45, 15, 0);
    for (int seconds : new int[] {15, 60, 2400}) {
      plans.add(EDITOR.dose(sprint, last(sprint, WarmUpPart.TRANSITION), seconds));
    }
    plans.add(longEfforts(plan(Sport.ROW, SessionKind.TIME_TRIAL, 45, 15, 0), 60));
    plans.add(longEfforts(plan(Sport.ROW, SessionKind.TIME_TRIAL, 45, 15, 0), 120));
    plans.add(longEfforts(plan(Sport.RIDE, SessionKind.SPRINT, 45, 15, 0), 600));
    plans.add(without(plan(Sport.RIDE, SessionKind.THRESHOLD, 40, 15, 0), WarmUpPart.BUILD));
    plans.add(without(sprint, WarmUpPart.BUILD));
    plans.add(without(without(sprint, WarmUpPart.BUILD), WarmUpPart.RAISE));
    return plans.stream();
  }

  @ParameterizedTest
  @MethodSource("plans")
  void theVerdictIsReadOffTheTrace(Plan plan) {
    Readiness readiness = Readiness.of(plan);
    Verdict verdict = readiness.verdict();
    Trace trace = readiness.usual();
    int start = plan.seconds();
    double wanted = plan.demand().warmth();

    assertThat(readiness.start()).isEqualTo(start);
    assertThat(trace.seconds()).isEqualTo(start + Readiness.LOOK_AHEAD);
    assertThat(verdict.wanted()).isEqualTo(wanted);
    assertThat(verdict.warmth()).isCloseTo(trace.muscle(start), within(0.2501));
    assertThat(2 * verdict.warmth()).isEqualTo(Math.rint(2 * verdict.warmth()));
    assertThat(verdict.warmthLow()).isCloseTo(readiness.slow().muscle(start), within(0.2501));
    assertThat(verdict.warmthHigh()).isCloseTo(readiness.quick().muscle(start), within(0.2501));
    assertThat(verdict.freshness()).isEqualTo(percent(trace.freshness(start)));
    assertThat(verdict.isWarm()).isEqualTo(trace.muscle(start) >= 0.76 * wanted);
    assertThat(verdict.isFresh()).isEqualTo(trace.freshness(start) >= 0.92);
    assertThat(verdict.isRehearsed()).isEqualTo(hasBeenThere(plan));
    assertThat(verdict.window()).isEqualTo(window(plan, trace, start, wanted));
  }

  private static int percent(double share) {
    return (int) Math.round(100 * share);
  }

  /** Within four points of where the session begins, or any set at all before lifting. */
  private static boolean hasBeenThere(Plan plan) {
    List<PlanItem> build = plan.in(WarmUpPart.BUILD);
    if (plan.request().session().kind() == SessionKind.GYM) {
      return !build.isEmpty();
    }
    List<PlanItem> by = build.isEmpty() ? plan.in(WarmUpPart.RAISE) : build;
    double highest =
        by.stream().mapToDouble(i -> i.target().orElseThrow().effort().points()).max().orElse(0);
    return highest >= Math.min(plan.demand().firstEffort().points(), 100) - 4;
  }

  /** Every second tried, from the end of the work on: the first ready stretch not over by T−0. */
  private static Optional<Verdict.Window> window(Plan plan, Trace trace, int start, double wanted) {
    int work =
        plan.items().stream()
            .filter(i -> i.block() != WarmUpPart.TRANSITION)
            .mapToInt(PlanItem::seconds)
            .sum();
    boolean[] isReady = new boolean[trace.seconds() + 1];
    for (int s = work; s < isReady.length; s++) {
      isReady[s] = trace.muscle(s) >= 0.76 * wanted && trace.freshness(s) >= 0.92;
    }
    Optional<Integer> first =
        IntStream.range(start, isReady.length).filter(s -> isReady[s]).boxed().findFirst();
    return first.map(
        found -> {
          int from = found;
          while (from > work && isReady[from - 1]) {
            from--;
          }
          int to = found;
          while (to + 1 < isReady.length && isReady[to + 1]) {
            to++;
          }
          return new Verdict.Window(from - start, to - start);
        });
  }

  @ParameterizedTest
  @MethodSource("plans")
  void theSentencesSayTheSameFigures(Plan plan) {
    SimulatedPlan simulated = SimulatedPlan.of(plan);
    Readiness readiness = Readiness.of(simulated);
    Verdict verdict = readiness.verdict();
    boolean isHard = plan.request().session().kind().isHard();
    List<String> sentences = verdict.sentences();
    double missing = verdict.wanted() - readiness.usual().muscle(plan.seconds());

    String degrees = String.format(Locale.ROOT, "%.1f °C", verdict.warmth());
    assertThat(sentences.get(0)).startsWith("Muscles " + degrees + " above rest at the start");
    if (verdict.isWarm()) {
      assertThat(sentences.get(0)).endsWith(": warm enough.");
    } else {
      // 2 to 5 % a degree (Bergh & Ekblom 1979; Sargeant 1987).
      assertThat(sentences.get(0))
          .contains(String.format(Locale.ROOT, "%.1f °C short", Math.rint(2 * missing) / 2))
          .contains(String.format(Locale.ROOT, "%.0f to ", Math.max(1, 2 * missing)))
          .endsWith(String.format(Locale.ROOT, " %.0f %% of power.", Math.max(2, 5 * missing)));
    }
    assertThat(sentences.get(1))
        .startsWith(verdict.isFresh() ? "Fresh, " : "Not yet fresh, ")
        .contains(verdict.freshness() + " %");
    assertThat(said(sentences, "ease into the first effort"))
        .isEqualTo(isHard && !verdict.isRehearsed());
    assertCost(Cost.of(simulated.load(), readiness.usual()), sentences);
    verdict.window().ifPresent(w -> assertWindow(w, sentences));
    assertThat(said(sentences, "Ready")).isEqualTo(verdict.window().isPresent());
    verdict
        .topUp()
        .ifPresent(
            t ->
                assertThat(sentences)
                    .contains(
                        "If the start slips further: "
                            + Math.round(t.seconds() / 60.0)
                            + " min of easy movement and two short efforts, done 3 min before the"
                            + " new start; not the whole again."));
    assertThat(said(sentences, "If the start slips")).isEqualTo(verdict.topUp().isPresent());
    assertThat(sentences).doesNotContain("").doesNotHaveDuplicates();
  }

  private static void assertCost(Cost cost, List<String> sentences) {
    if (cost.deepest() == 0) {
      assertThat(said(sentences, "cannot be done as planned")).isTrue();
      assertThat(said(sentences, "The build spends")).isFalse();
    } else if (cost.aboveCritical() == 0) {
      assertThat(said(sentences, "The build spends")).isFalse();
    } else {
      int spent = Math.max(1, percent(1 - cost.deepest()));
      String says =
          "The build spends "
              + spent
              + " % of the reserve at most, "
              + cost.aboveCritical()
              + " s above critical";
      assertThat(sentences)
          .contains(says + (cost.isBounded() ? "." : ": more than a warm-up should cost."));
    }
  }

  private static void assertWindow(Verdict.Window w, List<String> sentences) {
    String to =
        w.to() >= Readiness.LOOK_AHEAD ? "as long as one may wait" : rounded(w.to()) + " min";
    if (w.from() > 0) {
      assertThat(sentences)
          .contains(
              "Ready only "
                  + rounded(w.from())
                  + " min after the planned start, until "
                  + to
                  + " after.");
    } else if (w.from() > -60) {
      assertThat(sentences).contains("Ready at the start, and up to " + to + " after it.");
    } else {
      assertThat(sentences)
          .contains(
              "Ready from " + rounded(-w.from()) + " min before to " + to + " after the start.");
    }
  }

  private static long rounded(int seconds) {
    return Math.round(seconds / 60.0);
  }

  private static boolean said(List<String> sentences, String words) {
    return sentences.stream().anyMatch(s -> s.contains(words));
  }

  /** Each kind of sentence is met by one plan at least, so that the checks above are not empty. */
  @Test
  void everySentenceIsMet() {
    List<String> all =
        plans().flatMap(p -> Readiness.of(p).verdict().sentences().stream()).toList();
    for (String words :
        List.of(
            "warm enough",
            "short of what this wants",
            "Fresh, ",
            "Not yet fresh, ",
            "cannot be done as planned",
            "s above critical.",
            "more than a warm-up should cost",
            "ease into the first effort",
            "Ready only ",
            "Ready at the start",
            "Ready from ",
            "as long as one may wait",
            "If the start slips further",
            "Warm layers")) {
      assertThat(said(all, words)).as(words).isTrue();
    }
  }

  /** The shortest easy movement that warms again: a minute less would not. */
  @Test
  void aTopUpIsNoLongerThanItMustBe() {
    Verdict mild = Readiness.of(plan(Sport.RUN, SessionKind.INTERVALS, 45, 15, 0)).verdict();
    Verdict cold = Readiness.of(plan(Sport.RUN, SessionKind.INTERVALS, 45, -5, 0)).verdict();
    assertThat(mild.topUp().orElseThrow().seconds())
        .isBetween(150, 270)
        .isLessThan(cold.topUp().orElseThrow().seconds());
    assertThat(mild.topUp().orElseThrow().before()).isEqualTo(150);
  }

  private static Plan plan(Sport sport, SessionKind kind, int minutes, int degrees, int wait) {
    Place place = kind.isOnLand() ? Place.GYM : Profiles.of(sport).place();
    Conditions conditions = Conditions.USUAL.withWaitMinutes(wait);
    Circumstances circumstances =
        Circumstances.of(minutes, place, place.usualKit(), degrees, ComingFrom.MOVING)
            .withConditions(conditions);
    return Scenarios.plan(
        Scenarios.request(sport, kind, Level.ADVANCED, minutes).with(circumstances));
  }

  private static String last(Plan plan, WarmUpPart part) {
    List<PlanItem> items = plan.in(part);
    return items.get(items.size() - 1).id();
  }

  /** As many seconds of each effort above critical, more than the editor would let one. */
  private static Plan longEfforts(Plan plan, int seconds) {
    List<PlanItem> items = new ArrayList<>(plan.items());
    items.replaceAll(
        item ->
            item.block() == WarmUpPart.BUILD
                    && item.target().orElseThrow().effort().points() > Effort.CRITICAL
                ? item.withDose(item.dose().withAmount(seconds))
                : item);
    return new Plan(plan.request(), plan.anchors(), plan.demand(), plan.library(), items);
  }

  private static Plan without(Plan plan, WarmUpPart part) {
    Plan changed = plan;
    for (PlanItem item : plan.in(part)) {
      changed = EDITOR.remove(changed, item.id());
    }
    return changed;
  }
}
