package dev.jubilee.core.prescription;

import static org.assertj.core.api.Assertions.assertThat;

import dev.jubilee.core.Scenarios;
import dev.jubilee.core.approach.Approach;
import dev.jubilee.core.approach.ApproachBuilder;
import dev.jubilee.core.athlete.Athlete;
import dev.jubilee.core.athlete.AthleteBuilder;
import dev.jubilee.core.athlete.Contraindication;
import dev.jubilee.core.athlete.Restriction;
import dev.jubilee.core.athlete.Restriction.Severity;
import dev.jubilee.core.block.BlockPages;
import dev.jubilee.core.check.Checks;
import dev.jubilee.core.check.Finding;
import dev.jubilee.core.circumstances.Circumstances;
import dev.jubilee.core.circumstances.ComingFrom;
import dev.jubilee.core.circumstances.Conditions;
import dev.jubilee.core.circumstances.Conditions.Surface;
import dev.jubilee.core.circumstances.Place;
import dev.jubilee.core.circumstances.PriorExercise;
import dev.jubilee.core.circumstances.PriorExercise.Hardness;
import dev.jubilee.core.circumstances.PriorExercise.Kind;
import dev.jubilee.core.circumstances.PriorExercise.Movement;
import dev.jubilee.core.circumstances.Stage;
import dev.jubilee.core.circumstances.Transfer;
import dev.jubilee.core.drill.Drill;
import dev.jubilee.core.drill.Kit;
import dev.jubilee.core.drill.Need;
import dev.jubilee.core.drill.Position;
import dev.jubilee.core.drill.Skill;
import dev.jubilee.core.drill.WarmUpPart;
import dev.jubilee.core.drill.Way;
import dev.jubilee.core.learning.YearPages;
import dev.jubilee.core.plan.Plan;
import dev.jubilee.core.plan.PlanItem;
import dev.jubilee.core.plan.PlanText;
import dev.jubilee.core.plan.PrescriptionRequest;
import dev.jubilee.core.session.Session;
import dev.jubilee.core.session.SessionKind;
import dev.jubilee.core.sport.BodyRegion;
import dev.jubilee.core.sport.Level;
import dev.jubilee.core.sport.Sport;
import dev.jubilee.core.sport.Stroke;
import dev.jubilee.core.sport.TargetMetric;
import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.EnumSet;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.function.Function;
import java.util.function.Predicate;
import java.util.function.UnaryOperator;
import java.util.stream.Stream;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.MethodSource;

/**
 * What coaches ask for and what they would insist on, one line each; all of it common practice. The
 * plans are printed in docs/examples.md; {@code mvn test -pl core -Dtest=ScenarioTableTest
 * -Djubilee.examples=write} writes them anew.
 */
class ScenarioTableTest {
  private static final Path EXAMPLES = Path.of("../docs/examples.md");

  private record Must(String what, Predicate<Plan> holds) {}

  private record Row(String name, PrescriptionRequest request, List<Must> musts) {
    @Override
    public String toString() {
      return name;
    }
  }

