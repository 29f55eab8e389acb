package dev.jubilee.server.prescription;

import java.time.LocalDateTime;
import java.util.Collection;
import java.util.List;
import java.util.Optional;
import java.util.UUID;
import org.springframework.data.jpa.repository.JpaRepository;
import org.springframework.data.jpa.repository.Query;

/** Prescriptions, always of one club. */
public interface PrescriptionRepository extends JpaRepository<PrescriptionRow, UUID> {
  Optional<PrescriptionRow> findByIdAndClubId(UUID id, UUID clubId);

  Optional<PrescriptionRow> findByClubIdAndSessionIdAndAthleteId(
      UUID clubId, UUID sessionId, UUID athleteId);

  /** The athlete's prescription for the last session of the same sport and kind before a time. */
  @Query(
      nativeQuery = true,
      value =
          """
          select p.* from prescription p
          join training_session s on s.id = p.session_id and s.club_id = p.club_id
          where p.club_id = :clubId and p.athlete_id = :athleteId and s.starts_at < :before
            and s.sport = :sport and s.details ->> 'kind' = :kind
          order by s.starts_at desc limit 1""")
  Optional<PrescriptionRow> findLast(
      UUID clubId, UUID athleteId, LocalDateTime before, String sport, String kind);

  List<PrescriptionRow> findByClubIdAndAthleteIdAndSessionIdIn(
      UUID clubId, UUID athleteId, Collection<UUID> sessionIds);

  List<PrescriptionRow> findByClubIdAndSessionIdIn(UUID clubId, Collection<UUID> sessionIds);

  /** Whether anything was told or seen of one of them: then it is on the record, and stays. */
  @Query(
      nativeQuery = true,
      value =
          """
          select exists (select 1 from followed_event e
            where e.club_id = :clubId and e.prescription_id in (:ids))
          or exists (select 1 from warm_up_record r
            where r.club_id = :clubId and r.prescription_id in (:ids))""")
  boolean areOnTheRecord(UUID clubId, Collection<UUID> ids);
}
