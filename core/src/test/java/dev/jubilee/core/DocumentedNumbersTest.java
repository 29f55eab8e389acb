package dev.jubilee.core;

import static org.assertj.core.api.Assertions.assertThat;

import dev.jubilee.core.check.FindingCode;
import dev.jubilee.core.library.BuiltInLibrary;
import java.lang.reflect.Field;
import java.math.BigDecimal;
import java.math.RoundingMode;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.HashSet;
import java.util.List;
import java.util.Set;
import java.util.TreeSet;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import java.util.stream.Stream;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.ValueSource;

/** What the pages say of numbers is what the code computes with. */
class DocumentedNumbersTest {
  private static final String SOURCE = ".*\\.(java|tsx?|properties)";

  private static final Pattern DECLARED =
      Pattern.compile("(?:class|interface|record|enum|function|const) ([A-Z][A-Za-z0-9]*)");

  /** A name in code of two words at the least: `TimeBudget`, `Edit.StartSlipped`. */
  private static final Pattern NAMED = Pattern.compile("`([A-Z][a-z]+(?:[A-Z][a-z0-9]*)+)[`.]");

  /** A constant, what it is multiplied by to be written, and how the page of evidence says it. */
  @ParameterizedTest
  @CsvSource(
      delimiter = '|',
      textBlock =
          """
          circumstances.Circumstances.COLD              | 1   | longer raise in the cold @ from # °C
          circumstances.Circumstances.UNHEALTHY_AIR     | 1   | air quality index over #;
          circumstances.Circumstances.UNHEALTHY_FOR_SOME| 1   | asthma or heart disease over #
          circumstances.Conditions.COLD_WATER           | 1   | water under # °C
          circumstances.Conditions.HIGH                 | 1   | from # m rests
          circumstances.Conditions.SLOPE                | 1   | a slope from # % on
          circumstances.FeltAir.TOO_HOT                 | 1   | heat index of # °C outdoors @ moved indoors
          circumstances.FeltAir.TOO_COLD                | -1  | felt below −# °C outdoors
          circumstances.FeltAir.DANGEROUS               | 1   | warns of danger from # °C
          demand.DemandContext.YOUNG                    | 1   | under #; from
          demand.ForAge.MASTERS                         | 1   | from # on
          demand.ForAge.YOUNG_RAISE                     | 1   | half the contacts, raise × #;
          profile.SportProfile.EASY_SHARE               | 100 | easy work @ # % of critical
          profile.Swimming.EASY_SHARE                   | 100 | swim # %
          profile.WorkIntensity.THRESHOLD_SHARE         | 100 | threshold @ # % of critical
          profile.SportProfile.STEADY_SHARE             | 100 | steady # % (
          profile.Swimming.STEADY_SHARE                 | 100 | (# %), tempo
          profile.WorkIntensity.TEMPO_SHARE             | 100 | tempo # %
          intensity.RowingErgometer.WATTS_PER_CUBED_PACE| 1   | P = # / pace³
          intensity.HeartRate.USUAL_RESTING             | 1   | resting rate when unknown @ #
          intensity.Anchors.RESERVE_AT_CRITICAL         | 100 | heart rate at critical @ # % of reserve
          intensity.Anchors.HEART_BAND                  | 100 | of reserve, ± # %
          intensity.Effort.CRITICAL                     | 1   | critical intensity at # points
          intensity.Altitude.FROM                       | 1   | for each 1000 m from # m on
          athlete.Estimates.RUN_RESERVE                 | 1   | critical speed + # m/s
          profile.Riding.SPRINT                         | 1   | ride × #,
          profile.Rowing.SPRINT                         | 1   | row × #,
          profile.Swimming.SPRINT                       | 1   | swim × #
          profile.Riding.RESERVE_SECONDS                | 1   | W′ from threshold power alone @ # s
          profile.Swimming.RESERVE                      | 1   | critical power; # m
          athlete.Estimates.LEAST_RESERVE_SECONDS       | 1   | W′ # s of critical power
          athlete.Estimates.LEAST_SWIM_RESERVE          | 1   | D′ in water # m
          athlete.Estimates.OTHER_STROKE                | 100 | own stroke, ± # % in another
          athlete.Estimate.DRIFT_A_MONTH                | 100 | age @ # % a month
          athlete.Estimate.MOST_DRIFT                   | 100 | four weeks, # % at most
          athlete.Estimate.DRIFT_UNKNOWN                | 100 | at most; # % without a date
          athlete.Estimate.HELD_BACK                    | 100 | not all out @ # %
          athlete.AnchorFinder.LEAST_SPRINT             | 1   | a sprint counts from @ # × critical
          athlete.JointFit.RESERVES                     | 100 | standard deviation of # % between bodies
          athlete.JointFit.ODD                          | 1   | no harder from # deviations on
          athlete.Held.SAME_FORM                        | 1   | fair, within # days
          build.Raise.WALK_RUN_TRANSITION               | 1   | not below # m/s
          build.RunBuild.REST_A_METRE                   | 1   | full rest before sprints @ # s a metre
          build.RunBuild.HARDLY_FAST                    | 100 | from # % of it on
          build.RunBuild.LONGEST_UPHILL                 | 1   | uphill strides of # m
          build.RideBuild.CLIMBING                      | 1   | # turns a minute on the bike
          build.Slope.A_SLOPE                           | 1   | over 1 + # G
          """)
  void theEvidenceNamesTheConstant(String constant, double scale, String phrase) throws Exception {
    expectNamed("evidence.md", constant, scale, phrase);
  }

