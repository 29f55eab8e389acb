package dev.jubilee.core.block;

import java.time.LocalDate;
import java.util.Comparator;
import java.util.Optional;

/**
 * The first week back after days away or illness begins lower, the longer the lower. That one steps
 * back is common practice; by how much is a Jubilee modelling choice: up to four days nothing, up
 * to nine a quiet week and a stage of the build, up to twenty a rung and a stage, beyond two of
 * each. Illness counts one class more. What was done before comes back a rung a week.
 */
final class ReturnToTraining implements Rule {
  /** Contacts in a recovery week, of a full one; Jubilee modelling choice. */
  static final double RECOVERY = 0.6;

  private static final int SHORT = 5;
  private static final int MIDDLE = 10;
  private static final int LONG = 21;
  private static final double[] CONTACTS = {1, 0.8, 0.6, 0.5};

  @Override
  public Optional<AthleteWeek> decide(RuleContext s) {
    return s.blockAthlete().interruptions().stream()
        .filter(i -> i.kind() != Interruption.Kind.PAIN && endsBefore(i, s.week()))
        .max(Comparator.comparingInt(ReturnToTraining::severity))
        .filter(i -> severity(i) > 0)
        .map(i -> back(s, i));
  }

  /** The last day is the Sunday before, or early enough to train again in this week. */
  private static boolean endsBefore(Interruption i, Week week) {
    LocalDate eve = week.firstDay().minusDays(1);
    return !i.until().isBefore(eve) && i.until().isBefore(week.lastDay());
  }

  static int severity(Interruption i) {
    int days = i.days();
    int byDays = days < SHORT ? 0 : days < MIDDLE ? 1 : days < LONG ? 2 : 3;
    return i.kind() == Interruption.Kind.ILL && byDays > 0 ? Math.min(3, byDays + 1) : byDays;
  }

  private static AthleteWeek back(RuleContext s, Interruption i) {
    int steps = severity(i) - 1;
    AthleteWeek athleteWeek = s.next();
    String after = "After " + i.days() + " days " + i.kind().words() + ": ";
    athleteWeek =
        athleteWeek.saying(
            Change.of(
                Change.Kind.LESS,
                after
                    + (steps == 0
                        ? "a quiet week."
                        : "back by " + steps + (steps == 1 ? " step." : " steps."))));
    for (String ladder : s.blockAthlete().ladders()) {
      int rung = athleteWeek.rung(ladder);
      int below = Math.max(1, rung - Math.min(steps, most(s, ladder, rung)));
      if (below < rung) {
        String why = s.name(ladder, below) + " instead of " + s.name(ladder, rung) + ".";
        athleteWeek =
            athleteWeek
                .onRung(ladder, below)
                .saying(
                    ChangeBuilder.builder()
                        .kind(Change.Kind.RUNG_DOWN)
                        .ladder(ladder)
                        .from(rung)
                        .to(below)
                        .provisional(false)
                        .why(why)
                        .build());
      } else if (athleteWeek.dose(ladder) > 100) {
        athleteWeek = athleteWeek.withDose(ladder, 100);
      }
    }
    // The first session back is below, even after a few days.
    athleteWeek = lowerBuild(s, athleteWeek, Math.max(1, steps));
    double usual = athleteWeek.isRecovery() ? RECOVERY : 1;
    int contacts = (int) (Math.min(usual, CONTACTS[severity(i)]) * athleteWeek.reference());
    return athleteWeek.withContacts(contacts, contacts);
  }

  /** The build so many stages lower, if there are any. */
  static AthleteWeek lowerBuild(RuleContext s, AthleteWeek athleteWeek, int steps) {
    int stage = s.blockAthlete().indexOf(athleteWeek.stage());
    int lower = Math.max(0, stage - steps);
    if (lower == stage) {
      return athleteWeek;
    }
    BuildStage build = s.blockAthlete().buildStages().get(lower);
    return athleteWeek
        .saying(
            ChangeBuilder.builder()
                .kind(Change.Kind.BUILD_DOWN)
                .ladder("")
                .from(stage)
                .to(lower)
                .provisional(false)
                .why(s.blockAthlete().words(build))
                .build())
        .withBuild(build);
  }

  /**
   * What was climbed in this block is lost first. Speed and landing cost one rung more after a long
   * time; range and strength stay as they were before the block.
   */
  private static int most(RuleContext s, String ladder, int rung) {
    int climbed = Math.max(0, rung - s.before().get(0).rung(ladder));
    return s.isSpecific(ladder) ? climbed + 1 : climbed;
  }
}
