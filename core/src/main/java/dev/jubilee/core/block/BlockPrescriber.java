package dev.jubilee.core.block;

import dev.jubilee.core.approach.Approach;
import dev.jubilee.core.athlete.Athlete;
import dev.jubilee.core.demand.Contacts;
import dev.jubilee.core.demand.Demand;
import dev.jubilee.core.demand.TrainingPhase;
import dev.jubilee.core.demand.TrainingPhaseBuilder;
import dev.jubilee.core.drill.Drill;
import dev.jubilee.core.drill.DrillLibrary;
import dev.jubilee.core.drill.Ladder;
import dev.jubilee.core.drill.WarmUpPart;
import dev.jubilee.core.edit.Routine;
import dev.jubilee.core.plan.Plan;
import dev.jubilee.core.plan.PlanDifference;
import dev.jubilee.core.plan.PlanItem;
import dev.jubilee.core.plan.PrescriptionRequest;
import dev.jubilee.core.plan.SimulatedPlan;
import dev.jubilee.core.prescription.Prescriber;
import dev.jubilee.core.session.Session;
import dev.jubilee.core.session.SessionKind;
import dev.jubilee.core.sport.Sport;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.HashMap;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.function.Function;
import java.util.stream.Collectors;

/**
 * Prescribes every warm-up of an athlete's block, in the order of the days, as each goes on from
 * the ones before it.
 */
public final class BlockPrescriber {
  /** A build that stays below top speed. */
  private static final TrainingPhase LOWER =
      TrainingPhaseBuilder.builder()
          .words("")
          .volume(100)
          .top(BuildStage.TO_TOP_SPEED.get(0).top())
          .efforts(0)
          .contacts(Integer.MAX_VALUE)
          .doses(Map.of())
          .familiar(Set.of())
          .build();

  /** % of the usual time for drills, where a recovery week's share changes nothing. */
  private static final int[] LIGHTER_STILL = {55, 45, 35, 30};

  private final TrainingBlock block;
  private final DrillLibrary library;
  private final Approach approach;
  private final Prescriber prescriber;

  public BlockPrescriber(TrainingBlock block, DrillLibrary library, Approach approach) {
    this.block = block;
    this.library = library;
    this.approach = approach;
    this.prescriber = new Prescriber(library);
  }

  static boolean isDrill(PlanItem item) {
    return item.block().isChosen();
  }

  /**
   * The athlete's part in the block: which ladders their sessions use, and when they land.
   *
   * @param athlete as on a day; results age
   * @param sessions in order of date
   */
  public BlockAthlete blockAthlete(
      Function<LocalDate, Athlete> athlete,
      LocalDate joins,
      List<Interruption> interruptions,
      List<MasteryRecord> mastery,
      List<PlannedProgression> progressions,
      List<Planned> sessions) {
    Athlete first = athlete.apply(joins);
    Map<Integer, Integer> landings = new HashMap<>();
    int contacts = 0;
    for (Planned planned : sessions) {
      int tolerated = Contacts.tolerated(planned.session(), first);
      Optional<Week> week = block.weekOf(planned.date());
      if (tolerated > 0 && week.isPresent()) {
        landings.merge(week.get().number(), 1, Integer::sum);
        contacts = Math.max(contacts, tolerated);
      }
    }
    List<Plan> usual = ofEachKind(first, sessions);
    return BlockAthleteBuilder.builder()
        .athlete(first)
        .joins(joins)
        .interruptions(interruptions)
        .mastery(mastery)
        .progressions(progressions)
        .ladders(laddersInUse(usual))
        .contactsADay(contacts)
        .landings(landings)
        .sprints(usual.stream().anyMatch(BlockPrescriber::asksForTopSpeed))
        .build();
  }

  /** A week that changes nothing. */
  private static final TrainingPhase USUAL =
      TrainingPhaseBuilder.builder(TrainingPhase.NONE).words("A usual week.").build();

  /** The first warm-up of each kind of session, as it would be in a usual week. */
  private List<Plan> ofEachKind(Athlete athlete, List<Planned> sessions) {
    Set<String> seen = new HashSet<>();
    List<Plan> plans = new ArrayList<>();
    for (Planned planned : sessions) {
      String kind = planned.session().sport() + " " + planned.session().kind();
      if (seen.add(kind)) {
        plans.add(
            prescriber.prescribe(
                PrescriptionRequest.of(athlete, planned.session(), planned.circumstances())
                    .with(approach)
                    .in(USUAL)));
      }
    }
    return plans;
  }

