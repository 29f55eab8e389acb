package dev.jubilee.server.follow;

import java.time.Duration;
import java.time.OffsetDateTime;
import java.util.Locale;
import java.util.Optional;
import java.util.UUID;
import java.util.stream.Collectors;
import net.fortuna.ical4j.model.Calendar;
import net.fortuna.ical4j.model.component.VAlarm;
import net.fortuna.ical4j.model.component.VEvent;
import net.fortuna.ical4j.model.property.Action;
import net.fortuna.ical4j.model.property.Description;
import net.fortuna.ical4j.model.property.Location;
import net.fortuna.ical4j.model.property.ProdId;
import net.fortuna.ical4j.model.property.Uid;
import net.fortuna.ical4j.model.property.immutable.ImmutableVersion;

/** A warm-up in the athlete's own calendar: when to begin, where, what, and the link to follow. */
final class WarmUpCalendar {
  /** Time to pack and get there; common practice. */
  private static final Duration REMIND = Duration.ofMinutes(-30);

  private WarmUpCalendar() {}

  /**
   * An iCalendar file with one event, which replaces an earlier one of the same warm-up.
   *
   * @param link where it is followed, if other devices reach the server
   */
  static String of(FollowView view, UUID prescriptionId, Optional<String> link) {
    OffsetDateTime begins = view.startsAt().minusMinutes((view.seconds() + 59) / 60);
    VEvent event =
        new VEvent(
            begins.toInstant(),
            Duration.between(begins, view.startsAt()),
            "Warm-up: " + view.sessionTitle());
    event.add(new Uid(prescriptionId + "@jubilee"));
    event.add(new Location(view.place()));
    event.add(new Description(description(view, link)));
    VAlarm alarm = new VAlarm(REMIND);
    alarm.add(new Action(Action.VALUE_DISPLAY));
    alarm.add(new Description("Warm-up: " + view.sessionTitle()));
    event.add(alarm);
    Calendar calendar = new Calendar();
    calendar.add(new ProdId("-//Jubilee//Warm-ups//EN"));
    calendar.add(ImmutableVersion.VERSION_2_0);
    calendar.add(event);
    return calendar.toString();
  }

  private static String description(FollowView view, Optional<String> link) {
    return lines(view) + link.map(l -> "\n\nFollow it: " + l).orElse("");
  }

  /** What is done when, a line each. */
  static String lines(FollowView view) {
    return view.items().stream()
        .map(
            item ->
                String.format(
                    Locale.ROOT,
                    "T−%d:%02d %s, %s",
                    item.startsBefore() / 60,
                    item.startsBefore() % 60,
                    item.name(),
                    item.dose().metric()))
        .collect(Collectors.joining("\n"));
  }
}
