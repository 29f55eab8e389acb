package dev.jubilee.server.prescription.stored;

import com.fasterxml.jackson.annotation.JsonAlias;
import com.fasterxml.jackson.annotation.JsonInclude;
import dev.jubilee.core.approach.Approach;
import dev.jubilee.core.approach.ApproachBuilder;
import dev.jubilee.core.athlete.Athlete;
import dev.jubilee.core.athlete.AthleteBuilder;
import dev.jubilee.core.athlete.Contraindication;
import dev.jubilee.core.athlete.HealthCondition;
import dev.jubilee.core.athlete.Physique;
import dev.jubilee.core.athlete.Restriction;
import dev.jubilee.core.circumstances.Circumstances;
import dev.jubilee.core.circumstances.CircumstancesBuilder;
import dev.jubilee.core.circumstances.ComingFrom;
import dev.jubilee.core.circumstances.Conditions;
import dev.jubilee.core.circumstances.ConditionsBuilder;
import dev.jubilee.core.circumstances.Freshness;
import dev.jubilee.core.circumstances.Place;
import dev.jubilee.core.circumstances.PriorExercise;
import dev.jubilee.core.circumstances.Stage;
import dev.jubilee.core.circumstances.Transfer;
import dev.jubilee.core.demand.TrainingPhase;
import dev.jubilee.core.demand.TrainingPhaseBuilder;
import dev.jubilee.core.drill.DrillLibrary;
import dev.jubilee.core.drill.Kit;
import dev.jubilee.core.drill.WarmUpPart;
import dev.jubilee.core.intensity.Effort;
import dev.jubilee.core.intensity.Target;
import dev.jubilee.core.intensity.TargetBuilder;
import dev.jubilee.core.plan.Lock;
import dev.jubilee.core.plan.PlanItem;
import dev.jubilee.core.plan.PlanItemBuilder;
import dev.jubilee.core.plan.PlanSource;
import dev.jubilee.core.plan.PrescriptionRequest;
import dev.jubilee.core.plan.PrescriptionRequestBuilder;
import dev.jubilee.core.plan.Recovery;
import dev.jubilee.core.plan.Tuning;
import dev.jubilee.core.session.BarHold;
import dev.jubilee.core.session.Session;
import dev.jubilee.core.session.SessionBuilder;
import dev.jubilee.core.session.SessionKind;
import dev.jubilee.core.sport.BodyRegion;
import dev.jubilee.core.sport.Level;
import dev.jubilee.core.sport.Sport;
import dev.jubilee.core.sport.Stroke;
import dev.jubilee.core.sport.TargetMetric;
import dev.jubilee.server.athlete.PhysiqueV1;
import java.time.Duration;
import java.util.Arrays;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;

/**
 * What a revision remembers of a plan, as it lies in the database. A field may be added, absent in
 * what is older; none may change its name or meaning. Whatever cannot be said that way becomes a
 * {@code SnapshotV2} beside this one.
 */
public record SnapshotV1(Request request, List<Item> items) {

  public static SnapshotV1 of(PlanSource source) {
    return new SnapshotV1(Request.of(source.request()), items(source.items()));
  }

  /**
   * The plan's source again.
   *
   * @param library the club's drills as they are now
   */
  public PlanSource toCore(DrillLibrary library) {
    return new PlanSource(request.toCore(), planned(), library);
  }

  /** The plan's items again. */
  public List<PlanItem> planned() {
    return toCore(items);
  }

  private static List<Item> items(List<PlanItem> items) {
    return items.stream().map(Item::of).toList();
  }

  private static List<PlanItem> toCore(List<Item> items) {
    return items.stream().map(Item::toCore).toList();
  }

  /** Everything a plan was computed from. */
  public record Request(
      AthleteV1 athlete,
      SessionV1 session,
      CircumstancesV1 circumstances,
      ApproachV1 approach,
      Set<String> lastTime,
      List<Item> pinned,
      Set<String> excluded,
      Set<String> seen,
      TuningV1 tuning,
      PhaseV1 phase,
      @JsonInclude(JsonInclude.Include.NON_NULL) Integer efforts) {

    static Request of(PrescriptionRequest r) {
      return new Request(
          AthleteV1.of(r.athlete()),
          SessionV1.of(r.session()),
          CircumstancesV1.of(r.circumstances().asSaid()),
          ApproachV1.of(r.approach()),
          r.lastTime(),
          items(r.locked()),
          r.excluded(),
          r.seen(),
          TuningV1.of(r.tuning()),
          PhaseV1.of(r.phase()),
          r.efforts().orElse(null));
    }

    PrescriptionRequest toCore() {
      return PrescriptionRequestBuilder.builder()
          .athlete(athlete.toCore())
          .session(session.toCore())
          .circumstances(circumstances.toCore())
          .approach(approach == null ? Approach.USUAL : approach.toCore())
          .lastTime(lastTime == null ? Set.of() : lastTime)
          .locked(SnapshotV1.toCore(pinned))
          .excluded(excluded)
          .seen(seen == null ? Set.of() : seen)
          .tuning(tuning == null ? Tuning.NONE : tuning.toCore())
          .phase(phase == null ? TrainingPhase.NONE : phase.toCore())
          .efforts(Optional.ofNullable(efforts))
          .build();
    }
  }

