package dev.jubilee.core.block;

import dev.jubilee.core.demand.TrainingPhase;
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
 * @param build how high it goes, in how many efforts
 * @param contacts most ground contacts of the week's warm-ups
 * @param reference contacts of the last full week, from which they grow; 0 before the first
 * @param held weeks on the present rung, by ladder in use
 * @param changes at most one of which asks for more
 */
public record AthleteWeek(
    Week week,
    Map<String, Integer> rungs,
    Map<String, Integer> doses,
    BuildStage build,
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
    return (int) Math.round(100 * build.top());
  }

  /** Graded efforts more or fewer than usual. */
  public int efforts() {
    return isRecovery() ? Math.max(-2, build.efforts() - 1) : build.efforts();
  }

  boolean isRecovery() {
    return week.emphasis() == Emphasis.RECOVERY;
  }

  /** The same a week later, with nothing changed yet. */
  AthleteWeek in(Week next) {
    Map<String, Integer> longer = new HashMap<>(held);
    longer.replaceAll((ladder, weeks) -> isAbsent() ? weeks : weeks + 1);
    return new AthleteWeek(next, rungs, doses, build, contacts, reference, longer, List.of());
  }

  /** On another rung, in the usual dose. */
  AthleteWeek onRung(String ladder, int step) {
    Map<String, Integer> others = new HashMap<>(rungs);
    others.put(ladder, step);
    Map<String, Integer> usual = new HashMap<>(doses);
    usual.remove(ladder);
    Map<String, Integer> anew = new HashMap<>(held);
    anew.put(ladder, 0);
    return new AthleteWeek(week, others, usual, build, contacts, reference, anew, changes);
  }

  AthleteWeek withDose(String ladder, int percent) {
    Map<String, Integer> others = new HashMap<>(doses);
    others.put(ladder, percent);
    return new AthleteWeek(week, rungs, others, build, contacts, reference, held, changes);
  }

  AthleteWeek withBuild(BuildStage stage) {
    return new AthleteWeek(week, rungs, doses, stage, contacts, reference, held, changes);
  }

  AthleteWeek withContacts(int most, int newReference) {
    return new AthleteWeek(week, rungs, doses, build, most, newReference, held, changes);
  }

  AthleteWeek saying(Change change) {
    List<Change> more = new ArrayList<>(changes);
    more.add(change);
    return new AthleteWeek(week, rungs, doses, build, contacts, reference, held, more);
  }

  /**
   * What this makes of the week's warm-ups.
   *
   * @param weeks of the whole block
   * @param landings sessions of the week whose warm-up may have contacts
   * @param familiar the only drills to choose from; empty for all
   */
  public TrainingPhase phase(int weeks, int landings, Set<String> familiar) {
    return new TrainingPhase(
        words(weeks),
        week.emphasis().volume(),
        build.top(),
        efforts(),
        landings == 0 ? 0 : contacts / landings,
        doses,
        familiar);
  }

  private String words(int weeks) {
    StringBuilder words =
        new StringBuilder(
            "Week " + week.number() + " of " + weeks + ", " + week.emphasis().words() + ":");
    changes.forEach(c -> words.append(' ').append(c.why()));
    return words.toString();
  }
}
