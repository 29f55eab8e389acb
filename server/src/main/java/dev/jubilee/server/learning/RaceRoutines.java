package dev.jubilee.server.learning;

import dev.jubilee.core.learning.RaceRoutine;
import dev.jubilee.core.learning.WorkingRange;
import dev.jubilee.core.learning.WorkingRange.Measure;
import dev.jubilee.core.session.SessionKind;
import dev.jubilee.core.sport.Sport;
import dev.jubilee.server.athlete.Athletes;
import dev.jubilee.server.club.ClubTime;
import dev.jubilee.server.prescription.PrescriptionRow;
import dev.jubilee.server.prescription.Prescriptions;
import dev.jubilee.server.problem.ConflictException;
import dev.jubilee.server.record.Kept;
import dev.jubilee.server.record.Records;
import dev.jubilee.server.session.SessionDetails;
import dev.jubilee.server.session.Sessions;
import io.swagger.v3.oas.annotations.media.Schema;
import jakarta.validation.constraints.NotBlank;
import jakarta.validation.constraints.NotNull;
import jakarta.validation.constraints.Size;
import java.time.LocalDate;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.UUID;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** Competition routines: frozen from an athlete's best days, and held against what is done. */
@Service
class RaceRoutines {
  private final RaceRoutineStore store;
  private final Records records;
  private final Athletes athletes;
  private final Prescriptions prescriptions;
  private final Sessions sessions;
  private final ClubTime clubTime;

  RaceRoutines(
      RaceRoutineStore store,
      Records records,
      Athletes athletes,
      Prescriptions prescriptions,
      Sessions sessions,
      ClubTime clubTime) {
    this.store = store;
    this.records = records;
    this.athletes = athletes;
    this.prescriptions = prescriptions;
    this.sessions = sessions;
    this.clubTime = clubTime;
  }

  /** In which sport it is to be frozen, and under which name. */
  record FreezeRequest(@NotNull Sport sport, @NotBlank @Size(max = 60) String name) {}

  /**
   * A routine.
   *
   * @param prescriptionId the warm-up that is kept
   * @param day on which it was done
   * @param felt how ready then, 1 to 5
   */
  record RaceRoutineView(
      Sport sport,
      String name,
      UUID prescriptionId,
      LocalDate day,
      @Schema(nullable = true) Integer felt,
      LocalDate frozenOn,
      Map<Measure, Double> measures) {}

  /** What is not as in the routine. */
  record DriftView(Measure measure, double by) {}

  /** A warm-up against the routine of its athlete; nothing where there is none, or no race. */
  record AgainstRoutine(@Schema(nullable = true) RaceRoutineView routine, List<DriftView> drift) {}

  @Transactional(readOnly = true)
  List<RaceRoutineView> of(UUID athleteId) {
    athletes.row(athleteId);
    return store.of(athleteId).stream().map(f -> view(f)).toList();
  }

  private RaceRoutineView view(FrozenRoutine frozen) {
    Kept kept = records.find(frozen.prescriptionId()).orElse(null);
    return new RaceRoutineView(
        frozen.sport(),
        frozen.name(),
        frozen.prescriptionId(),
        kept == null ? frozen.on() : kept.startsAt().toLocalDate(),
        kept == null ? null : kept.figures().felt(),
        frozen.on(),
        kept == null ? Map.of() : AthletePages.measures(kept.figures()));
  }

  /**
   * Freezes the best day before trials and races; one that was frozen before is replaced.
   *
   * @throws ConflictException where no such day is on record
   */
  @Transactional
  List<RaceRoutineView> freeze(UUID clubId, UUID athleteId, FreezeRequest request) {
    athletes.row(athleteId);
    List<Kept> races =
        records.of(athleteId).stream()
            .filter(k -> k.sport() == request.sport() && k.kind() == SessionKind.TIME_TRIAL)
            .toList();
    List<Map<Measure, Double>> measures =
        races.stream().map(k -> AthletePages.measures(k.figures())).toList();
    List<RaceRoutine.Day> days =
        races.stream()
            .filter(k -> k.figures().felt() != null)
            .map(
                k ->
                    new RaceRoutine.Day(
                        k.prescriptionId().toString(),
                        k.figures().felt(),
                        AthletePages.measures(k.figures())))
            .toList();
    RaceRoutine.Day best =
        RaceRoutine.bestOf(days, WorkingRange.of(measures))
            .orElseThrow(
                () ->
                    new ConflictException(
                        "No warm-up before a race or trial of this sport is on record with how"
                            + " ready it felt."));
    store.freeze(
        athleteId,
        new FrozenRoutine(
            request.sport(),
            request.name().strip(),
            UUID.fromString(best.key()),
            clubTime.today(clubId)));
    return of(athleteId);
  }

  @Transactional
  List<RaceRoutineView> thaw(UUID athleteId, Sport sport) {
    athletes.row(athleteId);
    store.thaw(athleteId, sport);
    return of(athleteId);
  }

  /** A warm-up before a race or trial against its athlete's routine. */
  @Transactional(readOnly = true)
  AgainstRoutine against(UUID clubId, UUID prescriptionId) {
    PrescriptionRow row = prescriptions.row(prescriptionId);
    SessionDetails details = sessions.details(sessions.row(row.sessionId()));
    Optional<RaceRoutineView> routine =
        details.kind() == SessionKind.TIME_TRIAL
            ? of(row.athleteId()).stream()
                .filter(r -> r.sport() == details.sport())
                .filter(r -> !r.prescriptionId().equals(prescriptionId))
                .findFirst()
            : Optional.empty();
    if (routine.isEmpty()) {
      return new AgainstRoutine(null, List.of());
    }
    Map<Measure, Double> now =
        records
            .find(prescriptionId)
            .map(k -> AthletePages.measures(k.figures()))
            .orElseGet(() -> AthletePages.measures(records.planned(clubId, prescriptionId)));
    return new AgainstRoutine(
        routine.get(),
        RaceRoutine.drift(routine.get().measures(), now).stream()
            .map(d -> new DriftView(d.measure(), d.by()))
            .toList());
  }
}
