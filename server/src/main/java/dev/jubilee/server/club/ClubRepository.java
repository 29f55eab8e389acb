package dev.jubilee.server.club;

import java.util.UUID;
import org.springframework.data.jpa.repository.JpaRepository;

/** Clubs by id. */
public interface ClubRepository extends JpaRepository<Club, UUID> {}
