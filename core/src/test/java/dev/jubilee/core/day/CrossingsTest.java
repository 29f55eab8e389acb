package dev.jubilee.core.day;

import static org.assertj.core.api.Assertions.assertThat;

import dev.jubilee.core.circumstances.Place;
import dev.jubilee.core.day.Crossings.Held;
import dev.jubilee.core.drill.Kit;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Random;
import org.junit.jupiter.api.Test;

/** A day's warm-ups against a count by the second, and the shift against trying them all. */
class CrossingsTest {
  private static final int HOUR = 3600;
  private static final Held ROWERS = new Held(Place.BOATHOUSE, Kit.ROWER);

  @Test
  void aCoachIsWantedInTwoPlacesAtOnce() {
    List<Group> groups = List.of(at("a", Place.TRACK, 0), at("b", Place.BOATHOUSE, 300));
    List<Crossing> found = Crossings.of(groups, Map.of(), 1, -HOUR, HOUR);
    assertThat(found).hasSize(1);
    Crossing crossing = found.get(0);
    assertThat(crossing.groups()).containsExactly("a", "b");
    assertThat(crossing.from()).isEqualTo(300 - 600);
    assertThat(crossing.until()).isEqualTo(0);
    // Ten minutes are watched: five more between the starts, and nothing overlaps.
    assertThat(crossing.shift()).contains(new Crossing.Shift("b", 5));
    assertThat(Crossings.of(groups, Map.of(), 2, -HOUR, HOUR)).as("two coaches").isEmpty();
  }

  @Test
  void onePlaceIsSeenByOneCoach() {
    List<Group> groups = List.of(at("a", Place.TRACK, 0), at("b", Place.TRACK, 60));
    assertThat(Crossings.of(groups, Map.of(), 1, -HOUR, HOUR)).isEmpty();
  }

  @Test
  void whatHasBegunIsNotMovedAndTheDayIsKept() {
    List<Group> fixed =
        List.of(
            GroupBuilder.builder()
                .id("a")
                .place(Place.TRACK)
                .start(0)
                .length(900)
                .watchedFrom(600)
                .uses(List.of())
                .isFixed(true)
                .build(),
            GroupBuilder.builder()
                .id("b")
                .place(Place.ROAD)
                .start(0)
                .length(900)
                .watchedFrom(600)
                .uses(List.of())
                .isFixed(true)
                .build());
    assertThat(Crossings.of(fixed, Map.of(), 1, -HOUR, HOUR).get(0).shift()).isEmpty();
    List<Group> late = List.of(at("a", Place.TRACK, 0), at("b", Place.ROAD, 0));
    assertThat(Crossings.of(late, Map.of(), 1, 0, 60).get(0).shift()).as("midnight").isEmpty();
  }

  @Test
  void nobodyIsToldToHaveBegunAlready() {
    List<Group> groups = List.of(at("a", Place.TRACK, 0), at("b", Place.ROAD, 300));
    Crossing soon = Crossings.of(groups, Map.of(), 1, -15 * 60, 300).get(0);
    assertThat(soon.shift()).as("earlier is too late, later is after the day").isEmpty();
    Crossing before = Crossings.of(groups, Map.of(), 1, -20 * 60, 300).get(0);
    assertThat(before.shift()).contains(new Crossing.Shift("a", -5));
  }

  @Test
  void whatIsTakenByOneGroupAloneNeedsTurnsAndNoShift() {
    List<Group.Use> three = new ArrayList<>();
    for (int i = 0; i < 3; i++) {
      three.add(new Group.Use(Place.BOATHOUSE, Kit.ROWER, 900, 300));
    }
    Group group =
        GroupBuilder.builder()
            .id("a")
            .place(Place.BOATHOUSE)
            .start(0)
            .length(900)
            .watchedFrom(0)
            .uses(three)
            .isFixed(false)
            .build();
    Crossing crossing = Crossings.of(List.of(group), Map.of(ROWERS, 2), 1, -HOUR, HOUR).get(0);
    assertThat(crossing.wanted()).isEqualTo(3);
    assertThat(crossing.there()).isEqualTo(2);
    assertThat(crossing.shift()).isEmpty();
  }

