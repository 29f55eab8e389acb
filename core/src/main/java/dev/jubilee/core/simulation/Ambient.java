package dev.jubilee.core.simulation;

import dev.jubilee.core.circumstances.Circumstances;

/**
 * What the body loses heat to.
 *
 * @param felt air as it feels, °C
 * @param layers whether warm layers are worn whenever the athlete is not working hard
 */
public record Ambient(int felt, boolean layers) {

  public static Ambient of(Circumstances circumstances) {
    return new Ambient(circumstances.feltTemperature(), false);
  }

  public Ambient withLayers() {
    return new Ambient(felt, true);
  }
}
