package dev.jubilee.core.check;

import static org.assertj.core.api.Assertions.assertThat;

import dev.jubilee.core.Scenarios;
import dev.jubilee.core.circumstances.Circumstances;
import dev.jubilee.core.circumstances.ComingFrom;
import dev.jubilee.core.circumstances.Conditions;
import dev.jubilee.core.circumstances.Place;
import dev.jubilee.core.demand.Demand;
import dev.jubilee.core.demand.DemandBuilder;
import dev.jubilee.core.drill.Dose;
import dev.jubilee.core.drill.Drill;
import dev.jubilee.core.drill.DrillLibrary;
import dev.jubilee.core.drill.WarmUpPart;
import dev.jubilee.core.edit.Edit;
import dev.jubilee.core.edit.PlanEditor;
import dev.jubilee.core.intensity.Effort;
import dev.jubilee.core.library.BuiltInLibrary;
import dev.jubilee.core.plan.Lock;
import dev.jubilee.core.plan.Plan;
import dev.jubilee.core.plan.PlanItem;
import dev.jubilee.core.plan.PrescriptionRequest;
import dev.jubilee.core.plan.Recovery;
import dev.jubilee.core.session.SessionKind;
import dev.jubilee.core.sport.Level;
import dev.jubilee.core.sport.Sport;
import java.time.Duration;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.function.UnaryOperator;
import java.util.regex.Pattern;
import java.util.stream.IntStream;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/** The last figure at which a finding is silent and the first at which it speaks. */
class CheckBordersTest {
  private static final PlanEditor EDITOR = new PlanEditor(BuiltInLibrary.get());

  private static List<FindingCode> codes(Plan plan) {
    return Checks.of(plan).stream().map(Finding::code).toList();
  }

  private static Plan plan(SessionKind kind, int minutes) {
    return Scenarios.plan(Sport.RUN, kind, Level.ADVANCED, minutes);
  }

  private static Plan with(Plan plan, WarmUpPart part, int seconds) {
    PlanItem longest =
        plan.in(part).stream().max(Comparator.comparingInt(PlanItem::seconds)).orElseThrow();
    return EDITOR.dose(plan, longest.id(), seconds);
  }

  @ParameterizedTest
  @CsvSource({"11, true", "12, false"})
  void littleTimeBeforeHardWork(int minutes, boolean speaks) {
    assertThat(codes(plan(SessionKind.SPRINT, minutes)).contains(FindingCode.SHORT_FOR_HARD))
        .isEqualTo(speaks);
    assertThat(codes(plan(SessionKind.EASY, minutes))).doesNotContain(FindingCode.SHORT_FOR_HARD);
  }

  /** Much of the gain is gone after 15 to 20 min (Bishop 2003). */
  @ParameterizedTest
  @CsvSource({"900, false", "901, true"})
  void aLongWait(int seconds, boolean speaks) {
    Plan plan = with(plan(SessionKind.INTERVALS, 60), WarmUpPart.TRANSITION, seconds);
    assertThat(codes(plan).contains(FindingCode.LONG_WAIT)).isEqualTo(speaks);
  }

  @ParameterizedTest
  @CsvSource({"150, false", "120, true"})
  void tooShortAWaitBeforeAnAllOutStart(int seconds, boolean speaks) {
    Plan trial = plan(SessionKind.TIME_TRIAL, 45);
    for (PlanItem item : trial.in(WarmUpPart.TRANSITION)) {
      trial = EDITOR.dose(trial, item.id(), seconds);
    }
    assertThat(codes(trial).contains(FindingCode.SHORT_WAIT)).isEqualTo(speaks);
  }

  @ParameterizedTest
  @CsvSource({
    "-5, HARD_COLD, true",
    "-4, HARD_COLD, false",
    "5, LAYERS, true",
    "6, LAYERS, false",
    "-5, LAYERS, false",
    "30, HEAT, true",
    "29, HEAT, false"
  })
  void theThermometer(int degrees, FindingCode code, boolean speaks) {
    assertThat(codes(at(degrees, Optional.empty())).contains(code)).isEqualTo(speaks);
  }

