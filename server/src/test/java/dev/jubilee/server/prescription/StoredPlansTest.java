package dev.jubilee.server.prescription;

import static org.assertj.core.api.Assertions.assertThat;

import dev.jubilee.core.approach.Approach;
import dev.jubilee.core.athlete.Athlete;
import dev.jubilee.core.athlete.AthleteBuilder;
import dev.jubilee.core.athlete.ResultConditions;
import dev.jubilee.core.athlete.TestResult;
import dev.jubilee.core.check.Remedy;
import dev.jubilee.core.check.Severity;
import dev.jubilee.core.circumstances.Circumstances;
import dev.jubilee.core.circumstances.Place;
import dev.jubilee.core.circumstances.PriorExercise;
import dev.jubilee.core.circumstances.Stage;
import dev.jubilee.core.circumstances.Transfer;
import dev.jubilee.core.drill.Dose;
import dev.jubilee.core.drill.Kit;
import dev.jubilee.core.edit.Edit;
import dev.jubilee.core.library.BuiltInLibrary;
import dev.jubilee.core.plan.Lock;
import dev.jubilee.core.plan.Plan;
import dev.jubilee.core.plan.PlanItem;
import dev.jubilee.core.plan.PlanSource;
import dev.jubilee.core.plan.PrescriptionRequest;
import dev.jubilee.core.plan.Recovery;
import dev.jubilee.core.plan.Tuning;
import dev.jubilee.core.quantity.Distance;
import dev.jubilee.core.session.Aim;
import dev.jubilee.core.session.Session;
import dev.jubilee.core.session.SessionBuilder;
import dev.jubilee.core.sport.Sport;
import dev.jubilee.core.sport.Stroke;
import dev.jubilee.core.warmup.GivenWarmUp;
import dev.jubilee.core.warmup.GivenWarmUpBuilder;
import dev.jubilee.core.warmup.GivenWarmUpNoteBuilder;
import dev.jubilee.core.warmup.WarmUp;
import dev.jubilee.server.json.Json;
import dev.jubilee.server.prescription.stored.OutcomeV1;
import dev.jubilee.server.prescription.stored.SnapshotV1;
import java.io.IOException;
import java.io.InputStream;
import java.nio.charset.StandardCharsets;
import java.time.Duration;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.json.JsonMapper;

/** What an earlier version stored stays readable, as it was written then. */
class StoredPlansTest {
  private static final List<Recovery.Doing> DOINGS =
      List.of(
          Recovery.Doing.WALK_BACK,
          Recovery.Doing.JOG_BACK,
          Recovery.Doing.SPIN,
          Recovery.Doing.PADDLE,
          Recovery.Doing.AT_THE_WALL,
          Recovery.Doing.EASY);

  private final Json json = new Json();

  @Test
  void inputsFromBeforeResultsHadDatesAreRead() throws IOException {
    PlanSource source = read(stored("inputs-engine-1.json"));

    assertThat(source.items()).isNotEmpty();
    assertThat(source.request().tuning()).isEqualTo(Tuning.NONE);
    assertThat(source.request().session().aim()).isEmpty();
    assertThat(source.request().circumstances().conditions().humidity()).isEmpty();
    assertThat(source.request().athlete().results())
        .isNotEmpty()
        .allSatisfy(r -> assertThat(r.taken().daysAgo()).isEmpty());
    assertThat(read(json.write(SnapshotV1.of(source)))).isEqualTo(source);
  }

  /** Rounds and recoveries were told by ids and sentences once. */
  @Test
  void roundsAndRecoveriesAreReadFromWhatTellsThemInOlderPlans() throws IOException {
    PlanSource source = read(stored("inputs-engine-1.json"));
    assertThat(source.items())
        .filteredOn(i -> i.recovery().seconds() > 0)
        .isNotEmpty()
        .allSatisfy(i -> assertThat(i.recovery().doing()).isNotEqualTo(Recovery.Doing.NOTHING));
    String twice = stored("inputs-engine-1.json").replace("\"figure-four\"", "\"f-round-2\"");
    assertThat(read(twice).items()).filteredOn(PlanItem::isRepeat).isNotEmpty();
  }

