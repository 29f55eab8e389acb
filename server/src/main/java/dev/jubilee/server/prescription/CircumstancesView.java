package dev.jubilee.server.prescription;

import dev.jubilee.core.circumstances.Circumstances;
import dev.jubilee.core.circumstances.CircumstancesBuilder;
import dev.jubilee.core.circumstances.ComingFrom;
import dev.jubilee.core.circumstances.Conditions;
import dev.jubilee.core.circumstances.ConditionsBuilder;
import dev.jubilee.core.circumstances.Freshness;
import dev.jubilee.core.circumstances.Place;
import dev.jubilee.core.circumstances.PriorExercise;
import dev.jubilee.core.circumstances.Stage;
import dev.jubilee.core.circumstances.Transfer;
import dev.jubilee.core.drill.Kit;
import dev.jubilee.core.quantity.OutOfRangeException;
import io.swagger.v3.oas.annotations.media.Schema;
import jakarta.validation.Valid;
import jakarta.validation.constraints.NotNull;
import jakarta.validation.constraints.Size;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.function.Function;

/**
 * Circumstances as they are entered.
 *
 * @param before what was done before the warm-up, if anything
 * @param slipped minutes by which the first effort comes later than the session says
 * @param earlier what is done elsewhere first, out of the same minutes
 * @param freshness how fresh the athlete comes
 */
public record CircumstancesView(
    int minutes,
    boolean fill,
    @NotNull Place place,
    @NotNull @Size(max = 20) List<@NotNull Kit> kit,
    int temperature,
    @NotNull ComingFrom comingFrom,
    @Schema(nullable = true) @Valid ConditionsView conditions,
    @Schema(nullable = true) @Size(max = PriorExercise.MOST_ENTERED)
        List<@NotNull @Valid PriorView> before,
    @Schema(nullable = true) Integer slipped,
    @Schema(nullable = true) @Size(max = Stage.MOST) List<@NotNull @Valid StageView> earlier,
    @Schema(nullable = true) Freshness freshness) {

  static CircumstancesView of(Circumstances c) {
    return new CircumstancesView(
        c.minutes(),
        c.fill(),
        c.place(),
        c.kit().stream().sorted().toList(),
        c.temperature(),
        c.comingFrom(),
        ConditionsView.of(c.conditions()),
        c.before().stream().map(PriorView::of).toList(),
        c.slipped(),
        c.earlier().stream().map(StageView::of).toList(),
        c.freshness());
  }

  Circumstances toCore() {
    Conditions under = conditions == null ? Conditions.USUAL : conditions.toCore();
    return CircumstancesBuilder.builder(
            Circumstances.of(minutes, place, Set.copyOf(kit), temperature, comingFrom))
        .fill(fill)
        .conditions(under)
        .before(each("before", before, PriorView::toCore))
        .slipped(slipped == null ? 0 : slipped)
        .earlier(each("earlier", earlier, StageView::toCore))
        .freshness(freshness == null ? Freshness.FRESH : freshness)
        .build();
  }

  /** What is refused names its place in the list. */
  private static <V, C> List<C> each(String field, List<V> views, Function<V, C> toCore) {
    List<C> all = new ArrayList<>();
    for (int i = 0; views != null && i < views.size(); i++) {
      try {
        all.add(toCore.apply(views.get(i)));
      } catch (OutOfRangeException e) {
        throw e.in(field + "[" + i + "].");
      }
    }
    return all;
  }

  /**
   * A part of the warm-up that is done elsewhere.
   *
   * @param minutes to be spent there
   * @param transfer how one gets on from there
   * @param transferMinutes how long that takes
   */
  public record StageView(
      @NotNull Place place,
      @NotNull @Size(max = 20) List<@NotNull Kit> kit,
      int temperature,
      int minutes,
      @NotNull Transfer.Means transfer,
      int transferMinutes) {

    static StageView of(Stage s) {
      return new StageView(
          s.place(),
          s.kit().stream().sorted().toList(),
          s.temperature(),
          s.minutes(),
          s.transfer().means(),
          s.transfer().minutes());
    }

    Stage toCore() {
      Transfer on = new Transfer(transfer, transferMinutes);
      return new Stage(place, Set.copyOf(kit), temperature, minutes, on);
    }
  }

  /**
   * What the athlete did before the warm-up.
   *
   * @param minutes how long it took
   * @param endedBefore minutes from its end to the first effort
   */
  public record PriorView(
      @NotNull PriorExercise.Kind kind,
      @NotNull PriorExercise.Movement movement,
      @NotNull PriorExercise.Hardness hardness,
      int minutes,
      int endedBefore) {

    static PriorView of(PriorExercise p) {
      return new PriorView(p.kind(), p.movement(), p.hardness(), p.minutes(), p.endedBefore());
    }

    PriorExercise toCore() {
      return new PriorExercise(kind, movement, hardness, minutes, endedBefore);
    }
  }

  /**
   * Weather, ground, wait and company.
   *
   * @param lane m, or absent for the place's own
   * @param thunder now or within the last half hour; absent is no
   * @param airQuality index (US EPA), 0 to 500, where it is known
   * @param water temperature, °C, where it is known
   * @param altitude m above the sea, 0 to 5000; absent is 0
   * @param gradient where the session begins, %, −20 to 20; absent is flat
   */
  public record ConditionsView(
      int wind,
      boolean wet,
      @NotNull Conditions.Surface surface,
      int waitMinutes,
      int group,
      @Schema(nullable = true) Integer lane,
      @Schema(nullable = true) Integer humidity,
      @Schema(nullable = true) Boolean thunder,
      @Schema(nullable = true) Integer airQuality,
      @Schema(nullable = true) Integer water,
      @Schema(nullable = true) Boolean wetsuit,
      @Schema(nullable = true) Integer altitude,
      @Schema(nullable = true) Integer gradient) {

    static ConditionsView of(Conditions c) {
      return new ConditionsView(
          c.wind(),
          c.wet(),
          c.surface(),
          c.waitMinutes(),
          c.group(),
          c.lane().orElse(null),
          c.humidity().orElse(null),
          c.thunder(),
          c.airQuality().orElse(null),
          c.water().orElse(null),
          c.wetsuit(),
          c.altitude(),
          c.gradient());
    }

    Conditions toCore() {
      return ConditionsBuilder.builder(Conditions.USUAL)
          .wind(wind)
          .wet(wet)
          .surface(surface)
          .waitMinutes(waitMinutes)
          .group(group)
          .lane(Optional.ofNullable(lane))
          .humidity(Optional.ofNullable(humidity))
          .thunder(Boolean.TRUE.equals(thunder))
          .airQuality(Optional.ofNullable(airQuality))
          .water(Optional.ofNullable(water))
          .wetsuit(Boolean.TRUE.equals(wetsuit))
          .altitude(altitude == null ? 0 : altitude)
          .gradient(gradient == null ? 0 : gradient)
          .build();
    }
  }
}