  /** US NWS: danger from a heat index of 103 °F, 39 °C (from memory). */
  @ParameterizedTest
  @CsvSource({"32, 60, false", "33, 60, true", "39, 10, false"})
  void damp(int degrees, int humidity, boolean isDanger) {
    List<FindingCode> codes = codes(at(degrees, Optional.of(humidity)));
    assertThat(codes.contains(FindingCode.HEAT_DANGER)).isEqualTo(isDanger);
    assertThat(codes.contains(FindingCode.HEAT)).isEqualTo(!isDanger);
  }

  private static final Plan SPRINT = plan(SessionKind.SPRINT, 45);

  /** Nothing but these items, in so many minutes. */
  private static Plan only(Plan base, int minutes, PlanItem... items) {
    return new Plan(
        base.request().with(base.request().circumstances().withMinutes(minutes)),
        base.anchors(),
        base.demand(),
        base.library(),
        List.of(items));
  }

  private static Plan asking(Plan plan, UnaryOperator<Demand> change) {
    return new Plan(
        plan.request(), plan.anchors(), change.apply(plan.demand()), plan.library(), plan.items());
  }

  private static Demand demand(Demand d, int menu, int efforts, int contacts) {
    return DemandBuilder.builder(d)
        .buildTop(Effort.of(80))
        .menuSeconds(Map.of(WarmUpPart.MOBILISE, menu))
        .efforts(efforts)
        .effortSeconds(0)
        .restSeconds(0)
        .primingSeconds(0)
        .contacts(contacts)
        .build();
  }

  private static Drill drill(String id) {
    return BuiltInLibrary.get().find(id).orElseThrow();
  }

  private static PlanItem timed(String drillId, int seconds) {
    return PlanItem.of(drill(drillId), new Dose.Timed(seconds, 1)).withId(drillId);
  }

  private static PlanItem effort(double points, int seconds) {
    return PlanItem.of(
            drill("stride-run"),
            new Dose.Timed(seconds, 1),
            SPRINT.anchors().target(Effort.of(points), Duration.ofSeconds(seconds)),
            Recovery.NONE)
        .withId("stride-" + points + "-" + seconds);
  }

  private static Optional<Finding> found(Plan plan, FindingCode code) {
    return Checks.of(plan).stream().filter(f -> f.code() == code).findFirst();
  }

  private static void speaks(Plan plan, FindingCode code, boolean speaks) {
    assertThat(found(plan, code).isPresent()).as(code.name()).isEqualTo(speaks);
  }

  /** What is locked altogether needs more minutes; the rest is fitted to those there are. */
  @Test
  void aSecondOver() {
    PlanItem settle = timed("settle", 600);
    speaks(only(SPRINT, 10, settle), FindingCode.OVER_TIME, false);
    Finding over = found(only(SPRINT, 10, timed("settle", 601)), FindingCode.OVER_TIME).get();
    assertThat(over.what()).isEqualTo("The plan takes 10:01, 0:01 over.");
    assertThat(over.remedy().edit()).isInstanceOf(Edit.Refit.class);
    Plan locked = only(SPRINT, 10, timed("settle", 660).withLock(Lock.DOSE));
    Finding all = found(locked, FindingCode.OVER_TIME).get();
    assertThat(all.remedy().edit())
        .as("minutes are the coach's")
        .isInstanceOf(Edit.Acknowledge.class);
    assertThat(all.why()).contains("11 min");
    Plan some = only(SPRINT, 10, timed("settle", 660).withLock(Lock.DOSE), timed("easy-jog", 20));
    assertThat(found(some, FindingCode.OVER_TIME).get().remedy().edit())
        .isInstanceOf(Edit.Refit.class);
  }