  /** The sample holds every form of dose, kind of result and kind of aim; it is never rewritten. */
  @ParameterizedTest
  @ValueSource(strings = {"feel", "race", "figure", "thresholdPace", "added", "places"})
  void everySealedTypeIsReadAsItWasWritten(String aim) throws IOException {
    PlanSource source = everything(aim);
    String sample = stored("snapshot-1-" + aim + ".json");
    assertThat(read(sample)).isEqualTo(source);
    assertThat(read(json.write(SnapshotV1.of(source)))).isEqualTo(source);
  }

  @Test
  void altitudeAndSlopeAreReadAsTheyWereWritten() throws IOException {
    PlanSource flat = everything("feel");
    Circumstances circumstances = flat.request().circumstances();
    PlanSource source =
        flat.with(
            flat.request()
                .with(
                    circumstances.with(
                        circumstances.conditions().withAltitude(1850).withGradient(-4))));
    assertThat(read(json.write(SnapshotV1.of(source)))).isEqualTo(source);
  }

  /** What was given: with every kind of edit as the remedy of a finding; never rewritten. */
  @Test
  void aWarmUpIsReadAsItWasGiven() throws IOException {
    PlanSource source = read(stored("inputs-engine-1.json"));
    Plan plan = source.plan();
    GivenWarmUp given = withEveryEdit(source, plan);
    assertThat(given.items())
        .anyMatch(i -> i.item().target().isPresent())
        .anyMatch(i -> i.harder().isPresent());
    assertThat(given.forecast()).isPresent();
    String written = json.write(OutcomeV1.of(given));
    assertThat(json.read(written, OutcomeV1.class).toCore(plan.items())).isEqualTo(given);

    String sample = stored("outcome-1.json");
    OutcomeV1 kept = json.read(sample, OutcomeV1.class);
    JsonMapper mapper = JsonMapper.builder().build();
    assertThat(mapper.readTree(json.write(kept)))
        .as("nothing of it is lost, renamed or made up")
        .isEqualTo(mapper.readTree(sample));
    GivenWarmUp read = kept.toCore(source.items());
    assertThat(read.seconds()).isEqualTo(kept.seconds());
    JsonNode again = mapper.readTree(json.write(OutcomeV1.of(read)));
    for (String part : List.of("seconds", "items", "readiness")) {
      assertThat(again.get(part))
          .as("%s follow from the snapshot's items as they were shown", part)
          .isEqualTo(mapper.readTree(sample).get(part));
    }
    assertThat(read.findings())
        .extracting(f -> f.remedy().edit().getClass().getSimpleName())
        .hasSize(10)
        .doesNotHaveDuplicates();
  }

  private static GivenWarmUp withEveryEdit(PlanSource source, Plan plan) {
    GivenWarmUp given = GivenWarmUp.of(WarmUp.of(plan));
    List<Edit> edits =
        List.of(
            new Edit.Remove("a"),
            new Edit.Add("b"),
            new Edit.Swap("a", "b"),
            new Edit.ChangeDose("a", 3),
            new Edit.Move("a", -1),
            new Edit.ChangeLock("a", Lock.DOSE),
            new Edit.Acknowledge("LAYERS"),
            new Edit.Refit(),
            new Edit.ChangeCircumstances(source.request().circumstances()),
            new Edit.ChangeApproach(Approach.USUAL));
    List<GivenWarmUp.Note> findings =
        edits.stream()
            .map(
                edit ->
                    GivenWarmUpNoteBuilder.builder()
                        .code("LAYERS")
                        .severity(Severity.NOTE)
                        .itemId(Optional.empty())
                        .what("what")
                        .why("why")
                        .evidence("evidence")
                        .remedy(new Remedy("Do it", edit))
                        .isSeen(false)
                        .build())
            .toList();
    return GivenWarmUpBuilder.builder(given).findings(findings).build();
  }

