package dev.jubilee.core.prescription;

import static org.assertj.core.api.Assertions.assertThat;

import dev.jubilee.core.Scenarios;
import dev.jubilee.core.Sweeps;
import dev.jubilee.core.approach.Approach;
import dev.jubilee.core.athlete.Athlete;
import dev.jubilee.core.athlete.Contraindication;
import dev.jubilee.core.athlete.HealthCondition;
import dev.jubilee.core.athlete.Restriction;
import dev.jubilee.core.check.Checks;
import dev.jubilee.core.check.Finding;
import dev.jubilee.core.check.FindingCode;
import dev.jubilee.core.check.Severity;
import dev.jubilee.core.circumstances.Circumstances;
import dev.jubilee.core.circumstances.Conditions;
import dev.jubilee.core.circumstances.Freshness;
import dev.jubilee.core.circumstances.Place;
import dev.jubilee.core.drill.Caveat;
import dev.jubilee.core.drill.Dose;
import dev.jubilee.core.drill.Drill;
import dev.jubilee.core.drill.Kit;
import dev.jubilee.core.drill.Position;
import dev.jubilee.core.drill.Segment;
import dev.jubilee.core.drill.WarmUpPart;
import dev.jubilee.core.drill.Way;
import dev.jubilee.core.edit.Edit;
import dev.jubilee.core.intensity.Effort;
import dev.jubilee.core.intensity.Target;
import dev.jubilee.core.plan.Plan;
import dev.jubilee.core.plan.PlanItem;
import dev.jubilee.core.plan.PlanText;
import dev.jubilee.core.plan.PrescriptionRequest;
import dev.jubilee.core.session.Session;
import dev.jubilee.core.session.SessionKind;
import dev.jubilee.core.sport.BodyRegion;
import dev.jubilee.core.sport.Sport;
import java.util.ArrayList;
import java.util.Collections;
import java.util.EnumSet;
import java.util.List;
import java.util.Map;
import java.util.Random;
import java.util.Set;
import java.util.TreeMap;
import java.util.stream.DoubleStream;
import java.util.stream.Stream;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.MethodSource;

/**
 * Whatever a coach may ask for, in any mixture: results of every kind or none, every approach, any
 * weather, wait, group and space, mastery, contraindications and sore places. What a drill needs is
 * read from the drill itself here, and judged by rules of this test's own.
 */
class AnyRequestTest {
  private static final int REQUESTS = 20_000;
  private static final int NEW_REQUESTS = 200;

  private static final Set<Place> HARD_GROUND =
      EnumSet.of(
          Place.ROAD, Place.CAR_PARK, Place.POOL_DECK, Place.TRAIL, Place.WATERSIDE, Place.STAIRS);
  private static final Set<Place> UNDER_THE_SKY =
      EnumSet.of(
          Place.TRACK, Place.ROAD, Place.CAR_PARK, Place.TRAIL, Place.BEACH, Place.WATERSIDE);

  /** One at a time: a group of more than three would stand and wait. */
  private static final Set<Kit> FOR_ONE =
      EnumSet.of(Kit.ROLLER, Kit.WRAP, Kit.LONG_BAND, Kit.STEP, Kit.ROPE);

  static Stream<Integer> parcels() {
    return Sweeps.parcels(16);
  }

  @ParameterizedTest
  @MethodSource("parcels")
  void aPlanKeepsToWhatWasAskedAndTold(int parcel) {
    keeps(Long.getLong("jubilee.seed", 20_261) + parcel, REQUESTS / 16);
  }

  /** Others each time; what fails names its seed, for {@code -Djubilee.seed}. */
  @Test
  void soDoesOneThatNobodyHasTriedYet() {
    long seed = System.nanoTime();
    System.out.println("any request: seed " + seed);
    keeps(seed, NEW_REQUESTS);
  }

