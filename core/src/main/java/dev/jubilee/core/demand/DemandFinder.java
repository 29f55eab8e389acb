package dev.jubilee.core.demand;

import dev.jubilee.core.approach.Approach;
import dev.jubilee.core.athlete.Athlete;
import dev.jubilee.core.athlete.Contraindication;
import dev.jubilee.core.athlete.Restriction;
import dev.jubilee.core.circumstances.Circumstances;
import dev.jubilee.core.circumstances.ComingFrom;
import dev.jubilee.core.circumstances.Conditions;
import dev.jubilee.core.drill.Need;
import dev.jubilee.core.drill.WarmUpPart;
import dev.jubilee.core.intensity.Anchors;
import dev.jubilee.core.intensity.Effort;
import dev.jubilee.core.session.Session;
import dev.jubilee.core.session.SessionKind;
import dev.jubilee.core.session.WorkIntensity;
import dev.jubilee.core.sport.BodyRegion;
import dev.jubilee.core.sport.Level;
import dev.jubilee.core.sport.Sport;
import java.util.ArrayList;
import java.util.EnumMap;
import java.util.List;
import java.util.Map;
import java.util.Set;

/** From session, athlete and circumstances to what the warm-up must do. */
public final class DemandFinder {

  /**
   * Ideal parts of a warm-up by kind of session, in seconds; common practice: little before easy
   * work, about 15 min easy and 5–10 min mobility before near-maximal work, longest relative to the
   * work before sprints.
   */
  private record Shape(
      int raise, int mobilise, int activate, int drill, int drills, int efforts, int transition) {}

  private static final Map<SessionKind, Shape> SHAPES =
      new EnumMap<>(
          Map.of(
              SessionKind.EASY, new Shape(120, 110, 50, 0, 5, 0, 20),
              SessionKind.LONG, new Shape(150, 180, 50, 0, 6, 0, 30),
              SessionKind.THRESHOLD, new Shape(540, 200, 60, 110, 9, 3, 120),
              SessionKind.INTERVALS, new Shape(720, 290, 90, 200, 12, 4, 240),
              SessionKind.TIME_TRIAL, new Shape(780, 270, 75, 140, 10, 5, 420),
              SessionKind.SPRINT, new Shape(540, 290, 150, 320, 15, 5, 240),
              SessionKind.STEEPLE, new Shape(720, 270, 75, 300, 13, 4, 240),
              SessionKind.GYM, new Shape(300, 240, 120, 0, 10, 3, 120),
              SessionKind.JUMPS, new Shape(480, 270, 180, 150, 12, 4, 180)));

  /** Regions that running fast loads; a sore one caps the build. */
  private static final Set<BodyRegion> RUNNING_CHAIN =
      Set.of(
          BodyRegion.FEET,
          BodyRegion.ANKLES,
          BodyRegion.ACHILLES,
          BodyRegion.CALVES,
          BodyRegion.SHINS,
          BodyRegion.KNEES,
          BodyRegion.HAMSTRINGS,
          BodyRegion.QUADRICEPS,
          BodyRegion.ADDUCTORS,
          BodyRegion.HIP_FLEXORS,
          BodyRegion.HIPS,
          BodyRegion.LOWER_BACK);

  /** Regions that take the landing; with one of them sore there are no contacts at all. */
  private static final Set<BodyRegion> LANDING_CHAIN =
      Set.of(
          BodyRegion.FEET,
          BodyRegion.ANKLES,
          BodyRegion.ACHILLES,
          BodyRegion.CALVES,
          BodyRegion.SHINS,
          BodyRegion.KNEES);

  private static final Set<BodyRegion> RIDING_CHAIN =
      Set.of(
          BodyRegion.KNEES,
          BodyRegion.QUADRICEPS,
          BodyRegion.HIP_FLEXORS,
          BodyRegion.HIPS,
          BodyRegion.LOWER_BACK,
          BodyRegion.ACHILLES,
          BodyRegion.HAMSTRINGS);

  private static final Set<BodyRegion> ROWING_CHAIN =
      Set.of(
          BodyRegion.LOWER_BACK,
          BodyRegion.KNEES,
          BodyRegion.HIPS,
          BodyRegion.HAMSTRINGS,
          BodyRegion.QUADRICEPS,
          BodyRegion.SHOULDERS,
          BodyRegion.WRISTS,
          BodyRegion.TRUNK,
          BodyRegion.MID_BACK);

