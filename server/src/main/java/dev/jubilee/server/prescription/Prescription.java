package dev.jubilee.server.prescription;

import dev.jubilee.core.plan.PrescriptionRequest;
import dev.jubilee.core.warmup.GivenWarmUp;
import dev.jubilee.server.athlete.AthleteProfile;
import dev.jubilee.server.handover.ShareLinks;
import dev.jubilee.server.session.SessionDetails;
import java.time.LocalDateTime;
import java.util.Optional;
import java.util.UUID;

/**
 * One athlete's warm-up for one session, as it stands.
 *
 * @param revision the number to base an edit on
 * @param edit what made this revision
 * @param startsAt first effort in the club's local time; later than the session's where it slipped
 * @param request what it was computed from
 * @param link by which the athlete follows it, if there is one
 */
public record Prescription(
    UUID id,
    int revision,
    boolean canUndo,
    boolean canRedo,
    String edit,
    UUID athleteId,
    AthleteProfile athlete,
    UUID sessionId,
    SessionDetails session,
    LocalDateTime startsAt,
    PrescriptionRequest request,
    GivenWarmUp warmUp,
    Optional<ShareLinks.Shown> link) {}
