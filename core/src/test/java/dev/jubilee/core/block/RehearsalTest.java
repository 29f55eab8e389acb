package dev.jubilee.core.block;

import static org.assertj.core.api.Assertions.assertThat;

import dev.jubilee.core.Scenarios;
import dev.jubilee.core.approach.Approach;
import dev.jubilee.core.athlete.Athlete;
import dev.jubilee.core.drill.WarmUpPart;
import dev.jubilee.core.library.BuiltInLibrary;
import dev.jubilee.core.plan.Plan;
import dev.jubilee.core.plan.PlanItem;
import dev.jubilee.core.plan.PrescriptionRequest;
import dev.jubilee.core.prescription.Prescriber;
import dev.jubilee.core.session.SessionKind;
import dev.jubilee.core.sport.Level;
import dev.jubilee.core.sport.Sport;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.stream.Collectors;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.EnumSource;

/** What was frozen for races is rehearsed before trials toward the race, and done before it. */
class RehearsalTest {
  private static final Athlete ATHLETE = Scenarios.athlete(Level.INTERMEDIATE);

  @ParameterizedTest
  @EnumSource(Sport.class)
  void trialsTowardARaceAndTheRaceItselfHaveTheRoutineAndNoOthers(Sport sport) {
    TrainingBlock block = TrainingBlock.of(Blocks.START, Blocks.RACE);
    List<Planned> sessions = new ArrayList<>(Blocks.sessions(block, sport));
    LocalDate early = Blocks.START.plusDays(9);
    LocalDate late = Blocks.RACE.minusDays(10);
    sessions.add(Blocks.planned(early, sport, SessionKind.TIME_TRIAL));
    sessions.add(Blocks.planned(late, sport, SessionKind.TIME_TRIAL));
    sessions.sort(Comparator.comparing(Planned::date));
    Plan routine = odd(sport);
    List<Prescribed> with =
        prescribed(block, sessions, Map.of(sport, new RaceWarmUp("Own", routine)));
    List<Prescribed> without = prescribed(block, sessions, Map.of());
    for (int i = 0; i < with.size(); i++) {
      Prescribed p = with.get(i);
      boolean isTrial = p.planned().session().kind() == SessionKind.TIME_TRIAL;
      if (isTrial && !p.planned().date().isBefore(late)) {
        assertThat(drills(p.plan())).as(p.planned().id()).isEqualTo(drills(routine));
        assertThat(efforts(p.plan())).isEqualTo(efforts(routine));
        assertThat(p.plan().seconds())
            .isLessThanOrEqualTo(60 * p.plan().request().circumstances().minutes());
        assertThat(drills(without.get(i).plan())).isNotEqualTo(drills(routine));
      } else if (p.planned().date().isBefore(late)) {
        assertThat(p.plan().items()).isEqualTo(without.get(i).plan().items());
      }
    }
  }

  private static List<Prescribed> prescribed(
      TrainingBlock block, List<Planned> sessions, Map<Sport, RaceWarmUp> forRaces) {
    BlockPrescriber prescriber = new BlockPrescriber(block, BuiltInLibrary.get(), Approach.USUAL);
    BlockAthlete own =
        prescriber.blockAthlete(
            d -> ATHLETE, block.start(), List.of(), List.of(), List.of(), sessions);
    List<AthleteWeek> weeks =
        Progression.of(block, own, BuiltInLibrary.get(), block.start(), List.of());
    return prescriber.prescribe(own, d -> ATHLETE, weeks, sessions, forRaces);
  }

  /** A warm-up of some other year: without half of what would be chosen today, an effort fewer. */
  private static Plan odd(Sport sport) {
    Planned race = Blocks.planned(Blocks.RACE, sport, SessionKind.TIME_TRIAL);
    Prescriber prescriber = new Prescriber(BuiltInLibrary.get());
    Plan usual =
        prescriber.prescribe(PrescriptionRequest.of(ATHLETE, race.session(), race.circumstances()));
    List<String> drills = List.copyOf(drills(usual));
    Set<String> left = Set.copyOf(drills.subList(0, drills.size() / 2));
    return prescriber.prescribe(
        usual.request().with(List.of(), left).withEfforts(efforts(usual) - 1));
  }

  private static Set<String> drills(Plan plan) {
    return plan.items().stream()
        .filter(i -> i.block().isChosen() && !i.isRepeat())
        .map(PlanItem::drillId)
        .collect(Collectors.toSet());
  }

  private static int efforts(Plan plan) {
    return plan.in(WarmUpPart.BUILD).size();
  }
}
