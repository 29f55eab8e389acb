package dev.jubilee.core.logbook;

import dev.jubilee.core.logbook.FollowEvent.SkipReason;
import java.time.Duration;
import java.time.Instant;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.HashMap;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.SortedMap;
import java.util.TreeMap;

/**
 * What one device tells of a warm-up, its clock set right.
 *
 * @param begun when the clock was first started
 * @param ended when the last item was over
 * @param started when the session's first effort began
 * @param paused how long it stood still in all
 * @param jacketOff how long after the beginning there was a light sweat, pauses left out
 * @param felt how ready, 1 to 5
 * @param bestEffort number of the session's best effort
 * @param items by their id, in the order in which they were begun
 * @param changeovers seconds of getting to an item, by its id
 * @param signals what sensors said, in order, each second once
 * @param looks what was seen and decided, in order
 */
public record DeviceRecord(
    Optional<Instant> begun,
    Optional<Instant> ended,
    Optional<Instant> started,
    Duration paused,
    Optional<Duration> jacketOff,
    Optional<Integer> felt,
    Optional<Integer> bestEffort,
    Map<String, Done> items,
    Map<String, Integer> changeovers,
    List<Signal> signals,
    List<Looked> looks) {

  /** A look and when it was. */
  public record Looked(Instant at, Look look) {}

  /** Less than this is no more than a look at it, s. */
  private static final int A_LOOK = 5;

  /** How far an item was done. */
  public enum State {
    NOT_REACHED,
    SKIPPED,
    PARTLY,
    DONE
  }

  /**
   * One item.
   *
   * @param seconds of it that were done, with what was added
   * @param drill what was done in its place, if anything
   * @param reason why it was skipped
   */
  public record Done(
      State state, int seconds, Optional<String> drill, Optional<SkipReason> reason) {
    static final Done NOT_REACHED = new Done(State.NOT_REACHED, 0);

    /** With the drill of the plan, and no reason. */
    public Done(State state, int seconds) {
      this(state, seconds, Optional.empty(), Optional.empty());
    }

    /** Whichever of the two tells of more. */
    Done or(Done other) {
      return Comparator.comparing(Done::state).thenComparingInt(Done::seconds).compare(this, other)
              >= 0
          ? this
          : other;
    }
  }

  /**
   * The record that events add up to, in whatever order they came.
   *
   * @param offsets for each run of the device what its clock lacks, ms; a run without one has that
   *     of the run next after it, or else before it
   */
  public static DeviceRecord of(List<FollowEvent> events, Map<Integer, Long> offsets) {
    Fold fold = new Fold(offsets);
    events.stream().sorted(Comparator.comparingInt(FollowEvent::sequence)).forEach(fold::take);
    return fold.record();
  }

  /** Adds events up, one after another. */
  private static final class Fold {
    private final Map<Integer, Long> offsets;
    private final Map<String, Done> items = new LinkedHashMap<>();
    private final Map<String, Integer> changeovers = new HashMap<>();
    private Optional<Instant> begun = Optional.empty();
    private Optional<Instant> ended = Optional.empty();
    private Optional<Instant> started = Optional.empty();
    private Optional<Instant> jacketOff = Optional.empty();
    private Duration pausedBeforeJacket = Duration.ZERO;
    private Optional<Instant> pausedSince = Optional.empty();
    private Duration paused = Duration.ZERO;
    private Optional<Integer> felt = Optional.empty();
    private Optional<Integer> best = Optional.empty();
    private final SortedMap<Long, Signal> signals = new TreeMap<>();
    private final List<Looked> looks = new ArrayList<>();

    Fold(Map<Integer, Long> offsets) {
      this.offsets = offsets;
    }

    void take(FollowEvent event) {
      Instant at = Instant.ofEpochMilli(event.at() + offset(event.run()));
      switch (event.kind()) {
        case BEGUN -> {
          begun = begun.or(() -> Optional.of(at));
          resume(at);
        }
        case PAUSED -> pausedSince = pausedSince.or(() -> Optional.of(at));
        case RESUMED -> resume(at);
        case JACKET_OFF -> {
          if (jacketOff.isEmpty()) {
            jacketOff = Optional.of(pausedSince.orElse(at));
            pausedBeforeJacket = paused;
          }
        }
        case ENDED -> {
          resume(at);
          ended = Optional.of(at);
        }
        case START_GIVEN -> started = Optional.of(at);
        case FELT -> felt = Optional.of(event.value());
        case BEST_EFFORT -> best = Optional.of(event.value());
        case ITEM_STARTED -> item(event, Done.NOT_REACHED);
        case CHANGED_OVER -> changeovers.put(event.item().orElseThrow(), event.seconds());
        case ITEM_DONE -> item(event, done(event, State.DONE));
        case SKIPPED ->
            item(event, done(event, event.seconds() > A_LOOK ? State.PARTLY : State.SKIPPED));
        case RUNG_CHANGED -> drill(event);
        case SIGNALS -> {
          long lacks = offset(event.run());
          event.signals().forEach(s -> signals.putIfAbsent(s.at() / 1000, s.later(lacks)));
        }
        case LOOKED -> event.look().ifPresent(look -> looks.add(new Looked(at, look)));
        case ON_THE_WAY -> {
          // Of the day, not of the warm-up.
        }
        case TIME_ADDED, REPEATED -> item(event, Done.NOT_REACHED);
      }
    }

    private Done done(FollowEvent event, State state) {
      Optional<String> drill = event.drill().or(() -> before(event).drill());
      return new Done(state, event.seconds(), drill, event.reason());
    }

    private Done before(FollowEvent event) {
      return items.getOrDefault(event.item().orElseThrow(), Done.NOT_REACHED);
    }

    private void item(FollowEvent event, Done done) {
      items.merge(event.item().orElseThrow(), done, (was, is) -> is.or(was));
    }

    private void drill(FollowEvent event) {
      Done was = before(event);
      items.put(
          event.item().orElseThrow(),
          new Done(was.state(), was.seconds(), event.drill(), was.reason()));
    }

    private void resume(Instant at) {
      pausedSince.ifPresent(since -> paused = paused.plus(atLeastNothing(since, at)));
      pausedSince = Optional.empty();
    }

    /** A clock that was set back makes nothing last less than nothing. */
    private static Duration atLeastNothing(Instant from, Instant to) {
      Duration between = Duration.between(from, to);
      return between.isNegative() ? Duration.ZERO : between;
    }

    private long offset(int run) {
      if (offsets.containsKey(run)) {
        return offsets.get(run);
      }
      return offsets.keySet().stream()
          .filter(r -> r > run)
          .min(Integer::compare)
          .or(() -> offsets.keySet().stream().max(Integer::compare))
          .map(offsets::get)
          .orElse(0L);
    }

    DeviceRecord record() {
      Optional<Duration> warm =
          begun.flatMap(b -> jacketOff.map(j -> atLeastNothing(b, j.minus(pausedBeforeJacket))));
      return new DeviceRecord(
          begun,
          ended,
          started,
          paused,
          warm,
          felt,
          best,
          new LinkedHashMap<>(items),
          Map.copyOf(changeovers),
          List.copyOf(signals.values()),
          List.copyOf(looks));
    }
  }

  /** Whether anything at all was followed. */
  public boolean isBegun() {
    return begun.isPresent();
  }
}
