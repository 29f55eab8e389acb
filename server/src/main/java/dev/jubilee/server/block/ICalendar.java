package dev.jubilee.server.block;

import biweekly.Biweekly;
import biweekly.ICalVersion;
import biweekly.component.VEvent;
import biweekly.io.TimezoneInfo;
import biweekly.property.DateStart;
import biweekly.util.Duration;
import biweekly.util.com.google.ical.compat.javautil.DateIterator;
import dev.jubilee.core.quantity.OutOfRangeException;
import dev.jubilee.server.session.SessionDetails;
import java.time.Instant;
import java.time.LocalDate;
import java.time.LocalDateTime;
import java.time.ZoneId;
import java.util.ArrayList;
import java.util.Date;
import java.util.HashMap;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.TimeZone;

/** Sessions as a calendar (RFC 5545): the summary is the shorthand, the category the group. */
final class ICalendar {
  /** How long an event is drawn; the shorthand says what is really done. */
  private static final int HOUR = 1;

  private ICalendar() {}

  /**
   * Reads every event from one day to another, those that repeat once for each time.
   *
   * @param zone of the club, for times without one
   * @throws OutOfRangeException if the text is no calendar or has too many events
   */
  static List<CalendarEntry> read(String text, ZoneId zone, LocalDate from, LocalDate until) {
    biweekly.ICalendar calendar = Biweekly.parse(text).first();
    if (calendar == null) {
      throw new OutOfRangeException("text", "no calendar", "BEGIN:VCALENDAR … END:VCALENDAR");
    }
    TimezoneInfo zones = calendar.getTimezoneInfo();
    Map<String, VEvent> moved = new HashMap<>();
    for (VEvent event : calendar.getEvents()) {
      if (event.getRecurrenceId() != null) {
        moved.put(uid(event) + " " + event.getRecurrenceId().getValue().toInstant(), event);
      }
    }
    List<CalendarEntry> entries = new ArrayList<>();
    Set<String> seen = new HashSet<>();
    int number = 0;
    for (VEvent event : calendar.getEvents()) {
      number++;
      if (event.getRecurrenceId() == null) {
        times(event, number, zones, zone, from, until, moved, seen, entries);
      }
      if (entries.size() > CalendarEntry.MOST) {
        throw new OutOfRangeException(
            "text", "longer", "at most " + CalendarEntry.MOST + " sessions at once");
      }
    }
    return entries;
  }

  private static void times(
      VEvent event,
      int number,
      TimezoneInfo zones,
      ZoneId zone,
      LocalDate from,
      LocalDate until,
      Map<String, VEvent> moved,
      Set<String> seen,
      List<CalendarEntry> entries) {
    DateStart start = event.getDateStart();
    String title = title(event);
    if (start == null || !start.getValue().hasTime()) {
      entries.add(
          CalendarEntry.faulty(number, title, "has no time of day; a session needs a start"));
      return;
    }
    boolean repeats = event.getRecurrenceRule() != null;
    boolean floats = zones.isFloating(start);
    TimeZone own = floats ? TimeZone.getDefault() : zone(zones, start, zone);
    DateIterator times = event.getDateIterator(own);
    while (times.hasNext() && entries.size() <= CalendarEntry.MOST) {
      Instant instant = times.next().toInstant();
      VEvent other = moved.get(uid(event) + " " + instant);
      Instant at = other == null ? instant : other.getDateStart().getValue().toInstant();
      // A time without a zone is the club's own, whatever the machine's is.
      LocalDateTime local = LocalDateTime.ofInstant(at, floats ? ZoneId.systemDefault() : zone);
      if (LocalDateTime.ofInstant(instant, zone).toLocalDate().isAfter(until.plusDays(1))) {
        return;
      }
      boolean isWithin = !local.toLocalDate().isBefore(from) && !local.toLocalDate().isAfter(until);
      String id = repeats ? uid(event) + " " + instant : uid(event);
      if ((repeats && !isWithin) || !seen.add(id)) {
        continue;
      }
      VEvent told = other == null ? event : other;
      entries.add(
          new CalendarEntry(number, id, local, group(told), title(told), location(told), "", ""));
    }
  }

  private static TimeZone zone(TimezoneInfo zones, DateStart start, ZoneId club) {
    return zones.getTimezone(start) == null
        ? TimeZone.getTimeZone(club)
        : zones.getTimezone(start).getTimeZone();
  }

  private static String uid(VEvent event) {
    return event.getUid() == null ? "" : event.getUid().getValue();
  }

  private static String title(VEvent event) {
    return event.getSummary() == null ? "" : event.getSummary().getValue().strip();
  }

  private static String location(VEvent event) {
    return event.getLocation() == null ? "" : event.getLocation().getValue().strip();
  }

  private static String group(VEvent event) {
    return event.getCategories().stream()
        .flatMap(c -> c.getValues().stream())
        .findFirst()
        .orElse("");
  }

  /** Writes sessions, in universal time, so that no reader needs to know a time zone. */
  static String write(
      Map<String, SessionDetails> sessions, Map<String, String> groups, ZoneId zone) {
    biweekly.ICalendar calendar = new biweekly.ICalendar();
    calendar.setProductId("-//Jubilee//Sessions//EN");
    for (Map.Entry<String, SessionDetails> entry : sessions.entrySet()) {
      SessionDetails s = entry.getValue();
      VEvent event = new VEvent();
      event.setUid(entry.getKey());
      event.setSummary(s.title());
      event.setDateStart(Date.from(s.startsAt().atZone(zone).toInstant()), true);
      event.setDuration(Duration.builder().hours(HOUR).build());
      event.setLocation(s.place().name());
      event.addCategories(groups.get(entry.getKey()));
      calendar.addEvent(event);
    }
    return Biweekly.write(calendar).version(ICalVersion.V2_0).go();
  }
}
