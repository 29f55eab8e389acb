package dev.jubilee.core.prescription;

import static org.assertj.core.api.Assertions.assertThat;

import dev.jubilee.core.Scenarios;
import dev.jubilee.core.check.Checks;
import dev.jubilee.core.check.Finding;
import dev.jubilee.core.check.FindingCode;
import dev.jubilee.core.drill.WarmUpPart;
import dev.jubilee.core.plan.Plan;
import dev.jubilee.core.plan.PlanItem;
import dev.jubilee.core.session.SessionKind;
import dev.jubilee.core.sport.Level;
import dev.jubilee.core.sport.Sport;
import java.util.List;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.EnumSource;

/** With few minutes raise and build stay, drills give way, and it is told. Common practice. */
class ShortOfTimeTest {
  private static final List<SessionKind> KINDS =
      List.of(
          SessionKind.THRESHOLD, SessionKind.INTERVALS, SessionKind.TIME_TRIAL, SessionKind.SPRINT);

  @ParameterizedTest
  @EnumSource(Sport.class)
  void raiseAndBuildStayWhileDrillsGiveWay(Sport sport) {
    for (SessionKind kind : KINDS) {
      int whole = drills(Scenarios.plan(sport, kind, Level.INTERMEDIATE, 60));
      for (int minutes = 45; minutes >= 6; minutes--) {
        Plan plan = Scenarios.plan(sport, kind, Level.INTERMEDIATE, minutes);
        String what = sport + " " + kind + " " + minutes;
        assertThat(plan.in(WarmUpPart.RAISE)).as(what).isNotEmpty();
        assertThat(plan.in(WarmUpPart.BUILD)).as(what).isNotEmpty();
        assertThat(plan.in(WarmUpPart.RELEASE)).as(what + " rolls").isEmpty();
        if (minutes <= 20) {
          assertThat(drills(plan)).as(what).isLessThanOrEqualTo(whole);
        }
        if (minutes <= 10) {
          assertThat(drills(plan)).as(what).isLessThan(whole / 2);
        }
      }
    }
  }

  /** Two efforts before anything faster than threshold; they come before any drill does. */
  @ParameterizedTest
  @EnumSource(Sport.class)
  void twoEffortsComeBeforeAnyDrill(Sport sport) {
    List<SessionKind> faster =
        KINDS.stream().filter(kind -> kind != SessionKind.THRESHOLD).toList();
    for (SessionKind kind : faster) {
      for (Level level : Level.values()) {
        for (int minutes = 3; minutes <= 12; minutes++) {
          Plan plan = Scenarios.plan(sport, kind, level, minutes);
          int efforts = plan.in(WarmUpPart.BUILD).size();
          String what = sport + " " + kind + " " + level + " " + minutes;
          assertThat(efforts).as(what).isPositive();
          if (minutes >= 4 || !plan.in(WarmUpPart.DRILL).isEmpty()) {
            assertThat(efforts).as(what).isGreaterThanOrEqualTo(2);
          }
        }
      }
    }
  }

  @ParameterizedTest
  @EnumSource(Sport.class)
  void whatIsMissingIsTold(Sport sport) {
    for (SessionKind kind : KINDS) {
      for (int minutes = 6; minutes <= 60; minutes += 3) {
        Plan plan = Scenarios.plan(sport, kind, Level.INTERMEDIATE, minutes);
        boolean isMissing =
            WarmUpPart.CHOSEN.stream()
                .anyMatch(
                    part ->
                        plan.demand().menuSeconds().getOrDefault(part, 0) >= 45
                            && plan.in(part).isEmpty());
        boolean isFull = 60 * minutes - plan.seconds() < 60;
        List<Finding> told =
            Checks.of(plan).stream().filter(f -> f.code() == FindingCode.LEFT_OUT).toList();
        if (isMissing && isFull) {
          assertThat(told).as("%s %s %d", sport, kind, minutes).hasSize(1);
          assertThat(told.get(0).what()).contains("left out");
        }
        if (minutes == 60) {
          assertThat(told).as("%s %s", sport, kind).isEmpty();
        }
      }
    }
  }

  /** s */
  private static int drills(Plan plan) {
    return plan.items().stream()
        .filter(i -> i.block().isChosen())
        .mapToInt(PlanItem::seconds)
        .sum();
  }
}
