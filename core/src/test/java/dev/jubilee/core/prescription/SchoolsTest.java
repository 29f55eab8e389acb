package dev.jubilee.core.prescription;

import static org.assertj.core.api.Assertions.assertThat;

import dev.jubilee.core.Scenarios;
import dev.jubilee.core.approach.Approach;
import dev.jubilee.core.approach.Approach.Balance;
import dev.jubilee.core.approach.Approach.First;
import dev.jubilee.core.approach.Approach.Holds;
import dev.jubilee.core.approach.Approach.Neck;
import dev.jubilee.core.approach.Approach.Routine;
import dev.jubilee.core.approach.Approach.School;
import dev.jubilee.core.approach.Approach.Support;
import dev.jubilee.core.approach.Approach.Top;
import dev.jubilee.core.approach.ApproachBuilder;
import dev.jubilee.core.athlete.Athlete;
import dev.jubilee.core.athlete.Restriction;
import dev.jubilee.core.circumstances.Circumstances;
import dev.jubilee.core.circumstances.ComingFrom;
import dev.jubilee.core.circumstances.Place;
import dev.jubilee.core.drill.Drill;
import dev.jubilee.core.drill.Kit;
import dev.jubilee.core.drill.Need;
import dev.jubilee.core.drill.Skill;
import dev.jubilee.core.drill.WarmUpPart;
import dev.jubilee.core.drill.Way;
import dev.jubilee.core.plan.Plan;
import dev.jubilee.core.plan.PlanItem;
import dev.jubilee.core.plan.PrescriptionRequest;
import dev.jubilee.core.plan.PrescriptionRequestBuilder;
import dev.jubilee.core.profile.Profiles;
import dev.jubilee.core.session.SessionKind;
import dev.jubilee.core.sport.BodyRegion;
import dev.jubilee.core.sport.Level;
import dev.jubilee.core.sport.Sport;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.EnumSet;
import java.util.HashSet;
import java.util.List;
import java.util.Set;
import java.util.stream.Stream;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.MethodSource;

/**
 * Where coaches disagree, whoever chose a school sees it in the plan: for each answer to each
 * question, in each sport, before easy and hard sessions. All of it is common practice. Where two
 * schools give the same plan, the table says why they may.
 */
class SchoolsTest {
  /** A sport and a kind of session. */
  private record Day(Sport sport, SessionKind kind) {
    boolean isHard() {
      return kind != SessionKind.EASY;
    }

    boolean isSprint() {
      return kind == SessionKind.SPRINT;
    }
  }

  static Stream<Day> days() {
    return Stream.of(Sport.values())
        .flatMap(
            sport ->
                Stream.of(
                        SessionKind.EASY,
                        SessionKind.THRESHOLD,
                        SessionKind.INTERVALS,
                        SessionKind.SPRINT)
                    .map(kind -> new Day(sport, kind)));
  }

  static Stream<Day> hardDays() {
    return days().filter(Day::isHard);
  }

  @ParameterizedTest
  @MethodSource("hardDays")
  void whatComesFirstComesFirst(Day day) {
    Plan raise = plan(day, First.RAISE);
    assertThat(raise.items().get(0).block()).isEqualTo(WarmUpPart.RAISE);
    Plan joints = plan(day, First.JOINTS);
    assertThat(joints.items().get(0).block()).isEqualTo(WarmUpPart.MOBILISE);
    assertThat(firstDrill(joints).effort()).as("slow and exact").isLessThanOrEqualTo(30);
    Plan rolling = plan(day, First.ROLLING);
    assertThat(rolling.items().get(0).block()).isEqualTo(WarmUpPart.RELEASE);
    Plan drills = plan(day, First.DRILLS);
    assertThat(seconds(drills, WarmUpPart.RAISE))
        .as("the drills are the warm-up")
        .isLessThan(seconds(raise, WarmUpPart.RAISE));
    // Runners have many; the others have few, and do them all anyway.
    int more = day.sport() == Sport.RUN ? 1 : 0;
    assertThat(rehearsed(drills)).isGreaterThanOrEqualTo(rehearsed(raise) + more);
    assertThat(drills.in(WarmUpPart.RELEASE)).isEmpty();
  }

  /** Technique drills, those in the raise too. */
  private static long rehearsed(Plan plan) {
    return plan.items().stream()
        .filter(i -> plan.drill(i).filter(d -> d.block() == WarmUpPart.DRILL).isPresent())
        .count();
  }

