package dev.jubilee.server.learning;

import dev.jubilee.core.learning.BestOfSession;
import dev.jubilee.core.learning.LadderStand;
import dev.jubilee.core.learning.LearnedBody;
import dev.jubilee.core.learning.WorkingRange;
import dev.jubilee.core.learning.WorkingRange.Measure;
import dev.jubilee.core.logbook.DeviceRecord.State;
import dev.jubilee.core.session.SessionKind;
import dev.jubilee.core.sport.Sport;
import dev.jubilee.server.athlete.AthleteRow;
import dev.jubilee.server.athlete.Athletes;
import dev.jubilee.server.club.ClubTime;
import dev.jubilee.server.drill.Libraries;
import dev.jubilee.server.learning.AthletePageView.AgainstUsual;
import dev.jubilee.server.learning.AthletePageView.BestView;
import dev.jubilee.server.learning.AthletePageView.RangeView;
import dev.jubilee.server.learning.AthletePageView.UsualView;
import dev.jubilee.server.prescription.PrescriptionRepository;
import dev.jubilee.server.prescription.PrescriptionRow;
import dev.jubilee.server.prescription.Prescriptions;
import dev.jubilee.server.record.Kept;
import dev.jubilee.server.record.RecordView;
import dev.jubilee.server.record.Records;
import dev.jubilee.server.record.stored.RecordV1;
import dev.jubilee.server.session.SessionDetails;
import dev.jubilee.server.session.SessionRow;
import dev.jubilee.server.session.Sessions;
import java.time.LocalDate;
import java.time.LocalDateTime;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.EnumMap;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.UUID;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** What records say of an athlete. */
@Service
public class AthletePages {
  private static final int LAST = 12;
  private static final int WEEKS_AHEAD = 4;
  private static final double MINUTE = 60;

  private final Athletes athletes;
  private final Records records;
  private final Sessions sessions;
  private final Prescriptions prescriptions;
  private final PrescriptionRepository repository;
  private final Libraries libraries;
  private final ClubTime clubTime;

  AthletePages(
      Athletes athletes,
      Records records,
      Sessions sessions,
      Prescriptions prescriptions,
      PrescriptionRepository repository,
      Libraries libraries,
      ClubTime clubTime) {
    this.athletes = athletes;
    this.records = records;
    this.sessions = sessions;
    this.prescriptions = prescriptions;
    this.repository = repository;
    this.libraries = libraries;
    this.clubTime = clubTime;
  }

  /** Of an athlete. */
  @Transactional(readOnly = true)
  public AthletePageView of(UUID clubId, UUID athleteId) {
    AthleteRow athlete = athletes.row(athleteId);
    List<Kept> all = records.of(athleteId);
    LearnedBody body = LearnedBodies.of(all);
    List<Kept> newest =
        all.stream().sorted(Comparator.comparing(Kept::startsAt).reversed()).toList();
    return new AthletePageView(
        athleteId,
        athlete.name(),
        all.size(),
        next(clubId, athleteId).orElse(null),
        newest.stream().limit(LAST).map(RecordView::of).toList(),
        all.stream().map(AthletePages::point).toList(),
        ladders(clubId, all),
        ranges(all),
        LearnedBodies.view(body),
        bests(clubId, athleteId));
  }

  private Optional<AthletePageView.NextSession> next(UUID clubId, UUID athleteId) {
    LocalDateTime now = clubTime.now(clubId);
    LocalDate today = now.toLocalDate();
    for (SessionRow row : sessions.of(athleteId, today, today.plusWeeks(WEEKS_AHEAD))) {
      SessionDetails details = sessions.details(row);
      LocalDateTime start = details.startOf(athleteId);
      if (start.isAfter(now) && !details.doesNotTakePlace()) {
        return Optional.of(
            new AthletePageView.NextSession(
                row.id(),
                repository
                    .findBySessionIdAndAthleteId(row.id(), athleteId)
                    .map(PrescriptionRow::id)
                    .orElse(null),
                start,
                details.sport(),
                details.kind(),
                details.title()));
      }
    }
    return Optional.empty();
  }

  private static AthletePageView.TrendPoint point(Kept kept) {
    RecordV1 f = kept.figures();
    return new AthletePageView.TrendPoint(
        kept.startsAt().toLocalDate(),
        kept.sport(),
        kept.kind(),
        f.done().toCore().total(),
        f.done().efforts(),
        f.waited(),
        f.jacketOff(),
        f.felt(),
        f.best());
  }

