package dev.jubilee.core.screening;

import dev.jubilee.core.athlete.Restriction.Side;
import dev.jubilee.core.checkin.CheckIn;
import dev.jubilee.core.decision.Mark;
import dev.jubilee.core.decision.Sign;
import dev.jubilee.core.sport.BodyRegion;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.List;

/**
 * What was seen of a body around one session: told in the check-in, or marked in the warm-up.
 *
 * @param date of the session
 * @param places that were not as they should be
 * @param isUnsteady whether balance was wobbly
 * @param isHeavy whether contacts were heavy
 */
public record Seen(LocalDate date, List<PlaceSeen> places, boolean isUnsteady, boolean isHeavy) {
  public Seen {
    places = List.copyOf(places);
  }

  /** How a place was. */
  public enum How {
    STIFF,
    SORE,
    PAINFUL
  }

  /**
   * A place.
   *
   * @param pain of 10; 0 where it was stiff or sore
   */
  public record PlaceSeen(BodyRegion region, Side side, How how, int pain) {
    boolean isOn(BodyRegion otherRegion, Side otherSide) {
      return region == otherRegion && (side == otherSide || side == Side.BOTH);
    }
  }

  /** Of a session. */
  public static Seen of(LocalDate date, List<CheckIn> told, List<Mark> marks) {
    List<PlaceSeen> places = new ArrayList<>();
    for (CheckIn checkIn : told) {
      checkIn
          .aches()
          .forEach(
              a ->
                  places.add(
                      new PlaceSeen(a.region(), a.side(), a.isSore() ? How.SORE : How.STIFF, 0)));
      checkIn
          .pains()
          .forEach(
              p -> places.add(new PlaceSeen(p.region(), p.side(), How.PAINFUL, p.intensity())));
    }
    for (Mark mark : marks) {
      mark.region()
          .ifPresent(
              region ->
                  places.add(
                      new PlaceSeen(
                          region,
                          mark.side(),
                          mark.sign() == Sign.PAIN ? How.PAINFUL : How.STIFF,
                          mark.pain())));
    }
    return new Seen(
        date,
        places,
        marks.stream().anyMatch(m -> m.sign() == Sign.WOBBLY),
        marks.stream().anyMatch(m -> m.sign() == Sign.CONTACTS_HEAVY));
  }
}