  private PlanSource everything(String aim) throws IOException {
    PlanSource base = read(stored("inputs-engine-1.json"));
    Athlete before = base.request().athlete();
    ResultConditions taken = new ResultConditions(Optional.of(12), ResultConditions.Setting.SLOW);
    List<TestResult> results = new ArrayList<>();
    if (aim.equals("added")) {
      // What could be said of results only later.
      results.add(new TestResult.RideBest(Duration.ofMinutes(5), 320, taken));
      results.add(
          new TestResult.SwimRace(
              100, Duration.ofSeconds(85), Optional.of(Stroke.BREASTSTROKE), taken));
      results.add(
          new TestResult.SwimPair(
              Duration.ofMinutes(6), Duration.ofSeconds(170), Optional.of(Stroke.MEDLEY), taken));
    }
    results.addAll(
        List.of(
            new TestResult.RunRace(5000, Duration.ofMinutes(20), taken),
            new TestResult.ThresholdPower(250, taken),
            new TestResult.RidePowerTest(400, 300, taken),
            new TestResult.Row2k(Duration.ofMinutes(8), taken),
            new TestResult.SwimPair(
                Duration.ofMinutes(6), Duration.ofSeconds(170), Optional.empty(), taken),
            new TestResult.RideTwentyMinutes(270, taken),
            new TestResult.RowPiece(6000, Duration.ofMinutes(26), taken),
            new TestResult.SwimRace(1500, Duration.ofMinutes(24), Optional.empty(), taken),
            new TestResult.Sprint(Sport.RUN, 8.5, taken)));
    Athlete athlete =
        AthleteBuilder.builder(Athlete.of(before.level(), before.ageYears()))
            .restingHeartRate(before.restingHeartRate())
            .maximumHeartRate(before.maximumHeartRate())
            .results(results)
            .restrictions(before.restrictions())
            .contraindications(before.contraindications())
            .deconditioned(before.deconditioned())
            .mastery(before.mastery())
            .build();
    Aim meant =
        switch (aim) {
          case "feel" -> Aim.Feel.THRESHOLD;
          case "race" -> new Aim.Race(5000, 5);
          case "thresholdPace" -> new Aim.ThresholdPace(5);
          default -> new Aim.Figure(Aim.Unit.SECONDS_PER_KM, 240, 250);
        };
    Session was = base.request().session();
    Session session =
        SessionBuilder.builder(Session.of(was.sport(), was.kind(), was.title()))
            .effortMetres(Optional.of(1000.0))
            .effortTime(Optional.of(Duration.ofSeconds(90)))
            .stroke(was.stroke())
            .aim(Optional.of(meant))
            .build();
    List<Dose> doses =
        List.of(
            new Dose.Reps(10, 2, 2, 1.5),
            new Dose.Timed(45, 2),
            new Dose.Lengths(2, Distance.ofMetres(20), true, 2),
            new Dose.Strokes(4, List.of("arms", "arms and body"), 10, 24),
            new Dose.Circuit(3, 20, 10),
            new Dose.Over(Distance.ofMetres(60), 7.5));
    List<PlanItem> items = new ArrayList<>();
    for (Dose dose : doses) {
      PlanItem item = base.items().get(items.size());
      items.add(
          item.withDose(dose)
              .withRound(1 + items.size() % 2)
              .withRecovery(new Recovery(30, DOINGS.get(items.size()))));
    }
    Circumstances circumstances = base.request().circumstances();
    if (aim.equals("places")) {
      circumstances = inPlaces(circumstances);
      items.replaceAll(item -> item.withStage(1));
    }
    PrescriptionRequest request =
        base.request()
            .with(athlete, session)
            .with(items, base.request().excluded())
            .with(circumstances);
    return new PlanSource(request, items, BuiltInLibrary.get());
  }

  /** What could be said of circumstances only later. */
  private static Circumstances inPlaces(Circumstances usual) {
    return usual
        .withMinutes(60)
        .with(usual.conditions().withWater(Optional.of(14)).withWetsuit(true))
        .withSlipped(10)
        .after(
            List.of(
                new PriorExercise(
                    PriorExercise.Kind.JOURNEY,
                    PriorExercise.Movement.RIDING,
                    PriorExercise.Hardness.EASY,
                    25,
                    65)))
        .withEarlier(
            List.of(
                new Stage(
                    Place.HOTEL_ROOM,
                    Set.of(Kit.MINI_BAND),
                    21,
                    15,
                    new Transfer(Transfer.Means.DRIVE, 9))));
  }

  private PlanSource read(String stored) {
    return json.read(stored, SnapshotV1.class).toCore(BuiltInLibrary.get());
  }

  private static String stored(String name) throws IOException {
    try (InputStream in = StoredPlansTest.class.getResourceAsStream("/stored/" + name)) {
      return new String(in.readAllBytes(), StandardCharsets.UTF_8);
    }
  }
}
