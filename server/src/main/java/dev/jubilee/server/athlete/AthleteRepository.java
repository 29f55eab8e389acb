package dev.jubilee.server.athlete;

import java.util.List;
import java.util.UUID;
import org.springframework.data.jpa.repository.JpaRepository;
import org.springframework.data.jpa.repository.Modifying;
import org.springframework.data.jpa.repository.Query;

/** Athletes, always of one club. */
public interface AthleteRepository extends JpaRepository<AthleteRow, UUID> {
  List<AthleteRow> findAllByOrderByName();

  /** Beside the version: whoever has the athlete's form open goes on undisturbed. */
  @Modifying
  @Query("update AthleteRow a set a.physique = :physique where a.id = :id")
  void learn(UUID id, PhysiqueV1 physique);
}
