package dev.jubilee.server.logbook;

import dev.jubilee.server.tenant.ClubRow;
import jakarta.persistence.Entity;
import jakarta.persistence.Id;
import jakarta.persistence.IdClass;
import jakarta.persistence.Table;
import java.io.Serializable;
import java.util.UUID;

/** How far a device's clock is off in one run of its page. */
@Entity
@Table(name = "followed_clock")
@IdClass(FollowedClockRow.Key.class)
@SuppressWarnings("UnusedVariable")
class FollowedClockRow extends ClubRow<FollowedClockRow.Key> {

  /** One run of one device that follows one warm-up. */
  record Key(UUID prescriptionId, UUID device, int run) implements Serializable {}

  @Id private UUID prescriptionId;
  @Id private UUID device;
  @Id private int run;
  private long offsetMillis;

  protected FollowedClockRow() {}

  FollowedClockRow(Key key) {
    this.prescriptionId = key.prescriptionId();
    this.device = key.device();
    this.run = key.run();
    this.offsetMillis = Long.MAX_VALUE;
  }

  /** What came fastest tells best. */
  void hear(long millis) {
    offsetMillis = Math.min(offsetMillis, millis);
  }

  @Override
  public Key getId() {
    return new Key(prescriptionId, device, run);
  }

  UUID device() {
    return device;
  }

  int run() {
    return run;
  }

  long offsetMillis() {
    return offsetMillis;
  }
}
