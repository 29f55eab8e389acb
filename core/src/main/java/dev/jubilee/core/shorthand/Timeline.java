package dev.jubilee.core.shorthand;

import dev.jubilee.core.intensity.Anchors;
import dev.jubilee.core.intensity.CriticalModel;
import dev.jubilee.core.intensity.Effort;
import dev.jubilee.core.profile.Profiles;
import dev.jubilee.core.profile.WorkIntensity;
import dev.jubilee.core.session.Aim;
import dev.jubilee.core.session.Aim.Feel;
import dev.jubilee.core.session.SessionKind;
import dev.jubilee.core.shorthand.Step.Group;
import dev.jubilee.core.shorthand.Step.Piece;
import dev.jubilee.core.sport.Sport;
import java.time.Duration;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;

/** An outline laid out in time, for a picture of it and for its length. */
public final class Timeline {

  /**
   * A stretch of one effort.
   *
   * @param seconds as far as it is known
   * @param effort 0 to 100 on the common scale
   * @param words what it is; the same for every repeat
   */
  public record Stretch(int seconds, int effort, boolean isRest, String words) {}

  /** Efforts while resting; Jubilee modelling choices, for drawing. */
  private static final int STILL = 4;

  private static final int MOVING = (int) Effort.BETWEEN_EFFORTS.points();

  /** How long a full rest is drawn; common practice. */
  private static final int FULL_REST = 240;

  private final Anchors anchors;
  private final Sport sport;
  private final SessionKind kind;
  private final boolean isAmongOthers;
  private final List<Stretch> stretches = new ArrayList<>();

  private Timeline(ParsedSession outline, SessionKind kind, Anchors anchors) {
    this.anchors = anchors;
    this.sport = anchors.sport();
    this.kind = kind;
    this.isAmongOthers = outline.steps().size() > 1;
  }

  /** The stretches in order, at an athlete's own speeds. */
  public static List<Stretch> of(ParsedSession outline, SessionKind kind, Anchors anchors) {
    Timeline timeline = new Timeline(outline, kind, anchors);
    timeline.lay(outline.steps(), true);
    return List.copyOf(timeline.stretches);
  }

  /** How hard one line of it is meant, said or unsaid. */
  public static Effort effortOf(
      Piece piece, ParsedSession outline, SessionKind kind, Anchors anchors) {
    return new Timeline(outline, kind, anchors).effort(piece);
  }

  /**
   * A club athlete's figures where no one's own are at hand; from memory of what coaches see, for
   * drawing and for telling long from short only.
   */
  public static Anchors usual(Sport sport) {
    CriticalModel model = Profiles.of(sport).usual();
    return Anchors.withoutTop(sport, model, true, Optional.empty(), List.of(), 0, List.of());
  }

  /** About how long it takes a club athlete, s. */
  public static int secondsOf(Extent amount, Sport sport) {
    if (amount instanceof Extent.Time t) {
      return t.seconds();
    }
    Anchors usual = usual(sport);
    return (int)
        Math.round(((Extent.Distance) amount).metres() / speed(usual, usual.model().critical()));
  }

  /** Seconds or metres of a length. */
  static double sizeOf(Extent amount) {
    return amount instanceof Extent.Time t ? t.seconds() : ((Extent.Distance) amount).metres();
  }

  /** Seconds or metres of work, counted as another length is; NaN where it is counted otherwise. */
  static double sizeOf(Step step, Extent like) {
    double once =
        step instanceof Step.Piece piece
            ? piece.amount().getClass() == like.getClass()
                ? sizeOf(piece.amount()) + covered(piece.rest())
                : Double.NaN
            : ((Step.Group) step).steps().stream().mapToDouble(s -> sizeOf(s, like)).sum();
    return step.times() * once;
  }

  /** What is covered between: 25 fast, 25 easy are 50. */
  private static double covered(Rest rest) {
    return rest instanceof Rest.OverDistance over ? over.metres() : 0;
  }

