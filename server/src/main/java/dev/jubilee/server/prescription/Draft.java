package dev.jubilee.server.prescription;

import dev.jubilee.core.warmup.GivenWarmUp;
import dev.jubilee.core.warmup.WarmUp;
import java.util.UUID;

/**
 * A computed change to a warm-up, not yet saved. It is computed without a database connection and
 * saved only if the warm-up was not changed in the meantime.
 *
 * @param baseRevision that it was computed from
 * @param words for undo and history
 */
public record Draft(
    UUID prescriptionId,
    int baseRevision,
    Origin origin,
    String words,
    WarmUp warmUp,
    GivenWarmUp given) {

  static Draft of(UUID prescriptionId, int baseRevision, Origin origin, String words, WarmUp made) {
    return new Draft(prescriptionId, baseRevision, origin, words, made, GivenWarmUp.of(made));
  }
}
