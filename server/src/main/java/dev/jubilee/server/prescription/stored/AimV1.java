package dev.jubilee.server.prescription.stored;

import com.fasterxml.jackson.annotation.JsonCreator;
import com.fasterxml.jackson.annotation.JsonSubTypes;
import com.fasterxml.jackson.annotation.JsonTypeInfo;
import com.fasterxml.jackson.annotation.JsonValue;
import dev.jubilee.core.session.Aim;

/** How hard a session is meant to be, as it lies in a snapshot. */
@JsonTypeInfo(use = JsonTypeInfo.Id.NAME, property = "kind")
@JsonSubTypes({
  @JsonSubTypes.Type(value = AimV1.Feel.class, name = "feel"),
  @JsonSubTypes.Type(value = AimV1.Race.class, name = "race"),
  @JsonSubTypes.Type(value = AimV1.ThresholdPace.class, name = "thresholdPace"),
  @JsonSubTypes.Type(value = AimV1.Figure.class, name = "figure")
})
public sealed interface AimV1 {

  Aim toCore();

  static AimV1 of(Aim aim) {
    return aim.accept(
        new Aim.Visitor<AimV1>() {
          @Override
          public AimV1 feel(Aim.Feel a) {
            return new Feel(a);
          }

          @Override
          public AimV1 race(Aim.Race a) {
            return new Race(a.metres(), a.plusSeconds());
          }

          @Override
          public AimV1 thresholdPace(Aim.ThresholdPace a) {
            return new ThresholdPace(a.plusSeconds());
          }

          @Override
          public AimV1 figure(Aim.Figure a) {
            return new Figure(a.unit(), a.low(), a.high());
          }
        });
  }

  /** See {@link Aim.Feel}; a word alone. */
  record Feel(@JsonValue Aim.Feel word) implements AimV1 {
    @JsonCreator(mode = JsonCreator.Mode.DELEGATING)
    public Feel {}

    @Override
    public Aim toCore() {
      return word;
    }
  }

  /** See {@link Aim.Race}. */
  record Race(double metres, int plusSeconds) implements AimV1 {
    @Override
    public Aim toCore() {
      return new Aim.Race(metres, plusSeconds);
    }
  }

  /** See {@link Aim.ThresholdPace}. */
  record ThresholdPace(int plusSeconds) implements AimV1 {
    @Override
    public Aim toCore() {
      return new Aim.ThresholdPace(plusSeconds);
    }
  }

  /** See {@link Aim.Figure}. */
  record Figure(Aim.Unit unit, double low, double high) implements AimV1 {
    @Override
    public Aim toCore() {
      return new Aim.Figure(unit, low, high);
    }
  }
}
