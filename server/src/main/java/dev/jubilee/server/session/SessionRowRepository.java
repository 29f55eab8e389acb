package dev.jubilee.server.session;

import java.time.LocalDateTime;
import java.util.List;
import java.util.Optional;
import java.util.UUID;
import org.springframework.data.jpa.repository.JpaRepository;

/** Sessions, always of one club. */
public interface SessionRowRepository extends JpaRepository<SessionRow, UUID> {
  List<SessionRow> findByClubIdAndStartsAtGreaterThanEqualAndStartsAtLessThanOrderByStartsAt(
      UUID clubId, LocalDateTime from, LocalDateTime before);

  Optional<SessionRow> findByIdAndClubId(UUID id, UUID clubId);
}
