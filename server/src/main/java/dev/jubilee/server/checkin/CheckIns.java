package dev.jubilee.server.checkin;

import dev.jubilee.core.checkin.CheckIn;
import dev.jubilee.core.checkin.CheckInProposal;
import dev.jubilee.core.checkin.TodaysChange;
import dev.jubilee.core.quantity.OutOfRangeException;
import dev.jubilee.server.athlete.AthleteRow;
import dev.jubilee.server.athlete.Athletes;
import dev.jubilee.server.checkin.CheckInView.ProposedView;
import dev.jubilee.server.checkin.CheckInView.State;
import dev.jubilee.server.club.ClubTime;
import dev.jubilee.server.handover.ShareLinks;
import dev.jubilee.server.handover.ShareLinks.Link;
import dev.jubilee.server.prescription.Draft;
import dev.jubilee.server.prescription.Drafts;
import dev.jubilee.server.prescription.PrescriptionRow;
import dev.jubilee.server.prescription.Prescriptions;
import dev.jubilee.server.prescription.Previews;
import dev.jubilee.server.problem.ConflictException;
import dev.jubilee.server.problem.NotFoundException;
import dev.jubilee.server.session.SessionDetails;
import dev.jubilee.server.session.SessionView;
import dev.jubilee.server.session.Sessions;
import dev.jubilee.server.signin.CoachRepository;
import dev.jubilee.server.signin.SignedIn;
import io.swagger.v3.oas.annotations.media.Schema;
import java.time.Clock;
import java.time.Duration;
import java.time.Instant;
import java.time.LocalDate;
import java.time.LocalDateTime;
import java.time.ZoneId;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.HashMap;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.UUID;
import org.springframework.stereotype.Service;
import org.springframework.transaction.PlatformTransactionManager;
import org.springframework.transaction.support.TransactionTemplate;

/** What athletes tell before a session, and what coaches make of it. */
@Service
public class CheckIns {
  /** Told so often of one warm-up, something is wrong. */
  private static final int MOST = 50;

  /** After the start it is kept for the record; after a day it is another day's. */
  private static final Duration ANOTHER_DAY = Duration.ofHours(20);

  private final CheckInRepository stored;
  private final ShareLinks links;
  private final Prescriptions prescriptions;
  private final Drafts drafts;
  private final Previews previews;
  private final Sessions sessions;
  private final Athletes athletes;
  private final ClubTime clubTime;
  private final CoachRepository coaches;
  private final TransactionTemplate writing;
  private final Clock clock;

  CheckIns(
      CheckInRepository stored,
      ShareLinks links,
      Prescriptions prescriptions,
      Drafts drafts,
      Previews previews,
      Sessions sessions,
      Athletes athletes,
      ClubTime clubTime,
      CoachRepository coaches,
      Clock clock,
      PlatformTransactionManager transactions) {
    this.stored = stored;
    this.links = links;
    this.prescriptions = prescriptions;
    this.drafts = drafts;
    this.previews = previews;
    this.sessions = sessions;
    this.athletes = athletes;
    this.clubTime = clubTime;
    this.coaches = coaches;
    this.clock = clock;
    this.writing = new TransactionTemplate(transactions);
  }

  /**
   * What an athlete is told of their own check-in.
   *
   * @param state null where there is none
   * @param isHeld whether they are to speak with their coach before anything else
   */
  public record Standing(@Schema(nullable = true) State state, boolean isHeld) {}

  /**
   * Takes what an athlete tells; the same told twice is told once.
   *
   * @param id made by the device
   * @param toldAt by its clock
   * @throws NotFoundException if the link leads nowhere
   * @throws ConflictException if it is of another day, or the session was removed
   */
  public Standing tell(String token, UUID id, Instant toldAt, CheckIn told) {
    return writing.execute(
        status -> {
          Link link = links.follow(token);
          prescriptions.requireOnCalendar(link.prescriptionId());
          prescriptions.lock(link.prescriptionId());
          if (stored.findById(id).isEmpty()) {
            store(link, id, toldAt, told);
          }
          return standing(link);
        });
  }

