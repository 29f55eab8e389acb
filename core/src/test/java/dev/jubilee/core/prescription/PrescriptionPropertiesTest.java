package dev.jubilee.core.prescription;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import dev.jubilee.core.Scenarios;
import dev.jubilee.core.Sweeps;
import dev.jubilee.core.athlete.Restriction;
import dev.jubilee.core.athlete.Restriction.Severity;
import dev.jubilee.core.check.Checks;
import dev.jubilee.core.circumstances.Circumstances;
import dev.jubilee.core.circumstances.ComingFrom;
import dev.jubilee.core.circumstances.Place;
import dev.jubilee.core.drill.Drill;
import dev.jubilee.core.drill.Kit;
import dev.jubilee.core.drill.Position;
import dev.jubilee.core.drill.Segment;
import dev.jubilee.core.drill.WarmUpPart;
import dev.jubilee.core.drill.Way;
import dev.jubilee.core.intensity.Effort;
import dev.jubilee.core.plan.Plan;
import dev.jubilee.core.plan.PlanItem;
import dev.jubilee.core.plan.PlanLoad;
import dev.jubilee.core.plan.PlanText;
import dev.jubilee.core.plan.PrescriptionRequest;
import dev.jubilee.core.session.SessionKind;
import dev.jubilee.core.simulation.Ambient;
import dev.jubilee.core.simulation.Body;
import dev.jubilee.core.simulation.Cost;
import dev.jubilee.core.simulation.LoadProfile;
import dev.jubilee.core.simulation.Simulation;
import dev.jubilee.core.sport.BodyRegion;
import dev.jubilee.core.sport.Level;
import dev.jubilee.core.sport.Sport;
import java.util.ArrayList;
import java.util.List;
import java.util.Set;
import java.util.function.Supplier;
import java.util.stream.Stream;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.MethodSource;

/** What holds for every plan, whatever the sport, session, athlete, place and minutes. */
class PrescriptionPropertiesTest {
  private static final int[] MINUTES = {3, 5, 8, 12, 20, 35, 60};
  private static final int[] TEMPERATURES = {-8, 15, 33};

  /** Computed once; the properties only look at them. */
  private static final List<List<Plan>> PLANS =
      requests().stream()
          .map(all -> Sweeps.some(all).stream().map(Scenarios::plan).toList())
          .toList();

  /** For each sport and kind of session, many athletes in many places. */
  static Stream<List<Plan>> plans() {
    return PLANS.stream();
  }

  private static List<List<PrescriptionRequest>> requests() {
    List<List<PrescriptionRequest>> all = new ArrayList<>();
    int n = 0;
    for (Sport sport : Sport.values()) {
      for (SessionKind kind : SessionKind.values()) {
        if (!kind.isFor(sport)) {
          continue;
        }
        List<PrescriptionRequest> some = new ArrayList<>();
        for (Level level : Level.values()) {
          for (int m = 0; m < MINUTES.length; m++) {
            for (Place place : Place.values()) {
              n += 1 + m;
              if (n % 2 == 0) {
                continue;
              }
              Restriction limit =
                  Restriction.both(pick(BodyRegion.values(), n), pick(Severity.values(), n));
              Set<Kit> kit = m % 2 == 0 ? place.usualKit() : Set.of();
              int temperature = TEMPERATURES[n % 3];
              ComingFrom comingFrom = pick(ComingFrom.values(), n);
              some.add(
                  PrescriptionRequest.of(
                      m % 3 == 0 ? Scenarios.athlete(level) : Scenarios.athlete(level, limit),
                      Scenarios.session(sport, kind),
                      Circumstances.of(MINUTES[m], place, kit, temperature, comingFrom)));
            }
          }
        }
        all.add(some);
      }
    }
    return all;
  }

  private static <T> T pick(T[] values, int n) {
    return values[n % values.length];
  }

