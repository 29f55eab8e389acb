package dev.jubilee.server.prescription;

import dev.jubilee.core.athlete.Athlete;
import dev.jubilee.core.athlete.AthleteBuilder;
import dev.jubilee.core.athlete.TestResult;
import dev.jubilee.core.circumstances.Circumstances;
import dev.jubilee.core.circumstances.ComingFrom;
import dev.jubilee.core.circumstances.Place;
import dev.jubilee.core.library.BuiltInLibrary;
import dev.jubilee.core.plan.PlanSource;
import dev.jubilee.core.plan.PrescriptionRequest;
import dev.jubilee.core.prescription.Prescriber;
import dev.jubilee.core.profile.Profiles;
import dev.jubilee.core.session.Session;
import dev.jubilee.core.session.SessionKind;
import dev.jubilee.core.sport.Level;
import dev.jubilee.core.sport.Sport;
import dev.jubilee.core.warmup.GivenWarmUp;
import dev.jubilee.core.warmup.WarmUp;
import dev.jubilee.server.json.Json;
import dev.jubilee.server.prescription.stored.OutcomeV1;
import dev.jubilee.server.prescription.stored.SnapshotV1;
import java.time.Duration;
import java.util.List;
import java.util.Optional;
import org.springframework.boot.context.event.ApplicationReadyEvent;
import org.springframework.context.event.EventListener;
import org.springframework.stereotype.Component;

/**
 * Prescribes and edits for nobody right after the start. Java runs code slowly until it has run
 * often; a coach's first edits should not be the ones to wait for that.
 */
@Component
class JitWarmer {
  private static final Duration LONGEST = Duration.ofSeconds(12);
  private static final int TIMES = 25;

  private static final List<SessionKind> KINDS =
      List.of(SessionKind.TIME_TRIAL, SessionKind.THRESHOLD);

  private final Json json;

  JitWarmer(Json json) {
    this.json = json;
  }

  @EventListener(ApplicationReadyEvent.class)
  void begin() {
    Thread thread = new Thread(this::compute, "jit-warmer");
    thread.setDaemon(true);
    thread.start();
  }

  private void compute() {
    long end = System.nanoTime() + LONGEST.toNanos();
    Prescriber prescriber = new Prescriber(BuiltInLibrary.get());
    for (int i = 0; i < TIMES; i++) {
      for (Sport sport : Sport.values()) {
        for (SessionKind kind : KINDS) {
          if (System.nanoTime() > end) {
            return;
          }
          prescribe(prescriber, sport, kind, 15 + i);
        }
      }
    }
  }

  /** What an edit does, but for the database. */
  private void prescribe(Prescriber prescriber, Sport sport, SessionKind kind, int minutes) {
    WarmUp warmUp = WarmUp.of(prescriber.prescribe(request(sport, kind, minutes)));
    String stored = json.write(SnapshotV1.of(PlanSource.of(warmUp.plan())));
    json.read(stored, SnapshotV1.class).toCore(warmUp.plan().library());
    GivenWarmUp given = GivenWarmUp.of(warmUp);
    String outcome = json.write(OutcomeV1.of(given));
    json.read(outcome, OutcomeV1.class).toCore(warmUp.plan().items());
    PlanView.of(given);
  }

  private static PrescriptionRequest request(Sport sport, SessionKind kind, int minutes) {
    Place place = Profiles.of(sport).place();
    Athlete athlete =
        AthleteBuilder.builder(Athlete.of(Level.INTERMEDIATE, 30))
            .restingHeartRate(Optional.of(50))
            .maximumHeartRate(Optional.of(190))
            .results(
                List.of(
                    TestResult.RunRace.of(5000, Duration.ofMinutes(20)),
                    TestResult.ThresholdPower.of(250),
                    TestResult.Row2k.of(Duration.ofMinutes(8)),
                    TestResult.SwimPair.of(Duration.ofMinutes(6), Duration.ofSeconds(170))))
            .build();
    return PrescriptionRequest.of(
        athlete,
        Session.of(sport, kind, kind.words()),
        Circumstances.of(minutes, place, place.usualKit(), 6, ComingFrom.DESK));
  }
}