  /** Whether a build that stays lower would be another. */
  private static boolean asksForTopSpeed(Plan plan) {
    Demand lower = plan.request().in(LOWER).demand(plan.anchors());
    return plan.demand().buildTop().isAbove(lower.buildTop());
  }

  /** The most used first. */
  private List<String> laddersInUse(List<Plan> plans) {
    Map<String, Integer> uses = new HashMap<>();
    for (Plan plan : plans) {
      for (PlanItem item : plan.items()) {
        library
            .find(item.drillId())
            .filter(d -> d.block().isChosen())
            .flatMap(Drill::rung)
            .ifPresent(r -> uses.merge(r.ladder(), 1, Integer::sum));
      }
    }
    return library.ladders().stream()
        .map(Ladder::id)
        .filter(uses::containsKey)
        .sorted(Comparator.comparingInt((String l) -> -uses.get(l)).thenComparing(l -> l))
        .toList();
  }

  /** All warm-ups of an athlete who has frozen no warm-up for races. */
  public List<Prescribed> prescribe(
      BlockAthlete blockAthlete,
      Function<LocalDate, Athlete> athlete,
      List<AthleteWeek> athleteWeeks,
      List<Planned> sessions) {
    return prescribe(blockAthlete, athlete, athleteWeeks, sessions, Map.of());
  }

  /**
   * All warm-ups of an athlete; none for days on which training stops.
   *
   * @param athleteWeeks one for each week from the one in which the athlete joins
   * @param forRaces rehearsed before trials and races, in the weeks toward one
   */
  public List<Prescribed> prescribe(
      BlockAthlete blockAthlete,
      Function<LocalDate, Athlete> athlete,
      List<AthleteWeek> athleteWeeks,
      List<Planned> sessions,
      Map<Sport, RaceWarmUp> forRaces) {
    Map<Integer, AthleteWeek> byWeek = new HashMap<>();
    athleteWeeks.forEach(s -> byWeek.put(s.week().number(), s));
    Memory memory = new Memory();
    List<Prescribed> all = new ArrayList<>();
    for (Planned planned : sessions) {
      Optional<AthleteWeek> athleteWeek =
          block.weekOf(planned.date()).map(Week::number).map(byWeek::get).filter(s -> s != null);
      if (athleteWeek.isEmpty() || blockAthlete.isStopped(planned.date())) {
        continue;
      }
      Optional<Plan> before = memory.last(planned.session());
      Optional<RaceWarmUp> rehearsed =
          isRehearsal(planned, athleteWeek.get())
              ? Optional.ofNullable(forRaces.get(planned.session().sport()))
              : Optional.empty();
      rehearsed.ifPresent(r -> memory.knows(r.plan()));
      SimulatedPlan simulated =
          planned
              .kept()
              .map(SimulatedPlan::of)
              .orElseGet(
                  () -> {
                    PrescriptionRequest request =
                        request(planned, blockAthlete, athlete, athleteWeek.get(), memory);
                    return rehearsed
                        .map(r -> rehearsed(request, r.plan()))
                        .orElseGet(
                            () ->
                                simulated(
                                    request, before.filter(b -> athleteWeek.get().isRecovery())));
                  });
      Plan plan = simulated.plan();
      memory.take(planned.session(), plan, athleteWeek.get().isRecovery());
      List<String> changes = new ArrayList<>();
      rehearsed.ifPresent(r -> changes.add("“" + r.name() + "”, as before races."));
      before.ifPresent(b -> changes.addAll(PlanDifference.between(b, plan)));
      all.add(new Prescribed(planned, simulated, changes));
    }
    return all;
  }

  /** Trials and races in the weeks toward one; warm-ups that are kept are none. */
  private static boolean isRehearsal(Planned planned, AthleteWeek week) {
    return week.week().emphasis() == Emphasis.COMPETITION
        && planned.session().kind() == SessionKind.TIME_TRIAL
        && planned.kept().isEmpty();
  }

  /** The routine's drills and as many graded efforts, in the targets of that day. */
  private SimulatedPlan rehearsed(PrescriptionRequest request, Plan routine) {
    int efforts = routine.in(WarmUpPart.BUILD).size();
    Plan usual = prescriber.prescribe(request);
    Plan alike =
        efforts == 0 || efforts > PrescriptionRequest.MOST_EFFORTS
            ? usual
            : prescriber.prescribe(request.withEfforts(efforts));
    Plan closer =
        Math.abs(alike.in(WarmUpPart.BUILD).size() - efforts)
                < Math.abs(usual.in(WarmUpPart.BUILD).size() - efforts)
            ? alike
            : usual;
    return Routine.of(routine).applyTo(closer).simulated();
  }

