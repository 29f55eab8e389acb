package dev.jubilee.core.check;

/** Every kind of finding, how much it matters and where the rule comes from. */
public enum FindingCode {
  OVER_TIME(Severity.FAULT, "common practice"),
  LONG_WAIT(Severity.CAUTION, "Bishop 2003; McGowan et al. 2015"),
  SHORT_WAIT(Severity.FAULT, "Bailey et al. 2009; Bishop 2003"),
  LONG_FOR_EASY(Severity.NOTE, "common practice"),
  SHORT_FOR_HARD(Severity.NOTE, "common practice"),
  LEFT_OUT(Severity.NOTE, "common practice"),
  SHORT_RAISE(Severity.FAULT, "Saltin et al. 1968; Bishop 2003"),
  NO_BUILD(Severity.FAULT, "common practice"),
  TOO_MANY_DRILLS(Severity.NOTE, "common practice"),
  EFFORT_FALLS(Severity.FAULT, "common practice"),
  BIG_STEP(Severity.NOTE, "common practice"),
  BUILD_TOO_HIGH(Severity.FAULT, "common practice"),
  BUILD_TOO_LOW(Severity.FAULT, "common practice"),
  FEW_EFFORTS(Severity.FAULT, "common practice"),
  COSTLY(Severity.FAULT, "Skiba et al. 2012; Bailey et al. 2009"),
  BY_FEEL(Severity.NOTE, "common practice"),
  HURT(Severity.CAUTION, "common practice"),
  SORE(Severity.CAUTION, "common practice"),
  ANOTHER_SESSION(
      Severity.CAUTION,
      "common practice; the idea of a line: Thomeé 1997, Silbernagel et al. 2007"),
  HEALTH(Severity.CAUTION, "common practice: the usual cautions; a licensed clinician decides"),
  LOADS_SORE_REGION(Severity.CAUTION, "common practice"),
  CONTACTS_UNWANTED(Severity.FAULT, "common practice"),
  LONG_HOLD(Severity.FAULT, "Behm et al. 2016"),
  CONTACTS_HIGH(Severity.FAULT, "Potach & Chu, NSCA Essentials"),
  DOUBLED(Severity.FAULT, "common practice"),
  TWO_RUNGS(Severity.FAULT, "common practice"),
  ABOVE_MASTERY(Severity.FAULT, "common practice"),
  HOLD_LATE(Severity.FAULT, "Behm et al. 2016"),
  NEW_TODAY(Severity.NOTE, "common practice"),
  UP_AND_DOWN(Severity.NOTE, "common practice"),
  BAND_ON_AND_OFF(Severity.NOTE, "common practice"),
  MISSING_KIT(Severity.FAULT, "common practice"),
  WET_DECK(Severity.FAULT, "common practice"),
  SLIPPERY(Severity.FAULT, "common practice"),
  WET_GROUND(Severity.FAULT, "common practice"),
  KIT_SHARED(Severity.FAULT, "common practice"),
  NO_APPARATUS(Severity.NOTE, "common practice"),
  NO_ROOM_TO_RUN(Severity.NOTE, "common practice"),
  UNSAFE_OUTDOORS(
      Severity.CAUTION, "wind chill, Environment Canada; heat index, US NWS (from memory)"),
  THUNDER(Severity.CAUTION, "common practice: 30 min after the last thunder"),
  BAD_AIR(Severity.CAUTION, "air quality index, US EPA (from memory)"),
  ICE_UNDERFOOT(Severity.CAUTION, "common practice"),
  COLD_WATER(Severity.CAUTION, "common practice: water under 16 °C"),
  HIGH_UP(Severity.CAUTION, "common practice: from 1500 m"),
  WIND_CHILL(Severity.CAUTION, "wind chill, Environment Canada / US NWS 2001"),
  LONG_IN_HEAT(Severity.FAULT, "common practice"),
  HARD_COLD(Severity.CAUTION, "common practice"),
  LAYERS(Severity.NOTE, "common practice; Faulkner et al. 2013"),
  HEAT_DANGER(Severity.CAUTION, "heat index, US NWS"),
  HEAT(Severity.CAUTION, "common practice; heat index, US NWS"),
  NOTHING_LEFT(Severity.CAUTION, "common practice");

  private final Severity severity;
  private final String source;

  FindingCode(Severity severity, String source) {
    this.severity = severity;
    this.source = source;
  }

  public Severity severity() {
    return severity;
  }

  /** The published source, or "common practice". */
  public String source() {
    return source;
  }
}
