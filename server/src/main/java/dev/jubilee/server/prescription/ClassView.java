package dev.jubilee.server.prescription;

import dev.jubilee.core.drill.WarmUpPart;
import dev.jubilee.core.quantity.Phrase;
import dev.jubilee.core.sport.Level;
import dev.jubilee.server.session.SessionDetails;
import java.util.List;
import java.util.UUID;

/**
 * A class in one room: one skeleton, each drill explained once, its versions side by side.
 *
 * @param version of the session
 * @param isOne whether all have the same skeleton
 */
public record ClassView(
    UUID sessionId,
    long version,
    SessionDetails session,
    List<ClassMember> members,
    List<ClassRow> rows,
    boolean isOne) {

  /** Somebody who is there, with a warm-up. */
  public record ClassMember(UUID athleteId, UUID prescriptionId, String name, Level level) {}

  /**
   * What is done together.
   *
   * @param seconds until the last is done
   * @param steps how it is done, said once for all
   */
  public record ClassRow(
      WarmUpPart block,
      String name,
      int seconds,
      List<String> steps,
      List<String> cues,
      List<ClassVersion> versions) {}

  /** A version of it and who does it; the commonest first. */
  public record ClassVersion(String name, Phrase dose, String caution, List<UUID> athleteIds) {}
}
