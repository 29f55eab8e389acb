package dev.jubilee.core.checkin;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import dev.jubilee.core.Scenarios;
import dev.jubilee.core.athlete.Restriction;
import dev.jubilee.core.athlete.Restriction.Severity;
import dev.jubilee.core.athlete.Restriction.Side;
import dev.jubilee.core.checkin.CheckIn.Pain;
import dev.jubilee.core.checkin.CheckIn.Since;
import dev.jubilee.core.checkin.CheckInProposal.Proposed;
import dev.jubilee.core.circumstances.ComingFrom;
import dev.jubilee.core.circumstances.Freshness;
import dev.jubilee.core.drill.WarmUpPart;
import dev.jubilee.core.drill.Way;
import dev.jubilee.core.plan.Plan;
import dev.jubilee.core.plan.PrescriptionRequest;
import dev.jubilee.core.quantity.OutOfRangeException;
import dev.jubilee.core.session.SessionKind;
import dev.jubilee.core.sport.BodyRegion;
import dev.jubilee.core.sport.Level;
import dev.jubilee.core.sport.Sport;
import java.util.ArrayList;
import java.util.EnumSet;
import java.util.List;
import java.util.Optional;
import java.util.Random;
import java.util.Set;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.EnumSource;

/** Common practice: what is told changes the plan the careful way, and never silently. */
class CheckInProposalTest {
  private static final CheckIn NOTHING = checkIn(List.of(), Set.of(), Optional.empty());

  @Test
  void whoeverTellsNothingKeepsThePlan() {
    CheckInProposal proposal = CheckInProposal.of(NOTHING, request(Sport.RUN));
    assertThat(proposal).isEqualTo(new CheckInProposal(false, List.of(), List.of()));
  }

  @ParameterizedTest
  @EnumSource(Alarm.class)
  void aYesGoesToTheCoachAndIsNeverAnsweredWithAPlan(Alarm alarm) {
    CheckIn told = checkIn(List.of(pain(BodyRegion.CALVES, 2)), Set.of(alarm), Optional.of(10));
    CheckInProposal proposal = CheckInProposal.of(told, request(Sport.ROW));
    assertThat(proposal.coachFirst()).isTrue();
    assertThat(proposal.changes()).isEmpty();
    assertThat(proposal.notes()).anyMatch(note -> note.contains(alarm.words()));
  }

  @ParameterizedTest
  @CsvSource({"1, SORE", "2, SORE", "3, HURT", "5, HURT"})
  void painIsTreatedByItsDegree(int of10, Severity severity) {
    CheckIn told = checkIn(List.of(pain(BodyRegion.KNEES, of10)), Set.of(), Optional.empty());
    assertThat(CheckInProposal.of(told, request(Sport.RUN)).changes())
        .extracting(Proposed::change)
        .containsExactly(
            new TodaysChange.Limit(new Restriction(BodyRegion.KNEES, severity, Side.LEFT)));
  }

  @Test
  void moreThanFiveOfTenIsForTheCoach() {
    for (int of10 = 6; of10 <= 10; of10++) {
      CheckIn told = checkIn(List.of(pain(BodyRegion.KNEES, of10)), Set.of(), Optional.empty());
      assertThat(CheckInProposal.of(told, request(Sport.RUN)).coachFirst()).isTrue();
    }
  }

  @ParameterizedTest
  @CsvSource({
    "5, 5, 5, FRESH",
    "1, 5, 5, FRESH",
    "3, 3, 3, FRESH",
    "2, 2, 4, FLAT",
    "1, 4, 2, FLAT",
    "2, 2, 2, TIRED",
    "1, 1, 5, TIRED"
  })
  void lowAnswersTogetherTell(int sleep, int mood, int fresh, Freshness freshness) {
    CheckIn told =
        CheckInBuilder.builder()
            .sleep(Optional.of(sleep))
            .mood(Optional.of(mood))
            .freshness(Optional.of(fresh))
            .aches(List.of())
            .hurts(false)
            .pains(List.of())
            .alarms(Set.of())
            .minutes(Optional.empty())
            .comingFrom(Optional.empty())
            .word("")
            .build();
    PrescriptionRequest request = request(Sport.RUN);
    PrescriptionRequest changed = changed(told, request);
    assertThat(changed.circumstances().freshness()).isEqualTo(freshness);
    Plan plan = Scenarios.plan(changed);
    Plan usual = Scenarios.plan(request);
    if (freshness != Freshness.FRESH) {
      assertThat(raise(plan)).isGreaterThan(raise(usual));
    }
    if (freshness == Freshness.TIRED) {
      assertThat(plan.contacts()).isLessThanOrEqualTo(usual.demand().contacts() / 2);
      assertThat(plan.topPercent()).isLessThanOrEqualTo(usual.topPercent());
    }
  }

