package dev.jubilee.server.prescription;

import dev.jubilee.core.drill.Kit;
import dev.jubilee.core.session.Arrival;
import dev.jubilee.core.session.Circumstances;
import dev.jubilee.core.session.Place;
import dev.jubilee.core.sport.Level;
import dev.jubilee.server.session.SessionDetails;
import io.swagger.v3.oas.annotations.media.Schema;
import java.util.List;
import java.util.Set;
import java.util.UUID;

/**
 * A prescription as the builder shows it.
 *
 * @param revision the number to base an edit on
 * @param edit what made this revision
 * @param token of the hand-over link, if there is one
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
    PlanView plan,
    @Schema(nullable = true) String token) {

  /** Whom it is for. */
  public record AthleteSummary(UUID id, String name, Level level) {}

  /** Circumstances as they are entered. */
  public record CircumstancesView(
      int minutes, boolean fill, Place place, List<Kit> kit, int temperature, Arrival arrival) {

    static CircumstancesView of(Circumstances c) {
      return new CircumstancesView(
          c.minutes(),
          c.fill(),
          c.place(),
          c.kit().stream().sorted().toList(),
          c.temperature(),
          c.arrival());
    }

    Circumstances toCore() {
      Required.field("circumstances.place", place);
      Required.field("circumstances.kit", kit);
      Required.field("circumstances.arrival", arrival);
      return new Circumstances(minutes, fill, place, Set.copyOf(kit), temperature, arrival);
    }
  }
}
