package dev.jubilee.core.simulation;

import dev.jubilee.core.session.Circumstances;

/**
 * What the body loses heat to.
 *
 * @param felt air as it feels, °C
 * @param layers whether warm layers are worn whenever the athlete is not working hard
 */
public record Air(int felt, boolean layers) {

  public static Air of(Circumstances circumstances) {
    return new Air(circumstances.feltTemperature(), false);
  }

  public Air withLayers() {
    return new Air(felt, true);
  }
}
