package dev.jubilee.server.checkin;

import dev.jubilee.core.athlete.Restriction;
import dev.jubilee.core.checkin.Alarm;
import dev.jubilee.core.checkin.CheckIn;
import dev.jubilee.core.checkin.CheckInBuilder;
import dev.jubilee.core.circumstances.ComingFrom;
import dev.jubilee.core.quantity.OutOfRangeException;
import dev.jubilee.core.sport.BodyRegion;
import io.swagger.v3.oas.annotations.media.Schema;
import jakarta.validation.Valid;
import jakarta.validation.constraints.NotNull;
import jakarta.validation.constraints.Size;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.Set;

/** What an athlete tells; see {@link CheckIn}. */
public record CheckInInput(
    @Schema(nullable = true) Integer sleep,
    @Schema(nullable = true) Integer mood,
    @Schema(nullable = true) Integer freshness,
    @NotNull @Size(max = CheckIn.MOST_PLACES) List<@NotNull @Valid AcheInput> aches,
    boolean hurts,
    @NotNull @Size(max = CheckIn.MOST_PLACES) List<@NotNull @Valid PainInput> pains,
    @NotNull @Size(max = 20) List<@NotNull Alarm> alarms,
    @Schema(nullable = true) Integer minutes,
    @Schema(nullable = true) ComingFrom comingFrom,
    @NotNull @Size(max = CheckIn.LONGEST_WORD, message = "{text.length}") String word) {

  /** A place that is stiff, or sore. */
  public record AcheInput(
      @NotNull BodyRegion region, @NotNull Restriction.Side side, boolean isSore) {}

  /** A place that hurts. */
  public record PainInput(
      @NotNull BodyRegion region,
      @NotNull Restriction.Side side,
      int intensity,
      @NotNull CheckIn.Since since) {
    CheckIn.Pain toCore() {
      return new CheckIn.Pain(region, side, intensity, since);
    }
  }

  static CheckInInput of(CheckIn c) {
    return new CheckInInput(
        c.sleep().orElse(null),
        c.mood().orElse(null),
        c.freshness().orElse(null),
        c.aches().stream().map(a -> new AcheInput(a.region(), a.side(), a.isSore())).toList(),
        c.hurts(),
        c.pains().stream()
            .map(p -> new PainInput(p.region(), p.side(), p.intensity(), p.since()))
            .toList(),
        c.alarms().stream().sorted().toList(),
        c.minutes().orElse(null),
        c.comingFrom().orElse(null),
        c.word());
  }

  /**
   * The check-in as core knows it.
   *
   * @throws OutOfRangeException naming the field and what would be accepted
   */
  public CheckIn toCore() {
    List<CheckIn.Pain> hurting = new ArrayList<>();
    for (int i = 0; i < pains.size(); i++) {
      try {
        hurting.add(pains.get(i).toCore());
      } catch (OutOfRangeException e) {
        throw e.in("pains[" + i + "].");
      }
    }
    return CheckInBuilder.builder()
        .sleep(Optional.ofNullable(sleep))
        .mood(Optional.ofNullable(mood))
        .freshness(Optional.ofNullable(freshness))
        .aches(aches.stream().map(a -> new CheckIn.Ache(a.region(), a.side(), a.isSore())).toList())
        .hurts(hurts)
        .pains(hurting)
        .alarms(Set.copyOf(alarms))
        .minutes(Optional.ofNullable(minutes))
        .comingFrom(Optional.ofNullable(comingFrom))
        .word(word)
        .build();
  }
}
