package dev.jubilee.core.block;

import dev.jubilee.core.quantity.OutOfRangeException;
import dev.jubilee.core.sport.BodyRegion;
import java.time.LocalDate;
import java.time.temporal.ChronoUnit;
import java.util.Optional;

/**
 * What keeps an athlete from training as planned.
 *
 * @param kind why
 * @param from first day
 * @param until last day, not before the first
 * @param region what hurts, for pain
 */
public record Interruption(
    Kind kind, LocalDate from, LocalDate until, Optional<BodyRegion> region) {

  /** Why. */
  public enum Kind {
    AWAY("away"),
    ILL("ill"),
    /** Training goes on, around what hurts. */
    PAIN("pain");

    private final String words;

    Kind(String words) {
      this.words = words;
    }

    public String words() {
      return words;
    }
  }

  public Interruption {
    if (until.isBefore(from)) {
      throw new OutOfRangeException("until", until, "not before the first day, " + from);
    }
    if (kind == Kind.PAIN && region.isEmpty()) {
      throw new OutOfRangeException("region", "nothing", "what hurts");
    }
  }

  /** Whether no training is done on a day. */
  public boolean stops(LocalDate date) {
    return kind != Kind.PAIN && holds(date);
  }

  public boolean holds(LocalDate date) {
    return !date.isBefore(from) && !date.isAfter(until);
  }

  public int days() {
    return (int) ChronoUnit.DAYS.between(from, until) + 1;
  }
}
