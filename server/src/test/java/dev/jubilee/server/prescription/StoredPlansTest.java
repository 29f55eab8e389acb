package dev.jubilee.server.prescription;

import static org.assertj.core.api.Assertions.assertThat;

import dev.jubilee.core.plan.Tuning;
import dev.jubilee.server.json.Json;
import java.io.IOException;
import java.io.InputStream;
import java.nio.charset.StandardCharsets;
import org.junit.jupiter.api.Test;

/** What an earlier version stored stays readable, as it was written then. */
class StoredPlansTest {
  private final Json json = new Json();

  @Test
  void inputsFromBeforeResultsHadDatesAreRead() throws IOException {
    Inputs inputs = json.read(stored("inputs-engine-1.json"), Inputs.class);

    assertThat(inputs.items()).isNotEmpty();
    assertThat(inputs.request().tuning()).isEqualTo(Tuning.NONE);
    assertThat(inputs.request().session().aim()).isEmpty();
    assertThat(inputs.request().circumstances().conditions().humidity()).isEmpty();
    assertThat(inputs.request().athlete().results())
        .isNotEmpty()
        .allSatisfy(r -> assertThat(r.taken().daysAgo()).isEmpty());
    assertThat(json.read(json.write(inputs), Inputs.class)).isEqualTo(inputs);
  }

  @Test
  void outcomesFromBeforeTargetsHadUncertaintyAreRead() throws IOException {
    PlanView outcome = json.read(stored("outcome-engine-1.json"), PlanView.class);

    assertThat(outcome.items())
        .filteredOn(i -> i.target() != null)
        .isNotEmpty()
        .allSatisfy(i -> assertThat(i.target().spread()).isZero());
  }

  private static String stored(String name) throws IOException {
    try (InputStream in = StoredPlansTest.class.getResourceAsStream("/stored/" + name)) {
      return new String(in.readAllBytes(), StandardCharsets.UTF_8);
    }
  }
}
