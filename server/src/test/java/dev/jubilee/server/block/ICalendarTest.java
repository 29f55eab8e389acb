package dev.jubilee.server.block;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.junit.jupiter.api.Assertions.assertTimeoutPreemptively;

import biweekly.Biweekly;
import biweekly.util.com.google.ical.compat.javautil.DateIterator;
import dev.jubilee.core.circumstances.ComingFrom;
import dev.jubilee.core.circumstances.Place;
import dev.jubilee.core.quantity.OutOfRangeException;
import dev.jubilee.core.session.SessionKind;
import dev.jubilee.core.sport.Sport;
import dev.jubilee.server.session.SessionDetails;
import dev.jubilee.server.session.SessionDetailsBuilder;
import java.time.Duration;
import java.time.Instant;
import java.time.LocalDate;
import java.time.LocalDateTime;
import java.time.ZoneId;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.TimeZone;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.ValueSource;

/**
 * Calendars out and in (RFC 5545). What is written is read by biweekly, which Jubilee does not use
 * otherwise; in both directions across the change of clocks of 25 October 2026 (from memory: the
 * last Sunday of October, in the European Union and the United Kingdom).
 */
class ICalendarTest {
  private static final ZoneId LONDON = ZoneId.of("Europe/London");
  private static final LocalDate FROM = LocalDate.of(2026, 10, 1);
  private static final LocalDate UNTIL = LocalDate.of(2026, 11, 30);

  private static SessionDetails session(LocalDateTime at, String title) {
    return SessionDetailsBuilder.builder()
        .startsAt(at)
        .sport(Sport.RUN)
        .kind(SessionKind.INTERVALS)
        .title(title)
        .effortMetres(null)
        .effortSeconds(null)
        .stroke(null)
        .place(Place.TRACK)
        .minutes(30)
        .temperature(8)
        .comingFrom(ComingFrom.DESK)
        .kit(null)
        .athleteIds(List.of())
        .laterStarts(List.of())
        .build();
  }

