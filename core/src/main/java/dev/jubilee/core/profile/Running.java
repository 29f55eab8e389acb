package dev.jubilee.core.profile;

import static dev.jubilee.core.sport.BodyRegion.*;

import dev.jubilee.core.circumstances.Place;
import dev.jubilee.core.drill.Need.AnkleRange.Foot;
import dev.jubilee.core.drill.Role;
import dev.jubilee.core.drill.Skill;
import dev.jubilee.core.intensity.CriticalModel;
import dev.jubilee.core.intensity.SportCurve;
import dev.jubilee.core.quantity.Distance;
import dev.jubilee.core.session.Aim;
import dev.jubilee.core.session.SessionKind;
import java.time.Duration;
import java.util.List;
import java.util.Map;
import java.util.Set;

/**
 * On foot. The first steps are common practice: 70-80-90-100 % before sprints, small steps before a
 * threshold run. The sprint is one that coaches see: a 20:00 5 km runner reaches about 7 m/s.
 */
final class Running {
  static final SportProfile PROFILE =
      SportProfileBuilder.builder()
          .verb("run")
          .names("run running track")
          .raced(
              Set.of(
                  60.0,
                  100.0,
                  200.0,
                  400.0,
                  800.0,
                  1500.0,
                  Distance.Unit.MILE.metres(),
                  3000.0,
                  5000.0,
                  10_000.0,
                  21_097.5,
                  42_195.0))
          .place(Place.TRACK)
          .placesWithKit(Set.of())
          .needs(needs().weights())
          .loadedRegions(
              Set.of(
                  FEET,
                  ANKLES,
                  ACHILLES,
                  CALVES,
                  SHINS,
                  KNEES,
                  HAMSTRINGS,
                  QUADRICEPS,
                  ADDUCTORS,
                  HIP_FLEXORS,
                  HIPS,
                  GLUTES,
                  LOWER_BACK))
          .loadedAtTheStart(List.of())
          .easy(Role.EASY_JOG)
          .rise(Role.RISE_RUN)
          .skills(List.of(Role.SKILL_MARCH, Role.SKILL_SKIP))
          .effort(Role.STRIDE_RUN)
          .sprint(Role.BUILD_UP_RUN)
          .buildStyle(SportProfile.BuildStyle.STRIDES)
          .firstStep(0.70)
          .firstSteps(
              Map.of(
                  SessionKind.THRESHOLD,
                  0.93,
                  SessionKind.INTERVALS,
                  0.86,
                  SessionKind.STEEPLE,
                  0.82,
                  SessionKind.TIME_TRIAL,
                  0.84))
          .raise(new SportProfile.RaiseRange(0.66, 0.74))
          .heavy(0.92)
          .easyShare(SportProfile.EASY_SHARE)
          .steadyShare(SportProfile.STEADY_SHARE)
          .relative(CriticalModel.of(1, 45, 1.8).bentAs(SportCurve.ON_FOOT))
          .usual(CriticalModel.of(4, 180, 7.2))
          .top(new SportProfile.TopRange(4, 12.5))
          .trial(Duration.ofMinutes(20))
          .hardSpeed(6)
          .speedBetween(2.4)
          .unit(Aim.Unit.SECONDS_PER_KM)
          .pace(PaceScale.SPEED)
          .thresholdFrom(12)
          .easyFrom(45)
          .longFrom(Duration.ofMinutes(90))
          .longestSprint(Duration.ofSeconds(30))
          .build();

  private Running() {}

  private static Needs needs() {
    return new Needs()
        .mobility(HIP_FLEXORS, 3)
        .mobility(HAMSTRINGS, 2.5)
        .ankles(Foot.BENT, 1.8)
        .ankles(Foot.POINTED, 0.4)
        .mobility(HIPS, 2)
        .mobility(GLUTES, 1.5)
        .mobility(CALVES, 1.5)
        .mobility(ADDUCTORS, 1.2)
        .mobility(QUADRICEPS, 1)
        .mobility(MID_BACK, 0.4)
        .activation(GLUTES, 2.5)
        .activation(CALVES, 1.6)
        .activation(FEET, 1)
        .activation(HIPS, 0.8)
        .activation(HIP_FLEXORS, 0.7)
        .activation(ANKLES, 0.7)
        .skill(Skill.POSTURE, 2)
        .skill(Skill.KNEE_LIFT, 2)
        .skill(Skill.QUICK_FEET, 1.5)
        .skill(Skill.STIFFNESS, 1.8)
        .skill(Skill.BALANCE, 0.6);
  }
}