  private static void keeps(long seed, int requests) {
    Random random = new Random(seed);
    Anybody other = new Anybody(new Random(seed ^ 0x5DEECE66DL));
    for (int i = 0; i < requests; i++) {
      PrescriptionRequest asked = new Anybody(random).request();
      Circumstances usual = asked.circumstances().asSaid();
      Circumstances circumstances =
          switch (i % 6) {
            case 0, 3 -> usual.after(other.before(usual.minutes()));
            case 1 -> other.elsewhere(usual, asked.session().sport());
            case 2 -> usual.withFreshness(Freshness.FLAT);
            case 4 -> usual.withFreshness(Freshness.TIRED);
            default -> usual;
          };
      PrescriptionRequest request = asked.with(circumstances);
      Plan plan = Scenarios.plan(request);
      List<String> broken = new ArrayList<>();
      time(plan, broken);
      weather(plan, broken);
      for (PlanItem item : plan.items()) {
        Drill drill = plan.drill(item).orElseThrow();
        around(item, drill, request.circumstances(), request.session(), broken);
        body(item, drill, request.athlete(), broken);
        health(item, drill, request.athlete(), broken);
        if (item.block().isChosen()) {
          chosen(item, drill, request, broken);
        }
        item.target().ifPresent(target -> figures(item, target, broken));
      }
      if (request.athlete().ageYears() < 13) {
        child(plan, broken);
      }
      doubles(plan, broken);
      findings(plan, broken);
      check(
          plan.contacts() <= plan.demand().contacts(),
          plan.contacts() + " contacts where " + plan.demand().contacts() + " are tolerated",
          broken);
      assertThat(broken)
          .as(() -> "seed " + seed + ": " + request + "\n" + PlanText.of(plan))
          .isEmpty();
      if (i % 10 == 0) {
        assertThat(Scenarios.plan(request).items()).as("the same again").isEqualTo(plan.items());
      }
    }
  }

  private static void time(Plan plan, List<String> broken) {
    int played = 0;
    for (PlanItem item : plan.items()) {
      int left = 0;
      int right = 0;
      for (Segment segment : item.segments()) {
        played += segment.seconds();
        left += segment.side() == Segment.Side.LEFT ? segment.seconds() : 0;
        right += segment.side() == Segment.Side.RIGHT ? segment.seconds() : 0;
        check(segment.seconds() > 0, "an empty segment of " + item.name(), broken);
      }
      check(left == right, item.name() + ": a side is forgotten", broken);
    }
    check(played == plan.seconds(), "minutes that are not played", broken);
    check(played <= 60 * plan.request().circumstances().minutes(), "over time", broken);
    check(
        plan.items().get(plan.items().size() - 1).block() == WarmUpPart.TRANSITION,
        "does not end on the way to the start",
        broken);
    boolean isHurt =
        plan.request().athlete().restrictions().stream()
            .anyMatch(r -> r.severity() == Restriction.Severity.HURT);
    check(isHurt || !plan.in(WarmUpPart.RAISE).isEmpty(), "no raise", broken);
  }

  /** What is noted of a plan as it was put together, not of the day. */
  private static final Set<FindingCode> OF_THE_PLAN =
      EnumSet.of(FindingCode.TOO_MANY_DRILLS, FindingCode.UP_AND_DOWN, FindingCode.BAND_ON_AND_OFF);

  /** Whatever a remedy could mend, the engine has mended; a wait is as long as it was asked for. */
  private static void findings(Plan plan, List<String> broken) {
    for (Finding finding : Checks.of(plan)) {
      check(
          finding.remedy().edit() instanceof Edit.Acknowledge || movesIndoors(finding),
          "finds fault with itself: " + finding,
          broken);
      boolean isItsOwn =
          finding.severity() == Severity.FAULT || OF_THE_PLAN.contains(finding.code());
      check(!isItsOwn, "a fault of its own: " + finding, broken);
    }
    int wait = 60 * plan.request().circumstances().conditions().waitMinutes();
    check(PlanItem.seconds(plan.in(WarmUpPart.TRANSITION)) >= wait, "the wait is eaten", broken);
  }

  private static boolean movesIndoors(Finding finding) {
    return finding.remedy().edit() instanceof Edit.ChangeCircumstances change
        && !change.circumstances().isAnywhere(c -> UNDER_THE_SKY.contains(c.place()));
  }

