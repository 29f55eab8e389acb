package dev.jubilee.core.decision;

import static org.assertj.core.api.Assertions.assertThat;

import dev.jubilee.core.Scenarios;
import dev.jubilee.core.approach.Approach;
import dev.jubilee.core.approach.Approach.Changing;
import dev.jubilee.core.plan.Plan;
import dev.jubilee.core.plan.PrescriptionRequest;
import dev.jubilee.core.shorthand.Shorthand;
import dev.jubilee.core.sport.Level;
import dev.jubilee.core.sport.Sport;
import java.util.List;
import java.util.Optional;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/**
 * What a careful coach decides, by situation: who, before what, what they told, what was seen
 * before and now. All are common practice, written down before the rules.
 */
class SituationsOfTheDayTest {
  @ParameterizedTest(name = "{0}")
  @CsvSource(
      delimiter = '|',
      textBlock =
          """
          # situation | age | level | sport | session | told | looked at | before | now | decision
          sound and warm, threshold | 34 | INTERMEDIATE | RUN | 20 min threshold | sleep 4 | RAISE_DONE | | SWEAT, LOOSE | CARRY_ON
          sound sprinter, first fast one there | 22 | ADVANCED | RUN | 6 x 60 m sprints, full rest | sleep 5, mood 4 | FIRST_FAST | SWEAT | GEAR_THERE, CONTACTS_QUIET | CARRY_ON
          slept badly once, all well in the raise | 28 | INTERMEDIATE | RIDE | 5 x 4 min hard, 3 min easy | sleep 1, mood 4, fresh 4 | RAISE_DONE | | SWEAT, BREATHING_EASY | CARRY_ON
          masters rower, all well before 2 km | 58 | INTERMEDIATE | ROW | 2 km test | sleep 3 | LAST_EFFORT | SWEAT, LOOSE | GEAR_THERE, BREATHING_HARD | CARRY_ON
          out of breath after the last effort | 30 | INTERMEDIATE | RUN | 5 x 1000 m @ 5 km pace, 2 min jog | | LAST_EFFORT | SWEAT | BREATHING_HARD, GEAR_THERE | CARRY_ON
          junior, steady, easy run | 14 | NOVICE | RUN | 30 min easy | mood 4 | RAISE_DONE | | SWEAT, LOOSE | CARRY_ON
          niggle of 1 in the shin, not rising, at the first effort | 26 | INTERMEDIATE | RUN | 5 x 1000 m @ 5 km pace, 2 min jog | pain SHINS 1 | FIRST_FAST | pain SHINS 1 | pain SHINS 1 | CARRY_ON
          calf still tight after it was worked on, threshold | 40 | INTERMEDIATE | RUN | 20 min threshold | stiff CALVES | RANGE_DONE | tight CALVES | tight CALVES | CARRY_ON
          heavy contacts before a tempo ride | 33 | INTERMEDIATE | RIDE | 20 min threshold | | RANGE_DONE | SWEAT | CONTACTS_HEAVY | CARRY_ON
          wobbly again, swimmer | 19 | ADVANCED | SWIM | 10 x 100 m @ 1:30, 20 s | | RANGE_DONE | WOBBLY | WOBBLY, LOOSE | CARRY_ON
          long ride, loose and dry | 45 | NOVICE | RIDE | 3 h easy | sleep 3, mood 3, fresh 3 | RANGE_DONE | | LOOSE, STEADY | CARRY_ON
          low mood, all well when warm, sprints on the bike | 24 | ADVANCED | RIDE | 6 x 10 s sprints, full rest | mood 2, sleep 3 | LAST_EFFORT | SWEAT, GEAR_THERE | GEAR_THERE | CARRY_ON
          no sweat after the raise | 30 | INTERMEDIATE | RUN | 6 x 60 m sprints, full rest | sleep 4 | RAISE_DONE | | NO_SWEAT | ADD
          tight hip flexors after a drive, range done | 37 | INTERMEDIATE | RUN | 20 min threshold | from LONG_DRIVE | RANGE_DONE | SWEAT | tight HIP_FLEXORS, STEADY | ADD
          tight ankle before 2 km | 31 | ADVANCED | ROW | 2 km test | | RAISE_DONE | | SWEAT, tight ANKLES | ADD
          wobbly on one leg, runner | 29 | INTERMEDIATE | RUN | 5 x 1000 m @ 5 km pace, 2 min jog | | RANGE_DONE | SWEAT | WOBBLY | ADD
          flat at the first fast one | 23 | INTERMEDIATE | RUN | 6 x 60 m sprints, full rest | sleep 4, mood 4 | FIRST_FAST | SWEAT | GEAR_MISSING | ADD
          flat at the last one, for the first time | 27 | ADVANCED | RUN | 6 x 60 m sprints, full rest | sleep 4 | LAST_EFFORT | GEAR_THERE | GEAR_MISSING | REPEAT
          still flat at the last one, sprints | 27 | ADVANCED | RUN | 6 x 60 m sprints, full rest | sleep 4 | LAST_EFFORT | GEAR_MISSING | GEAR_MISSING | CHANGE
          slept badly, low and heavy, flat at the last one | 35 | INTERMEDIATE | RUN | 5 x 1000 m @ 5 km pace, 2 min jog | sleep 1, mood 2, fresh 2 | LAST_EFFORT | SWEAT | GEAR_MISSING | CHANGE
          still flat before rowing intervals | 21 | ADVANCED | ROW | 8 x 500 m @ 2 km pace, 2 min easy | | LAST_EFFORT | GEAR_MISSING | GEAR_MISSING | CHANGE
          hamstring hurts a little, only when fast | 25 | ADVANCED | RUN | 6 x 60 m sprints, full rest | | FIRST_FAST | SWEAT | pain HAMSTRINGS 2 fast | CHANGE
          Achilles 4 of 10 at the first effort | 44 | INTERMEDIATE | RUN | 5 x 1000 m @ 5 km pace, 2 min jog | pain ACHILLES 2 | FIRST_FAST | pain ACHILLES 2 | pain ACHILLES 4 | CHANGE
          knee 3 of 10 in the raise | 38 | NOVICE | RUN | 5 x 1000 m @ 5 km pace, 2 min jog | | RAISE_DONE | | SWEAT, pain KNEES 3 | CHANGE
          shoulder 4 of 10, swimmer | 17 | ADVANCED | SWIM | 10 x 100 m @ 1:30, 20 s | | RAISE_DONE | | pain SHOULDERS 4 | CHANGE
          shin 1 that became 2 | 20 | INTERMEDIATE | RUN | 5 x 1000 m @ 5 km pace, 2 min jog | | LAST_EFFORT | pain SHINS 1 | pain SHINS 2 | CHANGE
          hamstring stays tight before sprints | 26 | ADVANCED | RUN | 6 x 60 m sprints, full rest | stiff HAMSTRINGS | FIRST_FAST | tight HAMSTRINGS | tight HAMSTRINGS | CHANGE
          lower back 6 of 10 on the machine | 32 | ADVANCED | ROW | 2 km test | | RAISE_DONE | | pain LOWER_BACK 6 | STOP
          sharp pain in the calf, all else well | 30 | INTERMEDIATE | RUN | 20 min threshold | | FIRST_FAST | SWEAT | SHARP_PAIN, GEAR_THERE, LOOSE | STOP
          chest pain, masters rider | 61 | INTERMEDIATE | RIDE | 20 min threshold | sleep 4 | RAISE_DONE | | CHEST_PAIN, SWEAT | STOP
          dizzy after the raise | 16 | NOVICE | RUN | 30 min easy | | RAISE_DONE | | DIZZY | STOP
          unusually out of breath, easy swim | 50 | NOVICE | SWIM | 1500 m easy | | RANGE_DONE | SWEAT | BREATHLESS | STOP
          fell on the head in the drills | 18 | ADVANCED | RUN | hurdles 5 x 60 m, full rest | | FIRST_FAST | SWEAT | HEAD_KNOCK, GEAR_THERE | STOP
          told of pressure in the chest | 48 | INTERMEDIATE | RUN | 30 min easy | alarm CHEST | RAISE_DONE | | SWEAT | COACH_FIRST
          has a fever | 27 | ADVANCED | ROW | 2 km test | alarm ILL, sleep 2 | RAISE_DONE | | SWEAT | COACH_FIRST
          ankle hurts 7 of 10 since a fall | 23 | INTERMEDIATE | RUN | 20 min threshold | pain ANKLES 7 | RAISE_DONE | | SWEAT | COACH_FIRST
          """)
  void decidesAsACarefulCoachWould(
      String situation,
      int age,
      Level level,
      Sport sport,
      String session,
      String told,
      Checkpoint checkpoint,
      String before,
      String now,
      String decision) {
    PrescriptionRequest request = Told.request(age, level, sport, session);
    Optional<Plan> plan = Told.plan(request, Told.checkIn(told));
    if (plan.isEmpty()) {
      assertThat("COACH_FIRST").isEqualTo(decision);
      return;
    }
    Situation at = new Situation(plan.get(), checkpoint, Told.marks(before));
    Decision decided = Decisions.of(at, Told.marks(now));
    assertThat(decided.answer().kind()).as(decided.toString()).hasToString(decision);
    if (decided.answer() instanceof Decision.ChangeSession change) {
      assertThat(Shorthand.read(change.session(), sport).faults()).as(change.session()).isEmpty();
    }
  }

