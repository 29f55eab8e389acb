package dev.jubilee.core.drill;

/**
 * What a rule needs one certain drill for. Which drill it is stands in the library ({@code
 * roles.yaml}); the library that ships has one for each role, or it cannot be read.
 */
public enum Role {
  /** Waiting for the start. */
  SETTLE,

  /** Keeping warm in a long wait. */
  STAY_WARM,

  /** Walked before sore legs run. */
  WALK,
  TREADMILL_WALK,

  /** How children get warm: together, and alone. */
  TAG,
  SHUTTLE_GAME,

  /** The easiest raise of each sport; what a sparing session is made of, too. */
  EASY_JOG,
  TREADMILL_JOG,
  EASY_SPIN,
  EASY_ROW,
  EASY_SWIM,

  /** Getting from one place to the next. */
  TRANSFER_WALK,
  TRANSFER_RIDE,
  TRANSFER_DRIVE,
  TRANSFER_CHANGE,

  /** How some schools treat the neck. */
  NECK_ROLLS,

  /** What leads up to the sport where technique drills are the raise; of a ladder its top. */
  SKILL_MARCH,
  SKILL_SKIP,
  SKILL_RIDE,
  SKILL_ROW,
  SKILL_SWIM,

  /** Short rises within an easy raise. */
  RISE_RUN,
  RISE_RIDE,
  RISE_ROW,
  RISE_SWIM,
  RISE_TREADMILL,

  /** Efforts of runners, from the easiest surface to barriers. */
  BUILD_UP_RUN,
  STRIDE_RUN,
  HILL_STRIDE,
  STRIDE_BARRIER,
  BUILD_UP_HURDLES,
  START_RUN,
  START_HURDLES,
  TREADMILL_STRIDE,
  TREADMILL_CLIMB,

  /** Efforts of riders. */
  PRESSURE_STEP_RIDE,
  OPENER_RIDE,

  /** Efforts of rowers. */
  PRESSURE_STEP_ROW,
  RACE_TENS_ROW,

  /** Efforts of swimmers. */
  BUILD_25_SWIM,
  PACE_25_SWIM,
  PACE_25_BUTTERFLY,
  PACE_25_BACKSTROKE,
  PACE_25_BREASTSTROKE,
  PACE_25_FREESTYLE,

  /** Efforts by feel, where the sport cannot be done. */
  LAND_BUILD,
  MARCH_BUILD,
  PUSH_BUILD_SEATED,
  SPOT_RUN_BUILD,
  TURNOVER_BUILD_SWIM,

  /** Efforts before lifting and jumping. */
  WARM_UP_SET,
  APPROACH_JUMP
}