  /**
   * Lightning, a felt temperature below −25 or of 41 °C and more, air above 150, and ground on
   * which nobody should run are no place for a warm-up (common practice; the felt temperature as
   * published by Environment Canada and US NWS).
   */
  private static void weather(Plan plan, List<String> broken) {
    PrescriptionRequest request = plan.request();
    boolean isOutdoors = request.circumstances().isAnywhere(c -> UNDER_THE_SKY.contains(c.place()));
    Circumstances said = request.circumstances().asSaid();
    boolean isOnFoot = request.session().sport() == Sport.RUN || isJumps(request.session());
    Conditions sky = said.conditions();
    boolean isForbidden =
        said.isAnywhere(
            c ->
                UNDER_THE_SKY.contains(c.place())
                    && (sky.thunder()
                        || c.feltTemperature() < -25
                        || c.feltTemperature() > 41
                        || sky.airQuality().orElse(0) > 150
                        || (isOnFoot
                            && request.session().kind() != SessionKind.GYM
                            && sky.surface() == Conditions.Surface.SLIPPERY)));
    check(!(isForbidden && isOutdoors), "outdoors, where nobody should be", broken);
    boolean isInWater =
        plan.items().stream()
            .anyMatch(i -> plan.drill(i).orElseThrow().position() == Position.WATER);
    check(!(sky.thunder() && isInWater), "in the water while it thunders", broken);
    if (isForbidden) {
      check(
          Checks.of(plan).stream().anyMatch(AnyRequestTest::movesIndoors),
          "nobody says that it was moved indoors",
          broken);
    }
  }

  private static boolean isJumps(Session session) {
    return session.kind() == SessionKind.JUMPS;
  }

  private static final Set<Position> SITTING =
      EnumSet.of(Position.SEATED, Position.MACHINE, Position.WATER);

  /** Where arms, neck and trunk can be moved as well sitting as standing. */
  private static final Set<Position> EASED_SITTING = EnumSet.of(Position.STANDING, Position.DECK);

  private static final Set<BodyRegion> LEGS = EnumSet.range(BodyRegion.FEET, BodyRegion.GLUTES);

  /** What place, weather, kit and group rule out, for every item alike. */
  private static void around(
      PlanItem item, Drill drill, Circumstances c, Session session, List<String> broken) {
    Conditions conditions = c.conditions();
    check(c.kit().containsAll(drill.kit()), item.name() + ": kit that is not there", broken);
    boolean isWetDeck = c.place() == Place.POOL_DECK;
    // Who sits at a machine does not slip.
    boolean isSeated = SITTING.contains(drill.position());
    check(!isWetDeck || isSeated || drill.wetSafe(), item.name() + " on a wet deck", broken);
    boolean isSlippery = isWetDeck || conditions.surface() == Conditions.Surface.SLIPPERY;
    boolean isQuick = drill.position() == Position.TRAVELLING && drill.effort() > 36;
    check(
        !isSlippery || (drill.contacts() == 0 && !isQuick),
        item.name() + " on slippery ground",
        broken);
    if (conditions.group() > 3) {
      check(
          drill.kit().stream().noneMatch(FOR_ONE::contains),
          item.name() + ": " + conditions.group() + " queue for it",
          broken);
    }
    boolean jumps = session.kind() == SessionKind.JUMPS;
    check(
        session.sport() == Sport.RUN || jumps || drill.contacts() == 0,
        item.name() + ": contacts for a " + session.sport(),
        broken);
    if (drill.position() == Position.FLOOR) {
      boolean isRainedOn = UNDER_THE_SKY.contains(c.place()) && conditions.wet();
      check(
          !HARD_GROUND.contains(c.place()) && !isRainedOn, item.name() + " on the ground", broken);
    }
    if (item.dose() instanceof Dose.Lengths lengths && item.block() != WarmUpPart.BUILD) {
      double lane = conditions.lane().orElse((int) c.place().lane().metres());
      check(lengths.oneWay().metres() <= lane, item.name() + ": longer than the lane", broken);
    }
    if (item.dose() instanceof Dose.Over run && drill.position() == Position.TRAVELLING) {
      // Indoors a stride must stop before the wall.
      double lane = c.lane().metres() - (c.place().isOutdoors() ? 0 : 2);
      check(run.distance().metres() <= lane, item.name() + ": into the wall", broken);
    }
  }

