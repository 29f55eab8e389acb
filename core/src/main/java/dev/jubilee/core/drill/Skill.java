package dev.jubilee.core.drill;

/** Coordination and qualities that a session asks for beyond warm and mobile joints. */
public enum Skill {
  BALANCE("balance"),
  STIFFNESS("short, stiff ground contacts"),
  LANDING("soft, steady landings"),
  POSTURE("tall running posture"),
  KNEE_LIFT("knee lift and quick recovery"),
  QUICK_FEET("foot speed"),
  CLEARANCE("clearing a barrier"),
  CADENCE("smooth cadence"),
  STROKE_SEQUENCE("the stroke sequence"),
  CATCH("a connected catch"),
  FEEL_FOR_WATER("feel for the water"),
  TURNOVER("stroke turnover"),
  KICK("the kick");

  private final String words;

  Skill(String words) {
    this.words = words;
  }

  public String words() {
    return words;
  }
}