  @Test
  void whateverTheDayCrossingsAreWhatACountBySecondsFinds() {
    Random random = new Random(1660);
    int crossed = 0;
    for (int day = 0; day < 400; day++) {
      List<Group> groups = new ArrayList<>();
      for (int i = 0; i < 2 + random.nextInt(5); i++) {
        groups.add(any(random, "g" + i));
      }
      int rowers = 1 + random.nextInt(4);
      Map<Held, Integer> stock = Map.of(ROWERS, rowers);
      List<Crossing> found = Crossings.of(groups, stock, 1, -2 * HOUR, 2 * HOUR);
      for (long second = -HOUR; second < HOUR; second += 7) {
        long at = second;
        boolean isShort = rowersAt(groups, at) > rowers;
        boolean isTold =
            found.stream().anyMatch(c -> c.kit().isPresent() && c.from() <= at && at < c.until());
        if (isTold) {
          assertThat(isShort).as("day %d, second %d", day, at).isTrue();
        } else if (isShort) {
          assertThat(shortAround(groups, at, rowers))
              .as("day %d, second %d", day, at)
              .isLessThan(20);
        }
      }
      for (Crossing crossing : found) {
        crossed++;
        Optional<Crossing.Shift> shift = crossing.shift();
        shift.ifPresent(
            s -> {
              Group asked = groups.stream().filter(g -> g.id().equals(s.group())).findFirst().get();
              if (s.minutes() < 0) {
                assertThat(asked.start() + 60L * s.minutes() - asked.length())
                    .as("nobody is to have begun already")
                    .isGreaterThanOrEqualTo(-2 * HOUR);
              }
              List<Group> moved =
                  groups.stream()
                      .map(g -> g.id().equals(s.group()) ? g.later(60L * s.minutes()) : g)
                      .toList();
              assertThat(Crossings.of(moved, stock, 1, -2 * HOUR, 2 * HOUR))
                  .as("fewer after it")
                  .hasSizeLessThan(found.size());
            });
      }
    }
    assertThat(crossed).isGreaterThan(100);
  }

  /** For how many seconds on end there are too few. */
  private static long shortAround(List<Group> groups, long at, int rowers) {
    long from = at;
    long until = at;
    while (rowersAt(groups, from - 1) > rowers) {
      from--;
    }
    while (rowersAt(groups, until) > rowers) {
      until++;
    }
    return until - from;
  }

  private static long rowersAt(List<Group> groups, long second) {
    return groups.stream()
        .flatMap(
            g ->
                g.uses().stream()
                    .filter(u -> g.start() - u.from() <= second && second < g.start() - u.until()))
        .count();
  }

  private static Group at(String id, Place place, long start) {
    return GroupBuilder.builder()
        .id(id)
        .place(place)
        .start(start)
        .length(900)
        .watchedFrom(600)
        .uses(List.of())
        .isFixed(false)
        .build();
  }

  private static Group any(Random random, String id) {
    List<Group.Use> uses = new ArrayList<>();
    for (int i = 0; i < random.nextInt(3); i++) {
      int until = 60 * random.nextInt(10);
      uses.add(new Group.Use(Place.BOATHOUSE, Kit.ROWER, until + 30 + random.nextInt(600), until));
    }
    Place place = random.nextBoolean() ? Place.BOATHOUSE : Place.TRACK;
    return GroupBuilder.builder()
        .id(id)
        .place(place)
        .start(60L * (random.nextInt(60) - 30))
        .length(1_230)
        .watchedFrom(60 * random.nextInt(8))
        .uses(uses)
        .isFixed(false)
        .build();
  }
}