  private List<AthletePageView.LadderView> ladders(UUID clubId, List<Kept> all) {
    List<LadderStand.Did> done = new ArrayList<>();
    for (Kept kept : all) {
      for (RecordV1.ItemV1 item : kept.figures().items()) {
        if (item.state() == State.DONE) {
          done.add(new LadderStand.Did(kept.startsAt().toLocalDate(), item.drill()));
        }
      }
    }
    return LadderStand.of(done, libraries.of(clubId)).stream()
        .map(
            s ->
                new AthletePageView.LadderView(
                    s.ladder(), s.name(), s.rung(), s.top(), s.since(), s.times()))
        .toList();
  }

  /** What is counted of a record. */
  static Map<Measure, Double> measures(RecordV1 f) {
    Map<Measure, Double> measures = measures(f.done());
    if (f.waited() != null) {
      measures.put(Measure.WAIT, f.waited() / MINUTE);
    }
    return measures;
  }

  private static Map<Measure, Double> measures(RecordV1.CountsV1 c) {
    Map<Measure, Double> measures = new EnumMap<>(Measure.class);
    measures.put(Measure.MOBILITY, (double) c.mobility());
    measures.put(Measure.DRILLS, (double) c.drills());
    measures.put(Measure.EFFORTS, (double) c.efforts());
    measures.put(Measure.CONTACTS, (double) c.contacts());
    measures.put(Measure.TOP, (double) c.top());
    measures.put(Measure.MINUTES, c.toCore().total() / MINUTE);
    return measures;
  }

  private record KindOf(Sport sport, SessionKind kind) {}

  private static List<RangeView> ranges(List<Kept> all) {
    Map<KindOf, List<Map<Measure, Double>>> byKind = new LinkedHashMap<>();
    for (Kept kept : all) {
      byKind
          .computeIfAbsent(new KindOf(kept.sport(), kept.kind()), k -> new ArrayList<>())
          .add(measures(kept.figures()));
    }
    return byKind.entrySet().stream()
        .map(e -> range(e.getKey(), WorkingRange.of(e.getValue())))
        .filter(r -> !r.usual().isEmpty())
        .sorted(Comparator.comparingInt(RangeView::records).reversed())
        .toList();
  }

  private static RangeView range(KindOf of, WorkingRange range) {
    List<UsualView> usual = new ArrayList<>();
    for (Measure measure : Measure.values()) {
      if (range.usual().containsKey(measure)) {
        usual.add(UsualView.of(measure, range.usual().get(measure)));
      }
    }
    return new RangeView(of.sport(), of.kind(), range.records(), usual);
  }

  /** A plan against what its athlete is used to before such a session. */
  @Transactional(readOnly = true)
  public AgainstUsual against(UUID clubId, UUID prescriptionId) {
    PrescriptionRow row = prescriptions.row(prescriptionId);
    SessionDetails details = sessions.details(sessions.row(row.sessionId()));
    KindOf of = new KindOf(details.sport(), details.kind());
    List<Map<Measure, Double>> before =
        records.of(row.athleteId()).stream()
            .filter(k -> !k.prescriptionId().equals(prescriptionId))
            .filter(k -> of.equals(new KindOf(k.sport(), k.kind())))
            .map(k -> measures(k.figures()))
            .toList();
    WorkingRange range = WorkingRange.of(before);
    if (range.usual().isEmpty()) {
      return new AgainstUsual(null, List.of(), Map.of());
    }
    Map<Measure, Double> now = measures(records.planned(clubId, prescriptionId).planned());
    return new AgainstUsual(
        range(of, range),
        range.differences(now).stream().map(AthletePageView.UsualDifference::of).toList(),
        now);
  }

  private List<BestView> bests(UUID clubId, UUID athleteId) {
    List<BestView> all = new ArrayList<>();
    records
        .bestSince(clubTime.now(clubId).minusYears(1))
        .forEach(
            (of, squad) -> {
              for (BestOfSession.Known k : BestOfSession.of(squad).of(athleteId.toString())) {
                all.add(
                    new BestView(
                        of.sport(),
                        of.kind(),
                        k.efforts(),
                        k.sessions(),
                        (int) Math.max(1, Math.round(k.mean() - k.spread())),
                        (int) Math.round(k.mean() + k.spread())));
              }
            });
    return all;
  }
}
