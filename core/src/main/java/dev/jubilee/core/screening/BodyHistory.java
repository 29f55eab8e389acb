package dev.jubilee.core.screening;

import dev.jubilee.core.athlete.Athlete;
import dev.jubilee.core.athlete.Restriction;
import dev.jubilee.core.athlete.Restriction.Severity;
import dev.jubilee.core.athlete.Restriction.Side;
import dev.jubilee.core.screening.Seen.How;
import dev.jubilee.core.screening.Seen.PlaceSeen;
import dev.jubilee.core.sport.BodyRegion;
import io.soabase.recordbuilder.core.RecordBuilder;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;

/**
 * A body over weeks: what keeps coming back is seen before it is an injury. It proposes; it never
 * changes anything, and is never a diagnosis.
 *
 * @param sessions of which anything is known
 * @param places that were seen at all, the most often seen first
 * @param unsteady sessions with a wobbly balance
 * @param heavy sessions with heavy contacts
 * @param proposals for the athlete's stiff, sore and painful regions
 */
public record BodyHistory(
    int sessions, List<Place> places, int unsteady, int heavy, List<Proposal> proposals) {

  /** Looked back on, sessions; common practice: about two weeks. */
  private static final int RECENT = 8;

  /** Seen so often of the recent ones it is no accident; common practice. */
  private static final int OFTEN = 3;

  /** Pain comes back when it was there twice; common practice. */
  private static final int TWICE = 2;

  /** Above this it is not trained on (the idea: Thomeé 1997; the line: common practice). */
  private static final int TOLERABLE = 2;

  public BodyHistory {
    places = List.copyOf(places);
    proposals = List.copyOf(proposals);
  }

  /**
   * How often a place was seen.
   *
   * @param recent of the last {@link BodyHistory#recentSessions()} sessions
   * @param worst pain, of 10; 0 where there was none
   * @param last when it was seen last
   */
  @RecordBuilder
  public record Place(
      BodyRegion region,
      Side side,
      int stiff,
      int sore,
      int painful,
      int recent,
      int worst,
      LocalDate last) {
    /** In how many sessions it was seen in one way or another. */
    public int times() {
      return stiff + sore + painful;
    }
  }

  /**
   * What could be entered for an athlete.
   *
   * @param words such as "left ankle stiff, 5 sessions of 8"
   * @param needsClinician whether it should be seen by one
   */
  public record Proposal(Restriction restriction, String words, boolean needsClinician) {}

  /** How many sessions count as recent, of those that are known. */
  public int recentSessions() {
    return Math.min(RECENT, sessions);
  }

  /**
   * The history of what was seen.
   *
   * @param seen a session each, in any order; those of which nothing was told or marked left out
   * @param athlete whose known regions are not proposed again
   */
  public static BodyHistory of(List<Seen> seen, Athlete athlete) {
    List<Seen> latestFirst =
        seen.stream().sorted(Comparator.comparing(Seen::date).reversed()).toList();
    List<Place> places = new ArrayList<>();
    List<Proposal> proposals = new ArrayList<>();
    for (BodyRegion region : BodyRegion.values()) {
      for (Side side : new Side[] {Side.LEFT, Side.RIGHT}) {
        place(latestFirst, region, side)
            .ifPresent(
                place -> {
                  places.add(place);
                  proposal(place, latestFirst, athlete).ifPresent(proposals::add);
                });
      }
    }
    places.sort(Comparator.comparingInt(Place::recent).thenComparing(Place::times).reversed());
    return new BodyHistory(
        seen.size(),
        places,
        (int) seen.stream().filter(Seen::isUnsteady).count(),
        (int) seen.stream().filter(Seen::isHeavy).count(),
        proposals);
  }

  private static Optional<Place> place(List<Seen> latestFirst, BodyRegion region, Side side) {
    int[] times = new int[How.values().length];
    int recent = 0;
    int worst = 0;
    LocalDate last = null;
    for (int i = 0; i < latestFirst.size(); i++) {
      Optional<PlaceSeen> here = worst(latestFirst.get(i), region, side);
      if (here.isEmpty()) {
        continue;
      }
      switch (here.get().how()) {
        case STIFF -> times[0]++;
        case SORE -> times[1]++;
        case PAINFUL -> times[2]++;
      }
      recent += i < RECENT ? 1 : 0;
      worst = Math.max(worst, here.get().pain());
      last = last == null ? latestFirst.get(i).date() : last;
    }
    return last == null
        ? Optional.empty()
        : Optional.of(
            BodyHistoryPlaceBuilder.builder()
                .region(region)
                .side(side)
                .stiff(times[0])
                .sore(times[1])
                .painful(times[2])
                .recent(recent)
                .worst(worst)
                .last(last)
                .build());
  }

  /** A place counts once in a session, as the worst that was seen of it. */
  private static Optional<PlaceSeen> worst(Seen seen, BodyRegion region, Side side) {
    return seen.places().stream()
        .filter(p -> p.isOn(region, side))
        .max(Comparator.comparing(PlaceSeen::how).thenComparing(PlaceSeen::pain));
  }

  private static Optional<Proposal> proposal(Place place, List<Seen> latestFirst, Athlete athlete) {
    List<PlaceSeen> recent =
        latestFirst.stream()
            .limit(RECENT)
            .flatMap(s -> worst(s, place.region(), place.side()).stream())
            .toList();
    int of = Math.min(RECENT, latestFirst.size());
    long painful =
        recent.stream().filter(p -> p.how() == How.PAINFUL && p.pain() > TOLERABLE).count();
    long sore = recent.stream().filter(p -> p.how() != How.STIFF).count();
    Optional<Severity> severity =
        painful >= TWICE
            ? Optional.of(Severity.HURT)
            : sore >= OFTEN
                ? Optional.of(Severity.SORE)
                : recent.size() >= OFTEN ? Optional.of(Severity.STIFF) : Optional.empty();
    return severity
        .map(s -> new Restriction(place.region(), s, place.side()))
        .filter(r -> !isKnown(r, athlete))
        .map(
            r ->
                new Proposal(
                    r,
                    r.words()
                        + " "
                        + how(r.severity())
                        + ", "
                        + (r.severity() == Severity.HURT
                            ? painful
                            : r.severity() == Severity.SORE ? sore : recent.size())
                        + (of == 1 ? " session of " : " sessions of ")
                        + of,
                    r.severity() == Severity.HURT));
  }

  private static String how(Severity severity) {
    return switch (severity) {
      case STIFF -> "stiff";
      case SORE -> "sore";
      case HURT -> "painful";
    };
  }

  private static boolean isKnown(Restriction proposed, Athlete athlete) {
    return athlete.restrictions().stream()
        .anyMatch(
            r ->
                r.region() == proposed.region()
                    && (r.side() == proposed.side() || r.side() == Side.BOTH)
                    && r.severity().compareTo(proposed.severity()) >= 0);
  }
}
