package dev.jubilee.core.check;

import dev.jubilee.core.plan.Plan;
import java.util.List;

/** Looks at a finished plan for one kind of trouble. */
interface Check {
  /** What it finds, empty when all is well; never null. */
  List<Finding> examine(Plan plan);
}
