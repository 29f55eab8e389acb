package dev.jubilee.core.block;

import dev.jubilee.core.demand.TrainingPhase;
import dev.jubilee.core.demand.TrainingPhaseBuilder;
import io.soabase.recordbuilder.core.RecordBuilder;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Set;

/**
 * Where an athlete stands in a week, and what is different from the week before.
 *
 * @param week which
 * @param rungs by ladder
 * @param doses % of the usual dose by ladder, where it is not 100
 * @param stage how high it goes, in how many efforts
 * @param contacts most ground contacts of the week's warm-ups
 * @param reference contacts of the last full week, from which they grow; 0 before the first
 * @param held weeks on the present rung, by ladder in use
 * @param changes at most one of which asks for more
 */
@RecordBuilder
public record AthleteWeek(
    Week week,
    Map<String, Integer> rungs,
    Map<String, Integer> doses,
    BuildStage stage,
    int contacts,
    int reference,
    Map<String, Integer> held,
    List<Change> changes) {
  public AthleteWeek {
    rungs = Map.copyOf(rungs);
    doses = Map.copyOf(doses);
    held = Map.copyOf(held);
    changes = List.copyOf(changes);
  }

  public int rung(String ladder) {
    return rungs.getOrDefault(ladder, 1);
  }

  public int dose(String ladder) {
    return doses.getOrDefault(ladder, 100);
  }

  public boolean isAbsent() {
    return changes.stream().anyMatch(c -> c.kind() == Change.Kind.ABSENT);
  }

  /** How high the build may go, % of top speed or power. */
  public int topPercent() {
    return (int) Math.round(100 * stage.top());
  }

  /** Graded efforts more or fewer than usual. */
  public int efforts() {
    return isRecovery() ? Math.max(-2, stage.efforts() - 1) : stage.efforts();
  }

  boolean isRecovery() {
    return week.emphasis() == Emphasis.RECOVERY;
  }

  /** The same a week later, with nothing changed yet. */
  AthleteWeek in(Week next) {
    Map<String, Integer> longer = new HashMap<>(held);
    longer.replaceAll((ladder, weeks) -> isAbsent() ? weeks : weeks + 1);
    return AthleteWeekBuilder.builder(this).week(next).held(longer).changes(List.of()).build();
  }

  /** On another rung, in the usual dose. */
  AthleteWeek onRung(String ladder, int step) {
    Map<String, Integer> others = new HashMap<>(rungs);
    others.put(ladder, step);
    Map<String, Integer> usual = new HashMap<>(doses);
    usual.remove(ladder);
    Map<String, Integer> newlyHeld = new HashMap<>(held);
    newlyHeld.put(ladder, 0);
    return AthleteWeekBuilder.builder(this).rungs(others).doses(usual).held(newlyHeld).build();
  }

  AthleteWeek withDose(String ladder, int percent) {
    Map<String, Integer> others = new HashMap<>(doses);
    others.put(ladder, percent);
    return AthleteWeekBuilder.builder(this).doses(others).build();
  }

  AthleteWeek withBuild(BuildStage other) {
    return AthleteWeekBuilder.builder(this).stage(other).build();
  }

  AthleteWeek withContacts(int most, int newReference) {
    return AthleteWeekBuilder.builder(this).contacts(most).reference(newReference).build();
  }

  AthleteWeek saying(Change change) {
    List<Change> more = new ArrayList<>(changes);
    more.add(change);
    return AthleteWeekBuilder.builder(this).changes(more).build();
  }

  /**
   * What this makes of the week's warm-ups.
   *
   * @param weeks of the whole block
   * @param landings sessions of the week whose warm-up may have contacts
   * @param familiar the only drills to choose from; empty for all
   */
  public TrainingPhase phase(int weeks, int landings, Set<String> familiar) {
    return TrainingPhaseBuilder.builder()
        .words(words(weeks))
        .volume(week.emphasis().volume())
        .top(stage.top())
        .efforts(efforts())
        .contacts(landings == 0 ? 0 : contacts / landings)
        .doses(doses)
        .familiar(familiar)
        .build();
  }

  private String words(int weeks) {
    StringBuilder words =
        new StringBuilder(
            "Week " + week.number() + " of " + weeks + ", " + week.emphasis().words() + ":");
    changes.forEach(c -> words.append(' ').append(c.why()));
    return words.toString();
  }
}
