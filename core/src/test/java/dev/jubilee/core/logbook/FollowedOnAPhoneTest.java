package dev.jubilee.core.logbook;

import static org.assertj.core.api.Assertions.assertThat;

import dev.jubilee.core.logbook.DeviceRecord.Done;
import dev.jubilee.core.logbook.DeviceRecord.State;
import dev.jubilee.core.logbook.Happening.Kind;
import dev.jubilee.core.logbook.Happening.SkipReason;
import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.time.Duration;
import java.time.Instant;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.TreeMap;
import java.util.stream.Stream;
import org.junit.jupiter.api.DynamicTest;
import org.junit.jupiter.api.TestFactory;
import org.snakeyaml.engine.v2.api.Load;
import org.snakeyaml.engine.v2.api.LoadSettings;

/**
 * What the player tells adds up to what was seen on its screen: the player's own test
 * (followed.test.ts) writes the events of warm-ups, by hand and by chance, and what it saw.
 */
class FollowedOnAPhoneTest {
  private static final Path CASES = Path.of("../web/src/follow/followed.json");

  @TestFactory
  Stream<DynamicTest> addsUpToWhatWasSeen() throws IOException {
    // JSON is YAML.
    Object cases = new Load(LoadSettings.builder().build()).loadFromString(Files.readString(CASES));
    assertThat((List<?>) cases).hasSizeGreaterThan(25);
    return ((List<?>) cases)
        .stream()
            .map(c -> (Map<?, ?>) c)
            .map(
                c ->
                    DynamicTest.dynamicTest(
                        (String) c.get("name"),
                        () -> compare((List<?>) c.get("told"), (Map<?, ?>) c.get("state"))));
  }

  private static void compare(List<?> told, Map<?, ?> seen) {
    List<FollowEvent> events = new ArrayList<>();
    told.forEach(e -> events.add(event(events.size() + 1, (Map<?, ?>) e)));
    DeviceRecord record = DeviceRecord.of(events, Map.of());
    assertThat(record.begun()).isEqualTo(instant(seen.get("begun")));
    assertThat(record.ended()).isEqualTo(instant(seen.get("ended")));
    assertThat(record.paused().toMillis()).isEqualTo(number(seen.get("held")));
    assertThat(record.jacketOff().map(Duration::toMillis))
        .isEqualTo(Optional.ofNullable(seen.get("jacketOff")).map(FollowedOnAPhoneTest::number));

    Map<String, Done> over = new TreeMap<>(record.items());
    over.values().removeIf(done -> done.state() == State.NOT_REACHED);
    assertThat(over).isEqualTo(outcomes((Map<?, ?>) seen.get("items")));

    Standing standing = Standing.NOTHING_TOLD;
    for (FollowEvent event : events) {
      standing = standing.after(event.happening(), Instant.ofEpochMilli(event.at()));
    }
    assertThat(standing.begun()).isEqualTo(record.begun());
    assertThat(standing.ended()).isEqualTo(record.ended());
    if (record.ended().isEmpty()) {
      assertThat(standing.item().map(Standing.Since::what)).contains((String) seen.get("present"));
    }
  }

  private static FollowEvent event(int sequence, Map<?, ?> told) {
    Happening.Told all =
        HappeningToldBuilder.builder()
            .kind(Kind.valueOf((String) told.get("kind")))
            .item(text(told, "item"))
            .drill(text(told, "drill"))
            .reason(text(told, "reason").map(SkipReason::valueOf))
            .seconds(told.containsKey("seconds") ? (int) number(told.get("seconds")) : 0)
            .value(0)
            .signals(List.of())
            .look(Optional.empty())
            .build();
    return new FollowEvent(sequence, 1, number(told.get("at")), all.toHappening());
  }

  private static Map<String, Done> outcomes(Map<?, ?> seen) {
    Map<String, Done> outcomes = new TreeMap<>();
    seen.forEach(
        (item, o) -> {
          Map<?, ?> outcome = (Map<?, ?>) o;
          outcomes.put(
              (String) item,
              new Done(
                  State.valueOf((String) outcome.get("state")),
                  (int) number(outcome.get("seconds")),
                  text(outcome, "drill"),
                  text(outcome, "reason").map(SkipReason::valueOf)));
        });
    return outcomes;
  }

  private static Optional<Instant> instant(Object ms) {
    return Optional.ofNullable(ms).map(m -> Instant.ofEpochMilli(number(m)));
  }

  private static Optional<String> text(Map<?, ?> map, String name) {
    return Optional.ofNullable((String) map.get(name));
  }

  private static long number(Object number) {
    return ((Number) number).longValue();
  }
}