  /** Keeps what was told before a session that is over; nothing follows from it any more. */
  public void remember(UUID prescriptionId, Instant toldAt, CheckIn told) {
    writing.executeWithoutResult(
        status ->
            stored.save(
                new CheckInRow(
                    UUID.randomUUID(), prescriptionId, toldAt, toldAt, told, State.NOTHING)));
  }

  private void store(Link link, UUID id, Instant toldAt, CheckIn told) {
    if (stored.countByPrescriptionId(link.prescriptionId()) >= MOST) {
      throw new OutOfRangeException(
          "check-in", "another", "at most " + MOST + " for one warm-up; speak with your coach");
    }
    ZoneId zone = zone(link.clubId());
    Instant now = clock.instant();
    LocalDateTime start = prescriptions.startsAt(link.prescriptionId());
    Duration late = Duration.between(start.atZone(zone).toInstant(), now);
    if (late.compareTo(ANOTHER_DAY) > 0) {
      throw new ConflictException("This session is over. Check in for the next one.");
    }
    boolean isLate = late.compareTo(Duration.ZERO) > 0 && !told.needsTheCoachFirst();
    if (!isLate) {
      stored.supersede(link.prescriptionId());
    }
    State state =
        isLate
            ? State.LATE
            : isHeld(link.prescriptionId()) || !isWell(link, told) ? State.OPEN : State.NOTHING;
    stored.saveAndFlush(
        new CheckInRow(id, link.prescriptionId(), clampedToNow(toldAt, now), now, told, state));
  }

  /** Whether there is nothing to change, and nothing to read. */
  private boolean isWell(Link link, CheckIn told) {
    CheckInProposal proposal =
        CheckInProposal.of(told, prescriptions.request(link.prescriptionId()));
    return !proposal.coachFirst()
        && proposal.changes().isEmpty()
        && proposal.notes().isEmpty()
        && told.word().isBlank();
  }

  private static Instant clampedToNow(Instant toldAt, Instant now) {
    boolean isThinkable = toldAt.isBefore(now) && toldAt.isAfter(now.minus(Duration.ofDays(2)));
    return isThinkable ? toldAt : now;
  }

  /** How an athlete's own check-in stands. */
  public Standing standing(String token) {
    return standing(links.follow(token));
  }

  private Standing standing(Link link) {
    return new Standing(
        stored
            .findFirstByPrescriptionIdOrderByReceivedAtDesc(link.prescriptionId())
            .map(CheckInRow::state)
            .orElse(null),
        isHeld(link.prescriptionId()));
  }

  /** Whether a warm-up waits until the coach has spoken with the athlete. */
  public boolean isHeld(UUID prescriptionId) {
    return stored.isHeld(prescriptionId);
  }

  /** What was told of a day's sessions, the latest of each warm-up. */
  public List<CheckInView> of(UUID clubId, LocalDate date) {
    List<SessionView> day = sessions.between(clubId, date, date);
    List<UUID> ids =
        day.stream()
            .flatMap(s -> s.warmUps().stream())
            .map(SessionView.WarmUp::prescriptionId)
            .toList();
    Set<UUID> seen = new HashSet<>();
    // What came after the start does not hide what came before it.
    return stored.findOf(ids).stream()
        .sorted(Comparator.comparing((CheckInRow told) -> told.state() == State.LATE))
        .filter(told -> seen.add(told.prescriptionId()))
        .map(told -> view(clubId, told))
        .toList();
  }

  /** What was told last, before the start, of each of some warm-ups. */
  public Map<UUID, CheckIn> latest(List<UUID> prescriptionIds) {
    Map<UUID, CheckIn> latest = new HashMap<>();
    stored
        .findOf(prescriptionIds)
        .forEach(told -> latest.putIfAbsent(told.prescriptionId(), told.answers()));
    return latest;
  }

  public CheckInView one(UUID clubId, UUID id) {
    return view(clubId, find(id));
  }

  private CheckInRow find(UUID id) {
    return stored.findDecided(id).orElseThrow(CheckIns::notFound);
  }

  private static NotFoundException notFound() {
    return new NotFoundException("check-in");
  }