  /** Marched, then skipped, then run; arms, body and slide, then rowed: no easy work before it. */
  @ParameterizedTest
  @MethodSource("hardDays")
  void whereDrillsAreTheWarmUpSkillsComeBeforeTheSportItself(Day day) {
    Plan drills = plan(day, First.DRILLS);
    List<String> ids = drills.items().stream().map(PlanItem::drillId).toList();
    List<String> wayUp =
        switch (day.sport()) {
          case RUN -> List.of("a-march", "skip-forward-back", "easy-jog");
          case RIDE -> List.of("single-leg-spin", "easy-spin");
          case ROW -> List.of("row-sequence", "easy-row");
          case SWIM -> List.of("swim-drill-catch", "easy-swim");
        };
    if (day.kind() != SessionKind.GYM && day.kind() != SessionKind.JUMPS) {
      int begins = ids.indexOf(wayUp.get(0));
      assertThat(ids.subList(begins, begins + wayUp.size())).isEqualTo(wayUp);
      assertThat(ids.indexOf(wayUp.get(wayUp.size() - 1))).isGreaterThan(begins);
    }
    wayUp.forEach(
        id -> assertThat(ids.stream().filter(id::equals).count()).as(id).isLessThanOrEqualTo(2));
  }

  private static final List<BodyRegion> FROM_THE_ANKLES_UP =
      List.of(
          BodyRegion.ANKLES,
          BodyRegion.KNEES,
          BodyRegion.HIPS,
          BodyRegion.LOWER_BACK,
          BodyRegion.MID_BACK,
          BodyRegion.SHOULDERS,
          BodyRegion.WRISTS,
          BodyRegion.NECK);

  /** Each joint once, three to five times each way, before anything is swung, kicked or deep. */
  @ParameterizedTest
  @MethodSource("days")
  void jointsFirstGoFromTheAnklesUp(Day day) {
    Plan plan = plan(day, First.JOINTS);
    List<BodyRegion> moved = new ArrayList<>();
    for (PlanItem item : plan.items()) {
      Drill drill = plan.drill(item).orElseThrow();
      if (drill.joint().isEmpty()) {
        break;
      }
      moved.add(drill.joint().get());
      assertThat(item.dose().amount()).as(item.name()).isBetween(3, 5);
      assertThat(drill.ways()).as(item.name()).doesNotContainKeys(Way.BALLISTIC, Way.ECCENTRIC);
    }
    assertThat(moved).isEqualTo(FROM_THE_ANKLES_UP);
    assertThat(plan.items().stream().skip(moved.size()))
        .noneMatch(i -> plan.drill(i).orElseThrow().joint().isPresent());
  }

  /** With few minutes some joints, or none, but in that order, and never after something quick. */
  @ParameterizedTest
  @MethodSource("days")
  void withFewMinutesFewerJointsComeFirst(Day day) {
    for (int minutes = 5; minutes <= 30; minutes++) {
      List<BodyRegion> moved = new ArrayList<>();
      Plan plan = plan(day, First.JOINTS, minutes);
      List<PlanItem> items = plan.items();
      for (PlanItem item : items) {
        plan.drill(item).flatMap(Drill::joint).ifPresent(moved::add);
      }
      assertThat(moved).as(minutes + " min").isSubsetOf(FROM_THE_ANKLES_UP).doesNotHaveDuplicates();
      assertThat(moved).isSortedAccordingTo(Comparator.comparing(FROM_THE_ANKLES_UP::indexOf));
      assertThat(items.stream().limit(moved.size()))
          .allMatch(i -> plan.drill(i).flatMap(Drill::joint).isPresent());
    }
  }

  /** The sport's stretches that are held; swimmers have none: poolside nothing is held for long. */
  @ParameterizedTest
  @MethodSource("hardDays")
  void tightPlacesAreHeldAsLongAsTheSchoolSays(Day day) {
    Athlete tight =
        Scenarios.athlete(
            Level.INTERMEDIATE,
            Restriction.both(BodyRegion.HIP_FLEXORS, Restriction.Severity.STIFF),
            Restriction.both(BodyRegion.CALVES, Restriction.Severity.STIFF));
    Plan none = plan(day, tight, ComingFrom.LONG_DRIVE, Holds.NONE);
    Plan shortly = plan(day, tight, ComingFrom.LONG_DRIVE, Holds.SHORT);
    Plan longer = plan(day, tight, ComingFrom.LONG_DRIVE, Holds.LONG);
    assertThat(held(none)).isEmpty();
    if (day.sport() == Sport.SWIM) {
      assertThat(held(shortly)).isEmpty();
      assertThat(held(longer)).isEmpty();
      return;
    }
    assertThat(held(shortly)).isNotEmpty().allMatch(i -> i.dose().amount() <= 30);
    assertThat(held(longer))
        .isNotEmpty()
        .allMatch(i -> i.dose().amount() >= 45 && i.dose().amount() < 60);
    assertThat(shortly.items().indexOf(held(shortly).get(0)))
        .as("early, and followed by movement")
        .isLessThan(shortly.items().size() / 2);
  }

