package dev.jubilee.core.athlete;

import dev.jubilee.core.intensity.HeartRate;
import dev.jubilee.core.quantity.Bounds;
import dev.jubilee.core.sport.BodyRegion;
import dev.jubilee.core.sport.Level;
import dev.jubilee.core.sport.Sport;
import dev.jubilee.core.sport.Stroke;
import io.soabase.recordbuilder.core.RecordBuilder;
import java.util.Comparator;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;

/**
 * What the computation must know of an athlete.
 *
 * @param level training experience
 * @param ageYears 8 to 95
 * @param restingHeartRate beats/min, if known
 * @param maximumHeartRate beats/min, if measured
 * @param results the latest result of each kind, newest first
 * @param restrictions at most one a region and side
 * @param contraindications what must never be given
 * @param deconditioned back after a long lay-off or carrying much weight: the easier rung
 *     everywhere
 * @param mastery highest mastered rung by ladder id, where the coach has said so; else by level
 * @param health what the coach was told of their health
 * @param levels in sports in which the level is another
 * @param kilograms body mass, 25 to 200, where it is known
 * @param physique what earlier warm-ups have shown of their body
 */
@RecordBuilder
public record Athlete(
    Level level,
    int ageYears,
    Optional<Integer> restingHeartRate,
    Optional<Integer> maximumHeartRate,
    List<TestResult> results,
    List<Restriction> restrictions,
    Set<Contraindication> contraindications,
    boolean deconditioned,
    Map<String, Integer> mastery,
    Set<HealthCondition> health,
    Map<Sport, Level> levels,
    Optional<Integer> kilograms,
    Physique physique)
    implements AthleteBuilder.With {

  public Athlete {
    Bounds.within("age", ageYears, 8, 95, "years");
    results = List.copyOf(results);
    restrictions = List.copyOf(restrictions);
    contraindications = Set.copyOf(contraindications);
    mastery = Map.copyOf(mastery);
    health = Set.copyOf(health);
    levels = Map.copyOf(levels);
    kilograms.ifPresent(kg -> Bounds.within("kilograms", kg, 25, 200, "kg"));
    // Built for its checks: impossible heart rates are refused where they enter.
    if (restingHeartRate.isPresent() || maximumHeartRate.isPresent()) {
      HeartRate.of(ageYears, restingHeartRate, maximumHeartRate);
    }
  }

  /** Of whom no more is known. */
  public static Athlete of(Level level, int ageYears) {
    return AthleteBuilder.builder()
        .level(level)
        .ageYears(ageYears)
        .restingHeartRate(Optional.empty())
        .maximumHeartRate(Optional.empty())
        .results(List.of())
        .restrictions(List.of())
        .contraindications(Set.of())
        .deconditioned(false)
        .mastery(Map.of())
        .health(Set.of())
        .levels(Map.of())
        .kilograms(Optional.empty())
        .physique(Physique.USUAL)
        .build();
  }

  /** As they are in a sport. */
  public Athlete in(Sport sport) {
    Level own = levels.getOrDefault(sport, level);
    return own == level ? this : withLevel(own);
  }

  /** With other restrictions and mastery. */
  public Athlete with(List<Restriction> newLimits, Map<String, Integer> newMastery) {
    return withRestrictions(newLimits).withMastery(newMastery);
  }

  /** Of whose health this is known. */
  public Athlete with(Set<HealthCondition> newHealth) {
    return withHealth(newHealth);
  }

  /** As if nobody had timed a sprint. */
  Athlete withoutSprints() {
    return withResults(
        results.stream()
            .filter(
                r ->
                    !(r instanceof TestResult.Sprint)
                        && Held.in(r, Stroke.FREESTYLE).stream().noneMatch(Held::isSprint))
            .toList());
  }

  /** The graver of its two sides. */
  public Optional<Restriction.Severity> limitOf(BodyRegion region) {
    return restrictions.stream()
        .filter(l -> l.region() == region)
        .map(Restriction::severity)
        .max(Comparator.naturalOrder());
  }

  public boolean has(BodyRegion region, Restriction.Severity atLeast) {
    return limitOf(region).filter(s -> s.compareTo(atLeast) >= 0).isPresent();
  }

  /** Before this, years, one plays; common practice. */
  private static final int PLAYS_UNTIL = 13;

  /** Whether play is what warms them up. */
  public boolean isChild() {
    return ageYears < PLAYS_UNTIL;
  }
}
