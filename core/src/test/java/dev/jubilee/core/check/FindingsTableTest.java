package dev.jubilee.core.check;

import static org.assertj.core.api.Assertions.assertThat;

import dev.jubilee.core.Scenarios;
import dev.jubilee.core.approach.Approach;
import dev.jubilee.core.athlete.HealthCondition;
import dev.jubilee.core.athlete.Restriction;
import dev.jubilee.core.circumstances.Circumstances;
import dev.jubilee.core.circumstances.Conditions;
import dev.jubilee.core.circumstances.Conditions.Surface;
import dev.jubilee.core.circumstances.Place;
import dev.jubilee.core.drill.Kit;
import dev.jubilee.core.drill.WarmUpPart;
import dev.jubilee.core.edit.Edit;
import dev.jubilee.core.edit.PlanEditor;
import dev.jubilee.core.library.BuiltInLibrary;
import dev.jubilee.core.plan.Lock;
import dev.jubilee.core.plan.Plan;
import dev.jubilee.core.plan.PlanItem;
import dev.jubilee.core.plan.PlanSource;
import dev.jubilee.core.plan.PrescriptionRequest;
import dev.jubilee.core.session.SessionKind;
import dev.jubilee.core.sport.BodyRegion;
import dev.jubilee.core.sport.Level;
import dev.jubilee.core.sport.Sport;
import java.util.Arrays;
import java.util.EnumSet;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.function.UnaryOperator;
import java.util.stream.Stream;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.MethodSource;

/**
 * Every finding: a plan on which it does not fire, what a coach does to make it fire, and the
 * remedy that takes it away again. What is wrong with a plan is common practice unless the finding
 * says otherwise.
 */
class FindingsTableTest {
  private static final PlanEditor EDITOR = new PlanEditor(BuiltInLibrary.get());

  private static final Plan SPRINT = plan(Sport.RUN, SessionKind.SPRINT, 45);
  private static final Plan TRIAL = plan(Sport.ROW, SessionKind.TIME_TRIAL, 45);
  private static final Plan THRESHOLD = plan(Sport.RUN, SessionKind.THRESHOLD, 45);
  private static final Plan EASY = plan(Sport.RUN, SessionKind.EASY, 45);
  private static final Plan RIDE = plan(Sport.RIDE, SessionKind.THRESHOLD, 45);
  private static final Plan SWIM = plan(Sport.SWIM, SessionKind.SPRINT, 45);

  private record Row(String code, Plan sound, UnaryOperator<Plan> spoil) {
    @Override
    public String toString() {
      return code;
    }
  }

