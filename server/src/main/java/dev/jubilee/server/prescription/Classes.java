package dev.jubilee.server.prescription;

import dev.jubilee.core.approach.Approach;
import dev.jubilee.core.athlete.Athlete;
import dev.jubilee.core.circumstances.Circumstances;
import dev.jubilee.core.circumstances.Conditions;
import dev.jubilee.core.edit.Routine;
import dev.jubilee.core.plan.PrescriptionRequest;
import dev.jubilee.core.sport.Level;
import dev.jubilee.core.warmup.GivenItem;
import dev.jubilee.core.warmup.WarmUp;
import dev.jubilee.server.approach.Approaches;
import dev.jubilee.server.athlete.Athletes;
import dev.jubilee.server.drill.Libraries;
import dev.jubilee.server.prescription.ClassView.ClassMember;
import dev.jubilee.server.prescription.ClassView.ClassRow;
import dev.jubilee.server.prescription.ClassView.ClassVersion;
import dev.jubilee.server.problem.ConflictException;
import dev.jubilee.server.session.SessionDetails;
import dev.jubilee.server.session.SessionRow;
import dev.jubilee.server.session.Sessions;
import dev.jubilee.server.signin.SignedIn;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.HashMap;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.UUID;
import org.springframework.stereotype.Service;

/** Makes one class of those who are there: the same skeleton, each on their own rung. */
@Service
public class Classes {
  /** From so many on nobody runs lengths in a small room; common practice. */
  private static final int MANY = 8;

  /** Straights that are short for many, m, and what is left of them; common practice. */
  private static final int SHORT_LANE = 20;

  private static final int SIDE_TO_SIDE = 4;
  private static final int MOST_OF_A_GROUP = 60;
  private static final int GROWN_UP = 30;

  private final Sessions sessions;
  private final Athletes athletes;
  private final Approaches approaches;
  private final Libraries libraries;
  private final Prescriptions prescriptions;
  private final Drafts drafts;
  private final SquadSheets sheets;

  Classes(
      Sessions sessions,
      Athletes athletes,
      Approaches approaches,
      Libraries libraries,
      Prescriptions prescriptions,
      Drafts drafts,
      SquadSheets sheets) {
    this.sessions = sessions;
    this.athletes = athletes;
    this.approaches = approaches;
    this.libraries = libraries;
    this.prescriptions = prescriptions;
    this.drafts = drafts;
    this.sheets = sheets;
  }

  /**
   * Gives all who take part the drills of one warm-up, each on their own rung; what somebody may
   * not do is replaced by the most alike.
   *
   * @throws ConflictException where nobody takes part
   */
  public ClassView make(SignedIn coach, UUID sessionId) {
    SessionDetails details = sessions.details(sessions.onCalendar(sessionId));
    List<UUID> there = details.athleteIds();
    if (there.isEmpty()) {
      throw new ConflictException("Nobody takes part yet. Say who is there first.");
    }
    Circumstances room = room(details, there.size());
    Approach approach = approaches.of(coach);
    Routine skeleton = skeleton(coach, details, there, room, approach);
    for (UUID athlete : there) {
      Prescription own = prescriptions.prescribe(coach, sessionId, athlete);
      prescriptions.keep(coach, drafts.asOneClass(own.id(), own.revision(), room, skeleton));
    }
    return of(coach.clubId(), sessionId);
  }

  /** Where many share a small room, nobody travels. */
  private static Circumstances room(SessionDetails details, int count) {
    Circumstances usual = details.circumstances();
    int lane = usual.lane().metres() > 0 ? (int) usual.lane().metres() : SHORT_LANE;
    Conditions conditions =
        usual.conditions().withGroup(Math.max(1, Math.min(MOST_OF_A_GROUP, count)));
    return usual.with(
        count >= MANY && lane <= SHORT_LANE
            ? conditions.withLane(Optional.of(Math.min(lane, SIDE_TO_SIDE)))
            : conditions);
  }

  /** For somebody in the middle of the class, whom nothing ails. */
  private Routine skeleton(
      SignedIn coach,
      SessionDetails details,
      List<UUID> there,
      Circumstances room,
      Approach approach) {
    List<Level> levels =
        there.stream().map(id -> athletes.profile(athletes.row(id)).level()).sorted().toList();
    Athlete middle = Athlete.of(levels.get((levels.size() - 1) / 2), GROWN_UP);
    PrescriptionRequest request =
        PrescriptionRequest.of(middle, details.toCore(), room).with(approach);
    return Routine.of(WarmUp.prescribed(request, libraries.of(coach.clubId())).plan());
  }

  /** The class as it stands. */
  public ClassView of(UUID clubId, UUID sessionId) {
    SessionRow session = sessions.onCalendar(sessionId);
    SquadSheet sheet = sheets.of(clubId, sessionId);
    Map<UUID, Map<String, GivenItem>> items = new HashMap<>();
    List<ClassMember> members = new ArrayList<>();
    for (SquadSheet.Column column : sheet.columns()) {
      members.add(
          new ClassMember(
              column.athleteId(), column.prescriptionId(), column.name(), column.level()));
      Map<String, GivenItem> own = new HashMap<>();
      prescriptions
          .one(column.prescriptionId())
          .warmUp()
          .items()
          .forEach(given -> own.put(given.item().id(), given));
      items.put(column.athleteId(), own);
    }
    List<ClassRow> rows = sheet.rows().stream().map(row -> row(row, sheet, items)).toList();
    return new ClassView(
        sessionId,
        session.version(),
        sessions.details(session),
        members,
        rows,
        !members.isEmpty() && isOne(sheet));
  }

  /** Nearly all do nearly everything: what was replaced for one is a row of its own. */
  private static boolean isOne(SquadSheet sheet) {
    long shared =
        sheet.rows().stream()
            .filter(
                row ->
                    2 * row.cells().stream().filter(c -> !c.itemId().isEmpty()).count()
                        > row.cells().size())
            .count();
    return 3 * shared >= 2L * sheet.rows().size();
  }

  private static ClassRow row(
      SquadSheet.Row row, SquadSheet sheet, Map<UUID, Map<String, GivenItem>> items) {
    Map<String, List<UUID>> who = new LinkedHashMap<>();
    Map<String, GivenItem> what = new HashMap<>();
    int seconds = 0;
    for (int i = 0; i < sheet.columns().size(); i++) {
      SquadSheet.Cell cell = row.cells().get(i);
      UUID athlete = sheet.columns().get(i).athleteId();
      GivenItem item = items.get(athlete).get(cell.itemId());
      if (item != null) {
        String version = item.item().name() + " " + item.item().dose().words().text();
        who.computeIfAbsent(version, k -> new ArrayList<>()).add(athlete);
        what.putIfAbsent(version, item);
        seconds = Math.max(seconds, cell.seconds());
      }
    }
    List<ClassVersion> versions =
        who.entrySet().stream()
            .sorted(Comparator.comparing(e -> -e.getValue().size()))
            .map(
                e ->
                    new ClassVersion(
                        what.get(e.getKey()).item().name(),
                        what.get(e.getKey()).item().dose().words(),
                        what.get(e.getKey()).howTo().caution(),
                        e.getValue()))
            .toList();
    GivenItem.HowTo commonest = what.get(keyOf(who)).howTo();
    return new ClassRow(
        row.block(), row.name(), seconds, commonest.steps(), commonest.cues(), versions);
  }

  private static String keyOf(Map<String, List<UUID>> who) {
    return who.entrySet().stream()
        .max(Comparator.comparingInt(e -> e.getValue().size()))
        .orElseThrow()
        .getKey();
  }
}
