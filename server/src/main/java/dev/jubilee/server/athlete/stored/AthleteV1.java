package dev.jubilee.server.athlete.stored;

import com.fasterxml.jackson.annotation.JsonAlias;
import com.fasterxml.jackson.annotation.JsonInclude;
import dev.jubilee.core.athlete.Contraindication;
import dev.jubilee.core.athlete.HealthCondition;
import dev.jubilee.core.athlete.Restriction;
import dev.jubilee.core.athlete.ResultConditions;
import dev.jubilee.core.sport.BodyRegion;
import dev.jubilee.core.sport.Level;
import dev.jubilee.core.sport.Sport;
import dev.jubilee.core.sport.Stroke;
import java.time.LocalDate;
import java.util.List;
import java.util.Map;

/** An athlete as they are stored. */
public record AthleteV1(
    String name,
    Sport sport,
    Level level,
    int age,
    Integer restingHeartRate,
    Integer maximumHeartRate,
    List<ResultV1> results,
    @JsonAlias("limits") List<RestrictionV1> restrictions,
    @JsonAlias("avoidances") List<Contraindication> contraindications,
    boolean deconditioned,
    Map<String, Integer> mastery,
    List<HealthCondition> health,
    @JsonInclude(JsonInclude.Include.NON_NULL) List<LevelV1> levels,
    @JsonInclude(JsonInclude.Include.NON_NULL) Integer kilograms) {

  public record LevelV1(Sport sport, Level level) {}

  public record RestrictionV1(
      BodyRegion region, Restriction.Severity severity, Restriction.Side side) {}

  public enum ResultKindV1 {
    RUN_RACE,
    THRESHOLD_POWER,
    RIDE_POWER_TEST,
    ROW_2K,
    SWIM_PAIR,
    RIDE_20_MIN,
    ROW_PIECE,
    RIDE_BEST,
    SWIM_RACE,
    SPRINT_RUN,
    SPRINT_RIDE,
    SPRINT_ROW,
    SPRINT_SWIM
  }

  public record ResultV1(
      ResultKindV1 kind,
      Double metres,
      Double seconds,
      Double seconds400,
      Double seconds200,
      Integer watts,
      Integer threeMinuteWatts,
      Integer twelveMinuteWatts,
      @JsonInclude(JsonInclude.Include.NON_NULL) Stroke stroke,
      LocalDate takenOn,
      ResultConditions.Setting setting) {}
}