  /** What changes would make of the plan; where none are given, those that are proposed. */
  public Previews.Differences differences(UUID id, List<TodaysChange> changes) {
    return previews.differences(find(id).prescriptionId(), changes);
  }

  /**
   * Takes changes over; they become a revision of the plan.
   *
   * @throws ConflictException if someone else has decided, the athlete told anew, or the plan was
   *     changed meanwhile
   */
  public CheckInView take(SignedIn coach, UUID id, int baseRevision, List<TodaysChange> changes) {
    CheckInRow told = find(id);
    if (isHeld(told.prescriptionId())) {
      throw new ConflictException(
          "Speak with the athlete first, and release the warm-up; then prescribe by hand.");
    }
    Optional<Draft> draft =
        changes.isEmpty()
            ? Optional.empty()
            : Optional.of(drafts.today(told.prescriptionId(), baseRevision, changes));
    writing.executeWithoutResult(
        status -> {
          decide(coach, id, State.TAKEN, changes);
          draft.ifPresent(d -> prescriptions.keep(coach, d));
        });
    return one(coach.clubId(), id);
  }

  /** One of several that were taken over at once. */
  public record TakenAtOnce(UUID id, boolean isTaken, @Schema(nullable = true) String whyNot) {}

  /** Takes over what is proposed for several; each by itself, so that one does not stop others. */
  public List<TakenAtOnce> takeAll(SignedIn coach, List<UUID> ids) {
    List<TakenAtOnce> all = new ArrayList<>();
    for (UUID id : ids) {
      try {
        CheckInView view = one(coach.clubId(), id);
        List<TodaysChange> changes =
            view.proposed().stream().map(p -> p.change().toCore()).toList();
        take(coach, id, view.baseRevision(), changes);
        all.add(new TakenAtOnce(id, true, null));
      } catch (ConflictException | NotFoundException | OutOfRangeException e) {
        all.add(new TakenAtOnce(id, false, e.getMessage()));
      }
    }
    return all;
  }

  /** Leaves the plan as it is; a warm-up that waits goes on waiting. */
  public CheckInView refuse(SignedIn coach, UUID id) {
    return writing.execute(
        status -> {
          decide(coach, id, State.REFUSED, List.of());
          return one(coach.clubId(), id);
        });
  }

  /** The coach has spoken with the athlete: the warm-up may be followed as it is. */
  public CheckInView release(SignedIn coach, UUID id) {
    return writing.execute(
        status -> {
          decide(coach, id, State.RELEASED, List.of());
          return one(coach.clubId(), id);
        });
  }

  private void decide(SignedIn coach, UUID id, State state, List<TodaysChange> changes) {
    CheckInRow told = stored.lock(id).orElseThrow(CheckIns::notFound);
    if (told.state() != State.OPEN) {
      throw new ConflictException(
          "Someone has decided on this in the meantime, or the athlete told anew. Load again.");
    }
    told.decide(state, coaches.getReferenceById(coach.coachId()), clock.instant(), changes);
    stored.flush();
  }

  private CheckInView view(UUID clubId, CheckInRow told) {
    PrescriptionRow row = prescriptions.row(told.prescriptionId());
    SessionDetails details = sessions.details(sessions.row(row.sessionId()));
    AthleteRow athlete = athletes.row(row.athleteId());
    ZoneId zone = zone(clubId);
    CheckInProposal proposal =
        CheckInProposal.of(told.answers(), prescriptions.request(told.prescriptionId()));
    return new CheckInView(
        told.getId(),
        told.prescriptionId(),
        row.athleteId(),
        athletes.profile(athlete).name(),
        row.sessionId(),
        details.title(),
        details.startOf(row.athleteId()),
        row.currentRevision(),
        told.toldAt().atZone(zone).toOffsetDateTime(),
        CheckInInput.of(told.answers()),
        told.state(),
        isHeld(told.prescriptionId()),
        proposal.changes().stream().map(ProposedView::of).toList(),
        proposal.notes(),
        told.decidedBy().orElse(null),
        told.decidedAt().map(at -> at.atZone(zone).toOffsetDateTime()).orElse(null));
  }

  private ZoneId zone(UUID clubId) {
    return clubTime.zone(clubId);
  }
}
