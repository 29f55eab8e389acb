package dev.jubilee.core.athlete;

import dev.jubilee.core.sport.BodyRegion;

/** A region that is not quite right today. */
public record Restriction(BodyRegion region, Severity severity) {

  /** How bad, mildest first. */
  public enum Severity {
    /** Tight: gets extra mobility. */
    STIFF,
    /** Sore: nothing that loads it hard. */
    SORE,
    /** Painful or injured: nothing that loads or stretches it; build-ups are capped. */
    HURT
  }
}
