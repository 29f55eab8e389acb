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
      List<SessionView.Step> steps =
          plan.items().stream().map(i -> new SessionView.Step(i.seconds(), i.effort())).toList();
      bySession
          .computeIfAbsent(row.sessionId(), k -> new ArrayList<>())
          .add(new SessionView.WarmUp(row.id(), row.athleteId(), plan.seconds(), steps));
    }
    return bySession;
  }
}
