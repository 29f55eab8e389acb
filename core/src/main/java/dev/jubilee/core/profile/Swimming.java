package dev.jubilee.core.profile;

import static dev.jubilee.core.sport.BodyRegion.*;

import dev.jubilee.core.circumstances.Place;
import dev.jubilee.core.drill.Need.AnkleRange.Foot;
import dev.jubilee.core.drill.Role;
import dev.jubilee.core.drill.Skill;
import dev.jubilee.core.intensity.CriticalModel;
import dev.jubilee.core.intensity.SportCurve;
import dev.jubilee.core.session.Aim;
import dev.jubilee.core.session.SessionKind;
import java.time.Duration;
import java.util.List;
import java.util.Map;
import java.util.Set;

/**
 * In water. It holds a swimmer back so much that a slow 25 is hardly slower than a fast one; the
 * first steps are Jubilee modelling choices.
 */
final class Swimming {
  /** As a multiple of critical speed; Jubilee modelling choice. */
  private static final double SPRINT = 1.35;

  /** D′, m; Jubilee modelling choice. */
  private static final double RESERVE = 20;

  /** Easy and steady work; common practice. */
  private static final double EASY_SHARE = 0.87;

  private static final double STEADY_SHARE = 0.93;

  static final SportProfile PROFILE =
      SportProfileBuilder.builder()
          .verb("swim")
          .names("swim swimming pool")
          .raced(Set.of(50.0, 100.0, 200.0, 400.0, 800.0, 1500.0))
          .place(Place.POOL_DECK)
          .placesWithKit(Set.of())
          .needs(needs().weights())
          .loadedRegions(Set.of(SHOULDERS, NECK, SHOULDER_BLADES, CHEST))
          .loadedAtTheStart(List.of())
          .easy(Role.EASY_SWIM)
          .rise(Role.RISE_SWIM)
          .skills(List.of(Role.SKILL_SWIM))
          .effort(Role.BUILD_25_SWIM)
          .sprint(Role.BUILD_25_SWIM)
          .buildStyle(SportProfile.BuildStyle.LENGTHS)
          .firstStep(0.92)
          .firstSteps(Map.of(SessionKind.SPRINT, 0.80))
          .shortFirstStep(0.86)
          .raise(new SportProfile.RaiseRange(0.82, 0.88))
          .heavy(0.96)
          .easyShare(EASY_SHARE)
          .steadyShare(STEADY_SHARE)
          .relative(CriticalModel.of(1, RESERVE, SPRINT).bentAs(SportCurve.IN_WATER))
          .usual(CriticalModel.of(1.2, 20, 1.65).bentAs(SportCurve.IN_WATER))
          .top(new SportProfile.TopRange(0.6, 2.6))
          .trial(Duration.ofMinutes(20))
          .hardSpeed(1.5)
          .speedBetween(0.9)
          .unit(Aim.Unit.SECONDS_PER_100)
          .pace(PaceScale.SPEED)
          .thresholdFrom(5)
          .easyFrom(12)
          .longFrom(Duration.ofMinutes(90))
          .longestSprint(Duration.ofSeconds(45))
          .build();

  private Swimming() {}

  private static Needs needs() {
    return new Needs()
        .mobility(SHOULDERS, 3)
        .mobility(SHOULDER_BLADES, 2.5)
        .mobility(MID_BACK, 2.5)
        .mobility(CHEST, 2)
        .ankles(Foot.POINTED, 1.8)
        .mobility(TRUNK, 1)
        .mobility(NECK, 0.8)
        .mobility(HIPS, 0.8)
        .mobility(ADDUCTORS, 0.6)
        .mobility(SHINS, 0.5)
        .activation(SHOULDERS, 2.5)
        .activation(SHOULDER_BLADES, 2)
        .activation(TRUNK, 1)
        .activation(GLUTES, 0.9)
        .activation(CHEST, 0.7)
        .activation(ANKLES, 0.5)
        .skill(Skill.FEEL_FOR_WATER, 2.5)
        .skill(Skill.TURNOVER, 1.5)
        .skill(Skill.KICK, 1.5);
  }
}
