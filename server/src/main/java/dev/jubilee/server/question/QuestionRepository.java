package dev.jubilee.server.question;

import dev.jubilee.server.problem.NotFoundException;
import java.util.List;
import java.util.UUID;
import org.springframework.data.jpa.repository.JpaRepository;

interface QuestionRepository extends JpaRepository<QuestionRow, UUID> {
  List<QuestionRow> findTop100ByAthleteIdOrderByAskedOnDescId(UUID athleteId);

  /**
   * A question of the club.
   *
   * @throws NotFoundException where there is none
   */
  default QuestionRow require(UUID id) {
    return findById(id).orElseThrow(() -> new NotFoundException("question"));
  }
}
