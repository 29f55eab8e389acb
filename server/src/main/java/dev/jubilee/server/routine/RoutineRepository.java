package dev.jubilee.server.routine;

import java.util.List;
import java.util.UUID;
import org.springframework.data.jpa.repository.JpaRepository;

/** Routines, always of one club. */
interface RoutineRepository extends JpaRepository<RoutineRow, UUID> {
  List<RoutineRow> findAllByOrderByName();

  boolean existsByName(String name);
}