  /** Runners and rowers carry the neck, swimmers and riders work with it. */
  @ParameterizedTest
  @MethodSource("hardDays")
  void theNeckGetsWhatTheSchoolGivesIt(Day day) {
    boolean asks = day.sport() == Sport.SWIM || day.sport() == Sport.RIDE;
    assertThat(has(plan(day, Neck.ROLLS), "neck-rolls")).isEqualTo(asks);
    assertThat(has(plan(day, Neck.TILTS), "neck-tilts")).isEqualTo(asks);
    for (Neck neck : List.of(Neck.TILTS, Neck.NONE)) {
      assertThat(has(plan(day, neck), "neck-rolls")).isFalse();
    }
    assertThat(has(plan(day, Neck.NONE), "neck-tilts")).isFalse();
  }

  /** Who has more drills does more of them and no more efforts, and the other way round. */
  @ParameterizedTest
  @MethodSource("hardDays")
  void drillsAndEffortsAreBalancedAsTheSchoolSays(Day day) {
    Plan drills = plan(day, Balance.DRILLS);
    Plan even = plan(day, Balance.EVEN);
    Plan efforts = plan(day, Balance.EFFORTS);
    assertThat(rehearsed(drills)).isGreaterThan(rehearsed(efforts));
    assertThat(rehearsed(even)).isBetween(rehearsed(efforts), rehearsed(drills));
    assertThat(drills.in(WarmUpPart.BUILD).size())
        .isLessThanOrEqualTo(even.in(WarmUpPart.BUILD).size());
    assertThat(efforts.in(WarmUpPart.BUILD).size())
        .isGreaterThan(drills.in(WarmUpPart.BUILD).size());
  }

  /** Intervals and threshold begin below the caps; one at 100 % is for sprints alone. */
  @ParameterizedTest
  @MethodSource("hardDays")
  void theBuildGoesAsHighAsTheSchoolSays(Day day) {
    double session = NeverHarderTest.top(plan(day, Top.BY_SESSION));
    assertThat(NeverHarderTest.top(plan(day, Top.CAP_80))).isLessThanOrEqualTo(session);
    assertThat(NeverHarderTest.top(plan(day, Top.FULL))).isGreaterThanOrEqualTo(session - 0.01);
    if (day.isSprint()) {
      assertThat(share(plan(day, Top.CAP_80))).isBetween(70, 81);
      assertThat(share(plan(day, Top.CAP_95))).isBetween(86, 96);
      assertThat(share(plan(day, Top.FULL))).isGreaterThanOrEqualTo(97);
    } else {
      assertThat(NeverHarderTest.top(plan(day, Top.FULL))).isEqualTo(session);
    }
  }

  @ParameterizedTest
  @MethodSource("days")
  void aRoutineStaysAndAMenuChanges(Day day) {
    Plan before = plan(day, Routine.FIXED);
    Plan routine = Scenarios.plan(after(before, with(Routine.FIXED)));
    Plan menu = Scenarios.plan(after(before, with(Routine.MENU)));
    assertThat(chosen(routine)).isEqualTo(chosen(before));
    Set<String> again = chosen(menu);
    again.retainAll(chosen(before));
    assertThat(again.size()).isLessThan(chosen(before).size());
  }

  @ParameterizedTest
  @MethodSource("days")
  void whoHoldsOnHoldsOn(Day day) {
    assertThat(drills(plan(day, Support.FREE), WarmUpPart.MOBILISE))
        .noneMatch(d -> d.kit().contains(Kit.SUPPORT));
    assertThat(drills(plan(day, Support.HOLD_ON), WarmUpPart.MOBILISE))
        .noneMatch(d -> d.serves().containsKey(new Need.Rehearsal(Skill.BALANCE)));
  }

