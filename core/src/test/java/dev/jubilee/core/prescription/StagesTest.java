package dev.jubilee.core.prescription;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import dev.jubilee.core.Scenarios;
import dev.jubilee.core.Sweeps;
import dev.jubilee.core.check.Checks;
import dev.jubilee.core.check.Finding;
import dev.jubilee.core.check.Severity;
import dev.jubilee.core.circumstances.Circumstances;
import dev.jubilee.core.circumstances.ComingFrom;
import dev.jubilee.core.circumstances.Place;
import dev.jubilee.core.circumstances.Stage;
import dev.jubilee.core.circumstances.Transfer;
import dev.jubilee.core.drill.Drill;
import dev.jubilee.core.drill.Kit;
import dev.jubilee.core.drill.Position;
import dev.jubilee.core.drill.WarmUpPart;
import dev.jubilee.core.edit.Alternatives;
import dev.jubilee.core.edit.Edit;
import dev.jubilee.core.edit.PlanEditor;
import dev.jubilee.core.edit.Routine;
import dev.jubilee.core.library.BuiltInLibrary;
import dev.jubilee.core.plan.Lock;
import dev.jubilee.core.plan.Plan;
import dev.jubilee.core.plan.PlanItem;
import dev.jubilee.core.plan.PlanSource;
import dev.jubilee.core.plan.PlanText;
import dev.jubilee.core.plan.PrescriptionRequest;
import dev.jubilee.core.plan.SimulatedPlan;
import dev.jubilee.core.profile.Profiles;
import dev.jubilee.core.quantity.OutOfRangeException;
import dev.jubilee.core.session.SessionKind;
import dev.jubilee.core.sport.Level;
import dev.jubilee.core.sport.Sport;
import java.util.ArrayList;
import java.util.EnumSet;
import java.util.HashMap;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Random;
import java.util.Set;
import java.util.stream.Stream;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.EnumSource;
import org.junit.jupiter.params.provider.MethodSource;

/** Warm-ups in two or three places, as coaches plan them; common practice. */
class StagesTest {
  private static final Transfer WALK = new Transfer(Transfer.Means.WALK, 4);

  private static Stage stage(Place place, int minutes, Transfer transfer) {
    return new Stage(place, place.usualKit(), place.isOutdoors() ? 6 : 20, minutes, transfer);
  }

  private static PrescriptionRequest request(
      Sport sport, SessionKind kind, Place last, Set<Kit> kit, int minutes, Stage... earlier) {
    PrescriptionRequest usual = Scenarios.request(sport, kind, Level.INTERMEDIATE, minutes);
    int temperature = last.isOutdoors() ? 6 : 20;
    return usual.with(
        Circumstances.of(minutes, last, kit, temperature, ComingFrom.MOVING)
            .withEarlier(List.of(earlier)));
  }

  private static Set<Integer> stagesOf(Plan plan, WarmUpPart part) {
    Set<Integer> stages = new HashSet<>();
    plan.in(part).forEach(item -> stages.add(item.stage()));
    return stages;
  }

  @Test
  void livingRoomThenBike() {
    Plan plan =
        Scenarios.plan(
            request(
                Sport.RIDE,
                SessionKind.INTERVALS,
                Place.ROAD,
                Set.of(Kit.BIKE),
                40,
                stage(Place.LIVING_ROOM, 12, new Transfer(Transfer.Means.CHANGE, 4))));

    assertThat(stagesOf(plan, WarmUpPart.BUILD)).containsExactly(1);
    assertThat(stagesOf(plan, WarmUpPart.MOBILISE)).contains(0);
    assertThat(plan.items())
        .filteredOn(i -> plan.drill(i).filter(d -> d.kit().contains(Kit.BIKE)).isPresent())
        .isNotEmpty()
        .allMatch(i -> i.stage() == 1);
  }

  /** The swim is swum in the pool; behind the blocks one keeps warm and loose. */
  @Test
  void poolThenDeckThenBlocks() {
    PrescriptionRequest asked =
        request(
            Sport.SWIM,
            SessionKind.TIME_TRIAL,
            Place.POOL_DECK,
            Set.of(Kit.SUPPORT),
            50,
            stage(Place.POOL_DECK, 28, new Transfer(Transfer.Means.CHANGE, 5)));
    Plan plan = Scenarios.plan(asked);

    assertThat(stagesOf(plan, WarmUpPart.BUILD)).containsExactly(0);
    assertThat(plan.items())
        .filteredOn(i -> plan.drill(i).filter(d -> d.position() == Position.WATER).isPresent())
        .isNotEmpty()
        .allMatch(i -> i.stage() == 0);
    assertThat(plan.items()).filteredOn(i -> i.drillId().equals("stay-warm")).hasSize(1);
    assertThat(plan.in(WarmUpPart.RAISE)).allMatch(i -> i.stage() == 0);
  }

