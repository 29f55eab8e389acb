package dev.jubilee.server.zone.stored;

import dev.jubilee.core.session.Aim;
import dev.jubilee.core.sport.Sport;
import java.util.List;

/** What a club's zones mean, as it lies in the database. */
public record ZonesV1(List<MeaningV1> meanings) {

  /** A zone of a sport, 1 to 7, from its gentler end to its harder one in its unit. */
  public record MeaningV1(Sport sport, int zone, Aim.Unit unit, double low, double high) {}
}
