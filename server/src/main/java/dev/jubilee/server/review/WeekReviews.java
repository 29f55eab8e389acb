package dev.jubilee.server.review;

import dev.jubilee.core.checkin.CheckIn;
import dev.jubilee.core.decision.Mark;
import dev.jubilee.core.drill.Drill;
import dev.jubilee.core.drill.DrillLibrary;
import dev.jubilee.core.learning.OwnTimes;
import dev.jubilee.core.logbook.DeviceRecord.State;
import dev.jubilee.core.logbook.Happening.SkipReason;
import dev.jubilee.core.quantity.OutOfRangeException;
import dev.jubilee.core.sport.BodyRegion;
import dev.jubilee.core.statistics.Sample;
import dev.jubilee.server.athlete.Athletes;
import dev.jubilee.server.checkin.CheckIns;
import dev.jubilee.server.drill.Libraries;
import dev.jubilee.server.drill.OwnTimesStore;
import dev.jubilee.server.logbook.Logbook;
import dev.jubilee.server.prescription.PrescriptionRepository;
import dev.jubilee.server.prescription.PrescriptionRow;
import dev.jubilee.server.record.Kept;
import dev.jubilee.server.record.Records;
import dev.jubilee.server.record.stored.RecordV1;
import dev.jubilee.server.review.WeekReview.AthleteWeekView;
import dev.jubilee.server.review.WeekReview.OwnChangeoversView;
import dev.jubilee.server.review.WeekReview.OwnTimeView;
import dev.jubilee.server.review.WeekReview.Skipped;
import dev.jubilee.server.session.SessionView;
import dev.jubilee.server.session.Sessions;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.TreeMap;
import java.util.TreeSet;
import java.util.UUID;
import java.util.stream.Collectors;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** Looks back on a club's week, and on how long drills really take it. */
@Service
public class WeekReviews {
  private static final int WEEK = 7;
  private static final int WEEKS_OF_TIMES = 12;
  private static final int MOST_SKIPPED = 40;

  private final Sessions sessions;
  private final Records records;
  private final PrescriptionRepository prescriptions;
  private final Athletes athletes;
  private final CheckIns checkIns;
  private final Logbook logbook;
  private final Libraries libraries;
  private final OwnTimesStore times;

  WeekReviews(
      Sessions sessions,
      Records records,
      PrescriptionRepository prescriptions,
      Athletes athletes,
      CheckIns checkIns,
      Logbook logbook,
      Libraries libraries,
      OwnTimesStore times) {
    this.sessions = sessions;
    this.records = records;
    this.prescriptions = prescriptions;
    this.athletes = athletes;
    this.checkIns = checkIns;
    this.logbook = logbook;
    this.libraries = libraries;
    this.times = times;
  }

  /** The seven days from a day on. */
  @Transactional(readOnly = true)
  public WeekReview of(UUID clubId, LocalDate from) {
    LocalDate until = from.plusDays(WEEK - 1);
    List<SessionView> held =
        sessions.between(clubId, from, until).stream()
            .filter(s -> !s.details().doesNotTakePlace())
            .toList();
    List<PrescriptionRow> rows =
        held.isEmpty()
            ? List.of()
            : prescriptions.findBySessionIdIn(held.stream().map(SessionView::id).toList());
    List<UUID> ids = rows.stream().map(PrescriptionRow::id).toList();
    List<Kept> kept = records.between(from.atStartOfDay(), until.plusDays(1).atStartOfDay());
    Map<UUID, String> names = athletes.names();
    List<RecordV1> followed = followed(until);
    return new WeekReview(
        from,
        until,
        held.size(),
        rows.size(),
        kept.size(),
        skipped(kept, names),
        weeks(held, kept, rows, names, checkIns.latest(ids), logbook.marks(ids)),
        ownTimes(clubId, followed),
        ownChangeovers(clubId, followed));
  }

