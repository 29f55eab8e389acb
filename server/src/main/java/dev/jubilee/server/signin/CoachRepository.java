package dev.jubilee.server.signin;

import jakarta.persistence.LockModeType;
import java.util.List;
import java.util.Optional;
import java.util.UUID;
import org.springframework.data.jpa.repository.JpaRepository;
import org.springframework.data.jpa.repository.Lock;
import org.springframework.data.jpa.repository.Query;

/** Coaches who have not left; an e-mail is one coach's across all clubs. */
public interface CoachRepository extends JpaRepository<Coach, UUID> {
  Optional<Coach> findByEmailAndRemovedAtIsNull(String email);

  Optional<Coach> findByIdAndClubIdAndRemovedAtIsNull(UUID id, UUID clubId);

  List<Coach> findByClubIdAndRemovedAtIsNullOrderByName(UUID clubId);

  /** All of a club, to be changed by one at a time. */
  @Lock(LockModeType.PESSIMISTIC_WRITE)
  @Query("select c from Coach c where c.clubId = :clubId and c.removedAt is null order by c.id")
  List<Coach> lock(UUID clubId);
}
