package dev.jubilee.core.check;

import static dev.jubilee.core.check.Finding.Severity.CAUTION;
import static dev.jubilee.core.check.Finding.Severity.FAULT;
import static dev.jubilee.core.check.Finding.Severity.NOTE;

import dev.jubilee.core.circumstances.FeltAir;
import dev.jubilee.core.drill.WarmUpPart;
import dev.jubilee.core.plan.Plan;
import dev.jubilee.core.plan.PlanItem;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;

/** Cold and heat. */
final class WeatherChecks implements Check {
  private static final int LAYERS = 5;
  private static final int HARD_COLD = -5;
  private static final int HEAT = 30;
  private static final int FREEZING_WIND = -15;
  private static final int LONG_IN_HEAT = 12 * 60;

  @Override
  public List<Finding> examine(Plan plan) {
    List<Finding> findings = new ArrayList<>();
    int temperature = plan.request().circumstances().temperature();
    boolean hard = plan.request().session().kind().isHard();
    int felt = plan.request().circumstances().feltTemperature();
    if (felt <= FREEZING_WIND && felt < temperature) {
      findings.add(
          Finding.of(
              CAUTION,
              "WIND_CHILL",
              "Feels like " + felt + " °C in this wind.",
              "Skin freezes; cover it, warm up out of the wind, keep the wait short.",
              "wind chill, Environment Canada / US NWS 2001"));
    }
    int raise = plan.in(WarmUpPart.RAISE).stream().mapToInt(PlanItem::seconds).sum();
    if (felt >= HEAT && raise > LONG_IN_HEAT) {
      PlanItem longest =
          plan.in(WarmUpPart.RAISE).stream().max(Comparator.comparingInt(PlanItem::seconds)).get();
      findings.add(
          Finding.of(
                  FAULT,
                  "LONG_IN_HEAT",
                  raise / 60 + " min of raise at " + felt + " °C" + feels(felt, temperature) + ".",
                  "The heat does half of it; more only tires and dries out.",
                  "common practice")
              .about(longest.id())
              .with(Remedy.dose("Halve it", longest.id(), longest.dose().amount() / 2)));
    }
    if (temperature <= HARD_COLD && hard) {
      findings.add(
          Finding.of(
              CAUTION,
              "HARD_COLD",
              temperature + " °C before " + plan.request().session().kind().words() + ".",
              "Warm up indoors if you can, cover skin, mouth and hands, keep the wait short; ease"
                  + " the session if breathing hurts or muscles stay tight.",
              "common practice"));
    } else if (temperature <= LAYERS) {
      findings.add(
          Finding.of(
              NOTE,
              "LAYERS",
              "Layers stay on until a light sweat.",
              "When the jacket comes off, the raise is done; put it back on for the wait.",
              "common practice; Faulkner et al. 2013"));
    } else if (felt >= FeltAir.DANGEROUS && felt > temperature) {
      findings.add(
          Finding.of(
              CAUTION,
              "HEAT_DANGER",
              "Feels like " + felt + " °C: heat stroke is possible.",
              "Go indoors or into shade, move the hard work to a cooler hour; the federation’s and"
                  + " the venue’s heat rules come first. Confusion or no sweat: cool at once, call"
                  + " for help.",
              "heat index, US NWS"));
    } else if (felt >= HEAT) {
      findings.add(
          Finding.of(
              CAUTION,
              "HEAT",
              felt + " °C" + feels(felt, temperature) + ": shade, drink, less work.",
              "Stop at dizziness, chills or confusion and get help.",
              felt == temperature ? "common practice" : "heat index, US NWS"));
    }
    return findings;
  }

  private static String feels(int felt, int temperature) {
    return felt == temperature ? "" : " by feel";
  }
}