  static Stream<Row> rows() {
    return Stream.of(
        row(
            "2 km row test on a cold morning",
            row(SessionKind.TIME_TRIAL, 40),
            bed().andThen(cold(2)),
            raise(10, 20),
            efforts(4, 7),
            endsAt("the first effort"),
            settles(5, 10),
            has("row-sequence")),
        row(
            "Easy row",
            row(SessionKind.EASY, 30),
            UnaryOperator.identity(),
            longest(8),
            noBuild(),
            drills(1, 7)),
        row(
            "Row threshold, 25 min",
            row(SessionKind.THRESHOLD, 25),
            UnaryOperator.identity(),
            efforts(2, 4),
            raise(5, 11)),
        row(
            "Row sprints",
            row(SessionKind.SPRINT, 45),
            UnaryOperator.identity(),
            efforts(4, 7),
            endsNear(95)),
        row(
            "2 km test, no machine beforehand",
            row(SessionKind.TIME_TRIAL, 35),
            kit(),
            without(Position.MACHINE),
            warns("NO_APPARATUS"),
            byFeel()),
        row(
            "2 km test, 20 min of waiting",
            row(SessionKind.TIME_TRIAL, 55),
            waits(20),
            settles(18, 26),
            has("stay-warm"),
            efforts(3, 7)),
        row(
            "Rower with a stiff mid-back",
            row(SessionKind.INTERVALS, 40),
            limit(BodyRegion.MID_BACK, Severity.STIFF),
            serves(new Need.Mobility(BodyRegion.MID_BACK), 0.6)),
        row(
            "Rower with a hurt lower back",
            row(SessionKind.INTERVALS, 40),
            limit(BodyRegion.LOWER_BACK, Severity.HURT),
            noBuild(),
            warns("HURT")),
        row(
            "Row session in eight minutes",
            row(SessionKind.INTERVALS, 8),
            UnaryOperator.identity(),
            raise(3, 6),
            drills(0, 3),
            efforts(1, 5)),
        row(
            "Novice on the rower",
            level(row(SessionKind.INTERVALS, 40), Level.NOVICE),
            UnaryOperator.identity(),
            hasNot("row-top-quarter"),
            efforts(2, 5)),
        row(
            "5 km race, track",
            run(SessionKind.TIME_TRIAL, 45),
            UnaryOperator.identity(),
            raise(8, 15),
            efforts(3, 6),
            settles(4, 10)),
        row(
            "Track intervals",
            run(SessionKind.INTERVALS, 40),
            UnaryOperator.identity(),
            raise(8, 15),
            efforts(3, 5),
            drills(7, 14)),
        row(
            "Threshold run",
            run(SessionKind.THRESHOLD, 30),
            UnaryOperator.identity(),
            efforts(2, 4),
            endsNear(70),
            drills(4, 12)),
        row(
            "Easy run",
            run(SessionKind.EASY, 35),
            UnaryOperator.identity(),
            longest(7),
            noBuild(),
            noContacts()),
        row(
            "Long run",
            run(SessionKind.LONG, 35),
            UnaryOperator.identity(),
            longest(10),
            noBuild()),
        row(
            "Sprints",
            run(SessionKind.SPRINT, 50),
            UnaryOperator.identity(),
            efforts(4, 6),
            endsNear(97),
            drills(9, 18)),
        row(
            "Sprints, few drills and many efforts",
            run(SessionKind.SPRINT, 50),
            like(balance(Approach.Balance.EFFORTS)),
            efforts(6, 8),
            drills(3, 14)),
        row(
            "Sprints, more drills",
            run(SessionKind.SPRINT, 50),
            like(balance(Approach.Balance.DRILLS)),
            efforts(3, 5)),
        row(
            "Sprints, capped at 80 %",
            run(SessionKind.SPRINT, 50), like(top(Approach.Top.CAP_80)), endsBelow(88)),
        row(
            "Sprints, one effort at full speed",
            run(SessionKind.SPRINT, 45),
            like(top(Approach.Top.FULL)),
            endsNear(99)),
        row(
            "Joints first",
            run(SessionKind.INTERVALS, 40),
            like(first(Approach.First.JOINTS)),
            before(WarmUpPart.MOBILISE, WarmUpPart.RAISE)),
        row(
            "Raise first",
            run(SessionKind.INTERVALS, 40),
            UnaryOperator.identity(),
            before(WarmUpPart.RAISE, WarmUpPart.MOBILISE)),
        row(
            "Drills are the warm-up",
            run(SessionKind.INTERVALS, 40),
            like(first(Approach.First.DRILLS)),
            raise(3, 8)),
        row(
            "Rolling first",
            run(SessionKind.INTERVALS, 45),
            like(first(Approach.First.ROLLING)).andThen(kit(Kit.ROLLER, Kit.SUPPORT)),
            before(WarmUpPart.RELEASE, WarmUpPart.RAISE)),
        row(
            "Free-standing",
            run(SessionKind.INTERVALS, 40),
            like(support(Approach.Support.FREE)),
            holdsOn(false)),
        row(
            "Hold on",
            run(SessionKind.INTERVALS, 40),
            like(support(Approach.Support.HOLD_ON)),
            hasNot("leg-swings-free")),
        row(
            "Sprints in five minutes, bare road, −8 °C, sore Achilles",
            run(SessionKind.SPRINT, 5),
            at(Place.ROAD)
                .andThen(kit())
                .andThen(cold(-8))
                .andThen(limit(BodyRegion.ACHILLES, Severity.SORE)),
            raise(1.5, 3.5),
            noContacts(),
            efforts(1, 2),
            endsBelow(80),
            warns("SORE"),
            warns("HARD_COLD")),
        row(
            "Intervals in five minutes",
            run(SessionKind.INTERVALS, 5),
            UnaryOperator.identity(),
            raise(0.8, 4),
            drills(0, 3),
            efforts(1, 3)),
        row(
            "Intervals in three minutes",
            run(SessionKind.INTERVALS, 3),
            UnaryOperator.identity(),
            raise(0.4, 2.8),
            drills(0, 2)),
        row(
            "Intervals with an hour to fill",
            run(SessionKind.INTERVALS, 60),
            fill(),
            raise(12, 21),
            settlesWithin(8)),
        row(
            "Intervals, icy track",
            run(SessionKind.INTERVALS, 40),
            on(Surface.SLIPPERY),
            warns("ICE_UNDERFOOT")),
        row(
            "Intervals in the rain",
            run(SessionKind.INTERVALS, 40),
            rain(),
            without(Position.FLOOR)),
        row(
            "Intervals, wind at 3 °C",
            run(SessionKind.INTERVALS, 45),
            cold(3).andThen(wind(40)),
            says("feels like")),
        row(
            "Intervals in the heat",
            run(SessionKind.INTERVALS, 40),
            cold(34),
            raise(5, 11),
            warns("HEAT")),
        row(
            "Straight from a desk",
            run(SessionKind.INTERVALS, 45),
            comingFrom(ComingFrom.DESK),
            serves(new Need.Mobility(BodyRegion.HIP_FLEXORS), 0.55),
            serves(new Need.Mobility(BodyRegion.GLUTES), 0.3)),
        row(
            "Class of twenty in a hall",
            run(SessionKind.INTERVALS, 40),
            at(Place.GYM).andThen(group(20)).andThen(kit(Kit.SUPPORT, Kit.ROLLER, Kit.STEP)),
            noKitForOne(),
            changesTake(10)),
        row(
            "Living room, nothing at hand",
            run(SessionKind.INTERVALS, 25),
            at(Place.LIVING_ROOM).andThen(kit()),
            without(Position.TRAVELLING),
            warns("NO_ROOM_TO_RUN")),
        row(
            "Back after a lay-off",
            run(SessionKind.INTERVALS, 40),
            athlete(deconditioned()),
            noContacts(),
            efforts(1, 3),
            hasNot("a-skip"),
            hasNot("b-skip")),
        row(
            "No floor, no wrists",
            run(SessionKind.SPRINT, 45),
            athlete(careful()),
            without(Position.FLOOR),
            noLoad(BodyRegion.WRISTS)),
        row(
            "Steeple",
            run(SessionKind.STEEPLE, 50),
            kit(Kit.HURDLES, Kit.SUPPORT),
            serves(new Need.Rehearsal(Skill.CLEARANCE), 0.5)),
        row(
            "Steeple, novice",
            level(run(SessionKind.STEEPLE, 50), Level.NOVICE),
            kit(Kit.HURDLES, Kit.SUPPORT),
            hasNot("barrier-beside"),
            hasNot("hurdle-alternating")),
        row(
            "Gym",
            run(SessionKind.GYM, 30),
            at(Place.GYM),
            has("warm-up-set"),
            noContacts(),
            raise(3, 8)),
        row(
            "Jumps",
            run(SessionKind.JUMPS, 40),
            UnaryOperator.identity(),
            has("approach-jump"),
            efforts(3, 5)),
        row(
            "Threshold ride straight from a desk",
            ride(SessionKind.THRESHOLD, 40),
            comingFrom(ComingFrom.DESK),
            noContacts(),
            serves(new Need.Activation(BodyRegion.GLUTES), 0.5),
            efforts(2, 4)),
        row(
            "Ride sprints",
            ride(SessionKind.SPRINT, 45),
            UnaryOperator.identity(),
            noContacts(),
            endsNear(95),
            efforts(3, 6)),
        row(
            "Easy ride",
            ride(SessionKind.EASY, 30),
            UnaryOperator.identity(),
            longest(8),
            noBuild()),
        row(
            "Time trial, no bike beforehand",
            ride(SessionKind.TIME_TRIAL, 30),
            kit(),
            without(Position.MACHINE),
            warns("NO_APPARATUS")),
        row(
            "Rider with a stiff neck, tilts",
            ride(SessionKind.INTERVALS, 40),
            limit(BodyRegion.NECK, Severity.STIFF),
            serves(new Need.Mobility(BodyRegion.NECK), 0.3),
            hasNot("neck-rolls")),
        row(
            "Rider, neck left alone",
            ride(SessionKind.INTERVALS, 40),
            like(neck(Approach.Neck.NONE)),
            hasNot("neck-tilts"),
            hasNot("neck-rolls")),
        row(
            "50 m sprints in the pool",
            swim(SessionKind.SPRINT, 40),
            UnaryOperator.identity(),
            noContacts(),
            efforts(4, 6),
            wetSafe()),
        row(
            "100 m breaststroke behind the blocks",
            stroke(swim(SessionKind.TIME_TRIAL, 15), Stroke.BREASTSTROKE),
            kit(Kit.SUPPORT),
            without(Position.WATER),
            wetSafe(),
            serves(new Need.Mobility(BodyRegion.ADDUCTORS), 0.4)),
        row(
            "Swim threshold",
            swim(SessionKind.THRESHOLD, 30),
            UnaryOperator.identity(),
            efforts(2, 4),
            wetSafe()),
        row(
            "Easy swim",
            swim(SessionKind.EASY, 25),
            UnaryOperator.identity(),
            longest(8),
            noBuild()),
        row(
            "Swimmer with a sore shoulder",
            swim(SessionKind.INTERVALS, 40),
            limit(BodyRegion.SHOULDERS, Severity.SORE),
            noLoad(BodyRegion.SHOULDERS),
            warns("SORE")),
        row(
            "200 m final, 40 minutes after the heat",
            stroke(swim(SessionKind.TIME_TRIAL, 40), Stroke.FREESTYLE),
            before(Kind.SESSION, Movement.SWIMMING, Hardness.ALL_OUT, 3, 40),
            efforts(1, 3),
            longest(30),
            says("3 min of all-out swimming")),
        row(
            "Intervals after riding to the track",
            run(SessionKind.INTERVALS, 35),
            before(Kind.JOURNEY, Movement.RIDING, Hardness.EASY, 25, 38),
            raise(3, 9),
            efforts(4, 4)),
        row(
            "Intervals on the bike, from a living room",
            ride(SessionKind.INTERVALS, 40),
            from(
                Place.LIVING_ROOM,
                12,
                new Transfer(Transfer.Means.CHANGE, 4),
                Place.ROAD,
                Set.of(Kit.BIKE)),
            has("transfer-change"),
            efforts(4, 5)),
        row(
            "Swimming race: pool, call room, blocks",
            swim(SessionKind.TIME_TRIAL, 55),
            from(
                Place.POOL_DECK,
                30,
                new Transfer(Transfer.Means.CHANGE, 5),
                Place.POOL_DECK,
                Set.of()),
            has("stay-warm"),
            efforts(3, 5)),
        row(
            "Open water at 14 °C",
            swim(SessionKind.INTERVALS, 35),
            at(Place.BEACH)
                .andThen(changed(c -> c.with(c.conditions().withWater(Optional.of(14))))),
            warns("COLD_WATER"),
            raise(2, 6)));
  }

