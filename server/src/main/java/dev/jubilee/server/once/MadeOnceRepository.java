package dev.jubilee.server.once;

import java.time.Instant;
import java.util.UUID;
import org.springframework.data.jpa.repository.JpaRepository;
import org.springframework.data.jpa.repository.Modifying;
import org.springframework.data.jpa.repository.Query;

interface MadeOnceRepository extends JpaRepository<MadeOnceRow, UUID> {
  @Modifying
  @Query("delete from MadeOnceRow m where m.madeAt < :time")
  void deleteBefore(Instant time);
}
