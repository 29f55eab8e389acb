package dev.jubilee.server.prescription;

import java.util.Collection;
import java.util.List;
import java.util.Optional;
import java.util.UUID;
import org.springframework.data.jpa.repository.JpaRepository;

/** Prescriptions, always of one club. */
public interface PrescriptionRepository extends JpaRepository<PrescriptionRow, UUID> {
  Optional<PrescriptionRow> findByIdAndClubId(UUID id, UUID clubId);

  Optional<PrescriptionRow> findByClubIdAndSessionIdAndAthleteId(
      UUID clubId, UUID sessionId, UUID athleteId);

  List<PrescriptionRow> findByClubIdAndSessionIdIn(UUID clubId, Collection<UUID> sessionIds);
}
