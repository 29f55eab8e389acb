package dev.jubilee.core.shorthand;

import dev.jubilee.core.profile.Profiles;
import dev.jubilee.core.profile.SportProfile;
import dev.jubilee.core.session.Aim;
import dev.jubilee.core.session.Aim.Feel;
import dev.jubilee.core.session.BarHold;
import dev.jubilee.core.session.SessionKind;
import dev.jubilee.core.shorthand.Step.Group;
import dev.jubilee.core.shorthand.Step.Piece;
import dev.jubilee.core.sport.Sport;
import dev.jubilee.core.sport.Stroke;
import io.soabase.recordbuilder.core.RecordBuilder;
import java.util.ArrayList;
import java.util.Collections;
import java.util.Comparator;
import java.util.IdentityHashMap;
import java.util.List;
import java.util.Optional;
import java.util.Set;

/**
 * What an outline asks of a warm-up: what the session is for and its first hard effort.
 *
 * @param kind what it is for
 * @param first the effort the warm-up leads to; empty when only the kind was given
 * @param bar how the bar of the first lift is held, where one is named
 */
public record SessionClassification(
    SessionKind kind, Optional<Piece> first, Optional<BarHold> bar) {
  /** Technique work with nothing said is easy. */
  private static final Set<String> LIGHT = Set.of("kick", "pull", "drill", "drills", "build");

  /** Repeats up to this with nothing said are sprints; common practice. */
  private static final int SHORTEST_REPEAT = 15;

  /** Longer repeats than this with nothing said are threshold work; common practice. */
  private static final int LONG_REPEAT = 480;

  /** Hills up to this are run as sprints; common practice. */
  private static final int SHORT_HILL = 45;

  /** No one holds critical intensity for longer than this at a stretch; common practice. */
  private static final int LONG_STRETCH = 2700;

  /** Races of this length and more are run at or below critical speed. */
  private static final double THRESHOLD_RACE = 10_000;

  /** Rowed at this rate or a lower one nothing is harder than steady, /min; common practice. */
  private static final int STEADY_RATE = 20;

  /** and no race at a lower one than this, /min; common practice. */
  private static final int RACE_RATE = 26;

  /** Shares of threshold between which work is called threshold work; common practice. */
  private static final double BELOW_THRESHOLD = 0.85;

  /** On the bike tempo begins here, of threshold power; common practice. */
  private static final double TEMPO_OF_RIDERS = 0.76;

  private static final double ABOVE_THRESHOLD = 1.02;

  /** Races up to this length are sprints, m; common practice. */
  private static final double SPRINT_RACE = 200;

  /** One effort alone that is shorter than this is a race or a test, s; common practice. */
  private static final int LONG_TEST = 300;

  /** A piece of the session, with what is said of the whole. */
  @RecordBuilder
  record Context(
      Piece piece,
      boolean isHills,
      Sport sport,
      int seconds,
      boolean isAlone,
      boolean isSession,
      boolean repeats) {
    boolean saysNothingOfEffort() {
      return piece.aim().isEmpty();
    }

    boolean has(String extra) {
      return piece.extras().contains(extra);
    }
  }

  /** One sign by which coaches tell what a piece is; empty where it tells nothing. */
  private interface Sign {
    Optional<SessionKind> read(Context context);
  }

  /** In the order in which they count; the first that tells anything decides. */
  private static final List<Sign> SIGNS =
      List.of(
          SessionClassification::starts,
          SessionClassification::overUnders,
          SessionClassification::technique,
          SessionClassification::strides,
          SessionClassification::hills,
          SessionClassification::lowRate,
          SessionClassification::lengthAlone,
          SessionClassification::feel,
          SessionClassification::racePace,
          SessionClassification::besideThreshold,
          SessionClassification::figure);

  /**
   * What a session is for.
   *
   * @param sport where the text names none
   */
  public static SessionClassification of(ParsedSession outline, Sport sport) {
    List<Piece> pieces = new ArrayList<>();
    Set<Piece> inSets = Collections.newSetFromMap(new IdentityHashMap<>());
    outline.steps().forEach(s -> collect(s, pieces, false, inSets));
    Sport in = outline.sport().orElse(sport);
    List<SessionKind> kinds = new ArrayList<>();
    for (int i = 0; i < pieces.size(); i++) {
      List<Piece> ladder = ladder(pieces, i);
      int seconds =
          ladder.stream().mapToInt(p -> Timeline.secondsOf(p.amount(), in)).max().orElse(0);
      boolean repeats = pieces.get(i).times() > 1 || inSets.contains(pieces.get(i));
      boolean isAlone = !repeats && ladder.size() == 1;
      boolean isSession =
          isAlone && pieces.stream().allMatch(SessionClassification::isOneInSilence);
      kinds.add(
          kind(
              SessionClassificationContextBuilder.builder()
                  .piece(pieces.get(i))
                  .isHills(outline.isHills())
                  .sport(in)
                  .seconds(seconds)
                  .isAlone(isAlone)
                  .isSession(isSession)
                  .repeats(repeats)
                  .build()));
    }
    Optional<SessionKind> ofRepeats = ofSilentRepeats(pieces, kinds);
    for (int i = 0; i < pieces.size() && ofRepeats.isPresent(); i++) {
      boolean isHarder = kinds.get(i).compareTo(ofRepeats.get()) > 0;
      if (isSilent(pieces.get(i)) && pieces.get(i).times() == 1 && isHarder) {
        kinds.set(i, ofRepeats.get());
      }
    }
    Optional<SessionKind> hardest = kinds.stream().max(Comparator.naturalOrder());
    SessionKind kind = of(outline.said(), hardest);
    Optional<Piece> hard = hardest.map(kinds::indexOf).map(pieces::get);
    Optional<Piece> raced =
        kind == SessionKind.TIME_TRIAL
            ? pieces.stream().filter(SessionClassification::isRaced).findFirst()
            : Optional.empty();
    Optional<Piece> first = kind.isHard() ? raced.or(() -> hard) : pieces.stream().findFirst();
    return new SessionClassification(kind, first, Lifts.first(outline.free()));
  }

  /**
   * Beside work that is said to be hard, or kick and drills, a length alone is the way into it or
   * out.
   */
  private static boolean isOneInSilence(Piece piece) {
    return piece.times() == 1
        && piece.aim().isEmpty()
        && piece.extras().stream().noneMatch(LIGHT::contains);
  }

  /** Of a race and what is done around it. */
  private static boolean isRaced(Piece piece) {
    boolean isGentle = piece.aim().filter(a -> a == Feel.EASY || a == Feel.STEADY).isPresent();
    return piece.times() == 1 && !isGentle && piece.extras().stream().noneMatch(LIGHT::contains);
  }

  /** What is said outright stands; intervals only say that it is hard. */
  private static SessionKind of(Optional<SessionKind> said, Optional<SessionKind> hardest) {
    if (said.isEmpty()) {
      return hardest.orElse(SessionKind.INTERVALS);
    }
    return said.get() == SessionKind.INTERVALS
        ? hardest.filter(SessionKind::isHard).orElse(SessionKind.INTERVALS)
        : said.get();
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

  /** Strokes or pedal turns a minute of the first hard effort, where they are given. */
  public Optional<Integer> rate() {
    return first.flatMap(Piece::rate);
  }

  private static void collect(
      Step step, List<Piece> into, boolean isRepeated, Set<Piece> repeated) {
    if (step instanceof Piece piece) {
      into.add(piece);
      if (isRepeated) {
        repeated.add(piece);
      }
    } else {
      boolean again = isRepeated || step.times() > 1;
      ((Group) step).steps().forEach(s -> collect(s, into, again, repeated));
    }
  }

  /** One more of another length, with nothing said, is no harder than the repeats beside it. */
  private static Optional<SessionKind> ofSilentRepeats(
      List<Piece> pieces, List<SessionKind> kinds) {
    Optional<SessionKind> hardest = Optional.empty();
    for (int i = 0; i < pieces.size(); i++) {
      SessionKind kind = kinds.get(i);
      if (isSilent(pieces.get(i))
          && pieces.get(i).times() > 1
          && hardest.filter(h -> h.compareTo(kind) >= 0).isEmpty()) {
        hardest = Optional.of(kind);
      }
    }
    return hardest;
  }

  private static boolean isSilent(Piece piece) {
    return piece.aim().isEmpty() && piece.extras().isEmpty();
  }

  /** The rungs of the ladder that a piece is of, which are of one kind; else the piece alone. */
  private static List<Piece> ladder(List<Piece> pieces, int at) {
    Piece piece = pieces.get(at);
    int from = at;
    int to = at;
    while (from > 0 && isNextRung(pieces.get(from - 1), piece)) {
      from--;
    }
    while (to < pieces.size() - 1 && isNextRung(pieces.get(to + 1), piece)) {
      to++;
    }
    return to - from < 2 ? List.of(piece) : pieces.subList(from, to + 1);
  }

  private static boolean isNextRung(Piece a, Piece b) {
    return a.times() == 1
        && b.times() == 1
        && a.aim().equals(b.aim())
        && a.stroke().equals(b.stroke())
        && a.extras().equals(b.extras())
        && a.rest().equals(b.rest());
  }

  private static SessionKind kind(Context context) {
    return SIGNS.stream().flatMap(sign -> sign.read(context).stream()).findFirst().orElseThrow();
  }

  private static Optional<SessionKind> starts(Context c) {
    return Optional.of(SessionKind.SPRINT)
        .filter(k -> c.has("start") || c.has("starts") || c.has("flying"));
  }

  /** A little under threshold and a little over in turn. */
  private static Optional<SessionKind> overUnders(Context c) {
    return Optional.of(SessionKind.THRESHOLD)
        .filter(k -> c.saysNothingOfEffort() && c.has("over-under"));
  }

  private static Optional<SessionKind> technique(Context c) {
    boolean isLight = c.piece().extras().stream().anyMatch(LIGHT::contains);
    return Optional.of(SessionKind.EASY).filter(k -> c.saysNothingOfEffort() && isLight);
  }

  /** A few strides at the end of easy work do not make it hard. */
  private static Optional<SessionKind> strides(Context c) {
    return Optional.of(SessionKind.EASY).filter(k -> c.has("strides"));
  }

  private static Optional<SessionKind> hills(Context c) {
    boolean isSaid =
        c.piece()
            .aim()
            .filter(a -> a instanceof Feel f && f.compareTo(Feel.THRESHOLD) <= 0)
            .isPresent();
    return c.isHills() && !isSaid
        ? Optional.of(c.seconds() <= SHORT_HILL ? SessionKind.SPRINT : SessionKind.INTERVALS)
        : Optional.empty();
  }

  /** Minutes at so few strokes a minute are steady, however many. */
  private static Optional<SessionKind> lowRate(Context c) {
    boolean isLow =
        Profiles.of(c.sport()).buildStyle() == SportProfile.BuildStyle.STEPS_AT_RATE
            && c.piece().rate().filter(r -> r <= STEADY_RATE).isPresent();
    return c.saysNothingOfEffort() && isLow && c.seconds() >= LONG_REPEAT
        ? Optional.of(ofEasy(c.seconds(), c.sport()))
        : Optional.empty();
  }

  private static Optional<SessionKind> lengthAlone(Context c) {
    if (!c.saysNothingOfEffort()) {
      return Optional.empty();
    }
    if (c.isAlone()) {
      // One short effort alone is a race or a test.
      boolean isSlow = c.piece().rate().filter(r -> r < RACE_RATE).isPresent();
      return Optional.of(
          c.seconds() < LONG_TEST && c.isSession() && !isSlow
              ? SessionKind.TIME_TRIAL
              : ofEasy(c.seconds(), c.sport()));
    }
    if (c.seconds() <= SHORTEST_REPEAT) {
      return Optional.of(SessionKind.SPRINT);
    }
    return Optional.of(c.seconds() >= LONG_REPEAT ? SessionKind.THRESHOLD : SessionKind.INTERVALS);
  }

  private static Optional<SessionKind> feel(Context c) {
    return c.piece()
        .aim()
        .filter(Feel.class::isInstance)
        .map(
            aim ->
                switch ((Feel) aim) {
                  case EASY, STEADY -> ofEasy(c.seconds(), c.sport());
                  case TEMPO, THRESHOLD -> SessionKind.THRESHOLD;
                  case HARD -> SessionKind.INTERVALS;
                  case FAST, ALL_OUT -> ofFast(c, (Feel) aim);
                });
  }

  /** One effort alone, all out, is a trial unless it is a sprint. */
  private static SessionKind ofFast(Context c, Feel feel) {
    if (c.seconds() <= Profiles.of(c.sport()).longestSprint().toSeconds()) {
      return SessionKind.SPRINT;
    }
    return feel == Feel.ALL_OUT && c.isAlone() ? SessionKind.TIME_TRIAL : SessionKind.INTERVALS;
  }

  private static Optional<SessionKind> racePace(Context c) {
    return c.piece().aim().filter(Aim.Race.class::isInstance).map(aim -> ofRace((Aim.Race) aim, c));
  }

  private static SessionKind ofRace(Aim.Race race, Context c) {
    if (race.plusSeconds() >= Profiles.of(c.sport()).easyFrom()) {
      return ofEasy(c.seconds(), c.sport());
    }
    if (race.plusSeconds() >= Profiles.of(c.sport()).thresholdFrom()) {
      return SessionKind.THRESHOLD;
    }
    if (race.metres() <= SPRINT_RACE) {
      return SessionKind.SPRINT;
    }
    return race.metres() >= THRESHOLD_RACE && c.sport().isOnFoot()
        ? SessionKind.THRESHOLD
        : SessionKind.INTERVALS;
  }

  private static Optional<SessionKind> besideThreshold(Context c) {
    return Optional.of(SessionKind.THRESHOLD)
        .filter(k -> c.piece().aim().filter(Aim.ThresholdPace.class::isInstance).isPresent());
  }

  private static Optional<SessionKind> figure(Context c) {
    return c.piece()
        .aim()
        .filter(Aim.Figure.class::isInstance)
        .map(aim -> ofFigure((Aim.Figure) aim, c.seconds(), c.repeats(), c.sport()));
  }

  private static SessionKind ofEasy(int seconds, Sport sport) {
    return seconds >= Profiles.of(sport).longFrom().toSeconds()
        ? SessionKind.LONG
        : SessionKind.EASY;
  }

  private static SessionKind ofFigure(
      Aim.Figure figure, int seconds, boolean repeats, Sport sport) {
    boolean isShort = repeats && seconds < LONG_REPEAT;
    double share =
        switch (figure.unit()) {
          case EXERTION -> figure.middle() / 6.5;
          case PERCENT_OF_CRITICAL -> figure.middle() / 100;
          case PERCENT_OF_TOP -> figure.middle() / 60;
          // Threshold is at some nine tenths of maximum heart rate; common practice.
          case PERCENT_OF_MAXIMUM_HEART -> figure.middle() / 90;
          case PERCENT_OF_THRESHOLD_HEART -> figure.middle() / 100;
          // As if critical intensity were at 170 beats/min over a rest of 60.
          case BEATS -> (figure.middle() - 60) / 110;
          // Without the athlete's own figures the length of the effort tells most.
          default -> !repeats && seconds > LONG_STRETCH ? 0.8 : isShort ? 1.1 : 0.97;
        };
    boolean isOfPower = sport.isInWatts() && figure.unit() == Aim.Unit.PERCENT_OF_CRITICAL;
    if (share < (isOfPower ? TEMPO_OF_RIDERS : BELOW_THRESHOLD)) {
      return SessionKind.EASY;
    }
    if (figure.unit() == Aim.Unit.PERCENT_OF_TOP && seconds <= 60 && figure.middle() >= 85) {
      return SessionKind.SPRINT;
    }
    return share <= ABOVE_THRESHOLD ? SessionKind.THRESHOLD : SessionKind.INTERVALS;
  }
}