  private void lay(List<Step> steps, boolean isLastOfAll) {
    for (int i = 0; i < steps.size(); i++) {
      boolean isLast = isLastOfAll && i == steps.size() - 1;
      Step step = steps.get(i);
      for (int time = 0; time < step.times(); time++) {
        boolean isEnd = isLast && time == step.times() - 1;
        int began = stretches.stream().mapToInt(Stretch::seconds).sum();
        if (step instanceof Piece piece) {
          stretches.add(work(piece));
        } else {
          lay(((Group) step).steps(), false);
        }
        if (!isEnd) {
          int took = stretches.stream().mapToInt(Stretch::seconds).sum() - began;
          rest(step.rest(), step, took);
        }
      }
    }
  }

  private Stretch work(Piece piece) {
    Effort effort = effort(piece);
    int seconds =
        piece.amount() instanceof Extent.Time t
            ? t.seconds()
            : (int)
                Math.max(
                    1,
                    Math.round(
                        ((Extent.Distance) piece.amount()).metres()
                            / speed(anchors, anchors.model().intensityAt(effort))));
    return new Stretch(
        seconds,
        (int) Math.round(effort.points()),
        false,
        ShorthandWriter.of(StepPieceBuilder.builder(piece).times(1).rest(Rest.NONE).build()));
  }

  private Effort effort(Piece piece) {
    Duration length = Duration.ofSeconds(secondsOf(piece.amount(), sport));
    if (piece.aim().isPresent()) {
      return WorkIntensity.effort(piece.aim().get(), length, anchors);
    }
    Aim unsaid =
        switch (kind) {
          case EASY -> Feel.EASY;
          case LONG -> Feel.STEADY;
          case THRESHOLD -> Feel.THRESHOLD;
          case SPRINT, HURDLES, TIME_TRIAL -> Feel.ALL_OUT;
          default -> Feel.HARD;
        };
    boolean isBeside =
        isAmongOthers
            && piece.times() == 1
            && kind.isHard()
            && kind != SessionKind.TIME_TRIAL
            && length.toSeconds() >= 300;
    return WorkIntensity.effort(isBeside ? Feel.EASY : unsaid, length, anchors);
  }

  private void rest(Rest rest, Step after, int took) {
    rest.accept(new RestInTime(after, took))
        .filter(stretch -> stretch.seconds() > 0)
        .ifPresent(stretches::add);
  }

  /** How a recovery looks after an effort that took so long. */
  private final class RestInTime implements Rest.Visitor<Optional<Stretch>> {
    private final Step after;
    private final int took;

    private RestInTime(Step after, int took) {
      this.after = after;
      this.took = took;
    }

    @Override
    public Optional<Stretch> none() {
      return Optional.empty();
    }

    @Override
    public Optional<Stretch> timed(Rest.Timed rest) {
      return recovery(rest.seconds(), rest.manner());
    }

    @Override
    public Optional<Stretch> overDistance(Rest.OverDistance rest) {
      return recovery(covering(rest.metres()), rest.manner());
    }

    @Override
    public Optional<Stretch> wayBack(Rest.WayBack rest) {
      double metres =
          after instanceof Piece p && p.amount() instanceof Extent.Distance d
              ? d.metres()
              : took * speed(anchors, anchors.model().critical());
      return recovery(covering(metres), rest.manner());
    }

    @Override
    public Optional<Stretch> full() {
      return recovery(FULL_REST, Rest.Manner.EASY);
    }

    @Override
    public Optional<Stretch> sendOff(Rest.SendOff rest) {
      return recovery(rest.seconds() - took, Rest.Manner.STANDING);
    }

    @Override
    public Optional<Stretch> ratio(Rest.Ratio rest) {
      return recovery((int) Math.round(took * rest.rest() / rest.work()), Rest.Manner.STANDING);
    }

    private Optional<Stretch> recovery(int seconds, Rest.Manner manner) {
      boolean isStill = manner == Rest.Manner.STANDING || manner == Rest.Manner.WALK;
      return Optional.of(new Stretch(seconds, isStill ? STILL : MOVING, true, "recovery"));
    }
  }

  private int covering(double metres) {
    return (int) Math.max(1, Math.round(metres / Profiles.of(sport).speedBetween()));
  }

  /** Speed, m/s, at an intensity of the athlete's own metric. */
  private static double speed(Anchors anchors, double intensity) {
    return Profiles.of(anchors.sport()).speed(intensity, anchors.model(), !anchors.known());
  }
}
