package dev.jubilee.core.logbook;

import dev.jubilee.core.quantity.Bounds;
import dev.jubilee.core.quantity.OutOfRangeException;
import java.util.List;
import java.util.Locale;
import java.util.Optional;

/**
 * Something that happened while a warm-up was followed, as the device in hand tells it.
 *
 * @param sequence counts the events of one device at one warm-up, 1 to {@value #MOST}
 * @param run which time the page was opened on the device, from 1; its clock may differ in each
 * @param at ms since the epoch by the device's clock
 * @param item of the plan, where it is about one
 * @param drill what was done in its place, for another rung
 * @param reason for a skip
 * @param seconds of the item that were done, that were added, or that getting to it took, 0 to 6 h
 * @param value 1 to 5 for how ready it felt, 1 to 100 for the number of the best effort
 * @param signals what sensors said, of up to {@value #MOST_SIGNALS} seconds
 * @param look what was seen and decided
 */
public record FollowEvent(
    int sequence,
    int run,
    long at,
    Kind kind,
    Optional<String> item,
    Optional<String> drill,
    Optional<SkipReason> reason,
    int seconds,
    int value,
    List<Signal> signals,
    Optional<Look> look) {

  /** Events of one device at one warm-up. */
  public static final int MOST = 20_000;

  private static final int LONGEST = 6 * 3600;

  /** Seconds of signals in one event. */
  public static final int MOST_SIGNALS = 60;

  /** Characters of an id. */
  public static final int LONGEST_ID = 200;

  /** What can happen. */
  public enum Kind {
    /** The clock was started. */
    BEGUN,
    ITEM_STARTED,
    /** One is in place for the item: so many seconds of it were getting there. */
    CHANGED_OVER,
    ITEM_DONE,
    SKIPPED,
    /** An easier or harder rung was taken. */
    RUNG_CHANGED,
    TIME_ADDED,
    REPEATED,
    PAUSED,
    RESUMED,
    /** The athlete has a light sweat. */
    JACKET_OFF,
    /** The last item is over. */
    ENDED,
    /** The session's first effort began. */
    START_GIVEN,
    /** How ready it felt, asked afterwards. */
    FELT,
    /** On which effort of the session they were at their best. */
    BEST_EFFORT,
    /** What sensors said. */
    SIGNALS,
    /** Somebody looked, and decided. */
    LOOKED,
    /** The athlete is on the way to it. */
    ON_THE_WAY;

    boolean isOfItem() {
      return this == ITEM_STARTED
          || this == CHANGED_OVER
          || this == ITEM_DONE
          || this == SKIPPED
          || this == RUNG_CHANGED
          || this == TIME_ADDED
          || this == REPEATED;
    }
  }

  /** Why something was left out. */
  public enum SkipReason {
    NO_ROOM,
    NO_KIT,
    SORE,
    SHORT_OF_TIME,
    UNSAID
  }

  /**
   * @throws OutOfRangeException naming the field and what would be accepted
   */
  public FollowEvent {
    Bounds.within("sequence", sequence, 1, MOST, "");
    Bounds.within("run", run, 1, 10_000, "");
    DeviceTime.require(at);
    Bounds.within("seconds", seconds, 0, LONGEST, "s");
    if (kind.isOfItem() != item.isPresent()) {
      throw new OutOfRangeException(
          "item",
          item.orElse("nothing"),
          (kind.isOfItem() ? "an item of the plan for " : "nothing for ")
              + kind.name().toLowerCase(Locale.ROOT));
    }
    refuseLong("item", item);
    refuseLong("drill", drill);
    if (kind == Kind.FELT) {
      Bounds.within("value", value, 1, 5, "");
    }
    if (kind == Kind.BEST_EFFORT) {
      Bounds.within("value", value, 1, 100, "");
    }
    int least = kind == Kind.SIGNALS ? 1 : 0;
    int most = kind == Kind.SIGNALS ? MOST_SIGNALS : 0;
    Bounds.within("signals", signals.size(), least, most, "seconds");
    signals = List.copyOf(signals);
    if (look.isPresent() != (kind == Kind.LOOKED)) {
      throw new OutOfRangeException(
          "look",
          look.isPresent() ? "a look" : "nothing",
          kind == Kind.LOOKED ? "what was seen" : "nothing for " + kind.name());
    }
  }

  /** Of which nothing was looked at. */
  public FollowEvent(
      int sequence,
      int run,
      long at,
      Kind kind,
      Optional<String> item,
      Optional<String> drill,
      Optional<SkipReason> reason,
      int seconds,
      int value,
      List<Signal> signals) {
    this(sequence, run, at, kind, item, drill, reason, seconds, value, signals, Optional.empty());
  }

  /**
   * The same at another time.
   *
   * @throws OutOfRangeException naming {@code at} or {@code run}
   */
  public FollowEvent at(long otherAt, int otherRun) {
    return new FollowEvent(
        sequence, otherRun, otherAt, kind, item, drill, reason, seconds, value, signals, look);
  }

  private static void refuseLong(String field, Optional<String> text) {
    text.ifPresent(t -> Bounds.within(field, t.length(), 1, LONGEST_ID, "characters"));
  }
}
