package dev.jubilee.server.logbook;

import java.time.Instant;
import java.util.List;
import java.util.UUID;
import org.springframework.data.jpa.repository.JpaRepository;

interface FollowedNowRepository extends JpaRepository<FollowedNowRow, UUID> {
  List<FollowedNowRow> findByChangedAtAfter(Instant since);
}
