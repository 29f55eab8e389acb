package dev.jubilee.server.drill;

import java.util.UUID;
import org.springframework.data.jpa.repository.JpaRepository;

interface OwnChangeoverRepository extends JpaRepository<OwnChangeoverRow, UUID> {}