  @Test
  void aWarmRoomBeforeAColdRoadKeepsWarmer() {
    Stage warm = new Stage(Place.LIVING_ROOM, Set.of(Kit.SUPPORT), 22, 15, WALK);
    Stage cold = new Stage(Place.LIVING_ROOM, Set.of(Kit.SUPPORT), -5, 15, WALK);
    double[] after = new double[2];
    int i = 0;
    for (Stage stage : List.of(warm, cold)) {
      Plan plan =
          Scenarios.plan(
              request(Sport.RUN, SessionKind.INTERVALS, Place.ROAD, Set.of(), 45, stage));
      int left =
          plan.items().stream().filter(item -> item.stage() == 0).mapToInt(PlanItem::seconds).sum();
      after[i++] = SimulatedPlan.of(plan).trace().muscle(left);
    }
    assertThat(after[0]).isGreaterThan(after[1] + 0.2);
  }

  static Stream<Integer> parcels() {
    return Sweeps.parcels(8);
  }

  /** Whatever the places, minutes, kit and ways between them. */
  @ParameterizedTest
  @MethodSource("parcels")
  void eachPlaceDoesWhatItAllowsAndNothingIsDoneTwice(int parcel) {
    holds(20_261 + parcel, 120);
  }

  @Test
  void soItIsInPlacesThatNobodyHasTriedYet() {
    long seed = System.nanoTime();
    System.out.println("stages: seed " + seed);
    holds(seed, 60);
  }

  private static void holds(long seed, int requests) {
    Random random = new Random(seed);
    for (int n = 0; n < requests; n++) {
      PrescriptionRequest request = anywhere(random);
      Plan plan = Scenarios.plan(request);
      List<String> broken = new ArrayList<>();
      places(plan, broken);
      Map<String, Integer> groups = new HashMap<>();
      for (PlanItem item : plan.items()) {
        Drill drill = plan.drill(item).orElseThrow();
        // Over hurdles a ladder is climbed, in one place.
        if (item.block().isChosen()
            && groups.merge(drill.group(), item.stage(), Math::min) != item.stage()) {
          broken.add(item.name() + " is done twice");
        }
      }
      for (Finding finding : Checks.of(plan)) {
        if (finding.severity() == Severity.FAULT) {
          broken.add(finding.code() + ": " + finding.what());
        }
      }
      assertThat(broken)
          .as(() -> "seed " + seed + ": " + request + "\n" + PlanText.of(plan))
          .isEmpty();
    }
  }

  /** By rules of this test's own: kit, floor, space, wet, and the time in each place. */
  private static void places(Plan plan, List<String> broken) {
    Circumstances all = plan.request().circumstances();
    int stage = 0;
    int[] spent = new int[all.lastStage() + 1];
    for (PlanItem item : plan.items()) {
      Drill drill = plan.drill(item).orElseThrow();
      if (item.stage() < stage) {
        broken.add("goes back for " + item.name());
      }
      stage = item.stage();
      boolean isLast = stage == all.lastStage();
      Place place = isLast ? all.place() : all.earlier().get(stage).place();
      Set<Kit> kit = isLast ? all.kit() : all.earlier().get(stage).kit();
      if (!kit.containsAll(drill.kit())) {
        broken.add(item.name() + " without " + drill.kit());
      }
      if (drill.position() == Position.FLOOR && !place.allowsFloor()) {
        broken.add(item.name() + " on the floor of " + place);
      }
      if (drill.position() == Position.TRAVELLING
          && drill.leastSpace().metres() > place.lane().metres()) {
        broken.add(item.name() + " in " + place);
      }
      if (place.isWet() && !drill.suitsWetDeck()) {
        broken.add(item.name() + " on a wet deck");
      }
      if (item.block() == WarmUpPart.TRANSFER) {
        Transfer transfer = all.earlier().get(stage).transfer();
        if (item.dose().seconds() != 60 * transfer.minutes()) {
          broken.add("another way than was said");
        }
      } else {
        spent[stage] += item.seconds();
      }
    }
    for (int i = 0; i < all.lastStage(); i++) {
      // A changeover more or less at its end.
      if (spent[i] > 60 * all.earlier().get(i).minutes() + 30) {
        broken.add(spent[i] + " s in place " + i);
      }
    }
    if (plan.seconds() > 60 * all.minutes()) {
      broken.add("over time");
    }
    Set<Integer> built = stagesOf(plan, WarmUpPart.BUILD);
    if (built.size() > 1) {
      broken.add("built in two places");
    }
  }

