package dev.jubilee.server;

import static org.assertj.core.api.Assertions.assertThat;

import dev.jubilee.server.RunningServer.Visitor;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.json.JsonMapper;

/** A large squad's work keeps no small one waiting. */
@ExtendWith(RunningServer.class)
class FairnessTest {
  private static final JsonMapper JSON = JsonMapper.shared();

  @Test
  void elevenOfOneClubAreDoneWhileSixtyOfAnotherStillAreNot() throws Exception {
    Visitor large = Squads.coachOf("Large");
    Visitor small = Squads.coachOf("Small");
    String manyPath = "/api/blocks/" + Squads.block(large, 60, "2041-06-30");
    String fewPath = "/api/blocks/" + Squads.block(small, 11, "2041-02-02");
    JsonNode few = compilation(small, fewPath);
    while (few.get("state").asString().equals("RUNNING")) {
      Thread.sleep(100);
      few = compilation(small, fewPath);
    }
    assertThat(few.get("state").asString()).isEqualTo("DONE");
    JsonNode many = compilation(large, manyPath);
    assertThat(many.get("state").asString()).isEqualTo("RUNNING");
    assertThat(many.get("done").asInt()).as("the large one goes on meanwhile").isPositive();
    assertThat(large.post(manyPath + "/cancel", "").statusCode()).isEqualTo(200);
  }

  private static JsonNode compilation(Visitor coach, String path) throws Exception {
    return JSON.readTree(coach.get(path + "/compilation").body());
  }
}
