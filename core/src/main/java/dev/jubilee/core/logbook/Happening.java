package dev.jubilee.core.logbook;

import dev.jubilee.core.quantity.Bounds;
import dev.jubilee.core.quantity.OutOfRangeException;
import io.soabase.recordbuilder.core.RecordBuilder;
import java.util.List;
import java.util.Locale;
import java.util.Optional;

/** An event of a warm-up in progress, one type for each set of fields. */
public sealed interface Happening {
  /** Seconds of signals that are told at once. */
  int MOST_SIGNALS = 60;

  /** Characters of an id. */
  int LONGEST_ID = 200;

  /** All kinds. */
  enum Kind {
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
    /** How ready it felt, asked afterwards, 1 to 5. */
    FELT,
    /** On which effort of the session they were at their best, 1 to 100. */
    BEST_EFFORT,
    /** What sensors said. */
    SIGNALS,
    /** A checkpoint: what was seen, and the decision. */
    LOOKED,
    /** The athlete is on the way to it. */
    ON_THE_WAY;

    boolean isOfItem() {
      return switch (this) {
        case ITEM_STARTED, CHANGED_OVER, ITEM_DONE, SKIPPED, RUNG_CHANGED, TIME_ADDED, REPEATED ->
            true;
        default -> false;
      };
    }
  }

  /** Why something was left out. */
  enum SkipReason {
    NO_ROOM,
    NO_KIT,
    SORE,
    SHORT_OF_TIME,
    UNSAID
  }

  Kind kind();

  void accept(Visitor visitor);

  /** The same with all that may be told side by side. */
  Told told();

  /** What differs by the shape. */
  interface Visitor {
    void moment(Moment m);

    void ofItem(OfItem i);

    void answer(Answer a);

    void sensed(Sensed s);

    void looked(Looked l);
  }

  /** An event of the whole warm-up that has a time and nothing else. */
  record Moment(Kind kind) implements Happening {
    @Override
    public void accept(Visitor visitor) {
      visitor.moment(this);
    }

    @Override
    public Told told() {
      return Told.of(kind, 0, List.of(), Optional.empty());
    }
  }

  /**
   * An event of one item of the plan.
   *
   * @param drill what is done for it, where that is told
   * @param reason of what was skipped
   * @param seconds of it that were done, that were added, or that getting to it took, 0 to 6 h
   */
  record OfItem(
      Kind kind, String item, Optional<String> drill, Optional<SkipReason> reason, int seconds)
      implements Happening {
    private static final int LONGEST = 6 * 3600;

    public OfItem {
      Bounds.within("item", item.length(), 1, LONGEST_ID, "characters");
      drill.ifPresent(d -> Bounds.within("drill", d.length(), 1, LONGEST_ID, "characters"));
      Bounds.within("seconds", seconds, 0, LONGEST, "s");
    }

    @Override
    public void accept(Visitor visitor) {
      visitor.ofItem(this);
    }

    @Override
    public Told told() {
      return HappeningToldBuilder.builder()
          .kind(kind)
          .item(Optional.of(item))
          .drill(drill)
          .reason(reason)
          .seconds(seconds)
          .value(0)
          .signals(List.of())
          .look(Optional.empty())
          .build();
    }
  }

  /** The athlete's answer to a question after the warm-up. */
  record Answer(Kind kind, int value) implements Happening {
    public Answer {
      Bounds.within("value", value, 1, kind == Kind.FELT ? 5 : 100, "");
    }

    @Override
    public void accept(Visitor visitor) {
      visitor.answer(this);
    }

    @Override
    public Told told() {
      return Told.of(kind, value, List.of(), Optional.empty());
    }
  }

  /** What sensors said in up to {@value #MOST_SIGNALS} seconds. */
  record Sensed(List<Signal> signals) implements Happening {
    public Sensed {
      Bounds.within("signals", signals.size(), 1, MOST_SIGNALS, "seconds");
      signals = List.copyOf(signals);
    }

    @Override
    public Kind kind() {
      return Kind.SIGNALS;
    }

    @Override
    public void accept(Visitor visitor) {
      visitor.sensed(this);
    }

    @Override
    public Told told() {
      return Told.of(kind(), 0, signals, Optional.empty());
    }
  }

  /** What was seen and decided. */
  record Looked(Look look) implements Happening {
    @Override
    public Kind kind() {
      return Kind.LOOKED;
    }

    @Override
    public void accept(Visitor visitor) {
      visitor.looked(this);
    }

    @Override
    public Told told() {
      return Told.of(kind(), 0, List.of(), Optional.of(look));
    }
  }

  /**
   * All that may be told of any kind, side by side, as devices send it and as it lies stored.
   *
   * @param seconds 0 where none are told
   * @param value 0 where none is told
   */
  @RecordBuilder
  record Told(
      Kind kind,
      Optional<String> item,
      Optional<String> drill,
      Optional<SkipReason> reason,
      int seconds,
      int value,
      List<Signal> signals,
      Optional<Look> look) {

    private static Told of(Kind kind, int value, List<Signal> signals, Optional<Look> look) {
      return HappeningToldBuilder.builder()
          .kind(kind)
          .item(Optional.empty())
          .drill(Optional.empty())
          .reason(Optional.empty())
          .seconds(0)
          .value(value)
          .signals(signals)
          .look(look)
          .build();
    }

    /**
     * What was told.
     *
     * @throws OutOfRangeException naming the field and what its kind accepts
     */
    public Happening toHappening() {
      refuseOther("item", item.isPresent(), kind.isOfItem());
      refuseOther("signals", !signals.isEmpty(), kind == Kind.SIGNALS);
      refuseOther("look", look.isPresent(), kind == Kind.LOOKED);
      return switch (kind) {
        case FELT, BEST_EFFORT -> new Answer(kind, value);
        case SIGNALS -> new Sensed(signals);
        case LOOKED -> new Looked(look.orElseThrow());
        default ->
            kind.isOfItem()
                ? new OfItem(kind, item.orElseThrow(), drill, reason, seconds)
                : new Moment(kind);
      };
    }

    private void refuseOther(String field, boolean isThere, boolean isWanted) {
      if (isThere != isWanted) {
        String accepted = (isWanted ? "something" : "nothing") + " for ";
        throw new OutOfRangeException(
            field,
            isThere ? "something" : "nothing",
            accepted + kind.name().toLowerCase(Locale.ROOT));
      }
    }
  }
}
