package dev.jubilee.core.statistics;

import dev.jubilee.core.quantity.Bounds;
import org.apache.commons.statistics.distribution.NormalDistribution;

/**
 * What is known of a factor whose logarithm is normal: before anything was seen, and, by Bayes'
 * rule, after. Normal prior and normal noise of known size are conjugate, so that what is known
 * stays of this form (Gelman et al., <i>Bayesian Data Analysis</i>, section 2.5).
 *
 * @param mean of the logarithm
 * @param variance of the logarithm, above 0
 */
public record LogNormal(double mean, double variance) {
  private static final NormalDistribution STANDARD = NormalDistribution.of(0, 1);

  /** Points on either side at which a density is looked at, and how far they go. */
  private static final int FINE = 30;

  private static final double FAR = 5;

  /** What is less likely is taken for as likely, so that one sighting never tells all. */
  private static final double NEVER = 1e-3;

  public LogNormal {
    Bounds.within("variance", variance, 1e-9, 100, "");
  }

  /**
   * Around a usual value.
   *
   * @param spread standard deviation of the logarithm
   */
  public static LogNormal around(double usual, double spread) {
    return new LogNormal(Math.log(usual), spread * spread);
  }

  /**
   * What is known after one more was seen.
   *
   * @param factor that was seen, above 0
   * @param noise what one sighting is off by for other reasons, standard deviation of its logarithm
   */
  public LogNormal seen(double factor, double noise) {
    double precision = 1 / variance + 1 / (noise * noise);
    double sum = mean / variance + Math.log(factor) / (noise * noise);
    return new LogNormal(sum / precision, 1 / precision);
  }

  /**
   * The same where more than so much is never seen: a sighting below a low end says less of the
   * value. Its likelihood is divided by how likely it was to be seen at all, and what comes of that
   * is put into this form by its mean and variance (assumed-density filtering; Minka 2001).
   *
   * @param most that can be seen, {@code factor} or more
   */
  public LogNormal seenUpTo(double most, double factor, double noise) {
    LogNormal seen = seen(factor, noise);
    double end = Math.log(most);
    double weights = 0;
    double sum = 0;
    double squares = 0;
    for (int i = -FINE; i <= FINE; i++) {
      double z = FAR * i / FINE;
      double value = seen.mean + z * seen.spread();
      double isSeen = STANDARD.cumulativeProbability((end - value) / noise);
      double weight = Math.exp(-z * z / 2) / Math.max(NEVER, isSeen);
      weights += weight;
      sum += weight * value;
      squares += weight * value * value;
    }
    double newMean = sum / weights;
    return new LogNormal(newMean, Math.max(1e-9, squares / weights - newMean * newMean));
  }

  /**
   * Whether something that was seen next is in the middle of what could be seen.
   *
   * @param most that could be seen
   * @param share of the middle, such as 0.8
   */
  public boolean expects(double factor, double noise, double most, double share) {
    LogNormal next = next(noise);
    double below = next.below(factor) / next.below(most);
    return below >= (1 - share) / 2 && below <= (1 + share) / 2;
  }

  private double below(double value) {
    return STANDARD.cumulativeProbability((Math.log(value) - mean) / spread());
  }

  /** Of what is seen next, of which each sighting is off by its own noise. */
  public LogNormal next(double noise) {
    return new LogNormal(mean, variance + noise * noise);
  }

  /** The value that it is as likely above as below. */
  public double median() {
    return Math.exp(mean);
  }

  /** Standard deviation of the logarithm. */
  public double spread() {
    return Math.sqrt(variance);
  }

  /**
   * The value below which it is with this probability.
   *
   * @param probability 0 to 1, both left out
   */
  public double quantile(double probability) {
    return Math.exp(mean + spread() * STANDARD.inverseCumulativeProbability(probability));
  }

  /**
   * Whether a value is within the middle.
   *
   * @param share of the middle, such as 0.8
   */
  public boolean holds(double value, double share) {
    return value >= quantile((1 - share) / 2) && value <= quantile((1 + share) / 2);
  }
}
