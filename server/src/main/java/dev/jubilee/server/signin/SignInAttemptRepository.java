package dev.jubilee.server.signin;

import jakarta.persistence.LockModeType;
import java.time.Instant;
import java.util.Optional;
import org.springframework.data.jpa.repository.JpaRepository;
import org.springframework.data.jpa.repository.Lock;
import org.springframework.data.jpa.repository.Modifying;
import org.springframework.data.jpa.repository.Query;

/** Attempts to sign in, of no club. */
interface SignInAttemptRepository extends JpaRepository<SignInAttemptRow, String> {
  @Modifying
  @Query("delete from SignInAttemptRow a where a.lastAt < :time")
  void deleteBefore(Instant time);

  @Modifying
  @Query("delete from SignInAttemptRow a where a.whence = :whence")
  void deleteOf(String whence);

  /** Makes sure that there is a row, and that it stays until it was counted. */
  @Modifying
  @Query(
      """
      insert into SignInAttemptRow (whence, attempts, lastAt, blockedUntil)
      values (:whence, 0, :now, :never) on conflict (whence) do update set lastAt = :now""")
  void hold(String whence, Instant now, Instant never);

  /** To be counted one after the other. */
  @Lock(LockModeType.PESSIMISTIC_WRITE)
  @Query("select a from SignInAttemptRow a where a.whence = :whence")
  Optional<SignInAttemptRow> lock(String whence);
}
