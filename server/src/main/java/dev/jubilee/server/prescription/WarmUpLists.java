package dev.jubilee.server.prescription;

import dev.jubilee.core.warmup.GivenWarmUp;
import dev.jubilee.server.athlete.Athletes;
import dev.jubilee.server.session.SessionRow;
import java.time.LocalDateTime;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.UUID;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** The warm-ups of sessions as they are now, for lists that leave Jubilee. */
@Service
public class WarmUpLists {
  /** Sessions whose warm-ups are read at once; each is some 30 kB. */
  private static final int AT_ONCE = 20;

  private final PrescriptionRepository prescriptions;
  private final RevisionRepository revisions;
  private final Snapshots snapshots;
  private final Athletes athletes;

  WarmUpLists(
      PrescriptionRepository prescriptions,
      RevisionRepository revisions,
      Snapshots snapshots,
      Athletes athletes) {
    this.prescriptions = prescriptions;
    this.revisions = revisions;
    this.snapshots = snapshots;
    this.athletes = athletes;
  }

  /**
   * A warm-up with whose it is.
   *
   * @param startsAt of the athlete, in the club's local time
   */
  public record Listed(String athlete, LocalDateTime startsAt, GivenWarmUp warmUp) {
    public LocalDateTime beginsAt() {
      return startsAt.minusSeconds(warmUp.seconds());
    }
  }

  /** By session, athletes by name; sessions without a warm-up are left out. */
  @Transactional(readOnly = true)
  public Map<UUID, List<Listed>> of(List<SessionRow> sessions, StartOf startOf) {
    Map<UUID, String> names = athletes.names();
    Map<UUID, List<Listed>> lists = new HashMap<>();
    for (int from = 0; from < sessions.size(); from += AT_ONCE) {
      List<SessionRow> some = sessions.subList(from, Math.min(sessions.size(), from + AT_ONCE));
      List<PrescriptionRow> rows =
          prescriptions.findBySessionIdIn(some.stream().map(SessionRow::id).toList());
      Map<UUID, GivenWarmUp> given = new HashMap<>();
      revisions
          .findCurrent(rows.stream().map(PrescriptionRow::id).toList())
          .forEach(r -> given.put(r.prescriptionId(), snapshots.given(r)));
      for (PrescriptionRow row : rows) {
        lists
            .computeIfAbsent(row.sessionId(), k -> new ArrayList<>())
            .add(
                new Listed(
                    names.getOrDefault(row.athleteId(), ""),
                    startOf.athlete(row.sessionId(), row.athleteId()),
                    given.get(row.id())));
      }
    }
    lists.values().forEach(l -> l.sort((a, b) -> a.athlete().compareTo(b.athlete())));
    return lists;
  }

  /** When an athlete starts in a session. */
  public interface StartOf {
    LocalDateTime athlete(UUID sessionId, UUID athleteId);
  }
}
