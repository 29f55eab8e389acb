package dev.jubilee.server.signin;

import java.util.Optional;
import java.util.UUID;
import org.springframework.data.jpa.repository.JpaRepository;

/** Coaches by id and by e-mail, which is unique across clubs. */
public interface CoachRepository extends JpaRepository<Coach, UUID> {
  Optional<Coach> findByEmail(String email);
}
