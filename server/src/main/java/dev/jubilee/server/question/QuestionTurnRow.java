package dev.jubilee.server.question;

import dev.jubilee.server.tenant.ClubRow;
import jakarta.persistence.Entity;
import jakarta.persistence.Id;
import jakarta.persistence.IdClass;
import jakarta.persistence.Table;
import java.io.Serializable;
import java.util.UUID;

/** A turn of a question that was taken. */
@Entity
@Table(name = "question_turn")
@IdClass(QuestionTurnRow.Key.class)
class QuestionTurnRow extends ClubRow<QuestionTurnRow.Key> {

  /** A turn, from 1. */
  record Key(UUID questionId, int number) implements Serializable {}

  @Id private UUID questionId;
  @Id private int number;
  private UUID prescriptionId;
  private int efforts;

  protected QuestionTurnRow() {}

  QuestionTurnRow(UUID questionId, int number, UUID prescriptionId, int efforts) {
    this.questionId = questionId;
    this.number = number;
    this.prescriptionId = prescriptionId;
    this.efforts = efforts;
  }

  @Override
  public Key getId() {
    return new Key(questionId, number);
  }

  int number() {
    return number;
  }

  UUID prescriptionId() {
    return prescriptionId;
  }

  int efforts() {
    return efforts;
  }
}
