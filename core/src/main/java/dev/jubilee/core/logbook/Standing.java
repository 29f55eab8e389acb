package dev.jubilee.core.logbook;

import dev.jubilee.core.decision.Decision;
import io.soabase.recordbuilder.core.RecordBuilder;
import java.time.Instant;
import java.util.Optional;

/**
 * The current state of a warm-up in progress, from the events of all its devices in any order.
 *
 * @param onWay when the athlete last said they were on the way
 * @param begun when the first device began
 * @param item the item started last
 * @param ended when the last device was done
 * @param started when the session's first effort began
 * @param decided the latest decision
 */
@RecordBuilder
public record Standing(
    Optional<Instant> onWay,
    Optional<Instant> begun,
    Optional<Since<String>> item,
    Optional<Instant> ended,
    Optional<Instant> started,
    Optional<Since<Decision.Kind>> decided)
    implements StandingBuilder.With {
  /** The state before the first event. */
  public static final Standing NOTHING_TOLD =
      StandingBuilder.builder()
          .onWay(Optional.empty())
          .begun(Optional.empty())
          .item(Optional.empty())
          .ended(Optional.empty())
          .started(Optional.empty())
          .decided(Optional.empty())
          .build();

  /** A value and the time it was set. */
  public record Since<T>(T what, Instant at) {}

  /** The state after one more event; events that do not affect it leave it unchanged. */
  public Standing after(Happening happening, Instant at) {
    return switch (happening.kind()) {
      case ON_THE_WAY -> withOnWay(later(onWay, at));
      case BEGUN -> withBegun(earlier(begun, at));
      case ENDED -> withEnded(later(ended, at));
      case START_GIVEN -> withStarted(earlier(started, at));
      case ITEM_STARTED ->
          happening instanceof Happening.OfItem of
              ? withItem(newer(item, new Since<>(of.item(), at)))
              : this;
      case LOOKED ->
          happening instanceof Happening.Looked looked
              ? withDecided(newer(decided, new Since<>(looked.look().decided(), at)))
              : this;
      default -> this;
    };
  }

  private static Optional<Instant> earlier(Optional<Instant> before, Instant at) {
    return before.filter(at::isAfter).or(() -> Optional.of(at));
  }

  private static Optional<Instant> later(Optional<Instant> before, Instant at) {
    return before.filter(at::isBefore).or(() -> Optional.of(at));
  }

  private static <T> Optional<Since<T>> newer(Optional<Since<T>> before, Since<T> told) {
    return before.filter(b -> told.at().isBefore(b.at())).or(() -> Optional.of(told));
  }
}
