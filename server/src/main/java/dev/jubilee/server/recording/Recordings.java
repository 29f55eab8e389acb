package dev.jubilee.server.recording;

import dev.jubilee.core.plan.Plan;
import dev.jubilee.core.quantity.OutOfRangeException;
import dev.jubilee.core.recording.Arrangement;
import dev.jubilee.core.recording.PlannedSteps;
import dev.jubilee.core.recording.RecordedSession;
import dev.jubilee.core.recording.Recording;
import dev.jubilee.core.recording.Recording.Point;
import dev.jubilee.core.recording.Stretches;
import dev.jubilee.core.shorthand.ParseResult;
import dev.jubilee.core.shorthand.Shorthand;
import dev.jubilee.core.shorthand.Timeline;
import dev.jubilee.core.sport.Sport;
import dev.jubilee.server.athlete.Athletes;
import dev.jubilee.server.club.ClubTime;
import dev.jubilee.server.prescription.PrescriptionRow;
import dev.jubilee.server.prescription.Prescriptions;
import dev.jubilee.server.problem.ConflictException;
import dev.jubilee.server.problem.NotFoundException;
import dev.jubilee.server.record.MeasuredLookup;
import dev.jubilee.server.record.stored.RecordV1;
import dev.jubilee.server.recording.stored.RecordingV1.FilesV1;
import dev.jubilee.server.recording.stored.RecordingV1.SeriesV1;
import dev.jubilee.server.recording.stored.RecordingV1.StepsV1;
import dev.jubilee.server.session.SessionDetails;
import dev.jubilee.server.session.Sessions;
import java.time.Clock;
import java.time.Duration;
import java.time.Instant;
import java.time.ZoneId;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import java.util.UUID;
import org.springframework.stereotype.Service;
import org.springframework.transaction.PlatformTransactionManager;
import org.springframework.transaction.annotation.Transactional;
import org.springframework.transaction.support.TransactionTemplate;

/** What devices recorded, read against what was prescribed; all files of one or none. */
@Service
public class Recordings implements MeasuredLookup {
  /** Efforts that are further off than this are another athlete's, most likely. */
  private static final double ANOTHERS = 0.25;

  private static final int LONG_GAP = 600;

  /** No wait before a start is as long, s. */
  private static final int LONG_STANDING = 2400;

  private final RecordingRepository repository;
  private final RecordingFileRepository taken;
  private final Prescriptions prescriptions;
  private final RecordingReader reader;
  private final Sessions sessions;
  private final Athletes athletes;
  private final ClubTime clubTime;
  private final Clock clock;
  private final TransactionTemplate reading;
  private final TransactionTemplate writing;

  Recordings(
      RecordingRepository repository,
      RecordingFileRepository taken,
      RecordingReader reader,
      Prescriptions prescriptions,
      Sessions sessions,
      Athletes athletes,
      ClubTime clubTime,
      Clock clock,
      PlatformTransactionManager transactions) {
    this.repository = repository;
    this.taken = taken;
    this.reader = reader;
    this.prescriptions = prescriptions;
    this.sessions = sessions;
    this.athletes = athletes;
    this.clubTime = clubTime;
    this.clock = clock;
    this.writing = new TransactionTemplate(transactions);
    this.reading = new TransactionTemplate(transactions);
    this.reading.setReadOnly(true);
  }

  /** What a session of an athlete is read against. */
  private record Frame(
      Plan plan, PlannedSteps steps, Instant start, ZoneId zone, Sport sport, String athlete) {}

  private Frame frame(UUID clubId, UUID prescriptionId) {
    PrescriptionRow row = prescriptions.row(prescriptionId);
    Plan plan = prescriptions.plan(prescriptionId, row.currentRevision());
    SessionDetails details = sessions.details(sessions.row(row.sessionId()));
    ZoneId zone = clubTime.zone(clubId);
    ParseResult written = Shorthand.read(details.title(), details.sport());
    List<Timeline.Stretch> session =
        written.isWhole()
            ? Timeline.of(written.outline(), details.kind(), plan.anchors())
            : List.of();
    return new Frame(
        plan,
        PlannedSteps.of(plan, session),
        details.startOf(row.athleteId()).atZone(zone).toInstant(),
        zone,
        details.sport(),
        athletes.row(row.athleteId()).name());
  }

  /**
   * Takes in all files of a recording, or none; what was there before is replaced.
   *
   * @throws OutOfRangeException naming the file and what would be accepted
   * @throws ConflictException where a file was taken in before, naming whose it is
   */
  public RecordingView take(UUID clubId, UUID prescriptionId, List<RecordingFile> files) {
    // A long file is read between two transactions, and holds no connection.
    Frame frame = reading.execute(status -> frame(clubId, prescriptionId));
    List<Parsed> parsed = new ArrayList<>();
    for (int i = 0; i < files.size(); i++) {
      try {
        parsed.add(reader.read(files.get(i), frame.start(), frame.zone(), frame.sport()));
      } catch (OutOfRangeException e) {
        throw e.in("files[" + i + "].");
      }
    }
    parsed.sort(Comparator.comparing(p -> p.points().get(0).at()));
    List<Point> points = parsed.stream().flatMap(p -> p.points().stream()).toList();
    Recording recording = Recording.of(parsed.get(0).sport(), points);
    writing.executeWithoutResult(status -> keep(clubId, prescriptionId, files, recording));
    return reading.execute(status -> one(clubId, prescriptionId));
  }

