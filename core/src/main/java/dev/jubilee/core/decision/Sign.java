package dev.jubilee.core.decision;

import java.util.EnumSet;
import java.util.Set;

/**
 * What is seen or said at a checkpoint. Signs of one {@link Group} exclude each other; those of
 * {@link Group#ALARM} end everything.
 */
public enum Sign {
  SWEAT(Group.WARMTH, "light sweat"),
  NO_SWEAT(Group.WARMTH, "no sweat yet"),
  BREATHING_EASY(Group.BREATH, "breathing easily"),
  BREATHING_HARD(Group.BREATH, "breathing hard"),
  LOOSE(Group.RANGE, "loose"),
  TIGHT(Group.RANGE, "tight"),
  STEADY(Group.BALANCE, "steady on one leg"),
  WOBBLY(Group.BALANCE, "wobbly on one leg"),
  CONTACTS_QUIET(Group.CONTACTS, "quiet contacts"),
  CONTACTS_HEAVY(Group.CONTACTS, "heavy contacts"),
  GEAR_THERE(Group.GEAR, "top gear there"),
  GEAR_MISSING(Group.GEAR, "top gear not there"),
  PAIN(Group.PAIN, "pain"),
  SHARP_PAIN(Group.ALARM, "sharp pain"),
  CHEST_PAIN(Group.ALARM, "pain or pressure in the chest"),
  DIZZY(Group.ALARM, "dizzy"),
  BREATHLESS(Group.ALARM, "unusually out of breath"),
  HEAD_KNOCK(Group.ALARM, "a knock to the head");

  private static final Set<Sign> GOOD =
      EnumSet.of(SWEAT, BREATHING_EASY, LOOSE, STEADY, CONTACTS_QUIET, GEAR_THERE);

  private final Group group;
  private final String words;

  Sign(Group group, String words) {
    this.group = group;
    this.words = words;
  }

  /** What is looked at. */
  public enum Group {
    WARMTH,
    BREATH,
    RANGE,
    BALANCE,
    CONTACTS,
    GEAR,
    PAIN,
    ALARM
  }

  public Group group() {
    return group;
  }

  public String words() {
    return words;
  }

  /** Whether it ends everything, whatever else was seen. */
  public boolean isAlarm() {
    return group == Group.ALARM;
  }

  /** Whether it is as one would wish. */
  public boolean isGood() {
    return GOOD.contains(this);
  }

  /** Whether a place must be named with it. */
  public boolean hasPlace() {
    return this == TIGHT || this == PAIN;
  }

  /** Whether it is looked at then. */
  public boolean isAskedAt(Checkpoint checkpoint) {
    return switch (group) {
      case WARMTH, RANGE -> checkpoint.isBeforeEfforts() || this == TIGHT;
      case BREATH, PAIN, ALARM -> true;
      case BALANCE -> checkpoint == Checkpoint.RANGE_DONE;
      case CONTACTS -> checkpoint != Checkpoint.RAISE_DONE;
      case GEAR -> !checkpoint.isBeforeEfforts();
    };
  }
}
