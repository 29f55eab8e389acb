package dev.jubilee.server.prescription.stored;

import com.fasterxml.jackson.annotation.JsonSubTypes;
import com.fasterxml.jackson.annotation.JsonTypeInfo;
import dev.jubilee.core.drill.Dose;
import dev.jubilee.core.quantity.Distance;
import java.util.List;

/** A dose as it lies in the database, one record a form. */
@JsonTypeInfo(use = JsonTypeInfo.Id.NAME, property = "form")
@JsonSubTypes({
  @JsonSubTypes.Type(value = DoseV1.Reps.class, name = "reps"),
  @JsonSubTypes.Type(value = DoseV1.Timed.class, name = "timed"),
  @JsonSubTypes.Type(value = DoseV1.Lengths.class, name = "lengths"),
  @JsonSubTypes.Type(value = DoseV1.Strokes.class, name = "strokes"),
  @JsonSubTypes.Type(value = DoseV1.Circuit.class, name = "circuit"),
  @JsonSubTypes.Type(value = DoseV1.Over.class, name = "over")
})
public sealed interface DoseV1 {

  Dose toCore();

  static DoseV1 of(Dose dose) {
    return dose.accept(
        new Dose.Visitor<DoseV1>() {
          @Override
          public DoseV1 reps(Dose.Reps d) {
            return new Reps(d.count(), d.sides(), d.directions(), d.secondsPerRep());
          }

          @Override
          public DoseV1 timed(Dose.Timed d) {
            return new Timed(d.secondsEach(), d.sides());
          }

          @Override
          public DoseV1 lengths(Dose.Lengths d) {
            return new Lengths(
                d.lengths(), Metres.of(d.oneWay()), d.thereAndBack(), d.metresPerSecond());
          }

          @Override
          public DoseV1 strokes(Dose.Strokes d) {
            return new Strokes(d.rounds(), d.parts(), d.strokesEach(), d.strokesPerMinute());
          }

          @Override
          public DoseV1 circuit(Dose.Circuit d) {
            return new Circuit(d.rounds(), d.workSeconds(), d.restSeconds());
          }

          @Override
          public DoseV1 over(Dose.Over d) {
            return new Over(Metres.of(d.distance()), d.metresPerSecond());
          }
        });
  }

  /** A distance. */
  record Metres(double metres) {
    static Metres of(Distance distance) {
      return new Metres(distance.metres());
    }

    Distance toCore() {
      return Distance.ofMetres(metres);
    }
  }

  /** See {@link Dose.Reps}. */
  record Reps(int count, int sides, int directions, double secondsPerRep) implements DoseV1 {
    @Override
    public Dose toCore() {
      return new Dose.Reps(count, sides, directions, secondsPerRep);
    }
  }

  /** See {@link Dose.Timed}. */
  record Timed(int secondsEach, int sides) implements DoseV1 {
    @Override
    public Dose toCore() {
      return new Dose.Timed(secondsEach, sides);
    }
  }

  /** See {@link Dose.Lengths}. */
  record Lengths(int lengths, Metres oneWay, boolean thereAndBack, double metresPerSecond)
      implements DoseV1 {
    @Override
    public Dose toCore() {
      return new Dose.Lengths(lengths, oneWay.toCore(), thereAndBack, metresPerSecond);
    }
  }

  /** See {@link Dose.Strokes}. */
  record Strokes(int rounds, List<String> parts, int strokesEach, int strokesPerMinute)
      implements DoseV1 {
    @Override
    public Dose toCore() {
      return new Dose.Strokes(rounds, parts, strokesEach, strokesPerMinute);
    }
  }

  /** See {@link Dose.Circuit}. */
  record Circuit(int rounds, int workSeconds, int restSeconds) implements DoseV1 {
    @Override
    public Dose toCore() {
      return new Dose.Circuit(rounds, workSeconds, restSeconds);
    }
  }

  /** See {@link Dose.Over}. */
  record Over(Metres distance, double metresPerSecond) implements DoseV1 {
    @Override
    public Dose toCore() {
      return new Dose.Over(distance.toCore(), metresPerSecond);
    }
  }
}
