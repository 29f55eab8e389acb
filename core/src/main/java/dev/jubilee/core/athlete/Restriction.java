package dev.jubilee.core.athlete;

import dev.jubilee.core.sport.BodyRegion;
import java.util.Locale;
import java.util.Objects;

/**
 * A region that is not quite right today.
 *
 * @param side left and right are different parts of the body
 */
public record Restriction(BodyRegion region, Severity severity, Side side) {
  /** On both sides, or where there is but one. */
  public static Restriction both(BodyRegion region, Severity severity) {
    return new Restriction(region, severity, Side.BOTH);
  }

  public Restriction {
    Objects.requireNonNull(side, "side");
  }

  /** Which one. */
  public enum Side {
    BOTH,
    LEFT,
    RIGHT
  }

  /** How bad, mildest first. */
  public enum Severity {
    /** Tight: gets extra mobility. */
    STIFF,
    /** Sore: nothing that loads it hard. */
    SORE,
    /** Painful or injured: nothing that loads or stretches it; build-ups are capped. */
    HURT
  }

  /** The region as a coach says it, such as "knees" or "left knee". */
  public String words() {
    return side == Side.BOTH
        ? region.words()
        : side.name().toLowerCase(Locale.ROOT) + " " + region.oneSide();
  }
}
