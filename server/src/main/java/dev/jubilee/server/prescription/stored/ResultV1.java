package dev.jubilee.server.prescription.stored;

import com.fasterxml.jackson.annotation.JsonInclude;
import com.fasterxml.jackson.annotation.JsonSubTypes;
import com.fasterxml.jackson.annotation.JsonTypeInfo;
import dev.jubilee.core.athlete.ResultConditions;
import dev.jubilee.core.athlete.TestResult;
import dev.jubilee.core.sport.Sport;
import dev.jubilee.core.sport.Stroke;
import java.time.Duration;
import java.util.Optional;

/** A result as it lies in a snapshot, one record a kind of test. */
@JsonTypeInfo(use = JsonTypeInfo.Id.NAME, property = "kind")
@JsonSubTypes({
  @JsonSubTypes.Type(value = ResultV1.RunRace.class, name = "runRace"),
  @JsonSubTypes.Type(value = ResultV1.ThresholdPower.class, name = "thresholdPower"),
  @JsonSubTypes.Type(value = ResultV1.RidePowerTest.class, name = "ridePowerTest"),
  @JsonSubTypes.Type(value = ResultV1.Row2k.class, name = "row2k"),
  @JsonSubTypes.Type(value = ResultV1.SwimPair.class, name = "swimPair"),
  @JsonSubTypes.Type(value = ResultV1.RideTwentyMinutes.class, name = "rideTwentyMinutes"),
  @JsonSubTypes.Type(value = ResultV1.RideBest.class, name = "rideBest"),
  @JsonSubTypes.Type(value = ResultV1.RowPiece.class, name = "rowPiece"),
  @JsonSubTypes.Type(value = ResultV1.SwimRace.class, name = "swimRace"),
  @JsonSubTypes.Type(value = ResultV1.Sprint.class, name = "sprint")
})
public sealed interface ResultV1 {

  TestResult toCore();

  static ResultV1 of(TestResult result) {
    return result.accept(
        new TestResult.Visitor<ResultV1>() {
          @Override
          public ResultV1 runRace(TestResult.RunRace r) {
            return new RunRace(r.metres(), r.time(), Taken.of(r.taken()));
          }

          @Override
          public ResultV1 thresholdPower(TestResult.ThresholdPower r) {
            return new ThresholdPower(r.watts(), Taken.of(r.taken()));
          }

          @Override
          public ResultV1 ridePowerTest(TestResult.RidePowerTest r) {
            return new RidePowerTest(
                r.threeMinuteWatts(), r.twelveMinuteWatts(), Taken.of(r.taken()));
          }

          @Override
          public ResultV1 row2k(TestResult.Row2k r) {
            return new Row2k(r.time(), Taken.of(r.taken()));
          }

          @Override
          public ResultV1 swimPair(TestResult.SwimPair r) {
            return new SwimPair(
                r.time400(), r.time200(), r.stroke().orElse(null), Taken.of(r.taken()));
          }

          @Override
          public ResultV1 rideTwentyMinutes(TestResult.RideTwentyMinutes r) {
            return new RideTwentyMinutes(r.watts(), Taken.of(r.taken()));
          }

          @Override
          public ResultV1 rideBest(TestResult.RideBest r) {
            return new RideBest(r.length(), r.watts(), Taken.of(r.taken()));
          }

          @Override
          public ResultV1 rowPiece(TestResult.RowPiece r) {
            return new RowPiece(r.metres(), r.time(), Taken.of(r.taken()));
          }

          @Override
          public ResultV1 swimRace(TestResult.SwimRace r) {
            return new SwimRace(r.metres(), r.time(), r.stroke().orElse(null), Taken.of(r.taken()));
          }

          @Override
          public ResultV1 sprint(TestResult.Sprint r) {
            return new Sprint(r.sport(), r.top(), Taken.of(r.taken()));
          }
        });
  }

  /** When and under what conditions; absent in what is older. */
  record Taken(Integer daysAgo, ResultConditions.Setting setting) {
    static Taken of(ResultConditions taken) {
      return new Taken(taken.daysAgo().orElse(null), taken.setting());
    }

    static ResultConditions toCore(Taken taken) {
      return taken == null
          ? ResultConditions.UNKNOWN
          : new ResultConditions(Optional.ofNullable(taken.daysAgo), taken.setting);
    }
  }

  /** See {@link TestResult.RunRace}. */
  record RunRace(double metres, Duration time, Taken taken) implements ResultV1 {
    @Override
    public TestResult toCore() {
      return new TestResult.RunRace(metres, time, Taken.toCore(taken));
    }
  }

  /** See {@link TestResult.ThresholdPower}. */
  record ThresholdPower(int watts, Taken taken) implements ResultV1 {
    @Override
    public TestResult toCore() {
      return new TestResult.ThresholdPower(watts, Taken.toCore(taken));
    }
  }

  /** See {@link TestResult.RidePowerTest}. */
  record RidePowerTest(int threeMinuteWatts, int twelveMinuteWatts, Taken taken)
      implements ResultV1 {
    @Override
    public TestResult toCore() {
      return new TestResult.RidePowerTest(threeMinuteWatts, twelveMinuteWatts, Taken.toCore(taken));
    }
  }

  /** See {@link TestResult.Row2k}. */
  record Row2k(Duration time, Taken taken) implements ResultV1 {
    @Override
    public TestResult toCore() {
      return new TestResult.Row2k(time, Taken.toCore(taken));
    }
  }

  /** See {@link TestResult.SwimPair}. */
  record SwimPair(
      Duration time400,
      Duration time200,
      @JsonInclude(JsonInclude.Include.NON_NULL) Stroke stroke,
      Taken taken)
      implements ResultV1 {
    @Override
    public TestResult toCore() {
      return new TestResult.SwimPair(
          time400, time200, Optional.ofNullable(stroke), Taken.toCore(taken));
    }
  }

  /** See {@link TestResult.RideTwentyMinutes}. */
  record RideTwentyMinutes(int watts, Taken taken) implements ResultV1 {
    @Override
    public TestResult toCore() {
      return new TestResult.RideTwentyMinutes(watts, Taken.toCore(taken));
    }
  }

  /** See {@link TestResult.RideBest}. */
  record RideBest(Duration length, int watts, Taken taken) implements ResultV1 {
    @Override
    public TestResult toCore() {
      return new TestResult.RideBest(length, watts, Taken.toCore(taken));
    }
  }

  /** See {@link TestResult.RowPiece}. */
  record RowPiece(double metres, Duration time, Taken taken) implements ResultV1 {
    @Override
    public TestResult toCore() {
      return new TestResult.RowPiece(metres, time, Taken.toCore(taken));
    }
  }

  /** See {@link TestResult.SwimRace}. */
  record SwimRace(
      double metres,
      Duration time,
      @JsonInclude(JsonInclude.Include.NON_NULL) Stroke stroke,
      Taken taken)
      implements ResultV1 {
    @Override
    public TestResult toCore() {
      return new TestResult.SwimRace(
          metres, time, Optional.ofNullable(stroke), Taken.toCore(taken));
    }
  }

  /** See {@link TestResult.Sprint}. */
  record Sprint(Sport sport, double top, Taken taken) implements ResultV1 {
    @Override
    public TestResult toCore() {
      return new TestResult.Sprint(sport, top, Taken.toCore(taken));
    }
  }
}
