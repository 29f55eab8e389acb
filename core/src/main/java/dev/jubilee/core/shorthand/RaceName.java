package dev.jubilee.core.shorthand;

import dev.jubilee.core.profile.Profiles;
import dev.jubilee.core.sport.Sport;
import java.util.List;

/** Whether a session is nothing but a race by its name: 10k, half, 1500 free, 400 IM. */
final class RaceName {
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
        && Profiles.of(sport).raced().contains(d.metres());
  }

  private static boolean isBare(Step.Piece piece) {
    return piece.times() == 1
        && piece.aim().isEmpty()
        && piece.rate().isEmpty()
        && piece.extras().isEmpty()
        && piece.rest().equals(Rest.NONE);
  }
}
