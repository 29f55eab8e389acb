package dev.jubilee.core.demand;

import java.util.List;

/**
 * All adjustments, in the order they are made: who it is, the weather, the body, the company and
 * the coach's school first, as they change lengths; then what caps the build, the gravest first.
 */
final class Adjustments {
  static final List<Adjustment> ALL =
      List.of(
          new ForAge(),
          new ForLevel(),
          new AfterLayOff(),
          new ForTemperature(),
          new InColdWater(),
          new AtAltitude(),
          new OnASlope(),
          new ForStroke(),
          new ForSeated(),
          new ForLift(),
          new AfterSitting(),
          new WhenNotFresh(),
          new WithoutApparatus(),
          new AsMusclesWarm(),
          new ForStiffRegions(),
          new InRain(),
          new OnSlipperyGround(),
          new InAGroup(),
          new WithDrillsFirst(),
          new WithJointsFirst(),
          new ForBalance(),
          new AfterPriorExercise(),
          new InStages(),
          new WithAWait(),
          new WithHurtRegions(),
          new WithSoreRegions(),
          new CappedByLevel(),
          new CappedByApproach(),
          new CappedByGround(),
          new CappedByTime(),
          new ForHealth(),
          new Priming());

  private Adjustments() {}
}
