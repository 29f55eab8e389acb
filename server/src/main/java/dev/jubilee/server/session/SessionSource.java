package dev.jubilee.server.session;

import java.util.UUID;

/**
 * What made a session that no coach entered.
 *
 * @param made by what
 * @param blockId of the training block it belongs to
 * @param key stays the same when it is made again; unique for what made it
 */
public record SessionSource(Made made, UUID blockId, String key) {

  /** Ways for a session to come on to the calendar. */
  public enum Made {
    /** From the weekly pattern of a block. */
    PATTERN,
    /** From a file. */
    IMPORT
  }

  /** All that one block's pattern, or its files, made. */
  public record Family(Made made, UUID blockId) {
    public SessionSource of(String key) {
      return new SessionSource(made, blockId, key);
    }
  }

  public static Family patternOf(UUID blockId) {
    return new Family(Made.PATTERN, blockId);
  }

  public static Family filesOf(UUID blockId) {
    return new Family(Made.IMPORT, blockId);
  }
}
