package dev.jubilee.server.zone;

import dev.jubilee.core.quantity.OutOfRangeException;
import dev.jubilee.core.session.Aim;
import dev.jubilee.core.session.Zones;
import dev.jubilee.core.sport.Sport;
import dev.jubilee.server.zone.stored.ZonesV1;
import dev.jubilee.server.zone.stored.ZonesV1.MeaningV1;
import jakarta.validation.Valid;
import jakarta.validation.constraints.NotNull;
import jakarta.validation.constraints.Size;
import java.util.HashMap;
import java.util.List;
import java.util.Map;

/**
 * What a club's zones mean, in any order.
 *
 * @param version to base a change on; −1 as long as nobody has said anything
 */
public record ZoneTable(
    long version, @NotNull @Size(max = 28) List<@NotNull @Valid Meaning> meanings) {

  /**
   * A zone of a sport.
   *
   * @param zone 1 to 7
   * @param low the gentler end, in its unit
   * @param high the harder end
   */
  public record Meaning(
      @NotNull Sport sport, int zone, @NotNull Aim.Unit unit, double low, double high) {}

  static ZoneTable of(long version, ZonesV1 stored) {
    return new ZoneTable(
        version,
        stored.meanings().stream()
            .map(m -> new Meaning(m.sport(), m.zone(), m.unit(), m.low(), m.high()))
            .toList());
  }

  ZonesV1 stored() {
    return new ZonesV1(
        meanings.stream()
            .map(m -> new MeaningV1(m.sport(), m.zone(), m.unit(), m.low(), m.high()))
            .toList());
  }

  /**
   * What they mean in a sport.
   *
   * @throws OutOfRangeException naming the field and what would be accepted
   */
  Zones of(Sport sport) {
    Map<Integer, Aim.Figure> all = new HashMap<>();
    for (int i = 0; i < meanings.size(); i++) {
      Meaning m = meanings.get(i);
      if (m.sport() == sport) {
        String path = "meanings[" + i + "].";
        try {
          all.put(m.zone(), new Aim.Figure(m.unit(), m.low(), m.high()));
          new Zones(Map.of(m.zone(), all.get(m.zone())));
        } catch (OutOfRangeException e) {
          throw (e.field().equals("zone") ? e : e.as("low")).in(path);
        }
      }
    }
    return new Zones(all);
  }
}