  @ParameterizedTest
  @MethodSource("plans")
  void neverOverTimeAndItsMinutesAreTheMinutesItTakes(List<Plan> plans) {
    for (Plan plan : plans) {
      assertThat(plan.seconds()).as(() -> text(plan)).isLessThanOrEqualTo(plan.availableSeconds());
      int played =
          plan.items().stream()
              .flatMap(i -> i.segments().stream())
              .mapToInt(Segment::seconds)
              .sum();
      assertThat(played).isEqualTo(plan.seconds()).isEqualTo(plan.startsBefore(0));
    }
  }

  @ParameterizedTest
  @MethodSource("plans")
  void effortNeverFallsInsideTheBuild(List<Plan> plans) {
    for (Plan plan : plans) {
      double before = 0;
      for (PlanItem item : plan.in(WarmUpPart.BUILD)) {
        double now = item.target().orElseThrow().effort().points();
        assertThat(now).as(() -> text(plan)).isGreaterThanOrEqualTo(before - 1e-9);
        before = now;
      }
    }
  }

  @ParameterizedTest
  @MethodSource("plans")
  void onlyWhatAthleteAndCircumstancesAllow(List<Plan> plans) {
    for (Plan plan : plans) {
      PrescriptionRequest request = plan.request();
      for (PlanItem item : plan.items()) {
        Drill drill = plan.drill(item).orElseThrow();
        Supplier<String> what = () -> item.name() + " in " + text(plan);
        assertThat(request.circumstances().kit()).as(what).containsAll(drill.kit());
        assertThat(!request.circumstances().place().isWet() || drill.suitsWetDeck())
            .as(what)
            .isTrue();
        for (BodyRegion region : drill.ways().getOrDefault(Way.ECCENTRIC, Set.of())) {
          boolean hurt = request.athlete().has(region, Severity.HURT);
          assertThat(hurt).as(() -> what.get() + " loads a painful " + region).isFalse();
        }
        boolean jumps = request.session().kind() == SessionKind.JUMPS;
        if (request.session().sport() != Sport.RUN && !jumps) {
          assertThat(drill.contacts()).as(what).isZero();
        }
      }
      assertThat(plan.contacts())
          .as(() -> text(plan))
          .isLessThanOrEqualTo(plan.demand().contacts());
    }
  }

  @ParameterizedTest
  @MethodSource("plans")
  void bothSidesOneRungALadderAndNothingTwice(List<Plan> plans) {
    for (Plan plan : plans) {
      for (PlanItem item : plan.items()) {
        long left = side(item, Segment.Side.LEFT);
        assertThat(side(item, Segment.Side.RIGHT)).as(item.name()).isEqualTo(left);
      }
      List<PlanItem> menu = plan.items().stream().filter(i -> i.block().isChosen()).toList();
      assertThat(menu).extracting(PlanItem::drillId).doesNotHaveDuplicates();
      List<String> ladders =
          menu.stream()
              .flatMap(i -> plan.drill(i).flatMap(Drill::rung).stream())
              .map(Drill.Rung::ladder)
              .toList();
      assertThat(ladders).as(() -> text(plan)).doesNotHaveDuplicates();
    }
  }

  private static boolean isOnFeet(Drill drill) {
    return drill.contacts() == 0
        && drill.position() != Position.FLOOR
        && drill.position() != Position.MACHINE
        && drill.position() != Position.WATER;
  }

