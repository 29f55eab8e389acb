package dev.jubilee.server.question;

import java.util.List;
import java.util.UUID;
import org.springframework.data.jpa.repository.JpaRepository;

interface QuestionTurnRepository extends JpaRepository<QuestionTurnRow, QuestionTurnRow.Key> {
  List<QuestionTurnRow> findByQuestionIdOrderByNumber(UUID questionId);

  boolean existsByPrescriptionId(UUID prescriptionId);
}
