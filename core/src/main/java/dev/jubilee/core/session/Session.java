package dev.jubilee.core.session;

import dev.jubilee.core.quantity.Bounds;
import dev.jubilee.core.sport.Sport;
import dev.jubilee.core.sport.Stroke;
import java.time.Duration;
import java.util.Optional;

/**
 * The session a warm-up leads to.
 *
 * @param sport what it is done in
 * @param kind what it is for
 * @param title as the coach wrote it, 1 to 80 characters
 * @param effortMetres length of the first hard effort, 25 to 50 000 m, if given as a distance
 * @param effortTime length of the first hard effort, 5 s to 5 h, if given as a time
 * @param stroke for swimmers
 */
public record Session(
    Sport sport,
    SessionKind kind,
    String title,
    Optional<Double> effortMetres,
    Optional<Duration> effortTime,
    Optional<Stroke> stroke) {

  public Session {
    Bounds.within("title", title.strip().length(), 1, 80, "characters");
    effortMetres.ifPresent(m -> Bounds.within("effortMetres", m, 25, 50_000, "m"));
    effortTime.ifPresent(
        t -> Bounds.within("effortTime", t, Duration.ofSeconds(5), Duration.ofHours(5)));
  }
}
