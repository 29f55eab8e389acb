package dev.jubilee.server.learning;

import dev.jubilee.core.sport.Sport;
import java.util.List;
import java.util.UUID;
import org.springframework.stereotype.Component;
import org.springframework.transaction.annotation.Transactional;

/** Which warm-up of an athlete is kept for races, one a sport. */
@Component
public class RaceRoutineStore {
  private final RaceRoutineRepository repository;

  RaceRoutineStore(RaceRoutineRepository repository) {
    this.repository = repository;
  }

  /** Of an athlete, in the order of sports. */
  public List<FrozenRoutine> of(UUID athleteId) {
    return repository.findByAthleteIdOrderBySport(athleteId).stream()
        .map(RaceRoutineRow::frozen)
        .toList();
  }

  @Transactional
  void freeze(UUID athleteId, FrozenRoutine frozen) {
    RaceRoutineRow row =
        repository
            .findById(new RaceRoutineRow.Key(athleteId, frozen.sport()))
            .orElseGet(() -> new RaceRoutineRow(athleteId, frozen.sport()));
    row.freeze(frozen);
    repository.saveAndFlush(row);
  }

  @Transactional
  void thaw(UUID athleteId, Sport sport) {
    repository.deleteById(new RaceRoutineRow.Key(athleteId, sport));
    repository.flush();
  }
}
