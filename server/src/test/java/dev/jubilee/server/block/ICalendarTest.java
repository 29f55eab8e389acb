package dev.jubilee.server.block;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import dev.jubilee.core.quantity.OutOfRangeException;
import dev.jubilee.core.session.Arrival;
import dev.jubilee.core.session.Place;
import dev.jubilee.core.session.SessionKind;
import dev.jubilee.core.sport.Sport;
import dev.jubilee.server.session.SessionDetails;
import java.io.StringReader;
import java.time.Instant;
import java.time.LocalDate;
import java.time.LocalDateTime;
import java.time.ZoneId;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import net.fortuna.ical4j.data.CalendarBuilder;
import net.fortuna.ical4j.model.Calendar;
import net.fortuna.ical4j.model.Component;
import net.fortuna.ical4j.model.component.VEvent;
import org.junit.jupiter.api.Test;

/**
 * Calendars out and in (RFC 5545). What is written is read by ical4j, which Jubilee does not use
 * otherwise; in both directions across the change of clocks of 25 October 2026 (from memory: the
 * last Sunday of October, in the European Union and the United Kingdom).
 */
class ICalendarTest {
  private static final ZoneId LONDON = ZoneId.of("Europe/London");
  private static final LocalDate FROM = LocalDate.of(2026, 10, 1);
  private static final LocalDate UNTIL = LocalDate.of(2026, 11, 30);

  private static SessionDetails session(LocalDateTime at, String title) {
    return new SessionDetails(
        at,
        Sport.RUN,
        SessionKind.INTERVALS,
        title,
        null,
        null,
        null,
        Place.TRACK,
        30,
        8,
        Arrival.DESK,
        null,
        List.of());
  }

  @Test
  void whatIsWrittenAnotherLibraryReadsAtTheSameInstant() throws Exception {
    Map<String, SessionDetails> sessions = new LinkedHashMap<>();
    LocalDateTime summer = LocalDateTime.of(2026, 10, 24, 17, 30);
    LocalDateTime winter = LocalDateTime.of(2026, 10, 26, 17, 30);
    sessions.put("a@jubilee", session(summer, "6 x 1000 @ 5k, 90 s jog"));
    sessions.put("b@jubilee", session(winter, "3 x 10 min threshold; \"steady\"\nthen home"));
    String text =
        ICalendar.write(sessions, Map.of("a@jubilee", "Runners", "b@jubilee", "Runners"), LONDON);

    Calendar calendar = new CalendarBuilder().build(new StringReader(text));
    List<VEvent> events = calendar.getComponents(Component.VEVENT);
    assertThat(events).hasSize(2);
    VEvent first = events.get(0);
    assertThat(first.getSummary().getValue()).isEqualTo("6 x 1000 @ 5k, 90 s jog");
    assertThat(Instant.from(first.getDateTimeStart().getDate()))
        .isEqualTo(summer.atZone(LONDON).toInstant());
    assertThat(events.get(1).getSummary().getValue())
        .isEqualTo("3 x 10 min threshold; \"steady\"\nthen home");
    // An hour later by the world's clock, the same by the club's.
    assertThat(Instant.from(events.get(1).getDateTimeStart().getDate()))
        .isEqualTo(Instant.parse("2026-10-26T17:30:00Z"));

    List<CalendarEntry> again = ICalendar.read(text, LONDON, FROM, UNTIL);
    assertThat(again).extracting(CalendarEntry::startsAt).containsExactly(summer, winter);
    assertThat(again).extracting(CalendarEntry::group).containsOnly("Runners");
    assertThat(again).extracting(CalendarEntry::id).containsExactly("a@jubilee", "b@jubilee");
  }

  @Test
  void aSessionThatRepeatsStaysAtItsHourWhenTheClocksChange() {
    List<CalendarEntry> entries =
        read(
            "UID:weekly",
            "SUMMARY:easy 40 min",
            "DTSTART;TZID=Europe/London:20261013T180000",
            "RRULE:FREQ=WEEKLY;COUNT=4",
            "EXDATE;TZID=Europe/London:20261020T180000");
    assertThat(entries)
        .extracting(CalendarEntry::startsAt)
        .containsExactly(
            LocalDateTime.of(2026, 10, 13, 18, 0),
            LocalDateTime.of(2026, 10, 27, 18, 0),
            LocalDateTime.of(2026, 11, 3, 18, 0));
    assertThat(entries).extracting(CalendarEntry::id).doesNotHaveDuplicates();
  }

  @Test
  void oneTimeThatWasMovedIsReadWhereItWasMovedTo() {
    String text =
        calendar(
            event(
                "UID:w",
                "SUMMARY:easy 40 min",
                "DTSTART;TZID=Europe/London:20261013T180000",
                "RRULE:FREQ=WEEKLY;COUNT=2"),
            event(
                "UID:w",
                "RECURRENCE-ID;TZID=Europe/London:20261020T180000",
                "SUMMARY:8 x 400 m / 1 min",
                "DTSTART;TZID=Europe/London:20261021T070000"));
    List<CalendarEntry> entries = ICalendar.read(text, LONDON, FROM, UNTIL);
    assertThat(entries).hasSize(2);
    assertThat(entries.get(1).startsAt()).isEqualTo(LocalDateTime.of(2026, 10, 21, 7, 0));
    assertThat(entries.get(1).title()).isEqualTo("8 x 400 m / 1 min");
  }

  @Test
  void timesOfOtherZonesAndOfNoneAreTheClubs() {
    assertThat(read("UID:u", "SUMMARY:x", "DTSTART:20261026T173000Z").get(0).startsAt())
        .isEqualTo(LocalDateTime.of(2026, 10, 26, 17, 30));
    assertThat(
            read("UID:p", "SUMMARY:x", "DTSTART;TZID=Europe/Paris:20261024T183000")
                .get(0)
                .startsAt())
        .isEqualTo(LocalDateTime.of(2026, 10, 24, 17, 30));
    assertThat(read("UID:f", "SUMMARY:x", "DTSTART:20261024T173000").get(0).startsAt())
        .isEqualTo(LocalDateTime.of(2026, 10, 24, 17, 30));
  }

  @Test
  void whatIsNoSessionIsSaid() {
    CalendarEntry allDay = read("UID:d", "SUMMARY:camp", "DTSTART;VALUE=DATE:20261024").get(0);
    assertThat(allDay.fault()).contains("no time of day");
    assertThatThrownBy(() -> ICalendar.read("hello", LONDON, FROM, UNTIL))
        .isInstanceOf(OutOfRangeException.class)
        .hasMessageContaining("BEGIN:VCALENDAR");
    String endless = event("UID:e", "SUMMARY:x", "DTSTART:20261001T080000Z", "RRULE:FREQ=MINUTELY");
    assertThatThrownBy(() -> ICalendar.read(calendar(endless), LONDON, FROM, UNTIL))
        .hasMessageContaining("at most 1000 sessions");
  }

  private static List<CalendarEntry> read(String... lines) {
    return ICalendar.read(calendar(event(lines)), LONDON, FROM, UNTIL);
  }

  private static String event(String... lines) {
    return "BEGIN:VEVENT\r\n" + String.join("\r\n", lines) + "\r\nEND:VEVENT\r\n";
  }

  private static String calendar(String... events) {
    return "BEGIN:VCALENDAR\r\nVERSION:2.0\r\nPRODID:-//test//EN\r\n"
        + String.join("", events)
        + "END:VCALENDAR\r\n";
  }
}
