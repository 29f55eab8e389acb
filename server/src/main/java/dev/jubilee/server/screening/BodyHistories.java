package dev.jubilee.server.screening;

import dev.jubilee.core.checkin.CheckIn;
import dev.jubilee.core.decision.Mark;
import dev.jubilee.core.quantity.Bounds;
import dev.jubilee.core.screening.BodyHistory;
import dev.jubilee.core.screening.Seen;
import dev.jubilee.server.athlete.AthleteRow;
import dev.jubilee.server.athlete.Athletes;
import dev.jubilee.server.checkin.CheckIns;
import dev.jubilee.server.club.ClubTime;
import dev.jubilee.server.logbook.Logbook;
import dev.jubilee.server.prescription.PrescriptionRepository;
import dev.jubilee.server.prescription.PrescriptionRow;
import dev.jubilee.server.session.SessionRow;
import dev.jubilee.server.session.Sessions;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.UUID;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** What check-ins and warm-ups have told of a body, over weeks. */
@Service
public class BodyHistories {
  private static final int MOST_WEEKS = 52;

  private final Athletes athletes;
  private final Sessions sessions;
  private final PrescriptionRepository prescriptions;
  private final CheckIns checkIns;
  private final Logbook logbook;
  private final ClubTime clubTime;

  BodyHistories(
      Athletes athletes,
      Sessions sessions,
      PrescriptionRepository prescriptions,
      CheckIns checkIns,
      Logbook logbook,
      ClubTime clubTime) {
    this.athletes = athletes;
    this.sessions = sessions;
    this.prescriptions = prescriptions;
    this.checkIns = checkIns;
    this.logbook = logbook;
    this.clubTime = clubTime;
  }

  /**
   * Of an athlete.
   *
   * @param weeks to look back, 1 to 52
   */
  @Transactional(readOnly = true)
  public BodyHistoryView of(UUID clubId, UUID athleteId, int weeks) {
    Bounds.within("weeks", weeks, 1, MOST_WEEKS, "weeks");
    AthleteRow athlete = athletes.row(athleteId);
    LocalDate today = clubTime.today(clubId);
    Map<UUID, LocalDate> dates = new HashMap<>();
    for (SessionRow row : sessions.of(athleteId, today.minusWeeks(weeks), today.plusDays(1))) {
      dates.put(row.id(), row.startsAt().toLocalDate());
    }
    List<PrescriptionRow> rows =
        prescriptions.findByAthleteIdAndSessionIdIn(athleteId, dates.keySet());
    List<UUID> ids = rows.stream().map(PrescriptionRow::id).toList();
    Map<UUID, CheckIn> told = checkIns.latest(ids);
    Map<UUID, List<Mark>> marks = logbook.marks(ids);
    List<Seen> seen = new ArrayList<>();
    for (PrescriptionRow row : rows) {
      boolean isKnown = told.containsKey(row.id()) || marks.containsKey(row.id());
      if (isKnown) {
        seen.add(
            Seen.of(
                dates.get(row.sessionId()),
                told.containsKey(row.id()) ? List.of(told.get(row.id())) : List.of(),
                marks.getOrDefault(row.id(), List.of())));
      }
    }
    return BodyHistoryView.of(BodyHistory.of(seen, athletes.profile(athlete).toCore(today)), weeks);
  }
}
