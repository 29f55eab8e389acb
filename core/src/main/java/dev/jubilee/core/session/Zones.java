package dev.jubilee.core.session;

import dev.jubilee.core.quantity.Bounds;
import dev.jubilee.core.quantity.OutOfRangeException;
import java.util.EnumSet;
import java.util.Map;
import java.util.Optional;
import java.util.Set;

/**
 * What a coach's zones mean in a sport. Tables differ from coach to coach, so none is assumed.
 *
 * @param meaning by number, 1 to {@value #HIGHEST}
 */
public record Zones(Map<Integer, Aim.Figure> meaning) {
  public static final int HIGHEST = 7;

  /** As long as nobody said. */
  public static final Zones UNKNOWN = new Zones(Map.of());

  /** What zones are given in: shares and exertion hold for every athlete, watts do not. */
  public static final Set<Aim.Unit> UNITS =
      Set.copyOf(
          EnumSet.of(
              Aim.Unit.PERCENT_OF_CRITICAL,
              Aim.Unit.PERCENT_OF_MAXIMUM_HEART,
              Aim.Unit.PERCENT_OF_THRESHOLD_HEART,
              Aim.Unit.EXERTION));

  public Zones {
    meaning = Map.copyOf(meaning);
    meaning.forEach(
        (number, figure) -> {
          Bounds.within("zone", number, 1, HIGHEST, "");
          if (!UNITS.contains(figure.unit())) {
            throw new OutOfRangeException(
                "unit", figure.unit(), "shares of threshold or heart rate, or exertion");
          }
          if (figure.low() > figure.high()) {
            throw new OutOfRangeException("low", figure.low(), "at most " + figure.high());
          }
        });
  }

  /**
   * What some zones mean together; empty where one is not in the table, or they are told in
   * different units.
   */
  public Optional<Aim.Figure> of(int from, int to) {
    Aim.Figure low = meaning.get(Math.min(from, to));
    Aim.Figure high = meaning.get(Math.max(from, to));
    return low == null || high == null || low.unit() != high.unit()
        ? Optional.empty()
        : Optional.of(new Aim.Figure(low.unit(), low.low(), high.high()));
  }
}
