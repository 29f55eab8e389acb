package dev.jubilee.server.recording;

import java.util.UUID;
import org.springframework.data.jpa.repository.JpaRepository;
import org.springframework.data.jpa.repository.Modifying;
import org.springframework.data.jpa.repository.Query;

interface RecordingRepository extends JpaRepository<RecordingRow, UUID> {
  /** Its files go with it. */
  @Modifying
  @Query("delete from RecordingRow r where r.prescriptionId = :prescriptionId")
  void deleteOf(UUID prescriptionId);
}