  @ParameterizedTest
  @CsvSource(
      delimiter = '|',
      textBlock =
          """
          selection.Menu.SHORT_SECOND            | 1       | − # Σ s_b
          selection.Menu.LONG_SECOND             | 1       | − # Σ l_b
          choice.DrillMenu.ATTENTION             | 0.001   | −# 000 for the attention
          choice.DrillMenu.NEWNESS               | 0.001   | −# 000 for one that would be new
          choice.DrillMenu.FAVOUR                | 0.001   | +# 000 for one that is meant for
          prescription.TimeBudget.KEEP_BUILD     | 1       | shrinks least (∝ share^#)
          prescription.TimeBudget.KEEP_RAISE     | 1       | then the raise (share^#)
          readiness.Readiness.LOOK_AHEAD         | 0.0166667 | through warm-up and # min of standing
          intensity.Effort.CRITICAL              | 1       | 0 is rest, # critical speed
          prescription.StabilityTest.USUALLY     | 1       | at most # drills in 99 %
          prescription.StabilityTest.EVER        | 1       | and # ever
          choice.DrillMenu.MAINSTAY              | 0.001   | +# 000 for a mainstay
          """)
  void theArchitectureNamesTheConstant(String constant, double scale, String phrase)
      throws Exception {
    expectNamed("architecture.md", constant, scale, phrase);
  }

  private static void expectNamed(String page, String constant, double scale, String phrase)
      throws Exception {
    int dot = constant.lastIndexOf('.');
    Class<?> type = Class.forName("dev.jubilee.core." + constant.substring(0, dot));
    Field field = type.getDeclaredField(constant.substring(dot + 1));
    field.setAccessible(true);
    double value = ((Number) field.get(null)).doubleValue() * scale;
    String exact =
        BigDecimal.valueOf(value)
            .setScale(2, RoundingMode.HALF_UP)
            .stripTrailingZeros()
            .toPlainString();
    String said = phrase.replace("@", "|");
    assertThat(page(page).replaceAll("\\s+", " "))
        .as("%s is %s", constant, exact)
        .matches(
            text ->
                text.contains(said.replace("#", exact))
                    || text.contains(said.replace("#", exact + ".0"))
                    || text.contains(said.replace("#", exact + "0")),
            said.replace("#", exact));
  }

  /** Each class that a page names in code is one, or was renamed and the page was not. */
  @ParameterizedTest
  @ValueSource(strings = {"architecture.md", "contributing.md"})
  void classesThatAPageNamesAreThere(String name) throws Exception {
    Set<String> known = new HashSet<>();
    for (String folder : List.of("core/src", "server/src", "web/src", "e2e/src", "bench/src")) {
      try (Stream<Path> files = Files.walk(Path.of("..", folder))) {
        for (Path file : files.filter(f -> f.toString().matches(SOURCE)).toList()) {
          known.add(file.getFileName().toString().replaceFirst("\\..*", ""));
          Matcher declared = DECLARED.matcher(Files.readString(file));
          while (declared.find()) {
            known.add(declared.group(1));
          }
        }
      }
    }
    Matcher named = NAMED.matcher(page(name));
    Set<String> missing = new TreeSet<>();
    while (named.find()) {
      missing.add(named.group(1));
    }
    assertThat(missing).hasSizeGreaterThan(15);
    missing.removeAll(known);
    assertThat(missing).isEmpty();
  }

  @Test
  void countsAreThoseOfTheCode() throws Exception {
    assertThat(page("evidence.md"))
        .contains(BuiltInLibrary.get().drills().size() + " drills")
        .contains(FindingCode.values().length + " findings");
  }

  /** The build holds what the page of figures calls a budget. */
  @Test
  void budgetsOfSizeAreThoseOfTheBuild() throws Exception {
    String build = Files.readString(Path.of("..", "web", "scripts", "budget.mjs"));
    assertThat(build).contains("first view\", most: 180 ").contains("player\", most: 100 ");
    assertThat(page("figures.md"))
        .contains("first view, gzip | 180 kB", "of the player, gzip | 100 kB");
  }

  private static String page(String name) throws Exception {
    return Files.readString(Path.of("..", "docs", name));
  }
}
