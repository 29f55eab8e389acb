package dev.jubilee.server.block;

import dev.jubilee.core.athlete.Athlete;
import dev.jubilee.core.athlete.Physique;
import dev.jubilee.core.block.AthleteWeek;
import dev.jubilee.core.block.BlockAthlete;
import dev.jubilee.core.block.BlockPrescriber;
import dev.jubilee.core.block.MasteryRecord;
import dev.jubilee.core.block.Planned;
import dev.jubilee.core.block.PlannedProgression;
import dev.jubilee.core.block.Prescribed;
import dev.jubilee.core.block.Progression;
import dev.jubilee.core.block.RaceWarmUp;
import dev.jubilee.core.block.TrainingBlock;
import dev.jubilee.core.drill.DrillLibrary;
import dev.jubilee.core.plan.Plan;
import dev.jubilee.core.session.Session;
import dev.jubilee.core.sport.Sport;
import dev.jubilee.server.approach.Approaches;
import dev.jubilee.server.athlete.AthleteProfile;
import dev.jubilee.server.athlete.AthleteRow;
import dev.jubilee.server.athlete.Athletes;
import dev.jubilee.server.block.stored.AthleteWeeksV1;
import dev.jubilee.server.block.stored.WarmUpsV1;
import dev.jubilee.server.drill.Libraries;
import dev.jubilee.server.json.Json;
import dev.jubilee.server.learning.FrozenRoutine;
import dev.jubilee.server.learning.RaceRoutineStore;
import dev.jubilee.server.prescription.BlockPrescriptions;
import dev.jubilee.server.session.SessionDetails;
import dev.jubilee.server.session.SessionRow;
import dev.jubilee.server.session.Sessions;
import dev.jubilee.server.signin.SignedIn;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.Collection;
import java.util.Comparator;
import java.util.EnumMap;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.UUID;
import java.util.function.Function;
import org.springframework.dao.OptimisticLockingFailureException;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** One athlete's part of a block: computed from the calendar, and stored. */
@Service
class AthleteBlocks {
  private final BlockAthleteRepository repository;
  private final Sessions sessions;
  private final Athletes athletes;
  private final BlockPrescriptions prescriptions;
  private final Libraries libraries;
  private final Approaches approaches;
  private final RaceRoutineStore routines;
  private final Json json;

  AthleteBlocks(
      BlockAthleteRepository repository,
      Sessions sessions,
      Athletes athletes,
      BlockPrescriptions prescriptions,
      Libraries libraries,
      Approaches approaches,
      RaceRoutineStore routines,
      Json json) {
    this.repository = repository;
    this.sessions = sessions;
    this.athletes = athletes;
    this.prescriptions = prescriptions;
    this.libraries = libraries;
    this.approaches = approaches;
    this.routines = routines;
    this.json = json;
  }

  /** What an athlete's block is computed from: read, and nothing worked out yet. */
  record Case(
      UUID athleteId,
      String name,
      BlockDefinition definition,
      TrainingBlock block,
      DrillLibrary library,
      BlockPrescriber prescriber,
      Function<LocalDate, Athlete> athlete,
      Map<Sport, RaceWarmUp> forRaces,
      List<Planned> planned,
      List<AthleteWeek> stored,
      LocalDate today) {

    BlockAthlete blockAthlete() {
      return prescriber.blockAthlete(
          athlete,
          definition.joins(athleteId),
          definition.interruptions().stream()
              .filter(i -> i.athleteId().equals(athleteId))
              .map(BlockDefinition.AthleteInterruption::toCore)
              .toList(),
          definition.mastery().stream()
              .filter(m -> m.athleteId().equals(athleteId))
              .map(m -> new MasteryRecord(m.ladder(), m.step(), m.on(), m.source()))
              .toList(),
          definition.progressions().stream()
              .filter(w -> w.athleteId().equals(athleteId))
              .map(w -> new PlannedProgression(w.ladder(), w.step(), w.firstDay()))
              .toList(),
          planned);
    }

    /** Where the athlete would stand, week by week. */
    List<AthleteWeek> athleteWeeks(BlockAthlete blockAthlete) {
      return Progression.of(block, blockAthlete, library, today, past());
    }

    /** Weeks that are over stay as they were, as long as they are still the same weeks. */
    private List<AthleteWeek> past() {
      return stored.stream()
          .filter(s -> s.week().lastDay().isBefore(today))
          .filter(
              s -> block.weeks().stream().anyMatch(w -> w.firstDay().equals(s.week().firstDay())))
          .toList();
    }
  }

