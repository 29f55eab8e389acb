package dev.jubilee.core.library;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.catchThrowableOfType;

import dev.jubilee.core.drill.Kit;
import dev.jubilee.core.drill.Position;
import dev.jubilee.core.drill.Skill;
import dev.jubilee.core.drill.WarmUpPart;
import dev.jubilee.core.sport.BodyRegion;
import dev.jubilee.core.sport.Level;
import dev.jubilee.core.sport.Sport;
import java.io.InputStream;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.TreeMap;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.ValueSource;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.json.JsonMapper;

/** One schema describes a drill file; what departs from it is named with its field and line. */
class LibrarySchemaTest {
  private static final String SOUND =
      """
      - id: sound-drill
        name: Sound drill
        block: mobilise
        suits: {run: 2}
        position: standing
        effort: 20
        regions: {hips: 2}
        dose: {reps: 8, range: [4, 12], tempo: 2}
        steps: [Do it.]
        cues: [tall]
        fault: None.
      """;

  /** A constant that is in one place and not in the other could be written and never read. */
  @Test
  void wordsOfTheSchemaAreThoseOfTheCode() throws Exception {
    JsonNode schema;
    try (InputStream in = getClass().getResourceAsStream("/library/drill-library.schema.json")) {
      schema = JsonMapper.builder().build().readTree(in);
    }
    Map<String, Enum<?>[]> words = new TreeMap<>();
    words.put("/$defs/block/enum", WarmUpPart.values());
    words.put("/$defs/level/enum", Level.values());
    words.put("/$defs/position/enum", Position.values());
    words.put("/$defs/kit/enum", Kit.values());
    words.put("/$defs/region/enum", BodyRegion.values());
    words.put("/$defs/skill/enum", Skill.values());
    words.forEach(
        (pointer, constants) ->
            assertThat(schema.at(pointer).valueStream().map(JsonNode::asString))
                .as(pointer)
                .containsExactlyInAnyOrderElementsOf(written(constants)));
    assertThat(schema.at("/$defs/drill/properties/suits/properties").propertyNames())
        .containsExactlyInAnyOrderElementsOf(written(Sport.values()));
  }

  private static List<String> written(Enum<?>[] constants) {
    return Arrays.stream(constants)
        .map(c -> c.name().toLowerCase(Locale.ROOT).replace('_', '-'))
        .toList();
  }

  @Test
  void aSoundDrillIsRead() {
    assertThat(LibraryReader.part("test", SOUND).require("sound-drill").usual().amount())
        .isEqualTo(8);
  }

  @ParameterizedTest
  @ValueSource(
      strings = {
        "name",
        "block",
        "suits",
        "position",
        "effort",
        "dose",
        "steps",
        "cues",
        "fault",
        "id"
      })
  void aFieldThatMustBeThereIsMissed(String field) {
    List<String> lines = new ArrayList<>(SOUND.lines().toList());
    lines.removeIf(line -> line.strip().startsWith(field + ":"));
    String without = String.join("\n", lines);
    // Without its id a drill begins with its name.
    String yaml = field.equals("id") ? "- name: Sound drill\n" + rest() : without;
    assertThat(faults(yaml))
        .singleElement()
        .asString()
        .endsWith(", " + field + ": must be a value; it is missing");
  }

  private static String rest() {
    return SOUND.lines().skip(2).reduce("", (a, b) -> a + b + "\n");
  }

