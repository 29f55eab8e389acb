package dev.jubilee.server.block;

import dev.jubilee.core.quantity.OutOfRangeException;
import java.time.DateTimeException;
import java.time.Instant;
import java.time.LocalDate;
import java.time.LocalDateTime;
import java.time.LocalTime;
import java.time.OffsetDateTime;
import java.time.ZoneId;
import java.time.ZoneOffset;
import java.time.ZonedDateTime;
import java.time.temporal.Temporal;
import java.util.ArrayList;
import java.util.EnumSet;
import java.util.HashSet;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.TreeSet;
import net.fortuna.ical4j.model.Property;
import net.fortuna.ical4j.model.Recur;
import net.fortuna.ical4j.model.component.VEvent;
import net.fortuna.ical4j.model.property.DateListProperty;
import net.fortuna.ical4j.model.property.RRule;
import net.fortuna.ical4j.transform.recurrence.Frequency;

/**
 * When an event that repeats takes place (RFC 5545, RRULE, RDATE and EXDATE). A session repeats by
 * the day or less often; rules that would fill a computer with times are refused before they are
 * followed.
 */
final class Recurrence {
  private static final Set<Frequency> DAYS_OR_MORE =
      EnumSet.of(Frequency.DAILY, Frequency.WEEKLY, Frequency.MONTHLY, Frequency.YEARLY);

  private static final int MOST_TIMES_A_DAY = 24;

  /** More than is accepted, whatever lies on the days about the two. */
  private static final int MOST_TIMES = CalendarEntry.MOST + 4 * MOST_TIMES_A_DAY;

  /** Times are counted from the first on where a rule has a count; 27 years of every day. */
  private static final int MOST_COUNT = 10_000;

  private final VEvent event;
  private final int number;
  private final WrittenTimes written;

  private Recurrence(VEvent event, int number, WrittenTimes written) {
    this.event = event;
    this.number = number;
    this.written = written;
  }

  static boolean repeats(VEvent event) {
    return event.getProperty(Property.RRULE).isPresent()
        || event.getProperty(Property.RDATE).isPresent();
  }

  /**
   * @param number of the event in the text, from 1
   * @param written its times as they stand there
   */
  static Recurrence of(VEvent event, int number, WrittenTimes written) {
    return new Recurrence(event, number, written);
  }

  /**
   * All times between two, in order; where there are too many, more than {@link
   * CalendarEntry#MOST}.
   *
   * @param start of the event itself
   * @throws OutOfRangeException if the rule cannot be followed, naming what is accepted
   */
  List<ZonedDateTime> from(ZonedDateTime start, ZonedDateTime from, ZonedDateTime until) {
    TreeSet<ZonedDateTime> times = new TreeSet<>();
    Optional<RRule<Temporal>> rule = event.getProperty(Property.RRULE);
    if (rule.isPresent()) {
      times.addAll(follow(rule.get().getRecur(), start, from, until));
    } else {
      times.add(start);
    }
    for (Temporal more : dates(Property.RDATE, start.getZone())) {
      times.add(
          more instanceof LocalDate day
              ? day.atTime(start.toLocalTime()).atZone(start.getZone())
              : (ZonedDateTime) more);
    }
    Set<Object> without = new HashSet<>();
    for (Temporal less : dates(Property.EXDATE, start.getZone())) {
      without.add(less instanceof LocalDate day ? day : ((ZonedDateTime) less).toInstant());
    }
    return times.stream()
        .filter(at -> !without.contains(at.toInstant()) && !without.contains(at.toLocalDate()))
        .toList();
  }

  private static List<ZonedDateTime> follow(
      Recur<Temporal> rule, ZonedDateTime start, ZonedDateTime from, ZonedDateTime until) {
    if (!DAYS_OR_MORE.contains(rule.getFrequency())) {
      throw refused("FREQ=" + rule.getFrequency(), "DAILY, WEEKLY, MONTHLY or YEARLY");
    }
    int timesADay =
        Math.max(1, rule.getHourList().size())
            * Math.max(1, rule.getMinuteList().size())
            * Math.max(1, rule.getSecondList().size());
    if (timesADay > MOST_TIMES_A_DAY) {
      throw refused(timesADay + " times a day", "at most " + MOST_TIMES_A_DAY);
    }
    if (rule.getCount() > MOST_COUNT) {
      throw refused("COUNT=" + rule.getCount(), "at most " + MOST_COUNT);
    }
    try {
      Recur.Builder<ZonedDateTime> zoned =
          new Recur.Builder<>(new Recur<ZonedDateTime>(rule.toString()));
      if (rule.getUntil() != null) {
        zoned.until(end(rule.getUntil(), start.getZone()));
      }
      return zoned.build().getDates(start, from, until, MOST_TIMES);
    } catch (RuntimeException e) {
      throw refused(rule.toString(), "a rule that RFC 5545 allows");
    }
  }

  /** A day means until its end. */
  private static ZonedDateTime end(Temporal until, ZoneId zone) {
    return until instanceof LocalDate day
        ? day.atTime(LocalTime.MAX).atZone(zone)
        : zoned(until, zone).orElseThrow();
  }

  /** Moments, and days where no time of day is written: then the event's own is meant. */
  private List<Temporal> dates(String name, ZoneId zone) {
    List<DateListProperty<Temporal>> lists = event.getProperties(name);
    List<Temporal> dates = new ArrayList<>();
    try {
      for (DateListProperty<Temporal> list : lists) {
        for (Temporal at : list.getDates()) {
          if (at instanceof LocalDate) {
            dates.add(at);
          } else {
            zoned(at, zone).ifPresent(dates::add);
          }
        }
      }
    } catch (DateTimeException e) {
      throw refused(name, "days and hours that exist, in zones that are known");
    }
    for (String unread : written.unread(number, name, dates)) {
      throw refused(name + " " + unread, "days and hours that exist");
    }
    return dates;
  }

  private static OutOfRangeException refused(String given, String accepted) {
    return new OutOfRangeException("repetition", given, accepted);
  }

  /** A time without a zone is the club's own, whatever the machine's is. */
  static Optional<ZonedDateTime> zoned(Temporal at, ZoneId club) {
    if (at instanceof ZonedDateTime zoned) {
      return Optional.of(zoned);
    } else if (at instanceof OffsetDateTime offset) {
      return Optional.of(offset.toZonedDateTime());
    } else if (at instanceof Instant instant) {
      return Optional.of(instant.atZone(ZoneOffset.UTC));
    } else if (at instanceof LocalDateTime local) {
      return Optional.of(local.atZone(club));
    }
    return Optional.empty();
  }
}
