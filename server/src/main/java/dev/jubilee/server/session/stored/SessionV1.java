package dev.jubilee.server.session.stored;

import com.fasterxml.jackson.annotation.JsonAlias;
import com.fasterxml.jackson.annotation.JsonInclude;
import dev.jubilee.core.circumstances.ComingFrom;
import dev.jubilee.core.circumstances.Place;
import dev.jubilee.core.drill.Kit;
import dev.jubilee.core.session.SessionKind;
import dev.jubilee.core.sport.Sport;
import dev.jubilee.core.sport.Stroke;
import java.time.LocalDateTime;
import java.util.List;
import java.util.UUID;

/** A session as it is stored. */
public record SessionV1(
    LocalDateTime startsAt,
    Sport sport,
    SessionKind kind,
    String title,
    Double effortMetres,
    Double effortSeconds,
    Stroke stroke,
    Place place,
    int minutes,
    int temperature,
    @JsonAlias("arrival") ComingFrom comingFrom,
    List<Kit> kit,
    List<UUID> athleteIds,
    @JsonInclude(JsonInclude.Include.NON_EMPTY) List<LaterStartV1> laterStarts,
    @JsonInclude(JsonInclude.Include.NON_NULL) Boolean calledOff) {

  public record LaterStartV1(UUID athleteId, int minutes) {}
}
