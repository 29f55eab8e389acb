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

  Optional<Coach> findByIdAndRemovedAtIsNull(UUID id);

  List<Coach> findByRemovedAtIsNullOrderByName();

  /** All of a club, to be changed by one at a time. */
  @Lock(LockModeType.PESSIMISTIC_WRITE)
  @Query("select c from Coach c where c.removedAt is null order by c.id")
  List<Coach> lock();

  /** Whether a sign-in still counts; asked with every request. */
  boolean existsByIdAndSignInStampAndRemovedAtIsNull(UUID id, int signInStamp);
}
