package dev.jubilee.server.logbook;

import dev.jubilee.core.decision.Decision;
import dev.jubilee.server.tenant.ClubRow;
import jakarta.persistence.Entity;
import jakarta.persistence.EnumType;
import jakarta.persistence.Enumerated;
import jakarta.persistence.Id;
import jakarta.persistence.Table;
import java.time.Instant;
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

  /** Takes one event; those that say nothing of where one is change nothing. */
  void take(EventBatch.Event event, Instant at) {
    switch (event.kind()) {
      case ON_THE_WAY -> onWayAt = later(onWayAt, at);
      case BEGUN -> begunAt = earlier(begunAt, at);
      case ITEM_STARTED -> {
        if (itemAt == null || !at.isBefore(itemAt)) {
          item = event.item();
          itemAt = at;
        }
      }
      case ENDED -> endedAt = later(endedAt, at);
      case START_GIVEN -> startedAt = earlier(startedAt, at);
      case LOOKED -> {
        if (decidedAt == null || !at.isBefore(decidedAt)) {
          decided = event.look().decided();
          decidedAt = at;
        }
      }
      default -> {}
    }
  }

  void change(Instant now) {
    changedAt = now;
  }

  private static Instant earlier(Instant before, Instant at) {
    return before == null || at.isBefore(before) ? at : before;
  }

  private static Instant later(Instant before, Instant at) {
    return before == null || at.isAfter(before) ? at : before;
  }

  /** Of which warm-up. */
  @Override
  public UUID getId() {
    return prescriptionId;
  }

  public Instant onWayAt() {
    return onWayAt;
  }

  public Instant begunAt() {
    return begunAt;
  }

  public String item() {
    return item;
  }

  public Instant itemAt() {
    return itemAt;
  }

  public Instant endedAt() {
    return endedAt;
  }

  public Instant startedAt() {
    return startedAt;
  }

  public Decision.Kind decided() {
    return decided;
  }
}