  private static List<Skipped> skipped(List<Kept> kept, Map<UUID, String> names) {
    record Left(UUID athlete, String drill, SkipReason reason) {}
    Map<Left, Integer> counted = new HashMap<>();
    for (Kept one : kept) {
      for (RecordV1.ItemV1 item : one.figures().items()) {
        if (item.state() == State.SKIPPED) {
          SkipReason reason = item.reason() == null ? SkipReason.UNSAID : item.reason();
          counted.merge(new Left(one.athleteId(), item.name(), reason), 1, Integer::sum);
        }
      }
    }
    return counted.entrySet().stream()
        .map(
            e ->
                new Skipped(
                    e.getKey().athlete(),
                    names.getOrDefault(e.getKey().athlete(), ""),
                    e.getKey().drill(),
                    e.getKey().reason(),
                    e.getValue()))
        .sorted(
            Comparator.comparingInt(Skipped::times)
                .reversed()
                .thenComparing(Skipped::athlete)
                .thenComparing(Skipped::drill))
        .limit(MOST_SKIPPED)
        .toList();
  }

  private static List<AthleteWeekView> weeks(
      List<SessionView> held,
      List<Kept> kept,
      List<PrescriptionRow> rows,
      Map<UUID, String> names,
      Map<UUID, CheckIn> told,
      Map<UUID, List<Mark>> marks) {
    Set<UUID> everybody =
        held.stream().flatMap(s -> s.details().athleteIds().stream()).collect(Collectors.toSet());
    List<AthleteWeekView> weeks = new ArrayList<>();
    for (UUID id : everybody) {
      List<Kept> own = kept.stream().filter(k -> k.athleteId().equals(id)).toList();
      List<PrescriptionRow> theirs = rows.stream().filter(r -> r.athleteId().equals(id)).toList();
      List<Integer> felt =
          own.stream().map(k -> k.figures().felt()).filter(f -> f != null).toList();
      weeks.add(
          new AthleteWeekView(
              id,
              names.getOrDefault(id, ""),
              (int) held.stream().filter(s -> s.details().athleteIds().contains(id)).count(),
              own.size(),
              felt.isEmpty() ? null : Sample.of(felt).median(),
              own.stream().mapToInt(k -> over(k.figures())).sum(),
              sore(theirs, told, marks),
              theirs.stream().anyMatch(r -> told.containsKey(r.id()))));
    }
    weeks.sort(Comparator.comparing(AthleteWeekView::name));
    return weeks;
  }

  /** By how much what was done ran over, s; what was left out saves nothing. */
  private static int over(RecordV1 figures) {
    return figures.items().stream()
        .filter(i -> i.state() == State.DONE && i.block().isChosen())
        .mapToInt(i -> Math.max(0, i.seconds() - i.planned()))
        .sum();
  }

  private static List<BodyRegion> sore(
      List<PrescriptionRow> rows, Map<UUID, CheckIn> told, Map<UUID, List<Mark>> marks) {
    Set<BodyRegion> sore = new TreeSet<>();
    for (PrescriptionRow row : rows) {
      CheckIn checkIn = told.get(row.id());
      if (checkIn != null) {
        checkIn.aches().forEach(a -> sore.add(a.region()));
        checkIn.pains().forEach(p -> sore.add(p.region()));
      }
      marks.getOrDefault(row.id(), List.of()).forEach(m -> m.region().ifPresent(sore::add));
    }
    return List.copyOf(sore);
  }

  private List<OwnTimeView> ownTimes(UUID clubId, List<RecordV1> followed) {
    Map<String, Double> used = times.all();
    DrillLibrary library = libraries.of(clubId);
    List<OwnTimeView> views = new ArrayList<>();
    for (OwnTimes.OwnTime own : learned(followed)) {
      views.add(
          new OwnTimeView(
              own.drill(),
              library.find(own.drill()).map(Drill::name).orElse(own.drill()),
              own.times(),
              own.planned(),
              own.factor(),
              own.low(),
              own.high(),
              own.isWorthwhile(),
              used.containsKey(own.drill())));
    }
    return views;
  }