  /** Who. */
  public record AthleteV1(
      Level level,
      int ageYears,
      Integer restingHeartRate,
      Integer maximumHeartRate,
      List<ResultV1> results,
      List<RestrictionV1> limits,
      Set<Contraindication> avoidances,
      boolean deconditioned,
      Map<String, Integer> mastery,
      Set<HealthCondition> health,
      @JsonInclude(JsonInclude.Include.NON_NULL) PhysiqueV1 physique) {

    static AthleteV1 of(Athlete a) {
      return new AthleteV1(
          a.level(),
          a.ageYears(),
          a.restingHeartRate().orElse(null),
          a.maximumHeartRate().orElse(null),
          a.results().stream().map(ResultV1::of).toList(),
          a.restrictions().stream().map(l -> RestrictionV1.of(l)).toList(),
          a.contraindications(),
          a.deconditioned(),
          a.mastery(),
          a.health(),
          PhysiqueV1.of(a.physique()).orElse(null));
    }

    Athlete toCore() {
      return AthleteBuilder.builder(Athlete.of(level, ageYears))
          .restingHeartRate(Optional.ofNullable(restingHeartRate))
          .maximumHeartRate(Optional.ofNullable(maximumHeartRate))
          .results(results.stream().map(ResultV1::toCore).toList())
          .restrictions(limits.stream().map(RestrictionV1::toCore).toList())
          .contraindications(avoidances)
          .deconditioned(deconditioned)
          .mastery(mastery)
          .health(health == null ? Set.of() : health)
          .build()
          .withPhysique(physique == null ? Physique.USUAL : physique.toCore());
    }
  }

  /** What is stiff, sore or hurt. */
  public record RestrictionV1(
      BodyRegion region,
      Restriction.Severity severity,
      @JsonInclude(JsonInclude.Include.NON_NULL) Restriction.Side side) {

    static RestrictionV1 of(Restriction r) {
      boolean isBoth = r.side() == Restriction.Side.BOTH;
      return new RestrictionV1(r.region(), r.severity(), isBoth ? null : r.side());
    }

    Restriction toCore() {
      return new Restriction(
          region, severity, Optional.ofNullable(side).orElse(Restriction.Side.BOTH));
    }
  }

  /** What for. */
  public record SessionV1(
      Sport sport,
      SessionKind kind,
      String title,
      Double effortMetres,
      Duration effortTime,
      Stroke stroke,
      AimV1 aim,
      @JsonInclude(JsonInclude.Include.NON_NULL) Integer rate,
      @JsonInclude(JsonInclude.Include.NON_NULL) BarHold bar) {

    static SessionV1 of(Session s) {
      return new SessionV1(
          s.sport(),
          s.kind(),
          s.title(),
          s.effortMetres().orElse(null),
          s.effortTime().orElse(null),
          s.stroke().orElse(null),
          s.aim().map(AimV1::of).orElse(null),
          s.rate().orElse(null),
          s.bar().orElse(null));
    }

    Session toCore() {
      return SessionBuilder.builder(Session.of(sport, kind, title))
          .effortMetres(Optional.ofNullable(effortMetres))
          .effortTime(Optional.ofNullable(effortTime))
          .stroke(Optional.ofNullable(stroke))
          .aim(Optional.ofNullable(aim).map(AimV1::toCore))
          .rate(Optional.ofNullable(rate))
          .bar(Optional.ofNullable(bar))
          .build();
    }
  }

