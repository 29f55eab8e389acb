package dev.jubilee.core.block;

import dev.jubilee.core.Scenarios;
import dev.jubilee.core.plan.Plan;
import dev.jubilee.core.session.SessionKind;
import dev.jubilee.core.sport.Level;
import dev.jubilee.core.sport.Sport;
import java.util.List;

/** The example of a block, as docs/examples.md prints it. */
public final class BlockPages {
  private static final int SECONDS = 60;

  private BlockPages() {}

  /** Twelve weeks of one runner, two kinds of session. */
  public static String text() {
    Blocks.Outcome outcome =
        Blocks.outcome(
            TrainingBlock.of(Blocks.START, Blocks.RACE),
            Scenarios.athlete(Level.INTERMEDIATE),
            Sport.RUN,
            Blocks.START,
            List.of(),
            List.of(),
            List.of());
    StringBuilder text = new StringBuilder();
    text.append("## Twelve weeks\n\n");
    text.append(
        "One runner, intermediate, twelve weeks to a race on a Saturday, 35 min to warm up.\n");
    text.append("What goes up, and the warm-ups of two sessions a week.\n\n");
    text.append("| week | emphasis | this week | contacts at most |\n|---|---|---|---|\n");
    for (AthleteWeek athleteWeek : outcome.athleteWeeks()) {
      text.append("| ").append(athleteWeek.week().number());
      text.append(" | ").append(athleteWeek.week().emphasis().words()).append(" | ");
      athleteWeek.changes().forEach(c -> text.append(c.why()).append(' '));
      text.append("| ").append(athleteWeek.contacts()).append(" |\n");
    }
    kind(text, outcome, SessionKind.INTERVALS);
    kind(text, outcome, SessionKind.SPRINT);
    return text.toString();
  }

  private static void kind(StringBuilder text, Blocks.Outcome outcome, SessionKind kind) {
    text.append("\n### Before ").append(kind.words()).append("\n\n");
    text.append("| week | min | drills | graded efforts | top, % | contacts | since last time |\n");
    text.append("|---|---|---|---|---|---|---|\n");
    for (Prescribed p : outcome.prescribed()) {
      if (p.planned().session().kind() != kind) {
        continue;
      }
      Plan plan = p.plan();
      int week = outcome.block().weekOf(p.planned().date()).orElseThrow().number();
      text.append("| ").append(week);
      text.append(" | ").append(Math.round(plan.seconds() / (float) SECONDS));
      text.append(" | ").append(p.drills());
      text.append(" | ").append(p.efforts());
      text.append(" | ").append(p.top());
      text.append(" | ").append(plan.contacts());
      text.append(" | ").append(String.join("; ", p.changes())).append(" |\n");
    }
  }
}
