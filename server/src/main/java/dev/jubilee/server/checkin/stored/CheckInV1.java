package dev.jubilee.server.checkin.stored;

import com.fasterxml.jackson.annotation.JsonInclude;
import dev.jubilee.core.athlete.Restriction;
import dev.jubilee.core.checkin.Alarm;
import dev.jubilee.core.checkin.CheckIn;
import dev.jubilee.core.checkin.CheckInBuilder;
import dev.jubilee.core.circumstances.ComingFrom;
import dev.jubilee.core.sport.BodyRegion;
import java.util.List;
import java.util.Optional;
import java.util.Set;

/** What an athlete told, as it lies in the database. */
@JsonInclude(JsonInclude.Include.NON_NULL)
public record CheckInV1(
    Integer sleep,
    Integer mood,
    Integer freshness,
    List<AcheV1> aches,
    boolean hurts,
    List<PainV1> pains,
    List<Alarm> alarms,
    Integer minutes,
    ComingFrom comingFrom,
    String word) {

  /** See {@link CheckIn.Ache}. */
  public record AcheV1(BodyRegion region, Restriction.Side side, boolean isSore) {}

  /** See {@link CheckIn.Pain}. */
  public record PainV1(
      BodyRegion region, Restriction.Side side, int intensity, CheckIn.Since since) {}

  public static CheckInV1 of(CheckIn c) {
    return new CheckInV1(
        c.sleep().orElse(null),
        c.mood().orElse(null),
        c.freshness().orElse(null),
        c.aches().stream().map(a -> new AcheV1(a.region(), a.side(), a.isSore())).toList(),
        c.hurts(),
        c.pains().stream()
            .map(p -> new PainV1(p.region(), p.side(), p.intensity(), p.since()))
            .toList(),
        c.alarms().stream().sorted().toList(),
        c.minutes().orElse(null),
        c.comingFrom().orElse(null),
        c.word());
  }

  public CheckIn toCore() {
    return CheckInBuilder.builder()
        .sleep(Optional.ofNullable(sleep))
        .mood(Optional.ofNullable(mood))
        .freshness(Optional.ofNullable(freshness))
        .aches(aches.stream().map(a -> new CheckIn.Ache(a.region(), a.side(), a.isSore())).toList())
        .hurts(hurts)
        .pains(
            pains.stream()
                .map(p -> new CheckIn.Pain(p.region(), p.side(), p.intensity(), p.since()))
                .toList())
        .alarms(Set.copyOf(alarms))
        .minutes(Optional.ofNullable(minutes))
        .comingFrom(Optional.ofNullable(comingFrom))
        .word(word)
        .build();
  }
}
