package dev.jubilee.core.athlete;

import dev.jubilee.core.quantity.Bounds;
import java.util.Optional;

/**
 * When and in what conditions a result was got.
 *
 * @param daysAgo whole days before the day it is used on, 0 to 7300, if the date is known
 * @param setting what held it back, if anything
 */
public record ResultConditions(Optional<Integer> daysAgo, Setting setting) {

  /** Conditions that matter for what a result tells. */
  public enum Setting {
    /** Fair: all out, on a fair course, in fair weather. */
    FAIR,
    /** Wind, hills, heat or not quite all out: the athlete can do better. */
    SLOW
  }

  public static final ResultConditions UNKNOWN =
      new ResultConditions(Optional.empty(), Setting.FAIR);

  public ResultConditions {
    daysAgo.ifPresent(d -> Bounds.within("takenOn", d, 0, 7300, "days ago"));
  }
}
