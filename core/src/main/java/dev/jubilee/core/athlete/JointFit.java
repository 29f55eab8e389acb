package dev.jubilee.core.athlete;

import dev.jubilee.core.intensity.CriticalModel;
import dev.jubilee.core.profile.Profiles;
import dev.jubilee.core.quantity.Phrase;
import dev.jubilee.core.sport.Sport;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.OptionalDouble;

/**
 * Critical intensity from all results of an athlete at once: each weighs by how much it tells, the
 * odd one out less, and where results of different lengths agree on it, the reserve is theirs
 * instead of the usual one. The reserve is its posterior mean in the two-parameter model (Monod
 * &amp; Scherrer 1965) with a bounded loss (Huber 1964); the prior on the reserve is a Jubilee
 * modelling choice.
 */
final class JointFit {
  /**
   * How far bodies of a sport lie apart in the logarithm of their reserve, one standard deviation:
   * of 75 s of critical power nineteen of twenty have 45 to 125 s; Jubilee modelling choice, after
   * the range in Jones et al. 2010 (from memory).
   */
  private static final double RESERVES = 0.25;

  /** The reserves that are looked at, in the same logarithm, and how finely. */
  private static final double FARTHEST = 1;

  private static final double FINE = 0.1;

  /** Deviations from which on a result pulls no harder (Huber 1964, from memory). */
  private static final double ODD = 1.5;

  /** The least share of all weight with which a result is said to count. */
  static final double COUNTS = 0.1;

  private static final int ROUNDS = 25;
  private static final double SETTLED = 1e-5;

  /**
   * What one result says.
   *
   * @param said logarithm of critical intensity, with the usual reserve
   * @param spread one standard deviation of that
   * @param seconds that it was held for; empty where critical intensity itself was tested
   */
  private record Word(double said, double spread, OptionalDouble seconds) {
    double weight() {
      return 1 / (spread * spread);
    }
  }

  /**
   * The fit.
   *
   * @param critical logarithm of it
   * @param reserve logarithm of its ratio to the usual one
   * @param spread one standard deviation of {@code critical}
   */
  private record Fit(double critical, double reserve, double spread) {}

  /**
   * A reserve that was tried, the middle of what the results then say, and how unlikely that is.
   */
  private record Looked(double reserve, double middle, double loss) {}

  private final CriticalModel usual;
  private final List<Word> words;

  private JointFit(Sport sport, List<Estimate> telling) {
    CriticalModel relative = Profiles.of(sport).relative();
    Estimate surest = surest(telling).orElseThrow();
    double seconds = surest.model().reserve() / surest.model().critical();
    // In the water the reserve is a distance, and lasts as long as the swimmer is slow.
    this.usual =
        CriticalModel.of(1, sport.isInWater() ? seconds : relative.reserve(), relative.top())
            .bentAs(relative.curve());
    this.words = telling.stream().map(JointFit::word).toList();
  }

  private static Word word(Estimate estimate) {
    List<Held> held = Held.in(estimate.result(), Estimates.stroke(estimate.result()));
    return new Word(
        Math.log(estimate.model().critical()),
        estimate.spread(),
        held.size() == 1 ? OptionalDouble.of(held.get(0).seconds()) : OptionalDouble.empty());
  }

  /** Of several the one with the least uncertainty, of equals the first. */
  static Optional<Estimate> surest(List<Estimate> all) {
    return all.stream().min(Comparator.comparingDouble(Estimate::spread));
  }

  /**
   * The estimate that all results of a sport make together.
   *
   * @param all what each of them says alone
   * @return the only one that tells, less sure the more of it the unknown reserve may have been;
   *     empty where there is none
   */
  static Optional<Estimate> of(Sport sport, List<Estimate> all) {
    List<Estimate> telling = telling(all);
    return telling.size() < 2
        ? surest(all).map(only -> isShort(only) ? only : alone(sport, only))
        : Optional.of(new JointFit(sport, telling).estimate(telling));
  }

  private static Estimate alone(Sport sport, Estimate only) {
    JointFit fit = new JointFit(sport, List.of(only));
    double reserves = (fit.said(-RESERVES)[0] - fit.said(RESERVES)[0]) / 2;
    return EstimateBuilder.builder(only)
        .own(only.ownFor(Math.hypot(only.spread(), reserves)))
        .build();
  }

  /**
   * Sprints tell little of what can be held, another stroke less than one's own, and a result that
   * was held back only that one can do at least as much.
   */
  private static List<Estimate> telling(List<Estimate> all) {
    Optional<Estimate> surest = surest(all);
    if (surest.isEmpty() || isShort(surest.get())) {
      return surest.stream().toList();
    }
    Estimate best = surest.get();
    return all.stream()
        .filter(e -> !isShort(e))
        .filter(e -> Estimates.stroke(e.result()) == Estimates.stroke(best.result()))
        .filter(
            e ->
                e.equals(best)
                    || !e.isHeldBack()
                    || best.isHeldBack()
                    || e.model().critical() > best.model().critical())
        .toList();
  }

