package dev.jubilee.server.logbook;

import java.util.UUID;

/** Is told when a warm-up is over, or something was said of it afterwards. */
public interface WarmUpListener {
  /** Something was told of a warm-up that is over. */
  void told(UUID clubId, UUID prescriptionId);
}
