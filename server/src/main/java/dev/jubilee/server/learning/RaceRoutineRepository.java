package dev.jubilee.server.learning;

import java.util.List;
import java.util.UUID;
import org.springframework.data.jpa.repository.JpaRepository;

interface RaceRoutineRepository extends JpaRepository<RaceRoutineRow, RaceRoutineRow.Key> {
  List<RaceRoutineRow> findByAthleteIdOrderBySport(UUID athleteId);
}
