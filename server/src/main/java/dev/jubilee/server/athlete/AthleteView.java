package dev.jubilee.server.athlete;

import dev.jubilee.core.quantity.Phrase;
import dev.jubilee.core.sport.Sport;
import io.swagger.v3.oas.annotations.media.Schema;
import java.util.List;
import java.util.UUID;

/**
 * An athlete with what follows from their results.
 *
 * @param version to send back with a change
 * @param archived whether they left: kept where they are, offered for nothing new
 * @param basis a sentence for each figure found, in their main sport
 * @param conflicts a sentence for each result that does not go with the others
 * @param weighed what each result says, in the order of the profile's results
 */
public record AthleteView(
    UUID id,
    long version,
    boolean archived,
    AthleteProfile profile,
    List<Phrase> basis,
    List<String> conflicts,
    List<WeighedView> weighed) {

  /**
   * What a result says.
   *
   * @param critical critical speed in m/s or power in W; absent for sprints
   * @param spread its uncertainty as a share
   * @param counts whether the athlete's figures come from it
   * @param daysAgo its age, if the date is known
   */
  public record WeighedView(
      Sport sport,
      @Schema(nullable = true) Double critical,
      double spread,
      boolean counts,
      @Schema(nullable = true) Integer daysAgo) {}
}
