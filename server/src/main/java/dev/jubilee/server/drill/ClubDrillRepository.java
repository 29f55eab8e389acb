package dev.jubilee.server.drill;

import java.util.List;
import java.util.Optional;
import java.util.UUID;
import org.springframework.data.jpa.repository.JpaRepository;

/** Clubs' own drills, always of one club. */
interface ClubDrillRepository extends JpaRepository<ClubDrillRow, UUID> {
  List<ClubDrillRow> findAllByOrderByDrillId();

  Optional<ClubDrillRow> findByDrillId(String drillId);
}
