package dev.jubilee.core.plan;

import dev.jubilee.core.approach.Approach;
import dev.jubilee.core.athlete.Athlete;
import dev.jubilee.core.athlete.HealthCondition;
import dev.jubilee.core.circumstances.Circumstances;
import dev.jubilee.core.demand.Demand;
import dev.jubilee.core.demand.DemandFinder;
import dev.jubilee.core.demand.ReWarm;
import dev.jubilee.core.demand.Shelter;
import dev.jubilee.core.demand.Told;
import dev.jubilee.core.demand.TrainingPhase;
import dev.jubilee.core.intensity.Anchors;
import dev.jubilee.core.quantity.Bounds;
import dev.jubilee.core.session.Session;
import io.soabase.recordbuilder.core.RecordBuilder;
import java.util.HashSet;
import java.util.List;
import java.util.Optional;
import java.util.Set;

/**
 * Everything a prescription is computed from; the same request gives the same plan.
 *
 * @param athlete who, at their level in the session's sport
 * @param session what for
 * @param circumstances where, with what, how long; moved indoors where it cannot be done outdoors
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
@RecordBuilder
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
    Optional<Integer> efforts)
    implements PrescriptionRequestBuilder.With {
  /** More warm up nobody. */
  public static final int MOST_EFFORTS = 8;

  /**
   * @throws dev.jubilee.core.quantity.OutOfRangeException naming the field and what is accepted
   */
  public PrescriptionRequest {
    efforts.ifPresent(n -> Bounds.within("efforts", n, 1, MOST_EFFORTS, "graded efforts"));
    athlete = athlete.in(session.sport());
    session = athlete.kilograms().map(session::forBodyOf).orElse(session);
    circumstances = Shelter.sheltered(circumstances, athlete, session);
    lastTime = Set.copyOf(lastTime);
    locked = List.copyOf(locked);
    excluded = Set.copyOf(excluded);
    seen = Set.copyOf(seen);
  }

  public static PrescriptionRequest of(
      Athlete athlete, Session session, Circumstances circumstances) {
    return PrescriptionRequestBuilder.builder()
        .athlete(athlete)
        .session(session)
        .circumstances(circumstances)
        .approach(Approach.USUAL)
        .lastTime(Set.of())
        .locked(List.of())
        .excluded(Set.of())
        .seen(Set.of())
        .tuning(Tuning.NONE)
        .phase(TrainingPhase.NONE)
        .efforts(Optional.empty())
        .build();
  }

  /** Whether its running is done on a treadmill. */
  public boolean isOnTreadmill() {
    boolean isRun = session.sport().isOnFoot() && !session.kind().isOnLand();
    return isRun && circumstances.hasTreadmill();
  }

  public PrescriptionRequest with(Circumstances other) {
    return withCircumstances(other);
  }

  public PrescriptionRequest with(Approach other) {
    return withApproach(other);
  }

  /** For another athlete or another session. */
  public PrescriptionRequest with(Athlete otherAthlete, Session otherSession) {
    return PrescriptionRequestBuilder.builder(this)
        .athlete(otherAthlete)
        .session(otherSession)
        .build();
  }

  /** For another athlete. */
  public PrescriptionRequest with(Athlete other) {
    return withAthlete(other);
  }

  public PrescriptionRequest with(List<PlanItem> otherLocked, Set<String> exclusions) {
    return withLocked(otherLocked).withExcluded(exclusions);
  }

  /** After a warm-up with these drills. */
  public PrescriptionRequest after(Set<String> drillIds) {
    return withLastTime(drillIds);
  }

  /** With a finding that the coach has taken note of. */
  public PrescriptionRequest seeing(String code) {
    Set<String> all = new HashSet<>(seen);
    all.add(code);
    return withSeen(all);
  }

  /** With other lengths than usual. */
  public PrescriptionRequest with(Tuning other) {
    return withTuning(other);
  }

  /** In a training block. */
  public PrescriptionRequest in(TrainingPhase other) {
    return withPhase(other);
  }

  /** What the session asks of the warm-up, with what the simulation changed of it. */
  public Demand demand(Anchors anchors) {
    return demandWithout(Set.of(), anchors);
  }

  /** What it would ask without some of what the coach is told of. */
  public Demand demandWithout(Set<Told> told, Anchors anchors) {
    Demand demand = tuning.applyTo(finder(anchors).demandWithout(told));
    return efforts.map(demand::withEffortsAskedFor).orElse(demand);
  }

  /** What the coach is told of things whose doing is in the demand. */
  public List<Told> told(Anchors anchors) {
    return finder(anchors).told();
  }

  private DemandFinder finder(Anchors anchors) {
    return new DemandFinder(session, athlete, anchors, circumstances, approach, phase);
  }

  /** With so many graded efforts. */
  public PrescriptionRequest withEfforts(int count) {
    return withEfforts(Optional.of(count));
  }

  /** Children are warm soon and bored soon, s; common practice. */
  private static final int LONGEST_OF_A_CHILD = 8 * 60;

  /** The longest raise that does good, s; in cold water one swims briefly. */
  public int longestRaise() {
    boolean isShort = athlete().isChild() && !athlete().health().contains(HealthCondition.ASTHMA);
    int longest =
        isShort
            ? Math.min(LONGEST_OF_A_CHILD, circumstances.longestRaise())
            : circumstances.longestRaise();
    int again =
        ReWarm.isEnough(session, circumstances)
            ? Math.min(ReWarm.longestRaise(session, circumstances), longest)
            : longest;
    return Demand.isColdSwim(session, circumstances) ? Math.min(Demand.COLD_SWIM, again) : again;
  }

  /** Of the minutes what the wait before the start leaves, s. */
  public int secondsBeforeWait() {
    return 60 * circumstances.minutes() - circumstances.conditions().waitSeconds();
  }
}
