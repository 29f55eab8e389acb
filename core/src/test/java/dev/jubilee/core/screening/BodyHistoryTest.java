package dev.jubilee.core.screening;

import static org.assertj.core.api.Assertions.assertThat;

import dev.jubilee.core.Scenarios;
import dev.jubilee.core.athlete.Athlete;
import dev.jubilee.core.athlete.Restriction;
import dev.jubilee.core.athlete.Restriction.Severity;
import dev.jubilee.core.athlete.Restriction.Side;
import dev.jubilee.core.decision.Mark;
import dev.jubilee.core.decision.Sign;
import dev.jubilee.core.sport.BodyRegion;
import dev.jubilee.core.sport.Level;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.Collections;
import java.util.List;
import java.util.Random;
import org.junit.jupiter.api.Test;

/** Common practice: what comes back is seen, once is an accident, and the coach decides. */
class BodyHistoryTest {
  private static final List<BodyRegion> REGIONS =
      List.of(BodyRegion.ANKLES, BodyRegion.CALVES, BodyRegion.KNEES);
  private static final Athlete ATHLETE = Scenarios.athlete(Level.INTERMEDIATE);

  @Test
  void aLeftAnkleThatIsStiffInFiveSessionsOfEightIsProposed() {
    List<Seen> seen = new ArrayList<>();
    for (int day = 1; day <= 12; day++) {
      seen.add(day % 3 == 0 || day < 5 ? seen(day) : seen(day, ankle()));
    }
    BodyHistory history = BodyHistory.of(seen, ATHLETE);
    assertThat(history.recentSessions()).isEqualTo(8);
    assertThat(history.proposals())
        .extracting(BodyHistory.Proposal::words)
        .containsExactly("left ankle stiff, 5 sessions of 8");
    assertThat(history.places().get(0).last()).isEqualTo(LocalDate.of(2026, 11, 11));
  }

  @Test
  void onceOrTwiceIsAnAccidentAndWhatIsKnownIsNotProposedAgain() {
    List<Seen> twice = List.of(seen(1, ankle()), seen(2), seen(3, ankle()));
    assertThat(BodyHistory.of(twice, ATHLETE).proposals()).isEmpty();
    Athlete known =
        Scenarios.athlete(Level.INTERMEDIATE, Restriction.both(BodyRegion.ANKLES, Severity.STIFF));
    List<Seen> often = List.of(seen(1, ankle()), seen(2, ankle()), seen(3, ankle()));
    assertThat(BodyHistory.of(often, ATHLETE).proposals()).hasSize(1);
    assertThat(BodyHistory.of(often, known).proposals()).isEmpty();
  }

  @Test
  void painThatComesBackIsForTheClinicianAndANiggleIsSore() {
    Mark pain = Mark.pain(BodyRegion.KNEES, Side.RIGHT, 4, false);
    List<Seen> seen = List.of(seen(1, pain), seen(2), seen(3, pain));
    BodyHistory.Proposal proposal = BodyHistory.of(seen, ATHLETE).proposals().get(0);
    assertThat(proposal.restriction())
        .isEqualTo(new Restriction(BodyRegion.KNEES, Severity.HURT, Side.RIGHT));
    assertThat(proposal.needsClinician()).isTrue();
    Mark niggle = Mark.pain(BodyRegion.KNEES, Side.RIGHT, 2, false);
    List<Seen> often = List.of(seen(1, niggle), seen(2, niggle), seen(3, niggle));
    assertThat(BodyHistory.of(often, ATHLETE).proposals().get(0).restriction().severity())
        .isEqualTo(Severity.SORE);
  }

  @Test
  void itDoesNotMatterInWhichOrderOrHowOftenInASessionItWasMarked() {
    Random random = new Random(5);
    for (int i = 0; i < 200; i++) {
      List<Seen> seen = new ArrayList<>();
      for (int day = 1; day <= 1 + random.nextInt(20); day++) {
        List<Mark> marks = new ArrayList<>();
        for (int n = random.nextInt(4); n > 0; n--) {
          BodyRegion region = REGIONS.get(random.nextInt(REGIONS.size()));
          marks.add(
              random.nextBoolean()
                  ? Mark.tight(region, Side.LEFT)
                  : Mark.pain(region, Side.BOTH, 1 + random.nextInt(5), false));
        }
        marks.addAll(List.copyOf(marks));
        if (random.nextInt(4) == 0) {
          marks.add(Mark.of(Sign.WOBBLY));
        }
        seen.add(seen(day, marks.toArray(Mark[]::new)));
      }
      BodyHistory history = BodyHistory.of(seen, ATHLETE);
      assertThat(history.places())
          .allMatch(p -> p.times() <= seen.size() && p.recent() <= history.recentSessions());
      Collections.shuffle(seen, random);
      assertThat(BodyHistory.of(seen, ATHLETE)).isEqualTo(history);
    }
  }

  private static Mark ankle() {
    return Mark.tight(BodyRegion.ANKLES, Side.LEFT);
  }

  private static Seen seen(int day, Mark... marks) {
    return Seen.of(LocalDate.of(2026, 11, day), List.of(), List.of(marks));
  }
}
