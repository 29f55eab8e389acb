package dev.jubilee.server.block;

import java.util.UUID;

/**
 * A share of a run: every so manieth athlete of a block.
 *
 * @param index from 0
 * @param of how many lanes the run has
 */
record Lane(UUID clubId, UUID blockId, int run, int index, int of) {
  private static final int PARTS = 5;

  /** As the queue knows it. */
  String id() {
    return clubId + " " + blockId + " " + run + " " + index + " " + of;
  }

  static Lane of(String id) {
    String[] parts = id.split(" ", PARTS);
    return new Lane(
        UUID.fromString(parts[0]),
        UUID.fromString(parts[1]),
        Integer.parseInt(parts[2]),
        Integer.parseInt(parts[3]),
        Integer.parseInt(parts[4]));
  }
}
