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
import java.util.Set;

/**
 * In water. It holds a swimmer back so much that a slow 25 is hardly slower than a fast one; the
 * first steps are Jubilee modelling choices.
 */
final class Swimming implements SportProfile {
  static final SportProfile PROFILE = new Swimming();

  /** D′, m; Jubilee modelling choice. */
  private static final double RESERVE = 20;

  /** As a multiple of critical speed; Jubilee modelling choice. */
  private static final double SPRINT = 1.35;

  /** Easy and steady work; common practice. */
  private static final double EASY_SHARE = 0.87;

  private static final double STEADY_SHARE = 0.93;

  private Swimming() {}

  @Override
  public String verb() {
    return "swim";
  }

  @Override
  public String names() {
    return "swim swimming pool";
  }

  @Override
  public Set<Double> raced() {
    return Set.of(50.0, 100.0, 200.0, 400.0, 800.0, 1500.0);
  }

  @Override
  public Place place() {
    return Place.POOL_DECK;
  }

  @Override
  public Needs needs() {
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

  @Override
  public Set<BodyRegion> loaded() {
    return Set.of(SHOULDERS, NECK, SHOULDER_BLADES, CHEST);
  }

  @Override
  public Role easy() {
    return Role.EASY_SWIM;
  }

  @Override
  public Role effort() {
    return Role.BUILD_25_SWIM;
  }

  @Override
  public BuildStyle build() {
    return BuildStyle.LENGTHS;
  }

  @Override
  public double firstStep(SessionKind kind) {
    return kind == SessionKind.SPRINT ? 0.80 : 0.92;
  }

  @Override
  public double firstStepBeforeShort(SessionKind kind) {
    return 0.86;
  }

  @Override
  public RaiseRange raise() {
    return new RaiseRange(0.82, 0.88);
  }

  @Override
  public double heavy() {
    return 0.96;
  }

  @Override
  public double easyShare() {
    return EASY_SHARE;
  }

  @Override
  public double steadyShare() {
    return STEADY_SHARE;
  }

  @Override
  public CriticalModel relative() {
    return new CriticalModel(1, RESERVE, SPRINT).bentAs(SportCurve.IN_WATER);
  }

  @Override
  public CriticalModel usual() {
    return new CriticalModel(1.2, 20, 1.65).bentAs(SportCurve.IN_WATER);
  }

  @Override
  public TopRange top() {
    return new TopRange(0.6, 2.6);
  }

  @Override
  public double hardSpeed() {
    return 1.5;
  }

  @Override
  public double speedBetween() {
    return 0.9;
  }

  @Override
  public Aim.Unit unit() {
    return Aim.Unit.SECONDS_PER_100;
  }

  @Override
  public int thresholdFrom() {
    return 5;
  }

  @Override
  public int easyFrom() {
    return 12;
  }

  @Override
  public int longestSprint() {
    return 45;
  }
}
