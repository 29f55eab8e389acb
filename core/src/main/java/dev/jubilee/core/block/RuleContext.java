package dev.jubilee.core.block;

import dev.jubilee.core.drill.Drill;
import dev.jubilee.core.drill.DrillLibrary;
import dev.jubilee.core.drill.Ladder;
import dev.jubilee.core.drill.WarmUpPart;
import io.soabase.recordbuilder.core.RecordBuilder;
import java.time.LocalDate;
import java.util.List;
import java.util.Optional;

/**
 * What a rule sees when it decides about a week.
 *
 * @param block the weeks
 * @param blockAthlete the athlete
 * @param library drills and ladders
 * @param today weeks that begin later may presume mastery, others need it seen
 * @param before earlier weeks of the athlete, at least one
 * @param next the coming week, as the last one with nothing changed
 */
@RecordBuilder
record RuleContext(
    TrainingBlock block,
    BlockAthlete blockAthlete,
    DrillLibrary library,
    LocalDate today,
    List<AthleteWeek> before,
    AthleteWeek next) {
  /** Weeks on a rung after which it is presumed to be mastered; Jubilee modelling choice. */
  static final int PRESUMED_AFTER = 2;

  Week week() {
    return next.week();
  }

  Ladder ladder(String id) {
    return library.ladders().stream().filter(l -> l.id().equals(id)).findFirst().orElseThrow();
  }

  /** The version on a rung that the athlete may be led to. */
  Optional<Drill> drill(String ladder, int step) {
    return ladder(ladder).rungs().stream()
        .filter(d -> d.rung().orElseThrow().step() == step)
        .filter(blockAthlete::mayClimbTo)
        .findFirst();
  }

  /** Name of the version on a rung, in quotes, as it may hold a comma. */
  String name(String ladder, int step) {
    return ladder(ladder).rungs().stream()
        .filter(d -> d.rung().orElseThrow().step() == step)
        .map(d -> "“" + d.name() + "”")
        .findFirst()
        .orElse("rung " + step);
  }

  boolean isFuture() {
    return week().firstDay().isAfter(today);
  }

  /**
   * Whether the present rung was seen to be mastered in time for this week; whoever stood higher
   * before has mastered what is below.
   */
  boolean isSeenMastered(String ladder) {
    int rung = next.rung(ladder);
    if (before.stream().anyMatch(s -> s.rung(ladder) > rung)) {
      return true;
    }
    LocalDate by = isFuture() ? week().firstDay() : earlier(today, week().lastDay());
    return blockAthlete.hasMastered(ladder, next.rung(ladder), by);
  }

  private static LocalDate earlier(LocalDate a, LocalDate b) {
    return a.isBefore(b) ? a : b;
  }

  /** Whether, in a week to come, it has been practised long enough to be presumed. */
  boolean isPresumedMastered(String ladder) {
    return isFuture() && next.held().getOrDefault(ladder, 0) >= PRESUMED_AFTER;
  }

  /** Whether a ladder leads to running fast or landing, rather than to range and strength. */
  boolean isSpecific(String ladder) {
    return ladder(ladder).rungs().stream()
        .anyMatch(d -> d.block() == WarmUpPart.DRILL || d.contacts() > 0);
  }

  /** Whether the ladder's present version works what hurts this week. */
  boolean isPainful(String ladder) {
    return ladder(ladder).rungs().stream()
        .filter(d -> d.rung().orElseThrow().step() == next.rung(ladder))
        .anyMatch(this::isPainful);
  }

  private boolean isPainful(Drill drill) {
    return blockAthlete.interruptions().stream()
        .filter(i -> i.kind() == Interruption.Kind.PAIN)
        .filter(i -> !i.from().isAfter(week().lastDay()) && !i.until().isBefore(week().firstDay()))
        .map(i -> i.region().orElseThrow())
        .anyMatch(drill::works);
  }

  /** How often a ladder or the build went up so far. */
  long ups(String ladder) {
    return before.stream()
        .flatMap(s -> s.changes().stream())
        .filter(c -> c.isUp() && c.ladder().equals(ladder))
        .count();
  }

  /** Ladders in use that may go up, the one that went up least often first. */
  List<String> candidates() {
    return blockAthlete.ladders().stream()
        .filter(l -> !isPainful(l))
        .sorted(
            (a, b) -> {
              int byKind = Boolean.compare(isOutOfTurn(a), isOutOfTurn(b));
              return byKind != 0 ? byKind : Long.compare(ups(a), ups(b));
            })
        .toList();
  }

  /** What comes back first; else range and strength in general weeks, speed in specific ones. */
  private boolean isOutOfTurn(String ladder) {
    int rung = next.rung(ladder);
    boolean comesBack = before.stream().anyMatch(s -> s.rung(ladder) > rung);
    return !comesBack && isSpecific(ladder) == (week().emphasis() == Emphasis.GENERAL);
  }
}
