package dev.jubilee.core.logbook;

import io.soabase.recordbuilder.core.RecordBuilder;
import java.time.Duration;
import java.time.Instant;
import java.util.Collection;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import java.util.function.Function;

/**
 * What was really done of a warm-up, by all devices that followed it.
 *
 * @param begun on the first device
 * @param ended on the last one
 * @param started when the session's first effort began, if anybody said so
 * @param felt how ready, 1 to 5, as it was said last
 */
@RecordBuilder
public record FollowedRecord(
    Optional<Instant> begun,
    Optional<Instant> ended,
    Optional<Instant> started,
    Optional<Duration> jacketOff,
    Optional<Integer> felt,
    Optional<Integer> bestEffort,
    List<DeviceRecord> devices) {

  /** One record of several devices' own. */
  public static FollowedRecord of(Collection<DeviceRecord> devices) {
    return FollowedRecordBuilder.builder()
        .begun(each(devices, DeviceRecord::begun).stream().min(Comparator.naturalOrder()))
        .ended(each(devices, DeviceRecord::ended).stream().max(Comparator.naturalOrder()))
        .started(each(devices, DeviceRecord::started).stream().min(Comparator.naturalOrder()))
        .jacketOff(each(devices, DeviceRecord::jacketOff).stream().min(Comparator.naturalOrder()))
        .felt(each(devices, DeviceRecord::felt).stream().reduce((a, b) -> b))
        .bestEffort(each(devices, DeviceRecord::bestEffort).stream().reduce((a, b) -> b))
        .devices(List.copyOf(devices))
        .build();
  }

  private static <T> List<T> each(
      Collection<DeviceRecord> devices, Function<DeviceRecord, Optional<T>> part) {
    return devices.stream().flatMap(d -> part.apply(d).stream()).toList();
  }

  /** What was done of an item, by whichever device tells of more. */
  public DeviceRecord.Done item(String id) {
    return devices.stream()
        .map(DeviceRecord::items)
        .map(items -> items.getOrDefault(id, DeviceRecord.Done.NOT_REACHED))
        .reduce(DeviceRecord.Done.NOT_REACHED, (a, b) -> b.or(a));
  }

  /** Seconds of getting to an item, if a device told; of several the longest. */
  public Optional<Integer> changeover(String id) {
    return each(devices, d -> Optional.ofNullable(d.changeovers().get(id))).stream()
        .max(Comparator.naturalOrder());
  }

  /** What sensors said, of the device that heard the most. */
  public List<Signal> signals() {
    return devices.stream()
        .map(DeviceRecord::signals)
        .max(Comparator.comparingInt(List::size))
        .orElse(List.of());
  }

  /** How long it was from the end of the warm-up to the first effort, once both are known. */
  public Optional<Duration> waited() {
    return ended
        .flatMap(e -> started.map(s -> Duration.between(e, s)))
        .filter(d -> !d.isNegative());
  }
}
