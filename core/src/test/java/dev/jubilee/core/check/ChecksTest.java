package dev.jubilee.core.check;

import static org.assertj.core.api.Assertions.assertThat;

import dev.jubilee.core.Scenarios;
import dev.jubilee.core.athlete.Restriction;
import dev.jubilee.core.circumstances.Circumstances;
import dev.jubilee.core.circumstances.Place;
import dev.jubilee.core.drill.WarmUpPart;
import dev.jubilee.core.edit.PlanEditor;
import dev.jubilee.core.library.BuiltInLibrary;
import dev.jubilee.core.plan.Plan;
import dev.jubilee.core.plan.PlanItem;
import dev.jubilee.core.plan.PlanSource;
import dev.jubilee.core.session.SessionKind;
import dev.jubilee.core.sport.BodyRegion;
import dev.jubilee.core.sport.Level;
import dev.jubilee.core.sport.Sport;
import java.util.List;
import org.junit.jupiter.api.Test;

/** Each finding fires when a coach spoils a sound plan, and only then. */
class ChecksTest {
  private final PlanEditor editor = new PlanEditor(BuiltInLibrary.get());
  private final Plan sprint = Scenarios.plan(Sport.RUN, SessionKind.SPRINT, Level.ADVANCED, 40);

  @Test
  void aSoundPlanHasNothingToRemark() {
    assertThat(Checks.of(sprint)).isEmpty();
  }

  /** Bishop 2003; McGowan et al. 2015: a passive wait beyond about 15 min loses the gain. */
  @Test
  void aLongWait() {
    assertThat(codes(editor.dose(sprint, settle(sprint), 12 * 60))).doesNotContain("LONG_WAIT");
    Plan standing = editor.dose(sprint, settle(sprint), 20 * 60);
    assertThat(codes(standing)).contains("LONG_WAIT");
    Remedy remedy = finding(standing, "LONG_WAIT").remedy();
    Plan mended = applied(standing, remedy);
    assertThat(codes(mended)).doesNotContain("LONG_WAIT");
  }

  @Test
  void overTimeWhenTheCoachAddsMoreThanThereIsRoomFor() {
    Plan over = editor.dose(sprint, settle(sprint), 900);
    for (int i = 0; over.seconds() <= over.availableSeconds(); i++) {
      over = editor.add(over, List.of("neck-tilts", "arm-circles", "trunk-circles").get(i % 3));
    }
    assertThat(codes(over)).contains("OVER_TIME");
  }

  @Test
  void noBuildBeforeAHardSession() {
    Plan plan = sprint;
    for (PlanItem effort : sprint.in(WarmUpPart.BUILD)) {
      plan = editor.remove(plan, effort.id());
    }
    assertThat(codes(plan)).contains("NO_BUILD");
    assertThat(codes(editor.refit(plan))).doesNotContain("NO_BUILD");
  }

  @Test
  void aShortRaise() {
    Plan plan = sprint;
    for (PlanItem raise : sprint.in(WarmUpPart.RAISE)) {
      plan = editor.remove(plan, raise.id());
    }
    assertThat(codes(plan)).contains("SHORT_RAISE");
  }

  @Test
  void contactsForACyclistAndKitThatIsNotThere() {
    Plan ride = Scenarios.plan(Sport.RIDE, SessionKind.THRESHOLD, Level.ADVANCED, 40);
    Plan spoiled = editor.add(editor.add(ride, "pogo-hops"), "roll-calf");
    assertThat(codes(ride)).isEmpty();
    assertThat(codes(spoiled)).contains("CONTACTS_UNWANTED", "MISSING_KIT");
    Remedy remedy = finding(spoiled, "MISSING_KIT").remedy();
    Plan mended = applied(spoiled, remedy);
    assertThat(codes(mended)).doesNotContain("MISSING_KIT");
  }

  @Test
  void aDrillThatLoadsWhatIsSore() {
    Plan sore =
        Scenarios.plan(
            Scenarios.request(
                Sport.RUN,
                SessionKind.THRESHOLD,
                Level.ADVANCED,
                40,
                Restriction.both(BodyRegion.ACHILLES, Restriction.Severity.SORE)));
    assertThat(codes(sore)).contains("SORE").doesNotContain("LOADS_SORE_REGION");
    assertThat(codes(editor.add(sore, "a-skip"))).contains("LOADS_SORE_REGION");
  }

  @Test
  void runningDrillsOnAWetDeck() {
    Plan swim = Scenarios.plan(Sport.SWIM, SessionKind.SPRINT, Level.ADVANCED, 40);
    assertThat(codes(swim)).doesNotContain("WET_DECK");
    assertThat(codes(editor.add(swim, "easy-skip"))).contains("WET_DECK");
  }

  @Test
  void painIsNeverTreatedHere() {
    Plan hurt =
        Scenarios.plan(
            Scenarios.request(
                Sport.RUN,
                SessionKind.SPRINT,
                Level.ADVANCED,
                40,
                Restriction.both(BodyRegion.HAMSTRINGS, Restriction.Severity.HURT)));
    Finding finding = finding(hurt, "HURT");
    assertThat(finding.severity()).isEqualTo(Severity.CAUTION);
    assertThat(finding.why()).contains("licensed clinician");
    assertThat(hurt.in(WarmUpPart.BUILD)).isEmpty();
  }

  @Test
  void weather() {
    assertThat(codes(at(-8))).contains("HARD_COLD");
    assertThat(codes(at(3))).contains("LAYERS").doesNotContain("HARD_COLD");
    assertThat(codes(at(34))).contains("HEAT");
    assertThat(codes(at(15))).isEmpty();
  }

  private Plan at(int temperature) {
    Circumstances c = sprint.request().circumstances();
    return editor.under(
        sprint, Circumstances.of(40, Place.TRACK, c.kit(), temperature, c.comingFrom()));
  }

  private static String settle(Plan plan) {
    return plan.in(WarmUpPart.TRANSITION).get(0).id();
  }

  private static List<String> codes(Plan plan) {
    return Checks.of(plan).stream().map(f -> f.code().name()).toList();
  }

  private static Finding finding(Plan plan, String code) {
    return Checks.of(plan).stream()
        .filter(f -> f.code().name().equals(code))
        .findFirst()
        .orElseThrow();
  }

  private static Plan applied(Plan plan, Remedy remedy) {
    return PlanEditor.edited(PlanSource.of(plan), remedy.edit()).plan();
  }
}
