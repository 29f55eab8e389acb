package dev.jubilee.server.prescription;

import dev.jubilee.core.warmup.GivenWarmUp;
import dev.jubilee.core.warmup.WarmUp;
import java.util.UUID;

/**
 * What a warm-up would become: computed with no connection to the database held, and kept only
 * where the warm-up is still the one that it was computed from.
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