  @ParameterizedTest
  @MethodSource("rows")
  void asACoachWouldInsist(Row row) {
    Plan plan = Scenarios.plan(row.request());
    for (Must must : row.musts()) {
      assertThat(must.holds().test(plan))
          .as(
              () ->
                  row.name() + " must: " + must.what() + System.lineSeparator() + PlanText.of(plan))
          .isTrue();
    }
    assertThat(plan.seconds()).isLessThanOrEqualTo(plan.availableSeconds());
  }

  /** The written examples are what the engine says today. */
  @Test
  void examplesAreFresh() throws IOException {
    StringBuilder text = new StringBuilder();
    text.append(
        "# Examples\n\nWritten by the engine, checked in every build. One intermediate runner");
    text.append(" (5 km in 20:00), rider (240 W threshold), rower (2 km in 8:00) and swimmer");
    text.append(" (400 m in 6:00), unless the title says otherwise.\n");
    rows().forEach(row -> text.append(example(row)));
    text.append('\n').append(BlockPages.text());
    text.append(YearPages.text());
    if ("write".equals(System.getProperty("jubilee.examples"))) {
      Files.writeString(EXAMPLES, text);
    }
    assertThat(Files.readString(EXAMPLES)).isEqualTo(text.toString());
  }

  private static String example(Row row) {
    Plan plan = Scenarios.plan(row.request());
    StringBuilder text = new StringBuilder("\n## " + row.name() + "\n\n```\n");
    text.append(PlanText.of(plan).replace(System.lineSeparator(), "\n")).append("```\n\n");
    text.append(String.join(" ", TrueReasons.of(plan))).append('\n');
    for (Finding finding : Checks.of(plan)) {
      text.append("- ").append(finding.what()).append(' ').append(finding.why()).append('\n');
    }
    return text.toString();
  }

