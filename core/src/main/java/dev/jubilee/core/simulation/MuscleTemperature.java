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
  private int warmer;
  private double level;
  private double staysWarming;
  private double staysCooling;

  public MuscleTemperature(Body body, Ambient air) {
    this.body = body;
    this.air = air;
  }

  /**
   * One second on, °C above rest in mild air.
   *
   * @param nowWarmer than the air it was made for, °C
   */
  double aSecondAfter(double now, double newCost, boolean nowInWater, int nowWarmer) {
    settle(newCost, nowInWater, nowWarmer);
    return level + (now - level) * (level > now ? staysWarming : staysCooling);
  }

  /** After some time of the same. */
  public double after(double now, double newCost, boolean nowInWater, int seconds) {
    return after(now, newCost, nowInWater, seconds, 0);
  }

  /** The same in air that is warmer, °C, than that it was made for. */
  public double after(double now, double newCost, boolean nowInWater, int seconds, int nowWarmer) {
    settle(newCost, nowInWater, nowWarmer);
    // Once on the way to a level it is never passed, so one rate holds all the time.
    return level + (now - level) * Math.pow(level > now ? staysWarming : staysCooling, seconds);
  }

  private void settle(double newCost, boolean nowInWater, int nowWarmer) {
    if (newCost == cost && nowInWater == inWater && nowWarmer == warmer) {
      return;
    }
    cost = newCost;
    inWater = nowInWater;
    warmer = nowWarmer;
    Ambient around = new Ambient(air.felt() + warmer, air.layers() && cost <= WORKING, air.water());
    level = body.level(cost, around, inWater);
    staysWarming = Math.exp(-1 / body.warming());
    staysCooling = Math.exp(-1 / body.cooling(around, inWater));
  }
}
