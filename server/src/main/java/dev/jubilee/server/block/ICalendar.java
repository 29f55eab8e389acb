package dev.jubilee.server.block;

import dev.jubilee.core.quantity.Bounds;
import dev.jubilee.core.quantity.OutOfRangeException;
import dev.jubilee.server.prescription.WarmUpLists.Line;
import dev.jubilee.server.prescription.WarmUpLists.Listed;
import dev.jubilee.server.session.SessionDetails;
import java.io.IOException;
import java.io.StringReader;
import java.time.DateTimeException;
import java.time.Duration;
import java.time.LocalDate;
import java.time.LocalDateTime;
import java.time.ZoneId;
import java.time.ZonedDateTime;
import java.time.temporal.ChronoUnit;
import java.time.temporal.Temporal;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.stream.Collectors;
import net.fortuna.ical4j.data.CalendarBuilder;
import net.fortuna.ical4j.data.ParserException;
import net.fortuna.ical4j.model.Calendar;
import net.fortuna.ical4j.model.Component;
import net.fortuna.ical4j.model.Property;
import net.fortuna.ical4j.model.component.VEvent;
import net.fortuna.ical4j.model.property.Categories;
import net.fortuna.ical4j.model.property.DateProperty;
import net.fortuna.ical4j.model.property.Description;
import net.fortuna.ical4j.model.property.Location;
import net.fortuna.ical4j.model.property.ProdId;
import net.fortuna.ical4j.model.property.Uid;
import net.fortuna.ical4j.model.property.immutable.ImmutableVersion;
import net.fortuna.ical4j.util.CompatibilityHints;

/**
 * Sessions as a calendar (RFC 5545): the summary is the shorthand, the category the group. Each
 * warm-up is an entry of its own before its session, which is not read again.
 */
final class ICalendar {
  /** How long an event is drawn; the shorthand says what is really done. */
  private static final Duration DRAWN = Duration.ofHours(1);

  static {
    // Calendars come from many programs; what can be understood is not refused for its form.
    CompatibilityHints.setHintEnabled(CompatibilityHints.KEY_RELAXED_PARSING, true);
    CompatibilityHints.setHintEnabled(CompatibilityHints.KEY_RELAXED_UNFOLDING, true);
    // Time zones are those of the file and of this machine; nothing is fetched.
    System.setProperty("net.fortuna.ical4j.timezone.update.enabled", "false");
  }

  /** Begins the id of an entry that is a warm-up. */
  private static final String WARM_UP = "warm-up-";

  private ICalendar() {}

  /**
   * Reads every event from one day to another, those that repeat once for each time. Takes time by
   * what lies between the two days alone, whatever the file says.
   *
   * @param zone of the club, for times without one
   * @throws OutOfRangeException if the text is no calendar or has too many events
   */
  static List<CalendarEntry> read(String text, ZoneId zone, LocalDate from, LocalDate until) {
    List<VEvent> events = parse(text).getComponents(Component.VEVENT);
    WrittenTimes written = new WrittenTimes(text);
    Set<String> moved = new HashSet<>();
    for (int i = 0; i < events.size(); i++) {
      VEvent event = events.get(i);
      time(event, i + 1, Property.RECURRENCE_ID, zone, written)
          .ifPresent(at -> moved.add(key(event, at)));
    }
    List<CalendarEntry> entries = new ArrayList<>();
    Set<String> seen = new HashSet<>();
    int number = 0;
    for (VEvent event : events) {
      number++;
      if (text(event, Property.UID).startsWith(WARM_UP)) {
        continue;
      }
      for (CalendarEntry entry : entries(event, number, zone, from, until, moved, written)) {
        if (entry.id().isEmpty() || seen.add(entry.id())) {
          entries.add(entry);
        }
      }
      if (entries.size() > CalendarEntry.MOST) {
        throw new OutOfRangeException(
            "text", "longer", "at most " + CalendarEntry.MOST + " sessions at once");
      }
    }
    return entries;
  }

  private static Calendar parse(String text) {
    try {
      return new CalendarBuilder().build(new StringReader(text));
    } catch (ParserException e) {
      throw new OutOfRangeException(
          "text",
          e.getLineNo() > 0 ? "faulty in line " + e.getLineNo() : "no calendar",
          "BEGIN:VCALENDAR … END:VCALENDAR");
    } catch (IOException | RuntimeException e) {
      // The library's own limits show as whatever they happen to be.
      throw new OutOfRangeException("text", "no calendar", "BEGIN:VCALENDAR … END:VCALENDAR");
    }
  }

