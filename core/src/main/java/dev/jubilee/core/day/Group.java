package dev.jubilee.core.day;

import dev.jubilee.core.circumstances.Place;
import dev.jubilee.core.drill.Kit;
import io.soabase.recordbuilder.core.RecordBuilder;
import java.util.List;

/**
 * Who warms up together, for one start. Times are seconds, from any moment on that is the same for
 * all groups.
 *
 * @param id key of the session
 * @param place where it starts
 * @param start when its first effort is
 * @param length how long before it the first of them begins to warm up, s; 0 or more
 * @param watchedFrom how long before the start the coach is wanted there: the first fast effort is
 *     looked at, and what comes after it (common practice); 0 where nobody builds up
 * @param uses what kit is used when
 * @param isFixed whether it has begun, or is over, and cannot be moved
 */
@RecordBuilder
public record Group(
    String id,
    Place place,
    long start,
    int length,
    int watchedFrom,
    List<Use> uses,
    boolean isFixed) {
  public Group {
    uses = List.copyOf(uses);
  }

  /**
   * Kit in one athlete's hands.
   *
   * @param place where it is
   * @param from seconds before the start
   * @param until seconds before the start; less than {@code from}
   */
  public record Use(Place place, Kit kit, int from, int until) {}

  /** The same, later by so many seconds; earlier below 0. */
  public Group later(long seconds) {
    return GroupBuilder.builder(this).start(start + seconds).build();
  }
}