  // ---- what a coach insists on

  private static Must longest(int minutes) {
    return new Must("at most " + minutes + " min", p -> p.seconds() <= 60 * minutes);
  }

  private static Must settlesWithin(int minutes) {
    return new Must(
        "at most " + minutes + " min of settling",
        p -> PlanItem.seconds(p.in(WarmUpPart.TRANSITION)) <= 60 * minutes + 30);
  }

  private static Must raise(double least, double most) {
    return new Must(
        "raise of " + least + " to " + most + " min",
        p -> {
          int seconds = p.in(WarmUpPart.RAISE).stream().mapToInt(PlanItem::seconds).sum();
          return seconds >= 60 * least && seconds <= 60 * most;
        });
  }

  private static Must settles(int least, int most) {
    return new Must(
        least + " to " + most + " min to the start",
        p -> {
          int seconds = p.in(WarmUpPart.TRANSITION).stream().mapToInt(PlanItem::seconds).sum();
          return seconds >= 60 * least && seconds <= 60 * most;
        });
  }

  private static Must efforts(int least, int most) {
    return new Must(
        least + " to " + most + " graded efforts",
        p -> p.in(WarmUpPart.BUILD).size() >= least && p.in(WarmUpPart.BUILD).size() <= most);
  }

  private static Must noBuild() {
    return efforts(0, 0);
  }