  static Stream<Row> findings() {
    return Stream.of(
        new Row("OVER_TIME", SPRINT, p -> dose(p, WarmUpPart.TRANSITION, 1800)),
        new Row("LONG_WAIT", SPRINT, p -> dose(p, WarmUpPart.TRANSITION, 1200)),
        new Row("SHORT_WAIT", TRIAL, p -> dose(p, WarmUpPart.TRANSITION, 60)),
        new Row("LONG_FOR_EASY", EASY, p -> dose(p, WarmUpPart.RAISE, 900)),
        new Row("SHORT_FOR_HARD", SPRINT, p -> under(p, minutes(p, 8))),
        new Row("LEFT_OUT", SPRINT, p -> under(without(p, WarmUpPart.ACTIVATE), minutes(p, 8))),
        new Row("SHORT_RAISE", SPRINT, p -> without(p, WarmUpPart.RAISE)),
        new Row("NO_BUILD", SPRINT, p -> without(p, WarmUpPart.BUILD)),
        new Row("FEW_EFFORTS", SPRINT, p -> keepingLast(p, WarmUpPart.BUILD)),
        new Row("BUILD_TOO_LOW", SPRINT, p -> keepingFirst(p, WarmUpPart.BUILD)),
        new Row("BUILD_TOO_HIGH", THRESHOLD, FindingsTableTest::withSprintBuild),
        new Row("EFFORT_FALLS", SPRINT, p -> EDITOR.move(p, last(p, WarmUpPart.BUILD), -2)),
        new Row("COSTLY", SPRINT, p -> dose(p, WarmUpPart.BUILD, 400, 400, 400)),
        new Row("BIG_STEP", SPRINT, p -> keepingLast(p, WarmUpPart.BUILD)),
        new Row(
            "TOO_MANY_DRILLS",
            THRESHOLD,
            p ->
                EDITOR.add(
                    EDITOR.add(keepingLast(p, WarmUpPart.BUILD), "arm-circles"), "toe-rolls")),
        new Row("CONTACTS_HIGH", SPRINT, p -> EDITOR.add(p, "quick-feet-line")),
        new Row("CONTACTS_UNWANTED", RIDE, p -> EDITOR.add(p, "pogo-hops")),
        new Row("MISSING_KIT", SPRINT, p -> EDITOR.add(p, "roll-calf")),
        new Row("WET_DECK", SWIM, p -> EDITOR.add(p, "carioca")),
        new Row(
            "SLIPPERY",
            EASY,
            p -> EDITOR.add(under(p, on(p, Surface.SLIPPERY).withPlace(Place.GYM)), "a-skip")),
        new Row("WET_GROUND", EASY, p -> EDITOR.add(under(p, rain(p)), "ninety-ninety")),
        new Row("KIT_SHARED", RIDE, p -> EDITOR.add(under(p, group(p)), "band-pull-aparts")),
        new Row("NO_APPARATUS", RIDE, p -> under(p, kit(p, Set.of()))),
        new Row("NO_ROOM_TO_RUN", SPRINT, p -> under(p, at(p, Place.LIVING_ROOM))),
        new Row(
            "BY_FEEL",
            SPRINT,
            p -> replan(p.request().with(Scenarios.withoutResults(Level.ADVANCED)))),
        new Row("SORE", SPRINT, p -> limited(p, BodyRegion.CALVES, Restriction.Severity.SORE)),
        new Row("HURT", SPRINT, p -> limited(p, BodyRegion.CALVES, Restriction.Severity.HURT)),
        new Row(
            "ANOTHER_SESSION",
            SPRINT,
            p -> limited(p, BodyRegion.KNEES, Restriction.Severity.HURT)),
        new Row(
            "LOADS_SORE_REGION",
            SPRINT,
            p -> EDITOR.add(limited(p, BodyRegion.ACHILLES, Restriction.Severity.SORE), "a-skip")),
        new Row("LONG_HOLD", SPRINT, p -> EDITOR.dose(EDITOR.add(p, "held-calf"), "held-calf", 60)),
        new Row("HOLD_LATE", SPRINT, FindingsTableTest::withLateHold),
        new Row("DOUBLED", SPRINT, p -> EDITOR.add(p, menuDrill(p))),
        new Row("TWO_RUNGS", SPRINT, p -> EDITOR.add(p, "a-march")),
        new Row(
            "ABOVE_MASTERY",
            plan(Sport.RUN, SessionKind.SPRINT, Level.NOVICE, 45),
            p -> EDITOR.add(p, "quick-leg-double")),
        new Row("NEW_TODAY", rehearsed(TRIAL), p -> EDITOR.add(p, "toe-rolls")),
        new Row("UP_AND_DOWN", RIDE, FindingsTableTest::upAndDown),
        new Row("BAND_ON_AND_OFF", RIDE, FindingsTableTest::bandOnAndOff),
        new Row("UNSAFE_OUTDOORS", SPRINT, p -> under(p, degrees(p, -20, 30))),
        new Row(
            "HEALTH",
            SPRINT,
            p ->
                replan(
                    p.request().with(p.request().athlete().with(Set.of(HealthCondition.ASTHMA))))),
        new Row("COLD_WATER", SWIM, p -> under(p, water(p, 15))),
        new Row("HIGH_UP", SPRINT, p -> under(p, up(p, 2000))),
        new Row("THUNDER", SPRINT, p -> under(p, sky(p, true, 20))),
        new Row("BAD_AIR", SPRINT, p -> under(p, sky(p, false, 151))),
        new Row("ICE_UNDERFOOT", SPRINT, p -> under(p, on(p, Surface.SLIPPERY))),
        new Row("HARD_COLD", SPRINT, p -> under(p, degrees(p, -8, 0))),
        new Row("WIND_CHILL", SPRINT, p -> under(p, degrees(p, -8, 40))),
        new Row("LAYERS", SPRINT, p -> under(p, degrees(p, 3, 0))),
        new Row("HEAT", SPRINT, p -> under(p, degrees(p, 34, 0))),
        new Row("HEAT_DANGER", SPRINT, p -> under(p, damp(p, 33, 60))),
        new Row("NOTHING_LEFT", SPRINT, FindingsTableTest::withEverythingHurt),
        new Row(
            "LONG_IN_HEAT", SPRINT, p -> dose(under(p, degrees(p, 34, 0)), WarmUpPart.RAISE, 900)));
  }

