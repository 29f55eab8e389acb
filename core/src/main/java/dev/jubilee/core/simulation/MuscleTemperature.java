package dev.jubilee.core.simulation;

/** Muscle temperature: towards a level that load and surroundings set, quicker up than down. */
public final class MuscleTemperature {
  /** Cost from which a light sweat comes and layers come off; common practice. */
  private static final double WORKING = 0.5;

  private final Body body;
  private final Ambient air;

  /** The last surroundings and what follows from them, as they last many seconds. */
  private double cost = -1;

  private boolean inWater;
  private double level;
  private double staysWarming;
  private double staysCooling;

  public MuscleTemperature(Body body, Ambient air) {
    this.body = body;
    this.air = air;
  }

  /** One second on, °C above rest in mild air. */
  double after(double now, double newCost, boolean nowInWater) {
    settle(newCost, nowInWater);
    return level + (now - level) * (level > now ? staysWarming : staysCooling);
  }

  /** After some time of the same. */
  public double after(double now, double newCost, boolean nowInWater, int seconds) {
    settle(newCost, nowInWater);
    // Once on the way to a level it is never passed, so one rate holds all the time.
    return level + (now - level) * Math.pow(level > now ? staysWarming : staysCooling, seconds);
  }

  private void settle(double newCost, boolean nowInWater) {
    if (newCost == cost && nowInWater == inWater) {
      return;
    }
    cost = newCost;
    inWater = nowInWater;
    Ambient around = cost > WORKING ? new Ambient(air.felt(), false) : air;
    level = body.level(cost, around, inWater);
    staysWarming = Math.exp(-1 / body.warming());
    staysCooling = Math.exp(-1 / body.cooling(around, inWater));
  }
}