  /** Where, with what and how long. */
  public record CircumstancesV1(
      int minutes,
      boolean fill,
      Place place,
      Set<Kit> kit,
      int temperature,
      @JsonAlias("comingFrom") ComingFrom arrival,
      ConditionsV1 conditions,
      @JsonInclude(JsonInclude.Include.NON_NULL) List<PriorV1> before,
      @JsonInclude(JsonInclude.Include.NON_NULL) Integer slipped,
      @JsonInclude(JsonInclude.Include.NON_NULL) List<StageV1> earlier,
      @JsonInclude(JsonInclude.Include.NON_NULL) Freshness freshness) {

    static CircumstancesV1 of(Circumstances c) {
      return new CircumstancesV1(
          c.minutes(),
          c.fill(),
          c.place(),
          c.kit(),
          c.temperature(),
          c.comingFrom(),
          ConditionsV1.of(c.conditions()),
          c.before().isEmpty() ? null : c.before().stream().map(PriorV1::of).toList(),
          c.slipped() == 0 ? null : c.slipped(),
          c.earlier().isEmpty() ? null : c.earlier().stream().map(StageV1::of).toList(),
          c.freshness() == Freshness.FRESH ? null : c.freshness());
    }

    Circumstances toCore() {
      return CircumstancesBuilder.builder(
              Circumstances.of(minutes, place, kit, temperature, arrival))
          .fill(fill)
          .conditions(conditions == null ? Conditions.USUAL : conditions.toCore())
          .before(before == null ? List.of() : before.stream().map(PriorV1::toCore).toList())
          .slipped(slipped == null ? 0 : slipped)
          .earlier(earlier == null ? List.of() : earlier.stream().map(StageV1::toCore).toList())
          .freshness(freshness == null ? Freshness.FRESH : freshness)
          .build();
    }
  }

  /** What is done elsewhere first. */
  public record StageV1(
      Place place,
      Set<Kit> kit,
      int temperature,
      int minutes,
      Transfer.Means transfer,
      int transferMinutes) {

    static StageV1 of(Stage s) {
      return new StageV1(
          s.place(),
          s.kit(),
          s.temperature(),
          s.minutes(),
          s.transfer().means(),
          s.transfer().minutes());
    }

    Stage toCore() {
      return new Stage(place, kit, temperature, minutes, new Transfer(transfer, transferMinutes));
    }
  }

  /** What was done before. */
  public record PriorV1(
      PriorExercise.Kind kind,
      PriorExercise.Movement movement,
      PriorExercise.Hardness hardness,
      int minutes,
      int endedBefore) {

    static PriorV1 of(PriorExercise p) {
      return new PriorV1(p.kind(), p.movement(), p.hardness(), p.minutes(), p.endedBefore());
    }

    PriorExercise toCore() {
      return new PriorExercise(kind, movement, hardness, minutes, endedBefore);
    }
  }

  /** Weather, ground, wait and company. */
  public record ConditionsV1(
      int wind,
      boolean wet,
      Conditions.Surface surface,
      int waitMinutes,
      int group,
      Integer lane,
      Integer humidity,
      @JsonInclude(JsonInclude.Include.NON_NULL) Boolean thunder,
      @JsonInclude(JsonInclude.Include.NON_NULL) Integer airQuality,
      @JsonInclude(JsonInclude.Include.NON_NULL) Integer water,
      @JsonInclude(JsonInclude.Include.NON_NULL) Boolean wetsuit,
      @JsonInclude(JsonInclude.Include.NON_DEFAULT) int altitude,
      @JsonInclude(JsonInclude.Include.NON_DEFAULT) int gradient) {

    static ConditionsV1 of(Conditions c) {
      return new ConditionsV1(
          c.wind(),
          c.wet(),
          c.surface(),
          c.waitMinutes(),
          c.group(),
          c.lane().orElse(null),
          c.humidity().orElse(null),
          c.thunder() ? true : null,
          c.airQuality().orElse(null),
          c.water().orElse(null),
          c.wetsuit() ? true : null,
          c.altitude(),
          c.gradient());
    }

    Conditions toCore() {
      return ConditionsBuilder.builder(Conditions.USUAL)
          .wind(wind)
          .wet(wet)
          .surface(surface)
          .waitMinutes(waitMinutes)
          .group(group)
          .lane(Optional.ofNullable(lane))
          .humidity(Optional.ofNullable(humidity))
          .thunder(thunder != null && thunder)
          .airQuality(Optional.ofNullable(airQuality))
          .water(Optional.ofNullable(water))
          .wetsuit(wetsuit != null && wetsuit)
          .altitude(altitude)
          .gradient(gradient)
          .build();
    }
  }

  /** A coach's schools. */
  public record ApproachV1(
      Approach.First first,
      Approach.Holds holds,
      Approach.Neck neck,
      Approach.Balance balance,
      Approach.Top top,
      Approach.Routine routine,
      Approach.Support support,
      @JsonInclude(JsonInclude.Include.NON_NULL) Approach.Changing changing) {

    public static ApproachV1 of(Approach a) {
      return new ApproachV1(
          a.first(),
          a.holds(),
          a.neck(),
          a.balance(),
          a.top(),
          a.routine(),
          a.support(),
          a.changing());
    }

    public Approach toCore() {
      Approach usual = Approach.USUAL;
      return ApproachBuilder.builder()
          .first(or(first, usual.first()))
          .holds(or(holds, usual.holds()))
          .neck(or(neck, usual.neck()))
          .balance(or(balance, usual.balance()))
          .top(or(top, usual.top()))
          .routine(or(routine, usual.routine()))
          .support(or(support, usual.support()))
          .changing(or(changing, usual.changing()))
          .build();
    }

    /** What was not asked yet when it was stored. */
    private static <T> T or(T stored, T usual) {
      return stored == null ? usual : stored;
    }
  }

