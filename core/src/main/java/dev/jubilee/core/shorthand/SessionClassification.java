package dev.jubilee.core.shorthand;

import dev.jubilee.core.session.Aim;
import dev.jubilee.core.session.Aim.Feel;
import dev.jubilee.core.session.SessionKind;
import dev.jubilee.core.shorthand.Step.Group;
import dev.jubilee.core.shorthand.Step.Piece;
import dev.jubilee.core.sport.Sport;
import dev.jubilee.core.sport.Stroke;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import java.util.Set;

/**
 * What an outline asks of a warm-up: what the session is for and its first hard effort.
 *
 * @param kind what it is for
 * @param first the effort the warm-up leads to; empty when only the kind was given
 */
public record SessionClassification(SessionKind kind, Optional<Piece> first) {
  /** Technique work with nothing said is easy. */
  private static final Set<String> LIGHT = Set.of("kick", "pull", "drill", "drills", "build");

  /** Repeats up to this with nothing said are sprints; common practice. */
  private static final int SHORTEST_REPEAT = 15;

  /** Longer repeats than this with nothing said are threshold work; common practice. */
  private static final int LONG_REPEAT = 480;

  /** Fast repeats up to this are sprints; common practice. */
  private static final int SHORT_REPEAT = 30;

  /** Hills up to this are run as sprints; common practice. */
  private static final int SHORT_HILL = 45;

  /** No one holds critical intensity for longer than this at a stretch; common practice. */
  private static final int LONG_STRETCH = 2700;

  /** Single stretches from this on are long sessions; common practice. */
  private static final int LONG_RUN = 5400;

  private static final int LONG_RIDE = 9000;

  /** Races of this length and more are run at or below critical speed. */
  private static final double THRESHOLD_RACE = 10_000;

  public static SessionClassification of(ParsedSession outline, Sport sport) {
    List<Piece> pieces = new ArrayList<>();
    outline.steps().forEach(s -> collect(s, pieces));
    Sport in = outline.sport().orElse(sport);
    Optional<SessionKind> said = outline.said();
    boolean saidOutright = said.filter(k -> k != SessionKind.INTERVALS).isPresent();
    SessionKind kind =
        saidOutright
            ? said.get()
            : pieces.stream()
                .map(p -> kind(p, outline, in))
                .max(Comparator.naturalOrder())
                .orElse(said.orElse(SessionKind.INTERVALS));
    if (said.isPresent() && !kind.isHard() && said.get() == SessionKind.INTERVALS) {
      kind = SessionKind.INTERVALS;
    }
    SessionKind hardest =
        pieces.stream().map(p -> kind(p, outline, in)).max(Comparator.naturalOrder()).orElse(kind);
    Optional<Piece> first =
        pieces.stream().filter(p -> kind(p, outline, in) == hardest).findFirst();
    return new SessionClassification(kind, kind.isHard() ? first : pieces.stream().findFirst());
  }

  /** Distance of the first hard effort, m, where it is given as one. */
  public Optional<Double> effortMetres() {
    return first
        .map(Piece::amount)
        .filter(a -> a instanceof Extent.Distance)
        .map(a -> ((Extent.Distance) a).metres());
  }

  /** Time of the first hard effort, s, where it is given as one. */
  public Optional<Integer> effortSeconds() {
    return first
        .map(Piece::amount)
        .filter(a -> a instanceof Extent.Time)
        .map(a -> ((Extent.Time) a).seconds());
  }

  public Optional<Aim> aim() {
    return first.flatMap(Piece::aim);
  }

  public Optional<Stroke> stroke() {
    return first.flatMap(Piece::stroke);
  }

  private static void collect(Step step, List<Piece> into) {
    if (step instanceof Piece piece) {
      into.add(piece);
    } else {
      ((Group) step).steps().forEach(s -> collect(s, into));
    }
  }

  private static SessionKind kind(Piece piece, ParsedSession outline, Sport sport) {
    int seconds = Timeline.roughSeconds(piece.amount(), sport);
    boolean repeats = piece.times() > 1;
    if (piece.extras().contains("start") || piece.extras().contains("starts")) {
      return SessionKind.SPRINT;
    }
    if (piece.aim().isEmpty() && piece.extras().stream().anyMatch(LIGHT::contains)) {
      return SessionKind.EASY;
    }
    if (piece.extras().contains("strides")) {
      // A few strides at the end of easy work do not make it hard.
      return SessionKind.EASY;
    }
    if (outline.isHills() && piece.aim().filter(SessionClassification::isGentle).isEmpty()) {
      return seconds <= SHORT_HILL ? SessionKind.SPRINT : SessionKind.INTERVALS;
    }
    if (piece.aim().isEmpty()) {
      if (!repeats) {
        // One short effort alone is a race or a test.
        return seconds < 300 ? SessionKind.TIME_TRIAL : ofEasy(seconds, sport);
      }
      if (seconds <= SHORTEST_REPEAT) {
        return SessionKind.SPRINT;
      }
      return seconds >= LONG_REPEAT ? SessionKind.THRESHOLD : SessionKind.INTERVALS;
    }
    Aim aim = piece.aim().get();
    if (aim instanceof Feel feel) {
      return switch (feel) {
        case EASY, STEADY -> ofEasy(seconds, sport);
        case TEMPO, THRESHOLD -> SessionKind.THRESHOLD;
        case HARD -> SessionKind.INTERVALS;
        case FAST, ALL_OUT ->
            seconds <= limitOfSprints(sport) ? SessionKind.SPRINT : SessionKind.INTERVALS;
      };
    }
    if (aim instanceof Aim.Race race) {
      return race.metres() <= 200
          ? SessionKind.SPRINT
          : race.metres() >= THRESHOLD_RACE && sport == Sport.RUN
              ? SessionKind.THRESHOLD
              : SessionKind.INTERVALS;
    }
    return ofFigure((Aim.Figure) aim, seconds, repeats);
  }

  private static SessionKind ofEasy(int seconds, Sport sport) {
    return seconds >= (sport == Sport.RIDE ? LONG_RIDE : LONG_RUN)
        ? SessionKind.LONG
        : SessionKind.EASY;
  }

  /** Swimmers sprint 50 m, which takes longer than a runner's sprint. */
  private static int limitOfSprints(Sport sport) {
    return sport == Sport.SWIM ? 45 : SHORT_REPEAT;
  }

  private static SessionKind ofFigure(Aim.Figure figure, int seconds, boolean repeats) {
    boolean isShort = repeats && seconds < LONG_REPEAT;
    double share =
        switch (figure.unit()) {
          case EXERTION -> figure.middle() / 6.5;
          case PERCENT_OF_CRITICAL -> figure.middle() / 100;
          case PERCENT_OF_TOP -> figure.middle() / 60;
          // As if critical intensity were at 170 beats/min over a rest of 60.
          case BEATS -> (figure.middle() - 60) / 110;
          // Without the athlete's own figures the length of the effort tells most.
          default -> !repeats && seconds >= LONG_STRETCH ? 0.8 : isShort ? 1.1 : 0.97;
        };
    if (share < 0.85) {
      return SessionKind.EASY;
    }
    if (figure.unit() == Aim.Unit.PERCENT_OF_TOP && seconds <= 60 && figure.middle() >= 85) {
      return SessionKind.SPRINT;
    }
    return share <= 1.02 ? SessionKind.THRESHOLD : SessionKind.INTERVALS;
  }

  private static boolean isGentle(Aim aim) {
    return aim == Feel.EASY || aim == Feel.STEADY;
  }
}
