package dev.jubilee.server.checkin;

import dev.jubilee.core.checkin.CheckInProposal;
import io.swagger.v3.oas.annotations.media.Schema;
import java.time.LocalDateTime;
import java.time.OffsetDateTime;
import java.util.List;
import java.util.UUID;

/**
 * A check-in as its coach sees it.
 *
 * @param startsAt the athlete's first effort, where the club is
 * @param baseRevision of the plan that is proposed to be changed
 * @param toldAt by the athlete's device
 * @param isCoachFirst whether nothing is to be done before the coach has spoken with them
 * @param proposed what a careful coach would change
 * @param notes what changes nothing and should be known
 * @param decidedBy the coach's name; null while it is open
 */
public record CheckInView(
    UUID id,
    UUID prescriptionId,
    UUID athleteId,
    String athleteName,
    UUID sessionId,
    String sessionTitle,
    LocalDateTime startsAt,
    int baseRevision,
    OffsetDateTime toldAt,
    CheckInInput answers,
    State state,
    boolean isCoachFirst,
    List<ProposedView> proposed,
    List<String> notes,
    @Schema(nullable = true) String decidedBy,
    @Schema(nullable = true) OffsetDateTime decidedAt) {

  /** What became of it. */
  public enum State {
    /** Nobody has decided. */
    OPEN,
    /** All or some of what was proposed was taken over. */
    TAKEN,
    /** The plan stays as it is. */
    REFUSED,
    /** The coach has spoken with them: the warm-up may be followed. */
    RELEASED,
    /** The athlete told anew. */
    SUPERSEDED,
    /** It came after the start, and changes nothing. */
    LATE,
    /** All is well: there is nothing to decide. */
    NOTHING
  }

  /** A change, why, and nothing done about it yet. */
  public record ProposedView(ChangeView change, String what, String why) {
    static ProposedView of(CheckInProposal.Proposed proposed) {
      return new ProposedView(ChangeView.of(proposed.change()), proposed.what(), proposed.why());
    }
  }
}
