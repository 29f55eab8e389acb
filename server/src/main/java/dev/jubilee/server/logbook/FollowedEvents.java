package dev.jubilee.server.logbook;

import dev.jubilee.core.decision.Mark;
import dev.jubilee.core.logbook.FollowEvent;
import dev.jubilee.core.logbook.Happening;
import dev.jubilee.core.logbook.Look;
import dev.jubilee.core.logbook.Standing;
import dev.jubilee.core.quantity.Bounds;
import dev.jubilee.core.quantity.OutOfRangeException;
import dev.jubilee.server.prescription.PrescriptionRepository;
import java.nio.charset.StandardCharsets;
import java.time.Instant;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.HashMap;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.UUID;
import org.springframework.data.domain.Limit;
import org.springframework.stereotype.Component;

/** Stores what devices tell, each event once, and gives it back as it was told. */
@Component
class FollowedEvents {
  /** More devices than one athlete, a coach and a helper use. */
  private static final int MOST_DEVICES = 12;

  /** Looks of coaches at one warm-up. */
  private static final int MOST_LOOKS = 200;

  private final PrescriptionRepository prescriptions;
  private final FollowedEventRepository events;
  private final FollowedClockRepository clocks;
  private final FollowedNowRepository now;

  FollowedEvents(
      PrescriptionRepository prescriptions,
      FollowedEventRepository events,
      FollowedClockRepository clocks,
      FollowedNowRepository now) {
    this.prescriptions = prescriptions;
    this.events = events;
    this.clocks = clocks;
    this.now = now;
  }

  /**
   * What one device told.
   *
   * @param offsets of its clock in each run, ms
   * @param revision the last that it followed
   */
  record Told(List<FollowEvent> events, Map<Integer, Long> offsets, int revision) {}

  /** Stores what is new among the events; of one warm-up, one batch after the other. */
  void store(UUID prescriptionId, ToldBatch batch, Instant received) {
    prescriptions.lock(prescriptionId);
    refuseManyDevices(prescriptionId, batch.device());
    long offset = received.toEpochMilli() - batch.sentAt();
    hearClock(new FollowedClockRow.Key(prescriptionId, batch.device(), batch.run()), offset);
    List<FollowEvent> inOrder =
        batch.events().stream().sorted(Comparator.comparingInt(FollowEvent::sequence)).toList();
    Set<Integer> told =
        events.findTold(
            prescriptionId, batch.device(), inOrder.stream().map(FollowEvent::sequence).toList());
    Map<Integer, FollowedEventRow> fresh = new LinkedHashMap<>();
    inOrder.stream()
        .filter(e -> !told.contains(e.sequence()))
        .forEach(
            e ->
                fresh.putIfAbsent(
                    e.sequence(),
                    new FollowedEventRow(
                        prescriptionId, batch.device(), batch.revision(), e, received)));
    events.saveAll(fresh.values());
    stand(prescriptionId, inOrder, offset, received);
  }

  private void hearClock(FollowedClockRow.Key key, long offset) {
    FollowedClockRow row = clocks.findById(key).orElseGet(() -> new FollowedClockRow(key));
    row.hear(offset);
    clocks.save(row);
  }

  /** Stands for the coaches at one warm-up, beside the devices that follow it. */
  static UUID coachs(UUID prescriptionId) {
    return UUID.nameUUIDFromBytes(
        ("coaches of " + prescriptionId).getBytes(StandardCharsets.UTF_8));
  }

  /** Stores what a coach saw, after what coaches saw before. */
  void storeCoachs(UUID prescriptionId, int revision, Look look, Instant seen) {
    UUID device = coachs(prescriptionId);
    prescriptions.lock(prescriptionId);
    int last = events.lastSequence(prescriptionId, device);
    int number = Bounds.within("looks", last + 1, 1, MOST_LOOKS, "");
    FollowEvent event = new FollowEvent(number, 1, seen.toEpochMilli(), new Happening.Looked(look));
    events.save(new FollowedEventRow(prescriptionId, device, revision, event, seen));
    stand(prescriptionId, List.of(event), 0, seen);
  }

  private void stand(UUID prescriptionId, List<FollowEvent> told, long offset, Instant changed) {
    FollowedNowRow row =
        now.findById(prescriptionId).orElseGet(() -> new FollowedNowRow(prescriptionId));
    Standing standing = row.standing();
    for (FollowEvent event : told) {
      standing = standing.after(event.happening(), Instant.ofEpochMilli(event.at() + offset));
    }
    row.stand(standing, changed);
    now.saveAndFlush(row);
  }

  private void refuseManyDevices(UUID prescriptionId, UUID device) {
    if (clocks.countOthers(prescriptionId, device) >= MOST_DEVICES) {
      throw new OutOfRangeException(
          "device", "another device", "at most " + MOST_DEVICES + " for one warm-up");
    }
  }

  /** Everything told of a warm-up, by device, the one that told first before the others. */
  Map<UUID, Told> of(UUID prescriptionId) {
    Map<UUID, Map<Integer, Long>> offsets = new HashMap<>();
    clocks
        .findByPrescriptionId(prescriptionId)
        .forEach(
            c ->
                offsets
                    .computeIfAbsent(c.device(), k -> new HashMap<>())
                    .put(c.run(), c.offsetMillis()));
    Map<UUID, Told> told = new LinkedHashMap<>();
    for (FollowedEventRepository.Heard heard :
        events.findOf(prescriptionId, Limit.of(FollowEvent.MOST))) {
      Told before = told.get(heard.device());
      List<FollowEvent> list = before == null ? new ArrayList<>() : before.events();
      list.add(heard.event().toCore());
      told.put(
          heard.device(),
          new Told(list, offsets.getOrDefault(heard.device(), Map.of()), heard.revision()));
    }
    return told;
  }

  /** What was marked, by warm-up. */
  Map<UUID, List<Mark>> marks(List<UUID> prescriptionIds) {
    Map<UUID, List<Mark>> marks = new HashMap<>();
    for (FollowedEventRepository.Looked looked : events.findLooks(prescriptionIds)) {
      marks
          .computeIfAbsent(looked.prescriptionId(), k -> new ArrayList<>())
          .addAll(looked.event().look().toCore().marks());
    }
    return marks;
  }
}