  private static Must drills(int least, int most) {
    return new Must(
        least + " to " + most + " drills",
        p -> {
          long drills = p.items().stream().filter(i -> i.block().isChosen()).count();
          return drills >= least && drills <= most;
        });
  }

  private static Must endsAt(String what) {
    return new Must(
        "the build ends at " + what,
        p -> Math.abs(topOf(p) - p.demand().firstEffort().points()) < 6);
  }

  private static Must endsNear(double points) {
    return new Must("the build ends near " + points, p -> Math.abs(topOf(p) - points) <= 6);
  }

  private static Must endsBelow(double points) {
    return new Must("the build stays below " + points, p -> topOf(p) < points);
  }

  private static double topOf(Plan plan) {
    return plan.in(WarmUpPart.BUILD).stream()
        .mapToDouble(i -> i.target().orElseThrow().effort().points())
        .max()
        .orElse(0);
  }

  private static Must byFeel() {
    return new Must(
        "efforts by feel",
        p ->
            !p.in(WarmUpPart.BUILD).isEmpty()
                && p.in(WarmUpPart.BUILD).stream()
                    .allMatch(i -> i.target().orElseThrow().metric() == TargetMetric.FEEL));
  }

  private static Must has(String drillId) {
    return new Must("has " + drillId, p -> ids(p).contains(drillId));
  }

