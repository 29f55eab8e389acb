package dev.jubilee.core.drill;

/** What a drill asks that not everybody may do, whatever their regions are like. */
public enum Caveat {
  /** Lies on the back. */
  SUPINE("lies on the back"),
  /** Pushes hard or long against something, so that one holds the breath. */
  STRAINING("strains");

  private final String words;

  Caveat(String words) {
    this.words = words;
  }

  /** As a phrase of which the drill is the subject. */
  public String words() {
    return words;
  }
}
