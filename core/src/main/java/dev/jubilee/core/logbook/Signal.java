package dev.jubilee.core.logbook;

import dev.jubilee.core.quantity.Bounds;

/**
 * What sensors said in one second; 0 where they said nothing.
 *
 * @param at ms since the epoch by the device's clock
 * @param heartRate beats/min, to 250
 * @param power W, to 3000
 * @param cadence strokes or turns of the crank a minute, to 300
 */
public record Signal(long at, int heartRate, int power, int cadence) {

  /**
   * @throws dev.jubilee.core.quantity.OutOfRangeException naming the field and what is accepted
   */
  public Signal {
    DeviceTime.require(at);
    Bounds.within("heartRate", heartRate, 0, 250, "beats/min");
    Bounds.within("power", power, 0, 3000, "W");
    Bounds.within("cadence", cadence, 0, 300, "a minute");
  }

  /** The same by a clock that is right. */
  Signal later(long millis) {
    return new Signal(at + millis, heartRate, power, cadence);
  }
}