  /** An athlete's case, and what is there of it. */
  record Known(Case all, Map<UUID, BlockPrescriptions.Existing> existing) {
    /** The work itself; needs no database. */
    Computed computed() {
      BlockAthlete blockAthlete = all.blockAthlete();
      List<AthleteWeek> weeks = all.athleteWeeks(blockAthlete);
      return new Computed(
          this,
          blockAthlete,
          weeks,
          all.prescriber()
              .prescribe(blockAthlete, all.athlete(), weeks, all.planned(), all.forRaces()));
    }
  }

  /** What came of it. */
  record Computed(
      Known known,
      BlockAthlete blockAthlete,
      List<AthleteWeek> weeks,
      List<Prescribed> prescribed) {}

  /**
   * Reads what every warm-up of the athlete is computed from.
   *
   * @param today what is before stays as it was
   */
  @Transactional(readOnly = true)
  public Known known(
      SignedIn coach, UUID blockId, BlockDefinition definition, UUID athleteId, LocalDate today) {
    TrainingBlock block = definition.toCore();
    List<SessionRow> rows = sessions.of(athleteId, block.start(), block.race());
    Map<UUID, BlockPrescriptions.Existing> existing =
        prescriptions.existing(
            coach.clubId(), athleteId, rows.stream().map(SessionRow::id).toList());
    List<Planned> planned = new ArrayList<>();
    Map<SessionDetails, Session> read = new HashMap<>();
    for (SessionRow row : rows) {
      planned(row, Optional.ofNullable(existing.get(row.id())), today, read)
          .ifPresent(planned::add);
    }
    return new Known(of(coach, blockId, definition, athleteId, today, planned), existing);
  }

  /**
   * Stores what changed.
   *
   * @param run of the whole work; the result is known by it
   * @throws OptimisticLockingFailureException if a coach changed something meanwhile
   */
  @Transactional
  public void store(SignedIn coach, UUID blockId, int run, Computed computed) {
    UUID athleteId = computed.known().all().athleteId();
    Map<UUID, BlockPrescriptions.Existing> existing = computed.known().existing();
    Map<UUID, UUID> ids =
        prescriptions.keep(coach, athleteId, changed(computed.prescribed(), existing));
    List<BlockView.WarmUpView> warmUps = new ArrayList<>();
    for (Prescribed p : computed.prescribed()) {
      UUID sessionId = UUID.fromString(p.planned().id());
      UUID id = ids.containsKey(sessionId) ? ids.get(sessionId) : existing.get(sessionId).id();
      warmUps.add(view(p, sessionId, id, p.planned().kept().isPresent()));
    }
    BlockAthleteRow row =
        repository
            .findByBlockIdAndAthleteId(blockId, athleteId)
            .orElseGet(() -> new BlockAthleteRow(blockId, athleteId, coach.clubId()));
    row.write(
        run,
        json.write(AthleteWeeksV1.of(computed.weeks(), computed.blockAthlete().ladders())),
        json.write(new WarmUpsV1(BlockForm.INSTANCE.stored(warmUps))));
    repository.save(row);
  }

  /** What is not as it was: neither kept as a coach changed it nor the same as before. */
  private static List<BlockPrescriptions.Made> changed(
      List<Prescribed> prescribed, Map<UUID, BlockPrescriptions.Existing> existing) {
    List<BlockPrescriptions.Made> changed = new ArrayList<>();
    for (Prescribed p : prescribed) {
      UUID sessionId = UUID.fromString(p.planned().id());
      Optional<BlockPrescriptions.Existing> before = Optional.ofNullable(existing.get(sessionId));
      boolean isSame =
          before
              .map(BlockPrescriptions.Existing::plan)
              .filter(plan -> plan.request().equals(p.plan().request()))
              .filter(plan -> plan.items().equals(p.plan().items()))
              .isPresent();
      if (p.planned().kept().isEmpty() && !isSame) {
        changed.add(new BlockPrescriptions.Made(sessionId, before, p.simulated()));
      }
    }
    return changed;
  }

