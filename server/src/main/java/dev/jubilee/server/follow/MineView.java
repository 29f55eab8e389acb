package dev.jubilee.server.follow;

import dev.jubilee.core.drill.Kit;
import dev.jubilee.core.session.SessionKind;
import dev.jubilee.core.sport.Sport;
import dev.jubilee.server.club.HourCycle;
import dev.jubilee.server.club.Measures;
import io.swagger.v3.oas.annotations.media.Schema;
import java.time.OffsetDateTime;
import java.util.List;

/** An athlete's next sessions and the warm-ups for them, behind one link. */
public record MineView(
    String athleteName, HourCycle hourCycle, Measures measures, List<Next> next) {

  /**
   * A session to come.
   *
   * @param startsAt the athlete's first effort
   * @param beginsAt of the warm-up; null while none is prescribed
   * @param token of the link to follow it
   * @param bring what its drills need
   */
  public record Next(
      String sessionTitle,
      Sport sport,
      SessionKind kind,
      String place,
      int temperature,
      OffsetDateTime startsAt,
      @Schema(nullable = true) OffsetDateTime beginsAt,
      @Schema(nullable = true) Integer seconds,
      @Schema(nullable = true) String token,
      List<Kit> bring) {}
}
