package dev.jubilee.core.prescription;

import static org.assertj.core.api.Assertions.assertThat;

import dev.jubilee.core.Scenarios;
import dev.jubilee.core.approach.Approach;
import dev.jubilee.core.athlete.Athlete;
import dev.jubilee.core.athlete.AthleteBuilder;
import dev.jubilee.core.athlete.Contraindication;
import dev.jubilee.core.athlete.HealthCondition;
import dev.jubilee.core.athlete.Restriction;
import dev.jubilee.core.athlete.Restriction.Severity;
import dev.jubilee.core.athlete.Restriction.Side;
import dev.jubilee.core.athlete.TestResult;
import dev.jubilee.core.circumstances.Circumstances;
import dev.jubilee.core.circumstances.CircumstancesBuilder;
import dev.jubilee.core.circumstances.ComingFrom;
import dev.jubilee.core.circumstances.Conditions;
import dev.jubilee.core.circumstances.Conditions.Surface;
import dev.jubilee.core.circumstances.ConditionsBuilder;
import dev.jubilee.core.circumstances.Place;
import dev.jubilee.core.circumstances.PriorExercise;
import dev.jubilee.core.circumstances.Stage;
import dev.jubilee.core.circumstances.Transfer;
import dev.jubilee.core.drill.Kit;
import dev.jubilee.core.library.BuiltInLibrary;
import dev.jubilee.core.plan.PlanText;
import dev.jubilee.core.plan.PrescriptionRequest;
import dev.jubilee.core.profile.Profiles;
import dev.jubilee.core.session.Aim;
import dev.jubilee.core.session.BarHold;
import dev.jubilee.core.session.Session;
import dev.jubilee.core.session.SessionBuilder;
import dev.jubilee.core.session.SessionKind;
import dev.jubilee.core.shorthand.ParseResult;
import dev.jubilee.core.shorthand.SessionClassification;
import dev.jubilee.core.shorthand.Shorthand;
import dev.jubilee.core.sport.BodyRegion;
import dev.jubilee.core.sport.Level;
import dev.jubilee.core.sport.Sport;
import dev.jubilee.core.sport.Stroke;
import dev.jubilee.core.warmup.WarmUp;
import java.time.Duration;
import java.util.ArrayList;
import java.util.HashSet;
import java.util.List;
import java.util.Optional;
import java.util.Set;

/** A situation as a coach would tell it, and what they would insist on. */
final class Situation {
  private final String says;
  private final Sport sport;
  private final SessionKind kind;
  private final List<Must> musts = new ArrayList<>();
  private Optional<Double> metres = Optional.empty();
  private Optional<Duration> time = Optional.empty();
  private Optional<Stroke> stroke = Optional.empty();
  private Optional<Aim> aim = Optional.empty();
  private Optional<Integer> rate = Optional.empty();
  private Optional<BarHold> bar = Optional.empty();
  private Level level = Level.INTERMEDIATE;
  private final List<Restriction> restrictions = new ArrayList<>();
  private final List<TestResult> results = new ArrayList<>();
  private boolean deconditioned;
  private final Set<HealthCondition> health = new HashSet<>();
  private final Set<Contraindication> never = new HashSet<>();
  private boolean thunder;
  private Optional<Integer> air = Optional.empty();
  private int age = 28;
  private int minutes = 45;
  private boolean fill;
  private int wait;
  private Optional<Place> place = Optional.empty();
  private final Set<Kit> kit = new HashSet<>();
  private boolean bare;
  private int temperature = 16;
  private int wind;
  private Surface surface = Surface.FIRM;
  private Optional<Integer> humidity = Optional.empty();
  private Approach approach = Approach.USUAL;
  private ComingFrom from = ComingFrom.MOVING;
  private final List<PriorExercise> before = new ArrayList<>();
  private final List<Stage> earlier = new ArrayList<>();
  private int group = 1;
  private boolean wet;
  private Optional<Integer> lane = Optional.empty();
  private Optional<Integer> water = Optional.empty();
  private int altitude;
  private int gradient;

  Situation(String says, Sport sport, SessionKind kind) {
    this.says = says;
    this.sport = sport;
    this.kind = kind;
  }

  /** Entered as a coach writes it on the board. */
  static Situation written(Sport sport, String line) {
    ParseResult read = Shorthand.read(line, sport);
    assertThat(read.isWhole()).as(line).isTrue();
    SessionClassification meant = SessionClassification.of(read.outline(), sport);
    Situation it = new Situation(line, sport, meant.kind());
    it.metres = meant.effortMetres();
    it.time = meant.effortSeconds().map(Duration::ofSeconds);
    it.aim = meant.aim();
    it.rate = meant.rate();
    it.bar = meant.bar();
    return sport.isInWater() ? it.in(Stroke.FREESTYLE) : it;
  }

  Situation over(double m) {
    metres = Optional.of(m);
    return this;
  }

  Situation lasting(int seconds) {
    return lasting(Duration.ofSeconds(seconds));
  }

  Situation lasting(Duration own) {
    time = Optional.of(own);
    return this;
  }

  Situation in(Stroke own) {
    stroke = Optional.of(own);
    return this;
  }

  Situation sitting() {
    never.add(Contraindication.STANDING);
    return this;
  }

  Situation by(Level own) {
    level = own;
    return this;
  }

