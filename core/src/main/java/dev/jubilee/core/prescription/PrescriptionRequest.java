package dev.jubilee.core.prescription;

import dev.jubilee.core.athlete.Athlete;
import dev.jubilee.core.session.Circumstances;
import dev.jubilee.core.session.Session;
import java.util.List;
import java.util.Set;

/**
 * Everything a prescription is computed from; the same request gives the same plan.
 *
 * @param athlete who
 * @param session what for
 * @param circumstances where, with what, how long
 * @param pinned items that the coach chose or locked, kept as they are
 * @param excluded ids of drills that the coach took out
 */
public record PrescriptionRequest(
    Athlete athlete,
    Session session,
    Circumstances circumstances,
    List<PlanItem> pinned,
    Set<String> excluded) {
  public PrescriptionRequest {
    pinned = List.copyOf(pinned);
    excluded = Set.copyOf(excluded);
  }

  public static PrescriptionRequest of(
      Athlete athlete, Session session, Circumstances circumstances) {
    return new PrescriptionRequest(athlete, session, circumstances, List.of(), Set.of());
  }

  public PrescriptionRequest with(Circumstances other) {
    return new PrescriptionRequest(athlete, session, other, pinned, excluded);
  }

  public PrescriptionRequest with(List<PlanItem> pins, Set<String> exclusions) {
    return new PrescriptionRequest(athlete, session, circumstances, pins, exclusions);
  }
}
