package dev.jubilee.server.checkin;

import dev.jubilee.server.checkin.CheckInView.State;
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

  /** What a coach took over; a list alone would not say of which kind each change is. */
  record Taken(List<ChangeView> changes) {}

  @Id private UUID id;
  private UUID prescriptionId;
  private Instant toldAt;
  private Instant receivedAt;

  @JdbcTypeCode(SqlTypes.JSON)
  @Mutability(Immutability.class)
  private CheckInInput answers;

  private boolean coachFirst;

  @Enumerated(EnumType.STRING)
  private State state;

  @ManyToOne(fetch = FetchType.LAZY)
  @JoinColumn(name = "decided_by")
  private Coach decidedBy;

  private Instant decidedAt;

  @JdbcTypeCode(SqlTypes.JSON)
  @Mutability(Immutability.class)
  private Taken taken;

  protected CheckInRow() {}

  CheckInRow(
      UUID id,
      UUID prescriptionId,
      Instant toldAt,
      Instant receivedAt,
      CheckInInput answers,
      State state) {
    this.id = id;
    this.prescriptionId = prescriptionId;
    this.toldAt = toldAt;
    this.receivedAt = receivedAt;
    this.answers = answers;
    this.coachFirst = answers.toCore().needsTheCoachFirst();
    this.state = state;
  }

  void decide(State decided, Coach coach, Instant at, List<ChangeView> changes) {
    this.state = decided;
    this.decidedBy = coach;
    this.decidedAt = at;
    this.taken = new Taken(changes);
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

  CheckInInput answers() {
    return answers;
  }

  State state() {
    return state;
  }

  Optional<Instant> decidedAt() {
    return Optional.ofNullable(decidedAt);
  }

  List<ChangeView> taken() {
    return taken == null ? List.of() : taken.changes();
  }

  /** The coach's name. */
  Optional<String> decidedBy() {
    return Optional.ofNullable(decidedBy).map(Coach::name);
  }
}