  private static final Set<BodyRegion> SWIMMING_CHAIN =
      Set.of(BodyRegion.SHOULDERS, BodyRegion.NECK, BodyRegion.SHOULDER_BLADES, BodyRegion.CHEST);

  /** Waits from this many minutes on get a top-up; Bishop 2003 has the gain gone after 15 to 20. */
  public static final int LONG_WAIT = 10;

  /** Minutes below which no one is taken to top speed; common practice. */
  private static final int TOO_SHORT_FOR_TOP_SPEED = 12;

  private DemandFinder() {}

  /** As in {@code phase} of a training block. */
  public static Demand demand(
      Session session,
      Athlete athlete,
      Anchors anchors,
      Circumstances circumstances,
      Approach approach,
      TrainingPhase phase) {
    return phase.applyTo(
        demand(session, athlete, anchors, circumstances, approach), session, anchors);
  }

  public static Demand demand(
      Session session,
      Athlete athlete,
      Anchors anchors,
      Circumstances circumstances,
      Approach approach) {
    List<String> why = new ArrayList<>();
    Shape shape = SHAPES.get(session.kind());
    Effort first = WorkIntensity.firstEffort(session, anchors);
    double raise = shape.raise();
    double mobilise = shape.mobilise();
    double drill = shape.drill();
    double activate = shape.activate();
    int efforts = shape.efforts();
    int drills = shape.drills();
    why.add(kindReason(session.kind()));

    if (athlete.level() == Level.NOVICE) {
      raise *= 0.85;
      mobilise *= 0.85;
      drill *= 0.6;
      efforts = Math.max(Math.min(efforts, 2), efforts - 1);
      drills -= drills / 4;
      why.add("Novice: shorter, fewer drills and one effort less, so that it stays a warm-up.");
    } else if (athlete.level() == Level.ADVANCED && session.kind().isHard()) {
      mobilise *= 1.1;
      drill *= 1.15;
    }
    if (athlete.deconditioned()) {
      raise *= 0.8;
      drill *= 0.5;
      efforts = Math.min(efforts, 3);
      why.add("Back after a lay-off: the easier rung everywhere and less of it.");
    }
    int temperature = circumstances.feltTemperature();
    if (temperature < Circumstances.COLD) {
      double longer = Math.min(0.4, 0.025 * (Circumstances.COLD - temperature));
      raise *= 1 + longer;
      why.add(
          (temperature == circumstances.temperature() ? "Cold, " : "Cold, feels like ")
              + temperature
              + " °C: the raise is "
              + Math.round(100 * longer)
              + " % longer.");
    } else if (temperature > Circumstances.HOT) {
      raise *= 0.75;
      mobilise *= 0.9;
      why.add(
          (temperature == circumstances.temperature() ? "Hot, " : "Hot, feels like ")
              + temperature
              + " °C: shorter raise, less total work.");
    }
    NeedTable needs = NeedTable.of(session);
    session.stroke().filter(s -> session.sport() == Sport.SWIM).ifPresent(needs::forStroke);
    if (circumstances.arrival() != ComingFrom.MOVING) {
      raise += 60;
      mobilise += 60;
      needs
          .more(new Need.Mobility(BodyRegion.HIP_FLEXORS), 1.5)
          .more(new Need.Mobility(BodyRegion.GLUTES), 1)
          .more(new Need.Mobility(BodyRegion.CHEST), 1)
          .more(new Need.Mobility(BodyRegion.SHOULDERS), 0.8);
      why.add(arrivalReason(circumstances.arrival()));
    }
    for (Restriction limit : athlete.limits()) {
      if (limit.severity() == Restriction.Severity.STIFF) {
        mobilise += 40;
        needs.more(new Need.Mobility(limit.region()), 2);
        why.add("Stiff " + limit.region().words() + ": extra range there.");
      }
    }
    Conditions conditions = circumstances.conditions();
    if (conditions.wet() && circumstances.place().isOutdoors()) {
      raise += 60;
      why.add("Rain: nothing on the ground, a minute more of raise, layers on.");
    }
    if (circumstances.isSlippery() && !circumstances.place().isWet()) {
      why.add("Slippery ground: no contacts, nothing fast; build by feel.");
    }
    if (conditions.group() > 1) {
      why.add(
          "A group of "
              + conditions.group()
              + ": more time to explain and change, no kit that only one can use.");
    }
    if (approach.first() == Approach.First.DRILLS && session.kind().isHard()) {
      raise *= 0.5;
      drill *= 1.5;
      why.add("Drills are the warm-up here: half the raise, half as many drills again.");
    }
    if (drill > 0 && approach.balance() != Approach.Balance.EVEN) {
      drill *= approach.balance().drills();
      efforts = Math.max(1, efforts + approach.balance().efforts());
      why.add(
          approach.balance() == Approach.Balance.DRILLS
              ? "Your approach: more drills, fewer graded efforts."
              : "Your approach: fewer drills, more graded efforts.");
    }
    int transition = shape.transition();
    if (60 * conditions.waitMinutes() > transition) {
      transition = 60 * conditions.waitMinutes();
      why.add(
          conditions.waitMinutes()
              + " min of waiting before the start are kept free"
              + (conditions.waitMinutes() >= LONG_WAIT ? ", with a top-up near their end." : "."));
    }
    Effort top = buildTop(session, athlete, anchors, first, circumstances, approach, why);
    Map<WarmUpPart, Integer> menu = new EnumMap<>(WarmUpPart.class);
    menu.put(WarmUpPart.MOBILISE, (int) Math.round(mobilise));
    menu.put(WarmUpPart.ACTIVATE, (int) Math.round(activate));
    menu.put(WarmUpPart.DRILL, (int) Math.round(drill));
    return new Demand(
        first,
        top,
        (int) Math.round(raise),
        menu,
        drills,
        top.points() == 0 ? 0 : efforts,
        transition,
        Map.copyOf(needs.weights()),
        circumstances.isSlippery() ? 0 : contacts(session, athlete),
        warmth(session.kind()),
        why);
  }

