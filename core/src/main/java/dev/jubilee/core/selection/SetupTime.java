package dev.jubilee.core.selection;

/**
 * Seconds that getting from set-up to set-up takes: down to the floor, into a band, off the
 * machine. Asked of whole sets, because the best order decides it.
 */
public interface SetupTime {

  /**
   * Seconds of the cheapest order that visits these set-ups, beyond those of visiting none. Never
   * falls when a set-up is added.
   *
   * @param setups bit {@code k} is set when set-up {@code k} is visited
   */
  int seconds(int setups);

  /** Seconds that visiting a further set-up adds at the very least, whatever else is visited. */
  default int atLeast(int setup) {
    return 0;
  }

  /** No set-up costs anything. */
  static SetupTime free() {
    return setups -> 0;
  }
}
