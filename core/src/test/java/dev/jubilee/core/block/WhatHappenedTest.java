package dev.jubilee.core.block;

import static org.assertj.core.api.Assertions.assertThat;

import dev.jubilee.core.athlete.Restriction;
import dev.jubilee.core.block.Interruption.Kind;
import dev.jubilee.core.block.MasteryRecord.Source;
import dev.jubilee.core.block.WhatHappened.Clean;
import dev.jubilee.core.block.WhatHappened.Day;
import dev.jubilee.core.block.WhatHappened.Hurt;
import dev.jubilee.core.decision.Mark;
import dev.jubilee.core.decision.Sign;
import dev.jubilee.core.drill.Drill;
import dev.jubilee.core.drill.Need;
import dev.jubilee.core.drill.Skill;
import dev.jubilee.core.library.BuiltInLibrary;
import dev.jubilee.core.sport.BodyRegion;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.Random;
import org.junit.jupiter.api.Test;

/** What records say to a block, each rule by its own example, and that it is said once. */
class WhatHappenedTest {
  private static final LocalDate MONDAY = LocalDate.parse("2026-03-02");

  @Test
  void aCleanVersionIsReportedOfItsLastTwoDays() {
    WhatHappened happened =
        new WhatHappened(
            List.of(
                new Clean(MONDAY, "lunge", 1),
                new Clean(MONDAY.plusDays(2), "lunge", 2),
                new Clean(MONDAY.plusDays(4), "lunge", 2),
                new Clean(MONDAY.plusDays(6), "lunge", 2)),
            List.of(),
            List.of());
    List<MasteryRecord> reports = happened.reports(List.of());
    assertThat(reports)
        .extracting(MasteryRecord::on)
        .containsExactly(MONDAY.plusDays(6), MONDAY.plusDays(4));
    assertThat(reports).allMatch(r -> r.step() == 2 && r.source() == Source.ATHLETE);
    assertThat(happened.reports(List.of(new MasteryRecord("lunge", 2, MONDAY, Source.COACH))))
        .as("the coach said so")
        .isEmpty();
  }

  @Test
  void oneMissedSessionIsABadDayAndTwoInARowAnAbsence() {
    List<Day> days =
        List.of(
            new Day(MONDAY, true),
            new Day(MONDAY.plusDays(1), false),
            new Day(MONDAY.plusDays(3), true),
            new Day(MONDAY.plusDays(5), false),
            new Day(MONDAY.plusDays(8), false),
            new Day(MONDAY.plusDays(10), true),
            new Day(MONDAY.plusDays(12), false));
    WhatHappened happened = new WhatHappened(List.of(), days, List.of());
    List<Interruption> found = happened.interruptions(List.of(), MONDAY.plusDays(12));
    assertThat(found)
        .containsExactly(
            new Interruption(Kind.AWAY, MONDAY.plusDays(5), MONDAY.plusDays(8), Optional.empty()));
  }

  /** Down a rung for pain or poor form: common practice. */
  @Test
  void nothingIsCleanThatHurtWhereItWorksOrLandedHeavily() {
    for (Drill drill : BuiltInLibrary.get().drills()) {
      assertThat(WhatHappened.isClean(drill, 3, List.of())).isTrue();
      assertThat(WhatHappened.isClean(drill, 2, List.of())).isFalse();
      for (Sign sign : Sign.values()) {
        if (!sign.hasPlace()) {
          boolean isAgainst =
              sign.isAlarm()
                  || (sign == Sign.CONTACTS_HEAVY && drill.contacts() > 0)
                  || (sign == Sign.WOBBLY
                      && drill.serves().containsKey(new Need.Rehearsal(Skill.BALANCE)));
          assertThat(WhatHappened.isClean(drill, 5, List.of(Mark.of(sign))))
              .as("%s, %s", drill.id(), sign)
              .isEqualTo(!isAgainst);
        }
      }
      for (BodyRegion region : BodyRegion.values()) {
        Mark pain = Mark.pain(region, Restriction.Side.LEFT, 1, true);
        assertThat(WhatHappened.isClean(drill, 5, List.of(pain))).isEqualTo(!drill.works(region));
      }
    }
  }

  @Test
  void painThatMattersIsGoneAroundForAWeek() {
    List<Hurt> hurts =
        List.of(
            new Hurt(MONDAY.minusDays(30), BodyRegion.KNEES, 6),
            new Hurt(MONDAY, BodyRegion.CALVES, 2),
            new Hurt(MONDAY, BodyRegion.HAMSTRINGS, 4));
    WhatHappened happened = new WhatHappened(List.of(), List.of(), hurts);
    assertThat(happened.interruptions(List.of(), MONDAY.plusDays(1)))
        .containsExactly(
            new Interruption(
                Kind.PAIN, MONDAY, MONDAY.plusDays(6), Optional.of(BodyRegion.HAMSTRINGS)));
  }

  @Test
  void whatWasTakenOverIsNotSaidAgain() {
    Random random = new Random(3);
    for (int round = 0; round < 300; round++) {
      List<Clean> clean = new ArrayList<>();
      List<Day> days = new ArrayList<>();
      List<Hurt> hurts = new ArrayList<>();
      List<BodyRegion> regions = List.of(BodyRegion.values());
      for (int d = 0; d < 40; d += 1 + random.nextInt(3)) {
        LocalDate day = MONDAY.plusDays(d);
        days.add(new Day(day, random.nextInt(3) > 0));
        clean.add(new Clean(day, "l" + random.nextInt(3), 1 + random.nextInt(3)));
        if (random.nextInt(6) == 0) {
          hurts.add(new Hurt(day, regions.get(random.nextInt(8)), 1 + random.nextInt(9)));
        }
      }
      WhatHappened happened = new WhatHappened(clean, days, hurts);
      LocalDate today = MONDAY.plusDays(40);
      List<Interruption> found = happened.interruptions(List.of(), today);
      assertThat(happened.interruptions(found, today)).isEmpty();
      List<MasteryRecord> reports = happened.reports(List.of());
      assertThat(happened.reports(reports).stream().filter(reports::contains)).isEmpty();
    }
  }
}
