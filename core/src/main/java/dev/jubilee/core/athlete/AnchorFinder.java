package dev.jubilee.core.athlete;

import dev.jubilee.core.intensity.Anchors;
import dev.jubilee.core.intensity.AnchorsBuilder;
import dev.jubilee.core.intensity.BestEfforts;
import dev.jubilee.core.intensity.CriticalModel;
import dev.jubilee.core.intensity.Curve;
import dev.jubilee.core.intensity.HeartRate;
import dev.jubilee.core.profile.Profiles;
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
 * From test results to intensity anchors. All results count, each by how much it tells, age and
 * conditions included ({@link JointFit}). Results that disagree by more than their uncertainty
 * explains are pointed out.
 */
public final class AnchorFinder {
  /** Results may differ by so many standard deviations, and always by this share. */
  /** More contradictions at once are not read. */
  private static final int MOST_SAID = 3;

  private static final double DEVIATIONS = 2;

  private static final double ALWAYS = 0.04;

  /** A sprint nearer to critical intensity than this is no sprint. */
  private static final double LEAST_SPRINT = 1.1;

  /** Sprints further apart than this, in days, do not compare. */
  private static final int SAME_SPEED = 365;

  /*
   * The least of critical intensity, or of what is left of it, that was all out over so many
   * seconds; Jubilee modelling choices.
   */
  private static final double[] LENGTHS = {60, 240, 480, 1200};
  private static final double[] ALL_OUT = {LEAST_SPRINT, 1, 0.9, 0.85};

  /** Uncertainty without a result, for what is drawn by feel. */
  private static final double BY_FEEL = 0;

  private AnchorFinder() {}

  /**
   * What turns efforts into the athlete's own figures in a session. Results that were swum in
   * another stroke are converted by a ratio, and tell less; a medley's figures are those of its
   * legs, unless one was swum.
   */
  public static Anchors anchors(Athlete athlete, Session session) {
    if (session.kind().isOnLand()) {
      // How fast they sprint in their sport is nothing to lift or jump by.
      return anchors(athlete.withoutSprints(), session.sport());
    }
    Stroke stroke =
        session.stroke().filter(s -> session.sport().isInWater()).orElse(Stroke.FREESTYLE);
    boolean isByLegs =
        stroke.legs().size() > 1
            && athlete.results().stream()
                .noneMatch(r -> r.sport().isInWater() && Estimates.stroke(r) == stroke);
    return isByLegs ? byLegs(athlete, stroke) : anchors(athlete, session.sport(), stroke);
  }

  /** What turns efforts into the athlete's own figures in a sport, in its usual form. */
  public static Anchors anchors(Athlete athlete, Sport sport) {
    return anchors(athlete, sport, Stroke.FREESTYLE);
  }

  private static Anchors byLegs(Athlete athlete, Stroke stroke) {
    List<Anchors> legs =
        stroke.legs().stream().map(leg -> anchors(athlete, Sport.SWIM, leg)).toList();
    Anchors last = legs.get(legs.size() - 1);
    if (!last.known()) {
      return last;
    }
    double slower =
        legs.stream()
            .mapToDouble(l -> last.model().critical() / l.model().critical())
            .average()
            .orElse(1);
    List<Phrase> basis = new ArrayList<>(last.basis());
    basis.add(
        1,
        Phrase.of(
            String.format(
                Locale.ROOT,
                "The %s from its legs: freestyle time × %.2f",
                stroke.words(),
                slower)));
    return AnchorsBuilder.builder()
        .sport(Sport.SWIM)
        .model(last.model().slowerBy(slower))
        .known(true)
        .heart(last.heart())
        .basis(basis)
        .spread(legs.stream().mapToDouble(Anchors::spread).max().orElse(last.spread()))
        .conflicts(last.conflicts())
        .topMeasured(last.topMeasured())
        .build();
  }