  @Test
  void answersThatContradictEachOtherAreRefusedByTheirField() {
    assertThatThrownBy(() -> pain(BodyRegion.KNEES, 0))
        .isInstanceOf(OutOfRangeException.class)
        .hasMessageContaining("intensity");
    assertThatThrownBy(() -> told(false, List.of(pain(BodyRegion.KNEES, 7))))
        .isInstanceOf(OutOfRangeException.class)
        .hasMessageContaining("pains");
    assertThatThrownBy(() -> told(true, List.of()))
        .isInstanceOf(OutOfRangeException.class)
        .hasMessageContaining("pains");
    assertThatThrownBy(
            () -> told(true, List.of(pain(BodyRegion.KNEES, 2), pain(BodyRegion.KNEES, 3))))
        .isInstanceOf(OutOfRangeException.class)
        .hasMessageContaining("knees twice");
  }

  /** Whatever is told, before whatever session: within the time, and off what hurts. */
  @ParameterizedTest
  @EnumSource(Sport.class)
  void whateverIsToldThePlanKeepsToIt(Sport sport) {
    Random random = new Random(60 + sport.name().length());
    for (int i = 0; i < 150; i++) {
      CheckIn told = anything(random);
      SessionKind kind = any(random, SessionKind.values());
      if (!kind.isFor(sport)) {
        continue;
      }
      PrescriptionRequest request = Scenarios.request(sport, kind, any(random, Level.values()), 45);
      CheckInProposal proposal = CheckInProposal.of(told, request);
      if (proposal.coachFirst()) {
        assertThat(proposal.changes()).isEmpty();
        continue;
      }
      Plan plan = Scenarios.plan(changed(told, request));
      int there = Math.min(45, Math.max(3, told.minutes().orElse(45)));
      assertThat(plan.seconds()).as("%s", told).isLessThanOrEqualTo(60 * there);
      for (Pain pain : told.pains()) {
        boolean isHurt = pain.intensity() > 2;
        assertThat(plan.items())
            .as("%s before %s", told, kind)
            .noneMatch(
                item ->
                    plan.drill(item)
                        .filter(
                            d ->
                                isHurt
                                    ? d.works(pain.region())
                                    : d.works(pain.region(), Way.LANDING)
                                        || d.works(pain.region(), Way.BALLISTIC))
                        .isPresent());
      }
    }
  }

  private static int raise(Plan plan) {
    return plan.in(WarmUpPart.RAISE).stream().mapToInt(i -> i.seconds()).sum();
  }

  private static PrescriptionRequest changed(CheckIn told, PrescriptionRequest request) {
    return TodaysChange.all(
        CheckInProposal.of(told, request).changes().stream().map(Proposed::change).toList(),
        request);
  }

  private static PrescriptionRequest request(Sport sport) {
    return Scenarios.request(sport, SessionKind.SPRINT, Level.ADVANCED, 45);
  }

  private static Pain pain(BodyRegion region, int of10) {
    return new Pain(region, Side.LEFT, of10, Since.TODAY);
  }

  private static CheckIn told(boolean hurts, List<Pain> pains) {
    return CheckInBuilder.builder()
        .sleep(Optional.empty())
        .mood(Optional.empty())
        .freshness(Optional.empty())
        .aches(List.of())
        .hurts(hurts)
        .pains(pains)
        .alarms(Set.of())
        .minutes(Optional.empty())
        .comingFrom(Optional.empty())
        .word("")
        .build();
  }

  private static CheckIn checkIn(List<Pain> pains, Set<Alarm> alarms, Optional<Integer> minutes) {
    return CheckInBuilder.builder()
        .sleep(Optional.empty())
        .mood(Optional.empty())
        .freshness(Optional.empty())
        .aches(List.of())
        .hurts(!pains.isEmpty())
        .pains(pains)
        .alarms(alarms)
        .minutes(minutes)
        .comingFrom(Optional.empty())
        .word("")
        .build();
  }

  private static CheckIn anything(Random random) {
    List<BodyRegion> regions = new ArrayList<>(List.of(BodyRegion.values()));
    List<CheckIn.Ache> aches = new ArrayList<>();
    List<Pain> pains = new ArrayList<>();
    for (int i = random.nextInt(4); i > 0; i--) {
      BodyRegion region = regions.remove(random.nextInt(regions.size()));
      if (random.nextBoolean()) {
        aches.add(new CheckIn.Ache(region, any(random, Side.values()), random.nextBoolean()));
      } else {
        pains.add(new Pain(region, any(random, Side.values()), 1 + random.nextInt(6), Since.DAYS));
      }
    }
    Set<Alarm> alarms = EnumSet.noneOf(Alarm.class);
    if (random.nextInt(10) == 0) {
      alarms.add(any(random, Alarm.values()));
    }
    return CheckInBuilder.builder()
        .sleep(rating(random))
        .mood(rating(random))
        .freshness(rating(random))
        .aches(aches)
        .hurts(!pains.isEmpty())
        .pains(pains)
        .alarms(alarms)
        .minutes(random.nextBoolean() ? Optional.of(random.nextInt(60)) : Optional.empty())
        .comingFrom(
            random.nextBoolean() ? Optional.of(any(random, ComingFrom.values())) : Optional.empty())
        .word("")
        .build();
  }

  private static Optional<Integer> rating(Random random) {
    return random.nextBoolean() ? Optional.of(1 + random.nextInt(5)) : Optional.empty();
  }

  private static <T> T any(Random random, T[] of) {
    return of[random.nextInt(of.length)];
  }
}
