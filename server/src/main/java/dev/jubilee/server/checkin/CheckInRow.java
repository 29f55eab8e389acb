package dev.jubilee.server.checkin;

import dev.jubilee.core.checkin.CheckIn;
import dev.jubilee.core.checkin.TodaysChange;
import dev.jubilee.server.checkin.CheckInView.State;
import dev.jubilee.server.checkin.stored.CheckInV1;
import dev.jubilee.server.checkin.stored.TakenV1;
import dev.jubilee.server.signin.Coach;
import dev.jubilee.server.tenant.ClubRow;
import jakarta.persistence.Entity;
import jakarta.persistence.EnumType;
import jakarta.persistence.Enumerated;
import jakarta.persistence.FetchType;
import jakarta.persistence.Id;
import jakarta.persistence.JoinColumn;
import jakarta.persistence.ManyToOne;
import jakarta.persistence.Table;
import java.time.Instant;
import java.util.List;
import java.util.Optional;
import java.util.UUID;
import org.hibernate.annotations.JdbcTypeCode;
import org.hibernate.annotations.Mutability;
import org.hibernate.type.SqlTypes;
import org.hibernate.type.descriptor.java.Immutability;

/** A check-in as it was told, and what was decided about it. */
@Entity
@Table(name = "check_in")
@SuppressWarnings("UnusedVariable")
class CheckInRow extends ClubRow<UUID> {

  @Id private UUID id;
  private UUID prescriptionId;
  private Instant toldAt;
  private Instant receivedAt;

  @JdbcTypeCode(SqlTypes.JSON)
  @Mutability(Immutability.class)
  private CheckInV1 answers;

  private boolean coachFirst;

  @Enumerated(EnumType.STRING)
  private State state;

  @ManyToOne(fetch = FetchType.LAZY)
  @JoinColumn(name = "decided_by")
  private Coach decidedBy;

  private Instant decidedAt;

  @JdbcTypeCode(SqlTypes.JSON)
  @Mutability(Immutability.class)
  private TakenV1 taken;

  protected CheckInRow() {}

  CheckInRow(
      UUID id, UUID prescriptionId, Instant toldAt, Instant receivedAt, CheckIn told, State state) {
    this.id = id;
    this.prescriptionId = prescriptionId;
    this.toldAt = toldAt;
    this.receivedAt = receivedAt;
    this.answers = CheckInV1.of(told);
    this.coachFirst = told.needsTheCoachFirst();
    this.state = state;
  }

  void decide(State decided, Coach coach, Instant at, List<TodaysChange> changes) {
    this.state = decided;
    this.decidedBy = coach;
    this.decidedAt = at;
    this.taken = TakenV1.of(changes);
  }

  @Override
  public UUID getId() {
    return id;
  }

  UUID prescriptionId() {
    return prescriptionId;
  }

  Instant toldAt() {
    return toldAt;
  }

  CheckIn answers() {
    return answers.toCore();
  }

  State state() {
    return state;
  }

  Optional<Instant> decidedAt() {
    return Optional.ofNullable(decidedAt);
  }

  List<TodaysChange> taken() {
    return taken == null ? List.of() : taken.toCore();
  }

  /** The coach's name. */
  Optional<String> decidedBy() {
    return Optional.ofNullable(decidedBy).map(Coach::name);
  }
}
