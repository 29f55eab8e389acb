package dev.jubilee.server.record;

import dev.jubilee.core.session.SessionKind;
import dev.jubilee.core.sport.Sport;
import dev.jubilee.server.record.stored.ByHandV1;
import dev.jubilee.server.record.stored.RecordV1;
import java.time.LocalDateTime;
import java.util.Optional;
import java.util.UUID;

/**
 * A record.
 *
 * @param startsAt first effort of the session, where the club is
 * @param byHand what a coach said, if anything
 */
public record Kept(
    UUID prescriptionId,
    UUID athleteId,
    UUID sessionId,
    LocalDateTime startsAt,
    Sport sport,
    SessionKind kind,
    RecordV1 figures,
    Optional<ByHandV1> byHand) {}