  private static Anchors anchors(Athlete athlete, Sport sport, Stroke stroke) {
    Optional<HeartRate> heart =
        Optional.of(
            HeartRate.of(
                athlete.ageYears(), athlete.restingHeartRate(), athlete.maximumHeartRate()));
    List<Estimate> all = Estimates.of(athlete, sport, stroke);
    Optional<Estimate> best = JointFit.of(sport, all);
    List<Phrase> basis = new ArrayList<>();
    List<String> conflicts = new ArrayList<>();
    CriticalModel model;
    boolean isTopMeasured = false;
    if (best.isPresent()) {
      Optional<Top> top = top(athlete, best.get().model(), sport, stroke);
      isTopMeasured = top.filter(t -> t.isAbove(best.get().model())).isPresent();
      model = withTop(best.get().model(), top, sport, basis, conflicts);
      model = model.through(bests(athlete, best.get(), model, stroke));
      convertedFrom(best.get(), stroke).ifPresent(b -> basis.add(0, b));
      Estimate surest = JointFit.surest(all).orElseThrow();
      if (all.size() > 1) {
        basis.add(
            0,
            Phrase.of("The surest of " + all.size() + ": " + surest.name() + ", " + age(surest)));
      }
      basis.add(0, best.get().basis().then(", ± " + percent(best.get().spread()) + " %"));
      conflicts.addAll(0, conflicts(all, surest));
      conflicts.addAll(impossible(all));
    } else {
      model = Profiles.of(sport).relative();
      basis.add(
          Phrase.of(
              "No " + sport.name().toLowerCase(Locale.ROOT) + " result yet: efforts by feel"));
    }
    basis.add(Phrase.of(heartBasis(athlete, heart.get())));
    return AnchorsBuilder.builder()
        .sport(sport)
        .model(model)
        .known(best.isPresent())
        .heart(heart)
        .basis(basis)
        .spread(best.map(Estimate::spread).orElse(BY_FEEL))
        .conflicts(conflicts)
        .topMeasured(isTopMeasured)
        .build();
  }

  private static Optional<Phrase> convertedFrom(Estimate estimate, Stroke stroke) {
    Stroke swum = Estimates.stroke(estimate.result());
    return !estimate.result().sport().isInWater() || swum == stroke
        ? Optional.empty()
        : Optional.of(
            Phrase.of(
                String.format(
                    Locale.ROOT,
                    "An estimate for %s: %s time × %.2f, as the best known swim it",
                    stroke.words(),
                    swum.words(),
                    Held.ratio(Optional.of(swum), stroke))));
  }

  /**
   * What was held in the form that the figures come from; nobody is asked for more than they have
   * shown. A result that is better than the figures by more than its uncertainty, or so much worse
   * that it was hardly all out, is pointed out and left alone.
   */
  private static List<BestEfforts.Best> bests(
      Athlete athlete, Estimate counting, CriticalModel model, Stroke stroke) {
    return athlete.results().stream()
        .filter(r -> r.sport() == counting.result().sport())
        .flatMap(r -> Held.in(r, stroke).stream())
        .filter(h -> h.isOfTheFormOf(counting.result().taken()))
        .filter(h -> Estimates.stroke(h.result()) == Estimates.stroke(counting.result()))
        .filter(
            h ->
                h.intensity() >= leastAllOut(h.seconds()) * model.heldForLong(h.seconds())
                    && h.intensity() <= (1 + limit(counting)) * model.sustainable(h.seconds()))
        .map(h -> new BestEfforts.Best(h.seconds(), h.intensity()))
        .toList();
  }

  private static double leastAllOut(double seconds) {
    return Curve.at(seconds, LENGTHS, ALL_OUT);
  }

  private static double limit(Estimate counting) {
    return Math.max(ALWAYS, DEVIATIONS * counting.spread());
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
    Map<Sport, Optional<Top>> tops = new EnumMap<>(Sport.class);
    for (TestResult result : athlete.results()) {
      Sport sport = result.sport();
      Stroke stroke = Estimates.stroke(result);
      Optional<Estimate> best =
          bests.computeIfAbsent(
              sport, s -> JointFit.of(s, Estimates.of(athlete, s, Stroke.FREESTYLE)));
      Optional<Top> top =
          tops.computeIfAbsent(
              sport, s -> best.flatMap(b -> top(athlete, b.model(), s, Stroke.FREESTYLE)));
      boolean isTop =
          best.isPresent()
              && top.filter(t -> t.result() == result && t.isAbove(best.get().model())).isPresent();
      boolean counts = isTop || (best.isPresent() && best.get().restsOn(result));
      weighed.add(new Weighed(result, Estimates.of(result, stroke), counts));
    }
    return weighed;
  }

