package dev.jubilee.core.profile;

import static dev.jubilee.core.sport.BodyRegion.*;

import dev.jubilee.core.circumstances.Place;
import dev.jubilee.core.drill.Need.AnkleRange.Foot;
import dev.jubilee.core.drill.Role;
import dev.jubilee.core.drill.Skill;
import dev.jubilee.core.intensity.CriticalModel;
import dev.jubilee.core.intensity.RowingErgometer;
import dev.jubilee.core.intensity.SportCurve;
import dev.jubilee.core.session.Aim;
import java.time.Duration;
import java.util.List;
import java.util.Map;
import java.util.Set;

/**
 * In a boat or on the rowing machine; figures are those of the machine. The first step is a Jubilee
 * modelling choice. The raise starts at half of 2 km power (common practice), which is 0.59 of
 * critical power taken as 0.85 of it.
 */
final class Rowing {
  /** As a multiple of critical power; Jubilee modelling choice. */
  private static final double SPRINT = 2;

  /** W′, J for each W of critical power; Jubilee modelling choice. */
  private static final double RESERVE_SECONDS = 75;

  static final SportProfile PROFILE =
      SportProfileBuilder.builder()
          .verb("row")
          .names("row rowing erg ergo boat")
          .raced(Set.of(500.0, 1000.0, 2000.0, 5000.0, 6000.0, 10_000.0, 21_097.5, 42_195.0))
          .place(Place.BOATHOUSE)
          .placesWithKit(Set.of(Place.BOATHOUSE, Place.GYM, Place.WATERSIDE))
          .needs(needs().weights())
          .loadedRegions(
              Set.of(
                  LOWER_BACK,
                  KNEES,
                  HIPS,
                  HAMSTRINGS,
                  QUADRICEPS,
                  SHOULDERS,
                  WRISTS,
                  TRUNK,
                  GLUTES,
                  SHOULDER_BLADES,
                  ANKLES,
                  MID_BACK))
          .loadedAtTheStart(List.of(WRISTS, MID_BACK))
          .easy(Role.EASY_ROW)
          .rise(Role.RISE_ROW)
          .skills(List.of(Role.SKILL_ROW))
          .effort(Role.PRESSURE_STEP_ROW)
          .sprint(Role.PRESSURE_STEP_ROW)
          .buildStyle(SportProfile.BuildStyle.STEPS_AT_RATE)
          .firstStep(0.72)
          .firstSteps(Map.of())
          .raise(
              new SportProfile.RaiseRange(
                  0.50 / RowingErgometer.CRITICAL_OF_2K, 0.60 / RowingErgometer.CRITICAL_OF_2K))
          .heavy(0.89)
          .easyShare(SportProfile.EASY_SHARE)
          .steadyShare(SportProfile.STEADY_SHARE)
          .relative(
              CriticalModel.of(1, RESERVE_SECONDS, SPRINT).bentAs(SportCurve.ON_THE_ROWING_MACHINE))
          .usual(CriticalModel.of(190, 15_000, 420))
          .top(new SportProfile.TopRange(100, 1300))
          .trial(Duration.ofMinutes(8))
          .hardSpeed(5)
          .speedBetween(3.3)
          .unit(Aim.Unit.SECONDS_PER_500)
          .pace(PaceScale.ERGOMETER)
          .thresholdFrom(12)
          .easyFrom(18)
          .longFrom(Duration.ofMinutes(90))
          .longestSprint(Duration.ofSeconds(30))
          .build();

  private Rowing() {}

  private static Needs needs() {
    return new Needs()
        .mobility(HAMSTRINGS, 3)
        .ankles(Foot.BENT, 2.5)
        .mobility(MID_BACK, 2.5)
        .mobility(SHOULDER_BLADES, 2)
        .mobility(HIPS, 2)
        .mobility(LOWER_BACK, 1.2)
        .mobility(HIP_FLEXORS, 1)
        .mobility(GLUTES, 1)
        .mobility(SHOULDERS, 0.8)
        .mobility(WRISTS, 0.7)
        .activation(GLUTES, 2.5)
        .activation(QUADRICEPS, 1.5)
        .activation(SHOULDER_BLADES, 1.5)
        .activation(TRUNK, 1)
        .activation(HAMSTRINGS, 0.8)
        .skill(Skill.STROKE_SEQUENCE, 3)
        .skill(Skill.CATCH, 2);
  }
}