  @ParameterizedTest
  @MethodSource("findings")
  void firesWhenItShouldAndOnlyThenAndItsRemedyHelps(Row row) {
    assertThat(codes(row.sound())).doesNotContain(row.code());
    Plan spoiled = row.spoil().apply(row.sound());
    Finding finding =
        Checks.of(spoiled).stream()
            .filter(f -> f.code().name().equals(row.code()))
            .findFirst()
            .orElseThrow(() -> new AssertionError(codes(spoiled) + " without " + row.code()));
    assertThat(finding.what()).endsWith(".");
    assertThat(finding.why()).endsWith(".");
    assertThat(finding.evidence()).isNotBlank();
    Remedy remedy = finding.remedy();
    Plan mended = applied(spoiled, finding);
    if (remedy.edit() instanceof Edit.Acknowledge) {
      assertThat(mended.request().seen()).contains(row.code());
      return;
    }
    long before = codes(spoiled).stream().filter(row.code()::equals).count();
    long after = codes(mended).stream().filter(row.code()::equals).count();
    assertThat(after).as("after '%s'", remedy.label()).isLessThan(before);
  }

  /** Every kind of finding has its row above, or is about the athlete's results alone. */
  @Test
  void everyCodeIsTried() {
    List<String> tried = findings().map(Row::code).toList();
    assertThat(FindingCode.values()).extracting(Enum::name).isSubsetOf(tried);
  }

  private static Plan applied(Plan plan, Finding finding) {
    return PlanEditor.edited(PlanSource.of(plan), finding.remedy().edit()).plan();
  }

  /** The engine's own plans: no fault, whatever the sport and session. */
  @ParameterizedTest
  @MethodSource("ownPlans")
  void nothingToRemarkOnItsOwnPlans(Plan plan) {
    assertThat(codes(plan)).isEmpty();
  }

  static Stream<Plan> ownPlans() {
    return Stream.of(Sport.values())
        .flatMap(
            sport ->
                Stream.of(SessionKind.values())
                    .filter(kind -> kind.isFor(sport))
                    .flatMap(
                        kind ->
                            Stream.of(Level.values()).map(level -> plan(sport, kind, level, 45))));
  }

  private static Plan plan(Sport sport, SessionKind kind, int minutes) {
    return plan(sport, kind, Level.ADVANCED, minutes);
  }

  private static Plan plan(Sport sport, SessionKind kind, Level level, int minutes) {
    return Scenarios.plan(sport, kind, level, minutes);
  }

  private static Plan replan(PrescriptionRequest request) {
    return Scenarios.plan(request);
  }

  private static Plan rehearsed(Plan plan) {
    Set<String> drills =
        Set.copyOf(plan.items().stream().map(PlanItem::drillId).distinct().toList());
    return replan(plan.request().after(drills).with(Approach.USUAL));
  }

  private static Plan limited(Plan plan, BodyRegion region, Restriction.Severity severity) {
    return replan(
        plan.request().with(Scenarios.athlete(Level.ADVANCED, Restriction.both(region, severity))));
  }

  private static Plan dose(Plan plan, WarmUpPart block, int... amounts) {
    Plan changed = plan;
    List<PlanItem> items = plan.in(block);
    for (int i = 0; i < amounts.length; i++) {
      changed = EDITOR.dose(changed, items.get(items.size() - 1 - i).id(), amounts[i]);
    }
    return changed;
  }

  private static Plan without(Plan plan, WarmUpPart block) {
    Plan changed = plan;
    for (PlanItem item : plan.in(block)) {
      changed = EDITOR.remove(changed, item.id());
    }
    return changed;
  }

  private static Plan keepingLast(Plan plan, WarmUpPart block) {
    Plan changed = plan;
    List<PlanItem> items = plan.in(block);
    for (PlanItem item : items.subList(0, items.size() - 1)) {
      changed = EDITOR.remove(changed, item.id());
    }
    return changed;
  }

  private static Plan keepingFirst(Plan plan, WarmUpPart block) {
    Plan changed = plan;
    List<PlanItem> items = plan.in(block);
    for (PlanItem item : items.subList(1, items.size())) {
      changed = EDITOR.remove(changed, item.id());
    }
    return changed;
  }

  private static String last(Plan plan, WarmUpPart block) {
    List<PlanItem> items = plan.in(block);
    return items.get(items.size() - 1).id();
  }

  private static String menuDrill(Plan plan) {
    return plan.in(WarmUpPart.MOBILISE).get(0).drillId();
  }

