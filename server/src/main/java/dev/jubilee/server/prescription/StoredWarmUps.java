package dev.jubilee.server.prescription;

import dev.jubilee.server.json.Json;
import dev.jubilee.server.session.SessionView;
import dev.jubilee.server.session.WarmUpLookup;
import java.util.ArrayList;
import java.util.Collection;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.UUID;
import java.util.function.Function;
import java.util.stream.Collectors;
import org.springframework.stereotype.Component;

/** The calendar's small pictures of warm-ups, from stored outcomes. */
@Component
class StoredWarmUps implements WarmUpLookup {
  /** Effort of easy movement between efforts, for drawing only. */
  private static final int RECOVERY = 22;

  private final PrescriptionRepository prescriptions;
  private final RevisionRepository revisions;
  private final Json json;

  StoredWarmUps(PrescriptionRepository prescriptions, RevisionRepository revisions, Json json) {
    this.prescriptions = prescriptions;
    this.revisions = revisions;
    this.json = json;
  }

  @Override
  public Map<UUID, List<SessionView.WarmUp>> warmUps(UUID clubId, Collection<UUID> sessionIds) {
    List<PrescriptionRow> rows = prescriptions.findByClubIdAndSessionIdIn(clubId, sessionIds);
    Map<UUID, RevisionRow> current =
        revisions.findCurrent(clubId, rows.stream().map(PrescriptionRow::id).toList()).stream()
            .collect(Collectors.toMap(RevisionRow::prescriptionId, Function.identity()));
    Map<UUID, List<SessionView.WarmUp>> bySession = new HashMap<>();
    for (PrescriptionRow row : rows) {
      PlanView plan = json.read(current.get(row.id()).outcome(), PlanView.class);
      List<SessionView.Step> steps = plan.items().stream().flatMap(i -> steps(i).stream()).toList();
      bySession
          .computeIfAbsent(row.sessionId(), k -> new ArrayList<>())
          .add(new SessionView.WarmUp(row.id(), row.athleteId(), plan.seconds(), steps));
    }
    return bySession;
  }

  private static List<SessionView.Step> steps(PlanView.ItemView item) {
    List<SessionView.Step> steps = new ArrayList<>();
    if (item.changeSeconds() > 0) {
      steps.add(new SessionView.Step(item.changeSeconds(), 0));
    }
    steps.add(new SessionView.Step(item.workSeconds(), item.effort()));
    if (item.recoverySeconds() > 0) {
      steps.add(new SessionView.Step(item.recoverySeconds(), RECOVERY));
    }
    return steps;
  }
}
