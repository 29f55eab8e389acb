package dev.jubilee.server.prescription;

import dev.jubilee.core.athlete.Athlete;
import dev.jubilee.core.athlete.TestResult;
import dev.jubilee.core.circumstances.Circumstances;
import dev.jubilee.core.circumstances.ComingFrom;
import dev.jubilee.core.circumstances.Place;
import dev.jubilee.core.edit.Edit;
import dev.jubilee.core.library.BuiltInLibrary;
import dev.jubilee.core.plan.Lock;
import dev.jubilee.core.plan.PlanSource;
import dev.jubilee.core.plan.PrescriptionRequest;
import dev.jubilee.core.prescription.Prescriber;
import dev.jubilee.core.session.Session;
import dev.jubilee.core.session.SessionKind;
import dev.jubilee.core.sport.Level;
import dev.jubilee.core.sport.Sport;
import dev.jubilee.core.warmup.GivenWarmUp;
import dev.jubilee.core.warmup.WarmUp;
import dev.jubilee.server.athlete.AthleteProfile;
import dev.jubilee.server.athlete.Athletes;
import dev.jubilee.server.club.Club;
import dev.jubilee.server.club.ClubRepository;
import dev.jubilee.server.json.Json;
import dev.jubilee.server.prescription.stored.OutcomeV1;
import dev.jubilee.server.prescription.stored.SnapshotV1;
import dev.jubilee.server.session.SessionDetails;
import dev.jubilee.server.session.Sessions;
import dev.jubilee.server.signin.Coach;
import dev.jubilee.server.signin.CoachRepository;
import dev.jubilee.server.signin.SignedIn;
import dev.jubilee.server.tenant.ClubScope;
import java.time.Duration;
import java.time.LocalDate;
import java.time.ZoneOffset;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.UUID;
import org.slf4j.Logger;
import org.slf4j.LoggerFactory;
import org.springframework.boot.context.event.ApplicationReadyEvent;
import org.springframework.context.event.EventListener;
import org.springframework.stereotype.Component;
import org.springframework.transaction.PlatformTransactionManager;
import org.springframework.transaction.TransactionStatus;
import org.springframework.transaction.support.TransactionTemplate;

/**
 * Prescribes and edits for nobody right after the start. Java runs code slowly until it has run
 * often; a coach's first edits should not be the ones to wait for that.
 */
@Component
class JitWarmer {
  private static final Duration LONGEST = Duration.ofSeconds(12);
  private static final int TIMES = 25;
  private static final int EDITS = 6;
  private static final Logger LOG = LoggerFactory.getLogger(JitWarmer.class);

  private static final List<SessionKind> KINDS =
      List.of(SessionKind.TIME_TRIAL, SessionKind.THRESHOLD);

  private final Json json;
  private final ClubRepository clubs;
  private final CoachRepository coaches;
  private final Athletes athletes;
  private final Sessions sessions;
  private final Prescriptions prescriptions;
  private final Drafts drafts;
  private final TransactionTemplate transaction;

  JitWarmer(
      Json json,
      ClubRepository clubs,
      CoachRepository coaches,
      Athletes athletes,
      Sessions sessions,
      Prescriptions prescriptions,
      Drafts drafts,
      PlatformTransactionManager transactions) {
    this.json = json;
    this.clubs = clubs;
    this.coaches = coaches;
    this.athletes = athletes;
    this.sessions = sessions;
    this.prescriptions = prescriptions;
    this.drafts = drafts;
    this.transaction = new TransactionTemplate(transactions);
  }

  @EventListener(ApplicationReadyEvent.class)
  void begin() {
    Thread thread = new Thread(this::warm, "jit-warmer");
    thread.setDaemon(true);
    thread.start();
  }

  private void warm() {
    try {
      UUID clubId = UUID.randomUUID();
      ClubScope.runWithin(
          clubId, () -> transaction.executeWithoutResult(status -> editInVain(status, clubId)));
    } catch (RuntimeException e) {
      LOG.info("No edits were rehearsed: {}", e.getClass().getSimpleName());
    }
    compute();
  }

  /** Edits as they are stored, in a club that nobody ever sees: all of it is rolled back. */
  private void editInVain(TransactionStatus status, UUID clubId) {
    status.setRollbackOnly();
    Club club = clubs.save(new Club(clubId, "Nobody's", ZoneOffset.UTC));
    UUID id = UUID.randomUUID();
    Coach coach =
        coaches.save(new Coach(id, club.id(), id + "@nobody.invalid", "Nobody", "", true));
    SignedIn signedIn = SignedIn.of(coach);
    for (Sport sport : Sport.values()) {
      UUID athlete = UUID.randomUUID();
      athletes.create(club.id(), athlete, profile(sport));
      UUID session = UUID.randomUUID();
      sessions.create(club.id(), session, session(sport, athlete));
      Prescription view = prescriptions.prescribe(signedIn, session, athlete);
      for (int i = 0; i < EDITS; i++) {
        view =
            prescriptions.keep(signedIn, drafts.edited(view.id(), view.revision(), edit(view, i)));
        view = prescriptions.undo(view.id(), view.revision());
        prescriptions.one(view.id());
      }
    }
  }

  private static Edit edit(Prescription view, int turn) {
    String item = view.warmUp().items().get(0).item().id();
    return turn % 2 == 0
        ? new Edit.ChangeLock(item, Lock.DOSE)
        : new Edit.ChangeCircumstances(view.request().circumstances());
  }

  private static AthleteProfile profile(Sport sport) {
    return new AthleteProfile(
        "Nobody",
        sport,
        Level.INTERMEDIATE,
        30,
        null,
        null,
        null,
        null,
        null,
        false,
        null,
        null,
        null,
        null);
  }

  private static SessionDetails session(Sport sport, UUID athlete) {
    return new SessionDetails(
        LocalDate.EPOCH.atStartOfDay(),
        sport,
        SessionKind.TIME_TRIAL,
        "Nobody",
        null,
        null,
        null,
        Place.usual(sport),
        30,
        6,
        ComingFrom.DESK,
        null,
        List.of(athlete),
        List.of());
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
    Place place = Place.usual(sport);
    Athlete athlete =
        new Athlete(
            Level.INTERMEDIATE,
            30,
            Optional.of(50),
            Optional.of(190),
            List.of(
                new TestResult.RunRace(5000, Duration.ofMinutes(20)),
                new TestResult.ThresholdPower(250),
                new TestResult.Row2k(Duration.ofMinutes(8)),
                new TestResult.SwimPair(Duration.ofMinutes(6), Duration.ofSeconds(170))),
            List.of(),
            Set.of(),
            false,
            Map.of());
    return PrescriptionRequest.of(
        athlete,
        new Session(
            sport, kind, kind.words(), Optional.empty(), Optional.empty(), Optional.empty()),
        new Circumstances(minutes, false, place, place.usualKit(), 6, ComingFrom.DESK));
  }
}
