package dev.jubilee.core.block;

import dev.jubilee.core.athlete.Athlete;
import dev.jubilee.core.athlete.Restriction;
import dev.jubilee.core.choice.Eligibility;
import dev.jubilee.core.drill.Drill;
import dev.jubilee.core.drill.DrillLibrary;
import dev.jubilee.core.drill.Ladder;
import dev.jubilee.core.sport.BodyRegion;
import dev.jubilee.core.sport.Level;
import io.soabase.recordbuilder.core.RecordBuilder;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;

/**
 * An athlete in a block.
 *
 * @param athlete as at the beginning
 * @param joins first day; the block's start, or later
 * @param interruptions what came or comes between
 * @param mastery what has been seen of mastery
 * @param progressions what the coach moved
 * @param ladders ids of the ladders in use, those to go up first at the front
 * @param contactsADay ground contacts that one warm-up tolerates
 * @param landings by number of week, sessions whose warm-up may have contacts
 * @param sprints whether any of the sessions asks for top speed
 */
@RecordBuilder
public record BlockAthlete(
    Athlete athlete,
    LocalDate joins,
    List<Interruption> interruptions,
    List<MasteryRecord> mastery,
    List<PlannedProgression> progressions,
    List<String> ladders,
    int contactsADay,
    Map<Integer, Integer> landings,
    boolean sprints) {
  /** An athlete's reports of clean repetitions that count as mastery; common practice. */
  private static final int REPORTS = 2;

  public BlockAthlete {
    interruptions = List.copyOf(interruptions);
    mastery = List.copyOf(mastery);
    progressions = List.copyOf(progressions);
    ladders = List.copyOf(ladders);
    landings = Map.copyOf(landings);
  }

  /** How the build may go up, from low to high. */
  List<BuildStage> buildStages() {
    return sprints ? BuildStage.TO_TOP_SPEED : BuildStage.TO_SESSION_PACE;
  }

  /** Index of a stage; of one from when the sessions were others, of the lowest with its count. */
  int indexOf(BuildStage stage) {
    int same = buildStages().indexOf(stage);
    if (same >= 0) {
      return same;
    }
    List<Integer> counts = buildStages().stream().map(BuildStage::efforts).toList();
    return Math.max(0, counts.indexOf(stage.efforts()));
  }

  String words(BuildStage stage) {
    return "Build-ups: " + stage.words(sprints) + ".";
  }

  /** Whether a rung was mastered by a day: by the coach's word, or by reports of two days. */
  boolean hasMastered(String ladder, int step, LocalDate by) {
    if (athlete.mastery().getOrDefault(ladder, 0) >= step) {
      return true;
    }
    List<MasteryRecord> seen =
        mastery.stream()
            .filter(m -> m.ladder().equals(ladder) && m.step() >= step && !m.on().isAfter(by))
            .toList();
    return seen.stream().anyMatch(m -> m.source() == MasteryRecord.Source.COACH)
        || seen.stream().map(MasteryRecord::on).distinct().count() >= REPORTS;
  }

  boolean isStopped(LocalDate date) {
    return date.isBefore(joins) || interruptions.stream().anyMatch(i -> i.stops(date));
  }

  /** Where the athlete begins on each ladder: as marked, else the highest rung of their level. */
  Map<String, Integer> rungs(DrillLibrary library) {
    Map<String, Integer> rungs = new HashMap<>();
    for (Ladder ladder : library.ladders()) {
      int step = 1;
      for (Drill drill : ladder.rungs()) {
        if (Eligibility.isFor(drill, athlete)) {
          step = Math.max(step, drill.rung().orElseThrow().step());
        }
      }
      rungs.put(ladder.id(), step);
    }
    return rungs;
  }

  /** The athlete as in a week: on these rungs, with what hurts on that day. */
  Athlete on(LocalDate date, Athlete asOfThen, Map<String, Integer> rungs) {
    List<Restriction> restrictions = new ArrayList<>(asOfThen.restrictions());
    for (Interruption pain : interruptions) {
      if (pain.kind() != Interruption.Kind.PAIN || !pain.holds(date)) {
        continue;
      }
      BodyRegion region = pain.region().orElseThrow();
      // What was only stiff before counts as sore now; what is worse stays so.
      restrictions.removeIf(
          l -> l.region() == region && l.severity().compareTo(Restriction.Severity.SORE) < 0);
      if (restrictions.stream().noneMatch(l -> l.region() == region)) {
        restrictions.add(Restriction.both(region, Restriction.Severity.SORE));
      }
    }
    Map<String, Integer> mastery = new HashMap<>(asOfThen.mastery());
    mastery.putAll(rungs);
    return asOfThen.with(restrictions, mastery);
  }

  /** A drill of the rung that the athlete may be led to: at most one grade above their level. */
  boolean mayClimbTo(Drill drill) {
    Level level = athlete.level();
    Level ceiling = level == Level.NOVICE ? Level.INTERMEDIATE : Level.ADVANCED;
    Map<String, Integer> mastery = new HashMap<>(athlete.mastery());
    drill.rung().ifPresent(r -> mastery.put(r.ladder(), r.step()));
    return ceiling.atLeast(drill.level())
        && Eligibility.isFor(drill, athlete.with(athlete.restrictions(), mastery));
  }
}
