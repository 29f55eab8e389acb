package dev.jubilee.core.prescription;

import static org.assertj.core.api.Assertions.assertThat;

import dev.jubilee.core.Scenarios;
import dev.jubilee.core.athlete.AthleteBuilder;
import dev.jubilee.core.circumstances.Circumstances;
import dev.jubilee.core.plan.Plan;
import dev.jubilee.core.plan.PlanItem;
import dev.jubilee.core.plan.PrescriptionRequest;
import dev.jubilee.core.session.SessionKind;
import dev.jubilee.core.sport.Level;
import dev.jubilee.core.sport.Sport;
import java.util.ArrayList;
import java.util.HashSet;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.function.BiConsumer;
import java.util.stream.Collectors;
import java.util.stream.IntStream;
import java.util.stream.Stream;
import org.junit.jupiter.api.Test;

/**
 * A minute, a degree or a per cent is a small change, and a routine stays a routine: what a coach
 * would want, common practice.
 */
class StabilityTest {
  private static final int USUALLY = 3;
  private static final int EVER = 5;
  private static final double SHARE = 0.99;

  @Test
  void aMinuteMoreAddsAndDoesNotReshuffle() {
    Changes changes = new Changes();
    everySession(
        (sport, kind) ->
            changes.along(
                IntStream.rangeClosed(9, 41)
                    .mapToObj(minutes -> Scenarios.request(sport, kind, LEVEL, minutes))));
    changes.areFew("a minute");
  }

  @Test
  void aDegreeIsASmallChange() {
    Changes changes = new Changes();
    everySession(
        (sport, kind) -> {
          PrescriptionRequest mild = Scenarios.request(sport, kind, LEVEL, 30);
          Circumstances there = mild.circumstances();
          changes.along(
              IntStream.rangeClosed(-4, 34)
                  .mapToObj(degrees -> mild.with(there.withTemperature(degrees))));
        });
    changes.areFew("a degree");
  }

  /** With the minutes short and races by distance, where how strong one is decides how long. */
  @Test
  void aPerCentStrongerIsASmallChange() {
    Changes changes = new Changes();
    everySession(
        (sport, kind) -> {
          PrescriptionRequest usual = Scenarios.request(sport, kind, LEVEL, 24);
          PrescriptionRequest request =
              kind == SessionKind.TIME_TRIAL
                  ? usual.with(
                      usual.athlete(),
                      usual.session().withEffortMetres(Optional.of(RACES.get(sport))))
                  : usual;
          changes.along(
              IntStream.rangeClosed(-25, 25)
                  .mapToObj(
                      percent ->
                          request.with(
                              AthleteBuilder.builder(request.athlete())
                                  .results(Scenarios.results(1 + percent / 100.0))
                                  .build())));
        });
    changes.areFew("a per cent");
    assertThat(changes.counts).as("it moves something").anyMatch(c -> c > 0);
  }

  private static final Map<Sport, Double> RACES =
      Map.of(Sport.RUN, 800.0, Sport.RIDE, 1000.0, Sport.ROW, 500.0, Sport.SWIM, 100.0);

  private static final Level LEVEL = Level.INTERMEDIATE;

  private static void everySession(BiConsumer<Sport, SessionKind> what) {
    for (Sport sport : Sport.values()) {
      for (SessionKind kind : SessionKind.values()) {
        if (kind.isFor(sport)) {
          what.accept(sport, kind);
        }
      }
    }
  }

  /** How many drills come or go between neighbours. */
  private static final class Changes {
    private final List<Integer> counts = new ArrayList<>();
    private String worst = "";
    private int most;

    void along(Stream<PrescriptionRequest> neighbours) {
      PrescriptionRequest last = null;
      Set<String> before = Set.of();
      for (PrescriptionRequest request : neighbours.toList()) {
        Set<String> now = drills(Scenarios.plan(request));
        int count = last == null ? 0 : changed(before, now);
        counts.add(count);
        if (count > most) {
          most = count;
          worst = request.session().title() + ": " + before + " → " + now;
        }
        last = request;
        before = now;
      }
    }

    void areFew(String what) {
      double few = counts.stream().filter(c -> c <= USUALLY).count() / (double) counts.size();
      double mean = counts.stream().mapToInt(c -> c).average().orElseThrow();
      System.out.printf(
          Locale.ROOT,
          "%s more: %.2f drills come or go on average, at most %d in %.1f %% of %d, ever %d%n",
          what,
          mean,
          USUALLY,
          100 * few,
          counts.size(),
          most);
      assertThat(few).as(what + ": share of small changes").isGreaterThanOrEqualTo(SHARE);
      assertThat(most).as(what + ": " + worst).isLessThanOrEqualTo(EVER);
    }
  }

  /** Common practice: most athletes like their routine; a menu by feel is the other school. */
  @Test
  void whatWasDoneLastTimeIsDoneAgain() {
    PrescriptionRequest request =
        Scenarios.request(Sport.RUN, SessionKind.INTERVALS, Level.ADVANCED, 40);
    Set<String> first = drills(Scenarios.plan(request));
    // Some were not possible last time, and others were done.
    Set<String> missing = first.stream().sorted().limit(4).collect(Collectors.toSet());
    Set<String> routine = drills(Scenarios.plan(request.with(List.of(), missing)));
    assertThat(changed(routine, first)).as("there is something to keep").isPositive();
    assertThat(changed(routine, drills(Scenarios.plan(request.after(routine)))))
        .isLessThan(changed(routine, first));
  }

  private static Set<String> drills(Plan plan) {
    return plan.items().stream()
        .filter(i -> i.block().isChosen())
        .map(PlanItem::drillId)
        .collect(Collectors.toSet());
  }

  private static int changed(Set<String> before, Set<String> after) {
    Set<String> gone = new HashSet<>(before);
    gone.removeAll(after);
    Set<String> come = new HashSet<>(after);
    come.removeAll(before);
    return gone.size() + come.size();
  }
}
