package dev.jubilee.core.decision;

import dev.jubilee.core.athlete.Restriction.Severity;
import dev.jubilee.core.check.SparingSession;
import dev.jubilee.core.intensity.Anchors;
import dev.jubilee.core.intensity.Effort;
import dev.jubilee.core.profile.Profiles;
import dev.jubilee.core.profile.SportProfile;
import dev.jubilee.core.profile.WorkIntensity;
import dev.jubilee.core.quantity.OutOfRangeException;
import dev.jubilee.core.session.Aim;
import dev.jubilee.core.session.Aim.Feel;
import dev.jubilee.core.session.Session;
import dev.jubilee.core.session.SessionKind;
import dev.jubilee.core.shorthand.Extent;
import dev.jubilee.core.shorthand.ParseResult;
import dev.jubilee.core.shorthand.Rest;
import dev.jubilee.core.shorthand.Shorthand;
import dev.jubilee.core.shorthand.ShorthandWriter;
import dev.jubilee.core.shorthand.Step;
import dev.jubilee.core.shorthand.Step.Group;
import dev.jubilee.core.shorthand.Step.Piece;
import dev.jubilee.core.shorthand.StepPieceBuilder;
import dev.jubilee.core.shorthand.Timeline;
import java.time.Duration;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.stream.Collectors;
import java.util.stream.Stream;

/**
 * What takes the place of a session when the day is not for it, in the shorthand that coaches write
 * sessions in: sprints become relaxed running at a stated pace, intervals fewer and slower, what is
 * easy shorter. All of it is common practice; the shares are Jubilee modelling choices.
 */
final class LowerSession {
  /** Of the repeats, or of the length of a single one. */
  private static final double LEFT = 0.6;

  /** Of the speed or power of intervals. */
  private static final double SLOWER = 0.95;

  /** Of top speed, for tempo in place of sprints. */
  private static final double RELAXED = 0.7;

  private static final int LEAST_REPEATS = 3;
  private static final int MOST_REPEATS = 8;

  /** Easier than this nothing is made slower. */
  private static final Effort STEADY = Effort.of(60);

  private final Session session;
  private final Anchors anchors;
  private final ParseResult read;

  private LowerSession(Situation situation) {
    this.session = situation.session();
    this.read = Shorthand.read(session.title(), session.sport());
    this.anchors = situation.plan().anchors();
  }

  /**
   * The same kind of work, less of it and slower; empty where there is nothing lower, as for the
   * shortest of easy sessions.
   */
  static Optional<String> of(Situation situation) {
    Session session = situation.session();
    if (session.kind() == SessionKind.TIME_TRIAL || session.kind().isOnLand()) {
      return easy(situation);
    }
    return session.kind().isSprinted()
        ? Optional.of(new LowerSession(situation).relaxed())
        : new LowerSession(situation).fewerAndSlower().or(() -> easy(situation));
  }

  /** Easy work in the athlete's own sport. */
  static Optional<String> easy(Situation situation) {
    return Optional.of(
            SparingSession.words(
                situation.session().sport(), SparingSession.minutes(situation.plan())))
        .filter(words -> !words.equals(situation.session().title()));
  }

  /** Easy work in a sport that leaves what hurts alone; empty where none does. */
  static Optional<String> sparing(Mark mark, Situation situation) {
    return SparingSession.of(situation.knowing(mark, Severity.HURT));
  }

  /** Tempo in place of sprints: longer, relaxed, at a stated pace, with a full way back. */
  private String relaxed() {
    int repeats = Math.max(LEAST_REPEATS, Math.min(MOST_REPEATS, repeats()));
    Effort effort =
        session.sport().isOnFoot() ? anchors.shareOfTop(RELAXED) : anchors.shareOfCritical(1);
    Extent amount =
        session.sport().isByPower()
            ? new Extent.Time(60)
            : new Extent.Distance(session.sport().isInWater() ? 50 : 100);
    Rest rest =
        session.sport().isOnFoot()
            ? new Rest.WayBack(Rest.Manner.WALK)
            : new Rest.Timed(60, Rest.Manner.EASY);
    Aim aim = aimAt(effort).orElse(Feel.TEMPO);
    return written(
        StepPieceBuilder.builder()
            .times(repeats)
            .amount(amount)
            .aim(Optional.of(aim))
            .stroke(Optional.empty())
            .rate(Optional.empty())
            .extras(List.of())
            .rest(rest)
            .build());
  }

  private int repeats() {
    return read.outline().steps().stream().mapToInt(LowerSession::repeats).max().orElse(0);
  }

  private static int repeats(Step step) {
    return step instanceof Group group
        ? group.times() * group.steps().stream().mapToInt(LowerSession::repeats).max().orElse(1)
        : step.times();
  }

