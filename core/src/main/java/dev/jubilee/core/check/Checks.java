package dev.jubilee.core.check;

import dev.jubilee.core.plan.Plan;
import java.util.Comparator;
import java.util.List;

/** All checks of a plan. */
public final class Checks {
  private static final List<Check> ALL =
      List.of(
          new OverTime(),
          new LongWait(),
          new ShortWait(),
          new LongForEasy(),
          new ShortForHard(),
          new LeftOut(),
          new ShortRaise(),
          new NoBuild(),
          new TooManyDrills(),
          new EffortFalls(),
          new BigStep(),
          new BuildTooHigh(),
          new BuildTooLow(),
          new FewEfforts(),
          new Costly(),
          new TargetsByFeel(),
          new HurtRegion(),
          new SoreRegion(),
          new AnotherSession(),
          new HealthCaution(),
          new LoadsSoreRegion(),
          new ContactsUnwanted(),
          new LongHold(),
          new ContactsHigh(),
          new Doubled(),
          new TwoRungs(),
          new AboveMastery(),
          new HoldLate(),
          new NewToday(),
          new UpAndDown(),
          new BandOnAndOff(),
          new MissingKit(),
          new WetDeck(),
          new SlipperyGround(),
          new WetGround(),
          new KitShared(),
          new NoApparatus(),
          new NoRoomToRun(),
          new UnsafeOutdoors(),
          new Thunder(),
          new BadAir(),
          new IceUnderfoot(),
          new ColdWater(),
          new HighUp(),
          new WindChill(),
          new LongInHeat(),
          new HardCold(),
          new LayersOn(),
          new HeatDanger(),
          new HotAir(),
          new NothingLeft());

  private Checks() {}

  /** Findings, gravest first; the same plan gives the same findings. */
  public static List<Finding> of(Plan plan) {
    return ALL.stream()
        .flatMap(check -> check.examine(plan).stream())
        .sorted(Comparator.comparing(Finding::severity))
        .toList();
  }
}
