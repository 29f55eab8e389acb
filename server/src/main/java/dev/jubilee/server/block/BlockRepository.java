package dev.jubilee.server.block;

import java.util.UUID;
import org.springframework.data.jpa.repository.JpaRepository;

interface BlockRepository extends JpaRepository<BlockRow, UUID> {}
