package dev.jubilee.server.live;

import java.util.Optional;
import java.util.UUID;

/**
 * Something whose state is told live. The state is absolute, so that whoever missed some of the
 * changes needs only the last.
 */
public interface LiveSource {
  /** What it is called among servers; the same in all of them. */
  String name();

  /** How it stands; empty where there is nothing to tell. */
  Optional<?> state(UUID clubId, UUID id);
}
