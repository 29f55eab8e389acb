package dev.jubilee.core.plan;

import dev.jubilee.core.approach.Approach;
import dev.jubilee.core.athlete.Athlete;
import dev.jubilee.core.circumstances.Circumstances;
import dev.jubilee.core.demand.Demand;
import dev.jubilee.core.demand.DemandFinder;
import dev.jubilee.core.demand.TrainingPhase;
import dev.jubilee.core.intensity.Anchors;
import dev.jubilee.core.quantity.Bounds;
import dev.jubilee.core.session.Session;
import java.util.HashSet;
import java.util.List;
import java.util.Optional;
import java.util.Set;

/**
 * Everything a prescription is computed from; the same request gives the same plan.
 *
 * @param athlete who
 * @param session what for
 * @param circumstances where, with what, how long
 * @param approach how the coach likes it
 * @param lastTime ids of the drills of the last warm-up for a session like this
 * @param locked items that the coach chose or locked, kept as they are
 * @param excluded ids of drills that the coach took out
 * @param seen codes of findings that the coach has taken note of
 * @param tuning what the simulation changed of the usual lengths; found anew with every plan
 * @param phase where in a training block it stands
 * @param efforts how many graded efforts the coach asks for, 1 to {@value #MOST_EFFORTS}, whatever
 *     is usual; of a session that wants none there are none
 */
public record PrescriptionRequest(
    Athlete athlete,
    Session session,
    Circumstances circumstances,
    Approach approach,
    Set<String> lastTime,
    List<PlanItem> locked,
    Set<String> excluded,
    Set<String> seen,
    Tuning tuning,
    TrainingPhase phase,
    Optional<Integer> efforts) {
  /** More warm up nobody. */
  public static final int MOST_EFFORTS = 8;

  /**
   * @throws dev.jubilee.core.quantity.OutOfRangeException naming the field and what is accepted
   */
  public PrescriptionRequest {
    efforts.ifPresent(n -> Bounds.within("efforts", n, 1, MOST_EFFORTS, "graded efforts"));
    session = athlete.kilograms().map(session::forBodyOf).orElse(session);
    approach = approach == null ? Approach.USUAL : approach;
    lastTime = lastTime == null ? Set.of() : Set.copyOf(lastTime);
    locked = List.copyOf(locked);
    excluded = Set.copyOf(excluded);
    seen = seen == null ? Set.of() : Set.copyOf(seen);
    tuning = tuning == null ? Tuning.NONE : tuning;
    phase = phase == null ? TrainingPhase.NONE : phase;
  }

  /**
   * Whoever it is for, as they are in the session's sport. Copies are written out below because of
   * this: one made by accessors would take the level in this sport along to another session's.
   */
  @Override
  public Athlete athlete() {
    return athlete.in(session.sport());
  }

  public static PrescriptionRequest of(
      Athlete athlete, Session session, Circumstances circumstances) {
    return new PrescriptionRequest(
        athlete,
        session,
        circumstances,
        Approach.USUAL,
        Set.of(),
        List.of(),
        Set.of(),
        Set.of(),
        Tuning.NONE,
        TrainingPhase.NONE,
        Optional.empty());
  }

  public PrescriptionRequest with(Circumstances other) {
    return new PrescriptionRequest(
        athlete, session, other, approach, lastTime, locked, excluded, seen, tuning, phase,
        efforts);
  }

  public PrescriptionRequest with(Approach other) {
    return new PrescriptionRequest(
        athlete,
        session,
        circumstances,
        other,
        lastTime,
        locked,
        excluded,
        seen,
        tuning,
        phase,
        efforts);
  }

  /** For another session. */
  public PrescriptionRequest with(Session other) {
    return new PrescriptionRequest(
        athlete,
        other,
        circumstances,
        approach,
        lastTime,
        locked,
        excluded,
        seen,
        tuning,
        phase,
        efforts);
  }

  /** After a warm-up with these drills. */
  public PrescriptionRequest after(Set<String> drillIds) {
    return new PrescriptionRequest(
        athlete,
        session,
        circumstances,
        approach,
        drillIds,
        locked,
        excluded,
        seen,
        tuning,
        phase,
        efforts);
  }

  /** For another athlete. */
  public PrescriptionRequest with(Athlete other) {
    return new PrescriptionRequest(
        other,
        session,
        circumstances,
        approach,
        lastTime,
        locked,
        excluded,
        seen,
        tuning,
        phase,
        efforts);
  }

  public PrescriptionRequest with(List<PlanItem> locked, Set<String> exclusions) {
    return new PrescriptionRequest(
        athlete,
        session,
        circumstances,
        approach,
        lastTime,
        locked,
        exclusions,
        seen,
        tuning,
        phase,
        efforts);
  }

  /** With a finding that the coach has taken note of. */
  public PrescriptionRequest seeing(String code) {
    Set<String> all = new HashSet<>(seen);
    all.add(code);
    return new PrescriptionRequest(
        athlete,
        session,
        circumstances,
        approach,
        lastTime,
        locked,
        excluded,
        all,
        tuning,
        phase,
        efforts);
  }

  /** With other lengths than usual. */
  public PrescriptionRequest with(Tuning other) {
    return new PrescriptionRequest(
        athlete,
        session,
        circumstances,
        approach,
        lastTime,
        locked,
        excluded,
        seen,
        other,
        phase,
        efforts);
  }

  /** In a training block. */
  public PrescriptionRequest in(TrainingPhase other) {
    return new PrescriptionRequest(
        athlete,
        session,
        circumstances,
        approach,
        lastTime,
        locked,
        excluded,
        seen,
        tuning,
        other,
        efforts);
  }

  /** What the session asks of the warm-up, with what the simulation changed of it. */
  public Demand demand(Anchors anchors) {
    Demand demand =
        tuning.applyTo(
            DemandFinder.demand(session, athlete(), anchors, circumstances, approach, phase));
    return efforts.map(demand::withEffortsAskedFor).orElse(demand);
  }

  /** With so many graded efforts. */
  public PrescriptionRequest withEfforts(int count) {
    return new PrescriptionRequest(
        athlete,
        session,
        circumstances,
        approach,
        lastTime,
        locked,
        excluded,
        seen,
        tuning,
        phase,
        Optional.of(count));
  }

  /** The longest raise that does good, s; in cold water one swims briefly. */
  public int longestRaise() {
    int longest = circumstances.longestRaise();
    return Demand.isColdSwim(session, circumstances)
        ? Math.min(Demand.COLD_SWIM, longest)
        : longest;
  }

  /** Of the minutes what the wait before the start leaves, s. */
  public int secondsBeforeWait() {
    return 60 * circumstances.minutes() - circumstances.conditions().waitSeconds();
  }
}
