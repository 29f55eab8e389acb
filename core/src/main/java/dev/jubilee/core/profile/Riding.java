package dev.jubilee.core.profile;

import static dev.jubilee.core.sport.BodyRegion.*;

import dev.jubilee.core.circumstances.Place;
import dev.jubilee.core.drill.Kit;
import dev.jubilee.core.drill.Role;
import dev.jubilee.core.drill.Skill;
import dev.jubilee.core.intensity.CriticalModel;
import dev.jubilee.core.intensity.SportCurve;
import dev.jubilee.core.session.Aim;
import dev.jubilee.core.session.SessionKind;
import dev.jubilee.core.sport.BodyRegion;
import java.util.EnumSet;
import java.util.Set;

/** On a bike, indoors or out. The first steps are Jubilee modelling choices. */
final class Riding implements SportProfile {
  static final SportProfile PROFILE = new Riding();

  private static final Set<Place> WITHOUT_BIKE =
      EnumSet.of(
          Place.LIVING_ROOM,
          Place.POOL_DECK,
          Place.BOATHOUSE,
          Place.HOTEL_ROOM,
          Place.BEACH,
          Place.STAIRS);

  /** W′, J for each W of critical power; Jubilee modelling choice. */
  private static final double RESERVE_SECONDS = 75;

  /** As a multiple of critical power; Jubilee modelling choice. */
  private static final double SPRINT = 3;

  /** At critical power, m/s; common practice. */
  private static final double USUAL_SPEED = 9.5;

  private Riding() {}

  @Override
  public String verb() {
    return "ride";
  }

  @Override
  public String names() {
    return "ride riding bike cycling turbo";
  }

  @Override
  public Set<Double> raced() {
    return Set.of();
  }

  @Override
  public Place place() {
    return Place.GYM;
  }

  /** The bike wherever one can ride off. */
  @Override
  public Set<Kit> broughtTo(Place place) {
    return WITHOUT_BIKE.contains(place) ? Set.of() : Set.of(Kit.BIKE);
  }

  @Override
  public Needs needs() {
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

  /** The neck carries the head, all the more in the aero position. */
  @Override
  public Set<BodyRegion> loaded() {
    return Set.of(
        NECK, KNEES, QUADRICEPS, HIP_FLEXORS, HIPS, LOWER_BACK, ACHILLES, GLUTES, HAMSTRINGS);
  }

  @Override
  public Role easy() {
    return Role.EASY_SPIN;
  }

  @Override
  public Role effort() {
    return Role.PRESSURE_STEP_RIDE;
  }

  @Override
  public Role effort(SessionKind kind) {
    return kind == SessionKind.SPRINT ? Role.OPENER_RIDE : effort();
  }

  @Override
  public BuildStyle build() {
    return BuildStyle.STEPS_OF_POWER;
  }

  @Override
  public double firstStep(SessionKind kind) {
    return kind == SessionKind.THRESHOLD ? 0.80 : 0.72;
  }

  @Override
  public RaiseRange raise() {
    return new RaiseRange(0.50, 0.65);
  }

  @Override
  public double heavy() {
    return 0.89;
  }

  @Override
  public CriticalModel relative() {
    return new CriticalModel(1, RESERVE_SECONDS, SPRINT).bentAs(SportCurve.ON_A_BIKE);
  }

  @Override
  public CriticalModel usual() {
    return new CriticalModel(230, 17_000, 700);
  }

  @Override
  public TopRange top() {
    return new TopRange(150, 2600);
  }

  @Override
  public double hardSpeed() {
    return 12;
  }

  @Override
  public double speedBetween() {
    return 7;
  }

  /** Air drag: speed goes with about the cube root of power. */
  @Override
  public double speed(double intensity, CriticalModel model, boolean isRelative) {
    return USUAL_SPEED * Math.cbrt(intensity / model.critical());
  }

  @Override
  public Aim.Unit unit() {
    return Aim.Unit.WATTS;
  }

  @Override
  public double figure(double intensity) {
    return intensity;
  }

  @Override
  public int longFrom() {
    return 9000;
  }
}
