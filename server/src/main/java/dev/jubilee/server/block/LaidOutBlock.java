package dev.jubilee.server.block;

import dev.jubilee.core.quantity.OutOfRangeException;
import dev.jubilee.server.session.SessionDetails;
import java.util.Map;

/**
 * A block and the sessions that its weeks come to. Made outside of transactions: a block may have
 * thousands of lines to read.
 *
 * @param sessions by the key under which each goes to the calendar
 */
public record LaidOutBlock(BlockDefinition definition, Map<String, SessionDetails> sessions) {

  /**
   * @throws OutOfRangeException naming the field and what would be accepted
   */
  static LaidOutBlock of(BlockDefinition definition) {
    BlockChecks.require(definition);
    return ofStored(definition);
  }

  /** As {@link #of}, of what was checked when it was stored. */
  static LaidOutBlock ofStored(BlockDefinition definition) {
    return new LaidOutBlock(definition, BlockSessions.of(definition));
  }
}