  private static Plan withEverythingHurt(Plan plan) {
    Restriction[] everywhere =
        Arrays.stream(BodyRegion.values())
            .map(region -> Restriction.both(region, Restriction.Severity.HURT))
            .toArray(Restriction[]::new);
    return replan(plan.request().with(Scenarios.athlete(Level.ADVANCED, everywhere)));
  }

  /** The session turned from sprints into threshold with the sprint build still locked. */
  private static Plan withSprintBuild(Plan threshold) {
    List<PlanItem> locked =
        SPRINT.in(WarmUpPart.BUILD).stream()
            .map(i -> EDITOR.lock(SPRINT, i.id(), Lock.DOSE).item(i.id()))
            .toList();
    return replan(threshold.request().with(locked, Set.of()));
  }

  private static Plan withLateHold(Plan plan) {
    Plan added = EDITOR.add(plan, "held-calf");
    int from = added.items().indexOf(added.item("held-calf"));
    int to = added.items().indexOf(added.item(last(added, WarmUpPart.DRILL)));
    return EDITOR.move(added, "held-calf", to - from);
  }

  private static Plan upAndDown(Plan ride) {
    Plan plan = EDITOR.add(ride, "thread-the-needle");
    plan = EDITOR.add(plan, "wide-knee-rock");
    plan = EDITOR.add(plan, "walk-out");
    Map<String, Integer> places = new LinkedHashMap<>();
    places.put("walk-out", 1);
    places.put("wide-knee-rock", 3);
    places.put("thread-the-needle", 5);
    for (Map.Entry<String, Integer> place : places.entrySet()) {
      int from = plan.items().indexOf(plan.item(place.getKey()));
      plan = EDITOR.move(plan, place.getKey(), place.getValue() - from);
    }
    return plan;
  }

  private static Plan bandOnAndOff(Plan ride) {
    Plan plan = EDITOR.add(ride, "band-side-steps-knees");
    plan = EDITOR.add(plan, "band-monster-walk");
    int from = plan.items().indexOf(plan.item("band-monster-walk"));
    return EDITOR.move(plan, "band-monster-walk", 1 - from);
  }

  private static Plan under(Plan plan, Circumstances circumstances) {
    return EDITOR.under(plan, circumstances);
  }

  private static Circumstances sky(Plan plan, boolean thunder, int airQuality) {
    return plan.request()
        .circumstances()
        .with(Conditions.USUAL.withThunder(thunder).withAirQuality(Optional.of(airQuality)));
  }

  private static Circumstances up(Plan plan, int metres) {
    Circumstances c = plan.request().circumstances();
    return c.with(c.conditions().withAltitude(metres));
  }

  private static Circumstances water(Plan plan, int degrees) {
    Circumstances c = plan.request().circumstances();
    return c.with(c.conditions().withWater(Optional.of(degrees)));
  }

  private static Circumstances minutes(Plan plan, int minutes) {
    return plan.request().circumstances().withMinutes(minutes);
  }

  private static Circumstances kit(Plan plan, Set<Kit> kit) {
    Circumstances c = plan.request().circumstances();
    return Circumstances.of(c.minutes(), c.place(), kit, c.temperature(), c.comingFrom());
  }

  private static Circumstances at(Plan plan, Place place) {
    Circumstances c = plan.request().circumstances();
    return Circumstances.of(c.minutes(), place, c.kit(), c.temperature(), c.comingFrom());
  }

  private static Circumstances damp(Plan plan, int temperature, int humidity) {
    return degrees(plan, temperature, 0).with(Conditions.USUAL.withHumidity(Optional.of(humidity)));
  }

  private static Circumstances degrees(Plan plan, int temperature, int wind) {
    Circumstances c = plan.request().circumstances();
    return Circumstances.of(c.minutes(), c.place(), c.kit(), temperature, c.comingFrom())
        .withConditions(Conditions.USUAL.withWind(wind));
  }

  private static Circumstances on(Plan plan, Surface surface) {
    return plan.request().circumstances().with(Conditions.USUAL.withSurface(surface));
  }

  private static Circumstances rain(Plan plan) {
    return plan.request().circumstances().with(Conditions.USUAL.withWet(true));
  }

  private static Circumstances group(Plan plan) {
    Circumstances c = plan.request().circumstances();
    Set<Kit> kit = EnumSet.of(Kit.LONG_BAND);
    kit.addAll(c.kit());
    return Circumstances.of(c.minutes(), c.place(), kit, c.temperature(), c.comingFrom())
        .withConditions(Conditions.USUAL.withGroup(12));
  }

  private static List<String> codes(Plan plan) {
    return Checks.of(plan).stream().map(f -> f.code().name()).toList();
  }
}