  private static double warmth(SessionKind kind) {
    return switch (kind) {
      case EASY, LONG -> 0.5;
      case GYM, THRESHOLD -> 1.5;
      case INTERVALS, TIME_TRIAL, STEEPLE, SPRINT, JUMPS -> 2.0;
    };
  }

  /** Regions the session loads when it goes fast or heavy. */
  public static Set<BodyRegion> loadedChain(Session session) {
    if (session.kind().isOnLand()) {
      return session.kind() == SessionKind.JUMPS ? RUNNING_CHAIN : ROWING_CHAIN;
    }
    return switch (session.sport()) {
      case RUN -> RUNNING_CHAIN;
      case RIDE -> RIDING_CHAIN;
      case ROW -> ROWING_CHAIN;
      case SWIM -> SWIMMING_CHAIN;
    };
  }

  /** Where the build ends: the session's own intensity, capped by soreness and level. */
  private static Effort buildTop(
      Session session,
      Athlete athlete,
      Anchors anchors,
      Effort first,
      Circumstances circumstances,
      Approach approach,
      List<String> why) {
    if (!session.kind().isHard()) {
      return Effort.REST;
    }
    Effort top =
        switch (session.sport()) {
          case RUN ->
              switch (session.kind()) {
                // Strides above race pace before hard distance work; common practice.
                case TIME_TRIAL -> max(first, anchors.shareOfTop(0.80));
                case INTERVALS -> max(first, anchors.shareOfTop(0.70));
                default -> first;
              };
          case RIDE -> session.kind() == SessionKind.SPRINT ? anchors.shareOfTop(0.95) : first;
          case ROW -> session.kind() == SessionKind.SPRINT ? anchors.shareOfTop(0.95) : first;
          case SWIM -> first;
        };
    boolean hurt = false;
    boolean sore = false;
    for (Restriction limit : athlete.limits()) {
      if (loadedChain(session).contains(limit.region())) {
        hurt |= limit.severity() == Restriction.Severity.HURT;
        sore |= limit.severity() == Restriction.Severity.SORE;
      }
    }
    if (hurt) {
      why.add("A painful region that this session loads: no build; see the caution.");
      return Effort.REST;
    }
    if (sore) {
      Effort cap = anchors.shareOfTop(session.sport() == Sport.SWIM ? 0.9 : 0.8);
      if (session.kind() == SessionKind.SPRINT) {
        why.add("A sore region that this session loads: the build stops early.");
      } else {
        cap = min(cap, first);
        why.add("A sore region that this session loads: nothing faster than the session itself.");
      }
      top = min(top, cap);
    }
    if (athlete.level() == Level.NOVICE || athlete.deconditioned()) {
      top = min(top, anchors.shareOfTop(0.9));
    }
    if (approach.top().share() < 1 && top.isAbove(anchors.shareOfTop(approach.top().share()))) {
      top = anchors.shareOfTop(approach.top().share());
      why.add(
          "Your approach: the build stops at " + Math.round(100 * approach.top().share()) + " %.");
    } else if (approach.top() == Approach.Top.FULL && session.sport() != Sport.SWIM && !sore) {
      top = anchors.shareOfTop(1);
      why.add("Your approach: one effort at full speed.");
    }
    if (circumstances.isSlippery() && session.sport() == Sport.RUN) {
      top = min(top, anchors.shareOfTop(0.7));
    }
    boolean rushed =
        circumstances.minutes() - circumstances.conditions().waitMinutes()
            < TOO_SHORT_FOR_TOP_SPEED;
    if (rushed && session.kind() == SessionKind.SPRINT) {
      top = min(top, anchors.shareOfTop(sore ? 0.7 : 0.85));
      why.add("Too short to reach top speed: the build stops early, let the session itself rise.");
    }
    return top;
  }

