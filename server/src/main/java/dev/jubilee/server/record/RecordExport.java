package dev.jubilee.server.record;

import static java.time.temporal.ChronoUnit.DAYS;

import dev.jubilee.core.drill.WarmUpPart;
import dev.jubilee.server.athlete.Athletes;
import dev.jubilee.server.record.stored.RecordV1;
import java.io.IOException;
import java.io.StringWriter;
import java.io.UncheckedIOException;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.TreeMap;
import java.util.UUID;
import org.apache.commons.csv.CSVFormat;
import org.apache.commons.csv.CSVPrinter;
import org.springframework.stereotype.Component;

/** All records as a table (RFC 4180), a line each, or each whole. */
@Component
class RecordExport {
  private static final String[] HEAD = {
    "date",
    "time",
    "athlete",
    "sport",
    "session",
    "title",
    "place",
    "temperature °C",
    "by hand",
    "mobility",
    "drills",
    "graded efforts",
    "contacts",
    "hardest of 100",
    "length s",
    "raise s",
    "build s",
    "wait s",
    "jacket off s",
    "felt of 5",
    "best effort",
    "results",
    "unit",
    "note"
  };

  /** A year of a large club is read a few days at a time. */
  private static final long AT_ONCE = 7;

  /** Of the form; see records.schema.json. */
  private static final int VERSION = 1;

  private final Records records;
  private final Athletes athletes;

  RecordExport(Records records, Athletes athletes) {
    this.records = records;
    this.athletes = athletes;
  }

  /** The records of sessions from one day to another, both included. */
  String csv(LocalDate from, LocalDate until) {
    Map<UUID, String> names = athletes.names();
    StringWriter text = new StringWriter();
    try (CSVPrinter printer =
        new CSVPrinter(text, CSVFormat.RFC4180.builder().setHeader(HEAD).get())) {
      for (LocalDate day = from; !day.isAfter(until); day = day.plusDays(AT_ONCE)) {
        LocalDate after = day.plusDays(Math.min(AT_ONCE, DAYS.between(day, until) + 1));
        for (Kept kept : records.between(day.atStartOfDay(), after.atStartOfDay())) {
          printer.printRecord(line(kept, names.getOrDefault(kept.athleteId(), "")));
        }
      }
    } catch (IOException e) {
      throw new UncheckedIOException(e);
    }
    return text.toString();
  }

  /** The same days, each record whole. */
  RecordsOfDays whole(LocalDate from, LocalDate until) {
    List<RecordView> views =
        records.between(from.atStartOfDay(), until.plusDays(1).atStartOfDay()).stream()
            .map(RecordView::of)
            .toList();
    Map<UUID, String> names = new TreeMap<>(athletes.names());
    names.keySet().retainAll(views.stream().map(RecordView::athleteId).toList());
    return new RecordsOfDays(VERSION, from, until, names, views);
  }

  private static List<String> line(Kept kept, String athlete) {
    RecordV1 f = kept.figures();
    RecordV1.CountsV1 c = f.done();
    List<String> cells = new ArrayList<>();
    cells.add(kept.startsAt().toLocalDate().toString());
    cells.add(kept.startsAt().toLocalTime().toString());
    cells.add(plain(athlete));
    cells.add(kept.sport().name());
    cells.add(kept.kind().name());
    cells.add(plain(f.title()));
    cells.add(f.place().name());
    cells.add(Integer.toString(f.temperature()));
    cells.add(Boolean.toString(kept.byHand().isPresent()));
    for (int count : new int[] {c.mobility(), c.drills(), c.efforts(), c.contacts(), c.top()}) {
      cells.add(Integer.toString(count));
    }
    cells.add(Integer.toString(c.toCore().total()));
    cells.add(Integer.toString(c.seconds().getOrDefault(WarmUpPart.RAISE, 0)));
    cells.add(Integer.toString(c.seconds().getOrDefault(WarmUpPart.BUILD, 0)));
    for (Integer figure : new Integer[] {f.waited(), f.jacketOff(), f.felt(), f.best()}) {
      cells.add(Objects.toString(figure, ""));
    }
    cells.add(
        f.results() == null
            ? ""
            : String.join(
                " ", f.results().efforts().stream().map(r -> Double.toString(r)).toList()));
    cells.add(f.results() == null ? "" : f.results().unit().name());
    cells.add(plain(f.note() == null ? "" : f.note()));
    return cells;
  }

  /** What a spreadsheet would take for a formula is a word (OWASP, CSV injection). */
  private static String plain(String cell) {
    return cell.isEmpty() || "=+-@\t\r".indexOf(cell.charAt(0)) < 0 ? cell : "'" + cell;
  }
}
