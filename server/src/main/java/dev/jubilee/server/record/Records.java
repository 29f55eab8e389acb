package dev.jubilee.server.record;

import dev.jubilee.core.learning.BestOfSession;
import dev.jubilee.core.learning.HeartSighting;
import dev.jubilee.core.learning.LearnedBody;
import dev.jubilee.core.logbook.FollowedRecord;
import dev.jubilee.core.plan.Plan;
import dev.jubilee.core.session.SessionKind;
import dev.jubilee.core.sport.Sport;
import dev.jubilee.server.athlete.Athletes;
import dev.jubilee.server.logbook.FollowedRecords;
import dev.jubilee.server.logbook.WarmUpListener;
import dev.jubilee.server.prescription.PrescriptionRow;
import dev.jubilee.server.prescription.Prescriptions;
import dev.jubilee.server.problem.NotFoundException;
import dev.jubilee.server.record.stored.ByHandV1;
import dev.jubilee.server.record.stored.RecordV1;
import dev.jubilee.server.session.SessionDetails;
import dev.jubilee.server.session.Sessions;
import java.time.Clock;
import java.time.Duration;
import java.time.LocalDateTime;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.UUID;
import org.slf4j.Logger;
import org.slf4j.LoggerFactory;
import org.springframework.data.domain.Limit;
import org.springframework.stereotype.Service;
import org.springframework.transaction.PlatformTransactionManager;
import org.springframework.transaction.annotation.Transactional;
import org.springframework.transaction.support.TransactionTemplate;

/**
 * Every warm-up that was done, a record each: what devices told, and above it what a coach says.
 * With each one the athlete's body is learned anew.
 */
@Service
public class Records implements WarmUpListener {
  private static final Logger LOG = LoggerFactory.getLogger(Records.class);

  /** At once; the rest the next time. */
  private static final int MOST_SETTLED = 60;

  /** More than an athlete does in ten years. */
  private static final int MOST = 5000;

  /** After so long a warm-up is over, whether or not its end was told. */
  private static final Duration OVER = Duration.ofHours(3);

  private final RecordRepository repository;
  private final Prescriptions prescriptions;
  private final Sessions sessions;
  private final Athletes athletes;
  private final FollowedRecords followed;
  private final MeasuredLookup measured;
  private final Clock clock;
  private final TransactionTemplate writing;

  Records(
      RecordRepository repository,
      Prescriptions prescriptions,
      Sessions sessions,
      Athletes athletes,
      FollowedRecords followed,
      MeasuredLookup measured,
      Clock clock,
      PlatformTransactionManager transactions) {
    this.repository = repository;
    this.prescriptions = prescriptions;
    this.sessions = sessions;
    this.athletes = athletes;
    this.followed = followed;
    this.measured = measured;
    this.clock = clock;
    this.writing = new TransactionTemplate(transactions);
  }

  @Override
  public void told(UUID clubId, UUID prescriptionId) {
    try {
      writing.executeWithoutResult(status -> anew(clubId, prescriptionId));
    } catch (RuntimeException e) {
      // It is made when somebody asks for it: see settle.
      LOG.warn("no record of a warm-up that is over: {}", e.getClass().getSimpleName());
    }
  }

  private void anew(UUID clubId, UUID prescriptionId) {
    write(clubId, prescriptionId, find(prescriptionId).flatMap(Kept::byHand));
  }

  /**
   * Makes the records of warm-ups that were begun, whose session began some time ago, and that
   * nobody told the end of, or of which a record was not made when they ended.
   */
  public void settle(UUID clubId, UUID athleteId) {
    repository
        .findUnsettled(athleteId, clock.instant().minus(OVER), Limit.of(MOST_SETTLED))
        .forEach(id -> told(clubId, id));
  }

  /** Keeps what a coach says of a warm-up. */
  @Transactional
  public Kept say(UUID clubId, UUID prescriptionId, ByHandV1 byHand) {
    write(clubId, prescriptionId, Optional.of(byHand));
    return find(prescriptionId).orElseThrow(() -> new NotFoundException("record"));
  }

  /** Writes anew what a recording says, or no longer says. */
  @Transactional
  public void measured(UUID clubId, UUID prescriptionId) {
    anew(clubId, prescriptionId);
  }

  /** Forgets what a coach said; where nobody followed it there is no record then. */
  @Transactional
  public void unsay(UUID clubId, UUID prescriptionId) {
    write(clubId, prescriptionId, Optional.empty());
  }

