package dev.jubilee.server.record;

import dev.jubilee.server.record.stored.RecordV1;
import java.util.Optional;
import java.util.UUID;

/** What recordings say of warm-ups, for their records. */
public interface MeasuredLookup {
  /** Of a warm-up, if it was recorded. */
  Optional<Measured> measured(UUID clubId, UUID prescriptionId);

  /**
   * What was measured.
   *
   * @param waited s from the last graded effort to the first of the session, if both were found
   * @param results of the session's efforts, if any was found
   */
  record Measured(Optional<Integer> waited, Optional<RecordV1.ResultsV1> results) {}
}
