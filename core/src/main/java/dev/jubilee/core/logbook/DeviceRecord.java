package dev.jubilee.core.logbook;

import dev.jubilee.core.logbook.Happening.Kind;
import dev.jubilee.core.logbook.Happening.SkipReason;
import io.soabase.recordbuilder.core.RecordBuilder;
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
@RecordBuilder
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
    static final Done NOT_REACHED = Done.of(State.NOT_REACHED, 0);

    /** With the drill of the plan, and no reason. */
    public static Done of(State state, int seconds) {
      return new Done(state, seconds, Optional.empty(), Optional.empty());
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
      long lacks = offset(event.run());
      Instant at = Instant.ofEpochMilli(event.at() + lacks);
      event
          .happening()
          .accept(
              new Happening.Visitor() {
                @Override
                public void moment(Happening.Moment m) {
                  happened(m.kind(), at);
                }

                @Override
                public void ofItem(Happening.OfItem i) {
                  item(i);
                }

                @Override
                public void answer(Happening.Answer a) {
                  felt = a.kind() == Kind.FELT ? Optional.of(a.value()) : felt;
                  best = a.kind() == Kind.BEST_EFFORT ? Optional.of(a.value()) : best;
                }

                @Override
                public void sensed(Happening.Sensed s) {
                  s.signals().forEach(x -> signals.putIfAbsent(x.at() / 1000, x.later(lacks)));
                }

                @Override
                public void looked(Happening.Looked l) {
                  looks.add(new Looked(at, l.look()));
                }
              });
    }

    /** Being on the way is part of the day, not of the warm-up, and changes nothing here. */
    private void happened(Kind kind, Instant at) {
      switch (kind) {
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
        default -> {}
      }
    }

    private void item(Happening.OfItem told) {
      Done was = items.getOrDefault(told.item(), Done.NOT_REACHED);
      Optional<String> drill = told.drill().or(was::drill);
      switch (told.kind()) {
        case CHANGED_OVER -> changeovers.put(told.item(), told.seconds());
        case RUNG_CHANGED ->
            items.put(
                told.item(), new Done(was.state(), was.seconds(), told.drill(), was.reason()));
        case ITEM_DONE -> done(told, drill, State.DONE);
        case SKIPPED -> done(told, drill, told.seconds() > A_LOOK ? State.PARTLY : State.SKIPPED);
        default -> more(told.item(), Done.NOT_REACHED);
      }
    }

    private void done(Happening.OfItem told, Optional<String> drill, State state) {
      more(told.item(), new Done(state, told.seconds(), drill, told.reason()));
    }

    private void more(String item, Done done) {
      items.merge(item, done, (was, is) -> is.or(was));
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
      return DeviceRecordBuilder.builder()
          .begun(begun)
          .ended(ended)
          .started(started)
          .paused(paused)
          .jacketOff(warm)
          .felt(felt)
          .bestEffort(best)
          .items(new LinkedHashMap<>(items))
          .changeovers(Map.copyOf(changeovers))
          .signals(List.copyOf(signals.values()))
          .looks(List.copyOf(looks))
          .build();
    }
  }

  /** Whether anything at all was followed. */
  public boolean isBegun() {
    return begun.isPresent();
  }
}
