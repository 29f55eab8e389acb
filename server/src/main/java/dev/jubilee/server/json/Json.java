package dev.jubilee.server.json;

import com.fasterxml.jackson.annotation.JsonSubTypes;
import com.fasterxml.jackson.annotation.JsonTypeInfo;
import dev.jubilee.core.athlete.TestResult;
import dev.jubilee.core.drill.Dose;
import dev.jubilee.core.session.Aim;
import org.springframework.stereotype.Component;
import tools.jackson.core.json.JsonWriteFeature;
import tools.jackson.databind.DeserializationFeature;
import tools.jackson.databind.json.JsonMapper;

/** Core values as stored JSON; the mapping lives here, so that core need not know of it. */
@Component
public class Json {
  private final JsonMapper mapper =
      JsonMapper.builder()
          .addMixIn(Dose.class, DoseForms.class)
          .addMixIn(TestResult.class, ResultKinds.class)
          .addMixIn(Aim.class, AimKinds.class)
          // One dash would make Java hold all of a text in twice the bytes, and write it slowly.
          .enable(JsonWriteFeature.ESCAPE_NON_ASCII)
          // A newer server may have written more than this one knows.
          .disable(DeserializationFeature.FAIL_ON_UNKNOWN_PROPERTIES)
          // An older one wrote less; a figure it did not know is 0.
          .disable(DeserializationFeature.FAIL_ON_NULL_FOR_PRIMITIVES)
          .build();

  public String write(Object value) {
    return mapper.writeValueAsString(value);
  }

  public <T> T read(String json, Class<T> type) {
    return mapper.readValue(json, type);
  }

  @JsonTypeInfo(use = JsonTypeInfo.Id.NAME, property = "form")
  @JsonSubTypes({
    @JsonSubTypes.Type(value = Dose.Reps.class, name = "reps"),
    @JsonSubTypes.Type(value = Dose.Timed.class, name = "timed"),
    @JsonSubTypes.Type(value = Dose.Lengths.class, name = "lengths"),
    @JsonSubTypes.Type(value = Dose.Strokes.class, name = "strokes"),
    @JsonSubTypes.Type(value = Dose.Circuit.class, name = "circuit"),
    @JsonSubTypes.Type(value = Dose.Over.class, name = "over")
  })
  private interface DoseForms {}

  @JsonTypeInfo(use = JsonTypeInfo.Id.NAME, property = "kind")
  @JsonSubTypes({
    @JsonSubTypes.Type(value = TestResult.RunRace.class, name = "runRace"),
    @JsonSubTypes.Type(value = TestResult.ThresholdPower.class, name = "thresholdPower"),
    @JsonSubTypes.Type(value = TestResult.RidePowerTest.class, name = "ridePowerTest"),
    @JsonSubTypes.Type(value = TestResult.Row2k.class, name = "row2k"),
    @JsonSubTypes.Type(value = TestResult.SwimPair.class, name = "swimPair"),
    @JsonSubTypes.Type(value = TestResult.RideTwentyMinutes.class, name = "rideTwentyMinutes"),
    @JsonSubTypes.Type(value = TestResult.RowPiece.class, name = "rowPiece"),
    @JsonSubTypes.Type(value = TestResult.SwimRace.class, name = "swimRace"),
    @JsonSubTypes.Type(value = TestResult.Sprint.class, name = "sprint")
  })
  private interface ResultKinds {}

  @JsonTypeInfo(use = JsonTypeInfo.Id.NAME, property = "kind")
  @JsonSubTypes({
    @JsonSubTypes.Type(value = Aim.Feel.class, name = "feel"),
    @JsonSubTypes.Type(value = Aim.Race.class, name = "race"),
    @JsonSubTypes.Type(value = Aim.Figure.class, name = "figure")
  })
  private interface AimKinds {}
}