  /**
   * What is short already gets shorter too, when it is to be lighter than another.
   *
   * @param full the warm-up of a full week; empty where it need not be lighter
   */
  private SimulatedPlan simulated(PrescriptionRequest request, Optional<Plan> full) {
    SimulatedPlan simulated = prescriber.simulated(request);
    for (int volume : LIGHTER_STILL) {
      boolean isLight =
          full.isEmpty()
              || !request.session().kind().isHard()
              || work(simulated.plan()) < work(full.get());
      if (isLight) {
        return simulated;
      }
      simulated = prescriber.simulated(request.in(request.phase().withVolume(volume)));
    }
    return simulated;
  }

  /** Seconds of drills and graded efforts. */
  private static int work(Plan plan) {
    return plan.items().stream()
        .filter(i -> isDrill(i) || i.block() == WarmUpPart.BUILD)
        .mapToInt(PlanItem::seconds)
        .sum();
  }

  private PrescriptionRequest request(
      Planned planned,
      BlockAthlete blockAthlete,
      Function<LocalDate, Athlete> athlete,
      AthleteWeek athleteWeek,
      Memory memory) {
    LocalDate date = planned.date();
    int landings = blockAthlete.landings().getOrDefault(athleteWeek.week().number(), 0);
    boolean isFrozen = block.isFrozen(date);
    TrainingPhase phase =
        athleteWeek.phase(block.weeks().size(), landings, isFrozen ? memory.familiar() : Set.of());
    boolean rehearses =
        athleteWeek.week().emphasis() == Emphasis.COMPETITION && planned.session().kind().isHard();
    return PrescriptionRequest.of(
            blockAthlete.on(date, athlete.apply(date), athleteWeek.rungs()),
            planned.session(),
            planned.circumstances())
        .with(approach)
        .after(withRungs(memory.drills(planned.session(), rehearses), athleteWeek))
        .in(phase);
  }

  /** A drill of last time counts in its present version. */
  private Set<String> withRungs(Set<String> lastTime, AthleteWeek athleteWeek) {
    Set<String> all = new HashSet<>(lastTime);
    for (String id : lastTime) {
      library
          .find(id)
          .flatMap(Drill::rung)
          .ifPresent(
              r ->
                  library.drills().stream()
                      .filter(d -> d.group().equals(r.ladder()) && d.rung().isPresent())
                      .filter(d -> d.rung().get().step() == athleteWeek.rung(r.ladder()))
                      .forEach(d -> all.add(d.id())));
    }
    return all;
  }

  /** What the athlete has done in the block so far. */
  private static final class Memory {
    private final Map<String, Plan> last = new HashMap<>();
    private final Map<String, Set<String>> routines = new HashMap<>();
    private final Set<String> familiar = new HashSet<>();

    Optional<Plan> last(Session session) {
      return Optional.ofNullable(last.get(key(session, session.kind())));
    }

    Set<String> familiar() {
      return familiar;
    }

    /** Drills of last time; close to a race those of the rehearsed routine. */
    Set<String> drills(Session session, boolean rehearses) {
      Set<String> own = routines.getOrDefault(key(session, session.kind()), Set.of());
      return rehearses ? routines.getOrDefault(key(session, SessionKind.TIME_TRIAL), own) : own;
    }

    /** What a recovery week leaves out comes back after it. */
    void take(Session session, Plan plan, boolean isLighter) {
      String key = key(session, session.kind());
      last.put(key, plan);
      if (!isLighter || !routines.containsKey(key)) {
        routines.put(key, drills(plan));
      }
      familiar.addAll(drills(plan));
      String priming = Demand.priming(session.sport());
      if (plan.items().stream().anyMatch(i -> i.drillId().equals(priming))) {
        familiar.add(priming);
      }
    }

    /** What is done before races is nothing new, whenever it was done last. */
    void knows(Plan plan) {
      familiar.addAll(drills(plan));
    }

    private static Set<String> drills(Plan plan) {
      return plan.items().stream()
          .filter(BlockPrescriber::isDrill)
          .map(PlanItem::drillId)
          .collect(Collectors.toSet());
    }

    private static String key(Session session, SessionKind kind) {
      return session.sport() + " " + kind;
    }
  }
}