  /**
   * What the athlete's weeks would be computed from if the block were another; nothing is stored.
   *
   * @param laidOut what the definition asks for, of everyone
   */
  @Transactional(readOnly = true)
  public Case supposed(
      SignedIn coach,
      UUID blockId,
      BlockDefinition definition,
      Collection<SessionDetails> laidOut,
      UUID athleteId,
      LocalDate today) {
    TrainingBlock block = definition.toCore();
    List<Planned> planned = new ArrayList<>();
    Map<SessionDetails, Session> read = new HashMap<>();
    for (SessionDetails details : laidOut) {
      if (details.athleteIds().contains(athleteId)) {
        planned.add(planned("", details, Optional.empty(), read));
      }
    }
    for (SessionRow row : sessions.of(athleteId, block.start(), block.race())) {
      if (!BlockSessions.isOf(blockId, row)) {
        planned.add(planned("", sessions.details(row), Optional.empty(), read));
      }
    }
    planned.sort(Comparator.comparing(Planned::date));
    return of(coach, blockId, definition, athleteId, today, planned);
  }

  private Case of(
      SignedIn coach,
      UUID blockId,
      BlockDefinition definition,
      UUID athleteId,
      LocalDate today,
      List<Planned> planned) {
    AthleteRow row = athletes.row(athleteId);
    AthleteProfile profile = athletes.profile(row);
    Physique physique = athletes.physique(row);
    TrainingBlock block = definition.toCore();
    DrillLibrary library = libraries.of(coach.clubId());
    List<AthleteWeek> stored =
        repository
            .findByBlockIdAndAthleteId(blockId, athleteId)
            .map(weeks -> json.read(weeks.athleteWeeks(), AthleteWeeksV1.class).toCore())
            .orElse(List.of());
    return new Case(
        athleteId,
        profile.name(),
        definition,
        block,
        library,
        new BlockPrescriber(block, library, approaches.of(coach)),
        on -> profile.toCore(on, block.start()).withPhysique(physique),
        forRaces(coach.clubId(), athleteId),
        planned,
        stored,
        today);
  }

  private Map<Sport, RaceWarmUp> forRaces(UUID clubId, UUID athleteId) {
    Map<Sport, RaceWarmUp> forRaces = new EnumMap<>(Sport.class);
    for (FrozenRoutine frozen : routines.of(athleteId)) {
      prescriptions
          .plan(clubId, frozen.prescriptionId())
          .ifPresent(plan -> forRaces.put(frozen.sport(), new RaceWarmUp(frozen.name(), plan)));
    }
    return forRaces;
  }

  /** A day that is over keeps the warm-up it had, or goes without one. */
  private Optional<Planned> planned(
      SessionRow row,
      Optional<BlockPrescriptions.Existing> existing,
      LocalDate today,
      Map<SessionDetails, Session> read) {
    boolean isOver = row.startsAt().toLocalDate().isBefore(today);
    if (isOver && existing.isEmpty()) {
      return Optional.empty();
    }
    Optional<Plan> kept =
        existing.filter(e -> isOver || e.isTouched()).map(BlockPrescriptions.Existing::plan);
    return Optional.of(planned(row.id().toString(), sessions.details(row), kept, read));
  }

  /**
   * @param read what was read of sessions alike but for their day; weeks repeat
   */
  private static Planned planned(
      String id, SessionDetails details, Optional<Plan> kept, Map<SessionDetails, Session> read) {
    return new Planned(
        id,
        details.startsAt().toLocalDate(),
        read.computeIfAbsent(details.on(LocalDate.EPOCH), SessionDetails::toCore),
        details.circumstances(),
        kept);
  }

  private static BlockView.WarmUpView view(
      Prescribed p, UUID sessionId, UUID prescriptionId, boolean isKept) {
    Plan plan = p.plan();
    return new BlockView.WarmUpView(
        sessionId,
        prescriptionId,
        p.planned().date(),
        p.planned().session().sport(),
        p.planned().session().kind(),
        p.planned().session().title(),
        isKept,
        plan.seconds(),
        p.drills(),
        p.efforts(),
        p.top(),
        plan.contacts(),
        p.changes());
  }
}
