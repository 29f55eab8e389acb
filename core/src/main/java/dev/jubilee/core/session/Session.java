package dev.jubilee.core.session;

import dev.jubilee.core.drill.Drill;
import dev.jubilee.core.quantity.Bounds;
import dev.jubilee.core.quantity.OutOfRangeException;
import dev.jubilee.core.sport.Sport;
import dev.jubilee.core.sport.Stroke;
import io.soabase.recordbuilder.core.RecordBuilder;
import java.time.Duration;
import java.util.Optional;

/**
 * The session a warm-up leads to.
 *
 * @param sport what it is done in
 * @param kind what it is for
 * @param title as the coach wrote it, 1 to 300 characters
 * @param effortMetres length of the first hard effort, 25 to 400 000 m, if given as a distance
 * @param effortTime length of the first hard effort, 5 s to 24 h, if given as a time
 * @param stroke for swimmers
 * @param aim how hard the first hard effort is meant to be, where the coach wrote it
 * @param rate strokes or pedal turns a minute of the first hard effort, 10 to 250, where the coach
 *     wrote it
 * @param bar how the first lift is held, in the gym, where the coach wrote which lift it is
 */
@RecordBuilder
public record Session(
    Sport sport,
    SessionKind kind,
    String title,
    Optional<Double> effortMetres,
    Optional<Duration> effortTime,
    Optional<Stroke> stroke,
    Optional<Aim> aim,
    Optional<Integer> rate,
    Optional<BarHold> bar)
    implements SessionBuilder.With {

  /** Longest first effort as a distance, m, and as a time: an ultramarathon, a day's ride. */
  public static final double LONGEST_METRES = 400_000;

  public static final Duration LONGEST = Duration.ofHours(24);

  /** A session of which no more is known than its kind and its title. */
  public static Session of(Sport sport, SessionKind kind, String title) {
    return SessionBuilder.builder()
        .sport(sport)
        .kind(kind)
        .title(title)
        .effortMetres(Optional.empty())
        .effortTime(Optional.empty())
        .stroke(Optional.empty())
        .aim(Optional.empty())
        .rate(Optional.empty())
        .bar(Optional.empty())
        .build();
  }

  /** With an aim that is in watts for each kilogram in those of a body. */
  public Session forBodyOf(int kilograms) {
    return withAim(aim.map(a -> a instanceof Aim.Figure f ? f.forBodyOf(kilograms) : a));
  }

  /** Whether it aims at watts for each kilogram of a body that nobody weighed. */
  public boolean asksForMass() {
    return aim.filter(a -> a instanceof Aim.Figure f && f.unit() == Aim.Unit.WATTS_PER_KG)
        .isPresent();
  }

  /**
   * How well a drill suits the session, 0 to 3; work on land takes what any sport uses, but for
   * what is of another sport alone.
   */
  public int suits(Drill drill) {
    boolean isOfAnother = drill.suits(sport) == 0 && drill.suits().size() == 1;
    return kind.isOnLand() && !isOfAnother
        ? drill.suits().values().stream().mapToInt(Integer::intValue).max().orElse(0)
        : drill.suits(sport);
  }

  /**
   * Whether the ladder that a drill stands on is climbed from its foot: before barriers, theirs.
   */
  public boolean climbs(Drill drill) {
    return kind.isOverBarriers() && drill.rung().isPresent() && drill.isForBarriers();
  }

  public Session {
    Bounds.within("title", title.strip().length(), 1, 300, "characters");
    if (!kind.isFor(sport)) {
      throw new OutOfRangeException("kind", kind, "steeple or hurdles only for runners");
    }
    effortMetres.ifPresent(m -> Bounds.within("effortMetres", m, 25, LONGEST_METRES, "m"));
    effortTime.ifPresent(t -> Bounds.within("effortTime", t, Duration.ofSeconds(5), LONGEST));
    rate.ifPresent(r -> Bounds.within("rate", r, 10, 250, "a minute"));
  }
}
