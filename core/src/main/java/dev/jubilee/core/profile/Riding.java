package dev.jubilee.core.profile;

import static dev.jubilee.core.sport.BodyRegion.*;

import dev.jubilee.core.circumstances.Place;
import dev.jubilee.core.drill.Role;
import dev.jubilee.core.drill.Skill;
import dev.jubilee.core.intensity.CriticalModel;
import dev.jubilee.core.intensity.SportCurve;
import dev.jubilee.core.session.Aim;
import dev.jubilee.core.session.SessionKind;
import java.time.Duration;
import java.util.EnumSet;
import java.util.List;
import java.util.Map;
import java.util.Set;

/** On a bike, indoors or out. The first steps are Jubilee modelling choices. */
final class Riding {
  /** As a multiple of critical power; Jubilee modelling choice. */
  private static final double SPRINT = 3;

  /** W′, J for each W of critical power; Jubilee modelling choice. */
  private static final double RESERVE_SECONDS = 75;

  static final SportProfile PROFILE =
      SportProfileBuilder.builder()
          .verb("ride")
          .names("ride riding bike cycling turbo")
          .raced(Set.of())
          .place(Place.GYM)
          .placesWithKit(
              EnumSet.complementOf(
                  EnumSet.of(
                      Place.LIVING_ROOM,
                      Place.POOL_DECK,
                      Place.BOATHOUSE,
                      Place.HOTEL_ROOM,
                      Place.BEACH,
                      Place.STAIRS)))
          .needs(needs().weights())
          .loadedRegions(
              Set.of(
                  NECK,
                  KNEES,
                  QUADRICEPS,
                  HIP_FLEXORS,
                  HIPS,
                  LOWER_BACK,
                  ACHILLES,
                  GLUTES,
                  HAMSTRINGS))
          .loadedAtTheStart(List.of(WRISTS, MID_BACK, CHEST))
          .easy(Role.EASY_SPIN)
          .rise(Role.RISE_RIDE)
          .skills(List.of(Role.SKILL_RIDE))
          .effort(Role.PRESSURE_STEP_RIDE)
          .sprint(Role.OPENER_RIDE)
          .buildStyle(SportProfile.BuildStyle.STEPS_OF_POWER)
          .firstStep(0.72)
          .firstSteps(Map.of(SessionKind.THRESHOLD, 0.80))
          .raise(new SportProfile.RaiseRange(0.50, 0.65))
          .heavy(0.89)
          .easyShare(SportProfile.EASY_SHARE)
          .steadyShare(SportProfile.STEADY_SHARE)
          .relative(CriticalModel.of(1, RESERVE_SECONDS, SPRINT).bentAs(SportCurve.ON_A_BIKE))
          .usual(CriticalModel.of(230, 17_000, 700))
          .top(new SportProfile.TopRange(150, 2600))
          .trial(Duration.ofMinutes(20))
          .hardSpeed(12)
          .speedBetween(7)
          .unit(Aim.Unit.WATTS)
          .pace(PaceScale.BIKE)
          .thresholdFrom(Integer.MAX_VALUE)
          .easyFrom(Integer.MAX_VALUE)
          .longFrom(Duration.ofMinutes(150))
          .longestSprint(Duration.ofSeconds(30))
          .build();

  private Riding() {}

  private static Needs needs() {
    return new Needs()
        .mobility(HIP_FLEXORS, 3)
        .mobility(GLUTES, 2.5)
        .mobility(QUADRICEPS, 2)
        .mobility(HIPS, 1.5)
        .mobility(MID_BACK, 1.5)
        .mobility(HAMSTRINGS, 1.2)
        .mobility(LOWER_BACK, 1)
        .mobility(NECK, 0.9)
        .mobility(WRISTS, 0.6)
        .mobility(CHEST, 0.6)
        .activation(GLUTES, 3)
        .activation(QUADRICEPS, 1.5)
        .activation(TRUNK, 0.8)
        .activation(HAMSTRINGS, 0.7)
        .activation(HIP_FLEXORS, 0.7)
        .skill(Skill.CADENCE, 2.5);
  }
}
