package dev.jubilee.server.prescription;

import dev.jubilee.core.sport.Level;
import dev.jubilee.server.approach.ApproachView;
import dev.jubilee.server.handover.ShareLinks;
import dev.jubilee.server.session.SessionDetails;
import io.swagger.v3.oas.annotations.media.Schema;
import java.time.LocalDateTime;
import java.util.UUID;

/**
 * A prescription as the builder shows it.
 *
 * @param revision the number to base an edit on
 * @param edit what made this revision
 * @param startsAt first effort in the club's local time; later than the session's where it slipped
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
    LocalDateTime startsAt,
    CircumstancesView circumstances,
    ApproachView approach,
    PlanView plan,
    @Schema(nullable = true) ShareLinks.Shown link) {

  /** Whom it is for. */
  public record AthleteSummary(UUID id, String name, Level level) {}

  public static PrescriptionView of(Prescription p) {
    return new PrescriptionView(
        p.id(),
        p.revision(),
        p.canUndo(),
        p.canRedo(),
        p.edit(),
        new AthleteSummary(p.athleteId(), p.athlete().name(), p.athlete().level()),
        p.sessionId(),
        p.session(),
        p.startsAt(),
        CircumstancesView.of(p.request().circumstances().asSaid()),
        ApproachView.of(p.request().approach()),
        PlanView.of(p.warmUp()),
        p.link().orElse(null));
  }
}
