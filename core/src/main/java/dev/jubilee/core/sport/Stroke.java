package dev.jubilee.core.sport;

import java.util.List;

/** Swimming strokes, each asking for other joints. */
public enum Stroke {
  FREESTYLE("freestyle", 1),
  BACKSTROKE("backstroke", 1.12),
  BREASTSTROKE("breaststroke", 1.26),
  BUTTERFLY("butterfly", 1.08),
  /** All four in turn. */
  MEDLEY("medley", (1 + 1.12 + 1.26 + 1.08) / 4);

  private final String words;
  private final double timeOfFreestyle;

  Stroke(String words, double timeOfFreestyle) {
    this.words = words;
    this.timeOfFreestyle = timeOfFreestyle;
  }

  public String words() {
    return words;
  }

  /**
   * Time over a distance as a multiple of the same swimmer's freestyle: the middle of the ratios of
   * the best times known over 100 m (from memory; fly 1.05–1.10, back 1.10–1.15, breast 1.22–1.30);
   * the medley's is that of its legs.
   */
  public double timeOfFreestyle() {
    return timeOfFreestyle;
  }

  /** The strokes it is made of: itself, or the medley's four in the order they are swum. */
  public List<Stroke> legs() {
    return this == MEDLEY ? List.of(BUTTERFLY, BACKSTROKE, BREASTSTROKE, FREESTYLE) : List.of(this);
  }
}
