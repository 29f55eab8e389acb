package dev.jubilee.core.prescription;

import dev.jubilee.core.drill.Block;
import dev.jubilee.core.drill.Dose;
import dev.jubilee.core.drill.Drill;
import dev.jubilee.core.drill.Need;
import dev.jubilee.core.drill.Position;
import dev.jubilee.core.sport.Sport;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Set;

/**
 * Chooses drills and doses that serve the needs best within the seconds, one rung a ladder.
 *
 * <p>First pass of the choice: the drill with the greatest gain a second is added until nothing
 * fits or nothing gains, then single exchanges improve it as long as any does. The objective never
 * gets worse, ties go to library order, so the result is the same for the same instance.
 */
final class Selection {
  /** A gain below this is padding: a joint already served, at the cost of a coach's patience. */
  private static final double WORTHWHILE = 0.15;

  private static final int ROUNDS_OF_EXCHANGE = 20;

  private final Instance instance;
  private final List<Benefit.Part> chosen = new ArrayList<>();
  private final Map<Need, Double> coverage = new HashMap<>();

  /**
   * What to choose from and within what.
   *
   * @param candidates eligible drills, harder rungs of a ladder first
   * @param forced drills that are in, in these doses
   * @param needs weights
   * @param seconds for all chosen drills together, changeovers included
   * @param blockSeconds most seconds for each block
   * @param contacts most ground contacts
   * @param drills most drills, forced ones included
   */
  record Instance(
      Sport sport,
      List<Drill> candidates,
      List<Benefit.Part> forced,
      Map<Need, Double> needs,
      int seconds,
      Map<Block, Integer> blockSeconds,
      int contacts,
      int drills) {}

  private Selection(Instance instance) {
    this.instance = instance;
    instance.forced().forEach(this::add);
  }

  static List<Benefit.Part> choose(Instance instance) {
    Selection selection = new Selection(instance);
    selection.fill();
    for (int i = 0; i < ROUNDS_OF_EXCHANGE && selection.exchangeOnce(); i++) {
      selection.fill();
    }
    return List.copyOf(selection.chosen);
  }

  /**
   * Seconds a part takes in the plan, with a fair guess of the changeover before its order is
   * known.
   */
  static int seconds(Benefit.Part part) {
    Drill drill = part.drill();
    int worn = drill.kit().stream().anyMatch(k -> k.isWorn()) ? 10 : 0;
    int floor = drill.position() == Position.FLOOR ? 3 : 0;
    return part.dose().seconds() + 5 + worn + floor;
  }

  /** The doses worth trying: the usual and a short one, in round figures. */
  static List<Dose> doses(Drill drill) {
    int usual = drill.usual().amount();
    List<Dose> doses = new ArrayList<>();
    for (double factor : new double[] {1, 0.65}) {
      int amount = round(drill.usual(), usual * factor);
      Dose dose = drill.usual().withAmount(Math.max(drill.least(), Math.min(drill.most(), amount)));
      if (!doses.contains(dose)) {
        doses.add(dose);
      }
    }
    return doses;
  }

  private static int round(Dose dose, double amount) {
    int unit = dose instanceof Dose.Timed ? 5 : dose instanceof Dose.Reps && amount >= 6 ? 2 : 1;
    return Math.max(1, (int) Math.round(amount / unit) * unit);
  }

  private void fill() {
    while (true) {
      Benefit.Part best = null;
      double bestRate = 0;
      for (Drill drill : instance.candidates()) {
        for (Dose dose : doses(drill)) {
          Benefit.Part part = new Benefit.Part(drill, dose);
          if (!fits(part)) {
            continue;
          }
          double gain = gain(part);
          double rate = gain / seconds(part);
          if (gain >= WORTHWHILE && rate > bestRate + 1e-12) {
            best = part;
            bestRate = rate;
          }
        }
      }
      if (best == null) {
        return;
      }
      add(best);
    }
  }

  /** Replaces one chosen drill by another if that gains; the best such exchange is made. */
  private boolean exchangeOnce() {
    double bestGain = 1e-6;
    Benefit.Part out = null;
    Benefit.Part in = null;
    for (Benefit.Part leaving : List.copyOf(chosen)) {
      if (instance.forced().contains(leaving)) {
        continue;
      }
      remove(leaving);
      double loss = gain(leaving);
      for (Drill drill : instance.candidates()) {
        for (Dose dose : doses(drill)) {
          Benefit.Part part = new Benefit.Part(drill, dose);
          if (!part.equals(leaving) && fits(part)) {
            double gain = gain(part) - loss;
            if (gain > bestGain) {
              bestGain = gain;
              out = leaving;
              in = part;
            }
          }
        }
      }
      add(leaving);
    }
    if (out == null) {
      return false;
    }
    remove(out);
    add(in);
    return true;
  }

  private boolean fits(Benefit.Part part) {
    Drill drill = part.drill();
    int total = seconds(part);
    int inBlock = total;
    int contacts = drill.contactsIn(part.dose());
    Set<String> ladders = new HashSet<>();
    for (Benefit.Part other : chosen) {
      if (other.drill().id().equals(drill.id())) {
        return false;
      }
      other.drill().rung().ifPresent(r -> ladders.add(r.ladder()));
      total += seconds(other);
      contacts += other.drill().contactsIn(other.dose());
      if (other.drill().block() == drill.block()) {
        inBlock += seconds(other);
      }
    }
    return chosen.size() < instance.drills()
        && total <= instance.seconds()
        && inBlock <= instance.blockSeconds().getOrDefault(drill.block(), 0)
        && (drill.contacts() == 0 || contacts <= instance.contacts())
        && drill.rung().filter(r -> ladders.contains(r.ladder())).isEmpty();
  }

  private double gain(Benefit.Part part) {
    double gain = 0;
    for (Need need : part.drill().serves().keySet()) {
      Double weight = instance.needs().get(need);
      if (weight != null) {
        double before = coverage.getOrDefault(need, 0.0);
        double after = before + Benefit.strength(part, need, instance.sport());
        gain += weight * (Benefit.satisfied(after) - Benefit.satisfied(before));
      }
    }
    return gain;
  }

  private void add(Benefit.Part part) {
    chosen.add(part);
    shift(part, 1);
  }

  private void remove(Benefit.Part part) {
    chosen.remove(part);
    shift(part, -1);
  }

  private void shift(Benefit.Part part, int sign) {
    for (Need need : part.drill().serves().keySet()) {
      coverage.merge(need, sign * Benefit.strength(part, need, instance.sport()), Double::sum);
    }
  }
}