  Situation aged(int years) {
    age = years;
    return this;
  }

  Situation is(Severity severity, Side side, BodyRegion region) {
    restrictions.add(new Restriction(region, severity, side));
    return this;
  }

  Situation backAfterALayOff() {
    deconditioned = true;
    return this;
  }

  Situation is(Severity severity, BodyRegion region) {
    restrictions.add(Restriction.both(region, severity));
    return this;
  }

  Situation told(HealthCondition condition) {
    health.add(condition);
    return this;
  }

  Situation thundering() {
    thunder = true;
    return this;
  }

  Situation airOf(int index) {
    air = Optional.of(index);
    return this;
  }

  Situation knownFor(TestResult result) {
    results.add(result);
    return this;
  }

  Situation within(int min) {
    minutes = min;
    return this;
  }

  Situation filled() {
    fill = true;
    return this;
  }

  Situation waiting(int min) {
    wait = min;
    return this;
  }

  Situation at(Place where) {
    place = Optional.of(where);
    return this;
  }

  Situation with(Kit more) {
    kit.add(more);
    return this;
  }

  Situation withNothing() {
    bare = true;
    return this;
  }

  Situation degrees(int celsius) {
    temperature = celsius;
    return this;
  }

  Situation wind(int kilometresAnHour) {
    wind = kilometresAnHour;
    return this;
  }

  Situation humid(int percent) {
    humidity = Optional.of(percent);
    return this;
  }

  Situation on(Surface ground) {
    surface = ground;
    return this;
  }

  Situation like(Approach school) {
    approach = school;
    return this;
  }

  Situation comingFrom(ComingFrom what) {
    from = what;
    return this;
  }

  Situation after(
      PriorExercise.Kind what,
      PriorExercise.Movement moving,
      PriorExercise.Hardness hardness,
      int min,
      int endedBefore) {
    before.add(new PriorExercise(what, moving, hardness, min, endedBefore));
    return this;
  }

  /** What is done elsewhere first. */
  Situation first(Place where, Set<Kit> own, int celsius, int min, Transfer transfer) {
    earlier.add(new Stage(where, own, celsius, min, transfer));
    return this;
  }

  Situation together(int people) {
    group = people;
    return this;
  }

  Situation inALaneOf(int metres) {
    lane = Optional.of(metres);
    return this;
  }

  Situation raining() {
    wet = true;
    return this;
  }

  Situation inWaterOf(int celsius) {
    water = Optional.of(celsius);
    return this;
  }

  Situation up(int metres) {
    altitude = metres;
    return this;
  }

  Situation onASlopeOf(int percent) {
    gradient = percent;
    return this;
  }

  Situation must(Must... all) {
    musts.addAll(List.of(all));
    return this;
  }

  /** Prescribes for it and looks whether all is as a coach would have it. */
  void check() {
    assertThat(musts).isNotEmpty();
    WarmUp warmUp = warmUp();
    for (Must must : musts) {
      assertThat(must.holds().test(warmUp))
          .as(() -> must.words() + "\n" + PlanText.of(warmUp.plan()) + warmUp.findings())
          .isTrue();
    }
  }

  WarmUp warmUp() {
    Athlete usual = Scenarios.athlete(level);
    Athlete athlete =
        AthleteBuilder.builder(Athlete.of(level, age))
            .restingHeartRate(usual.restingHeartRate())
            .maximumHeartRate(usual.maximumHeartRate())
            .results(results.isEmpty() ? usual.results() : results)
            .restrictions(restrictions)
            .contraindications(never)
            .deconditioned(deconditioned)
            .health(health)
            .build();
    Place where = place.orElse(Profiles.of(sport).place());
    Set<Kit> all = new HashSet<>(kit);
    if (!bare) {
      all.addAll(where.usualKit());
    }
    Conditions conditions =
        ConditionsBuilder.builder(Conditions.USUAL)
            .wind(wind)
            .wet(wet)
            .surface(surface)
            .waitMinutes(wait)
            .group(group)
            .lane(lane)
            .humidity(humidity)
            .thunder(thunder)
            .airQuality(air)
            .water(water)
            .altitude(altitude)
            .gradient(gradient)
            .build();
    Circumstances circumstances =
        CircumstancesBuilder.builder(Circumstances.of(minutes, where, all, temperature, from))
            .fill(fill)
            .conditions(conditions)
            .before(before)
            .earlier(earlier)
            .build();
    Session session =
        SessionBuilder.builder(Session.of(sport, kind, says))
            .effortMetres(metres)
            .effortTime(time)
            .stroke(stroke)
            .aim(aim)
            .rate(rate)
            .bar(bar)
            .build();
    return WarmUp.prescribed(
        PrescriptionRequest.of(athlete, session, circumstances).with(approach),
        BuiltInLibrary.get());
  }

  @Override
  public String toString() {
    return says;
  }

  static Situation run(String says, SessionKind kind) {
    return new Situation(says, Sport.RUN, kind);
  }

  static Situation ride(String says, SessionKind kind) {
    return new Situation(says, Sport.RIDE, kind);
  }

  static Situation row(String says, SessionKind kind) {
    return new Situation(says, Sport.ROW, kind);
  }

  static Situation swim(String says, SessionKind kind) {
    return new Situation(says, Sport.SWIM, kind).in(Stroke.FREESTYLE);
  }
}