  private static Must hasNot(String drillId) {
    return new Must("has no " + drillId, p -> !ids(p).contains(drillId));
  }

  private static List<String> ids(Plan plan) {
    return plan.items().stream().map(PlanItem::drillId).toList();
  }

  private static Must serves(Need need, double share) {
    return new Must(
        "serves " + need.words() + " by " + share,
        p -> p.coverage().getOrDefault(need, 0.0) >= share);
  }

  private static Must noContacts() {
    return new Must("no contacts", p -> p.contacts() == 0);
  }

  private static Must without(Position position) {
    return none("nothing in position " + position, d -> d.position() == position);
  }

  private static Must noLoad(BodyRegion region) {
    return new Must(
        "no drill loads the " + region.words(),
        p ->
            !p.in(WarmUpPart.MOBILISE).isEmpty()
                && p.items().stream()
                    .filter(i -> i.block() != WarmUpPart.BUILD)
                    .flatMap(i -> p.drill(i).stream())
                    .noneMatch(d -> d.works(region, Way.ECCENTRIC)));
  }

  private static Must wetSafe() {
    return none("nothing unsafe on a wet deck", d -> !d.wetSafe());
  }

  private static Must noKitForOne() {
    return none("no kit that one uses", d -> d.kit().stream().anyMatch(Kit::isForOne));
  }

  private static Must holdsOn(boolean wanted) {
    return new Must(
        wanted ? "holds on" : "mobilises free-standing",
        p ->
            !p.in(WarmUpPart.MOBILISE).isEmpty()
                && p.in(WarmUpPart.MOBILISE).stream()
                        .flatMap(i -> p.drill(i).stream())
                        .anyMatch(d -> d.kit().contains(Kit.SUPPORT))
                    == wanted);
  }

  private static Must none(String what, Predicate<Drill> bad) {
    return new Must(what, p -> p.items().stream().flatMap(i -> p.drill(i).stream()).noneMatch(bad));
  }

  private static Must before(WarmUpPart first, WarmUpPart second) {
    return new Must(
        first.title() + " before " + second.title(),
        p -> {
          List<WarmUpPart> blocks = p.items().stream().map(PlanItem::block).toList();
          return blocks.contains(first) && blocks.indexOf(first) < blocks.indexOf(second);
        });
  }

  private static Must changesTake(int seconds) {
    return new Must(
        "changes of at least " + seconds + " s",
        p ->
            !p.in(WarmUpPart.MOBILISE).isEmpty()
                && p.in(WarmUpPart.MOBILISE).stream().allMatch(i -> i.changeSeconds() >= seconds));
  }

  private static Must warns(String code) {
    return new Must(
        "says " + code, p -> Checks.of(p).stream().anyMatch(f -> f.code().name().equals(code)));
  }

  private static Must says(String words) {
    return new Must(
        "explains '" + words + "'",
        p -> TrueReasons.of(p).stream().anyMatch(w -> w.contains(words)));
  }

