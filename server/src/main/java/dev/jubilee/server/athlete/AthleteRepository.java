package dev.jubilee.server.athlete;

import java.util.Collection;
import java.util.List;
import java.util.Optional;
import java.util.UUID;
import org.springframework.data.jpa.repository.JpaRepository;
import org.springframework.data.jpa.repository.Modifying;
import org.springframework.data.jpa.repository.Query;

/** Athletes, always of one club. */
public interface AthleteRepository extends JpaRepository<AthleteRow, UUID> {
  List<AthleteRow> findByClubIdOrderByName(UUID clubId);

  Optional<AthleteRow> findByIdAndClubId(UUID id, UUID clubId);

  /** Beside the version: whoever has the athlete's form open goes on undisturbed. */
  @Modifying
  @Query(
      value =
          "UPDATE athlete SET physique = CAST(:physique AS jsonb) WHERE club_id = :clubId AND id = :id",
      nativeQuery = true)
  void learn(UUID clubId, UUID id, String physique);

  List<AthleteRow> findByClubIdAndIdIn(UUID clubId, Collection<UUID> ids);
}
