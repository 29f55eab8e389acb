package dev.jubilee.core.plan;

import dev.jubilee.core.quantity.Bounds;

/**
 * Easy time after an effort, before the next.
 *
 * @param seconds 0 or more; 0 when one thing leads into the other
 * @param doing what is done meanwhile
 */
public record Recovery(int seconds, Doing doing) {
  public static final Recovery NONE = new Recovery(0, Doing.NOTHING);

  /** What is done in a recovery. */
  public enum Doing {
    NOTHING(""),
    EASY("easy"),
    WALK_BACK("walk back"),
    JOG_BACK("jog back"),
    WALK_ABOUT("walk about"),
    /** On a treadmill that is slowed down and flattened. */
    WALK_ON("walk on"),
    SHAKE_OUT("shake out"),
    SHAKE_ARMS_OUT("shake the arms out"),
    SPIN("spin easily"),
    PADDLE("paddle lightly"),
    CHANGE_LOAD("change the load"),
    /** In the pool, where one leaves by the clock. */
    AT_THE_WALL("rest at the wall");

    private final String words;

    Doing(String words) {
      this.words = words;
    }

    public String words() {
      return words;
    }
  }

  /** Whether the next effort is left for by the clock rather than after a rest. */
  public boolean isOnSendOff() {
    return doing == Doing.AT_THE_WALL && seconds > 0;
  }

  public Recovery withSeconds(int other) {
    return new Recovery(other, doing);
  }

  /**
   * What to do meanwhile, in words.
   *
   * @param workSeconds of the effort before it
   */
  public String words(int workSeconds) {
    if (!isOnSendOff()) {
      return doing.words();
    }
    return doing.words() + ", leave every " + Bounds.clock(workSeconds + seconds);
  }
}
