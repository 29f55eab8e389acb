package dev.jubilee.core.day;

import dev.jubilee.core.circumstances.Place;
import dev.jubilee.core.drill.Kit;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.HashMap;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.TreeMap;
import java.util.TreeSet;
import java.util.stream.IntStream;

/**
 * Finds where a day's warm-ups are in each other's way, as a timetable shows where two trains want
 * one track.
 *
 * <p>Example: {@code Crossings.of(groups, stock, 1, from, until)}.
 */
public final class Crossings {
  /** Nobody is asked to move by more, min; Jubilee modelling choice. */
  private static final int FURTHEST = 90;

  /** What is shorter is walked through, s; common practice. */
  private static final int A_MOMENT = 20;

  private final List<Group> groups;
  private final Map<Held, Integer> stock;
  private final int coaches;

  private Crossings(List<Group> groups, Map<Held, Integer> stock, int coaches) {
    this.groups = groups;
    this.stock = stock;
    this.coaches = coaches;
  }

  /** Kit of a place. */
  public record Held(Place place, Kit kit) {}

  /**
   * All crossings of a day, in order, each with the smallest shift of one of its groups that takes
   * it away and makes no other.
   *
   * @param stock how many can use what at once, where that was entered; the rest is enough for all
   * @param coaches how many there are, 1 or more
   * @param earliest no warm-up is moved so that it begins before it, s
   * @param latest no start is moved after it, s
   */
  public static List<Crossing> of(
      List<Group> groups, Map<Held, Integer> stock, int coaches, long earliest, long latest) {
    List<Crossing> found = new Crossings(groups, stock, coaches).find();
    List<Crossing> all = new ArrayList<>();
    for (Crossing crossing : found) {
      all.add(
          CrossingBuilder.builder(crossing)
              .shift(shift(crossing, found.size(), groups, stock, coaches, earliest, latest))
              .build());
    }
    return all;
  }

  private static Optional<Crossing.Shift> shift(
      Crossing crossing,
      int before,
      List<Group> groups,
      Map<Held, Integer> stock,
      int coaches,
      long earliest,
      long latest) {
    for (int minutes = 1; minutes <= FURTHEST; minutes++) {
      // Later is easier than earlier: nobody is there yet who is told to come sooner.
      for (int signed : new int[] {minutes, -minutes}) {
        for (Group group : groups) {
          long start = group.start() + 60L * signed;
          if (group.isFixed()
              || !crossing.groups().contains(group.id())
              || (signed < 0 && start - group.length() < earliest)
              || start < earliest
              || start > latest) {
            continue;
          }
          List<Group> moved =
              groups.stream().map(g -> g.equals(group) ? g.later(60L * signed) : g).toList();
          List<Crossing> left = new Crossings(moved, stock, coaches).find();
          if (left.size() < before && left.stream().noneMatch(c -> isStill(c, crossing))) {
            return Optional.of(new Crossing.Shift(group.id(), signed));
          }
        }
      }
    }
    return Optional.empty();
  }

  private static boolean isStill(Crossing one, Crossing other) {
    return one.kit().equals(other.kit())
        && one.place().equals(other.place())
        && one.groups().equals(other.groups());
  }

  private List<Crossing> find() {
    List<Crossing> found = new ArrayList<>(ofCoaches());
    Map<Held, List<Interval>> uses = new HashMap<>();
    for (Group group : groups) {
      for (Group.Use use : group.uses()) {
        Held held = new Held(use.place(), use.kit());
        if (stock.containsKey(held)) {
          uses.computeIfAbsent(held, h -> new ArrayList<>())
              .add(new Interval(group, group.start() - use.from(), group.start() - use.until()));
        }
      }
    }
    uses.forEach(
        (held, intervals) ->
            found.addAll(
                sweep(
                    intervals,
                    stock.get(held),
                    (active) -> active.size(),
                    Optional.of(held.kit()),
                    Optional.of(held.place()))));
    found.sort(
        Comparator.comparingLong(Crossing::from)
            .thenComparing(c -> c.kit().map(Enum::name).orElse(""))
            .thenComparing(c -> c.place().map(Enum::name).orElse("")));
    return found;
  }

  /** A coach sees all who are in one place. */
  private List<Crossing> ofCoaches() {
    List<Interval> wanted =
        groups.stream()
            .filter(g -> g.watchedFrom() > 0)
            .map(g -> new Interval(g, g.start() - g.watchedFrom(), g.start()))
            .toList();
    return sweep(
        wanted,
        coaches,
        active -> (int) active.stream().map(i -> i.group().place()).distinct().count(),
        Optional.empty(),
        Optional.empty());
  }

  private record Interval(Group group, long from, long until) {}

  /** How many are wanted while these intervals run. */
  private interface Demand {
    int of(List<Interval> active);
  }

  /** From one change to the next, what goes beyond what is there; what touches is one crossing. */
  private List<Crossing> sweep(
      List<Interval> intervals,
      int there,
      Demand demand,
      Optional<Kit> kit,
      Optional<Place> place) {
    TreeSet<Long> changes = new TreeSet<>();
    intervals.forEach(
        i -> {
          changes.add(i.from());
          changes.add(i.until());
        });
    List<Long> times = List.copyOf(changes);
    TreeMap<Long, Crossing> found = new TreeMap<>();
    for (int t = 0; t + 1 < times.size(); t++) {
      long from = times.get(t);
      long until = times.get(t + 1);
      List<Interval> active =
          intervals.stream().filter(i -> i.from() <= from && i.until() >= until).toList();
      int wanted = demand.of(active);
      if (wanted <= there) {
        continue;
      }
      Crossing before =
          found.isEmpty() || found.lastEntry().getValue().until() < from
              ? null
              : found.lastEntry().getValue();
      found.put(
          before == null ? from : before.from(),
          CrossingBuilder.builder()
              .kit(kit)
              .place(place)
              .from(before == null ? from : before.from())
              .until(until)
              .groups(idsOf(active, before == null ? List.of() : before.groups()))
              .wanted(Math.max(wanted, before == null ? 0 : before.wanted()))
              .there(there)
              .shift(Optional.empty())
              .build());
    }
    return found.values().stream().filter(c -> c.until() - c.from() >= A_MOMENT).toList();
  }

  /** In the order of their starts. */
  private List<String> idsOf(List<Interval> active, List<String> before) {
    Set<String> ids = new LinkedHashSet<>(before);
    active.forEach(i -> ids.add(i.group().id()));
    return IntStream.range(0, groups.size())
        .boxed()
        .sorted(Comparator.comparingLong(i -> groups.get(i).start()))
        .map(i -> groups.get(i).id())
        .filter(ids::contains)
        .toList();
  }
}
