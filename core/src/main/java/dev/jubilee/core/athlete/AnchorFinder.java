package dev.jubilee.core.athlete;

import dev.jubilee.core.intensity.Anchors;
import dev.jubilee.core.intensity.CriticalModel;
import dev.jubilee.core.intensity.HeartRate;
import dev.jubilee.core.quantity.Phrase;
import dev.jubilee.core.session.Session;
import dev.jubilee.core.sport.Sport;
import dev.jubilee.core.sport.Stroke;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.EnumMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;

/**
 * From test results to intensity anchors. Of several results the one with the least uncertainty
 * counts, age and conditions included; of equals the first. Results that disagree by more than
 * their uncertainty explains are pointed out.
 */
public final class AnchorFinder {
  /** Results may differ by so many standard deviations, and always by this share. */
  private static final double DEVIATIONS = 2;

  private static final double ALWAYS = 0.04;

  /** A sprint nearer to critical intensity than this is no sprint. */
  private static final double LEAST_SPRINT = 1.1;

  /** How far a swimmer's own ratio of strokes may be from the usual, one standard deviation. */
  private static final double OTHER_STROKE = 0.04;

  /** Uncertainty without a result, for what is drawn by feel. */
  private static final double BY_FEEL = 0;

  private AnchorFinder() {}

  /**
   * What turns efforts into the athlete's own figures in a session. Results in the water are taken
   * as swum freestyle; another stroke's figures follow from them by a ratio, less surely.
   */
  public static Anchors anchors(Athlete athlete, Session session) {
    Anchors usual = anchors(athlete, session.sport());
    boolean isSwum = session.sport() == Sport.SWIM && !session.kind().isOnLand();
    return isSwum && usual.known()
        ? session.stroke().filter(s -> s != Stroke.FREESTYLE).map(s -> in(s, usual)).orElse(usual)
        : usual;
  }

  private static Anchors in(Stroke stroke, Anchors freestyle) {
    List<Phrase> basis = new ArrayList<>(freestyle.basis());
    basis.add(
        1,
        Phrase.of(
            String.format(
                Locale.ROOT,
                "An estimate for %s: freestyle time × %.2f, as the best known swim it",
                stroke.words(),
                stroke.timeOfFreestyle())));
    return new Anchors(
        freestyle.sport(),
        freestyle.model().slowerBy(stroke.timeOfFreestyle()),
        true,
        freestyle.heart(),
        basis,
        Math.hypot(freestyle.spread(), OTHER_STROKE),
        freestyle.conflicts(),
        freestyle.topMeasured());
  }

  /** What turns efforts into the athlete's own figures in a sport, in its usual form. */
  public static Anchors anchors(Athlete athlete, Sport sport) {
    Optional<HeartRate> heart =
        Optional.of(
            HeartRate.of(
                athlete.ageYears(), athlete.restingHeartRate(), athlete.maximumHeartRate()));
    List<Estimate> all = Estimates.of(athlete, sport);
    Optional<Estimate> best = best(all);
    List<Phrase> basis = new ArrayList<>();
    List<String> conflicts = new ArrayList<>();
    CriticalModel model;
    if (best.isPresent()) {
      model = withSprint(best.get().model(), athlete, sport, basis, conflicts);
      basis.add(0, best.get().basis().then(", ± " + percent(best.get().spread()) + " %"));
      if (all.size() > 1) {
        basis.add(
            1,
            Phrase.of(
                "Of " + all.size() + " estimates this one is the surest: " + age(best.get())));
      }
      conflicts.addAll(0, conflicts(all, best.get()));
    } else {
      model = Estimates.relative(sport);
      basis.add(
          Phrase.of(
              "No " + sport.name().toLowerCase(Locale.ROOT) + " result yet: efforts by feel"));
    }
    basis.add(Phrase.of(heartBasis(athlete, heart.get())));
    return new Anchors(
        sport,
        model,
        best.isPresent(),
        heart,
        basis,
        best.map(Estimate::spread).orElse(BY_FEEL),
        conflicts,
        best.isPresent() && isTopMeasured(model, athlete, sport));
  }

  /**
   * What each result says, in the athlete's order; sprints have no estimate.
   *
   * @param estimate of critical intensity
   * @param counts whether the athlete's figures come from it
   */
  public record Weighed(TestResult result, Optional<Estimate> estimate, boolean counts) {}

