package dev.jubilee.core.learning;

import dev.jubilee.core.drill.Drill;
import dev.jubilee.core.drill.DrillLibrary;
import io.soabase.recordbuilder.core.RecordBuilder;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.TreeMap;

/**
 * On which rung of a ladder an athlete stands, by what they did last.
 *
 * @param rung from 1
 * @param top the ladder's highest
 * @param since the first day they did it and nothing lower after it
 * @param times how often since then
 */
@RecordBuilder
public record LadderStand(
    String ladder, String drill, String name, int rung, int top, LocalDate since, int times) {

  /** A drill that was done. */
  public record Did(LocalDate day, String drill) {}

  /**
   * Of all ladders that were climbed, the one that was used last first.
   *
   * @param done in the order of time
   */
  public static List<LadderStand> of(List<Did> done, DrillLibrary library) {
    Map<String, LadderStand> stands = new TreeMap<>();
    Map<String, LocalDate> last = new TreeMap<>();
    for (Did did : done) {
      Optional<Drill> drill = library.find(did.drill()).filter(d -> d.rung().isPresent());
      if (drill.isEmpty()) {
        continue;
      }
      String ladder = drill.get().rung().get().ladder();
      LadderStand before = stands.get(ladder);
      boolean isSame = before != null && before.drill().equals(did.drill());
      stands.put(
          ladder,
          LadderStandBuilder.builder()
              .ladder(ladder)
              .drill(did.drill())
              .name(drill.get().name())
              .rung(drill.get().rung().get().step())
              .top(top(library, ladder))
              .since(isSame ? before.since() : did.day())
              .times(isSame ? before.times() + 1 : 1)
              .build());
      last.put(ladder, did.day());
    }
    List<LadderStand> all = new ArrayList<>(stands.values());
    all.sort(
        Comparator.comparing((LadderStand s) -> last.get(s.ladder()))
            .reversed()
            .thenComparing(LadderStand::ladder));
    return all;
  }

  private static int top(DrillLibrary library, String ladder) {
    return library.ladders().stream()
        .filter(l -> l.id().equals(ladder))
        .mapToInt(l -> l.top())
        .findFirst()
        .orElse(1);
  }
}