  @Test
  void twelveMinutesBeforeAnEasySession() {
    Plan easy = plan(SessionKind.EASY, 45);
    speaks(only(easy, 45, timed("easy-jog", 720)), FindingCode.LONG_FOR_EASY, false);
    Plan longer = only(easy, 45, timed("easy-jog", 721));
    Edit.ChangeDose remedy =
        (Edit.ChangeDose) found(longer, FindingCode.LONG_FOR_EASY).get().remedy().edit();
    assertThat(remedy).isEqualTo(new Edit.ChangeDose("easy-jog", 120));
    Plan asked =
        new Plan(
            longer.request().with(longer.request().circumstances().filled(true)),
            longer.anchors(),
            longer.demand(),
            longer.library(),
            longer.items());
    speaks(asked, FindingCode.LONG_FOR_EASY, false);
    // Waiting for the start is no warm-up.
    speaks(only(easy, 45, timed("settle", 721)), FindingCode.LONG_FOR_EASY, false);
    speaks(only(SPRINT, 45, timed("easy-jog", 721)), FindingCode.LONG_FOR_EASY, false);
  }

  /** Muscle temperature needs 3 to 5 min to rise (Saltin et al. 1968). */
  @ParameterizedTest
  @CsvSource({"239, 12, true", "240, 12, false", "239, 11, false", "0, 12, true"})
  void aShortRaise(int seconds, int minutes, boolean speaks) {
    Plan plan =
        seconds == 0
            ? only(SPRINT, minutes, timed("settle", 60))
            : only(SPRINT, minutes, timed("easy-jog", seconds));
    speaks(plan, FindingCode.SHORT_RAISE, speaks);
    if (speaks) {
      assertThat(found(plan, FindingCode.SHORT_RAISE).get().what())
          .isEqualTo(seconds == 0 ? "Nothing lifts temperature." : "Only 3:59 of raise.");
    }
  }

  @ParameterizedTest
  @CsvSource({"149, 25, true", "150, 25, false", "149, 24, false"})
  void aShortWaitInTimeEnough(int seconds, int minutes, boolean speaks) {
    Plan trial = plan(SessionKind.TIME_TRIAL, 45);
    speaks(only(trial, minutes, timed("settle", seconds)), FindingCode.SHORT_WAIT, speaks);
  }

  @ParameterizedTest
  @CsvSource({
    "SPRINT, 2, 4, 20, true",
    "SPRINT, 3, 4, 20, false",
    "SPRINT, 2, 2, 20, false",
    "SPRINT, 1, 2, 20, true",
    "SPRINT, 2, 4, 19, false",
    "SPRINT, 0, 4, 20, false",
    "TIME_TRIAL, 2, 4, 20, true",
    "THRESHOLD, 2, 4, 20, false"
  })
  void fewEfforts(SessionKind kind, int count, int asked, int minutes, boolean speaks) {
    PlanItem[] efforts =
        IntStream.range(0, count).mapToObj(i -> effort(75 + i, 8)).toArray(PlanItem[]::new);
    Plan plan =
        asking(only(plan(kind, 45), minutes, efforts), d -> demand(d, 0, asked, d.contacts()));
    speaks(plan, FindingCode.FEW_EFFORTS, speaks);
  }

  /** The session asks for 80 on the scale of 100. */
  @ParameterizedTest
  @CsvSource({
    "88, 20, false, false",
    "89, 20, true, false",
    "66, 20, false, false",
    "65, 20, false, true",
    "65, 19, false, false"
  })
  void theTopOfTheBuild(double points, int minutes, boolean isHigh, boolean isLow) {
    Plan plan =
        asking(only(SPRINT, minutes, effort(points, 8)), d -> demand(d, 0, 4, d.contacts()));
    speaks(plan, FindingCode.BUILD_TOO_HIGH, isHigh);
    speaks(plan, FindingCode.BUILD_TOO_LOW, isLow);
    Plan unasked = asking(plan, d -> demand(d, 0, 0, d.contacts()));
    speaks(unasked, FindingCode.BUILD_TOO_HIGH, false);
    speaks(unasked, FindingCode.BUILD_TOO_LOW, false);
    if (isHigh) {
      Finding high = found(plan, FindingCode.BUILD_TOO_HIGH).get();
      assertThat(high.remedy().edit()).isEqualTo(new Edit.Remove(plan.items().get(0).id()));
    }
  }

