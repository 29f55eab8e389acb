package dev.jubilee.core.check;

import dev.jubilee.core.plan.Plan;
import java.util.Comparator;
import java.util.List;

/** All checks of a plan. */
public final class Checks {
  private static final List<Check> ALL =
      List.of(
          new TimeChecks(),
          new EffortChecks(),
          new BodyChecks(),
          new OrderChecks(),
          new KitChecks(),
          new WeatherChecks(),
          new ReachChecks());

  private Checks() {}

  /** Findings, gravest first; the same plan gives the same findings. */
  public static List<Finding> of(Plan plan) {
    return ALL.stream()
        .flatMap(check -> check.examine(plan).stream())
        .sorted(Comparator.comparing(Finding::severity))
        .toList();
  }
}
