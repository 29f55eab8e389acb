package dev.jubilee.core.learning;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import dev.jubilee.core.Scenarios;
import dev.jubilee.core.athlete.Athlete;
import dev.jubilee.core.athlete.Physique;
import dev.jubilee.core.athlete.PhysiqueBuilder;
import dev.jubilee.core.drill.WarmUpPart;
import dev.jubilee.core.intensity.HeartRate;
import dev.jubilee.core.learning.HeartSighting.Reading;
import dev.jubilee.core.learning.LearnedBody.Observation;
import dev.jubilee.core.plan.Plan;
import dev.jubilee.core.plan.PlanItem;
import dev.jubilee.core.plan.PrescriptionRequest;
import dev.jubilee.core.plan.SimulatedPlan;
import dev.jubilee.core.prescription.TrueReasons;
import dev.jubilee.core.session.SessionKind;
import dev.jubilee.core.sport.Level;
import dev.jubilee.core.sport.Sport;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.Random;
import org.junit.jupiter.api.Test;

/** A body that is known is found again from what its warm-ups show. */
class LearnedBodyTest {
  private static final SessionKind[] KINDS = {
    SessionKind.INTERVALS, SessionKind.THRESHOLD, SessionKind.EASY, SessionKind.TIME_TRIAL
  };

  @Test
  void aMomentIsReadBackAsTheBodyThatMadeIt() {
    int read = 0;
    for (Sport sport : List.of(Sport.RUN, Sport.RIDE, Sport.ROW)) {
      for (SessionKind kind : KINDS) {
        Plan plan = Scenarios.plan(sport, kind, Level.INTERMEDIATE, 35);
        for (double factor = 0.6; factor <= 1.6; factor += 0.2) {
          int seconds = WarmingMoment.expected(plan, factor);
          Optional<WarmingMoment> moment = WarmingMoment.of(plan, seconds);
          if (moment.isPresent()) {
            read++;
            // Where the jacket comes off while one stands about, seconds say little of the body.
            assertThat(WarmingMoment.expected(plan, moment.get().factor()))
                .as("%s %s %.1f", sport, kind, factor)
                .isCloseTo(seconds, within(1));
          }
        }
      }
    }
    assertThat(read).isGreaterThan(40);
  }

  @Test
  void theUsualBodyTakesOffItsJacketAsCoachesSay() {
    // Common practice: a light sweat within the raise, the later the gentler it is.
    for (Sport sport : List.of(Sport.RUN, Sport.RIDE, Sport.ROW)) {
      Plan plan = Scenarios.plan(sport, SessionKind.THRESHOLD, Level.INTERMEDIATE, 35);
      assertThat(WarmingMoment.expected(plan, 1)).as(sport.name()).isBetween(210, 750);
    }
  }

  /**
   * The whole way, for ten thousand made-up athletes: a true body, what it is like that day, the
   * second at which the model takes its jacket off in whichever session, that second read back, and
   * what is believed of the body after each.
   */
  @Test
  void theTrueBodyIsInTheBandFourTimesOfFive() {
    List<Jackets> sessions = new ArrayList<>();
    for (Sport sport : List.of(Sport.RUN, Sport.RIDE, Sport.ROW)) {
      for (SessionKind kind : List.of(SessionKind.THRESHOLD, SessionKind.INTERVALS)) {
        sessions.add(Jackets.of(Scenarios.plan(sport, kind, Level.INTERMEDIATE, 35)));
      }
    }
    Random random = new Random(30);
    int bodies = 10_000;
    int held = 0;
    int drawn = 0;
    int inBand = 0;
    int missing = 0;
    for (int i = 0; i < bodies; i++) {
      double truth = Math.exp(Physique.BODIES_DIFFER * random.nextGaussian());
      List<Observation> seen = new ArrayList<>();
      for (int k = 0; k < 12; k++) {
        double today = truth * Math.exp(LearnedBody.MOMENT_IS_OFF * random.nextGaussian());
        Optional<Observation> moment = sessions.get((i + k) % sessions.size()).seen("" + k, today);
        moment.ifPresent(seen::add);
        missing += moment.isEmpty() ? 1 : 0;
      }
      LearnedBody learned = LearnedBody.of(seen);
      held += learned.held();
      drawn += learned.moments();
      inBand += learned.warming().holds(truth, LearnedBody.BAND) ? 1 : 0;
    }
    System.out.printf(
        "made-up bodies: %.1f %% of bands held, the truth in %.1f %%; %.1f %% without a moment%n",
        100.0 * held / drawn, 100.0 * inBand / bodies, 100.0 * missing / (12.0 * bodies));
    assertThat((double) held / drawn).isBetween(0.78, 0.82);
    assertThat((double) inBand / bodies).isBetween(0.78, 0.82);
  }