  @Test
  void minutesAboveCritical() {
    PlanItem longer = effort(80, 90);
    speaks(only(SPRINT, 45, longer, effort(81, 60)), FindingCode.COSTLY, false);
    Plan more = only(SPRINT, 45, longer, effort(81, 61));
    assertThat(found(more, FindingCode.COSTLY).get().remedy().edit())
        .isEqualTo(new Edit.Remove(longer.id()));
    speaks(only(SPRINT, 45, effort(Effort.CRITICAL, 400)), FindingCode.COSTLY, false);
    speaks(asking(more, d -> demand(d, 0, 0, 0)), FindingCode.COSTLY, false);
  }

  @ParameterizedTest
  @CsvSource({"29, 721, false", "30, 720, false", "30, 722, true"})
  void aLongRaiseInTheHeat(int degrees, int seconds, boolean speaks) {
    Plan plan = only(at(degrees, Optional.empty()), 45, timed("easy-jog", seconds));
    speaks(plan, FindingCode.LONG_IN_HEAT, speaks);
    found(plan, FindingCode.LONG_IN_HEAT)
        .ifPresent(
            f -> {
              assertThat(f.remedy().edit()).isEqualTo(new Edit.ChangeDose("easy-jog", 361));
              assertThat(f.what()).isEqualTo("12 min of raise at 30 °C.");
            });
  }

  /** What lands most goes, but for the build. */
  @Test
  void oneContactTooMany() {
    PlanItem hops = PlanItem.of(drill("pogo-hops"), drill("pogo-hops").usual()).withId("pogo-hops");
    PlanItem skips = PlanItem.of(drill("a-skip"), drill("a-skip").usual()).withId("a-skip");
    Plan plan = only(SPRINT, 45, skips, hops, timed("settle", 60));
    int contacts = plan.contacts();
    assertThat(contacts).isPositive();
    speaks(asking(plan, d -> demand(d, 0, 4, contacts)), FindingCode.CONTACTS_HIGH, false);
    Plan over = asking(plan, d -> demand(d, 0, 4, contacts - 1));
    Finding high = found(over, FindingCode.CONTACTS_HIGH).get();
    assertThat(high.what())
        .isEqualTo(contacts + " ground contacts, " + (contacts - 1) + " are enough.");
    PlanItem most =
        drill("pogo-hops").contactsIn(hops.dose()) >= drill("a-skip").contactsIn(skips.dose())
            ? hops
            : skips;
    assertThat(high.remedy().edit()).isEqualTo(new Edit.Remove(most.id()));
    speaks(asking(plan, d -> demand(d, 0, 4, 0)), FindingCode.CONTACTS_HIGH, false);
    Plan jumps =
        asking(
            only(
                SPRINT,
                45,
                PlanItem.of(drill("approach-jump"), new Dose.Reps(3, 1, 1, 5)).withId("jump")),
            d -> demand(d, 0, 4, 1));
    assertThat(found(jumps, FindingCode.CONTACTS_HIGH).get().remedy().edit())
        .as("the build stays")
        .isInstanceOf(Edit.Acknowledge.class);
  }

  @ParameterizedTest
  @CsvSource({"2, false", "3, true"})
  void upAndDown(int times, boolean speaks) {
    List<PlanItem> items = new ArrayList<>();
    for (int i = 0; i < times; i++) {
      items.add(timed("ninety-ninety", 30).withId("floor-" + i));
      items.add(timed("easy-jog", 30).withId("up-" + i));
    }
    speaks(only(SPRINT, 45, items.toArray(PlanItem[]::new)), FindingCode.UP_AND_DOWN, speaks);
  }

