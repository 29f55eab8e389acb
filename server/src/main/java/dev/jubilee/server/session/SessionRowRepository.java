package dev.jubilee.server.session;

import java.time.LocalDateTime;
import java.util.List;
import java.util.UUID;
import org.springframework.data.jpa.repository.JpaRepository;
import org.springframework.data.jpa.repository.Query;

/** Sessions, always of one club. */
public interface SessionRowRepository extends JpaRepository<SessionRow, UUID> {
  /** What is on the calendar, in order. */
  @Query(
      """
      select s from SessionRow s
      where s.removedAt is null
        and s.startsAt >= :from and s.startsAt < :before
      order by s.startsAt, s.id""")
  List<SessionRow> findBetween(LocalDateTime from, LocalDateTime before);

  /** Those that were removed, too: what a coach took away is not made again. */
  List<SessionRow> findBySourceMadeAndSourceBlockId(SessionSource.Made made, UUID blockId);

  /** How many there are, removed ones too, and how often they were changed. */
  @Query(
      """
      select concat(count(s), '-', coalesce(sum(s.version), 0)) from SessionRow s
      where s.startsAt > :from and s.startsAt < :before""")
  String fingerprint(LocalDateTime from, LocalDateTime before);

  /** An athlete's sessions, in order. */
  @Query(
      """
      select s from SessionRow s join s.participants p
      where p.athleteId = :athleteId and s.removedAt is null
        and s.startsAt >= :from and s.startsAt < :before
      order by s.startsAt, s.id""")
  List<SessionRow> findOf(UUID athleteId, LocalDateTime from, LocalDateTime before);
}
