package dev.jubilee.server.logbook;

import dev.jubilee.core.decision.Checkpoint;
import dev.jubilee.core.decision.Decision;
import dev.jubilee.core.decision.Mark;
import dev.jubilee.core.drill.Drill;
import dev.jubilee.core.drill.DrillLibrary;
import dev.jubilee.core.logbook.DeviceRecord;
import dev.jubilee.core.logbook.FollowedRecord;
import dev.jubilee.core.logbook.Happening;
import dev.jubilee.core.logbook.Look;
import dev.jubilee.core.plan.PlanItem;
import dev.jubilee.core.warmup.GivenItem;
import dev.jubilee.core.warmup.GivenWarmUp;
import dev.jubilee.server.club.ClubTime;
import dev.jubilee.server.drill.Libraries;
import dev.jubilee.server.handover.ShareLinks;
import dev.jubilee.server.handover.ShareLinks.Link;
import dev.jubilee.server.prescription.InHandPlans;
import dev.jubilee.server.prescription.Prescriptions;
import dev.jubilee.server.prescription.Previews;
import io.swagger.v3.oas.annotations.media.Schema;
import java.time.Clock;
import java.time.Duration;
import java.time.Instant;
import java.time.OffsetDateTime;
import java.time.ZoneId;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.EnumSet;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.UUID;
import java.util.function.Function;
import org.springframework.stereotype.Service;
import org.springframework.transaction.PlatformTransactionManager;
import org.springframework.transaction.annotation.Transactional;
import org.springframework.transaction.support.TransactionTemplate;

/** What is really done of warm-ups: told by the devices that follow them, read by coaches. */
@Service
public class Logbook {
  /** What is told once a warm-up is over, or of it afterwards. */
  private static final Set<Happening.Kind> IS_OVER =
      EnumSet.of(
          Happening.Kind.ENDED,
          Happening.Kind.START_GIVEN,
          Happening.Kind.FELT,
          Happening.Kind.BEST_EFFORT);

  private final FollowedEvents events;
  private final ShareLinks links;
  private final Prescriptions prescriptions;
  private final Previews previews;
  private final Libraries libraries;
  private final ClubTime clubTime;
  private final FollowedRecords followed;
  private final WarmUpListener listener;
  private final TransactionTemplate writing;
  private final Clock clock;

  Logbook(
      FollowedEvents events,
      ShareLinks links,
      Prescriptions prescriptions,
      Previews previews,
      Libraries libraries,
      ClubTime clubTime,
      FollowedRecords followed,
      WarmUpListener listener,
      Clock clock,
      PlatformTransactionManager transactions) {
    this.events = events;
    this.links = links;
    this.prescriptions = prescriptions;
    this.previews = previews;
    this.libraries = libraries;
    this.clubTime = clubTime;
    this.followed = followed;
    this.listener = listener;
    this.clock = clock;
    this.writing = new TransactionTemplate(transactions);
  }

  /**
   * Takes what a device tells. What was done before a link was revoked is still told after it.
   *
   * @throws dev.jubilee.core.quantity.OutOfRangeException naming the event and what is accepted
   */
  public EventBatch.Received tell(String token, ToldBatch batch) {
    Instant now = clock.instant();
    Link link = writing.execute(status -> links.everFollowed(token, now));
    tell(link.clubId(), link.prescriptionId(), batch, now);
    return writing.execute(
        status -> {
          int revision = prescriptions.row(link.prescriptionId()).currentRevision();
          return new EventBatch.Received(now.toEpochMilli(), revision, links.isLive(token));
        });
  }

  /** The same of a warm-up that is known, as it came at some time. */
  public void tell(UUID clubId, UUID prescriptionId, ToldBatch batch, Instant received) {
    writing.executeWithoutResult(status -> events.store(prescriptionId, batch, received));
    // What was told is kept by now, whatever becomes of its record.
    if (batch.events().stream().anyMatch(e -> IS_OVER.contains(e.happening().kind()))) {
      listener.told(clubId, prescriptionId);
    }
  }

  /**
   * What a coach sees, and what is decided about it.
   *
   * @param items names of what is put in or repeated
   */
  public record CoachsDecision(
      Decision.Kind kind,
      Decision.Ground ground,
      String what,
      String why,
      int seconds,
      List<String> items,
      @Schema(nullable = true) String session) {
    static CoachsDecision of(InHandPlans.Decided decided) {
      return new CoachsDecision(
          decided.kind(),
          decided.ground(),
          decided.what(),
          decided.why(),
          decided.seconds(),
          decided.items().stream().map(given -> given.item().name()).toList(),
          decided.session().orElse(null));
    }
  }

  /** What a careful coach would decide about what is seen now, after what was seen before. */
  @Transactional(readOnly = true)
  public CoachsDecision decide(UUID prescriptionId, Checkpoint checkpoint, List<Mark> marks) {
    List<Mark> earlier =
        looks(prescriptionId).stream().flatMap(looked -> looked.look().marks().stream()).toList();
    return CoachsDecision.of(previews.decide(prescriptionId, checkpoint, earlier, marks));
  }

  /** What was marked in each of some warm-ups; those in which nobody looked left out. */
  @Transactional(readOnly = true)
  public Map<UUID, List<Mark>> marks(List<UUID> prescriptionIds) {
    return events.marks(prescriptionIds);
  }