  /** When jackets come off in a plan, worked out once for every body and every second. */
  private record Jackets(List<Integer> seconds, List<Optional<WarmingMoment>> moments) {
    private static final double STEP = 0.01;
    private static final int STEPS = 170;

    static Jackets of(Plan plan) {
      List<Integer> seconds = new ArrayList<>();
      for (int i = -STEPS; i <= STEPS; i++) {
        double body = Math.max(Physique.LEAST, Math.min(Physique.MOST, Math.exp(i * STEP)));
        seconds.add(WarmingMoment.expected(plan, body));
      }
      List<Optional<WarmingMoment>> moments = new ArrayList<>();
      for (int s = 0; s <= plan.seconds() + 1; s++) {
        moments.add(WarmingMoment.of(plan, s));
      }
      return new Jackets(seconds, moments);
    }

    Optional<Observation> seen(String key, double today) {
      int step = (int) Math.round(Math.log(today) / STEP);
      int at = seconds.get(Math.max(-STEPS, Math.min(STEPS, step)) + STEPS);
      return at >= moments.size()
          ? Optional.empty()
          : moments.get(at).map(moment -> observed(key, at, moment));
    }
  }

  @Test
  void aRaiseFollowsWhatWasShownAndNotBefore() {
    PrescriptionRequest usual =
        Scenarios.request(Sport.RUN, SessionKind.INTERVALS, Level.INTERMEDIATE, 40);
    int before = raise(Scenarios.plan(usual));
    assertThat(raise(Scenarios.plan(with(usual, quick(3))))).isEqualTo(before);
    Plan shorter = Scenarios.plan(with(usual, quick(11)));
    assertThat(raise(shorter)).isLessThan(before);
    assertThat(TrueReasons.of(shorter))
        .anySatisfy(
            w -> assertThat(w).contains("jacket comes off after 7 min").contains("9 times of 11"));
    assertThat(SimulatedPlan.of(shorter).isWarm()).isTrue();
  }

  @Test
  void aHeartIsReadBackAsItBeats() {
    Random random = new Random(9);
    int near = 0;
    int all = 0;
    for (Sport sport : List.of(Sport.RUN, Sport.RIDE, Sport.ROW)) {
      for (int lag = 25; lag <= 70; lag += 15) {
        for (double level = 0.85; level <= 1.15; level += 0.1) {
          Plan plan =
              Scenarios.plan(
                  with(
                      Scenarios.request(sport, SessionKind.INTERVALS, Level.INTERMEDIATE, 35),
                      PhysiqueBuilder.builder()
                          .warming(1)
                          .spread(Physique.BODIES_DIFFER)
                          .heartLag(lag)
                          .heartLevel(level)
                          .moments(0)
                          .sooner(0)
                          .jacketOff(0)
                          .build()));
          SimulatedPlan simulated = SimulatedPlan.of(plan);
          HeartRate heart = plan.anchors().heart().orElseThrow();
          List<Reading> readings = new ArrayList<>();
          for (int s = 0; s < plan.seconds(); s += 10) {
            double beats = heart.atReserve(simulated.trace().heart(s)) + 3 * random.nextGaussian();
            readings.add(new Reading(s, (int) Math.round(beats)));
          }
          HeartSighting found = HeartSighting.of(plan, readings).orElseThrow();
          all++;
          near +=
              Math.abs(found.lag() - lag) <= 10 && Math.abs(found.level() - level) < 0.05 ? 1 : 0;
        }
      }
    }
    assertThat(near).as("of %d", all).isGreaterThan(all * 8 / 10);
  }

  @Test
  void whatWasNotSeenChangesNothing() {
    assertThat(LearnedBody.of(List.of()).physique()).isEqualTo(Physique.USUAL);
    Observation nothing =
        new Observation("a", Optional.empty(), Optional.empty(), Optional.empty());
    assertThat(LearnedBody.of(List.of(nothing)).physique()).isEqualTo(Physique.USUAL);
  }

  private static Observation observed(String key, int seconds, WarmingMoment moment) {
    return new Observation(key, Optional.of(seconds), Optional.of(moment), Optional.empty());
  }

  private static Physique quick(int moments) {
    return PhysiqueBuilder.builder()
        .warming(0.75)
        .spread(0.1)
        .heartLag(40)
        .heartLevel(1)
        .moments(moments)
        .sooner(Math.max(0, moments - 2))
        .jacketOff(420)
        .build();
  }

  private static PrescriptionRequest with(PrescriptionRequest request, Physique physique) {
    Athlete athlete = request.athlete().withPhysique(physique);
    return PrescriptionRequest.of(athlete, request.session(), request.circumstances());
  }

  private static int raise(Plan plan) {
    return PlanItem.seconds(plan.in(WarmUpPart.RAISE));
  }
}
