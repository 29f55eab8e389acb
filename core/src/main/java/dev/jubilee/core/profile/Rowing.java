package dev.jubilee.core.profile;

import static dev.jubilee.core.sport.BodyRegion.*;

import dev.jubilee.core.circumstances.Place;
import dev.jubilee.core.drill.Kit;
import dev.jubilee.core.drill.Need.AnkleRange.Foot;
import dev.jubilee.core.drill.Role;
import dev.jubilee.core.drill.Skill;
import dev.jubilee.core.intensity.CriticalModel;
import dev.jubilee.core.intensity.RowingErgometer;
import dev.jubilee.core.intensity.SportCurve;
import dev.jubilee.core.session.Aim;
import dev.jubilee.core.session.SessionKind;
import dev.jubilee.core.sport.BodyRegion;
import java.time.Duration;
import java.util.EnumSet;
import java.util.Set;

/**
 * In a boat or on the rowing machine; figures are those of the machine. The first step is a Jubilee
 * modelling choice.
 */
final class Rowing implements SportProfile {
  static final SportProfile PROFILE = new Rowing();

  private static final Set<Place> WITH_BOATS =
      EnumSet.of(Place.BOATHOUSE, Place.GYM, Place.WATERSIDE);

  /** W′, J for each W of critical power; Jubilee modelling choice. */
  private static final double RESERVE_SECONDS = 75;

  /** As a multiple of critical power; Jubilee modelling choice. */
  private static final double SPRINT = 2;

  /** Less power moves no flywheel at a split, W. */
  private static final double LEAST_WATTS = 20;

  private Rowing() {}

  @Override
  public String verb() {
    return "row";
  }

  @Override
  public String names() {
    return "row rowing erg ergo boat";
  }

  @Override
  public Set<Double> raced() {
    return Set.of(500.0, 1000.0, 2000.0, 5000.0, 6000.0, 10_000.0, 21_097.5, 42_195.0);
  }

  @Override
  public Place place() {
    return Place.BOATHOUSE;
  }

  @Override
  public Set<Kit> broughtTo(Place place) {
    return WITH_BOATS.contains(place) ? Set.of(Kit.ROWER) : Set.of();
  }

  @Override
  public Needs needs() {
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

  @Override
  public Set<BodyRegion> loaded() {
    return Set.of(
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
        MID_BACK);
  }

  @Override
  public Role easy() {
    return Role.EASY_ROW;
  }

  @Override
  public Role effort() {
    return Role.PRESSURE_STEP_ROW;
  }

  @Override
  public BuildStyle build() {
    return BuildStyle.STEPS_AT_RATE;
  }

  @Override
  public double firstStep(SessionKind kind) {
    return 0.72;
  }

  /**
   * Rowing starts at half of 2 km power (common practice), which is 0.59 of critical power taken as
   * 0.85 of it.
   */
  @Override
  public RaiseRange raise() {
    return new RaiseRange(
        0.50 / RowingErgometer.CRITICAL_OF_2K, 0.60 / RowingErgometer.CRITICAL_OF_2K);
  }

  @Override
  public double heavy() {
    return 0.89;
  }

  @Override
  public CriticalModel relative() {
    return new CriticalModel(1, RESERVE_SECONDS, SPRINT).bentAs(SportCurve.ON_THE_ROWING_MACHINE);
  }

  @Override
  public CriticalModel usual() {
    return new CriticalModel(190, 15_000, 420);
  }

  @Override
  public TopRange top() {
    return new TopRange(100, 1300);
  }

  @Override
  public Duration trial() {
    return Duration.ofMinutes(8);
  }

  @Override
  public double hardSpeed() {
    return 5;
  }

  @Override
  public double speedBetween() {
    return 3.3;
  }

  @Override
  public double speed(double intensity, CriticalModel model, boolean isRelative) {
    return 500 / RowingErgometer.splitSeconds(Math.max(LEAST_WATTS, intensity));
  }

  @Override
  public Aim.Unit unit() {
    return Aim.Unit.SECONDS_PER_500;
  }

  @Override
  public double figure(double intensity) {
    return RowingErgometer.splitSeconds(intensity);
  }

  @Override
  public double secondsAMetre(double intensity) {
    return RowingErgometer.splitSeconds(intensity) / 500;
  }

  @Override
  public double intensityAt(double secondsAMetre) {
    return RowingErgometer.watts(secondsAMetre);
  }

  /** The time at which the power that can be held for it just covers the distance. */
  @Override
  public double raceSeconds(double metres, CriticalModel model) {
    double fast = metres / 7;
    double slow = metres / 1.5;
    for (int i = 0; i < 60; i++) {
      double middle = (fast + slow) / 2;
      double watts = model.sustainable(Duration.ofMillis(Math.round(middle * 1000)));
      double covered = middle * 500 / RowingErgometer.splitSeconds(watts);
      if (covered >= metres) {
        slow = middle;
      } else {
        fast = middle;
      }
    }
    return slow;
  }

  @Override
  public int thresholdFrom() {
    return 12;
  }

  @Override
  public int easyFrom() {
    return 18;
  }
}