  @ParameterizedTest
  @MethodSource("plans")
  void toldToFillTheMinutesItDoesSoWithGoodWorkOrStaysShorter(List<Plan> plans) {
    for (Plan unfilled : plans) {
      PrescriptionRequest request = unfilled.request();
      Plan plan = Scenarios.plan(request.with(request.circumstances().filled(true)));
      int left = plan.availableSeconds() - plan.seconds();
      assertThat(left).as(() -> text(plan)).isNotNegative();
      List<String> again =
          plan.items().stream().filter(PlanItem::isRepeat).map(PlanItem::drillId).toList();
      List<String> standing =
          plan.in(WarmUpPart.MOBILISE).stream()
              .filter(i -> !i.isRepeat() && isOnFeet(plan.drill(i).orElseThrow()))
              .map(PlanItem::drillId)
              .toList();
      assertThat(again.isEmpty() || again.equals(standing))
          .as(() -> "a round more is a whole one, or none: " + text(plan))
          .isTrue();
      int wait = 60 * request.circumstances().conditions().waitMinutes();
      int settle = PlanItem.seconds(plan.in(WarmUpPart.TRANSITION));
      int longest = request.session().kind().isHard() ? 480 : 180;
      assertThat(settle)
          .as(() -> "nobody stands about to fill the time: " + text(plan))
          .isLessThanOrEqualTo(
              30 + Math.max(Math.max(wait, longest), plan.demand().transitionSeconds()));
      if (left > 30) {
        assertThat(settle)
            .as(() -> "there was time to settle: " + text(plan))
            .isGreaterThanOrEqualTo(longest);
      }
    }
  }

  @ParameterizedTest
  @MethodSource("plans")
  void noFaultIsFoundInTheEnginesOwnPlansAndTheyAreTheSameEveryTime(List<Plan> plans) {
    for (Plan plan : plans) {
      PrescriptionRequest request = plan.request();
      assertThat(Scenarios.plan(plan.request()).items()).isEqualTo(plan.items());
      // A painful region takes the build away, and that is said as a caution.
      boolean hurt =
          request.athlete().restrictions().stream().anyMatch(l -> l.severity() == Severity.HURT);
      assertThat(Checks.of(plan))
          .as(() -> text(plan))
          .noneMatch(f -> f.severity() == dev.jubilee.core.check.Severity.FAULT && !hurt);
    }
  }

  @ParameterizedTest
  @MethodSource("plans")
  void theBuildCostsNoMoreThanAWarmUpMay(List<Plan> plans) {
    for (Plan plan : plans) {
      LoadProfile load = PlanLoad.of(plan);
      Ambient air = Ambient.of(plan.request().circumstances());
      Cost cost = Cost.of(load, Simulation.run(load, Body.USUAL, air));
      assertThat(PlanLoad.warmthAtStart(plan))
          .as("stretch by stretch as second by second")
          .isCloseTo(Simulation.run(load, Body.USUAL, air).muscle(plan.seconds()), within(1e-9));
      assertThat(cost.deepest()).as(() -> text(plan)).isBetween(Cost.DEEPEST, 1.0);
      assertThat(cost.aboveCritical()).as(() -> text(plan)).isLessThan(Cost.LONGEST_ABOVE);
    }
  }

  @ParameterizedTest
  @MethodSource("plans")
  void aWarmUpStartsEasyAndHardSessionsAreNotMetCold(List<Plan> plans) {
    for (Plan plan : plans) {
      PrescriptionRequest request = plan.request();
      assertThat(plan.in(WarmUpPart.RAISE)).as(() -> text(plan)).isNotEmpty();
      for (PlanItem item : plan.in(WarmUpPart.RAISE)) {
        assertThat(item.target().orElseThrow().effort().points())
            .as(() -> text(plan))
            .isLessThan(Effort.CRITICAL);
      }
      if (!request.session().kind().isHard()) {
        assertThat(plan.in(WarmUpPart.BUILD)).as(() -> text(plan)).isEmpty();
      }
    }
  }

  private static long side(PlanItem item, Segment.Side side) {
    return item.segments().stream()
        .filter(s -> s.side() == side)
        .mapToLong(s -> s.count() * 10_000L + s.seconds())
        .sum();
  }

  private static String text(Plan plan) {
    return plan.request().session().title()
        + " "
        + plan.request().athlete().level()
        + " "
        + plan.request().athlete().restrictions()
        + " "
        + plan.request().circumstances()
        + "\n"
        + PlanText.of(plan);
  }
}
