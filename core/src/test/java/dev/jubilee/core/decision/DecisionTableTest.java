package dev.jubilee.core.decision;

import static org.assertj.core.api.Assertions.assertThat;

import dev.jubilee.core.Scenarios;
import dev.jubilee.core.athlete.Restriction.Side;
import dev.jubilee.core.decision.DecisionTable.Entry;
import dev.jubilee.core.plan.Plan;
import dev.jubilee.core.session.SessionKind;
import dev.jubilee.core.sport.BodyRegion;
import dev.jubilee.core.sport.Level;
import dev.jubilee.core.sport.Sport;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.Random;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.EnumSource;

/** A phone that only looks decisions up decides as the rules do, whatever is marked. */
class DecisionTableTest {
  @ParameterizedTest
  @EnumSource(Sport.class)
  void whatIsLookedUpIsWhatTheRulesSay(Sport sport) {
    Random random = new Random(16 + sport.name().length());
    for (SessionKind kind :
        List.of(SessionKind.SPRINT, SessionKind.INTERVALS, SessionKind.EASY, SessionKind.GYM)) {
      Plan plan = Scenarios.plan(sport, kind, Level.INTERMEDIATE, 40);
      DecisionTable table = DecisionTable.of(plan);
      for (int i = 0; i < 400; i++) {
        Checkpoint checkpoint = any(random, Checkpoint.values());
        if (checkpoint.itemIn(plan).isEmpty()) {
          continue;
        }
        List<Mark> earlier = marks(random, any(random, Checkpoint.values()));
        List<Mark> now = marks(random, checkpoint);
        Situation situation = new Situation(plan, checkpoint, earlier);
        assertThat(lookedUp(table, situation, now))
            .as("%s before %s at %s after %s", now, kind, checkpoint, earlier)
            .isEqualTo(Decisions.of(situation, now).answer().kind());
      }
    }
  }

  @ParameterizedTest
  @EnumSource(Sport.class)
  void anAlarmStopsWhateverElseIsMarkedAndWhateverTheSession(Sport sport) {
    Random random = new Random(61);
    for (SessionKind kind : SessionKind.values()) {
      if (!kind.isFor(sport)) {
        continue;
      }
      Plan plan = Scenarios.plan(sport, kind, Level.ADVANCED, 30);
      for (Checkpoint checkpoint : Checkpoint.values()) {
        for (Sign sign : Sign.values()) {
          List<Mark> marks = new ArrayList<>(marks(random, checkpoint));
          marks.add(
              random.nextInt(marks.size() + 1),
              sign.isAlarm() ? Mark.of(sign) : Mark.of(Sign.DIZZY));
          Situation situation =
              new Situation(plan, checkpoint, marks(random, Checkpoint.RAISE_DONE));
          assertThat(Decisions.of(situation, marks).answer()).isInstanceOf(Decision.Stop.class);
        }
      }
    }
  }

  /** As the phone does it: the gravest of what each mark leads to. */
  private static Decision.Kind lookedUp(DecisionTable table, Situation situation, List<Mark> now) {
    Decision.Kind gravest = Decision.Kind.CARRY_ON;
    for (Mark mark : now) {
      for (Entry entry : table.entries()) {
        Decision.Kind kind = table.decisions().get(entry.decision()).answer().kind();
        if (isOf(entry, mark, situation) && kind.compareTo(gravest) > 0) {
          gravest = kind;
        }
      }
    }
    return gravest;
  }

  private static boolean isOf(Entry entry, Mark mark, Situation situation) {
    boolean again =
        situation.earlier().stream()
            .anyMatch(
                m ->
                    m.sign() == mark.sign()
                        && m.region().equals(mark.region())
                        && m.side() == mark.side()
                        && (mark.sign() != Sign.PAIN || m.pain() < mark.pain()));
    return entry.checkpoint() == situation.checkpoint()
        && entry.sign() == mark.sign()
        && entry.region().equals(mark.region())
        && entry.least() <= mark.pain()
        && entry.most() >= mark.pain()
        && entry.onlyFast() == mark.onlyFast()
        && entry.again() == again;
  }

  private static List<Mark> marks(Random random, Checkpoint checkpoint) {
    List<Mark> marks = new ArrayList<>();
    for (int i = random.nextInt(4); i > 0; i--) {
      Sign sign = any(random, Sign.values());
      BodyRegion region = any(random, BodyRegion.values());
      Side side = any(random, Side.values());
      Optional<Mark> mark =
          !sign.isAskedAt(checkpoint) || (sign.isAlarm() && random.nextInt(3) > 0)
              ? Optional.empty()
              : Optional.of(
                  switch (sign) {
                    case TIGHT -> Mark.tight(region, side);
                    case PAIN ->
                        Mark.pain(region, side, 1 + random.nextInt(10), random.nextBoolean());
                    default -> Mark.of(sign);
                  });
      mark.ifPresent(marks::add);
    }
    return marks;
  }

  private static <T> T any(Random random, T[] of) {
    return of[random.nextInt(of.length)];
  }
}