  private OwnChangeoversView ownChangeovers(UUID clubId, List<RecordV1> followed) {
    boolean isUsed = times.changeovers(clubId).isPresent();
    return OwnTimes.changeovers(changeovers(followed))
        .map(
            own ->
                new OwnChangeoversView(
                    own.warmUps(),
                    own.planned(),
                    own.factor(),
                    own.low(),
                    own.high(),
                    own.isWorthwhile(),
                    isUsed))
        .orElse(null);
  }

  /** What devices told; by hand nobody measures seconds. */
  private List<RecordV1> followed(LocalDate until) {
    return records
        .between(until.minusWeeks(WEEKS_OF_TIMES).atStartOfDay(), until.plusDays(1).atStartOfDay())
        .stream()
        .map(Kept::figures)
        .filter(RecordV1::isFollowed)
        .toList();
  }

  private static List<OwnTimes.OwnTime> learned(List<RecordV1> followed) {
    List<OwnTimes.Time> seen = new ArrayList<>();
    for (RecordV1 record : followed) {
      for (RecordV1.ItemV1 item : record.items()) {
        if (item.state() == State.DONE && item.block().isChosen()) {
          int change = item.change() == null ? 0 : item.change();
          int changed = item.changed() == null ? change : item.changed();
          seen.add(
              new OwnTimes.Time(item.drill(), item.planned() - change, item.seconds() - changed));
        }
      }
    }
    return OwnTimes.of(seen);
  }

  private static List<OwnTimes.Changeovers> changeovers(List<RecordV1> followed) {
    return followed.stream()
        .map(
            record -> {
              int planned = 0;
              int real = 0;
              for (RecordV1.ItemV1 item : record.items()) {
                if (item.state() == State.DONE && item.change() != null && item.changed() != null) {
                  planned += item.change();
                  real += item.changed();
                }
              }
              return new OwnTimes.Changeovers(planned, real);
            })
        .toList();
  }

  /**
   * Uses a club's own time of a drill in plans from now on.
   *
   * @throws OutOfRangeException where too little was seen of it
   */
  @Transactional
  public void use(String drill, LocalDate until) {
    Map<String, OwnTimes.OwnTime> known = new TreeMap<>();
    learned(followed(until)).forEach(o -> known.put(o.drill(), o));
    OwnTimes.OwnTime own = known.get(drill);
    if (own == null) {
      throw new OutOfRangeException(
          "drill", drill, "a drill that was followed at least " + OwnTimes.ENOUGH + " times");
    }
    // What was planned in own times already is no measure of ours.
    if (!times.all().containsKey(drill)) {
      times.use(drill, held(own.factor()));
    }
  }

  /** Goes back to our time. */
  @Transactional
  public void forget(String drill) {
    times.forget(drill);
  }

  /**
   * Uses a club's own changeovers in plans from now on.
   *
   * @throws OutOfRangeException where too few were seen
   */
  @Transactional
  public void useChangeovers(UUID clubId, LocalDate until) {
    OwnTimes.OwnChangeovers own =
        OwnTimes.changeovers(changeovers(followed(until)))
            .orElseThrow(
                () ->
                    new OutOfRangeException(
                        "until",
                        until,
                        "a day by which " + OwnTimes.ENOUGH + " warm-ups were followed"));
    // What was planned in own times already is no measure of ours.
    if (times.changeovers(clubId).isEmpty()) {
      times.useChangeovers(clubId, held(own.factor()));
    }
  }

  /** Goes back to our changeovers. */
  @Transactional
  public void forgetChangeovers(UUID clubId) {
    times.forgetChangeovers(clubId);
  }

  /** As a library accepts it. */
  private static double held(double factor) {
    return Math.max(0.5, Math.min(2, factor));
  }
}
