package dev.jubilee.server.prescription;

import dev.jubilee.core.plan.PlanItem;
import dev.jubilee.core.warmup.GivenItem;
import dev.jubilee.core.warmup.GivenWarmUp;
import dev.jubilee.server.athlete.Athletes;
import dev.jubilee.server.session.SessionRow;
import java.time.LocalDateTime;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.UUID;
import java.util.function.Function;
import java.util.stream.Collectors;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** The warm-ups of sessions as they are now, for files that leave Jubilee. */
@Service
public class WarmUpLists {
  /** Most warm-ups of a file: a season of a squad. Each is read from some 50 kB. */
  public static final int MOST = 3000;

  /** Read at once. */
  private static final int AT_ONCE = 50;

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
  public record Listed(String athlete, LocalDateTime startsAt, int seconds, List<Line> lines) {
    public LocalDateTime beginsAt() {
      return startsAt.minusSeconds(seconds);
    }
  }

  /**
   * An item.
   *
   * @param startsBefore seconds before the start at which it begins
   * @param effort of the work, 0 to 100
   */
  public record Line(int startsBefore, int effort, PlanItem item) {
    private static Line of(GivenItem given) {
      return new Line(given.startsBefore(), given.effort(), given.item());
    }
  }

  /** How many warm-ups these sessions have. */
  @Transactional(readOnly = true)
  public int count(List<SessionRow> sessions) {
    return rows(sessions).size();
  }

  /**
   * By session, athletes by name; sessions without a warm-up are left out. Of more than {@value
   * #MOST} the first in order of time.
   */
  @Transactional(readOnly = true)
  public Map<UUID, List<Listed>> of(List<SessionRow> sessions, StartOf startOf) {
    Map<UUID, String> names = athletes.names();
    List<PrescriptionRow> rows = rows(sessions);
    rows = rows.subList(0, Math.min(MOST, rows.size()));
    Map<UUID, List<Listed>> lists = new HashMap<>();
    for (int from = 0; from < rows.size(); from += AT_ONCE) {
      Map<UUID, PrescriptionRow> some =
          rows.subList(from, Math.min(rows.size(), from + AT_ONCE)).stream()
              .collect(Collectors.toMap(PrescriptionRow::id, Function.identity()));
      for (RevisionRepository.CurrentOutcome stored :
          revisions.findCurrentOutcomes(some.keySet())) {
        PrescriptionRow row = some.get(stored.prescriptionId());
        GivenWarmUp given = snapshots.given(stored);
        lists
            .computeIfAbsent(row.sessionId(), k -> new ArrayList<>())
            .add(
                new Listed(
                    names.getOrDefault(row.athleteId(), ""),
                    startOf.athlete(row.sessionId(), row.athleteId()),
                    given.seconds(),
                    given.items().stream().map(Line::of).toList()));
      }
    }
    lists.values().forEach(l -> l.sort(Comparator.comparing(Listed::athlete)));
    return lists;
  }

  /** In the order of their sessions. */
  private List<PrescriptionRow> rows(List<SessionRow> sessions) {
    Map<UUID, List<PrescriptionRow>> bySession =
        prescriptions.findBySessionIdIn(sessions.stream().map(SessionRow::id).toList()).stream()
            .collect(Collectors.groupingBy(PrescriptionRow::sessionId));
    return sessions.stream()
        .flatMap(s -> bySession.getOrDefault(s.id(), List.of()).stream())
        .toList();
  }

  /** When an athlete starts in a session. */
  public interface StartOf {
    LocalDateTime athlete(UUID sessionId, UUID athleteId);
  }
}