  /** What the simulation changed of the usual lengths, s. */
  public record TuningV1(int raise, int transition, int topUp) {
    static TuningV1 of(Tuning t) {
      return new TuningV1(t.raise(), t.transition(), t.topUp());
    }

    Tuning toCore() {
      return new Tuning(raise, transition, topUp);
    }
  }

  /** Where in a training block. */
  public record PhaseV1(
      String words,
      int volume,
      double top,
      int efforts,
      int contacts,
      Map<String, Integer> doses,
      Set<String> familiar) {

    static PhaseV1 of(TrainingPhase p) {
      return new PhaseV1(
          p.words(), p.volume(), p.top(), p.efforts(), p.contacts(), p.doses(), p.familiar());
    }

    TrainingPhase toCore() {
      return TrainingPhaseBuilder.builder()
          .words(words)
          .volume(volume)
          .top(top)
          .efforts(efforts)
          .contacts(contacts)
          .doses(doses)
          .familiar(familiar)
          .build();
    }
  }

  /**
   * A line of the plan.
   *
   * @param round absent in what is older, where the id tells it
   * @param recovery absent in what is older, where the note tells it
   */
  public record Item(
      String id,
      WarmUpPart block,
      String drillId,
      String name,
      DoseV1 dose,
      TargetV1 target,
      Integer round,
      int changeSeconds,
      String changeNote,
      int recoverySeconds,
      Recovery.Doing recovery,
      String recoveryNote,
      Lock lock,
      @JsonInclude(JsonInclude.Include.NON_NULL) Integer stage) {

    static Item of(PlanItem i) {
      return new Item(
          i.id(),
          i.block(),
          i.drillId(),
          i.name(),
          DoseV1.of(i.dose()),
          i.target().map(TargetV1::of).orElse(null),
          i.round(),
          i.changeSeconds(),
          i.changeNote(),
          i.recovery().seconds(),
          i.recovery().doing(),
          null,
          i.lock(),
          i.stage() == 0 ? null : i.stage());
    }

    PlanItem toCore() {
      return PlanItemBuilder.builder()
          .id(id)
          .block(block)
          .drillId(drillId)
          .name(name)
          .dose(dose.toCore())
          .target(Optional.ofNullable(target).map(TargetV1::toCore))
          .round(round != null ? round : id.endsWith("-round-2") ? 2 : 1)
          .changeSeconds(changeSeconds)
          .changeNote(changeNote)
          .recovery(new Recovery(recoverySeconds, recovery != null ? recovery : byNote()))
          .lock(lock)
          .stage(stage == null ? 0 : stage)
          .build();
    }

    private Recovery.Doing byNote() {
      return Arrays.stream(Recovery.Doing.values())
          .filter(d -> d != Recovery.Doing.NOTHING && recoveryNote != null)
          .filter(d -> recoveryNote.equals(d.words()) || recoveryNote.startsWith(d.words() + ","))
          .findFirst()
          .orElse(Recovery.Doing.NOTHING);
    }
  }

  /** What to aim at. */
  public record TargetV1(
      EffortV1 effort,
      TargetMetric gauge,
      double value,
      int percentOfTop,
      int heartLow,
      int heartHigh,
      int ratePerMinute,
      @JsonInclude(JsonInclude.Include.NON_DEFAULT) int gradient,
      double spread) {

    static TargetV1 of(Target t) {
      return new TargetV1(
          new EffortV1(t.effort().points()),
          t.metric(),
          t.value(),
          t.percentOfTop(),
          t.heartLow(),
          t.heartHigh(),
          t.ratePerMinute(),
          t.gradient(),
          t.spread());
    }

    Target toCore() {
      return TargetBuilder.builder()
          .effort(Effort.of(effort.points()))
          .metric(gauge)
          .value(value)
          .percentOfTop(percentOfTop)
          .heartLow(heartLow)
          .heartHigh(heartHigh)
          .ratePerMinute(ratePerMinute)
          .gradient(gradient)
          .spread(spread)
          .build();
    }
  }

  /** On the effort scale. */
  public record EffortV1(double points) {}
}
