package dev.jubilee.core.logbook;

import dev.jubilee.core.quantity.Bounds;

/**
 * Something that happened while a warm-up was followed, as the device in hand tells it.
 *
 * @param sequence counts the events of one device at one warm-up, 1 to {@value #MOST}
 * @param run which time the page was opened on the device, from 1; its clock may differ in each
 * @param at ms since the epoch by the device's clock
 */
public record FollowEvent(int sequence, int run, long at, Happening happening) {

  /** Events of one device at one warm-up. */
  public static final int MOST = 20_000;

  /**
   * @throws dev.jubilee.core.quantity.OutOfRangeException naming the field and what would be
   *     accepted
   */
  public FollowEvent {
    Bounds.within("sequence", sequence, 1, MOST, "");
    Bounds.within("run", run, 1, 10_000, "");
    DeviceTime.require(at);
  }
}