  /** Every result with its estimate, and which counts. */
  public static List<Weighed> weigh(Athlete athlete) {
    List<Weighed> weighed = new ArrayList<>();
    // Once a sport, not once a result: some athletes have hundreds.
    Map<Sport, Optional<Estimate>> bests = new EnumMap<>(Sport.class);
    for (TestResult result : athlete.results()) {
      Optional<Estimate> best =
          bests.computeIfAbsent(result.sport(), s -> best(Estimates.of(athlete, s)));
      if (result instanceof TestResult.Sprint sprint) {
        boolean counts =
            best.filter(b -> sprint.top() > LEAST_SPRINT * b.model().critical()).isPresent()
                && sprint.equals(sprint(athlete, sprint.sport()).orElseThrow());
        weighed.add(new Weighed(result, Optional.empty(), counts));
      } else {
        Estimate own = Estimates.of(result).orElseThrow();
        boolean counts = best.isPresent() && best.get().restsOn(result);
        weighed.add(new Weighed(result, Optional.of(own), counts));
      }
    }
    return weighed;
  }

  private static Optional<Estimate> best(List<Estimate> all) {
    return all.stream().min(Comparator.comparingDouble(Estimate::spread));
  }

  private static Optional<TestResult.Sprint> sprint(Athlete athlete, Sport sport) {
    return athlete.results().stream()
        .filter(r -> r instanceof TestResult.Sprint && r.sport() == sport)
        .map(r -> (TestResult.Sprint) r)
        .findFirst();
  }

  private static boolean isTopMeasured(CriticalModel model, Athlete athlete, Sport sport) {
    return sprint(athlete, sport).filter(s -> s.top() == model.top()).isPresent();
  }

  private static CriticalModel withSprint(
      CriticalModel model,
      Athlete athlete,
      Sport sport,
      List<Phrase> basis,
      List<String> conflicts) {
    Optional<TestResult.Sprint> sprint = sprint(athlete, sport);
    if (sprint.isEmpty()) {
      return model;
    }
    double top = sprint.get().top();
    boolean isPower = sport == Sport.RIDE || sport == Sport.ROW;
    String words = String.format(Locale.ROOT, isPower ? "%.0f W" : "%.1f m/s", top);
    if (top <= LEAST_SPRINT * model.critical()) {
      conflicts.add(
          "A sprint of "
              + words
              + " is hardly more than can be held for long, so it does not count.");
      return model;
    }
    basis.add(Phrase.of("Top effort " + words + " as measured"));
    return model.withTop(top);
  }

  private static List<String> conflicts(List<Estimate> all, Estimate best) {
    List<String> conflicts = new ArrayList<>();
    for (Estimate other : all) {
      double apart = other.model().critical() / best.model().critical() - 1;
      double limit = Math.max(ALWAYS, DEVIATIONS * Math.hypot(other.spread(), best.spread()));
      if (Math.abs(apart) > limit) {
        conflicts.add(
            String.format(
                Locale.ROOT,
                "%s and %s disagree: %.0f %% apart in critical %s, more than their uncertainty"
                    + " explains. %s",
                capital(other.name()),
                best.name(),
                100 * Math.abs(apart),
                best.result().sport() == Sport.RUN || best.result().sport() == Sport.SWIM
                    ? "speed"
                    : "power",
                why(other, best, apart)));
      }
    }
    return conflicts;
  }

  private static String why(Estimate other, Estimate best, double apart) {
    if (other.result() instanceof TestResult.RunRace o
        && best.result() instanceof TestResult.RunRace b
        && o.metres() != b.metres()
        && apart < 0 == o.metres() > b.metres()) {
      return "Endurance lags behind speed, or the longer race was not all out.";
    }
    return apart > 0
        ? "The athlete may be fitter than the targets say: test again."
        : "That one was old, held back or not all out; test again if in doubt.";
  }

  private static String age(Estimate estimate) {
    return estimate
            .result()
            .taken()
            .daysAgo()
            .map(d -> d < 60 ? d + " days old" : Math.round(d / 30.4) + " months old")
            .orElse("date unknown")
        + ", ± "
        + percent(estimate.spread())
        + " %";
  }

  private static long percent(double share) {
    return Math.max(1, Math.round(100 * share));
  }

  private static String capital(String words) {
    return Character.toUpperCase(words.charAt(0)) + words.substring(1);
  }

  private static String heartBasis(Athlete athlete, HeartRate heart) {
    String rest =
        athlete.restingHeartRate().isPresent()
            ? "resting " + heart.resting()
            : "resting assumed " + heart.resting();
    return heart.measured()
        ? "Heart rate " + rest + ", maximum " + heart.maximum() + " measured (Karvonen et al. 1957)"
        : "Heart rate "
            + rest
            + ", maximum "
            + heart.maximum()
            + " ± 10 predicted from age (Tanaka et al. 2001)";
  }
}
