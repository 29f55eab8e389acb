package dev.jubilee.server.session;

import java.time.LocalDateTime;
import java.util.List;
import java.util.Optional;
import java.util.UUID;
import org.springframework.data.jpa.repository.JpaRepository;
import org.springframework.data.jpa.repository.Query;

/** Sessions, always of one club. */
public interface SessionRowRepository extends JpaRepository<SessionRow, UUID> {
  /** What is on the calendar, in order. */
  @Query(
      """
      select s from SessionRow s
      where s.clubId = :clubId and s.removedAt is null
        and s.startsAt >= :from and s.startsAt < :before
      order by s.startsAt, s.id""")
  List<SessionRow> findBetween(UUID clubId, LocalDateTime from, LocalDateTime before);

  /** Those that were removed, too: what a coach took away is not made again. */
  List<SessionRow> findByClubIdAndSourceMadeAndSourceBlockId(
      UUID clubId, SessionSource.Made made, UUID blockId);

  /** An athlete's sessions, in order. */
  @Query(
      """
      select s from SessionRow s join s.participants p
      where s.clubId = :clubId and p.athleteId = :athleteId and s.removedAt is null
        and s.startsAt >= :from and s.startsAt < :before
      order by s.startsAt, s.id""")
  List<SessionRow> findOf(UUID clubId, UUID athleteId, LocalDateTime from, LocalDateTime before);

  /** Whether on the calendar or removed. */
  Optional<SessionRow> findByIdAndClubId(UUID id, UUID clubId);
}
