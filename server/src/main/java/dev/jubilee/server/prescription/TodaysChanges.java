package dev.jubilee.server.prescription;

import dev.jubilee.core.checkin.TodaysChange;
import java.util.List;
import java.util.UUID;

/** What prescriptions ask of check-ins, so that they need not know them. */
public interface TodaysChanges {
  /** What a coach took over of what the athlete told, for a prescription; in order. */
  List<TodaysChange> taken(UUID clubId, UUID prescriptionId);
}
