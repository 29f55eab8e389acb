package dev.jubilee.server.routine;

import java.util.List;
import java.util.Optional;
import java.util.UUID;
import org.springframework.data.jpa.repository.JpaRepository;

/** Routines, always of one club. */
interface RoutineRepository extends JpaRepository<RoutineRow, UUID> {
  List<RoutineRow> findByClubIdOrderByName(UUID clubId);

  Optional<RoutineRow> findByIdAndClubId(UUID id, UUID clubId);

  boolean existsByClubIdAndName(UUID clubId, String name);
}
