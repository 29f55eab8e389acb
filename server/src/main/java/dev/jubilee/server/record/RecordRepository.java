package dev.jubilee.server.record;

import dev.jubilee.core.session.SessionKind;
import dev.jubilee.core.sport.Sport;
import java.time.Instant;
import java.time.LocalDateTime;
import java.util.List;
import java.util.Optional;
import java.util.UUID;
import org.springframework.data.domain.Limit;
import org.springframework.data.jpa.repository.JpaRepository;
import org.springframework.data.jpa.repository.Query;

/** Records of warm-ups. */
interface RecordRepository extends JpaRepository<RecordRow, UUID> {
  List<RecordRow> findByAthleteIdOrderByStartsAtAscPrescriptionIdAsc(UUID athleteId, Limit limit);

  @Query(
      """
      select r from RecordRow r where r.startsAt >= :from and r.startsAt < :before
      order by r.startsAt, r.prescriptionId""")
  List<RecordRow> findBetween(LocalDateTime from, LocalDateTime before, Limit limit);

  @Query(
      """
      select r.prescriptionId from RecordRow r
      where r.athleteId = :athleteId and r.sport = :sport and r.kind = :kind
      order by r.startsAt desc, r.prescriptionId limit 1""")
  Optional<UUID> findLast(UUID athleteId, Sport sport, SessionKind kind);

  /** Warm-ups of an athlete that were begun before a time and have no record. */
  @Query(
      """
      select p.id from PrescriptionRow p
      join FollowedNowRow n on n.prescriptionId = p.id
      join SessionRow s on s.id = p.sessionId
      where p.athleteId = :athleteId and n.begunAt < :time
        and not exists (select 1 from RecordRow r where r.prescriptionId = p.id)
      order by s.startsAt""")
  List<UUID> findUnsettled(UUID athleteId, Instant time, Limit limit);

  /** What tells of a body. */
  record Observed(
      UUID prescriptionId,
      Integer jacketOff,
      Integer usual,
      Double factor,
      Double most,
      Double lag,
      Double level) {}

  @Query(
      """
      select new dev.jubilee.server.record.RecordRepository$Observed(
        r.prescriptionId,
        json_value(r.figures, '$.jacketOff' returning Integer),
        json_value(r.figures, '$.moment.usual' returning Integer),
        json_value(r.figures, '$.moment.factor' returning Double),
        json_value(r.figures, '$.moment.most' returning Double),
        json_value(r.figures, '$.heart.lag' returning Double),
        json_value(r.figures, '$.heart.level' returning Double))
      from RecordRow r where r.athleteId = :athleteId
      order by r.startsAt, r.prescriptionId""")
  List<Observed> findObserved(UUID athleteId, Limit limit);

  /** Which effort of a session was best, after how many graded ones. */
  record Best(Sport sport, SessionKind kind, UUID athleteId, int efforts, int best) {}

  @Query(
      """
      select new dev.jubilee.server.record.RecordRepository$Best(
        r.sport, r.kind, r.athleteId,
        json_value(r.figures, '$.done.efforts' returning Integer),
        json_value(r.figures, '$.best' returning Integer))
      from RecordRow r where r.startsAt > :since
        and json_value(r.figures, '$.best' returning Integer) is not null
      order by r.sport, r.kind, r.startsAt limit 20000""")
  List<Best> findBest(LocalDateTime since);
}