  private static PrescriptionRequest anywhere(Random random) {
    Sport sport = any(Sport.values(), random);
    SessionKind kind = any(SessionKind.values(), random);
    while (!kind.isFor(sport)) {
      kind = any(SessionKind.values(), random);
    }
    Stage[] earlier = new Stage[1 + random.nextInt(Stage.MOST)];
    int elsewhere = 0;
    for (int i = 0; i < earlier.length; i++) {
      Transfer way = new Transfer(any(Transfer.Means.values(), random), random.nextInt(12));
      Place place = any(Place.values(), random);
      earlier[i] =
          new Stage(
              place,
              random.nextBoolean() ? Profiles.kitAt(place, sport) : someKit(random),
              place.isOutdoors() ? random.nextInt(30) - 8 : 20,
              3 + random.nextInt(20),
              way);
      elsewhere += earlier[i].minutes() + way.minutes();
    }
    Place last = any(Place.values(), random);
    int least = elsewhere + Circumstances.LEAST_MINUTES;
    int minutes = Math.min(Circumstances.MOST_MINUTES, least + random.nextInt(25));
    return request(
        sport,
        kind,
        last,
        random.nextBoolean() ? Profiles.kitAt(last, sport) : someKit(random),
        minutes,
        earlier);
  }

  private static Set<Kit> someKit(Random random) {
    Set<Kit> kit = EnumSet.noneOf(Kit.class);
    for (Kit one : Kit.values()) {
      if (random.nextInt(3) == 0) {
        kit.add(one);
      }
    }
    return kit;
  }

  private static <T> T any(T[] values, Random random) {
    return values[random.nextInt(values.length)];
  }

  @ParameterizedTest
  @EnumSource(Sport.class)
  void whatIsEditedStaysInItsPlace(Sport sport) {
    Place last = Profiles.of(sport).place();
    Plan plan =
        Scenarios.plan(
            request(
                sport,
                SessionKind.INTERVALS,
                last,
                Profiles.kitAt(last, sport),
                45,
                stage(Place.LIVING_ROOM, 15, WALK)));
    PlanEditor editor = new PlanEditor(BuiltInLibrary.get());
    PlanItem inside =
        plan.in(WarmUpPart.MOBILISE).stream().filter(i -> i.stage() == 0).findFirst().orElseThrow();

    for (Alternatives.Alternative other : Alternatives.forItem(plan, inside, editor)) {
      assertThat(other.drill().kit()).isSubsetOf(Place.LIVING_ROOM.usualKit());
      Plan swapped = editor.swap(plan, inside.id(), other.drill().id());
      assertThat(swapped.items().get(plan.items().indexOf(inside)).stage()).isZero();
    }
    Plan locked = editor.lock(plan, inside.id(), Lock.DOSE);
    Plan again = PlanEditor.edited(PlanSource.of(locked), new Edit.Refit()).plan();
    assertThat(again.item(inside.id())).isEqualTo(locked.item(inside.id()));

    PlanItem way = plan.in(WarmUpPart.TRANSFER).get(0);
    for (Edit edit :
        List.of(
            new Edit.Remove(way.id()),
            new Edit.Move(way.id(), 1),
            new Edit.ChangeDose(way.id(), 600))) {
      assertThatThrownBy(() -> PlanEditor.edited(PlanSource.of(plan), edit))
          .isInstanceOf(OutOfRangeException.class)
          .hasMessageContaining("itemId");
    }
  }

  /** Each drill of a routine is done where it can be. */
  @ParameterizedTest
  @EnumSource(Sport.class)
  void aRoutineFindsItsPlaces(Sport sport) {
    Place last = Profiles.of(sport).place();
    Plan usual =
        Scenarios.plan(
            request(sport, SessionKind.INTERVALS, last, Profiles.kitAt(last, sport), 45));
    Plan staged =
        Scenarios.plan(
            request(
                sport,
                SessionKind.INTERVALS,
                last,
                Profiles.kitAt(last, sport),
                60,
                stage(Place.LIVING_ROOM, 18, WALK)));
    Plan applied = Routine.of(usual).applyTo(staged).simulated().plan();

    List<String> broken = new ArrayList<>();
    places(applied, broken);
    broken.removeIf(fault -> fault.contains(" s in place "));
    assertThat(broken).isEmpty();
    Set<String> wanted = new HashSet<>();
    usual.items().stream().filter(i -> i.block().isChosen()).forEach(i -> wanted.add(i.drillId()));
    assertThat(applied.items())
        .filteredOn(i -> i.block().isChosen())
        .isNotEmpty()
        .allMatch(i -> wanted.contains(i.drillId()));
    assertThat(stagesOf(applied, WarmUpPart.MOBILISE)).contains(0);
  }

  @Test
  void theMinutesHoldAllPlaces() {
    Stage room = stage(Place.LIVING_ROOM, 20, WALK);
    assertThatThrownBy(() -> request(Sport.RUN, SessionKind.EASY, Place.ROAD, Set.of(), 26, room))
        .isInstanceOf(OutOfRangeException.class)
        .hasMessageContaining("minutes must be 27 or more");
  }
}