  private static List<CalendarEntry> entries(
      VEvent event,
      int number,
      ZoneId zone,
      LocalDate from,
      LocalDate until,
      Set<String> moved,
      WrittenTimes written) {
    String title = text(event, Property.SUMMARY);
    Optional<ZonedDateTime> start = time(event, number, Property.DTSTART, zone, written);
    if (start.isEmpty()) {
      return List.of(
          CalendarEntry.faulty(
              number, title, "has no date with a time of day that exists; a session needs one"));
    }
    Optional<ZonedDateTime> instead = time(event, number, Property.RECURRENCE_ID, zone, written);
    if (instead.isPresent()) {
      CalendarEntry entry = entry(event, number, key(event, instead.get()), start.get(), zone);
      return isWithin(entry, from, until) ? List.of(entry) : List.of();
    }
    if (!Recurrence.repeats(event)) {
      return List.of(entry(event, number, text(event, Property.UID), start.get(), zone));
    }
    List<CalendarEntry> entries = new ArrayList<>();
    try {
      List<ZonedDateTime> times =
          Recurrence.of(event, number, written)
              .from(
                  start.get(),
                  from.minusDays(1).atStartOfDay(zone),
                  until.plusDays(2).atStartOfDay(zone));
      for (ZonedDateTime time : times) {
        String id = key(event, time);
        CalendarEntry entry = entry(event, number, id, time, zone);
        if (!moved.contains(id) && isWithin(entry, from, until)) {
          entries.add(entry);
        }
      }
    } catch (OutOfRangeException e) {
      return List.of(CalendarEntry.faulty(number, title, e.getMessage()));
    }
    return entries;
  }

  private static CalendarEntry entry(
      VEvent event, int number, String id, ZonedDateTime at, ZoneId zone) {
    Optional<Categories> categories = event.getProperty(Property.CATEGORIES);
    String group =
        categories.flatMap(c -> c.getCategories().getTexts().stream().findFirst()).orElse("");
    return new CalendarEntry(
        number,
        text(event, Property.UID).isEmpty() ? "" : id,
        at.withZoneSameInstant(zone).toLocalDateTime(),
        group,
        text(event, Property.SUMMARY),
        text(event, Property.LOCATION),
        "",
        "");
  }

  private static boolean isWithin(CalendarEntry entry, LocalDate from, LocalDate until) {
    LocalDate day = entry.startsAt().toLocalDate();
    return !day.isBefore(from) && !day.isAfter(until);
  }

  /** A moment of an event; empty when it has none, or a day alone, or in a zone nobody knows. */
  private static Optional<ZonedDateTime> time(
      VEvent event, int number, String name, ZoneId club, WrittenTimes written) {
    Optional<DateProperty<Temporal>> property = event.getProperty(name);
    try {
      return property
          .map(DateProperty::getDate)
          .flatMap(at -> Recurrence.zoned(at, club))
          .filter(at -> written.say(number, name, at));
    } catch (DateTimeException e) {
      return Optional.empty();
    }
  }

  private static String key(VEvent event, ZonedDateTime at) {
    return text(event, Property.UID) + " " + at.toInstant();
  }

  private static String text(VEvent event, String name) {
    Optional<Property> property = event.getProperty(name);
    return property.map(Property::getValue).map(String::strip).orElse("");
  }

  /** Writes sessions and warm-ups, in universal time, so that no reader needs to know a zone. */
  static String write(BlockContents contents, ZoneId zone) {
    Calendar calendar = new Calendar();
    calendar.add(new ProdId("-//Jubilee//Sessions//EN"));
    calendar.add(ImmutableVersion.VERSION_2_0);
    for (Map.Entry<String, SessionDetails> entry : contents.sessions().entrySet()) {
      SessionDetails s = entry.getValue();
      String group = contents.groups().get(entry.getKey());
      VEvent event = new VEvent(s.startsAt().atZone(zone).toInstant(), DRAWN, s.title());
      event.add(new Uid(entry.getKey()));
      event.add(new Location(s.place().inWords()));
      event.add(new Categories(group));
      List<Listed> warmUps = contents.warmUps().get(entry.getKey());
      if (!warmUps.isEmpty()) {
        calendar.add(warmUp(entry.getKey(), s, group, warmUps, zone));
      }
      calendar.add(event);
    }
    return calendar.toString();
  }

  /** From when the first athlete begins to when the last one starts, with each one's list. */
  private static VEvent warmUp(
      String id, SessionDetails session, String group, List<Listed> warmUps, ZoneId zone) {
    LocalDateTime begins =
        warmUps.stream().map(Listed::beginsAt).min(Comparator.naturalOrder()).orElseThrow();
    LocalDateTime ends =
        warmUps.stream().map(Listed::startsAt).max(Comparator.naturalOrder()).orElseThrow();
    VEvent event =
        new VEvent(
            begins.atZone(zone).toInstant(),
            Duration.between(begins.atZone(zone), ends.atZone(zone)),
            "Warm-up: " + session.title());
    event.add(new Uid(WARM_UP + id));
    event.add(new Location(session.place().inWords()));
    event.add(new Categories(group));
    event.add(
        new Description(warmUps.stream().map(ICalendar::list).collect(Collectors.joining("\n\n"))));
    return event;
  }

  private static String list(Listed one) {
    StringBuilder list = new StringBuilder();
    list.append(one.athlete())
        .append(": ")
        .append(one.beginsAt().toLocalTime().truncatedTo(ChronoUnit.MINUTES))
        .append(", ")
        .append(Bounds.clock(one.seconds()))
        .append(" min");
    for (Line item : one.lines()) {
      list.append("\nT−")
          .append(Bounds.clock(item.startsBefore()))
          .append(' ')
          .append(item.item().name())
          .append(", ")
          .append(item.item().dose().words().metric());
    }
    return list.toString();
  }
}