  /**
   * A maximal sprint that was measured.
   *
   * @param seconds that it was held for; 0 for a sprint at top speed alone
   * @param held meanwhile, W or m/s
   * @param value what it says of the top, W or m/s
   */
  private record Top(TestResult result, double seconds, double held, double value) {
    /** A sprint that is hardly more than can be held for long is none. */
    boolean isAbove(CriticalModel model) {
      return value > LEAST_SPRINT * model.critical();
    }
  }

  /** What the shortest sprint of about the same time says, and at the least what longer ones do. */
  private static Optional<Top> top(
      Athlete athlete, CriticalModel model, Sport sport, Stroke stroke) {
    List<Top> all = new ArrayList<>();
    for (TestResult result : athlete.results()) {
      if (result instanceof TestResult.Sprint sprint && result.sport() == sport) {
        double ratio = sport.isInWater() ? Held.ratio(Optional.empty(), stroke) : 1;
        all.add(new Top(result, 0, sprint.top() / ratio, sprint.top() / ratio));
      } else if (result.sport() == sport) {
        for (Held one : Held.in(result, stroke)) {
          if (one.isSprint()) {
            double top = model.topFrom(one.seconds(), one.intensity());
            all.add(new Top(result, one.seconds(), one.intensity(), top));
          }
        }
      }
    }
    Optional<ResultConditions> newest =
        all.stream()
            .map(t -> t.result().taken())
            .min(Comparator.comparingInt(t -> t.daysAgo().orElse(0)));
    all.removeIf(t -> Held.apart(t.result().taken(), newest.orElseThrow()) > SAME_SPEED);
    double least = all.stream().mapToDouble(Top::held).max().orElse(0);
    return all.stream()
        .min(Comparator.comparingDouble(Top::seconds).thenComparing(t -> -t.value()))
        .map(t -> new Top(t.result(), t.seconds(), t.held(), Math.max(least, t.value())));
  }

  private static CriticalModel withTop(
      CriticalModel model,
      Optional<Top> top,
      Sport sport,
      List<Phrase> basis,
      List<String> conflicts) {
    if (top.isEmpty()) {
      return model;
    }
    String words =
        String.format(Locale.ROOT, sport.isByPower() ? "%.0f W" : "%.1f m/s", top.get().value());
    if (!top.get().isAbove(model)) {
      conflicts.add(
          "A sprint of "
              + words
              + " is hardly more than can be held for long, so it does not count.");
      return model;
    }
    boolean isTimed = !(top.get().result() instanceof TestResult.Sprint);
    basis.add(
        Phrase.of(
            "Top effort " + words + (isTimed ? " from the fastest short result" : " as measured")));
    return model.withTop(top.get().value());
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
                best.result().sport().isByPower() ? "power" : "speed",
                why(other, best, apart)));
      }
    }
    return conflicts;
  }

  /** A longer effort that was faster than a shorter one: one of the two was not all out. */
  private static List<String> impossible(List<Estimate> all) {
    List<List<Held>> held =
        all.stream().map(e -> Held.in(e.result(), Estimates.stroke(e.result()))).toList();
    List<String> said = new ArrayList<>();
    for (int shorter = 0; shorter < all.size(); shorter++) {
      for (int longer = 0; longer < all.size() && said.size() < MOST_SAID; longer++) {
        Estimate one = all.get(shorter);
        Estimate other = all.get(longer);
        if (!one.isHeldBack()
            && isComparable(one, other)
            && isImpossible(held.get(shorter), held.get(longer))) {
          String less = one.result().sport().isByPower() ? " was weaker" : " was slower";
          said.add(
              capital(one.name())
                  + less
                  + " than the longer "
                  + other.name()
                  + ": it was not all out, or one of them is mistyped.");
        }
      }
    }
    return said;
  }

  private static boolean isComparable(Estimate one, Estimate other) {
    return Estimates.stroke(one.result()) == Estimates.stroke(other.result())
        && Held.isSameForm(one.result().taken(), other.result().taken());
  }

  private static boolean isImpossible(List<Held> shorter, List<Held> longer) {
    return shorter.stream()
        .anyMatch(
            s ->
                longer.stream()
                    .anyMatch(l -> l.seconds() > s.seconds() && l.intensity() > s.intensity()));
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
