package dev.jubilee.core.simulation;

import dev.jubilee.core.circumstances.Circumstances;
import dev.jubilee.core.circumstances.Conditions;

/**
 * What the body loses heat to.
 *
 * @param felt air as it feels, °C
 * @param layers whether warm layers are worn whenever the athlete is not working hard
 * @param water air that draws as much as the water one would swim in, °C
 */
public record Ambient(int felt, boolean layers, int water) {
  /** In air like this no warmth is gained or lost by it, °C; Jubilee modelling choice. */
  static final int MILD = 20;

  /** Water of a pool draws like air this cold; Jubilee modelling choice. */
  private static final int POOL = 8;

  /** It is so warm, °C; common practice. */
  private static final int POOL_TEMPERATURE = 27;

  /** Water draws so many times as much a degree as air does; Jubilee modelling choice. */
  private static final int STRONGER = 2;

  /** A wetsuit halves what is drawn; Jubilee modelling choice. */
  private static final double THROUGH_A_WETSUIT = 0.5;

  /** With a pool's water. */
  public static Ambient inAir(int felt, boolean layers) {
    return new Ambient(felt, layers, POOL);
  }

  public static Ambient of(Circumstances circumstances) {
    Conditions conditions = circumstances.conditions();
    int water = conditions.water().map(w -> POOL + STRONGER * (w - POOL_TEMPERATURE)).orElse(POOL);
    if (conditions.wetsuit()) {
      water = (int) Math.round(MILD - THROUGH_A_WETSUIT * (MILD - water));
    }
    return new Ambient(circumstances.feltTemperature(), false, water);
  }

  public Ambient withLayers() {
    return new Ambient(felt, true, water);
  }
}
