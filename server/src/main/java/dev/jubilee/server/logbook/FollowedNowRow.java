package dev.jubilee.server.logbook;

import dev.jubilee.core.decision.Decision;
import dev.jubilee.core.logbook.Standing;
import dev.jubilee.core.logbook.Standing.Since;
import dev.jubilee.core.logbook.StandingBuilder;
import dev.jubilee.server.tenant.ClubRow;
import jakarta.persistence.Entity;
import jakarta.persistence.EnumType;
import jakarta.persistence.Enumerated;
import jakarta.persistence.Id;
import jakarta.persistence.Table;
import java.time.Instant;
import java.util.Optional;
import java.util.UUID;

/** Where a followed warm-up stands; its events may arrive in any order. */
@Entity
@Table(name = "followed_now")
@SuppressWarnings("UnusedVariable")
public class FollowedNowRow extends ClubRow<UUID> {
  @Id private UUID prescriptionId;
  private Instant onWayAt;
  private Instant begunAt;
  private String item;
  private Instant itemAt;
  private Instant endedAt;
  private Instant startedAt;

  @Enumerated(EnumType.STRING)
  private Decision.Kind decided;

  private Instant decidedAt;
  private Instant changedAt;

  protected FollowedNowRow() {}

  FollowedNowRow(UUID prescriptionId) {
    this.prescriptionId = prescriptionId;
  }

  void stand(Standing standing, Instant now) {
    onWayAt = standing.onWay().orElse(null);
    begunAt = standing.begun().orElse(null);
    item = standing.item().map(Since::what).orElse(null);
    itemAt = standing.item().map(Since::at).orElse(null);
    endedAt = standing.ended().orElse(null);
    startedAt = standing.started().orElse(null);
    decided = standing.decided().map(Since::what).orElse(null);
    decidedAt = standing.decided().map(Since::at).orElse(null);
    changedAt = now;
  }

  Standing standing() {
    return StandingBuilder.builder()
        .onWay(Optional.ofNullable(onWayAt))
        .begun(Optional.ofNullable(begunAt))
        .item(Optional.ofNullable(item).map(i -> new Since<>(i, itemAt)))
        .ended(Optional.ofNullable(endedAt))
        .started(Optional.ofNullable(startedAt))
        .decided(Optional.ofNullable(decided).map(d -> new Since<>(d, decidedAt)))
        .build();
  }

  /** Of which warm-up. */
  @Override
  public UUID getId() {
    return prescriptionId;
  }
}