  @ParameterizedTest(name = "{0}: {1}")
  @CsvSource({
    "RARELY, FIRST_FAST, , GEAR_MISSING, ADD",
    "RARELY, LAST_EFFORT, GEAR_MISSING, GEAR_MISSING, CARRY_ON",
    "ON_CLEAR_SIGNS, LAST_EFFORT, , GEAR_MISSING, REPEAT",
    "ON_CLEAR_SIGNS, LAST_EFFORT, GEAR_MISSING, GEAR_MISSING, CHANGE",
    "READILY, FIRST_FAST, , GEAR_MISSING, ADD",
    "READILY, LAST_EFFORT, , GEAR_MISSING, CHANGE",
    "RARELY, FIRST_FAST, , pain HAMSTRINGS 4, CHANGE",
    "RARELY, FIRST_FAST, , DIZZY, STOP",
  })
  void theCoachsSchoolSaysHowReadilyASessionChanges(
      Changing changing, Checkpoint checkpoint, String before, String now, String decision) {
    Approach approach = Approaches.changing(changing);
    PrescriptionRequest request =
        Told.request(25, Level.ADVANCED, Sport.RUN, "6 x 60 m sprints, full rest").with(approach);
    Plan plan = Scenarios.plan(request);
    Decision decided =
        Decisions.of(new Situation(plan, checkpoint, Told.marks(before)), Told.marks(now));
    assertThat(decided.answer().kind()).hasToString(decision);
    assertThat(List.of(decided.what(), decided.why())).noneMatch(String::isBlank);
  }

  /** The usual approach but for one question. */
  private static final class Approaches {
    static Approach changing(Changing changing) {
      Approach usual = Approach.USUAL;
      return usual.withChanging(changing);
    }
  }
}
