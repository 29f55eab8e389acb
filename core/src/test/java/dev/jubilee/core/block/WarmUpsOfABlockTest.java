package dev.jubilee.core.block;

import static org.assertj.core.api.Assertions.assertThat;

import dev.jubilee.core.Scenarios;
import dev.jubilee.core.drill.WarmUpPart;
import dev.jubilee.core.plan.Plan;
import dev.jubilee.core.plan.PlanItem;
import dev.jubilee.core.session.SessionKind;
import dev.jubilee.core.sport.Level;
import dev.jubilee.core.sport.Sport;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.function.Predicate;
import java.util.stream.Stream;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.MethodSource;

/** What a coach would look for in the warm-ups of a whole block; common practice. */
class WarmUpsOfABlockTest {
  /** Twelve weeks of an athlete in a sport. */
  private record Case(Sport sport, Level level, Blocks.Outcome outcome) {
    List<Prescribed> in(Week week) {
      return outcome.prescribed().stream()
          .filter(p -> outcome.block().weekOf(p.planned().date()).orElseThrow().equals(week))
          .toList();
    }

    Optional<Plan> plan(Week week, SessionKind kind) {
      return in(week).stream()
          .filter(p -> p.planned().session().kind() == kind)
          .map(Prescribed::plan)
          .findFirst();
    }

    List<Week> weeks(Predicate<Emphasis> some) {
      return outcome.block().weeks().stream().filter(w -> some.test(w.emphasis())).toList();
    }

    @Override
    public String toString() {
      return level + " " + sport;
    }
  }

  static Stream<Case> cases() {
    return Stream.of(Sport.values())
        .flatMap(
            sport ->
                Stream.of(Level.values())
                    .map(
                        level ->
                            new Case(
                                sport,
                                level,
                                Blocks.outcome(
                                    TrainingBlock.of(Blocks.START, Blocks.RACE),
                                    Scenarios.athlete(level),
                                    sport,
                                    Blocks.START,
                                    List.of(),
                                    List.of(),
                                    List.of()))));
  }

  @ParameterizedTest
  @MethodSource("cases")
  void aRecoveryWeekIsLighterInEachOfItsSessions(Case c) {
    for (Week week : c.weeks(e -> e == Emphasis.RECOVERY)) {
      Week before = c.outcome().block().weeks().get(week.number() - 2);
      for (Prescribed p : c.in(week)) {
        SessionKind kind = p.planned().session().kind();
        Plan full = c.plan(before, kind).orElseThrow();
        Plan light = p.plan();
        assertThat(light.seconds()).as(kind + "").isLessThanOrEqualTo(full.seconds());
        assertThat(light.contacts()).as(kind + "").isLessThanOrEqualTo(full.contacts());
        assertThat(efforts(light)).as(kind + "").isLessThanOrEqualTo(efforts(full));
        if (kind.isHard()) {
          assertThat(work(light)).as(kind + " in week " + week.number()).isLessThan(work(full));
        }
      }
    }
  }

  @ParameterizedTest
  @MethodSource("cases")
  void whatIsFrozenStaysToTheLetter(Case c) {
    Map<SessionKind, List<String>> seen = new HashMap<>();
    for (Prescribed p : c.outcome().prescribed()) {
      if (c.outcome().block().isFrozen(p.planned().date())) {
        List<String> drills = drills(p.plan());
        List<String> before = seen.putIfAbsent(p.planned().session().kind(), drills);
        if (before != null) {
          assertThat(drills).as(p.planned().id()).isEqualTo(before);
        }
      }
    }
    assertThat(seen).isNotEmpty();
  }

  /** The routine that was rehearsed, and nothing else. */
  @ParameterizedTest
  @MethodSource("cases")
  void theRaceHasTheRacesWarmUp(Case c) {
    Prescribed race = c.outcome().prescribed().get(c.outcome().prescribed().size() - 1);
    assertThat(race.planned().session().kind()).isEqualTo(SessionKind.TIME_TRIAL);
    assertThat(race.planned().date()).isEqualTo(Blocks.RACE);
    List<String> known =
        c.outcome().prescribed().stream()
            .filter(p -> !p.planned().equals(race.planned()))
            .flatMap(p -> drills(p.plan()).stream())
            .map(WarmUpsOfABlockTest::id)
            .toList();
    assertThat(drills(race.plan())).allSatisfy(d -> assertThat(known).contains(id(d)));
    assertThat(efforts(race.plan())).isPositive();
  }

  /** What is planned keeps to what is told, and grows as it does. */
  @ParameterizedTest
  @MethodSource("cases")
  void contactsAreThoseThatAreToldAndGrowAsTold(Case c) {
    int before = 0;
    for (AthleteWeek told : c.outcome().athleteWeeks()) {
      int planned = c.in(told.week()).stream().mapToInt(p -> p.plan().contacts()).sum();
      assertThat(planned).as("week " + told.week().number()).isLessThanOrEqualTo(told.contacts());
      boolean isFull = told.week().emphasis() == Emphasis.GENERAL;
      if (isFull) {
        assertThat(planned).as("week " + told.week().number()).isGreaterThanOrEqualTo(before);
        before = planned;
      }
    }
    List<AthleteWeek> weeks = c.outcome().athleteWeeks();
    boolean hasContacts =
        c.in(weeks.get(0).week()).stream()
            .anyMatch(
                p ->
                    p.plan().in(WarmUpPart.ACTIVATE).stream()
                        .anyMatch(i -> p.plan().drill(i).orElseThrow().contacts() > 0));
    if (hasContacts) {
      int first = planned(c, weeks.get(0));
      int last = planned(c, weeks.get(4));
      assertThat(last).as("five weeks on").isGreaterThan(first);
    }
  }

  private static int planned(Case c, AthleteWeek week) {
    return c.in(week.week()).stream().mapToInt(p -> p.plan().contacts()).sum();
  }

  private static int efforts(Plan plan) {
    return plan.in(WarmUpPart.BUILD).size();
  }

  /** Seconds of drills and graded efforts together. */
  private static int work(Plan plan) {
    return plan.items().stream()
        .filter(i -> i.block().isChosen() || i.block() == WarmUpPart.BUILD)
        .mapToInt(PlanItem::seconds)
        .sum();
  }

  private static List<String> drills(Plan plan) {
    return plan.items().stream()
        .filter(i -> i.block().isChosen())
        .map(WarmUpsOfABlockTest::words)
        .toList();
  }

  private static String id(String words) {
    return words.substring(0, words.indexOf(' '));
  }

  private static String words(PlanItem item) {
    return item.drillId() + " " + item.dose().words().metric();
  }
}
