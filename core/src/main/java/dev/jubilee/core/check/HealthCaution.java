package dev.jubilee.core.check;

import dev.jubilee.core.athlete.HealthCondition;
import dev.jubilee.core.circumstances.Circumstances;
import dev.jubilee.core.circumstances.Place;
import dev.jubilee.core.plan.Plan;
import dev.jubilee.core.sport.Sport;
import java.util.List;

/** The usual cautions for what a coach was told of an athlete's health. */
final class HealthCaution extends Check {
  HealthCaution() {
    super(FindingCode.HEALTH);
  }

  @Override
  List<Finding> examine(Plan plan) {
    return plan.request().athlete().health().stream()
        .sorted()
        .map(condition -> words(condition, plan))
        .map(said -> finding(said.what(), said.advice() + " A licensed clinician decides."))
        .toList();
  }

  private record Caution(String what, String advice) {}

  private static Caution words(HealthCondition condition, Plan plan) {
    return switch (condition) {
      case PREGNANCY ->
          new Caution(
              "Pregnant: effort by talk, no jumps, nothing that could end in a fall.",
              "No breath-holding, no long time on the back, no overheating; drink, and stop for"
                  + " dizziness, pain, bleeding or contractions.");
      case RAISED_BLOOD_PRESSURE ->
          new Caution(
              "Raised blood pressure: a longer, gradual start, no straining.",
              "Breathe out with each effort, never hold the breath; no long presses against"
                  + " something that does not move, and a slow end of the session.");
      case HEART_DISEASE ->
          new Caution(
              "Heart disease: the build ends at threshold.",
              "Only within what has been cleared; a long gradual start, no straining, a slow end of"
                  + " the session. Chest pain, dizziness or unusual breathlessness: stop, and call"
                  + " for help.");
      case ASTHMA ->
          new Caution(
              "Asthma: 10 to 15 min of easy work with short rises before it gets hard.",
              (plan.request().circumstances().temperature() <= Circumstances.COLD
                      ? "Cover mouth and nose in the cold. "
                      : "")
                  + "Own medicine at hand, taken as prescribed; stop when the chest stays tight.");
      case DIABETES ->
          new Caution(
              "Diabetes: own plan for glucose, carbohydrate at hand.",
              "Measured before, and looked at again after a long or hard warm-up; hard efforts and"
                  + " long ones move it in different ways.");
      case EPILEPSY ->
          isByWater(plan)
              ? new Caution(
                  "Epilepsy: never alone in or by water.",
                  "Somebody who knows what to do watches from start to end, within reach.")
              : new Caution(
                  "Epilepsy: somebody who knows what to do is there.",
                  "No falls from a height or a machine, nothing in traffic alone.");
      case CONCUSSION ->
          new Caution(
              "Concussion, or one suspected: no session.",
              "Nothing of this before it has been looked at; back in steps, each a day or more,"
                  + " down again when signs come back. Worse headache, vomiting or drowsiness:"
                  + " help at once.");
    };
  }

  private static boolean isByWater(Plan plan) {
    Sport sport = plan.request().session().sport();
    Place place = plan.request().circumstances().place();
    return sport.isByWater() || place.isWet();
  }
}
