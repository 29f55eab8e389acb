package dev.jubilee.core.day;

import dev.jubilee.core.circumstances.Place;
import dev.jubilee.core.drill.Kit;
import io.soabase.recordbuilder.core.RecordBuilder;
import java.util.List;
import java.util.Optional;

/**
 * Something that is wanted more often than it is there, at one time.
 *
 * @param kit what of a place; empty where it is the coach, who cannot be in two places
 * @param place of the kit
 * @param from s, as groups count them
 * @param until s
 * @param groups ids of those who want it, in order of their starts
 * @param wanted how many at the most
 * @param there how many there are
 * @param shift the smallest that clears it; empty where none within the day does
 */
@RecordBuilder
public record Crossing(
    Optional<Kit> kit,
    Optional<Place> place,
    long from,
    long until,
    List<String> groups,
    int wanted,
    int there,
    Optional<Shift> shift) {
  public Crossing {
    groups = List.copyOf(groups);
  }

  /**
   * A group that starts earlier or later.
   *
   * @param minutes above 0 for later
   */
  public record Shift(String group, int minutes) {}
}
