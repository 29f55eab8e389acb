package dev.jubilee.core.edit;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import dev.jubilee.core.Scenarios;
import dev.jubilee.core.athlete.Athlete;
import dev.jubilee.core.check.Checks;
import dev.jubilee.core.choice.Eligibility;
import dev.jubilee.core.drill.Drill;
import dev.jubilee.core.drill.WarmUpPart;
import dev.jubilee.core.library.BuiltInLibrary;
import dev.jubilee.core.plan.Lock;
import dev.jubilee.core.plan.Plan;
import dev.jubilee.core.plan.PlanItem;
import dev.jubilee.core.plan.PrescriptionRequest;
import dev.jubilee.core.quantity.OutOfRangeException;
import dev.jubilee.core.session.SessionKind;
import dev.jubilee.core.sport.Level;
import dev.jubilee.core.sport.Sport;
import java.util.List;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.EnumSource;

/** An edit does what was asked and nothing else; re-fitting keeps what the coach touched. */
class PlanEditorTest {
  private final PlanEditor editor = new PlanEditor(BuiltInLibrary.get());

  @ParameterizedTest
  @EnumSource(Sport.class)
  void removingTakesOutOneItemAndReFittingDoesNotBringItBack(Sport sport) {
    Plan plan = Scenarios.plan(sport, SessionKind.INTERVALS, Level.ADVANCED, 40);
    PlanItem drill = plan.in(WarmUpPart.MOBILISE).get(0);
    Plan removed = editor.remove(plan, drill.id());
    assertThat(ids(removed)).hasSize(plan.items().size() - 1).doesNotContain(drill.id());
    assertThat(removed.seconds()).isLessThan(plan.seconds());
    assertThat(drills(editor.refit(removed))).doesNotContain(drill.drillId());
  }

  @ParameterizedTest
  @EnumSource(Sport.class)
  void whatIsTouchedIsKeptWhenMinutesShrink(Sport sport) {
    Plan plan = Scenarios.plan(sport, SessionKind.INTERVALS, Level.ADVANCED, 40);
    PlanItem drill = plan.in(WarmUpPart.ACTIVATE).get(0);
    int most = plan.drill(drill).orElseThrow().most();
    Plan dosed = editor.dose(plan, drill.id(), most);
    Plan shorter = editor.under(dosed, plan.request().circumstances().withMinutes(15));
    assertThat(shorter.item(drill.id()).dose().amount()).isEqualTo(most);
    assertThat(shorter.seconds()).isLessThanOrEqualTo(15 * 60);
  }

  @Test
  void reFittingAnUntouchedPlanChangesNothing() {
    Plan plan = Scenarios.plan(Sport.RUN, SessionKind.SPRINT, Level.ADVANCED, 40);
    assertThat(editor.refit(plan).items()).isEqualTo(plan.items());
  }

  @Test
  void everySwapOnOfferCanBeMadeAndTakesWhatItSays() {
    Plan plan = Scenarios.plan(Sport.ROW, SessionKind.TIME_TRIAL, Level.INTERMEDIATE, 40);
    for (PlanItem item : plan.items()) {
      if (item.block() == WarmUpPart.TRANSITION) {
        continue;
      }
      for (Alternatives.Alternative a : Alternatives.forItem(plan, item, editor)) {
        Plan swapped = editor.swap(plan, item.id(), a.drill().id());
        assertThat(swapped.seconds() - plan.seconds())
            .as(item.name() + " for " + a.drill().name())
            .isEqualTo(a.secondsMore());
        assertThat(swapped.items()).hasSameSizeAs(plan.items());
      }
    }
  }

  @Test
  void anAddedDrillStandsInItsBlock() {
    Plan plan = Scenarios.plan(Sport.RUN, SessionKind.THRESHOLD, Level.ADVANCED, 40);
    Plan more = editor.add(plan, "neck-tilts");
    int at = drills(more).indexOf("neck-tilts");
    assertThat(more.items().get(at).block()).isEqualTo(WarmUpPart.MOBILISE);
    assertThat(more.items().get(at - 1).block()).isEqualTo(WarmUpPart.MOBILISE);
    assertThat(more.items().get(at).lock()).isEqualTo(Lock.DOSE);
  }

  @Test
  void aLockedEffortKeepsTheBuildAsItIs() {
    Plan plan = Scenarios.plan(Sport.RUN, SessionKind.SPRINT, Level.ADVANCED, 40);
    Plan locked = editor.lock(plan, plan.in(WarmUpPart.BUILD).get(1).id(), Lock.DOSE);
    Plan shorter = editor.under(locked, plan.request().circumstances().withMinutes(20));
    assertThat(shorter.in(WarmUpPart.BUILD)).hasSameSizeAs(plan.in(WarmUpPart.BUILD));
  }