  /**
   * What the state of a region allows, for every item alike, raise and build included. Common
   * practice: stiff, nothing quick before it has loosened; sore, moved gently and lightly loaded;
   * painful, not worked.
   */
  private static void body(PlanItem item, Drill drill, Athlete athlete, List<String> broken) {
    boolean sits = athlete.contraindications().contains(Contraindication.STANDING);
    boolean isOnFeet =
        item.block() != WarmUpPart.TRANSITION
            && !SITTING.contains(drill.position())
            && (!EASED_SITTING.contains(drill.position()) || LEGS.stream().anyMatch(drill::works));
    check(!sits || !isOnFeet, item.name() + " for whoever sits", broken);
    check(sits || drill.position() != Position.SEATED, item.name() + " without a chair", broken);
    boolean isLate = item.block() == WarmUpPart.DRILL || item.block() == WarmUpPart.BUILD;
    for (Restriction limit : athlete.restrictions()) {
      Set<Way> ways = EnumSet.noneOf(Way.class);
      drill.ways().forEach((way, regions) -> addIf(regions.contains(limit.region()), way, ways));
      boolean isTouched = !ways.isEmpty() || drill.regions().contains(limit.region());
      switch (limit.severity()) {
        case HURT -> check(!isTouched, item.name() + " works " + limit, broken);
        case SORE -> {
          ways.removeAll(EnumSet.of(Way.GENTLE, Way.LOADED));
          check(ways.isEmpty(), item.name() + " works " + limit + " " + ways, broken);
        }
        case STIFF -> {
          ways.retainAll(EnumSet.of(Way.BALLISTIC, Way.LANDING));
          check(isLate || ways.isEmpty(), item.name() + " is quick for " + limit, broken);
        }
      }
    }
  }

  /** The usual cautions, for every item alike; common practice. */
  private static void health(PlanItem item, Drill drill, Athlete athlete, List<String> broken) {
    Set<HealthCondition> health = athlete.health();
    boolean isPregnant = health.contains(HealthCondition.PREGNANCY);
    boolean isHeart = health.contains(HealthCondition.HEART_DISEASE);
    boolean isConcussed = health.contains(HealthCondition.CONCUSSION);
    check(
        !isPregnant
            || Collections.disjoint(
                drill.caveats(),
                EnumSet.of(Caveat.SUPINE, Caveat.PRONE, Caveat.ONE_LEG, Caveat.UNSTEADY)),
        item.name() + " in pregnancy",
        broken);
    check(
        athlete.ageYears() < 60 || !drill.caveats().contains(Caveat.ONE_LEG),
        item.name() + " at " + athlete.ageYears(),
        broken);
    check(
        !(isPregnant || isHeart || health.contains(HealthCondition.RAISED_BLOOD_PRESSURE))
            || !drill.caveats().contains(Caveat.STRAINING),
        item.name() + " strains",
        broken);
    check(!(isPregnant || isConcussed) || drill.contacts() == 0, item.name() + " jumps", broken);
    boolean isHard = item.target().filter(x -> x.effort().points() > Effort.CRITICAL).isPresent();
    check(!(isPregnant || isHeart) || !isHard, item.name() + " above threshold", broken);
    check(
        !isConcussed || item.block() == WarmUpPart.RAISE || item.block() == WarmUpPart.TRANSITION,
        item.name() + " after a concussion",
        broken);
  }

  /** Play, few things, soft and not maximal; common practice. */
  private static void child(Plan plan, List<String> broken) {
    // A second round is nothing new.
    long drills =
        plan.items().stream()
            .filter(i -> i.block().isChosen())
            .map(PlanItem::drillId)
            .distinct()
            .count();
    check(drills <= 3, drills + " drills for a child", broken);
    check(plan.contacts() <= 30, plan.contacts() + " contacts for a child", broken);
    boolean isOutdoors = plan.request().circumstances().place().isOutdoors();
    for (PlanItem item : plan.items()) {
      boolean isOnTheGround = plan.drill(item).orElseThrow().position() == Position.FLOOR;
      check(!isOutdoors || !isOnTheGround, item.name() + " on the ground outdoors", broken);
    }
  }

