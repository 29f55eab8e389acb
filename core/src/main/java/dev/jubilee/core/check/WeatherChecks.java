package dev.jubilee.core.check;

import static dev.jubilee.core.check.Finding.Severity.CAUTION;
import static dev.jubilee.core.check.Finding.Severity.NOTE;

import dev.jubilee.core.prescription.Plan;
import java.util.ArrayList;
import java.util.List;

/** Cold and heat. */
final class WeatherChecks implements Check {
  private static final int LAYERS = 5;
  private static final int HARD_COLD = -5;
  private static final int HEAT = 30;

  @Override
  public List<Finding> examine(Plan plan) {
    List<Finding> findings = new ArrayList<>();
    int temperature = plan.request().circumstances().temperature();
    boolean hard = plan.request().session().kind().isHard();
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
    } else if (temperature >= HEAT) {
      findings.add(
          Finding.of(
              CAUTION,
              "HEAT",
              temperature + " °C: shade, drink, less work.",
              "Stop at dizziness, chills or confusion and get help.",
              "common practice"));
    }
    return findings;
  }
}
