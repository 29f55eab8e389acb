package dev.jubilee.core.logbook;

import dev.jubilee.core.quantity.OutOfRangeException;
import java.time.Instant;

/** What a device's clock may say: a wrong one is set right, nonsense is not. */
final class DeviceTime {
  private static final long EARLIEST = Instant.parse("2000-01-01T00:00:00Z").toEpochMilli();
  private static final long LATEST = Instant.parse("2100-01-01T00:00:00Z").toEpochMilli();

  private DeviceTime() {}

  /**
   * Refuses what no clock says.
   *
   * @param at ms since the epoch
   * @throws OutOfRangeException naming {@code at} and what would be accepted
   */
  static void require(long at) {
    if (at < EARLIEST || at > LATEST) {
      throw new OutOfRangeException("at", at + " ms", "ms since 1970, from 2000 to 2100");
    }
  }
}
