package dev.jubilee.server.athlete;

import com.fasterxml.jackson.annotation.JsonInclude;
import dev.jubilee.core.athlete.Athlete;
import dev.jubilee.core.athlete.AthleteBuilder;
import dev.jubilee.core.athlete.Contraindication;
import dev.jubilee.core.athlete.HealthCondition;
import dev.jubilee.core.athlete.Restriction;
import dev.jubilee.core.athlete.ResultConditions;
import dev.jubilee.core.athlete.TestResult;
import dev.jubilee.core.quantity.Bounds;
import dev.jubilee.core.quantity.OutOfRangeException;
import dev.jubilee.core.sport.BodyRegion;
import dev.jubilee.core.sport.Level;
import dev.jubilee.core.sport.Sport;
import dev.jubilee.core.sport.Stroke;
import dev.jubilee.server.problem.Limits;
import io.swagger.v3.oas.annotations.media.Schema;
import jakarta.validation.Valid;
import jakarta.validation.constraints.NotBlank;
import jakarta.validation.constraints.NotNull;
import jakarta.validation.constraints.Size;
import java.time.Duration;
import java.time.LocalDate;
import java.time.temporal.ChronoUnit;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.EnumMap;
import java.util.HashMap;
import java.util.LinkedHashMap;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.stream.Collectors;
import java.util.stream.Stream;

/**
 * An athlete as coaches enter them.
 *
 * @param name 1 to 80 characters
 * @param sport their main sport
 * @param level in their main sport, and wherever else nothing is said
 * @param health what the coach was told of their health
 * @param levels in other sports, where it is another
 * @param kilograms body mass, 25 to 200, for those who aim at watts for each of them
 */
