package dev.jubilee.core.simulation;

import dev.jubilee.core.intensity.CriticalModel;
import dev.jubilee.core.intensity.Effort;
import java.util.Arrays;

/** What a warm-up asks of the body, second by second from its beginning to the start. */
public final class LoadProfile {
  /** Standing about and changing over; Jubilee modelling choice. */
  public static final Effort STANDING = Effort.of(6);

  public static final double STANDING_COST = STANDING.points() / Effort.CRITICAL;

  /** Metabolic cost as a share of that at critical intensity. */
  final double[] cost;

  /** Speed or power as a share of the critical one. */
  final double[] speed;

  final double[] contacts;
  final boolean[] inWater;

  /** How much warmer it feels than where the start is, °C; 0 there. */
  final int[] warmer;

  /** W′ or D′ in seconds of critical intensity. */
  final double reserveSeconds;

  private LoadProfile(
      double[] cost,
      double[] speed,
      double[] contacts,
      boolean[] inWater,
      int[] warmer,
      double reserveSeconds) {
    this.cost = cost;
    this.speed = speed;
    this.contacts = contacts;
    this.inWater = inWater;
    this.warmer = warmer;
    this.reserveSeconds = reserveSeconds;
  }

  public int seconds() {
    return cost.length;
  }

  /** So many seconds of standing about, to be filled in by stretches. */
  public static LoadProfile standing(int seconds, CriticalModel model) {
    LoadProfile load =
        new LoadProfile(
            new double[seconds],
            new double[seconds],
            new double[seconds],
            new boolean[seconds],
            new int[seconds],
            model.reserve() / model.critical());
    Arrays.fill(load.cost, STANDING_COST);
    return load;
  }

  /**
   * A stretch of one effort.
   *
   * @param to second after its last
   * @param isSport whether it draws on the sport's reserve; drills tire by their contacts
   * @param contactsASecond ground contacts a second
   */
  public void put(
      int from,
      int to,
      Effort effort,
      CriticalModel model,
      boolean isSport,
      boolean wet,
      double contactsASecond) {
    Arrays.fill(cost, from, to, cost(effort, model));
    double share = model.intensityAt(effort) / model.critical();
    Arrays.fill(speed, from, to, isSport ? share : Math.min(1, share));
    Arrays.fill(inWater, from, to, wet);
    Arrays.fill(contacts, from, to, contactsASecond);
  }

  /** A stretch spent where it feels so many °C warmer than at the start. */
  public void putIn(int from, int to, int degrees) {
    Arrays.fill(warmer, from, to, degrees);
  }

  /** The effort scale is linear in cost below critical; above it cost goes with intensity. */
  public static double cost(Effort effort, CriticalModel model) {
    double points = effort.points();
    return points <= Effort.CRITICAL
        ? points / Effort.CRITICAL
        : model.intensityAt(effort) / model.critical();
  }

  /** The same followed by standing about, for when the start slips. */
  public LoadProfile thenStanding(int more) {
    int n = seconds();
    LoadProfile longer =
        new LoadProfile(
            Arrays.copyOf(cost, n + more),
            Arrays.copyOf(speed, n + more),
            Arrays.copyOf(contacts, n + more),
            Arrays.copyOf(inWater, n + more),
            Arrays.copyOf(warmer, n + more),
            reserveSeconds);
    Arrays.fill(longer.cost, n, n + more, STANDING_COST);
    return longer;
  }
}