  private void keep(
      UUID clubId, UUID prescriptionId, List<RecordingFile> files, Recording recording) {
    repository.deleteOf(prescriptionId);
    repository.save(
        new RecordingRow(
            prescriptionId,
            new FilesV1(files.stream().map(RecordingFile::name).toList()),
            SeriesV1.of(recording),
            clock.instant()));
    repository.flush();
    for (RecordingFile file : files) {
      String fingerprint = RecordingReader.fingerprint(file.text());
      taken.findById(fingerprint).ifPresent(other -> refuse(clubId, file, other.prescriptionId()));
      taken.save(new RecordingFileRow(fingerprint, prescriptionId));
    }
    taken.flush();
  }

  private void refuse(UUID clubId, RecordingFile file, UUID other) {
    Frame whose = frame(clubId, other);
    throw new ConflictException(
        "%s was taken in already: it is %s’s of %s."
            .formatted(
                file.name(), whose.athlete(), whose.start().atZone(whose.zone()).toLocalDate()));
  }

  /** A recording as it is stored. */
  private record Stored(FilesV1 files, Recording recording, Optional<StepsV1> stepOf) {}

  private Optional<Stored> stored(UUID prescriptionId) {
    return repository.findById(prescriptionId).map(Recordings::stored);
  }

  private static Stored stored(RecordingRow row) {
    return new Stored(row.files(), row.series().toCore(), row.stepOf());
  }

  private static RecordedSession read(Frame frame, Stored stored) {
    return stored
        .stepOf()
        .map(s -> s.read(frame.steps(), stored.recording()))
        .orElseGet(() -> RecordedSession.of(frame.steps(), stored.recording()));
  }

  /** Of a warm-up, if there is one. */
  @Transactional(readOnly = true)
  public Optional<RecordingView> find(UUID clubId, UUID prescriptionId) {
    prescriptions.row(prescriptionId);
    return stored(prescriptionId)
        .map(
            s -> {
              Frame frame = frame(clubId, prescriptionId);
              RecordedSession read = read(frame, s);
              Instant start = s.recording().start();
              return RecordingView.of(
                  prescriptionId,
                  s.files().names(),
                  start.atZone(frame.zone()).toLocalDateTime(),
                  (int) Duration.between(start, frame.start()).toSeconds(),
                  s.recording(),
                  read,
                  notes(s.recording(), read, frame),
                  s.stepOf().isPresent());
            });
  }

  private RecordingView one(UUID clubId, UUID prescriptionId) {
    return find(clubId, prescriptionId).orElseThrow(() -> new NotFoundException("recording"));
  }

  private static List<String> notes(Recording recording, RecordedSession read, Frame frame) {
    List<String> notes = new ArrayList<>();
    if (recording.missing() > LONG_GAP) {
      notes.add("Nothing was recorded for %d min of it.".formatted(recording.missing() / 60));
    }
    read.stretches().stream()
        .filter(
            s ->
                s.mean() < recording.measure().standing()
                    && s.seconds() - recording.missing() > LONG_STANDING)
        .max(Comparator.comparingInt(Stretches.Stretch::seconds))
        .ifPresent(s -> notes.add("Standing for %d min in one go.".formatted(s.seconds() / 60)));
    if (frame.steps().steps().size() == frame.steps().warmUp()) {
      notes.add("The session is written freely, so that only the warm-up is found.");
    } else if (read.results().isEmpty()) {
      notes.add("None of the session’s efforts was found in it.");
    }
    read.off()
        .filter(off -> Math.abs(off) > ANOTHERS)
        .ifPresent(
            off ->
                notes.add(
                    "Efforts are %d %% %s than prescribed for %s: is it another athlete’s?"
                        .formatted(
                            Math.round(100 * Math.abs(off)),
                            off > 0 ? "faster or harder" : "slower or easier",
                            frame.athlete())));
    return notes;
  }

  /**
   * Keeps where stretches begin and which step each was, as a coach says.
   *
   * @throws OutOfRangeException naming the stretch
   */
  @Transactional
  public RecordingView arrange(UUID clubId, UUID prescriptionId, Arrangement arrangement) {
    RecordingRow row =
        repository.findById(prescriptionId).orElseThrow(() -> new NotFoundException("recording"));
    RecordedSession.of(frame(clubId, prescriptionId).steps(), stored(row).recording(), arrangement);
    row.arrange(new StepsV1(arrangement.stepOf(), arrangement.begins()));
    return one(clubId, prescriptionId);
  }

  /** Goes back to what was found. */
  @Transactional
  public RecordingView asFound(UUID clubId, UUID prescriptionId) {
    repository.findById(prescriptionId).ifPresent(row -> row.arrange(null));
    return one(clubId, prescriptionId);
  }

  /** Takes a recording away, so that its files can be taken in elsewhere. */
  @Transactional
  public void remove(UUID prescriptionId) {
    prescriptions.row(prescriptionId);
    repository.deleteOf(prescriptionId);
  }

  @Override
  @Transactional(readOnly = true)
  public Optional<Measured> measured(UUID clubId, UUID prescriptionId) {
    return stored(prescriptionId)
        .map(
            s -> {
              RecordedSession read = read(frame(clubId, prescriptionId), s);
              RecordV1.Unit unit =
                  s.recording().measure() == Recording.Measure.POWER
                      ? RecordV1.Unit.WATTS
                      : RecordV1.Unit.METRES_PER_SECOND;
              return new Measured(
                  read.gap().isPresent() ? Optional.of(read.gap().getAsInt()) : Optional.empty(),
                  read.results().isEmpty()
                      ? Optional.empty()
                      : Optional.of(new RecordV1.ResultsV1(unit, read.results())));
            });
  }
}