  private static void addIf(boolean isSo, Way way, Set<Way> ways) {
    if (isSo) {
      ways.add(way);
    }
  }

  /** What athlete, approach and sport rule out, for drills that are chosen. */
  private static void chosen(
      PlanItem item, Drill drill, PrescriptionRequest request, List<String> broken) {
    Athlete athlete = request.athlete();
    Set<Contraindication> never = athlete.contraindications();
    check(
        !never.contains(Contraindication.CONTACTS) || drill.contacts() == 0,
        item.name() + ": contacts",
        broken);
    check(
        !never.contains(Contraindication.FLOOR_WORK) || drill.position() != Position.FLOOR,
        item.name() + ": floor",
        broken);
    check(
        !never.contains(Contraindication.WRIST_LOADING)
            || !drill.works(BodyRegion.WRISTS, Way.ECCENTRIC),
        item.name() + ": wrists",
        broken);
    Integer mastered = drill.rung().map(r -> athlete.mastery().get(r.ladder())).orElse(null);
    if (mastered != null && !athlete.deconditioned()) {
      check(drill.rung().get().step() <= mastered, item.name() + ": not mastered", broken);
    }
    if (drill.rung().isEmpty()) {
      check(athlete.level().compareTo(drill.level()) >= 0, item.name() + ": above level", broken);
    }
    Approach approach = request.approach();
    check(
        approach.holds() != Approach.Holds.NONE || drill.holdSeconds() < 10,
        item.name() + ": held",
        broken);
    boolean isFree = approach.support() == Approach.Support.FREE && athlete.ageYears() < 60;
    if (item.block() == WarmUpPart.MOBILISE && isFree) {
      check(!drill.kit().contains(Kit.SUPPORT), item.name() + ": holds on", broken);
    }
    check(
        !(approach.neck() == Approach.Neck.NONE && drill.regions().equals(Set.of(BodyRegion.NECK))),
        item.name() + ": the neck",
        broken);
    boolean isOnLand = request.session().kind().isOnLand();
    check(
        isOnLand || drill.suits(request.session().sport()) > 0,
        item.name() + ": of another sport",
        broken);
  }

  private static void figures(PlanItem item, Target target, List<String> broken) {
    check(
        DoubleStream.of(target.value(), target.effort().points(), target.spread())
            .allMatch(Double::isFinite),
        item.name() + ": no figure",
        broken);
    check(target.heartLow() <= target.heartHigh(), item.name() + ": heart rates", broken);
    check(target.heartHigh() <= 230, item.name() + ": a heart of " + target.heartHigh(), broken);
  }

  private static void doubles(Plan plan, List<String> broken) {
    Map<String, Integer> drills = new TreeMap<>();
    Map<String, Integer> ladders = new TreeMap<>();
    // The ladders of barriers are climbed from their foot.
    boolean isOverBarriers =
        plan.request().session().kind() == SessionKind.STEEPLE
            || plan.request().session().kind() == SessionKind.HURDLES;
    for (PlanItem item : plan.items()) {
      if (item.block().isChosen() && item.round() < 2) {
        drills.merge(item.drillId(), 1, Integer::sum);
        plan.drill(item)
            .flatMap(Drill::rung)
            .filter(r -> !isOverBarriers || !r.ladder().startsWith("hurdle-") || r.step() > 1)
            .ifPresent(r -> ladders.merge(r.ladder(), 1, Integer::sum));
      }
    }
    drills.forEach((id, times) -> check(times == 1, id + " twice", broken));
    ladders.forEach((ladder, times) -> check(times == 1, "two rungs of " + ladder, broken));
  }

  private static void check(boolean isSo, String otherwise, List<String> broken) {
    if (!isSo) {
      broken.add(otherwise);
    }
  }
}
