package dev.jubilee.core.checkin;

/**
 * What is asked for exercise safety, in our own words after the idea of the published
 * questionnaires before exercise (Warburton et al. 2011; from memory). A yes goes to the coach, and
 * is never answered with a warm-up.
 */
public enum Alarm {
  CHEST("pain or pressure in the chest"),
  DIZZY("dizziness, or fainted"),
  BREATH("out of breath without a reason"),
  HEAD("a knock to the head in the last days"),
  ILL("fever, or ill"),
  GIVES_WAY("something swollen, giving way, or hurting at night"),
  TOLD_NOT_TO("told by a clinician not to train");

  private final String words;

  Alarm(String words) {
    this.words = words;
  }

  /** As it is told to the coach. */
  public String words() {
    return words;
  }
}
