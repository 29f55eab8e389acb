package dev.jubilee.server.block;

import dev.jubilee.core.intensity.Target;
import dev.jubilee.core.plan.PlanItem;
import dev.jubilee.core.sport.TargetMetric;
import dev.jubilee.server.prescription.WarmUpLists.Line;
import dev.jubilee.server.prescription.WarmUpLists.Listed;
import dev.jubilee.server.session.SessionDetails;
import java.io.IOException;
import java.io.UncheckedIOException;
import java.util.Locale;
import org.apache.commons.csv.CSVFormat;
import org.apache.commons.csv.CSVPrinter;

/** Warm-ups as comma-separated values (RFC 4180), a line for each item. */
final class WarmUpTable {
  private static final String[] COLUMNS = {
    "date",
    "start",
    "group",
    "session",
    "place",
    "athlete",
    "begins",
    "s before start",
    "part",
    "drill",
    "dose",
    "s",
    "effort of 100",
    "target",
    "unit",
    "rate",
    "gradient %",
    "recovery s"
  };

  private WarmUpTable() {}

  static String write(BlockContents contents) {
    StringBuilder text = new StringBuilder();
    try (CSVPrinter printer =
        new CSVPrinter(text, CSVFormat.RFC4180.builder().setHeader(COLUMNS).get())) {
      for (String id : contents.sessions().keySet()) {
        for (Listed one : contents.warmUps().get(id)) {
          for (Line item : one.lines()) {
            print(printer, contents.sessions().get(id), contents.groups().get(id), one, item);
          }
        }
      }
    } catch (IOException e) {
      throw new UncheckedIOException(e);
    }
    return text.toString();
  }

  private static void print(
      CSVPrinter printer, SessionDetails session, String group, Listed one, Line given)
      throws IOException {
    PlanItem item = given.item();
    boolean hasTarget = item.target().filter(t -> t.metric() != TargetMetric.FEEL).isPresent();
    int rate = item.target().map(Target::ratePerMinute).orElse(0);
    int gradient = item.target().map(Target::gradient).orElse(0);
    printer.printRecord(
        one.startsAt().toLocalDate(),
        one.startsAt().toLocalTime(),
        CsvCalendar.disarmed(group),
        CsvCalendar.disarmed(session.title()),
        session.place().inWords(),
        CsvCalendar.disarmed(one.athlete()),
        one.beginsAt().toLocalTime(),
        given.startsBefore(),
        item.block().name().toLowerCase(Locale.ROOT),
        CsvCalendar.disarmed(item.name()),
        item.dose().words().metric(),
        item.dose().seconds(),
        given.effort(),
        hasTarget ? figure(item.target().get()) : "",
        hasTarget ? unit(item.target().get().metric()) : "",
        rate == 0 ? "" : rate,
        gradient == 0 ? "" : gradient,
        item.recovery().seconds());
  }

  private static String figure(Target target) {
    double figure =
        switch (target.metric()) {
          case PACE -> 1000 / target.value();
          case TREADMILL -> 3.6 * target.value();
          case SWIM_PACE -> 100 / target.value();
          case LOAD -> 100 * target.value();
          case POWER, SPLIT, FEEL -> target.value();
        };
    return String.format(
        Locale.ROOT, target.metric() == TargetMetric.TREADMILL ? "%.1f" : "%.0f", figure);
  }

  private static String unit(TargetMetric metric) {
    return switch (metric) {
      case PACE -> "s/km";
      case TREADMILL -> "km/h";
      case SWIM_PACE -> "s/100 m";
      case POWER, SPLIT -> "W";
      case LOAD -> "% of the work load";
      case FEEL -> "";
    };
  }
}
