package dev.jubilee.core.shorthand;

import dev.jubilee.core.sport.Sport;
import java.util.List;
import java.util.Map;
import java.util.Set;

/** Whether a session is nothing but a race by its name: 10k, half, 1500 free, 400 IM. */
final class RaceName {
  /** Distances that are raced, m; common practice. */
  private static final Map<Sport, Set<Double>> RACED =
      Map.of(
          Sport.RUN,
          Set.of(
              60.0, 100.0, 200.0, 400.0, 800.0, 1500.0, 1609.344, 3000.0, 5000.0, 10_000.0,
              21_097.5, 42_195.0),
          Sport.RIDE,
          Set.of(),
          Sport.ROW,
          Set.of(500.0, 1000.0, 2000.0, 5000.0, 6000.0, 10_000.0, 21_097.5, 42_195.0),
          Sport.SWIM,
          Set.of(50.0, 100.0, 200.0, 400.0, 800.0, 1500.0));

  private RaceName() {}

  static boolean is(List<Step> steps, SessionFacts whole, Sport usual) {
    if (whole.kind.isPresent() || whole.isHills || steps.size() != 1) {
      return false;
    }
    Sport sport = whole.sport.orElse(usual);
    return steps.get(0) instanceof Step.Piece piece
        && isBare(piece)
        && (whole.sport.isEmpty() || piece.stroke().isPresent())
        && piece.amount() instanceof Extent.Distance d
        && RACED.get(sport).contains(d.metres());
  }

  private static boolean isBare(Step.Piece piece) {
    return piece.times() == 1
        && piece.aim().isEmpty()
        && piece.rate().isEmpty()
        && piece.extras().isEmpty()
        && piece.rest().equals(Rest.NONE);
  }
}
