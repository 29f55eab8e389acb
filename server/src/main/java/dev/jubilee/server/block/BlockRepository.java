package dev.jubilee.server.block;

import java.util.List;
import java.util.Optional;
import java.util.UUID;
import org.springframework.data.jpa.repository.JpaRepository;

interface BlockRepository extends JpaRepository<BlockRow, UUID> {
  Optional<BlockRow> findByIdAndClubId(UUID id, UUID clubId);

  List<BlockRow> findByClubId(UUID clubId);
}
