package dev.jubilee.core.block;

import java.time.LocalDate;

/**
 * That a version of a movement is mastered, or was done cleanly once.
 *
 * @param ladder id of the ladder
 * @param step rung, from 1
 * @param on day it was seen
 * @param source who says so
 */
public record MasteryRecord(String ladder, int step, LocalDate on, Source source) {
  /** Who says so: one word of the coach's is enough, an athlete's reports count from the second. */
  public enum Source {
    COACH,
    ATHLETE
  }
}