  private Optional<String> fewerAndSlower() {
    if (!read.isWhole() || read.outline().steps().isEmpty() || read.outline().next().isPresent()) {
      return Optional.empty();
    }
    List<Step> steps = read.outline().steps();
    List<Step> lower = isLadder(steps) ? firstOf(steps) : steps.stream().map(this::lower).toList();
    lower = withoutLastRest(lower);
    return lower.equals(steps)
        ? Optional.empty()
        : Optional.of(written(lower.toArray(Step[]::new))).filter(this::isReadBack);
  }

  private boolean isLadder(List<Step> steps) {
    return steps.size() >= LEAST_REPEATS
        && steps.stream().allMatch(s -> s instanceof Piece p && p.times() == 1 && isHard(p));
  }

  /** Of a ladder the first rungs, slower. */
  private List<Step> firstOf(List<Step> steps) {
    return steps.stream().limit(fewer(steps.size())).map(this::slower).toList();
  }

  /** After the last effort one goes home. */
  private static List<Step> withoutLastRest(List<Step> steps) {
    Step last = steps.get(steps.size() - 1);
    if (last.times() > 1) {
      return steps;
    }
    List<Step> all = new ArrayList<>(steps);
    all.set(steps.size() - 1, last.after(Rest.NONE));
    return all;
  }

  private Step lower(Step step) {
    if (step instanceof Group group) {
      int times = fewer(group.times());
      List<Step> inner =
          group.steps().stream().map(s -> times < group.times() ? slower(s) : lower(s)).toList();
      return new Group(times, inner, group.rest());
    }
    Piece piece = (Piece) step;
    if (!isHard(piece) && piece.times() == 1 && session.kind().isHard()) {
      return piece;
    }
    Piece slower = (Piece) slower(piece);
    return piece.times() > 1
        ? with(slower, fewer(piece.times()), piece.amount())
        : with(slower, 1, shorter(piece.amount()));
  }

  private Step slower(Step step) {
    if (step instanceof Group group) {
      return new Group(
          group.times(), group.steps().stream().map(this::slower).toList(), group.rest());
    }
    Piece piece = (Piece) step;
    if (!isHard(piece)) {
      return piece;
    }
    double less = SLOWER * anchors.model().intensityAt(effort(piece));
    Aim aim = aimAt(anchors.model().effortOf(less)).orElseGet(() -> gentler(piece));
    return StepPieceBuilder.builder(piece).aim(Optional.of(aim)).rate(Optional.empty()).build();
  }

  private boolean isHard(Piece piece) {
    return effort(piece).isAbove(STEADY);
  }

  private Effort effort(Piece piece) {
    return Timeline.effortOf(piece, read.outline(), session.kind(), anchors);
  }

  /** An aim in the sport's own figures; empty where the athlete's are not known. */
  private Optional<Aim> aimAt(Effort effort) {
    if (!anchors.known()) {
      return Optional.empty();
    }
    double intensity = anchors.model().intensityAt(effort);
    SportProfile sport = Profiles.of(session.sport());
    double exact = sport.figure(intensity);
    double easier = sport.unit().isPace() ? Math.ceil(exact) : Math.floor(exact);
    try {
      return Optional.of(new Aim.Figure(sport.unit(), easier, easier));
    } catch (OutOfRangeException nobodyWritesThat) {
      return Optional.empty();
    }
  }

  /** One word gentler than it was meant. */
  private Aim gentler(Piece piece) {
    Effort now = effort(piece);
    Duration length = Duration.ofSeconds(Timeline.secondsOf(piece.amount(), session.sport()));
    return Stream.of(Feel.THRESHOLD, Feel.TEMPO, Feel.STEADY)
        .filter(feel -> now.isAbove(WorkIntensity.effort(feel, length, anchors)))
        .findFirst()
        .orElse(Feel.EASY);
  }

  private static int fewer(int times) {
    return times == 1 ? 1 : Math.max(1, Math.min(times - 1, (int) Math.round(LEFT * times)));
  }

  private static Extent shorter(Extent amount) {
    if (amount instanceof Extent.Time time) {
      int step = time.seconds() >= 600 ? 60 : time.seconds() >= 60 ? 15 : 1;
      return new Extent.Time(Math.max(3, (int) Math.round(LEFT * time.seconds() / step) * step));
    }
    double metres = ((Extent.Distance) amount).metres();
    double step = metres >= 2000 ? 500 : metres >= 300 ? 100 : metres >= 50 ? 25 : 5;
    return new Extent.Distance(Math.max(15, Math.rint(LEFT * metres / step) * step));
  }

  private static Piece with(Piece piece, int times, Extent amount) {
    return StepPieceBuilder.builder(piece).times(times).amount(amount).build();
  }

  private static String written(Step... steps) {
    return Stream.of(steps).map(ShorthandWriter::of).collect(Collectors.joining("; "));
  }

  private boolean isReadBack(String words) {
    return words.length() <= Shorthand.LONGEST && Shorthand.read(words, session.sport()).isWhole();
  }
}