  @Test
  void heldStretchesAreEarlyOrLate() {
    PlanItem held = timed("held-calf", 20);
    PlanItem skips = timed("a-skip", 20);
    PlanItem swings = timed("ninety-ninety", 20);
    speaks(only(SPRINT, 45, held, skips, effort(80, 8)), FindingCode.HOLD_LATE, false);
    speaks(only(SPRINT, 45, swings, held, skips), FindingCode.HOLD_LATE, false);
    speaks(only(SPRINT, 45, skips, held), FindingCode.HOLD_LATE, true);
    speaks(only(SPRINT, 45, effort(80, 8), held), FindingCode.HOLD_LATE, true);
    speaks(only(SPRINT, 45, skips, swings), FindingCode.HOLD_LATE, false);
  }

  /** Wind speed at which it feels as cold as −15 °C; the index of 2001 decides. */
  @Test
  void windChill() {
    for (int degrees = -14; degrees <= -4; degrees++) {
      for (int wind = 0; wind <= 60; wind += 5) {
        Conditions air = Conditions.USUAL.withWind(wind);
        Circumstances c =
            Circumstances.of(45, Place.TRACK, Place.TRACK.usualKit(), degrees, ComingFrom.MOVING)
                .withConditions(air);
        Plan plan =
            new Plan(
                SPRINT.request().with(c),
                SPRINT.anchors(),
                SPRINT.demand(),
                SPRINT.library(),
                SPRINT.items());
        double v = Math.pow(wind, 0.16);
        double index = 13.12 + 0.6215 * degrees - 11.37 * v + 0.3965 * degrees * v;
        boolean isBlown = wind >= 5 && Math.round(index) < degrees;
        speaks(plan, FindingCode.WIND_CHILL, isBlown && Math.round(index) <= -15);
      }
    }
  }

  @ParameterizedTest
  @CsvSource({"120, 60, true", "119, 60, false", "120, 59, false"})
  void noDrillIsLeft(int menu, int left, boolean speaks) {
    Plan plan =
        asking(
            only(SPRINT, 10, timed("settle", 600 - left)), d -> demand(d, menu, 4, d.contacts()));
    speaks(plan, FindingCode.NOTHING_LEFT, speaks);
    Plan with = only(plan, 10, timed("settle", 500 - left), timed("a-skip", 20));
    speaks(asking(with, d -> demand(d, menu, 4, 0)), FindingCode.NOTHING_LEFT, false);
  }

  @Test
  void whyNoDrillIsLeft() {
    Plan plan = asking(only(SPRINT, 10, timed("settle", 60)), d -> demand(d, 300, 4, d.contacts()));
    String here = found(plan, FindingCode.NOTHING_LEFT).get().why();
    assertThat(here).startsWith("Ruled out: ").matches("(?s).*[0-9]+ because each .*");
    List<Integer> counts =
        Pattern.compile("([0-9]+) because")
            .matcher(here)
            .results()
            .map(m -> Integer.valueOf(m.group(1)))
            .toList();
    assertThat(counts).hasSizeBetween(1, 3).isSortedAccordingTo(Comparator.reverseOrder());
    Plan none =
        new Plan(
            plan.request(),
            plan.anchors(),
            plan.demand(),
            new DrillLibrary(List.of(drill("easy-jog"), drill("settle"))),
            plan.items());
    assertThat(found(none, FindingCode.NOTHING_LEFT).get().why())
        .startsWith("The library has none");
  }

  private static Plan at(int degrees, Optional<Integer> humidity) {
    Conditions air = Conditions.USUAL.withHumidity(humidity);
    Circumstances circumstances =
        Circumstances.of(40, Place.TRACK, Place.TRACK.usualKit(), degrees, ComingFrom.MOVING)
            .withConditions(air);
    return Scenarios.plan(
        PrescriptionRequest.of(
            Scenarios.athlete(Level.ADVANCED),
            Scenarios.session(Sport.RUN, SessionKind.SPRINT),
            circumstances));
  }
}