  /** An easy day begins slowly whatever the school: at most a menu, no drills and no build. */
  @ParameterizedTest
  @MethodSource("days")
  void noSchoolMakesAnEasyDayHard(Day day) {
    if (day.isHard()) {
      return;
    }
    for (School school : all()) {
      Plan plan = plan(day, school);
      assertThat(plan.in(WarmUpPart.BUILD)).as(school.title()).isEmpty();
      assertThat(plan.in(WarmUpPart.DRILL)).as(school.title()).isEmpty();
      assertThat(plan.seconds()).as(school.title()).isLessThanOrEqualTo(10 * 60);
    }
  }

  private static List<School> all() {
    List<School> all = new ArrayList<>();
    all.addAll(List.of(First.values()));
    all.addAll(List.of(Holds.values()));
    all.addAll(List.of(Neck.values()));
    all.addAll(List.of(Balance.values()));
    all.addAll(List.of(Top.values()));
    all.addAll(List.of(Routine.values()));
    all.addAll(List.of(Support.values()));
    return all;
  }

  private static Approach with(School school) {
    Approach usual = Approach.USUAL;
    return ApproachBuilder.builder(Approach.USUAL)
        .first(school instanceof First x ? x : usual.first())
        .holds(school instanceof Holds x ? x : usual.holds())
        .neck(school instanceof Neck x ? x : usual.neck())
        .balance(school instanceof Balance x ? x : usual.balance())
        .top(school instanceof Top x ? x : usual.top())
        .routine(school instanceof Routine x ? x : usual.routine())
        .support(school instanceof Support x ? x : usual.support())
        .build();
  }

  private static Plan plan(Day day, School school) {
    return plan(day, Scenarios.athlete(Level.INTERMEDIATE), ComingFrom.DESK, school);
  }

  private static Plan plan(Day day, School school, int minutes) {
    return plan(day, Scenarios.athlete(Level.INTERMEDIATE), ComingFrom.DESK, school, minutes);
  }

  private static Plan plan(Day day, Athlete athlete, ComingFrom from, School school) {
    return plan(day, athlete, from, school, 45);
  }

  /** Everything at hand that a school may ask for. */
  private static Plan plan(Day day, Athlete athlete, ComingFrom from, School school, int minutes) {
    Place place = Profiles.of(day.sport()).place();
    Set<Kit> kit = EnumSet.of(Kit.SUPPORT, Kit.ROLLER, Kit.LONG_BAND, Kit.MINI_BAND);
    kit.addAll(place.usualKit());
    return Scenarios.plan(
        PrescriptionRequest.of(
                athlete,
                Scenarios.session(day.sport(), day.kind()),
                Circumstances.of(minutes, place, kit, 16, from))
            .with(with(school)));
  }

  private static PrescriptionRequest after(Plan before, Approach approach) {
    PrescriptionRequest r = before.request();
    Set<String> ids = new HashSet<>();
    before.items().forEach(i -> ids.add(i.drillId()));
    return PrescriptionRequestBuilder.builder(r).approach(approach).lastTime(ids).build();
  }

  private static Drill firstDrill(Plan plan) {
    return plan.drill(plan.items().get(0)).orElseThrow();
  }

  private static List<Drill> drills(Plan plan, WarmUpPart part) {
    return plan.in(part).stream().map(i -> plan.drill(i).orElseThrow()).toList();
  }

  /** Seconds of moving and drilling. */
  private static List<PlanItem> held(Plan plan) {
    return plan.in(WarmUpPart.MOBILISE).stream()
        .filter(i -> plan.drill(i).orElseThrow().isHeld())
        .toList();
  }

  private static Set<String> chosen(Plan plan) {
    Set<String> ids = new HashSet<>();
    plan.items().stream()
        .filter(i -> i.block().isChosen())
        .map(PlanItem::drillId)
        .forEach(ids::add);
    return ids;
  }

  private static boolean has(Plan plan, String drillId) {
    return plan.items().stream().anyMatch(i -> i.drillId().equals(drillId));
  }

  private static int seconds(Plan plan, WarmUpPart part) {
    return PlanItem.seconds(plan.in(part));
  }

  /** Percent of top speed or power. */
  private static int share(Plan plan) {
    return plan.in(WarmUpPart.BUILD).stream()
        .flatMap(i -> i.target().stream())
        .mapToInt(t -> t.percentOfTop())
        .max()
        .orElse(0);
  }
}
