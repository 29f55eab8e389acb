package dev.jubilee.server.tenant;

import java.util.UUID;

/** A signed-in person, who sees the rows of one club. */
public interface OfOneClub {
  /** The club whose rows they may touch. */
  UUID clubId();
}
