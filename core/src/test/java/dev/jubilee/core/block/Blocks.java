package dev.jubilee.core.block;

import dev.jubilee.core.Scenarios;
import dev.jubilee.core.approach.Approach;
import dev.jubilee.core.athlete.Athlete;
import dev.jubilee.core.drill.DrillLibrary;
import dev.jubilee.core.library.BuiltInLibrary;
import dev.jubilee.core.profile.Profiles;
import dev.jubilee.core.session.SessionKind;
import dev.jubilee.core.sport.Level;
import dev.jubilee.core.sport.Sport;
import java.time.DayOfWeek;
import java.time.LocalDate;
import java.time.temporal.TemporalAdjusters;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;

/** Blocks that tests speak of. All invented. */
final class Blocks {
  /** A Monday. */
  static final LocalDate START = LocalDate.of(2026, 9, 7);

  /** A Saturday, twelve weeks on. */
  static final LocalDate RACE = LocalDate.of(2026, 11, 28);

  private static final Map<DayOfWeek, SessionKind> WEEK = new LinkedHashMap<>();

  static {
    WEEK.put(DayOfWeek.MONDAY, SessionKind.EASY);
    WEEK.put(DayOfWeek.TUESDAY, SessionKind.INTERVALS);
    WEEK.put(DayOfWeek.THURSDAY, SessionKind.SPRINT);
    WEEK.put(DayOfWeek.SATURDAY, SessionKind.THRESHOLD);
    WEEK.put(DayOfWeek.SUNDAY, SessionKind.LONG);
  }

  private Blocks() {}

  /** Five sessions a week; the last day is the race. */
  static List<Planned> sessions(TrainingBlock block, Sport sport) {
    List<Planned> all = new ArrayList<>();
    for (Week week : block.weeks()) {
      WEEK.forEach(
          (day, kind) -> {
            LocalDate date = week.firstDay().with(TemporalAdjusters.nextOrSame(day));
            if (block.holds(date) && !date.equals(block.race())) {
              all.add(planned(date, sport, kind));
            }
          });
    }
    all.add(planned(block.race(), sport, SessionKind.TIME_TRIAL));
    return all;
  }

  static Planned planned(LocalDate date, Sport sport, SessionKind kind) {
    return new Planned(
        date + " " + kind,
        date,
        Scenarios.session(sport, kind),
        Scenarios.at(Profiles.of(sport).place(), 35),
        Optional.empty());
  }

  /** An athlete's block: where they stand and what they warm up with. */
  record Outcome(
      TrainingBlock block,
      BlockAthlete blockAthlete,
      List<AthleteWeek> athleteWeeks,
      List<Prescribed> prescribed) {}

  /** An intermediate athlete's block, with nothing in between. */
  static Outcome outcome(TrainingBlock block, List<Planned> sessions) {
    return outcome(
        block,
        Scenarios.athlete(Level.INTERMEDIATE),
        block.start(),
        List.of(),
        List.of(),
        List.of(),
        sessions);
  }

  static Outcome outcome(
      TrainingBlock block,
      Athlete athlete,
      Sport sport,
      LocalDate today,
      List<Interruption> interruptions,
      List<MasteryRecord> mastery,
      List<PlannedProgression> progressions) {
    return outcome(
        block, athlete, today, interruptions, mastery, progressions, sessions(block, sport));
  }

  private static Outcome outcome(
      TrainingBlock block,
      Athlete athlete,
      LocalDate today,
      List<Interruption> interruptions,
      List<MasteryRecord> mastery,
      List<PlannedProgression> progressions,
      List<Planned> sessions) {
    DrillLibrary library = BuiltInLibrary.get();
    BlockPrescriber prescriber = new BlockPrescriber(block, library, Approach.USUAL);
    BlockAthlete blockAthlete =
        prescriber.blockAthlete(
            d -> athlete, block.start(), interruptions, mastery, progressions, sessions);
    List<AthleteWeek> athleteWeeks = Progression.of(block, blockAthlete, library, today, List.of());
    return new Outcome(
        block,
        blockAthlete,
        athleteWeeks,
        prescriber.prescribe(blockAthlete, d -> athlete, athleteWeeks, sessions));
  }
}
