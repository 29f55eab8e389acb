package dev.jubilee.core.prescription;

import static org.assertj.core.api.Assertions.assertThat;

import dev.jubilee.core.Scenarios;
import dev.jubilee.core.Sweeps;
import dev.jubilee.core.athlete.Athlete;
import dev.jubilee.core.athlete.TestResult;
import dev.jubilee.core.circumstances.Circumstances;
import dev.jubilee.core.circumstances.ComingFrom;
import dev.jubilee.core.circumstances.Conditions;
import dev.jubilee.core.circumstances.Place;
import dev.jubilee.core.drill.WarmUpPart;
import dev.jubilee.core.plan.Plan;
import dev.jubilee.core.plan.PlanItem;
import dev.jubilee.core.plan.PrescriptionRequest;
import dev.jubilee.core.profile.Profiles;
import dev.jubilee.core.session.Session;
import dev.jubilee.core.session.SessionKind;
import dev.jubilee.core.sport.Level;
import dev.jubilee.core.sport.Sport;
import java.time.Duration;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.function.IntFunction;
import java.util.stream.IntStream;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.EnumSource;

/**
 * A minute, a degree, a second of a result more is never another warm-up: raise, build and contacts
 * move a step at a time. How far the largest steps go is told.
 */
class NoCliffsTest {
  private static final List<SessionKind> KINDS =
      List.of(
          SessionKind.EASY,
          SessionKind.THRESHOLD,
          SessionKind.INTERVALS,
          SessionKind.TIME_TRIAL,
          SessionKind.SPRINT);

  /** What may change from one step to the next: s, efforts, points of effort, contacts. */
  private static final int RAISE = 60;

  private static final int EFFORTS = 2;
  private static final double TOP = 5;
  private static final int CONTACTS = 45;

  /** One quantity swept, everything else as usual. */
  private enum Sweep {
    MINUTES(10, 90) {
      @Override
      PrescriptionRequest at(int i, Sport sport, SessionKind kind) {
        return request(usual(sport), session(sport, kind, 0), i, 12, 0);
      }
    },
    /** Beyond these, published limits stop things at a degree; that is meant. */
    DEGREES(-12, 29) {
      @Override
      PrescriptionRequest at(int i, Sport sport, SessionKind kind) {
        return request(usual(sport), session(sport, kind, 0), 40, i, 0);
      }
    },
    MINUTES_OF_WAIT(0, 30) {
      @Override
      PrescriptionRequest at(int i, Sport sport, SessionKind kind) {
        return request(usual(sport), session(sport, kind, 0), 60, 12, i);
      }
    },
    /** From a fast club athlete to a slow one, half a per cent at a time. */
    RESULT(0, 120) {
      @Override
      PrescriptionRequest at(int i, Sport sport, SessionKind kind) {
        return request(result(sport, Math.pow(1.005, i)), session(sport, kind, 0), 40, 12, 0);
      }
    },
    /** Of the first effort, from 10 s to 4 h, three per cent at a time. */
    LENGTH(0, 245) {
      @Override
      PrescriptionRequest at(int i, Sport sport, SessionKind kind) {
        double seconds = 10 * Math.pow(1.03, i);
        return request(usual(sport), session(sport, kind, seconds), 40, 12, 0);
      }
    };

    private final int from;
    private final int until;

    Sweep(int from, int until) {
      this.from = from;
      this.until = until;
    }

    abstract PrescriptionRequest at(int i, Sport sport, SessionKind kind);
  }

  @ParameterizedTest
  @EnumSource(Sweep.class)
  void aStepIsAStep(Sweep sweep) {
    List<String> cliffs = new ArrayList<>();
    int raise = 0;
    int efforts = 0;
    double top = 0;
    int contacts = 0;
    int steps = 0;
    for (Sport sport : Sport.values()) {
      // In a usual run each sport tries some kinds, so that all of both are tried.
      List<SessionKind> kinds = Sweeps.areFull() ? KINDS : two(sport);
      for (SessionKind kind : kinds) {
        IntFunction<Plan> plan = i -> Scenarios.plan(sweep.at(i, sport, kind));
        List<Plan> plans = IntStream.rangeClosed(sweep.from, sweep.until).mapToObj(plan).toList();
        for (int i = 1; i < plans.size(); i++) {
          Plan before = plans.get(i - 1);
          Plan now = plans.get(i);
          int longer = Math.abs(raise(now) - raise(before));
          int more = Math.abs(build(now).size() - build(before).size());
          // The last effort that comes or goes is a step, however high it was.
          boolean areBuilt = !build(now).isEmpty() && !build(before).isEmpty();
          double higher = areBuilt ? Math.abs(top(now) - top(before)) : 0;
          int harder = Math.abs(now.contacts() - before.contacts());
          raise = Math.max(raise, longer);
          efforts = Math.max(efforts, more);
          top = Math.max(top, higher);
          contacts = Math.max(contacts, harder);
          steps++;
          if (longer > RAISE || more > EFFORTS || higher > TOP || harder > CONTACTS) {
            cliffs.add(
                "%s %s at %d: raise %d s, %d efforts, top %.1f, %d contacts"
                    .formatted(sport, kind, sweep.from + i, longer, more, higher, harder));
          }
        }
      }
    }
    System.out.printf(
        "%s, %d steps: at most %d s of raise, %d efforts, %.1f points of top, %d contacts%n",
        sweep, steps, raise, efforts, top, contacts);
    assertThat(cliffs).isEmpty();
  }

  private static List<SessionKind> two(Sport sport) {
    int first = List.of(Sport.values()).indexOf(sport);
    return List.of(KINDS.get(first % KINDS.size()), KINDS.get((first + 2) % KINDS.size()));
  }

  private static int raise(Plan plan) {
    return PlanItem.seconds(plan.in(WarmUpPart.RAISE));
  }

  private static List<PlanItem> build(Plan plan) {
    return plan.in(WarmUpPart.BUILD);
  }

  private static double top(Plan plan) {
    return plan.demand().buildTop().points();
  }

  private static Athlete usual(Sport sport) {
    return result(sport, 1.1);
  }

  /**
   * @param slower times as long as a fast club athlete takes
   */
  private static Athlete result(Sport sport, double slower) {
    TestResult result =
        switch (sport) {
          case RUN -> TestResult.RunRace.of(5000, seconds(1000 * slower));
          case RIDE -> TestResult.ThresholdPower.of((int) Math.round(340 / slower));
          case ROW -> TestResult.Row2k.of(seconds(400 * slower));
          case SWIM -> TestResult.SwimPair.of(seconds(290 * slower), seconds(138 * slower));
        };
    return Athlete.of(Level.INTERMEDIATE, 30).withResults(List.of(result));
  }

  private static Duration seconds(double seconds) {
    return Duration.ofMillis(Math.round(1000 * seconds));
  }

  private static Session session(Sport sport, SessionKind kind, double seconds) {
    return Session.of(sport, kind, "a session")
        .withEffortTime(seconds == 0 ? Optional.empty() : Optional.of(seconds(seconds)));
  }

  private static PrescriptionRequest request(
      Athlete athlete, Session session, int minutes, int temperature, int wait) {
    Place place = Profiles.of(session.sport()).place();
    Conditions conditions = Conditions.USUAL.withWaitMinutes(wait);
    Circumstances circumstances =
        Circumstances.of(
                minutes,
                place,
                Profiles.kitAt(place, session.sport()),
                temperature,
                ComingFrom.MOVING)
            .withConditions(conditions);
    return PrescriptionRequest.of(athlete, session, circumstances);
  }
}
