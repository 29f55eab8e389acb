package dev.jubilee.server.block.stored;

import com.fasterxml.jackson.annotation.JsonAlias;
import dev.jubilee.core.block.AthleteWeek;
import dev.jubilee.core.block.AthleteWeekBuilder;
import dev.jubilee.core.block.BuildStage;
import dev.jubilee.core.block.Change;
import dev.jubilee.core.block.ChangeBuilder;
import dev.jubilee.core.block.Emphasis;
import dev.jubilee.core.block.Week;
import java.time.LocalDate;
import java.util.List;
import java.util.Map;

/**
 * An athlete's weeks in a block as they are stored; core is free to change.
 *
 * @param weeks in order
 * @param ladders in use, as they are shown
 */
public record AthleteWeeksV1(List<WeekV1> weeks, List<String> ladders) {

  /** A week: where the athlete stands, and what is different from the week before. */
  public record WeekV1(
      DatesV1 week,
      Map<String, Integer> rungs,
      Map<String, Integer> doses,
      BuildV1 build,
      int contacts,
      int reference,
      Map<String, Integer> held,
      List<ChangeV1> changes) {

    static WeekV1 of(AthleteWeek w) {
      Week week = w.week();
      return new WeekV1(
          new DatesV1(week.number(), week.firstDay(), week.emphasis()),
          w.rungs(),
          w.doses(),
          new BuildV1(w.stage().top(), w.stage().efforts()),
          w.contacts(),
          w.reference(),
          w.held(),
          w.changes().stream().map(ChangeV1::of).toList());
    }

    AthleteWeek toCore() {
      return AthleteWeekBuilder.builder()
          .week(new Week(week.number(), week.firstDay(), week.emphasis()))
          .rungs(rungs)
          .doses(doses)
          .stage(new BuildStage(build.top(), build.efforts()))
          .contacts(contacts)
          .reference(reference)
          .held(held)
          .changes(changes.stream().map(ChangeV1::toCore).toList())
          .build();
    }
  }

  /** Which week it is. */
  public record DatesV1(int number, @JsonAlias("monday") LocalDate firstDay, Emphasis emphasis) {}

  /** How high the build goes, and in how many efforts more or fewer than usual. */
  public record BuildV1(double top, int efforts) {}

  /** What changed. */
  public record ChangeV1(
      Change.Kind kind, String ladder, int from, int to, boolean provisional, String why) {

    static ChangeV1 of(Change c) {
      return new ChangeV1(c.kind(), c.ladder(), c.from(), c.to(), c.provisional(), c.why());
    }

    Change toCore() {
      return ChangeBuilder.builder()
          .kind(kind)
          .ladder(ladder)
          .from(from)
          .to(to)
          .provisional(provisional)
          .why(why)
          .build();
    }
  }

  public static AthleteWeeksV1 of(List<AthleteWeek> weeks, List<String> ladders) {
    return new AthleteWeeksV1(weeks.stream().map(WeekV1::of).toList(), ladders);
  }

  public List<AthleteWeek> toCore() {
    return weeks.stream().map(WeekV1::toCore).toList();
  }
}
