package dev.jubilee.core.demand;

import dev.jubilee.core.intensity.Anchors;
import dev.jubilee.core.intensity.CriticalModel;
import dev.jubilee.core.intensity.Effort;
import dev.jubilee.core.profile.Profiles;
import dev.jubilee.core.profile.WorkIntensity;
import dev.jubilee.core.session.Session;
import dev.jubilee.core.session.SessionKind;
import java.time.Duration;
import java.util.EnumMap;
import java.util.List;
import java.util.Map;

/** What the kind of a session alone asks for: the demand before any adjustment. */
final class KindOfSession {
  /**
   * Ideal parts of a warm-up by kind of session, in seconds; common practice: little before easy
   * work, about 15 min easy and 5–10 min mobility before near-maximal work, longest relative to the
   * work before sprints.
   */
  private record Shape(
      int raise, int mobilise, int activate, int drill, int efforts, int transition) {}

  private static final Map<SessionKind, Shape> SHAPES =
      new EnumMap<>(
          Map.of(
              SessionKind.EASY, new Shape(120, 110, 50, 0, 0, 20),
              SessionKind.LONG, new Shape(150, 180, 50, 0, 0, 30),
              SessionKind.THRESHOLD, new Shape(540, 200, 60, 110, 3, 120),
              SessionKind.INTERVALS, new Shape(720, 290, 90, 200, 4, 240),
              SessionKind.TIME_TRIAL, new Shape(780, 270, 75, 140, 5, 420),
              SessionKind.SPRINT, new Shape(540, 290, 150, 320, 5, 240),
              SessionKind.STEEPLE, new Shape(720, 270, 75, 300, 4, 240),
              SessionKind.HURDLES, new Shape(540, 330, 120, 380, 5, 240),
              SessionKind.GYM, new Shape(300, 240, 120, 0, 5, 120),
              SessionKind.JUMPS, new Shape(480, 250, 150, 150, 4, 180)));

  private static final double STRIDES_BEFORE_INTERVALS = 1.08;

  /** No opener takes all of the top power; common practice. */
  private static final double OPENER = 0.95;

  private KindOfSession() {}

  static DemandDraft draft(DemandContext context) {
    Session session = context.session();
    if (session.kind() == SessionKind.TIME_TRIAL) {
      return ofEvent(context, WorkIntensity.trialTime(session, context.anchors()));
    }
    Shape shape = SHAPES.get(session.kind());
    Effort first = WorkIntensity.firstEffort(session, context.anchors());
    boolean isSprint = session.kind().isSprinted();
    EventLength sprint = EventLength.of(WorkIntensity.sprintTime(session, context.anchors()));
    return DemandDraftBuilder.builder()
        .firstEffort(first)
        .buildTop(buildTop(session, context.anchors(), first))
        .raise(shape.raise())
        .mobilise(shape.mobilise())
        .activate(shape.activate())
        .drill(shape.drill())
        .efforts(shape.efforts())
        .effortSeconds(isSprint ? sprint.effortSeconds() : 0)
        .restSeconds(isSprint ? sprint.rest() : 0)
        .priming(0)
        .transition(shape.transition())
        .needs(NeedTable.of(session).weights())
        .contacts(Contacts.tolerated(session, context.athlete()))
        .warmth(warmth(session.kind()))
        .why(List.of(words(session.kind())))
        .forRegions(List.of())
        .build();
  }

  /** A race or trial is prepared by its length. */
  private static DemandDraft ofEvent(DemandContext context, Duration length) {
    Session session = context.session();
    Shape usual = SHAPES.get(SessionKind.TIME_TRIAL);
    EventLength event = EventLength.of(length);
    Effort first = WorkIntensity.firstEffort(session, context.anchors());
    Effort top =
        session.sport().isOnFoot() ? strides(context.anchors(), first, event.strides()) : first;
    return DemandDraftBuilder.builder()
        .firstEffort(first)
        .buildTop(event.efforts() == 0 ? Effort.REST : top)
        .raise(event.raise())
        .mobilise(event.drills() * usual.mobilise())
        .activate(event.drills() * usual.activate())
        .drill(event.drills() * usual.drill())
        .efforts(event.efforts())
        .effortSeconds(event.effortSeconds())
        .restSeconds(event.rest())
        .priming(0)
        .transition(event.transition())
        .needs(NeedTable.of(session).weights())
        .contacts((int) (event.contacts() * Contacts.tolerated(session, context.athlete())))
        .warmth(event.warmth())
        .why(List.of(EventLength.words(length)))
        .forRegions(List.of())
        .build();
  }

  /** Muscle temperature above rest that a kind of session wants, °C. */
  static double warmth(SessionKind kind) {
    return switch (kind) {
      case EASY, LONG -> 0.5;
      case GYM, THRESHOLD -> 1.5;
      case INTERVALS, TIME_TRIAL, STEEPLE, HURDLES, SPRINT, JUMPS -> 2.0;
    };
  }

  /** Where the build ends when nothing caps it: at the session's own intensity, or above it. */
  private static Effort buildTop(Session session, Anchors anchors, Effort first) {
    double firm = Profiles.of(session.sport()).raise().firm();
    if (!session.kind().isHard() || !first.isAbove(anchors.shareOfCritical(firm))) {
      // The raise alone leads up to what is written as no harder than it.
      return Effort.REST;
    }
    if (session.sport().isOnFoot() && session.kind() == SessionKind.INTERVALS) {
      return strides(anchors, first, STRIDES_BEFORE_INTERVALS);
    }
    Effort opener = anchors.shareOfTop(OPENER);
    boolean isOfPower = session.sport().isByPower() && session.kind() == SessionKind.SPRINT;
    return isOfPower && first.isAbove(opener) ? opener : first;
  }

  /** Strides before hard distance work go to its pace or a little above; common practice. */
  private static Effort strides(Anchors anchors, Effort first, double multiple) {
    CriticalModel model = anchors.model();
    return model.effortOf(Math.min(model.top(), multiple * model.intensityAt(first)));
  }

  private static String words(SessionKind kind) {
    return switch (kind) {
      case EASY -> "An easy session needs little: start it slowly, a few minutes are enough.";
      case LONG -> "A long session warms up in its own first 15 to 20 minutes.";
      case THRESHOLD ->
          "Threshold work asks for a moderate warm-up: build-ups to session pace, no sprinting.";
      case INTERVALS ->
          "Near-maximal intervals ask for a full warm-up, with graded efforts to session pace.";
      case TIME_TRIAL -> throw new IllegalArgumentException("has words by its length");
      case SPRINT ->
          "Sprints ask for the longest warm-up for the work, with drills and build-ups to full speed.";
      case STEEPLE ->
          "Barriers ask for the warm-up of intervals, and the hurdle ladder from its foot.";
      case HURDLES ->
          "Sprint hurdles ask for the hurdle ladder from its foot, then build-ups to full speed.";
      case GYM -> "The gym asks for the whole body, then warm-up sets of the first lift.";
      case JUMPS -> "Jumps ask for the whole body, landings and contacts, then efforts that rise.";
    };
  }
}