  /** Each line is put in place of the one of the same field; the fault names line and bounds. */
  @ParameterizedTest
  @CsvSource(
      delimiter = '|',
      quoteCharacter = '"',
      value = {
        "id: Sound Drill | 1 | id | lower case words joined by hyphens",
        "name: '' | 2 | name | it is empty",
        "name: 7 | 2 | name | words, not 7",
        "block: stretching | 3 | block | one of [release, raise, mobilise,",
        "block: 2 | 3 | block | one of",
        "suits: {} | 4 | suits | at least one",
        "suits: {run: 4} | 4 | suits.run | 1 to 3, not 4",
        "suits: {run: 2.5} | 4 | suits.run | a whole number, not 2.5",
        "suits: {ski: 2} | 4 | suits.ski | one of [run, ride, row, swim]; this field is unknown",
        "position: hanging | 5 | position | one of [standing, travelling,",
        "effort: -1 | 6 | effort | 0 to 100, not -1",
        "effort: 101 | 6 | effort | 0 to 100, not 101",
        "effort: 20.5 | 6 | effort | a whole number, not 20.5",
        "effort: -1e308 | 6 | effort | a smaller number, not -1.0E308",
        "effort: .inf | 6 | effort | a smaller number",
        "effort: .nan | 6 | effort | a whole number",
        "regions: {elbowish: 2} | 7 | regions.elbowish | one of [feet, ankles, achilles,",
        "regions: {hips: 3.5} | 7 | regions.hips | 0.5 to 3, not 3.5",
        "regions: [hips] | 7 | regions | fields",
        "dose: {range: [4, 12]} | 8 | dose | one of [reps, seconds, lengths, strokes, work]",
        "dose: {reps: 8, tempo: 2} | 8 | dose.range | it is missing",
        "dose: {reps: 8, range: [4, 12]} | 8 | dose.tempo | it is missing",
        "dose: {seconds: 4, range: [4, 12]} | 8 | dose.seconds | 5 to 1800, not 4",
        "dose: {seconds: 30, tempo: 2, range: [4, 60]} | 8 | dose.tempo | this field is unknown",
        "dose: {reps: 8, sides: 3, range: [4, 12], tempo: 2} | 8 | dose.sides | 1 to 2, not 3",
        "dose: {reps: 8, range: [9, 12], tempo: 2} | 8 | dose.range | a range that holds the usual amount 8",
        "dose: {reps: 8, range: [12, 4], tempo: 2} | 8 | dose.range | the least first",
        "dose: {reps: 8, range: [4], tempo: 2} | 8 | dose.range | 2 to 2, not 1",
        "dose: {work: 20, rounds: 3, rest: 301, range: [1, 4]} | 8 | dose.rest | 0 to 300",
        "steps: [] | 9 | steps | 1 to 3, not 0",
        "steps: [a, b, c, d] | 9 | steps | 1 to 3, not 4",
        "cues: tall | 10 | cues | a list",
        "cues: [1] | 10 | cues[0] | words, not 1",
        "fault: null | 11 | fault | words",
        "ladder: lonely | 12 | ladder | name/rung such as leg-swings/2",
        "contacts: 16 | 12 | contacts | 0 to 15, not 16",
        "wetSafe: perhaps | 12 | wetSafe | true or false",
        "kit: [rope, rope] | 12 | kit | each named once",
        "weight: 3 | 12 | weight | one of [id, name, aliases,",
      })
  void aDepartureIsNamedWithItsFieldAndLine(String line, int at, String field, String what) {
    String name = line.substring(0, line.indexOf(':'));
    List<String> lines = new ArrayList<>(SOUND.lines().toList());
    int place = at - 1;
    String prefix = place == 0 ? "- " : "  ";
    if (place < lines.size()) {
      assertThat(lines.get(place)).startsWith(prefix + name);
      lines.set(place, prefix + line);
    } else {
      lines.add(prefix + line);
    }
    assertThat(faults(String.join("\n", lines)))
        .singleElement()
        .asString()
        .contains(" line " + at + ", " + field + ": must be ")
        .contains(what);
  }

  @ParameterizedTest
  @ValueSource(
      strings = {"", "7", "name: A drill", "[1]", "- [a]", "- ? [a]\n  : b", "[{", "- &a [*a]"})
  void whatIsNoListOfDrillsIsRefusedInWords(String yaml) {
    assertThat(faults(yaml)).isNotEmpty().allSatisfy(f -> assertThat(f).startsWith("test"));
  }

  @Test
  void everyFaultOfADrillIsNamedWithItsLine() {
    String broken =
        SOUND
            .replace("sound-drill", "broken-drill")
            .replace("hips: 2", "elbowish: 2")
            .replace("tempo: 2", "tempo: 90")
            .replace("[tall]", "[]");
    assertThat(faults(SOUND + broken))
        .hasSize(3)
        .anyMatch(f -> f.contains("line 18, regions.elbowish: must be one of [feet, ankles,"))
        .anyMatch(f -> f.contains("line 19, dose.tempo: must be 0.2 to 12, not 90"))
        .anyMatch(f -> f.contains("line 21, cues: must be 1 to 3, not 0"));
  }

  @Test
  void aLadderWithAMissingRungIsRefused() {
    assertThatThrownBy(() -> LibraryReader.read("test.yaml", SOUND + "  ladder: lonely/2\n"))
        .hasMessageContaining("ladder lonely: must be rungs 1, 2, … without a gap, not [2]");
  }

  /** What is wrong with one drill hides nothing of the others. */
  @Test
  void everyDrillIsLookedAt() {
    String range = "range: [9, 12]";
    String yaml =
        SOUND.replace("sound-drill", "one").replace("effort: 20", "effort: 120")
            + SOUND.replace("sound-drill", "two").replace("range: [4, 12]", range)
            + SOUND.replace("sound-drill", "three").replace("range: [4, 12]", range);
    assertThat(faults(yaml))
        .hasSize(3)
        .anyMatch(f -> f.contains("(one) line 6, effort"))
        .anyMatch(f -> f.contains("(two) line 19, dose.range"))
        .anyMatch(f -> f.contains("(three) line 30, dose.range"));
  }

  @Test
  void anIdIsUsedOnce() {
    assertThat(faults(SOUND + SOUND))
        .singleElement()
        .asString()
        .contains("line 12, id: must be an id of its own; sound-drill is used twice");
  }

  private static List<String> faults(String yaml) {
    LibraryFaultException e =
        catchThrowableOfType(LibraryFaultException.class, () -> LibraryReader.part("test", yaml));
    return e == null ? List.of() : e.faults().stream().map(LibraryFault::text).toList();
  }
}
