package dev.jubilee.core.circumstances;

/** How fresh the athlete comes to the session, freshest first. */
public enum Freshness {
  FRESH,
  /** Flat, but neither sore nor ill: to be woken up, then judged. */
  FLAT,
  /** Slept badly, low and heavy: to be spared. */
  TIRED
}
