package dev.jubilee.server.zone;

import java.util.UUID;
import org.springframework.data.jpa.repository.JpaRepository;

interface ClubZonesRepository extends JpaRepository<ClubZonesRow, UUID> {}