  private List<DeviceRecord.Looked> looks(UUID prescriptionId) {
    return events.of(prescriptionId).values().stream()
        .flatMap(t -> DeviceRecord.of(t.events(), t.offsets()).looks().stream())
        .sorted(Comparator.comparing(DeviceRecord.Looked::at))
        .toList();
  }

  /** Keeps what a coach saw and decided. */
  @Transactional
  public FollowedView look(UUID clubId, UUID prescriptionId, Look look) {
    int revision = prescriptions.row(prescriptionId).currentRevision();
    events.storeCoachs(prescriptionId, revision, look, clock.instant());
    return of(clubId, prescriptionId);
  }

  /** What was done of a warm-up, by all devices together. */
  @Transactional(readOnly = true)
  public FollowedView of(UUID clubId, UUID prescriptionId) {
    int current = prescriptions.row(prescriptionId).currentRevision();
    FollowedRecords.Followed all = followed.of(prescriptionId);
    Map<UUID, FollowedEvents.Told> told = all.told();
    Map<UUID, DeviceRecord> records = all.devices();
    ZoneId zone = clubTime.zone(clubId);
    Function<Instant, OffsetDateTime> local = i -> i.atZone(zone).toOffsetDateTime();
    FollowedRecord record = all.record();
    boolean isThere =
        prescriptions.revisions(prescriptionId).stream()
            .anyMatch(r -> r.number() == all.revision());
    GivenWarmUp warmUp = prescriptions.revision(prescriptionId, isThere ? all.revision() : current);
    MeasuredBody measured = MeasuredBody.of(record, warmUp.forecast());
    List<PlanItem> planned = warmUp.items().stream().map(GivenItem::item).toList();
    return new FollowedView(
        record.begun().map(local).orElse(null),
        record.ended().map(local).orElse(null),
        record.started().map(local).orElse(null),
        record.jacketOff().map(Logbook::seconds).orElse(null),
        record.waited().map(Logbook::seconds).orElse(null),
        record.felt().orElse(null),
        record.bestEffort().orElse(null),
        seconds(
            record.devices().stream()
                .map(DeviceRecord::paused)
                .max(Duration::compareTo)
                .orElse(Duration.ZERO)),
        measured.figures(),
        measured.heartFactor(),
        items(planned, record, libraries.of(clubId)),
        devices(told, records, local),
        looked(records, FollowedEvents.coachs(prescriptionId), local));
  }

  private static List<FollowedView.LookedView> looked(
      Map<UUID, DeviceRecord> records, UUID coachs, Function<Instant, OffsetDateTime> local) {
    List<FollowedView.LookedView> looks = new ArrayList<>();
    records.forEach(
        (device, record) ->
            record
                .looks()
                .forEach(
                    looked ->
                        looks.add(
                            new FollowedView.LookedView(
                                local.apply(looked.at()),
                                device.equals(coachs),
                                LookInput.of(looked.look())))));
    looks.sort(Comparator.comparing(FollowedView.LookedView::at));
    return looks;
  }

  private static List<FollowedView.ItemDone> items(
      List<PlanItem> planned, FollowedRecord record, DrillLibrary library) {
    List<FollowedView.ItemDone> items = new ArrayList<>();
    for (PlanItem item : planned) {
      DeviceRecord.Done done = record.item(item.id());
      Optional<String> other = done.drill().filter(d -> !d.equals(item.drillId()));
      items.add(
          new FollowedView.ItemDone(
              item.id(),
              item.block(),
              item.name(),
              item.seconds(),
              done.state(),
              done.seconds(),
              other.map(d -> library.find(d).map(Drill::name).orElse(d)).orElse(null),
              done.reason().orElse(null)));
    }
    Set<String> ofThePlan = new HashSet<>();
    planned.forEach(i -> ofThePlan.add(i.id()));
    // What took the place of others when minutes were lost.
    record.devices().stream()
        .flatMap(d -> d.items().keySet().stream())
        .distinct()
        .filter(id -> !ofThePlan.contains(id))
        .forEach(
            id -> {
              DeviceRecord.Done done = record.item(id);
              Optional<Drill> drill = done.drill().flatMap(library::find);
              drill.ifPresent(
                  d ->
                      items.add(
                          new FollowedView.ItemDone(
                              id,
                              d.block(),
                              d.name(),
                              0,
                              done.state(),
                              done.seconds(),
                              null,
                              done.reason().orElse(null))));
            });
    return items;
  }

  private static List<FollowedView.FollowingDevice> devices(
      Map<UUID, FollowedEvents.Told> told,
      Map<UUID, DeviceRecord> records,
      Function<Instant, OffsetDateTime> local) {
    List<FollowedView.FollowingDevice> devices = new ArrayList<>();
    records.forEach(
        (device, record) -> {
          // Whoever only looked, or said that they come, follows nothing.
          if (record.isBegun() || !record.items().isEmpty()) {
            devices.add(
                new FollowedView.FollowingDevice(
                    devices.size() + 1,
                    record.begun().map(local).orElse(null),
                    clockSeconds(told.get(device).offsets()),
                    (int)
                        record.items().values().stream()
                            .filter(d -> d.state() == DeviceRecord.State.DONE)
                            .count()));
          }
        });
    return devices;
  }

  /** Of the run that was the most wrong. */
  private static int clockSeconds(Map<Integer, Long> offsets) {
    long worst = offsets.values().stream().reduce(0L, (a, b) -> Math.abs(b) > Math.abs(a) ? b : a);
    return (int) Math.round(worst / 1000.0);
  }

  private static int seconds(Duration duration) {
    return (int) duration.toSeconds();
  }
}
