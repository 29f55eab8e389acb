package dev.jubilee.core;

import static org.assertj.core.api.Assertions.assertThat;

import dev.jubilee.core.check.FindingCode;
import dev.jubilee.core.library.BuiltInLibrary;
import java.lang.reflect.Field;
import java.math.BigDecimal;
import java.math.RoundingMode;
import java.nio.file.Files;
import java.nio.file.Path;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/** What the pages say of numbers is what the code computes with. */
class DocumentedNumbersTest {

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
          circumstances.FeltAir.ONLY_EASY               | 1   | heat index of # °C @ only easy and short
          circumstances.FeltAir.TOO_HOT                 | 1   | heat index of # °C @ not outdoors
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
          athlete.Held.SAME_FORM                        | 1   | fair, within # days
          build.Raise.WALK_RUN_TRANSITION               | 1   | not below # m/s
          build.RunBuild.REST_A_METRE                   | 1   | full rest before sprints @ # s a metre
          build.RunBuild.HARDLY_FAST                    | 100 | from # % of it on
          build.RunBuild.LONGEST_UPHILL                 | 1   | uphill strides of # m
          build.RideBuild.CLIMBING                      | 1   | # turns a minute on the bike
          build.Slope.A_SLOPE                           | 1   | over 1 + # G
          """)
  void theEvidenceNamesTheConstant(String constant, int scale, String phrase) throws Exception {
    int dot = constant.strip().lastIndexOf('.');
    Class<?> type = Class.forName("dev.jubilee.core." + constant.strip().substring(0, dot));
    Field field = type.getDeclaredField(constant.strip().substring(dot + 1));
    field.setAccessible(true);
    double value = ((Number) field.get(null)).doubleValue() * scale;
    String exact =
        BigDecimal.valueOf(value)
            .setScale(6, RoundingMode.HALF_UP)
            .stripTrailingZeros()
            .toPlainString();
    String said = phrase.replace("@", "|");
    assertThat(page("evidence.md"))
        .as("%s is %s", constant, exact)
        .matches(
            text ->
                text.contains(said.replace("#", exact))
                    || text.contains(said.replace("#", exact + ".0"))
                    || text.contains(said.replace("#", exact + "0")),
            said.replace("#", exact));
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
