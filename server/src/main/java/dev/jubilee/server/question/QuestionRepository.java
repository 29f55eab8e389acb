package dev.jubilee.server.question;

import java.util.List;
import java.util.UUID;
import org.springframework.data.jpa.repository.JpaRepository;

interface QuestionRepository extends JpaRepository<QuestionRow, UUID> {
  List<QuestionRow> findTop100ByAthleteIdOrderByAskedOnDescId(UUID athleteId);
}