  /**
   * Contacts in a warm-up take a small part of a session's 80–140 (Potach &amp; Chu, NSCA
   * Essentials); the share is a Jubilee modelling choice. None by default for swimmers, cyclists
   * and rowers.
   */
  public static int contacts(Session session, Athlete athlete) {
    boolean lands = session.sport() == Sport.RUN || session.kind() == SessionKind.JUMPS;
    if (!lands
        || session.kind() == SessionKind.GYM
        || athlete.deconditioned()
        || athlete.avoidances().contains(Contraindication.CONTACTS)
        || LANDING_CHAIN.stream().anyMatch(r -> athlete.has(r, Restriction.Severity.SORE))
        || !session.kind().isHard()) {
      return 0;
    }
    int whole =
        switch (athlete.level()) {
          case NOVICE -> 80;
          case INTERMEDIATE -> 110;
          case ADVANCED -> 140;
        };
    boolean springy = session.kind() == SessionKind.SPRINT || session.kind() == SessionKind.JUMPS;
    return springy ? whole : whole * 2 / 3;
  }

  private static String kindReason(SessionKind kind) {
    return switch (kind) {
      case EASY -> "An easy session needs little: start it slowly, a few minutes are enough.";
      case LONG -> "A long session warms up in its own first 15 to 20 minutes.";
      case THRESHOLD -> "Threshold work: moderate, build-ups to session pace, no sprinting.";
      case INTERVALS -> "Near-maximal intervals: full warm-up, graded efforts to session pace.";
      case TIME_TRIAL -> "All-out from the gun: thorough, then 5 to 10 min to settle.";
      case SPRINT -> "Sprints: longest for the work, drills and build-ups to full speed.";
      case STEEPLE -> "Barriers: as intervals, plus the hurdle ladder.";
      case GYM -> "Gym: whole body, then warm-up sets of the first lift in place of build-ups.";
      case JUMPS -> "Jumps: whole body, contacts, then approach jumps that rise.";
    };
  }

  private static String arrivalReason(ComingFrom arrival) {
    return switch (arrival) {
      case BED -> "Just out of bed: longer raise, hips and shoulders first.";
      case DESK -> "Straight from a desk: front of the hips, glutes and chest first.";
      case LONG_DRIVE -> "After a long drive: front of the hips, glutes and chest first.";
      case MOVING -> "";
    };
  }

  private static Effort max(Effort a, Effort b) {
    return a.isAbove(b) ? a : b;
  }

  private static Effort min(Effort a, Effort b) {
    return a.isAbove(b) ? b : a;
  }
}
