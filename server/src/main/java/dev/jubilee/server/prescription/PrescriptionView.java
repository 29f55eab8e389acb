package dev.jubilee.server.prescription;

import dev.jubilee.core.approach.Approach;
import dev.jubilee.core.circumstances.Circumstances;
import dev.jubilee.core.circumstances.ComingFrom;
import dev.jubilee.core.circumstances.Conditions;
import dev.jubilee.core.circumstances.Place;
import dev.jubilee.core.drill.Kit;
import dev.jubilee.core.sport.Level;
import dev.jubilee.server.handover.ShareLinks;
import dev.jubilee.server.session.SessionDetails;
import io.swagger.v3.oas.annotations.media.Schema;
import jakarta.validation.Valid;
import jakarta.validation.constraints.NotNull;
import jakarta.validation.constraints.Size;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.UUID;

/**
 * A prescription as the builder shows it.
 *
 * @param revision the number to base an edit on
 * @param edit what made this revision
 * @param link by which the athlete follows it, if there is one
 */
public record PrescriptionView(
    UUID id,
    int revision,
    boolean canUndo,
    boolean canRedo,
    String edit,
    AthleteSummary athlete,
    UUID sessionId,
    SessionDetails session,
    CircumstancesView circumstances,
    Approach approach,
    PlanView plan,
    @Schema(nullable = true) ShareLinks.Shown link) {

  /** Whom it is for. */
  public record AthleteSummary(UUID id, String name, Level level) {}

  /** Circumstances as they are entered. */
  public record CircumstancesView(
      int minutes,
      boolean fill,
      @NotNull Place place,
      @NotNull @Size(max = 20) List<@NotNull Kit> kit,
      int temperature,
      @NotNull ComingFrom comingFrom,
      @Schema(nullable = true) @Valid ConditionsView conditions) {

    static CircumstancesView of(Circumstances c) {
      return new CircumstancesView(
          c.minutes(),
          c.fill(),
          c.place(),
          c.kit().stream().sorted().toList(),
          c.temperature(),
          c.comingFrom(),
          ConditionsView.of(c.conditions()));
    }

    Circumstances toCore() {
      Conditions under = conditions == null ? Conditions.USUAL : conditions.toCore();
      return new Circumstances(
          minutes, fill, place, Set.copyOf(kit), temperature, comingFrom, under);
    }
  }

  /**
   * Weather, ground, wait and company.
   *
   * @param lane m, or absent for the place's own
   * @param thunder now or within the last half hour; absent is no
   * @param airQuality index (US EPA), 0 to 500, where it is known
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
      @Schema(nullable = true) Integer airQuality) {

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
          c.airQuality().orElse(null));
    }

    Conditions toCore() {
      return new Conditions(
          wind,
          wet,
          surface,
          waitMinutes,
          group,
          Optional.ofNullable(lane),
          Optional.ofNullable(humidity),
          Boolean.TRUE.equals(thunder),
          Optional.ofNullable(airQuality));
    }
  }
}
