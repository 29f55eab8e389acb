package dev.jubilee.core.sport;

/** Parts of the body that a session loads and a drill prepares, from the ground up. */
public enum BodyRegion {
  FEET("feet", "foot"),
  ANKLES("ankles", "ankle"),
  ACHILLES("Achilles tendon", "Achilles tendon"),
  CALVES("calves", "calf"),
  SHINS("shins", "shin"),
  KNEES("knees", "knee"),
  QUADRICEPS("quadriceps", "quadriceps"),
  HAMSTRINGS("hamstrings", "hamstring"),
  ADDUCTORS("groin", "groin"),
  HIPS("hips", "hip"),
  HIP_FLEXORS("front of the hips", "hip flexors"),
  GLUTES("glutes", "glute"),
  LOWER_BACK("lower back", "lower back"),
  TRUNK("trunk", "side of the trunk"),
  MID_BACK("mid-back", "mid-back"),
  CHEST("chest", "side of the chest"),
  SHOULDER_BLADES("shoulder blades", "shoulder blade"),
  SHOULDERS("shoulders", "shoulder"),
  NECK("neck", "side of the neck"),
  WRISTS("wrists", "wrist");

  private final String words;
  private final String oneSide;

  BodyRegion(String words, String oneSide) {
    this.words = words;
    this.oneSide = oneSide;
  }

  /** Whether whoever sits does not use it in sport; from the feet up to the seat. */
  public boolean isOfTheLegs() {
    return compareTo(GLUTES) <= 0;
  }

  /** The region as a coach says it, for use inside a sentence. */
  public String words() {
    return words;
  }

  /** One side of it, after "left" or "right". */
  public String oneSide() {
    return oneSide;
  }
}
