package dev.jubilee.server.demo;

import dev.jubilee.core.athlete.Physique;
import dev.jubilee.core.athlete.PhysiqueBuilder;
import dev.jubilee.core.learning.WarmingMoment;
import dev.jubilee.core.plan.Plan;
import dev.jubilee.core.plan.SimulatedPlan;
import java.util.Map;
import java.util.Random;

/**
 * How the demo's athletes are made up: a true body, a habit, and chance with a fixed seed. None of
 * it is measured of anybody.
 *
 * @param warming true time constant of muscle, as a share of the usual
 * @param heartLag true time constant of heart rate, s; 0 for whoever wears no strap
 * @param heartLevel how far the heart rises, as a share of the usual
 * @param bestWithout effort of the session on which they are best without any graded effort
 * @param sooner by how many efforts sooner each graded one makes it
 * @param felt how ready they feel with four graded efforts, 1 to 5
 * @param tempo how long drills take them, as a share of ours
 */
record DemoBody(
    double warming,
    double heartLag,
    double heartLevel,
    double bestWithout,
    double sooner,
    double felt,
    double tempo) {
  private static final DemoBody USUAL = new DemoBody(1, 0, 1, 5, 0.6, 3.6, 1.05);

  private static final Map<String, DemoBody> BY_NAME =
      Map.of(
          "Maren Tarnfield", new DemoBody(0.85, 35, 1.02, 6.2, 0.85, 3.8, 1),
          "Ines Farrowby", new DemoBody(1.2, 50, 0.94, 5, 0.5, 3.4, 1.1),
          "Tobias Quillow", new DemoBody(1.3, 60, 1.05, 4.6, 0.3, 3, 1.25),
          "Saskia Brandlow", new DemoBody(0.9, 32, 0.98, 5, 0.6, 4, 1),
          "Jory Pellwick", new DemoBody(1.1, 0, 1, 5, 0.5, 3.3, 1.1),
          "Edda Lindmere", new DemoBody(0.66, 38, 1.08, 5.4, 0.7, 3.7, 1),
          "Pia Thornmere", new DemoBody(0.95, 30, 1, 5.6, 0.8, 4.2, 0.95),
          "Caspian Roewater", new DemoBody(1.35, 0, 1, 4, 0.2, 3, 1.3),
          "Wren Osterbeck", new DemoBody(0.9, 0, 1, 5.5, 0.7, 4.1, 1),
          "Dov Marlowick", new DemoBody(1.1, 0, 1, 5, 0.4, 3.3, 1.1));

  static DemoBody of(String name) {
    return BY_NAME.getOrDefault(name, USUAL);
  }

  /** When their jacket comes off, s after the beginning; whoever presses is early or late. */
  int jacketOff(Plan plan, Random chance) {
    double today = warming * Math.exp(0.3 * chance.nextGaussian());
    double held = Math.max(Physique.LEAST, Math.min(Physique.MOST, today));
    return WarmingMoment.expected(plan, held);
  }

  /** On which effort of the session they are best. */
  int best(int efforts, Random chance) {
    double best = bestWithout - sooner * efforts + 0.7 * chance.nextGaussian();
    return (int) Math.max(1, Math.min(8, Math.round(best)));
  }

  /** How ready it feels. */
  int felt(int efforts, Random chance) {
    double ready = felt + 0.25 * (efforts - 4) + 0.6 * chance.nextGaussian();
    return (int) Math.max(1, Math.min(5, Math.round(ready)));
  }

  /** How long a drill takes, s. */
  int seconds(int planned, String drill, Random chance) {
    // Some drills take everybody longer than we say, always the same ones.
    double hard = drill.hashCode() % 7 == 0 ? 1.3 : 1;
    return (int) Math.max(3, planned * tempo * hard * Math.exp(0.08 * chance.nextGaussian()));
  }

  /** How long they take to get to a drill, s: longer than we say, wherever kit is fetched. */
  int change(int planned, Random chance) {
    return (int) Math.max(1, planned * tempo * 1.2 * Math.exp(0.2 * chance.nextGaussian()));
  }

  /** What their strap says, beats/min; 0 where they wear none. */
  int beats(SimulatedPlan simulated, int second, Random chance) {
    if (heartLag == 0 || simulated.plan().anchors().heart().isEmpty()) {
      return 0;
    }
    double share = simulated.trace().heart(second);
    return (int)
        Math.round(
            simulated.plan().anchors().heart().get().atReserve(Math.min(1, share))
                + 2.5 * chance.nextGaussian());
  }

  /** The body to simulate their strap with. */
  Physique physique() {
    return PhysiqueBuilder.builder()
        .warming(Math.max(Physique.LEAST, warming))
        .spread(Physique.BODIES_DIFFER)
        .heartLag(heartLag == 0 ? Physique.USUAL_LAG : heartLag)
        .heartLevel(heartLevel)
        .moments(0)
        .sooner(0)
        .jacketOff(0)
        .build();
  }
}
