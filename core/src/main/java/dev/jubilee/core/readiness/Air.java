package dev.jubilee.core.readiness;

import dev.jubilee.core.session.Circumstances;

/**
 * What the body loses heat to.
 *
 * @param felt air as it feels, °C
 * @param layers whether warm layers are worn whenever the athlete is not working hard
 */
record Air(int felt, boolean layers) {

  static Air of(Circumstances circumstances) {
    return new Air(circumstances.feltTemperature(), false);
  }

  Air withLayers() {
    return new Air(felt, true);
  }
}
