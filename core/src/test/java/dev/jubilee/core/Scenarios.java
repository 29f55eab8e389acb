package dev.jubilee.core;

import dev.jubilee.core.athlete.Athlete;
import dev.jubilee.core.athlete.AthleteBuilder;
import dev.jubilee.core.athlete.Restriction;
import dev.jubilee.core.athlete.TestResult;
import dev.jubilee.core.circumstances.Circumstances;
import dev.jubilee.core.circumstances.ComingFrom;
import dev.jubilee.core.circumstances.Place;
import dev.jubilee.core.library.BuiltInLibrary;
import dev.jubilee.core.plan.Plan;
import dev.jubilee.core.plan.PrescriptionRequest;
import dev.jubilee.core.prescription.Prescriber;
import dev.jubilee.core.profile.Profiles;
import dev.jubilee.core.session.Session;
import dev.jubilee.core.session.SessionKind;
import dev.jubilee.core.sport.Level;
import dev.jubilee.core.sport.Sport;
import java.time.Duration;
import java.util.List;
import java.util.Optional;

/** Athletes, sessions and circumstances that tests speak of. All invented. */
public final class Scenarios {
  private Scenarios() {}

  public static Athlete athlete(Level level, Restriction... restrictions) {
    return AthleteBuilder.builder(Athlete.of(level, 30))
        .restingHeartRate(Optional.of(55))
        .maximumHeartRate(Optional.of(188))
        .results(results(1))
        .restrictions(List.of(restrictions))
        .build();
  }

  /** Of an athlete so many times as fast, or as strong on the bike. */
  public static List<TestResult> results(double times) {
    return List.of(
        TestResult.RunRace.of(5000, seconds(1200 / times)),
        TestResult.ThresholdPower.of((int) Math.round(240 * times)),
        TestResult.Row2k.of(seconds(480 / times)),
        TestResult.SwimPair.of(seconds(360 / times), seconds(170 / times)));
  }

  private static Duration seconds(double seconds) {
    return Duration.ofMillis(Math.round(1000 * seconds));
  }

  public static Athlete withoutResults(Level level) {
    return Athlete.of(level, 30);
  }

  public static PrescriptionRequest request(
      Athlete athlete, Sport sport, SessionKind kind, int minutes) {
    return PrescriptionRequest.of(
        athlete, session(sport, kind), at(Profiles.of(sport).place(), minutes));
  }

  public static Session session(Sport sport, SessionKind kind) {
    return Session.of(sport, kind, sport + " " + kind.words())
        .withEffortMetres(
            sport == Sport.ROW && kind == SessionKind.TIME_TRIAL
                ? Optional.of(2000.0)
                : Optional.empty());
  }

  public static Circumstances at(Place place, int minutes) {
    return Circumstances.of(minutes, place, place.usualKit(), 15, ComingFrom.MOVING);
  }

  public static PrescriptionRequest request(
      Sport sport, SessionKind kind, Level level, int minutes, Restriction... restrictions) {
    return PrescriptionRequest.of(
        athlete(level, restrictions),
        session(sport, kind),
        at(Profiles.of(sport).place(), minutes));
  }

  public static Plan plan(PrescriptionRequest request) {
    return new Prescriber(BuiltInLibrary.get()).prescribe(request);
  }

  public static Plan plan(Sport sport, SessionKind kind, Level level, int minutes) {
    return plan(request(sport, kind, level, minutes));
  }
}