  // ---- who, what and where

  private static Row row(
      String name,
      PrescriptionRequest request,
      Function<PrescriptionRequest, PrescriptionRequest> under,
      Must... musts) {
    PrescriptionRequest whole = under.apply(request);
    Session s = whole.session();
    Session titled = s.withTitle(name).withAim(Optional.empty());
    return new Row(name, whole.withSession(titled), List.of(musts));
  }

  private static PrescriptionRequest run(SessionKind kind, int minutes) {
    return Scenarios.request(Sport.RUN, kind, Level.INTERMEDIATE, minutes);
  }

  private static PrescriptionRequest ride(SessionKind kind, int minutes) {
    return Scenarios.request(Sport.RIDE, kind, Level.INTERMEDIATE, minutes);
  }

  private static PrescriptionRequest row(SessionKind kind, int minutes) {
    return Scenarios.request(Sport.ROW, kind, Level.INTERMEDIATE, minutes);
  }

  private static PrescriptionRequest swim(SessionKind kind, int minutes) {
    return Scenarios.request(Sport.SWIM, kind, Level.INTERMEDIATE, minutes);
  }

  private static PrescriptionRequest level(PrescriptionRequest request, Level level) {
    return request.with(Scenarios.athlete(level));
  }

  private static PrescriptionRequest stroke(PrescriptionRequest request, Stroke stroke) {
    Session s = request.session();
    return PrescriptionRequest.of(
        request.athlete(),
        Session.of(s.sport(), s.kind(), s.title())
            .withEffortMetres(Optional.of(100.0))
            .withStroke(Optional.of(stroke)),
        request.circumstances());
  }

  private static UnaryOperator<PrescriptionRequest> athlete(Athlete athlete) {
    return r -> r.with(athlete);
  }

  private static UnaryOperator<PrescriptionRequest> limit(BodyRegion region, Severity severity) {
    return r -> r.with(Scenarios.athlete(Level.INTERMEDIATE, Restriction.both(region, severity)));
  }

  private static Athlete deconditioned() {
    Athlete a = Scenarios.athlete(Level.INTERMEDIATE);
    return AthleteBuilder.builder(Athlete.of(a.level(), a.ageYears()))
        .restingHeartRate(a.restingHeartRate())
        .maximumHeartRate(a.maximumHeartRate())
        .results(a.results())
        .deconditioned(true)
        .build();
  }

  private static Athlete careful() {
    Athlete a = Scenarios.athlete(Level.INTERMEDIATE);
    return AthleteBuilder.builder(Athlete.of(a.level(), a.ageYears()))
        .restingHeartRate(a.restingHeartRate())
        .maximumHeartRate(a.maximumHeartRate())
        .results(a.results())
        .contraindications(EnumSet.of(Contraindication.FLOOR_WORK, Contraindication.WRIST_LOADING))
        .build();
  }

  private static UnaryOperator<PrescriptionRequest> changed(UnaryOperator<Circumstances> change) {
    return r -> r.with(change.apply(r.circumstances()));
  }

  private static UnaryOperator<PrescriptionRequest> at(Place place) {
    return changed(
        c ->
            Circumstances.of(c.minutes(), place, place.usualKit(), c.temperature(), c.comingFrom())
                .withFill(c.fill())
                .withConditions(c.conditions()));
  }

  private static UnaryOperator<PrescriptionRequest> kit(Kit... kit) {
    return changed(
        c ->
            Circumstances.of(c.minutes(), c.place(), Set.of(kit), c.temperature(), c.comingFrom())
                .withFill(c.fill())
                .withConditions(c.conditions()));
  }

  private static UnaryOperator<PrescriptionRequest> cold(int temperature) {
    return changed(
        c ->
            Circumstances.of(c.minutes(), c.place(), c.kit(), temperature, c.comingFrom())
                .withFill(c.fill())
                .withConditions(c.conditions()));
  }