  @Test
  void whatIsWrittenAnotherLibraryReadsAtTheSameInstant() throws Exception {
    Map<String, SessionDetails> sessions = new LinkedHashMap<>();
    LocalDateTime summer = LocalDateTime.of(2026, 10, 24, 17, 30);
    LocalDateTime winter = LocalDateTime.of(2026, 10, 26, 17, 30);
    sessions.put("a@jubilee", session(summer, "6 x 1000 @ 5k, 90 s jog"));
    sessions.put("b@jubilee", session(winter, "3 x 10 min threshold; \"steady\"\nthen home"));
    String text =
        ICalendar.write(
            new BlockContents(
                sessions,
                Map.of("a@jubilee", "Runners", "b@jubilee", "Runners"),
                Map.of("a@jubilee", List.of(), "b@jubilee", List.of())),
            LONDON);

    List<biweekly.component.VEvent> events = Biweekly.parse(text).first().getEvents();
    assertThat(events).hasSize(2);
    assertThat(events.get(0).getSummary().getValue()).isEqualTo("6 x 1000 @ 5k, 90 s jog");
    assertThat(events.get(0).getDateStart().getValue().toInstant())
        .isEqualTo(summer.atZone(LONDON).toInstant());
    assertThat(events.get(1).getSummary().getValue())
        .isEqualTo("3 x 10 min threshold; \"steady\"\nthen home");
    // An hour later by the world's clock, the same by the club's.
    assertThat(events.get(1).getDateStart().getValue().toInstant())
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
  void daysThatAreLeftOutOrAddedHaveToExist() {
    String[] weekly = {
      "UID:w",
      "SUMMARY:easy 40 min",
      "DTSTART;TZID=Europe/London:20261013T180000",
      "RRULE:FREQ=WEEKLY;COUNT=3",
      ""
    };
    for (String wrong :
        List.of(
            "EXDATE;TZID=Europe/London:20261020T180000,20260229T180000",
            "RDATE;TZID=Europe/London:20260328T180000,20260329T013000",
            "RDATE;TZID=Nowhere/Else:20261020T180000")) {
      weekly[4] = wrong;
      assertThat(read(weekly)).as(wrong).extracting(CalendarEntry::fault).doesNotContain("");
    }
    weekly[4] = "EXDATE;VALUE=DATE:20261020";
    assertThat(read(weekly))
        .as("a day without a time leaves out what is on that day")
        .extracting(e -> e.startsAt().getDayOfMonth())
        .containsExactly(13, 27);
    weekly[4] = "RDATE;VALUE=DATE:20261015";
    assertThat(read(weekly))
        .extracting(CalendarEntry::startsAt)
        .contains(LocalDateTime.of(2026, 10, 15, 18, 0))
        .hasSize(4);
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

  /** Names that Windows gives to zones, and what they are (Unicode CLDR, windowsZones). */
  @ParameterizedTest
  @CsvSource({
    "GMT Standard Time, Europe/London",
    "W. Europe Standard Time, Europe/Berlin",
    "Romance Standard Time, Europe/Paris",
    "Eastern Standard Time, America/New_York",
    "AUS Eastern Standard Time, Australia/Sydney",
    "Tokyo Standard Time, Asia/Tokyo"
  })
  void zonesAsWindowsNamesThemAreUnderstood(String windows, String zone) {
    List<CalendarEntry> entries =
        read("UID:w", "SUMMARY:x", "DTSTART;TZID=" + windows + ":20261024T173000");
    assertThat(entries).hasSize(1);
    assertThat(entries.get(0).fault()).isEmpty();
    assertThat(entries.get(0).startsAt())
        .isEqualTo(
            LocalDateTime.of(2026, 10, 24, 17, 30)
                .atZone(ZoneId.of(zone))
                .withZoneSameInstant(LONDON)
                .toLocalDateTime());
  }

  /** No such day, no such hour in London, no such zone: said, and never shifted. */
  @ParameterizedTest
  @ValueSource(
      strings = {
        "DTSTART:20270229T173000",
        "DTSTART;TZID=Europe/London:20261131T173000",
        "DTSTART;TZID=Europe/London:20270328T013000",
        "DTSTART;TZID=Nowhere/Land:20261024T173000",
        "DTSTART;TZID=:20261024T173000",
        "DTSTART:20261024",
        "RECURRENCE-ID:20261024T173000"
      })
  void aTimeThatDoesNotExistIsAFaultOfItsLine(String when) {
    List<CalendarEntry> entries = read("UID:f", "SUMMARY:x", when);
    assertThat(entries).hasSize(1);
    assertThat(entries.get(0).fault()).isNotEmpty();
  }

  @ParameterizedTest
  @ValueSource(strings = {"DTSTART:20261024T253000", "DTSTART:soon"})
  void aTimeThatIsNoneIsAFaultOfTheTextWithItsLine(String when) {
    assertThatThrownBy(() -> read("UID:f", "SUMMARY:x", when))
        .isInstanceOf(OutOfRangeException.class)
        .hasMessageContaining("faulty in line ");
  }

  @Test
  void whatIsNoSessionIsSaid() {
    CalendarEntry allDay = read("UID:d", "SUMMARY:camp", "DTSTART;VALUE=DATE:20261024").get(0);
    assertThat(allDay.fault()).contains("no date with a time of day");
    assertThatThrownBy(() -> ICalendar.read("hello", LONDON, FROM, UNTIL))
        .isInstanceOf(OutOfRangeException.class)
        .hasMessageContaining("BEGIN:VCALENDAR");
    assertThat(read("UID:n", "SUMMARY:x", "DTSTART;TZID=Nowhere/Land:20261024T173000"))
        .extracting(CalendarEntry::fault)
        .containsExactly("has no date with a time of day that exists; a session needs one");
    assertThat(read("UID:r", "SUMMARY:x", "RECURRENCE-ID:20261024T173000Z").get(0).fault())
        .contains("no date with a time of day");
  }

  /** 200 bytes must not keep a server busy, whatever they say. */
  @ParameterizedTest
  @ValueSource(
      strings = {
        "FREQ=SECONDLY",
        "FREQ=MINUTELY;INTERVAL=1",
        "FREQ=HOURLY;COUNT=2000000000",
        "FREQ=DAILY;COUNT=2000000000",
        "FREQ=DAILY;BYHOUR=5,6;BYMINUTE=0,1,2,3,4,5,6,7,8,9,10,11,12"
      })
  void aRuleThatRepeatsWithoutEndIsRefusedAtOnce(String rule) {
    List<CalendarEntry> entries =
        assertTimeoutPreemptively(
            Duration.ofSeconds(2),
            () -> read("UID:e", "SUMMARY:x", "DTSTART:19000101T080000Z", "RRULE:" + rule));
    assertThat(entries).hasSize(1);
    assertThat(entries.get(0).fault()).contains("repetition");
  }

  @Test
  void moreSessionsThanABlockNeedsAreRefused() {
    String often =
        "RRULE:FREQ=DAILY;BYHOUR=0,1,2,3,4,5,6,7,8,9,10,11,12,13,14,15,16,17,18,19,20,21,22,23";
    assertThatThrownBy(() -> read("UID:e", "SUMMARY:x", "DTSTART:20200101T080000Z", often))
        .hasMessageContaining("at most 1000 sessions");
  }

  /** The oracle is biweekly, another library, which walks every time from the first on. */
  @ParameterizedTest
  @ValueSource(
      strings = {
        "FREQ=DAILY",
        "FREQ=DAILY;INTERVAL=3",
        "FREQ=WEEKLY",
        "FREQ=WEEKLY;INTERVAL=2",
        "FREQ=WEEKLY;INTERVAL=2;BYDAY=TU,TH",
        "FREQ=WEEKLY;BYDAY=MO,WE,FR;COUNT=1500",
        "FREQ=WEEKLY;BYDAY=SA;UNTIL=20261112T000000Z",
        "FREQ=MONTHLY;BYDAY=-1TU",
        "FREQ=MONTHLY;BYMONTHDAY=15",
        "FREQ=YEARLY;BYMONTH=10,11;BYDAY=2SU",
        "FREQ=YEARLY;BYMONTH=2;BYMONTHDAY=31"
      })
  void aRuleThatBeganYearsAgoIsWhereAnotherLibraryPutsIt(String rule) {
    String text =
        calendar(
            event(
                "UID:old",
                "SUMMARY:easy 40 min",
                "DTSTART;TZID=Europe/London:20180102T180000",
                "RRULE:" + rule));
    List<LocalDateTime> expected = new ArrayList<>();
    biweekly.component.VEvent event = Biweekly.parse(text).first().getEvents().get(0);
    DateIterator times = event.getDateIterator(TimeZone.getTimeZone(LONDON));
    while (times.hasNext()) {
      LocalDateTime at = LocalDateTime.ofInstant(times.next().toInstant(), LONDON);
      if (at.toLocalDate().isAfter(UNTIL)) {
        break;
      }
      if (!at.toLocalDate().isBefore(FROM)) {
        expected.add(at);
      }
    }
    assertThat(ICalendar.read(text, LONDON, FROM, UNTIL))
        .extracting(CalendarEntry::startsAt)
        .containsExactlyElementsOf(expected);
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
