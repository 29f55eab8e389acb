package dev.jubilee.server.session;

import java.time.LocalDateTime;
import java.util.List;
import java.util.Optional;
import java.util.UUID;
import org.springframework.data.jpa.repository.JpaRepository;
import org.springframework.data.jpa.repository.Query;

/** Sessions, always of one club. */
public interface SessionRowRepository extends JpaRepository<SessionRow, UUID> {
  List<SessionRow> findByClubIdAndStartsAtGreaterThanEqualAndStartsAtLessThanOrderByStartsAt(
      UUID clubId, LocalDateTime from, LocalDateTime before);

  List<SessionRow> findByClubIdAndSourceMadeAndSourceBlockId(
      UUID clubId, SessionSource.Made made, UUID blockId);

  /** An athlete's sessions, in order. */
  @Query(
      """
      select s from SessionRow s join s.participants p
      where s.clubId = :clubId and p.athleteId = :athleteId
        and s.startsAt >= :from and s.startsAt < :before
      order by s.startsAt, s.id""")
  List<SessionRow> findOf(UUID clubId, UUID athleteId, LocalDateTime from, LocalDateTime before);

  Optional<SessionRow> findByIdAndClubId(UUID id, UUID clubId);
}
