package dev.jubilee.core.prescription;

import static org.assertj.core.api.Assertions.assertThat;

import java.io.IOException;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.security.MessageDigest;
import java.security.NoSuchAlgorithmException;
import java.util.HexFormat;
import java.util.List;
import org.junit.jupiter.api.Test;

/**
 * The engine's version moves when its plans do. {@link ScenarioTableTest} holds that
 * docs/examples.md is what the engine computes; this holds that it is what this version computes.
 */
class EngineVersionTest {
  @Test
  void theVersionMovesWithThePlans() throws IOException, NoSuchAlgorithmException {
    byte[] digest =
        MessageDigest.getInstance("SHA-256")
            .digest(Files.readAllBytes(Path.of("../docs/examples.md")));
    String examples = HexFormat.of().formatHex(digest).substring(0, 16);
    List<String> versions =
        Files.readAllLines(
                Path.of("src/test/resources/engine-versions.txt"), StandardCharsets.UTF_8)
            .stream()
            .filter(line -> !line.startsWith("#"))
            .toList();
    assertThat(versions.get(versions.size() - 1))
        .as("plans moved: raise Prescriber.ENGINE_VERSION and add it to engine-versions.txt")
        .isEqualTo(Prescriber.ENGINE_VERSION + " " + examples);
    assertThat(versions.stream().map(v -> v.substring(0, v.indexOf(' ')))).doesNotHaveDuplicates();
  }
}
