package dev.jubilee.core.prescription;

import dev.jubilee.core.drill.Block;
import dev.jubilee.core.drill.Dose;
import dev.jubilee.core.drill.Drill;
import dev.jubilee.core.drill.Need;
import dev.jubilee.core.drill.Position;
import dev.jubilee.core.sport.Sport;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;

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
  private final List<Need> needs;
  private final double[] weights;
  private final List<Option> options = new ArrayList<>();
  private final List<Option> chosen = new ArrayList<>();

  /** Coverage of each need by what is chosen, in the order of {@link #needs}. */
  private final double[] coverage;

  /** A drill in a dose with everything the search asks of it worked out once. */
  // The arrays never leave this class and never change.
  @SuppressWarnings("ArrayRecordComponent")
  private record Option(
      Benefit.Part part,
      String ladder,
      int seconds,
      int contacts,
      boolean forced,
      int[] serves,
      double[] strengths) {

    String id() {
      return part.drill().id();
    }

    Block block() {
      return part.drill().block();
    }
  }

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
    this.needs = List.copyOf(instance.needs().keySet());
    this.weights = needs.stream().mapToDouble(instance.needs()::get).toArray();
    this.coverage = new double[needs.size()];
    for (Drill drill : instance.candidates()) {
      for (Dose dose : doses(drill)) {
        options.add(option(new Benefit.Part(drill, dose), false));
      }
    }
    instance.forced().forEach(part -> add(option(part, true)));
  }

  static List<Benefit.Part> choose(Instance instance) {
    Selection selection = new Selection(instance);
    selection.fill();
    for (int i = 0; i < ROUNDS_OF_EXCHANGE && selection.exchangeOnce(); i++) {
      selection.fill();
    }
    return selection.chosen.stream().map(Option::part).toList();
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

  private Option option(Benefit.Part part, boolean forced) {
    Drill drill = part.drill();
    int[] serves =
        drill.serves().keySet().stream().mapToInt(needs::indexOf).filter(n -> n >= 0).toArray();
    double[] strengths = new double[serves.length];
    for (int i = 0; i < serves.length; i++) {
      strengths[i] = Benefit.strength(part, needs.get(serves[i]), instance.sport());
    }
    return new Option(
        part,
        drill.rung().map(Drill.Rung::ladder).orElse(""),
        seconds(part),
        drill.contactsIn(part.dose()),
        forced,
        serves,
        strengths);
  }

  private void fill() {
    while (true) {
      Option best = null;
      double bestRate = 0;
      for (Option option : options) {
        if (fits(option)) {
          double gain = gain(option);
          double rate = gain / option.seconds();
          if (gain >= WORTHWHILE && rate > bestRate + 1e-12) {
            best = option;
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
    Option out = null;
    Option in = null;
    for (Option leaving : List.copyOf(chosen)) {
      if (leaving.forced()) {
        continue;
      }
      remove(leaving);
      double loss = gain(leaving);
      for (Option option : options) {
        double gain = gain(option) - loss;
        if (gain > bestGain && fits(option)) {
          bestGain = gain;
          out = leaving;
          in = option;
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

  private boolean fits(Option option) {
    int total = option.seconds();
    int inBlock = total;
    int contacts = option.contacts();
    for (Option other : chosen) {
      boolean sameLadder = !option.ladder().isEmpty() && option.ladder().equals(other.ladder());
      if (sameLadder || option.id().equals(other.id())) {
        return false;
      }
      total += other.seconds();
      contacts += other.contacts();
      if (other.block() == option.block()) {
        inBlock += other.seconds();
      }
    }
    return chosen.size() < instance.drills()
        && total <= instance.seconds()
        && inBlock <= instance.blockSeconds().getOrDefault(option.block(), 0)
        && (option.contacts() == 0 || contacts <= instance.contacts());
  }

  private double gain(Option option) {
    double gain = 0;
    for (int i = 0; i < option.serves().length; i++) {
      double before = coverage[option.serves()[i]];
      double after = before + option.strengths()[i];
      gain += weights[option.serves()[i]] * (Benefit.satisfied(after) - Benefit.satisfied(before));
    }
    return gain;
  }

  private void add(Option option) {
    chosen.add(option);
    shift(option, 1);
  }

  private void remove(Option option) {
    chosen.remove(option);
    shift(option, -1);
  }

  private void shift(Option option, int sign) {
    for (int i = 0; i < option.serves().length; i++) {
      coverage[option.serves()[i]] += sign * option.strengths()[i];
    }
  }
}
