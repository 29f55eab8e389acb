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
import org.springframework.stereotype.Component;

/** The calendar's small pictures of warm-ups, as stored with them. */
@Component
class StoredWarmUps implements WarmUpLookup {
  private final RevisionRepository revisions;
  private final Json json;

  StoredWarmUps(RevisionRepository revisions, Json json) {
    this.revisions = revisions;
    this.json = json;
  }

  @Override
  public Map<UUID, List<SessionView.WarmUp>> warmUps(UUID clubId, Collection<UUID> sessionIds) {
    Map<UUID, List<SessionView.WarmUp>> bySession = new HashMap<>();
    for (RevisionRepository.CurrentSketch row : revisions.findSketches(clubId, sessionIds)) {
      Sketch sketch = json.read(row.sketch(), Sketch.class);
      bySession
          .computeIfAbsent(row.sessionId(), k -> new ArrayList<>())
          .add(
              new SessionView.WarmUp(
                  row.prescriptionId(),
                  row.athleteId(),
                  sketch.seconds(),
                  sketch.steps(),
                  sketch.slipped() == null ? 0 : sketch.slipped()));
    }
    return bySession;
  }
}
