package dev.jubilee.core.drill;

/** What a drill asks that not everybody may do, whatever their regions are like. */
public enum Caveat {
  /** Lies on the back. */
  SUPINE("lies on the back"),
  /** Lies on the front, on land. */
  PRONE("lies on the front"),
  /** Pushes hard or long against something, so that one holds the breath. */
  STRAINING("strains"),
  /** Stands on one leg, or steps over something, with nothing to hold. */
  ONE_LEG("stands free on one leg"),
  /** Could end in a fall on ground or a foot that is not sure. */
  UNSTEADY("could end in a fall");

  private final String words;

  Caveat(String words) {
    this.words = words;
  }

  /** As a phrase of which the drill is the subject. */
  public String words() {
    return words;
  }
}