  private static boolean isShort(Estimate estimate) {
    List<Held> held = Held.in(estimate.result(), Estimates.stroke(estimate.result()));
    return !held.isEmpty() && held.stream().allMatch(h -> h.seconds() < Estimates.SHORT);
  }

  private Estimate estimate(List<Estimate> telling) {
    Estimate surest = surest(telling).orElseThrow();
    Fit fit = fit();
    double critical = Math.exp(fit.critical());
    CriticalModel own = surest.model();
    double reserve = critical / own.critical() * own.reserve() * Math.exp(fit.reserve());
    double top = critical / own.critical() * own.top();
    double whole = words.stream().mapToDouble(Word::weight).sum();
    List<Estimate> counting =
        telling.stream().filter(e -> 1 / (e.spread() * e.spread()) >= COUNTS * whole).toList();
    return EstimateBuilder.builder(surest)
        .restsOn(counting.stream().map(Estimate::result).toList())
        .name(counting.size() == 1 ? surest.name() : "all results together")
        .model(CriticalModel.of(critical, reserve, top).bentAs(own.curve()))
        .own(surest.ownFor(fit.spread()))
        .basis(basis(surest.result().sport(), critical, telling.size()))
        .build();
  }

  private static Phrase basis(Sport sport, double critical, int results) {
    String how = ": " + results + " results, each weighed by how much it tells";
    if (sport.isByPower()) {
      return Phrase.of(String.format(Locale.ROOT, "Critical power %.0f W%s", critical, how));
    }
    Phrase.Kind kind = sport.isInWater() ? Phrase.Kind.SWIM_SPEED : Phrase.Kind.RUN_SPEED;
    String words = sport.isInWater() ? "Critical swim speed {0}" : "Critical speed {0}";
    return Phrase.of(words + how, new Phrase.Figure(kind, critical));
  }

  /** At the mean of all reserves, each as likely as the results and the prior make it. */
  private Fit fit() {
    List<Looked> looked = new ArrayList<>();
    double least = Double.POSITIVE_INFINITY;
    for (double r = -FARTHEST; r <= FARTHEST; r += FINE) {
      double[] said = said(r);
      double middle = middle(said);
      double loss = loss(r, said, middle);
      looked.add(new Looked(r, middle, loss));
      least = Math.min(least, loss);
    }
    double all = 0;
    double reserve = 0;
    double critical = 0;
    double square = 0;
    for (Looked one : looked) {
      // Against the likeliest: of hundreds that disagree each is too unlikely to be a number.
      double share = Math.exp(least - one.loss());
      all += share;
      reserve += share * one.reserve();
      critical += share * one.middle();
      square += share * one.middle() * one.middle();
    }
    reserve /= all;
    critical /= all;
    double variance = Math.max(0, square / all - critical * critical) + variance(reserve);
    return new Fit(middle(said(reserve)), reserve, Math.sqrt(variance));
  }

  /** What is left when the reserve is known: as wide as the results disagree. */
  private double variance(double reserve) {
    double[] said = said(reserve);
    double middle = middle(said);
    double apart = 0;
    double weight = 0;
    for (int i = 0; i < said.length; i++) {
      double z = (said[i] - middle) / words.get(i).spread();
      apart += z * z;
      weight += words.get(i).weight();
    }
    return Math.max(1, apart / (said.length - 1)) / weight;
  }

  private double loss(double reserve, double[] said, double middle) {
    double loss = Math.pow(reserve / RESERVES, 2) / 2;
    for (int i = 0; i < said.length; i++) {
      double z = Math.abs(said[i] - middle) / words.get(i).spread();
      loss += z <= ODD ? z * z / 2 : ODD * (z - ODD / 2);
    }
    return loss;
  }

  /** What each result says with another reserve than the usual one. */
  private double[] said(double reserve) {
    CriticalModel other =
        CriticalModel.of(1, usual.reserve() * Math.exp(reserve), usual.top()).bentAs(usual.curve());
    return words.stream()
        .mapToDouble(
            word ->
                word.seconds().isEmpty()
                    ? word.said()
                    : word.said()
                        - Math.log(
                            other.sustainable(word.seconds().getAsDouble())
                                / usual.sustainable(word.seconds().getAsDouble())))
        .toArray();
  }

  /** The middle of what the results say, by weights that fall for the odd one out. */
  private double middle(double[] said) {
    double middle = said[0];
    double before = Double.POSITIVE_INFINITY;
    for (int round = 0; round < ROUNDS && Math.abs(middle - before) > SETTLED; round++) {
      before = middle;
      double sum = 0;
      double whole = 0;
      for (int i = 0; i < said.length; i++) {
        double z = Math.abs(said[i] - middle) / words.get(i).spread();
        double weight = words.get(i).weight() * (round > 0 && z > ODD ? ODD / z : 1);
        sum += weight * said[i];
        whole += weight;
      }
      middle = sum / whole;
    }
    return middle;
  }
}
