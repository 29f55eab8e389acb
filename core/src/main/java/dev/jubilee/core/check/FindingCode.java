package dev.jubilee.core.check;

/** Every kind of finding, how much it matters and where the rule comes from. */
public enum FindingCode {
  OVER_TIME(Finding.Severity.FAULT, "common practice"),
  LONG_WAIT(Finding.Severity.FAULT, "Bishop 2003; McGowan et al. 2015"),
  SHORT_WAIT(Finding.Severity.FAULT, "Bailey et al. 2009; Bishop 2003"),
  LONG_FOR_EASY(Finding.Severity.NOTE, "common practice"),
  SHORT_FOR_HARD(Finding.Severity.NOTE, "common practice"),
  SHORT_RAISE(Finding.Severity.FAULT, "Saltin et al. 1968; Bishop 2003"),
  NO_BUILD(Finding.Severity.FAULT, "common practice"),
  TOO_MANY_DRILLS(Finding.Severity.NOTE, "common practice"),
  EFFORT_FALLS(Finding.Severity.FAULT, "common practice"),
  BIG_STEP(Finding.Severity.NOTE, "common practice"),
  BUILD_TOO_HIGH(Finding.Severity.FAULT, "common practice"),
  BUILD_TOO_LOW(Finding.Severity.FAULT, "common practice"),
  FEW_EFFORTS(Finding.Severity.FAULT, "common practice"),
  COSTLY(Finding.Severity.FAULT, "Skiba et al. 2012; Bailey et al. 2009"),
  BY_FEEL(Finding.Severity.NOTE, "common practice"),
  HURT(Finding.Severity.CAUTION, "common practice"),
  SORE(Finding.Severity.CAUTION, "common practice"),
  LOADS_SORE_REGION(Finding.Severity.CAUTION, "common practice"),
  CONTACTS_UNWANTED(Finding.Severity.FAULT, "common practice"),
  LONG_HOLD(Finding.Severity.FAULT, "Behm et al. 2016"),
  CONTACTS_HIGH(Finding.Severity.FAULT, "Potach & Chu, NSCA Essentials"),
  DOUBLED(Finding.Severity.FAULT, "common practice"),
  TWO_RUNGS(Finding.Severity.FAULT, "common practice"),
  ABOVE_MASTERY(Finding.Severity.FAULT, "common practice"),
  HOLD_LATE(Finding.Severity.FAULT, "Behm et al. 2016"),
  NEW_TODAY(Finding.Severity.NOTE, "common practice"),
  UP_AND_DOWN(Finding.Severity.NOTE, "common practice"),
  BAND_ON_AND_OFF(Finding.Severity.NOTE, "common practice"),
  MISSING_KIT(Finding.Severity.FAULT, "common practice"),
  WET_DECK(Finding.Severity.FAULT, "common practice"),
  SLIPPERY(Finding.Severity.FAULT, "common practice"),
  WET_GROUND(Finding.Severity.FAULT, "common practice"),
  KIT_SHARED(Finding.Severity.FAULT, "common practice"),
  NO_APPARATUS(Finding.Severity.NOTE, "common practice"),
  NO_ROOM_TO_RUN(Finding.Severity.NOTE, "common practice"),
  WIND_CHILL(Finding.Severity.CAUTION, "wind chill, Environment Canada / US NWS 2001"),
  LONG_IN_HEAT(Finding.Severity.FAULT, "common practice"),
  HARD_COLD(Finding.Severity.CAUTION, "common practice"),
  LAYERS(Finding.Severity.NOTE, "common practice; Faulkner et al. 2013"),
  HEAT_DANGER(Finding.Severity.CAUTION, "heat index, US NWS"),
  HEAT(Finding.Severity.CAUTION, "common practice; heat index, US NWS"),
  NOTHING_LEFT(Finding.Severity.FAULT, "common practice");

  private final Finding.Severity severity;
  private final String source;

  FindingCode(Finding.Severity severity, String source) {
    this.severity = severity;
    this.source = source;
  }

  public Finding.Severity severity() {
    return severity;
  }

  /** The published source, or "common practice". */
  public String source() {
    return source;
  }
}
