package dev.jubilee.server.prescription;

import dev.jubilee.core.warmup.GivenWarmUp;
import dev.jubilee.server.json.Json;
import dev.jubilee.server.session.SessionView;
import dev.jubilee.server.session.WarmUpLookup;
import java.time.LocalDateTime;
import java.util.ArrayList;
import java.util.Collection;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.UUID;
import org.springframework.stereotype.Component;
import org.springframework.transaction.annotation.Transactional;

/** The calendar's small pictures of warm-ups, as stored with them. */
@Component
public class StoredWarmUps implements WarmUpLookup {
  private final RevisionRepository revisions;
  private final Snapshots snapshots;
  private final Json json;

  StoredWarmUps(RevisionRepository revisions, Snapshots snapshots, Json json) {
    this.revisions = revisions;
    this.snapshots = snapshots;
    this.json = json;
  }

  @Override
  public Map<UUID, List<SessionView.WarmUp>> warmUps(UUID clubId, Collection<UUID> sessionIds) {
    Map<UUID, List<SessionView.WarmUp>> bySession = new HashMap<>();
    for (RevisionRepository.CurrentSketch row : revisions.findSketches(sessionIds)) {
      Sketch sketch = json.read(row.sketch(), Sketch.class);
      bySession
          .computeIfAbsent(row.sessionId(), k -> new ArrayList<>())
          .add(
              new SessionView.WarmUp(
                  row.prescriptionId(),
                  row.athleteId(),
                  sketch.seconds(),
                  sketch.steps().stream()
                      .map(s -> new SessionView.Step(s.seconds(), s.effort()))
                      .toList(),
                  sketch.slipped() == null ? 0 : sketch.slipped()));
    }
    return bySession;
  }

  /** What is drawn of some warm-ups. */
  @Transactional(readOnly = true)
  public Map<UUID, Sketch> sketches(Collection<UUID> prescriptionIds) {
    Map<UUID, Sketch> sketches = new HashMap<>();
    for (RevisionRepository.CurrentSketch row : revisions.findSketchesOf(prescriptionIds)) {
      sketches.put(row.prescriptionId(), json.read(row.sketch(), Sketch.class));
    }
    return sketches;
  }

  /** Changes with every revision of a warm-up before a session of some days. */
  public long sumOfRevisions(LocalDateTime from, LocalDateTime before) {
    return revisions.sumOfRevisions(from, before);
  }

  /** A warm-up as the board draws it. */
  public record Drawn(UUID prescriptionId, UUID sessionId, UUID athleteId, Sketch sketch) {}

  /** The warm-ups of sessions, item by item. */
  @Transactional(readOnly = true)
  public List<Drawn> drawn(Collection<UUID> sessionIds) {
    List<Drawn> all = new ArrayList<>();
    for (RevisionRepository.CurrentSketch row : revisions.findSketches(sessionIds)) {
      Sketch sketch = json.read(row.sketch(), Sketch.class);
      all.add(
          new Drawn(
              row.prescriptionId(),
              row.sessionId(),
              row.athleteId(),
              sketch.items() == null ? withItems(row.prescriptionId(), sketch) : sketch));
    }
    return all;
  }

  /** Of an earlier version, which stored less. */
  private Sketch withItems(UUID prescriptionId, Sketch sketch) {
    GivenWarmUp given = snapshots.given(revisions.findCurrent(List.of(prescriptionId)).get(0));
    return new Sketch(
        sketch.seconds(), sketch.steps(), sketch.slipped(), Sketch.items(given), List.of());
  }
}
