package dev.jubilee.core.shorthand;

import static org.assertj.core.api.Assertions.assertThat;

import dev.jubilee.core.session.SessionKind;
import dev.jubilee.core.sport.Sport;
import java.io.IOException;
import java.io.InputStream;
import java.io.UncheckedIOException;
import java.nio.charset.StandardCharsets;
import java.util.ArrayList;
import java.util.List;
import java.util.Random;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import java.util.stream.Stream;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.MethodSource;

/** What coaches write on whiteboards; common practice. */
class ShorthandTest {
  private static final int FUZZED = 20_000;

  record Example(Sport sport, String text, String words, SessionKind kind, String first) {}

  record Wrong(Sport sport, String text, int from, int to, String says, String suggestion) {}

  static List<Example> examples() {
    return Stream.of("examples.txt", "corpus.txt", "tried.txt")
        .flatMap(ShorthandTest::lines)
        .map(
            p ->
                new Example(
                    Sport.valueOf(p[0]),
                    p[1].replace("\\n", "\n"),
                    p[2],
                    SessionKind.valueOf(p[3]),
                    p[4]))
        .toList();
  }

  static List<Wrong> faults() {
    return lines("faults.txt")
        .map(
            p ->
                new Wrong(
                    Sport.valueOf(p[0]),
                    p[1].replace("<", "").replace(">", ""),
                    p[1].indexOf('<'),
                    p[1].indexOf('>') - 1,
                    p[2],
                    p.length > 3 ? p[3] : ""))
        .toList();
  }

  @ParameterizedTest
  @MethodSource("examples")
  void isUnderstoodAsACoachMeansIt(Example example) {
    ParseResult reading = Shorthand.read(example.text(), example.sport());

    assertThat(reading.faults()).isEmpty();
    assertThat(ShorthandWriter.of(reading.outline())).isEqualTo(example.words());
    SessionClassification judgement = SessionClassification.of(reading.outline(), example.sport());
    assertThat(judgement.kind()).isEqualTo(example.kind());
    assertThat(judgement.first().map(p -> ShorthandWriter.of(p.amount())).orElse("-"))
        .isEqualTo(example.first());
  }

  @ParameterizedTest
  @MethodSource("examples")
  void itsOwnWordsMeanTheSame(Example example) {
    ParsedSession outline = Shorthand.read(example.text(), example.sport()).outline();

    ParseResult again = Shorthand.read(ShorthandWriter.of(outline), example.sport());

    assertThat(again.faults()).isEmpty();
    assertThat(again.outline()).isEqualTo(outline);
    assertThat(again.notes()).as("nothing is left to assume").isEmpty();
  }

  @Test
  void thereAreEnoughExamplesOfEverySport() {
    assertThat(examples()).hasSizeGreaterThanOrEqualTo(600);
    assertThat(Sport.values())
        .allSatisfy(
            s -> assertThat(examples()).filteredOn(e -> e.sport() == s).hasSizeGreaterThan(15));
  }

  @ParameterizedTest
  @MethodSource("faults")
  void aFaultIsShownWhereItIs(Wrong wrong) {
    ParseResult reading = Shorthand.read(wrong.text(), wrong.sport());

    assertThat(reading.faults()).isNotEmpty();
    ParseError fault = reading.faults().get(0);
    assertThat(fault.what()).containsIgnoringCase(wrong.says());
    assertThat(wrong.text().substring(fault.from(), fault.to()))
        .isEqualTo(wrong.text().substring(wrong.from(), wrong.to()));
    assertThat(fault.suggestion()).isEqualTo(wrong.suggestion());
  }

  @Test
  void aSuggestionIsUnderstood() {
    assertThat(faults())
        .filteredOn(w -> !w.suggestion().isEmpty())
        .allSatisfy(w -> assertThat(Shorthand.read(w.suggestion(), w.sport()).faults()).isEmpty());
  }

  /**
   * Nothing is left out in silence: take a number away and the meaning changes. A whole whose parts
   * are all written may be missing, but not be another.
   */
  @Test
  void everyNumberCounts() {
    for (Example example : examples()) {
      ParsedSession whole = Shorthand.read(example.text(), example.sport()).outline();
      if (!whole.free().isEmpty()) {
        continue;
      }
      Matcher number = Pattern.compile("(?<!VO)\\d+(:\\d+)?").matcher(example.text());
      while (number.find()) {
        if (number.group().equals("1")) {
          // "1 mile" and "mile" are the same.
          continue;
        }
        String without =
            example.text().substring(0, number.start()) + example.text().substring(number.end());
        String with =
            example.text().substring(0, number.start())
                + "17"
                + example.text().substring(number.start());
        boolean same = means(whole, without, example) && means(whole, with, example);
        assertThat(same).as("%s without %s", example.text(), number.group()).isFalse();
      }
    }
  }

  private static boolean means(ParsedSession whole, String text, Example example) {
    ParseResult reading = Shorthand.read(text, example.sport());
    return reading.isWhole() && reading.outline().equals(whole);
  }

  /** Whatever is typed, it is either refused with a place, or its own words mean the same. */
  @Test
  void nothingThatIsTypedBreaksIt() {
    Random random = new Random(7);
    List<String> pieces =
        new ArrayList<>(List.of("(", ")", "/", "-", "@", ";", "’", "½", "٣", "0"));
    examples().forEach(e -> pieces.addAll(List.of(e.text().split(" ", -1))));
    for (int i = 0; i < FUZZED; i++) {
      StringBuilder text = new StringBuilder();
      int length = 1 + random.nextInt(9);
      for (int j = 0; j < length; j++) {
        text.append(pieces.get(random.nextInt(pieces.size())));
        text.append(random.nextInt(5) == 0 ? "" : " ");
      }
      if (random.nextInt(4) == 0) {
        text.insert(random.nextInt(text.length()), (char) (32 + random.nextInt(200)));
      }
      Sport sport = List.of(Sport.values()).get(random.nextInt(4));
      ParseResult reading = Shorthand.read(text.toString(), sport);
      for (ParseError fault : reading.faults()) {
        assertThat(fault.from()).as(text.toString()).isBetween(0, text.length());
        assertThat(fault.to()).as(text.toString()).isGreaterThan(fault.from());
      }
      if (reading.isWhole()) {
        ParseResult again = Shorthand.read(ShorthandWriter.of(reading.outline()), sport);
        assertThat(again.outline()).as(text.toString()).isEqualTo(reading.outline());
        SessionClassification judgement = SessionClassification.of(reading.outline(), sport);
        assertThat(Timeline.of(reading.outline(), judgement.kind(), Timeline.usual(sport)))
            .allSatisfy(s -> assertThat(s.effort()).isBetween(0, 100));
      }
    }
  }

  private static Stream<String[]> lines(String name) {
    try (InputStream in = ShorthandTest.class.getResourceAsStream("/shorthand/" + name)) {
      return new String(in.readAllBytes(), StandardCharsets.UTF_8)
          .lines()
          .filter(l -> !l.startsWith("#"))
          .map(l -> l.split(" \\| ", -1));
    } catch (IOException e) {
      throw new UncheckedIOException(e);
    }
  }
}
