package dev.jubilee.server.checkin;

import dev.jubilee.core.checkin.TodaysChange;
import dev.jubilee.server.checkin.CheckInView.State;
import dev.jubilee.server.prescription.TodaysChanges;
import java.time.Instant;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.UUID;
import org.springframework.stereotype.Component;

/** How check-ins stand, for those who only read them. */
@Component
public class StoredCheckIns implements TodaysChanges {
  private final CheckInRepository repository;

  StoredCheckIns(CheckInRepository repository) {
    this.repository = repository;
  }

  /** The latest of each warm-up that was told of since. */
  public Map<UUID, State> latestSince(Instant since) {
    Map<UUID, State> latest = new HashMap<>();
    repository.findSince(since).forEach(s -> latest.put(s.prescriptionId(), s.state()));
    return latest;
  }

  /** Warm-ups that wait until a coach has spoken with the athlete. */
  public Set<UUID> held() {
    return repository.findHeld();
  }

  @Override
  public List<TodaysChange> taken(UUID clubId, UUID prescriptionId) {
    return repository.findOf(List.of(prescriptionId)).stream()
        .filter(told -> told.state() == State.TAKEN)
        .findFirst()
        .map(CheckInRow::taken)
        .orElse(List.of());
  }
}