  @ParameterizedTest
  @EnumSource(Sport.class)
  void ofALockedMovementTheRungFollowsTheAthlete(Sport sport) {
    Plan plan = Scenarios.plan(sport, SessionKind.INTERVALS, Level.ADVANCED, 40);
    for (PlanItem item : plan.items()) {
      Drill drill = plan.drill(item).orElseThrow();
      boolean isClimbed = drill.rung().filter(r -> r.step() > 1).isPresent();
      if (!isClimbed || !item.block().isChosen()) {
        continue;
      }
      Athlete novice = Scenarios.athlete(Level.NOVICE);
      Plan locked = editor.lock(plan, item.id(), Lock.DRILL);
      PlanItem own =
          refitted(locked, locked.request().with(novice)).items().stream()
              .filter(i -> i.lock() == Lock.DRILL)
              .findFirst()
              .orElseThrow();
      Drill given = plan.library().require(own.drillId());
      assertThat(given.group()).isEqualTo(drill.group());
      boolean hasForNovices =
          plan.library().drills().stream()
              .filter(d -> d.group().equals(drill.group()))
              .anyMatch(d -> Eligibility.against(d, locked.request().with(novice)).isEmpty());
      assertThat(given.level() == Level.NOVICE).isEqualTo(hasForNovices);
    }
  }

  @ParameterizedTest
  @EnumSource(Sport.class)
  void ofALockedVersionTheDoseFollowsTheTime(Sport sport) {
    Plan plan = Scenarios.plan(sport, SessionKind.INTERVALS, Level.ADVANCED, 40);
    Plan locked = plan;
    for (PlanItem item : plan.in(WarmUpPart.MOBILISE)) {
      locked = editor.lock(locked, item.id(), Lock.RUNG);
    }
    Plan shorter = editor.under(locked, plan.request().circumstances().withMinutes(18));
    assertThat(drills(shorter))
        .containsAll(plan.in(WarmUpPart.MOBILISE).stream().map(PlanItem::drillId).toList());
    int before = plan.in(WarmUpPart.MOBILISE).stream().mapToInt(i -> i.dose().seconds()).sum();
    int after = shorter.in(WarmUpPart.MOBILISE).stream().mapToInt(i -> i.dose().seconds()).sum();
    assertThat(after).isLessThan(before);
  }

  @ParameterizedTest
  @EnumSource(value = Lock.class, names = "NONE", mode = EnumSource.Mode.EXCLUDE)
  void whatIsLockedStaysEvenWithoutRoomAndTheChecksSayIt(Lock lock) {
    Plan plan = Scenarios.plan(Sport.RUN, SessionKind.SPRINT, Level.ADVANCED, 45);
    Plan locked = plan;
    for (PlanItem item : plan.items()) {
      locked = editor.lock(locked, item.id(), lock);
    }
    Plan squeezed = editor.under(locked, plan.request().circumstances().withMinutes(3));
    assertThat(drills(squeezed)).containsAll(drills(plan));
    assertThat(Checks.of(squeezed)).extracting(f -> f.code().name()).contains("OVER_TIME");
  }

  /** A circuit done twice holds each drill twice; both are kept, under their own ids. */
  @ParameterizedTest
  @EnumSource(value = Lock.class, names = "NONE", mode = EnumSource.Mode.EXCLUDE)
  void bothRoundsOfALockedCircuitStay(Lock lock) {
    PrescriptionRequest long60 =
        Scenarios.request(Sport.RUN, SessionKind.INTERVALS, Level.ADVANCED, 60);
    Plan plan = Scenarios.plan(long60.with(long60.circumstances().filled(true)));
    List<String> twice = ids(plan).stream().filter(id -> id.endsWith("-round-2")).toList();
    assertThat(twice).isNotEmpty();
    Plan locked = plan;
    for (String id : twice) {
      locked = editor.lock(locked, id, lock);
      locked = editor.lock(locked, id.replace("-round-2", ""), lock);
    }
    Plan again = editor.refit(locked);
    assertThat(ids(again)).doesNotHaveDuplicates().containsAll(twice);
  }

  private Plan refitted(Plan plan, PrescriptionRequest request) {
    return editor.refit(
        new Plan(request, plan.anchors(), plan.demand(), plan.library(), plan.items()));
  }

  @Test
  void nonsenseIsRefusedByName() {
    Plan plan = Scenarios.plan(Sport.RUN, SessionKind.SPRINT, Level.ADVANCED, 40);
    String drill = plan.in(WarmUpPart.MOBILISE).get(0).id();
    String settle = plan.in(WarmUpPart.TRANSITION).get(0).id();
    assertThatThrownBy(() -> editor.dose(plan, drill, 400))
        .isInstanceOfSatisfying(
            OutOfRangeException.class, e -> assertThat(e.field()).isEqualTo("amount"));
    assertThatThrownBy(() -> editor.remove(plan, settle)).hasMessageContaining("itemId");
    assertThatThrownBy(() -> editor.add(plan, "no-such-drill")).hasMessageContaining("drillId");
    assertThatThrownBy(() -> editor.swap(plan, drill, "a-skip"))
        .hasMessageContaining("same block, Mobilise");
  }

  private static List<String> ids(Plan plan) {
    return plan.items().stream().map(PlanItem::id).toList();
  }

  private static List<String> drills(Plan plan) {
    return plan.items().stream().map(PlanItem::drillId).toList();
  }
}
