package dev.jubilee.core.prescription;

import static org.assertj.core.api.Assertions.assertThat;

import dev.jubilee.core.Scenarios;
import dev.jubilee.core.Sweeps;
import dev.jubilee.core.athlete.Athlete;
import dev.jubilee.core.athlete.AthleteBuilder;
import dev.jubilee.core.athlete.HealthCondition;
import dev.jubilee.core.athlete.Restriction;
import dev.jubilee.core.athlete.Restriction.Severity;
import dev.jubilee.core.circumstances.Circumstances;
import dev.jubilee.core.demand.LoadedRegions;
import dev.jubilee.core.drill.WarmUpPart;
import dev.jubilee.core.plan.Plan;
import dev.jubilee.core.plan.PlanItem;
import dev.jubilee.core.plan.PlanText;
import dev.jubilee.core.plan.PrescriptionRequest;
import dev.jubilee.core.sport.BodyRegion;
import dev.jubilee.core.sport.Level;
import java.util.ArrayList;
import java.util.EnumSet;
import java.util.List;
import java.util.Random;
import java.util.Set;
import java.util.stream.Stream;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.MethodSource;

/**
 * Two who differ in one thing: the sorer, the younger, the newer and the hotter one never does the
 * harder warm-up, and more minutes never bring fewer kinds of work. Common practice.
 */
class NeverHarderTest {
  private static final int PAIRS = 60;

  static Stream<Integer> parcels() {
    return Sweeps.parcels(16);
  }

  @ParameterizedTest
  @MethodSource("parcels")
  void theSorerTheSofter(int parcel) {
    Random random = new Random(31_400 + parcel);
    for (int i = 0; i < PAIRS; i++) {
      PrescriptionRequest request = new Anybody(random).request();
      BodyRegion[] all = BodyRegion.values();
      BodyRegion region = all[random.nextInt(all.length)];
      if (!LoadedRegions.of(request.session()).contains(region)) {
        continue;
      }
      Plan before = with(request, region, null);
      for (Severity severity : List.of(Severity.SORE, Severity.HURT)) {
        Plan now = with(request, region, severity);
        assertThat(top(now))
            .as(() -> both(severity + " " + region, before, now))
            .isLessThanOrEqualTo(most(before) + 0.5);
        assertThat(now.contacts())
            .as(() -> both(severity + " " + region, before, now))
            .isLessThanOrEqualTo(Math.max(before.contacts(), before.demand().contacts()));
      }
    }
  }

  @ParameterizedTest
  @MethodSource("parcels")
  void whatIsKnownOfTheirHealthTheSofter(int parcel) {
    Random random = new Random(52_600 + parcel);
    for (int i = 0; i < PAIRS; i++) {
      PrescriptionRequest request = new Anybody(random).request();
      Plan before = Scenarios.plan(request.with(request.athlete().with(Set.of())));
      for (HealthCondition condition : HealthCondition.values()) {
        Plan now = Scenarios.plan(request.with(request.athlete().with(Set.of(condition))));
        assertThat(top(now))
            .as(() -> both("" + condition, before, now))
            .isLessThanOrEqualTo(most(before) + 0.5);
        assertThat(now.contacts())
            .as(() -> both("" + condition, before, now))
            .isLessThanOrEqualTo(before.demand().contacts());
      }
    }
  }

  @ParameterizedTest
  @MethodSource("parcels")
  void theNewerAndTheYoungerTheSofter(int parcel) {
    Random random = new Random(27_100 + parcel);
    for (int i = 0; i < PAIRS; i++) {
      PrescriptionRequest request = new Anybody(random).request();
      Athlete athlete = request.athlete();
      Plan before = Scenarios.plan(request.with(like(athlete, Level.ADVANCED, 30)));
      Plan newer = Scenarios.plan(request.with(like(athlete, Level.NOVICE, 30)));
      Plan younger = Scenarios.plan(request.with(like(athlete, Level.ADVANCED, 12)));
      assertThat(top(newer))
          .as(() -> both("novice", before, newer))
          .isLessThanOrEqualTo(most(before) + 0.5);
      assertThat(top(younger))
          .as(() -> both("young", before, younger))
          .isLessThanOrEqualTo(most(before) + 0.5);
    }
  }

  @ParameterizedTest
  @MethodSource("parcels")
  void theHotterTheShorterTheRaise(int parcel) {
    Random random = new Random(16_100 + parcel);
    for (int i = 0; i < PAIRS; i++) {
      PrescriptionRequest request = new Anybody(random).request();
      Circumstances c = request.circumstances();
      int warmer = Math.min(45, c.temperature() + 8);
      // Beyond the limits of cold it is another warm-up, indoors.
      if (!c.fill() && c.movedFrom().isEmpty()) {
        Plan before = Scenarios.plan(request);
        Plan now =
            Scenarios.plan(
                request.with(
                    Circumstances.of(c.minutes(), c.place(), c.kit(), warmer, c.comingFrom())
                        .withConditions(c.conditions())));
        assertThat(raise(now))
            .as(() -> both("+8 °C", before, now))
            .isLessThanOrEqualTo(raise(before) + 90);
      }
    }
  }

  @ParameterizedTest
  @MethodSource("parcels")
  void moreMinutesNeverFewerKindsOfWork(int parcel) {
    Random random = new Random(14_100 + parcel);
    for (int i = 0; i < PAIRS; i++) {
      PrescriptionRequest request = new Anybody(random).request();
      int minutes = request.circumstances().minutes();
      if (minutes <= 50) {
        Plan before = Scenarios.plan(request);
        Plan now = Scenarios.plan(request.with(request.circumstances().withMinutes(minutes + 10)));
        assertThat(kinds(now))
            .as(() -> both("10 min more", before, now))
            .hasSizeGreaterThanOrEqualTo(kinds(before).size());
      }
    }
  }

  private static Plan with(PrescriptionRequest request, BodyRegion region, Severity severity) {
    List<Restriction> restrictions = new ArrayList<>();
    if (severity != null) {
      restrictions.add(Restriction.both(region, severity));
    }
    Athlete athlete = request.athlete();
    return Scenarios.plan(request.with(athlete.with(restrictions, athlete.mastery())));
  }

  private static Athlete like(Athlete athlete, Level level, int age) {
    return AthleteBuilder.builder(Athlete.of(level, age))
        .restingHeartRate(athlete.restingHeartRate())
        .maximumHeartRate(athlete.maximumHeartRate())
        .results(athlete.results())
        .mastery(athlete.mastery())
        .build();
  }

  /** Points of the hardest effort of the build, 0 without one. */
  static double top(Plan plan) {
    return plan.in(WarmUpPart.BUILD).stream()
        .flatMap(i -> i.target().stream())
        .mapToDouble(t -> t.effort().points())
        .max()
        .orElse(0);
  }

  /** As high as it went or was meant to go: one effort that stands alone stays a little below. */
  private static double most(Plan plan) {
    return Math.max(top(plan), plan.demand().buildTop().points());
  }

  private static int raise(Plan plan) {
    return plan.in(WarmUpPart.RAISE).stream().mapToInt(i -> i.dose().seconds()).sum();
  }

  private static Set<WarmUpPart> kinds(Plan plan) {
    Set<WarmUpPart> kinds = EnumSet.noneOf(WarmUpPart.class);
    plan.items().stream()
        .map(PlanItem::block)
        .filter(b -> b != WarmUpPart.RELEASE)
        .forEach(kinds::add);
    return kinds;
  }

  private static String both(String what, Plan before, Plan now) {
    return what + "\n" + now.request() + "\n" + PlanText.of(before) + PlanText.of(now);
  }
}
