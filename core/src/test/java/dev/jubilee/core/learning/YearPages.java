package dev.jubilee.core.learning;

import dev.jubilee.core.Scenarios;
import dev.jubilee.core.drill.WarmUpPart;
import dev.jubilee.core.learning.LearnedBody.Observation;
import dev.jubilee.core.learning.WorkingRange.Measure;
import dev.jubilee.core.logbook.Counts;
import dev.jubilee.core.plan.Plan;
import dev.jubilee.core.plan.PlanItem;
import dev.jubilee.core.plan.PrescriptionRequest;
import dev.jubilee.core.prescription.TrueReasons;
import dev.jubilee.core.session.SessionKind;
import dev.jubilee.core.sport.Level;
import dev.jubilee.core.sport.Sport;
import java.util.ArrayList;
import java.util.EnumMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import java.util.Random;

/** A year of one made-up runner, a session of intervals each week: what was learned when. */
public final class YearPages {
  private static final int WEEKS = 52;

  /** Their muscles take so much of the usual time. */
  private static final double WARMS_IN = 0.72;

  /** Of the question that is tried from the twentieth week on. */
  private static final Question QUESTION =
      new Question(4, 2, Question.Measure.BEST_EFFORT, 8, 1918);

  private static final int ASKED_IN = 20;

  private YearPages() {}

  /** The year as text. */
  public static String text() {
    Random chance = new Random(52);
    StringBuilder text =
        new StringBuilder(
            "\n# One athlete’s year\n\nMade up: an intermediate runner whose muscles warm in less than"
                + " three quarters of the usual time,\none session of intervals a week. What was"
                + " learned when, and what changed because of it; computed\nanew in every build.\n\n```\n");
    List<Observation> seen = new ArrayList<>();
    List<Map<Measure, Double>> records = new ArrayList<>();
    List<Question.Turn> turns = new ArrayList<>();
    List<BestOfSession.Session> bests = new ArrayList<>();
    int lastRaise = 0;
    for (int week = 1; week <= WEEKS; week++) {
      LearnedBody learned = LearnedBody.of(seen);
      PrescriptionRequest usual =
          Scenarios.request(Sport.RUN, SessionKind.INTERVALS, Level.INTERMEDIATE, 40);
      PrescriptionRequest request =
          PrescriptionRequest.of(
              usual.athlete().withPhysique(learned.physique()),
              usual.session(),
              usual.circumstances());
      int turn = week - ASKED_IN + 1;
      boolean isTurn = turn >= 1 && turn <= QUESTION.turns();
      Plan plan = Scenarios.plan(isTurn ? request.withEfforts(QUESTION.efforts(turn)) : request);
      int raise = PlanItem.seconds(plan.in(WarmUpPart.RAISE));
      if (raise != lastRaise) {
        say(text, week, "raise of %d:%02d%s", raise / 60, raise % 60, why(plan));
        lastRaise = raise;
      }
      record(plan, chance, week, seen, records);
      int efforts = plan.in(WarmUpPart.BUILD).size();
      int best = (int) Math.max(1, Math.round(6 - 0.9 * efforts + 0.8 * chance.nextGaussian()));
      bests.add(new BestOfSession.Session("runner", efforts, best));
      if (isTurn) {
        turns.add(new Question.Turn(turn, Optional.of((double) best)));
      }
      told(text, week, seen, records);
      asked(text, week, turns);
    }
    for (BestOfSession.Known known : BestOfSession.of(bests).of("runner")) {
      say(
          text,
          WEEKS,
          "with %d graded efforts the best came at effort %.1f ± %.1f (%d sessions)",
          known.efforts(),
          known.mean(),
          known.spread(),
          known.sessions());
    }
    return text.append("```\n").toString();
  }

  private static void record(
      Plan plan,
      Random chance,
      int week,
      List<Observation> seen,
      List<Map<Measure, Double>> records) {
    double today = WARMS_IN * Math.exp(0.35 * chance.nextGaussian());
    int jacket = WarmingMoment.expected(plan, Math.max(0.4, Math.min(2.5, today)));
    seen.add(
        new Observation(
            "week " + week, Optional.of(jacket), WarmingMoment.of(plan, jacket), Optional.empty()));
    Counts counts = Counts.planned(plan);
    Map<Measure, Double> measures = new EnumMap<>(Measure.class);
    measures.put(Measure.EFFORTS, (double) counts.efforts());
    measures.put(Measure.DRILLS, (double) counts.drills());
    measures.put(Measure.MINUTES, counts.total() / 60.0);
    measures.put(Measure.WAIT, 5 + 2 * Math.abs(chance.nextGaussian()));
    records.add(measures);
  }

  private static void told(
      StringBuilder text, int week, List<Observation> seen, List<Map<Measure, Double>> records) {
    if (week == 1 || week == 3 || week == 6 || week == 12 || week == 30 || week == WEEKS) {
      LearnedBody body = LearnedBody.of(seen);
      say(
          text,
          week,
          "muscles warm in %.0f %% of the usual time, four of five sure of %.0f to %.0f; %d of %d"
              + " bands held",
          100 * body.warming().median(),
          100 * body.warming().quantile(0.1),
          100 * body.warming().quantile(0.9),
          body.held(),
          body.moments());
    }
    WorkingRange range = WorkingRange.of(records);
    if (week == WorkingRange.ENOUGH || week == WEEKS) {
      WorkingRange.Usual wait = range.usual().get(Measure.WAIT);
      say(
          text,
          week,
          "used to waiting %.1f min (median between %.1f and %.1f with %.0f %%), four of five from"
              + " %.1f to %.1f",
          wait.median(),
          wait.sure().low(),
          wait.sure().high(),
          100 * wait.sure().level(),
          wait.low(),
          wait.high());
    }
  }

  private static void asked(StringBuilder text, int week, List<Question.Turn> turns) {
    if (week == ASKED_IN) {
      say(text, week, "asked: four or two graded efforts? Eight pairs, drawn by chance");
    }
    if (week == ASKED_IN + QUESTION.turns() - 1) {
      Question.Answer answer = QUESTION.answer(turns).orElseThrow();
      say(
          text,
          week,
          "answered: with four the best came %.1f efforts sooner, between %.1f and %.1f with %.0f %%;"
              + " chance alone does as much in %.1f %%",
          -answer.mean(),
          -answer.interval().high(),
          -answer.interval().low(),
          100 * answer.interval().level(),
          100 * answer.surprise());
    }
  }

  private static String why(Plan plan) {
    return TrueReasons.of(plan).stream()
        .filter(w -> w.contains("jacket"))
        .map(w -> ": " + w)
        .findFirst()
        .orElse("");
  }

  private static void say(StringBuilder text, int week, String words, Object... figures) {
    text.append(String.format(Locale.ROOT, "week %2d  ", week))
        .append(String.format(Locale.ROOT, words, figures))
        .append('\n');
  }
}
