package dev.jubilee.server.athlete;

import java.util.Collection;
import java.util.List;
import java.util.Optional;
import java.util.UUID;
import org.springframework.data.jpa.repository.JpaRepository;

/** Athletes, always of one club. */
public interface AthleteRepository extends JpaRepository<AthleteRow, UUID> {
  List<AthleteRow> findByClubIdOrderByName(UUID clubId);

  Optional<AthleteRow> findByIdAndClubId(UUID id, UUID clubId);

  List<AthleteRow> findByClubIdAndIdIn(UUID clubId, Collection<UUID> ids);
}