  private void write(UUID clubId, UUID prescriptionId, Optional<ByHandV1> byHand) {
    PrescriptionRow row = prescriptions.row(prescriptionId);
    FollowedRecords.Followed told = followed.of(prescriptionId);
    boolean isFollowed = told.record().begun().isPresent();
    Optional<MeasuredLookup.Measured> recorded = measured.measured(clubId, prescriptionId);
    if (!isFollowed && byHand.isEmpty() && recorded.isEmpty()) {
      repository.deleteById(prescriptionId);
    } else {
      Plan plan = prescriptions.plan(prescriptionId, told.revision());
      SessionDetails details = sessions.details(sessions.row(row.sessionId()));
      RecordV1 figures = RecordFigures.of(plan, told.record(), byHand, recorded, details.title());
      RecordRow record =
          repository.findById(prescriptionId).orElseGet(() -> new RecordRow(prescriptionId));
      record.write(
          new Kept(
              prescriptionId,
              row.athleteId(),
              row.sessionId(),
              details.startOf(row.athleteId()),
              details.sport(),
              details.kind(),
              figures,
              byHand),
          clock.instant());
      repository.save(record);
    }
    repository.flush();
    athletes.learn(row.athleteId(), body(row.athleteId()).physique());
  }

  /** What an athlete's warm-ups have shown of their body; only what tells of it is read. */
  @Transactional(readOnly = true)
  public LearnedBody body(UUID athleteId) {
    return LearnedBody.of(
        repository.findObserved(athleteId, Limit.of(MOST)).stream()
            .map(Records::observation)
            .toList());
  }

  private static LearnedBody.Observation observation(RecordRepository.Observed seen) {
    return new LearnedBody.Observation(
        seen.prescriptionId().toString(),
        Optional.ofNullable(seen.jacketOff()),
        seen.factor() == null
            ? Optional.empty()
            : Optional.of(new RecordV1.MomentV1(seen.usual(), seen.factor(), seen.most()).toCore()),
        seen.lag() == null
            ? Optional.empty()
            : Optional.of(new HeartSighting(seen.lag(), seen.level())));
  }

  /** The same of records in their order. */
  public static LearnedBody body(List<Kept> records) {
    return LearnedBody.of(
        records.stream()
            .map(
                r ->
                    new LearnedBody.Observation(
                        r.prescriptionId().toString(),
                        Optional.ofNullable(r.figures().jacketOff()),
                        r.figures().momentToCore(),
                        r.figures().heartToCore()))
            .toList());
  }

  /** All of an athlete, in the order of time. */
  @Transactional(readOnly = true)
  public List<Kept> of(UUID athleteId) {
    return kept(
        repository.findByAthleteIdOrderByStartsAtAscPrescriptionIdAsc(athleteId, Limit.of(MOST)));
  }

  /** The last warm-up of an athlete before such a session that is on record. */
  @Transactional(readOnly = true)
  public Optional<UUID> last(UUID athleteId, Sport sport, SessionKind kind) {
    return repository.findLast(athleteId, sport, kind);
  }

  /** All of the club whose session began in a time, in its order. */
  @Transactional(readOnly = true)
  public List<Kept> between(LocalDateTime from, LocalDateTime until) {
    return kept(repository.findBetween(from, until, Limit.of(MOST)));
  }

  private static List<Kept> kept(List<RecordRow> rows) {
    return rows.stream().map(RecordRow::kept).toList();
  }

  /** Of one warm-up, if it was done. */
  @Transactional(readOnly = true)
  public Optional<Kept> find(UUID prescriptionId) {
    return repository.findById(prescriptionId).map(RecordRow::kept);
  }

  /** Which effort of each session since a time was best, by kind of session. */
  @Transactional(readOnly = true)
  public Map<SessionsOfAKind, List<BestOfSession.Session>> bestSince(LocalDateTime since) {
    Map<SessionsOfAKind, List<BestOfSession.Session>> byKind = new LinkedHashMap<>();
    for (RecordRepository.Best best : repository.findBest(since)) {
      byKind
          .computeIfAbsent(new SessionsOfAKind(best.sport(), best.kind()), k -> new ArrayList<>())
          .add(new BestOfSession.Session(best.athleteId().toString(), best.efforts(), best.best()));
    }
    return byKind;
  }

  /** One kind of session in one sport. */
  public record SessionsOfAKind(Sport sport, SessionKind kind) {}

  /** As if a warm-up that nobody recorded had been done as it was planned. */
  @Transactional(readOnly = true)
  public RecordV1 planned(UUID clubId, UUID prescriptionId) {
    PrescriptionRow row = prescriptions.row(prescriptionId);
    Plan plan = prescriptions.plan(prescriptionId, row.currentRevision());
    SessionDetails details = sessions.details(sessions.row(row.sessionId()));
    return RecordFigures.of(
        plan, FollowedRecord.of(List.of()), Optional.empty(), Optional.empty(), details.title());
  }
}
