package dev.jubilee.core.logbook;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import dev.jubilee.core.athlete.Restriction;
import dev.jubilee.core.decision.Checkpoint;
import dev.jubilee.core.decision.Decision;
import dev.jubilee.core.decision.Mark;
import dev.jubilee.core.logbook.Happening.Answer;
import dev.jubilee.core.logbook.Happening.Kind;
import dev.jubilee.core.logbook.Happening.Looked;
import dev.jubilee.core.logbook.Happening.Moment;
import dev.jubilee.core.logbook.Happening.OfItem;
import dev.jubilee.core.logbook.Happening.Sensed;
import dev.jubilee.core.logbook.Happening.SkipReason;
import dev.jubilee.core.quantity.OutOfRangeException;
import dev.jubilee.core.sport.BodyRegion;
import java.time.Duration;
import java.time.Instant;
import java.util.ArrayList;
import java.util.Collections;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Random;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.EnumSource;
import org.junit.jupiter.params.provider.ValueSource;

/** What devices tell adds up to the same, however and in whatever order it comes. */
class FollowedTest {
  private static final long BEGUN = Instant.parse("2026-12-01T17:00:00Z").toEpochMilli();
  private static final List<String> ITEMS = List.of("easy-jog", "leg-swings", "a-skip", "strides");

  @ParameterizedTest
  @ValueSource(longs = {1, 2, 3, 4, 5, 6, 7, 8, 9, 10})
  void theOrderOfArrivalChangesNothing(long seed) {
    Random chance = new Random(seed);
    List<FollowEvent> told = new ArrayList<>();
    for (int i = 1; i <= 60; i++) {
      told.add(new FollowEvent(i, 1, BEGUN + 1000L * i, any(chance, BEGUN + 1000L * i)));
    }
    List<FollowEvent> shuffled = new ArrayList<>(told);
    Collections.shuffle(shuffled, chance);
    assertThat(standing(shuffled)).isEqualTo(standing(told)).isNotEqualTo(Standing.NOTHING_TOLD);
    assertThat(DeviceRecord.of(shuffled, Map.of())).isEqualTo(DeviceRecord.of(told, Map.of()));
  }

  @ParameterizedTest
  @EnumSource(Kind.class)
  void whatIsToldOfAKindIsReadAsIt(Kind kind) {
    Random chance = new Random(1);
    Happening happening = any(chance, BEGUN);
    while (happening.kind() != kind) {
      happening = any(chance, BEGUN);
    }
    Happening.Told told = happening.told();
    assertThat(told.toHappening()).isEqualTo(happening);
    Optional<String> item = told.item().isPresent() ? Optional.empty() : Optional.of("a-skip");
    assertThatThrownBy(
            () ->
                HappeningToldBuilder.builder()
                    .kind(kind)
                    .item(item)
                    .drill(told.drill())
                    .reason(told.reason())
                    .seconds(told.seconds())
                    .value(told.value())
                    .signals(told.signals())
                    .look(told.look())
                    .build()
                    .toHappening())
        .isInstanceOf(OutOfRangeException.class)
        .hasMessageContaining("item");
  }

  /** The clock of the device was ten minutes slow, and was set right when the page was reloaded. */
  @Test
  void clocksAreSetRightAndPausesCountForNothing() {
    DeviceRecord record =
        DeviceRecord.of(
            List.of(
                event(1, 1, -600, new Moment(Kind.BEGUN)),
                event(2, 1, -600, item(Kind.ITEM_STARTED, 0)),
                event(3, 1, -540, new Moment(Kind.PAUSED)),
                event(4, 1, -480, new Moment(Kind.RESUMED)),
                event(5, 2, 200, new Moment(Kind.JACKET_OFF)),
                event(6, 2, 300, item(Kind.ITEM_DONE, 180)),
                event(
                    7,
                    2,
                    301,
                    new OfItem(
                        Kind.SKIPPED,
                        "leg-swings",
                        Optional.empty(),
                        Optional.of(SkipReason.NO_ROOM),
                        2)),
                event(8, 2, 302, new Moment(Kind.ENDED))),
            Map.of(1, 600_000L, 2, 0L));
    assertThat(record.begun()).contains(Instant.ofEpochMilli(BEGUN));
    assertThat(record.ended()).contains(Instant.ofEpochMilli(BEGUN + 302_000));
    assertThat(record.paused()).isEqualTo(Duration.ofSeconds(60));
    assertThat(record.jacketOff()).contains(Duration.ofSeconds(140));
    assertThat(record.items().get("easy-jog").state()).isEqualTo(DeviceRecord.State.DONE);
    assertThat(record.items().get("easy-jog").seconds()).isEqualTo(180);
    assertThat(record.items().get("leg-swings").state()).isEqualTo(DeviceRecord.State.SKIPPED);
    assertThat(record.items().get("leg-swings").reason()).contains(SkipReason.NO_ROOM);
  }

  private static FollowEvent event(int sequence, int run, int second, Happening happening) {
    return new FollowEvent(sequence, run, BEGUN + 1000L * second, happening);
  }

  private static OfItem item(Kind kind, int seconds) {
    return new OfItem(kind, "easy-jog", Optional.empty(), Optional.empty(), seconds);
  }

  private static Standing standing(List<FollowEvent> events) {
    Standing standing = Standing.NOTHING_TOLD;
    for (FollowEvent event : events) {
      standing = standing.after(event.happening(), Instant.ofEpochMilli(event.at()));
    }
    return standing;
  }

  private static Happening any(Random chance, long at) {
    Kind kind = one(chance, Kind.values());
    return switch (kind) {
      case FELT, BEST_EFFORT -> new Answer(kind, 1 + chance.nextInt(5));
      case SIGNALS -> new Sensed(List.of(new Signal(at, 90 + chance.nextInt(90), 0, 0)));
      case LOOKED ->
          new Looked(
              LookBuilder.builder()
                  .checkpoint(Checkpoint.RAISE_DONE)
                  .marks(List.of(Mark.tight(BodyRegion.CALVES, Restriction.Side.LEFT)))
                  .decided(one(chance, Decision.Kind.values()))
                  .ground(Decision.Ground.ALL_WELL)
                  .isTaken(true)
                  .session(Optional.empty())
                  .build());
      default ->
          kind.isOfItem()
              ? new OfItem(
                  kind,
                  ITEMS.get(chance.nextInt(ITEMS.size())),
                  Optional.empty(),
                  Optional.empty(),
                  chance.nextInt(60))
              : new Moment(kind);
    };
  }

  private static <T> T one(Random chance, T[] of) {
    return of[chance.nextInt(of.length)];
  }
}