public record AthleteProfile(
    @NotBlank(message = Limits.NAME_ACCEPTED)
        @Size(min = 1, max = Limits.NAME, message = Limits.NAME_ACCEPTED)
        String name,
    @NotNull Sport sport,
    @NotNull Level level,
    int age,
    @Schema(nullable = true) Integer restingHeartRate,
    @Schema(nullable = true) Integer maximumHeartRate,
    @Size(max = 500) List<@NotNull @Valid ResultInput> results,
    @Size(max = 20) List<@NotNull @Valid RestrictionInput> restrictions,
    @Size(max = 10) List<@NotNull Contraindication> contraindications,
    boolean deconditioned,
    @Size(max = 500) Map<@Size(max = 60) String, @NotNull Integer> mastery,
    @Size(max = 10) List<@NotNull HealthCondition> health,
    @Schema(nullable = true) @JsonInclude(JsonInclude.Include.NON_NULL) @Size(max = 4)
        List<@NotNull @Valid LevelIn> levels,
    @Schema(nullable = true) @JsonInclude(JsonInclude.Include.NON_NULL) Integer kilograms) {

  /** How trained they are in a sport. */
  public record LevelIn(@NotNull Sport sport, @NotNull Level level) {}

  public AthleteProfile {
    results = results == null ? List.of() : results;
    restrictions = restrictions == null ? List.of() : restrictions;
    contraindications = contraindications == null ? List.of() : contraindications;
    mastery = mastery == null ? Map.of() : mastery;
    health = health == null ? List.of() : health;
  }

  /** Kinds of test result. */
  public enum ResultKind {
    RUN_RACE,
    THRESHOLD_POWER,
    RIDE_POWER_TEST,
    ROW_2K,
    SWIM_PAIR,
    /** Mean power of a maximal 20-min ride. */
    RIDE_20_MIN,
    /** Any other maximal piece on the rowing machine. */
    ROW_PIECE,
    /** The most power held for a time. */
    RIDE_BEST,
    /** Any swim race. */
    SWIM_RACE,
    /** A flying 30 m on foot. */
    SPRINT_RUN,
    /** Peak power over a few seconds. */
    SPRINT_RIDE,
    SPRINT_ROW,
    /** 25 m from a push. */
    SPRINT_SWIM
  }

  /** Fields of a result that people enter under another name. */
  private static final Map<String, String> ENTERED_AS =
      Map.of(
          "time",
          "seconds",
          "time200",
          "seconds200",
          "time400",
          "seconds400",
          "top",
          "watts",
          "length",
          "seconds");

  /** What each kind of result has. */
  private static final Map<ResultKind, Set<String>> FIGURES =
      new EnumMap<>(
          Map.ofEntries(
              Map.entry(ResultKind.RUN_RACE, figures("metres", "seconds")),
              Map.entry(ResultKind.THRESHOLD_POWER, figures("watts")),
              Map.entry(
                  ResultKind.RIDE_POWER_TEST, figures("threeMinuteWatts", "twelveMinuteWatts")),
              Map.entry(ResultKind.ROW_2K, figures("seconds")),
              Map.entry(ResultKind.SWIM_PAIR, figures("seconds400", "seconds200", "stroke")),
              Map.entry(ResultKind.RIDE_20_MIN, figures("watts")),
              Map.entry(ResultKind.ROW_PIECE, figures("metres", "seconds")),
              Map.entry(ResultKind.RIDE_BEST, figures("seconds", "watts")),
              Map.entry(ResultKind.SWIM_RACE, figures("metres", "seconds", "stroke")),
              Map.entry(ResultKind.SPRINT_RUN, figures("seconds")),
              Map.entry(ResultKind.SPRINT_RIDE, figures("watts")),
              Map.entry(ResultKind.SPRINT_ROW, figures("watts")),
              Map.entry(ResultKind.SPRINT_SWIM, figures("seconds"))));

  private static Set<String> figures(String... names) {
    return new LinkedHashSet<>(List.of(names));
  }

  private static final double FLYING_METRES = 30;
  private static final double SWIM_SPRINT_METRES = 25;

  /**
   * A test result; which figures it has depends on its kind.
   *
   * @param stroke of a swim; freestyle when absent
   * @param takenOn the day it was done, today at the latest
   * @param setting fair when absent
   */
  public record ResultInput(
      @NotNull ResultKind kind,
      @Schema(nullable = true) Double metres,
      @Schema(nullable = true) Double seconds,
      @Schema(nullable = true) Double seconds400,
      @Schema(nullable = true) Double seconds200,
      @Schema(nullable = true) Integer watts,
      @Schema(nullable = true) Integer threeMinuteWatts,
      @Schema(nullable = true) Integer twelveMinuteWatts,
      @Schema(nullable = true) @JsonInclude(JsonInclude.Include.NON_NULL) Stroke stroke,
      @Schema(nullable = true) LocalDate takenOn,
      @Schema(nullable = true) ResultConditions.Setting setting) {

    private Map<String, Object> figures() {
      Map<String, Object> figures = new LinkedHashMap<>();
      figures.put("metres", metres);
      figures.put("seconds", seconds);
      figures.put("seconds400", seconds400);
      figures.put("seconds200", seconds200);
      figures.put("watts", watts);
      figures.put("threeMinuteWatts", threeMinuteWatts);
      figures.put("twelveMinuteWatts", twelveMinuteWatts);
      figures.put("stroke", stroke);
      return figures;
    }
  }

  /**
   * A region that is not quite right.
   *
   * @param side both when absent
   */
  public record RestrictionInput(
      @NotNull BodyRegion region,
      @NotNull Restriction.Severity severity,
      @Schema(nullable = true) Restriction.Side side) {

    Restriction toCore() {
      return new Restriction(
          region, severity, Optional.ofNullable(side).orElse(Restriction.Side.BOTH));
    }
  }

  /**
   * The athlete as core knows them.
   *
   * @param on the day their results are used; later results count as done that day
   * @throws OutOfRangeException naming the field and what would be accepted
   */
  public Athlete toCore(LocalDate on) {
    List<TestResult> core = new ArrayList<>();
    for (int i = 0; i < results.size(); i++) {
      core.add(result(results.get(i), "results[" + i + "].", on));
    }
    List<Restriction> coreLimits = new ArrayList<>();
    for (int i = 0; i < restrictions.size(); i++) {
      Restriction limit = restrictions.get(i).toCore();
      if (coreLimits.stream().anyMatch(other -> overlaps(limit, other))) {
        throw new OutOfRangeException(
            "restrictions[" + i + "].region", limit.words(), "each region once, or each side");
      }
      coreLimits.add(limit);
    }
    return AthleteBuilder.builder(Athlete.of(level, age))
        .restingHeartRate(Optional.ofNullable(restingHeartRate))
        .maximumHeartRate(Optional.ofNullable(maximumHeartRate))
        .results(core)
        .restrictions(coreLimits)
        .contraindications(Set.copyOf(contraindications))
        .deconditioned(deconditioned)
        .mastery(mastery)
        .health(Set.copyOf(health))
        .levels(
            levels == null
                ? Map.of()
                : levels.stream()
                    .collect(Collectors.toMap(LevelIn::sport, LevelIn::level, (a, b) -> b)))
        .kilograms(Optional.ofNullable(kilograms))
        .build();
  }

  /**
   * The same in a training block, whose targets move with results and not with their age: results
   * are as old as they were when the block began or, later, when the newest came in.
   *
   * @param on a day of the block
   * @param start its first day
   */
  public Athlete toCore(LocalDate on, LocalDate start) {
    LocalDate newest =
        results.stream()
            .map(ResultInput::takenOn)
            .filter(day -> day != null && !day.isAfter(on))
            .max(Comparator.naturalOrder())
            .orElse(start);
    LocalDate weighed = newest.isAfter(start) ? newest : start;
    return toCore(weighed.isAfter(on) ? on : weighed);
  }

  /** Refuses figures that a kind of result does not have, rather than let them go unused. */
  void requireOnlyOwnFigures() {
    for (int i = 0; i < results.size(); i++) {
      ResultInput r = results.get(i);
      Set<String> own = FIGURES.get(r.kind());
      for (Map.Entry<String, Object> given : r.figures().entrySet()) {
        if (given.getValue() != null && !own.contains(given.getKey())) {
          throw new OutOfRangeException(
              "results[" + i + "]." + given.getKey(),
              given.getValue(),
              "nothing; this result has " + String.join(", ", own));
        }
      }
    }
  }

  private static boolean overlaps(Restriction one, Restriction other) {
    boolean isApart =
        one.side() != other.side()
            && one.side() != Restriction.Side.BOTH
            && other.side() != Restriction.Side.BOTH;
    return one.region() == other.region() && !isApart;
  }

  /** Refuses results from days to come. */
  void requirePast(LocalDate today) {
    for (int i = 0; i < results.size(); i++) {
      LocalDate takenOn = results.get(i).takenOn();
      if (takenOn != null && takenOn.isAfter(today)) {
        throw new OutOfRangeException(
            "results[" + i + "].takenOn", takenOn, "a day up to today, " + today);
      }
    }
  }

  private static ResultConditions taken(ResultInput r, LocalDate on) {
    Optional<Integer> daysAgo =
        Optional.ofNullable(r.takenOn())
            .map(day -> Math.max(0, Math.toIntExact(ChronoUnit.DAYS.between(day, on))));
    return new ResultConditions(
        daysAgo, r.setting() == null ? ResultConditions.Setting.FAIR : r.setting());
  }

  private static TestResult result(ResultInput r, String path, LocalDate on) {
    try {
      ResultConditions taken = taken(r, on);
      return switch (r.kind()) {
        case RUN_RACE ->
            new TestResult.RunRace(
                number(path, "metres", r.metres()), time(path, "seconds", r.seconds()), taken);
        case THRESHOLD_POWER ->
            new TestResult.ThresholdPower(number(path, "watts", r.watts()), taken);
        case RIDE_20_MIN ->
            new TestResult.RideTwentyMinutes(number(path, "watts", r.watts()), taken);
        case RIDE_POWER_TEST ->
            new TestResult.RidePowerTest(
                number(path, "threeMinuteWatts", r.threeMinuteWatts()),
                number(path, "twelveMinuteWatts", r.twelveMinuteWatts()),
                taken);
        case ROW_2K -> new TestResult.Row2k(time(path, "seconds", r.seconds()), taken);
        case ROW_PIECE ->
            new TestResult.RowPiece(
                number(path, "metres", r.metres()), time(path, "seconds", r.seconds()), taken);
        case SWIM_PAIR ->
            new TestResult.SwimPair(
                time(path, "seconds400", r.seconds400()),
                time(path, "seconds200", r.seconds200()),
                Optional.ofNullable(r.stroke()),
                taken);
        case SWIM_RACE ->
            new TestResult.SwimRace(
                number(path, "metres", r.metres()),
                time(path, "seconds", r.seconds()),
                Optional.ofNullable(r.stroke()),
                taken);
        case RIDE_BEST ->
            new TestResult.RideBest(
                time(path, "seconds", r.seconds()), number(path, "watts", r.watts()), taken);
        case SPRINT_RUN ->
            new TestResult.Sprint(Sport.RUN, speed(path, FLYING_METRES, r, 4, 12.5), taken);
        case SPRINT_SWIM ->
            new TestResult.Sprint(Sport.SWIM, speed(path, SWIM_SPRINT_METRES, r, 0.6, 2.6), taken);
        case SPRINT_RIDE ->
            new TestResult.Sprint(Sport.RIDE, number(path, "watts", r.watts()), taken);
        case SPRINT_ROW ->
            new TestResult.Sprint(Sport.ROW, number(path, "watts", r.watts()), taken);
      };
    } catch (OutOfRangeException e) {
      if (e.field().startsWith(path)) {
        throw e;
      }
      throw e.as(ENTERED_AS.getOrDefault(e.field(), e.field())).in(path);
    }
  }

  private static <T extends Number> T number(String path, String field, T value) {
    return required(path + field, value);
  }

  private static Duration time(String path, String field, Double seconds) {
    required(path + field, seconds);
    Bounds.within(path + field, seconds, 1, 130_000, "s");
    return Duration.ofMillis(Math.round(seconds * 1000));
  }

  /** A sprint is timed; told back in seconds when it cannot be. */
  private static double speed(
      String path, double metres, ResultInput r, double slowest, double fastest) {
    required(path + "seconds", r.seconds());
    Bounds.within(path + "seconds", r.seconds(), metres / fastest, metres / slowest, "s");
    return metres / r.seconds();
  }

  /** Which figures a result must have depends on its kind. */
  private static <T> T required(String field, T value) {
    if (value == null) {
      throw new OutOfRangeException(field, "missing", "a value");
    }
    return value;
  }

  /** Most that are kept of a list. */
  private static final int MOST_RESULTS = 500;

  private static final int MOST_RESTRICTIONS = 20;

  /** With what is known of another who is the same person: more results, and every care. */
  public AthleteProfile with(AthleteProfile other) {
    List<ResultInput> allResults =
        Stream.concat(results.stream(), other.results.stream())
            .distinct()
            .limit(MOST_RESULTS)
            .toList();
    List<RestrictionInput> allRestrictions = new ArrayList<>(restrictions);
    other.restrictions.stream()
        .filter(
            r ->
                allRestrictions.stream()
                    .noneMatch(o -> o.region() == r.region() && o.side() == r.side()))
        .filter(r -> allRestrictions.size() < MOST_RESTRICTIONS)
        .forEach(allRestrictions::add);
    Map<String, Integer> allMastery = new HashMap<>(other.mastery);
    allMastery.putAll(mastery);
    return new AthleteProfile(
        name,
        sport,
        level,
        age,
        restingHeartRate == null ? other.restingHeartRate : restingHeartRate,
        maximumHeartRate == null ? other.maximumHeartRate : maximumHeartRate,
        allResults,
        allRestrictions,
        Stream.concat(contraindications.stream(), other.contraindications.stream())
            .distinct()
            .toList(),
        deconditioned || other.deconditioned,
        allMastery,
        Stream.concat(health.stream(), other.health.stream()).distinct().toList(),
        levels == null ? other.levels : levels,
        kilograms == null ? other.kilograms : kilograms);
  }
}
