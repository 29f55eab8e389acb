package dev.jubilee.core.profile;

import dev.jubilee.core.drill.Need;
import dev.jubilee.core.drill.Skill;
import dev.jubilee.core.sport.BodyRegion;
import java.util.LinkedHashMap;
import java.util.Map;

/** Weights of what a session asks of joints, muscles and skills, 0.3 to 3, put together. */
public final class Needs {
  private final Map<Need, Double> weights;

  public Needs() {
    this(Map.of());
  }

  /** What is asked already, to be added to. */
  public Needs(Map<Need, Double> asked) {
    weights = new LinkedHashMap<>(asked);
  }

  public Needs mobility(BodyRegion region, double weight) {
    return more(new Need.Mobility(region), weight);
  }

  public Needs ankles(Need.AnkleRange.Foot foot, double weight) {
    return more(new Need.AnkleRange(foot), weight);
  }

  public Needs activation(BodyRegion region, double weight) {
    return more(new Need.Activation(region), weight);
  }

  public Needs skill(Skill skill, double weight) {
    return more(new Need.Rehearsal(skill), weight);
  }

  /** Adds to what is asked already. */
  public Needs more(Need need, double weight) {
    weights.merge(need, weight, Double::sum);
    return this;
  }

  /** Multiplies the weight of every skill. */
  public Needs skillsTimes(double factor) {
    weights.replaceAll((need, w) -> need instanceof Need.Rehearsal ? w * factor : w);
    return this;
  }

  public Map<Need, Double> weights() {
    return weights;
  }
}
