package dev.jubilee.core.athlete;

/** What a coach was told of an athlete's health, and goes carefully about. Never a diagnosis. */
public enum HealthCondition {
  PREGNANCY("pregnancy"),
  RAISED_BLOOD_PRESSURE("raised blood pressure"),
  HEART_DISEASE("heart disease"),
  ASTHMA("asthma"),
  DIABETES("diabetes"),
  EPILEPSY("epilepsy"),
  CONCUSSION("recent concussion");

  private final String words;

  HealthCondition(String words) {
    this.words = words;
  }

  public String words() {
    return words;
  }
}