  private static UnaryOperator<PrescriptionRequest> comingFrom(ComingFrom comingFrom) {
    return changed(
        c ->
            Circumstances.of(c.minutes(), c.place(), c.kit(), c.temperature(), comingFrom)
                .withFill(c.fill())
                .withConditions(c.conditions()));
  }

  private static UnaryOperator<PrescriptionRequest> bed() {
    return comingFrom(ComingFrom.BED);
  }

  private static UnaryOperator<PrescriptionRequest> before(
      Kind kind, Movement movement, Hardness hardness, int minutes, int endedBefore) {
    return changed(
        c -> c.after(List.of(new PriorExercise(kind, movement, hardness, minutes, endedBefore))));
  }

  private static UnaryOperator<PrescriptionRequest> from(
      Place first, int minutes, Transfer transfer, Place last, Set<Kit> kit) {
    return changed(
        c ->
            c.withPlace(last)
                .withKit(kit)
                .withEarlier(List.of(new Stage(first, first.usualKit(), 20, minutes, transfer))));
  }

  private static UnaryOperator<PrescriptionRequest> fill() {
    return changed(c -> c.filled(true));
  }

  private static UnaryOperator<PrescriptionRequest> wind(int wind) {
    return under(Conditions.USUAL.withWind(wind));
  }

  private static UnaryOperator<PrescriptionRequest> rain() {
    return under(Conditions.USUAL.withWet(true));
  }

  private static UnaryOperator<PrescriptionRequest> on(Surface surface) {
    return under(Conditions.USUAL.withSurface(surface));
  }

  private static UnaryOperator<PrescriptionRequest> waits(int minutes) {
    return under(Conditions.USUAL.withWaitMinutes(minutes));
  }

  private static UnaryOperator<PrescriptionRequest> group(int people) {
    return under(Conditions.USUAL.withGroup(people));
  }

  private static UnaryOperator<PrescriptionRequest> under(Conditions conditions) {
    return changed(c -> c.with(conditions));
  }

  private static UnaryOperator<PrescriptionRequest> like(Approach approach) {
    return r -> r.with(approach);
  }

  private static final Approach USUAL = Approach.USUAL;

  private static Approach first(Approach.First first) {
    return ApproachBuilder.builder(Approach.USUAL)
        .first(first)
        .holds(USUAL.holds())
        .neck(USUAL.neck())
        .balance(USUAL.balance())
        .top(USUAL.top())
        .routine(USUAL.routine())
        .support(USUAL.support())
        .build();
  }

  private static Approach neck(Approach.Neck neck) {
    return ApproachBuilder.builder(Approach.USUAL)
        .first(USUAL.first())
        .holds(USUAL.holds())
        .neck(neck)
        .balance(USUAL.balance())
        .top(USUAL.top())
        .routine(USUAL.routine())
        .support(USUAL.support())
        .build();
  }

  private static Approach balance(Approach.Balance balance) {
    return ApproachBuilder.builder(Approach.USUAL)
        .first(USUAL.first())
        .holds(USUAL.holds())
        .neck(USUAL.neck())
        .balance(balance)
        .top(USUAL.top())
        .routine(USUAL.routine())
        .support(USUAL.support())
        .build();
  }

  private static Approach top(Approach.Top top) {
    return ApproachBuilder.builder(Approach.USUAL)
        .first(USUAL.first())
        .holds(USUAL.holds())
        .neck(USUAL.neck())
        .balance(USUAL.balance())
        .top(top)
        .routine(USUAL.routine())
        .support(USUAL.support())
        .build();
  }

  private static Approach support(Approach.Support support) {
    return ApproachBuilder.builder(Approach.USUAL)
        .first(USUAL.first())
        .holds(USUAL.holds())
        .neck(USUAL.neck())
        .balance(USUAL.balance())
        .top(USUAL.top())
        .routine(USUAL.routine())
        .support(support)
        .build();
  }
}
