package dev.jubilee.server.question;

import dev.jubilee.core.learning.Question;
import dev.jubilee.core.session.SessionKind;
import dev.jubilee.core.sport.Sport;
import dev.jubilee.server.tenant.ClubRow;
import jakarta.persistence.Entity;
import jakarta.persistence.EnumType;
import jakarta.persistence.Enumerated;
import jakarta.persistence.Id;
import jakarta.persistence.Table;
import java.time.Instant;
import java.time.LocalDate;
import java.util.UUID;

/** A question that is tried with one athlete. */
@Entity
@Table(name = "question")
@SuppressWarnings("UnusedVariable")
class QuestionRow extends ClubRow<UUID> {
  @Id private UUID id;
  private UUID athleteId;

  @Enumerated(EnumType.STRING)
  private Sport sport;

  @Enumerated(EnumType.STRING)
  private SessionKind kind;

  private int firstEfforts;
  private int secondEfforts;

  @Enumerated(EnumType.STRING)
  private Question.Measure measure;

  private int pairs;
  private long seed;
  private LocalDate askedOn;
  private UUID askedBy;
  private Instant givenUpAt;

  protected QuestionRow() {}

  QuestionRow(
      UUID athleteId,
      Sport sport,
      SessionKind kind,
      Question question,
      LocalDate askedOn,
      UUID askedBy) {
    this.id = UUID.randomUUID();
    this.athleteId = athleteId;
    this.sport = sport;
    this.kind = kind;
    this.firstEfforts = question.first();
    this.secondEfforts = question.second();
    this.measure = question.measure();
    this.pairs = question.pairs();
    this.seed = question.seed();
    this.askedOn = askedOn;
    this.askedBy = askedBy;
  }

  void giveUp(Instant now) {
    if (givenUpAt == null) {
      givenUpAt = now;
    }
  }

  Question question() {
    return new Question(firstEfforts, secondEfforts, measure, pairs, seed);
  }

  @Override
  public UUID getId() {
    return id;
  }

  UUID athleteId() {
    return athleteId;
  }

  Sport sport() {
    return sport;
  }

  SessionKind kind() {
    return kind;
  }

  boolean isAbout(Sport ofSport, SessionKind ofKind) {
    return sport == ofSport && kind == ofKind;
  }

  LocalDate askedOn() {
    return askedOn;
  }

  boolean isGivenUp() {
    return givenUpAt != null;
  }
}
