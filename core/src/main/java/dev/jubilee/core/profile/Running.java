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
import dev.jubilee.core.sport.BodyRegion;
import java.util.Map;
import java.util.Set;

/**
 * On foot. The first steps are common practice: 70-80-90-100 % before sprints, small steps before a
 * threshold run. The sprint is one that coaches see: a 20:00 5 km runner reaches about 7 m/s.
 */
final class Running implements SportProfile {
  static final SportProfile PROFILE = new Running();

  private static final double USUAL_FIRST_STEP = 0.70;

  private static final Map<SessionKind, Double> FIRST_STEPS =
      Map.of(
          SessionKind.THRESHOLD, 0.93,
          SessionKind.INTERVALS, 0.86,
          SessionKind.STEEPLE, 0.82,
          SessionKind.TIME_TRIAL, 0.84);

  private Running() {}

  @Override
  public String verb() {
    return "run";
  }

  @Override
  public String names() {
    return "run running track";
  }

  @Override
  public Set<Double> raced() {
    return Set.of(
        60.0, 100.0, 200.0, 400.0, 800.0, 1500.0, 1609.344, 3000.0, 5000.0, 10_000.0, 21_097.5,
        42_195.0);
  }

  @Override
  public Place place() {
    return Place.TRACK;
  }

  @Override
  public Needs needs() {
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

  @Override
  public Set<BodyRegion> loaded() {
    return Set.of(
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
        LOWER_BACK);
  }

  @Override
  public Role easy() {
    return Role.EASY_JOG;
  }

  @Override
  public Role effort() {
    return Role.STRIDE_RUN;
  }

  @Override
  public Role effort(SessionKind kind) {
    return kind.isSprinted() ? Role.BUILD_UP_RUN : effort();
  }

  @Override
  public BuildStyle build() {
    return BuildStyle.STRIDES;
  }

  @Override
  public double firstStep(SessionKind kind) {
    return FIRST_STEPS.getOrDefault(kind, USUAL_FIRST_STEP);
  }

  @Override
  public RaiseRange raise() {
    return new RaiseRange(0.66, 0.74);
  }

  @Override
  public double heavy() {
    return 0.92;
  }

  @Override
  public CriticalModel relative() {
    return new CriticalModel(1, 45, 1.8).bentAs(SportCurve.ON_FOOT);
  }

  @Override
  public CriticalModel usual() {
    return new CriticalModel(4, 180, 7.2);
  }

  @Override
  public TopRange top() {
    return new TopRange(4, 12.5);
  }

  @Override
  public double hardSpeed() {
    return 6;
  }

  @Override
  public double speedBetween() {
    return 2.4;
  }

  @Override
  public Aim.Unit unit() {
    return Aim.Unit.SECONDS_PER_KM;
  }

  @Override
  public int thresholdFrom() {
    return 12;
  }

  @Override
  public int easyFrom() {
    return 45;
  }
}
