package dev.jubilee.core.sport;

/** Parts of the body that a session loads and a drill prepares, from the ground up. */
public enum BodyRegion {
  FEET("feet"),
  ANKLES("ankles"),
  ACHILLES("Achilles tendon"),
  CALVES("calves"),
  SHINS("shins"),
  KNEES("knees"),
  QUADRICEPS("quadriceps"),
  HAMSTRINGS("hamstrings"),
  ADDUCTORS("groin"),
  HIPS("hips"),
  HIP_FLEXORS("front of the hips"),
  GLUTES("glutes"),
  LOWER_BACK("lower back"),
  TRUNK("trunk"),
  MID_BACK("mid-back"),
  CHEST("chest"),
  SHOULDER_BLADES("shoulder blades"),
  SHOULDERS("shoulders"),
  NECK("neck"),
  WRISTS("wrists");

  private final String words;

  BodyRegion(String words) {
    this.words = words;
  }

  /** The region as a coach says it, for use inside a sentence. */
  public String words() {
    return words;
  }
}
