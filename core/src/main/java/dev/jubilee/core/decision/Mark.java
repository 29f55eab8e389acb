package dev.jubilee.core.decision;

import dev.jubilee.core.athlete.Restriction;
import dev.jubilee.core.quantity.Bounds;
import dev.jubilee.core.quantity.OutOfRangeException;
import dev.jubilee.core.sport.BodyRegion;
import java.util.Objects;
import java.util.Optional;

/**
 * One sign that was marked.
 *
 * @param region where, for what has a place
 * @param side of it
 * @param pain 1 to 10 for pain, else 0
 * @param onlyFast whether the pain is there only above some speed
 */
public record Mark(
    Sign sign, Optional<BodyRegion> region, Restriction.Side side, int pain, boolean onlyFast) {
  /**
   * @throws OutOfRangeException naming the field and what would be accepted
   */
  public Mark {
    Objects.requireNonNull(side, "side");
    Bounds.within("pain", pain, sign == Sign.PAIN ? 1 : 0, sign == Sign.PAIN ? 10 : 0, "of 10");
    if (sign.hasPlace() != region.isPresent()) {
      throw new OutOfRangeException(
          "region",
          region.map(BodyRegion::words).orElse("nothing"),
          sign.hasPlace() ? "a place for " + sign.words() : "nothing for " + sign.words());
    }
    if (onlyFast && sign != Sign.PAIN) {
      throw new OutOfRangeException("onlyFast", "true", "false for " + sign.words());
    }
  }

  /** A sign without a place. */
  public static Mark of(Sign sign) {
    return new Mark(sign, Optional.empty(), Restriction.Side.BOTH, 0, false);
  }

  /** Tight somewhere. */
  public static Mark tight(BodyRegion region, Restriction.Side side) {
    return new Mark(Sign.TIGHT, Optional.of(region), side, 0, false);
  }

  /** It hurts somewhere. */
  public static Mark pain(BodyRegion region, Restriction.Side side, int pain, boolean onlyFast) {
    return new Mark(Sign.PAIN, Optional.of(region), side, pain, onlyFast);
  }

  /** Whether it is the same sign in the same place. */
  boolean isSameAs(Mark other) {
    return sign == other.sign && region.equals(other.region) && side == other.side;
  }

  /** As a phrase, such as "tight left calf". */
  public String words() {
    if (region.isEmpty()) {
      return sign.words();
    }
    String where = new Restriction(region.get(), Restriction.Severity.STIFF, side).words();
    return sign == Sign.PAIN
        ? where + " hurts " + pain + " of 10" + (onlyFast ? ", only when fast" : "")
        : sign.words() + " " + where;
  }
}
