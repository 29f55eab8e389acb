package dev.jubilee.core.build;

import java.util.List;

/** One way of doing graded efforts: on foot, on the bike, with the bar. */
interface BuildForm {
  /** No effort at all: what is there is not for this athlete today. */
  BuildForm NONE = (count, brief) -> List.of();

  /**
   * The efforts in the order they are done, each with the recovery after it, the last one's too.
   *
   * @param count how many, 1 or more; a form may add a step to keep them even
   * @param brief whether time is short, so that each is as short as it can be and still serve
   */
  List<GradedEffort> efforts(int count, boolean brief);
}
