package dev.jubilee.core.build;

import dev.jubilee.core.circumstances.Circumstances;
import dev.jubilee.core.demand.Demand;
import dev.jubilee.core.drill.DrillLibrary;
import dev.jubilee.core.drill.Role;
import dev.jubilee.core.intensity.Anchors;
import dev.jubilee.core.intensity.Effort;
import dev.jubilee.core.plan.PrescriptionRequest;
import dev.jubilee.core.plan.Recovery;
import dev.jubilee.core.profile.Profiles;
import dev.jubilee.core.session.Session;
import dev.jubilee.core.session.SessionKind;
import dev.jubilee.core.simulation.Cost;
import dev.jubilee.core.simulation.Kinetics;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;

/**
 * Graded efforts from where the raise ends to where the session begins: steps go one way, are even,
 * and the last is short and specific. How they are done is up to the {@link BuildForm}; here it is
 * decided how many there are and how long one recovers between them.
 */
public final class Ramp {
  /** How recoveries grow where efforts cost too much, s; Jubilee modelling choices. */
  private static final int LONGER = 15;

  /**
   * How much longer they may be: somewhat, rather than shorten an effort, and more rather than drop
   * one.
   */
  private static final int[] LONGEST = {60, 180};

  /**
   * Shares of an effort's time: a strong athlete gets shorter efforts before fewer of them; Jubilee
   * modelling choices.
   */
  private static final double[] SHORTER = {1, 0.8, 0.65, 0.5};

  /** Strides before races of more than an hour are no longer than this, s. */
  private static final int OF_A_LONG_RACE = 15;

  /** Fewest efforts before a start above threshold, however costly; common practice. */
  private static final int FEWEST = 2;

  private final Demand demand;
  private final Anchors anchors;
  private final BuildForm form;

  /**
   * Whether efforts cost what the model of critical intensity can tell, as sets and jumps do not.
   */
  private final boolean hasModelledCost;

  private final int fewest;

  public Ramp(PrescriptionRequest request, DrillLibrary library, Anchors anchors, Demand demand) {
    this.demand = demand;
    this.anchors = anchors;
    this.form = form(new BuildContext(request, library, anchors, demand));
    this.fewest = request.session().kind().isAllOut() ? Demand.ENOUGH_EFFORTS : FEWEST;
    this.hasModelledCost = !request.session().kind().isOnLand();
  }

  /** The hardest kind of effort that a session is of: what its drill is for. */
  public static Role ownEffort(Session session) {
    return session.kind().isOnLand()
        ? easierEffort(session)
        : Profiles.of(session.sport()).effort(session.kind());
  }

  /** What a build is made of below that. */
  private static Role easierEffort(Session session) {
    return switch (session.kind()) {
      case GYM -> Role.WARM_UP_SET;
      case JUMPS -> Role.APPROACH_JUMP;
      default -> Profiles.of(session.sport()).effort();
    };
  }

  private static BuildForm form(BuildContext context) {
    if (!context.allows(easierEffort(context.request().session()))) {
      // Nobody marches on a wet deck after what little was swum.
      boolean hasNone = context.kind() == SessionKind.GYM || context.sport().isInWater();
      return hasNone ? BuildForm.NONE : BuildByFeel.onLand(context);
    }
    if (context.kind() == SessionKind.GYM) {
      return new WarmUpSets(context);
    }
    if (context.kind() == SessionKind.JUMPS) {
      boolean canJump = !context.isSlippery() && ApproachJumps.most(context) > 0;
      return canJump ? new ApproachJumps(context) : BuildByFeel.onLand(context);
    }
    if (!context.hasSport()) {
      return context.sport().isInWater()
          ? BuildByFeel.ofStrokes(context)
          : BuildByFeel.onLand(context);
    }
    return switch (context.profile().buildStyle()) {
      case STRIDES -> onFoot(context);
      case STEPS_OF_POWER -> new RideBuild(context);
      case STEPS_AT_RATE -> new RowBuild(context);
      case LENGTHS -> new SwimBuild(context);
    };
  }

  private static BuildForm onFoot(BuildContext context) {
    if (context.isSlippery()) {
      return BuildByFeel.onLand(context);
    }
    if (context.request().isOnTreadmill()) {
      return new TreadmillBuild(context);
    }
    if (context.request().circumstances().lane().metres() >= Circumstances.LEAST_LANE) {
      return new RunBuild(context);
    }
    // Quick feet are no stride before hours on the road.
    boolean isLong =
        context.isTimed()
            && !context.isShort()
            && context.demand().effortSeconds() <= OF_A_LONG_RACE;
    return isLong ? BuildForm.NONE : BuildByFeel.onTheSpot(context);
  }

  /** Where the first step is, W or m/s; infinite where there is none. */
  double begins() {
    return form.efforts(demand.efforts(), false).stream()
        .mapToDouble(e -> anchors.model().intensityAt(e.target().effort()))
        .findFirst()
        .orElse(Double.POSITIVE_INFINITY);
  }

  /** The build that the session needs; empty when it asks for none. */
  public List<GradedEffort> ideal() {
    return demand.efforts() == 0 ? List.of() : withCount(demand.efforts(), false);
  }

  /** The fullest build that fits the seconds; empty when not even one effort does. */
  public List<GradedEffort> within(int seconds) {
    // Better two shorter efforts than a long one alone.
    return firstWithin(seconds, demand.efforts(), 2, false)
        .or(() -> firstWithin(seconds, demand.efforts(), 1, true))
        .orElse(List.of());
  }

  /** The same, with shorter efforts rather than fewer: a minute more never takes one away. */
  public List<GradedEffort> mostWithin(int seconds) {
    for (int count = demand.efforts(); count > 0; count--) {
      int only = count;
      Optional<List<GradedEffort>> efforts =
          firstWithin(seconds, count, count, false)
              .or(() -> firstWithin(seconds, only, only, true));
      if (efforts.isPresent()) {
        return efforts.get();
      }
    }
    return List.of();
  }

  private Optional<List<GradedEffort>> firstWithin(
      int seconds, int most, int least, boolean brief) {
    for (int count = most; count >= least; count--) {
      List<GradedEffort> efforts = withCount(count, brief);
      if (total(efforts) <= seconds) {
        return Optional.of(efforts);
      }
    }
    return Optional.empty();
  }

  /** A short build of so many efforts, or as many as the session asks for if those are fewer. */
  public List<GradedEffort> atLeast(int count) {
    int efforts = Math.min(count, demand.efforts());
    return efforts == 0 ? List.of() : withCount(efforts, true);
  }

  /** One short effort, for when nothing more fits; empty when the session asks for none. */
  public List<GradedEffort> least() {
    return demand.efforts() == 0 ? List.of() : withCount(1, true);
  }

  /** Seconds of the efforts and the recoveries between them. */
  public static int total(List<GradedEffort> efforts) {
    return efforts.stream().mapToInt(GradedEffort::seconds).sum();
  }

  /** As many efforts, or as few less as it takes for the build to stay a warm-up. */
  private List<GradedEffort> withCount(int count, boolean brief) {
    if (!hasModelledCost) {
      return withoutLastRecovery(form.efforts(count, brief));
    }
    for (int n = count; n >= Math.min(count, fewest); n--) {
      List<GradedEffort> whole = form.efforts(n, brief);
      for (int longest : LONGEST) {
        for (double share : SHORTER) {
          List<GradedEffort> efforts = bounded(shortened(whole, share), longest);
          if (isBounded(efforts)) {
            return withoutLastRecovery(onSendOffs(efforts));
          }
        }
      }
    }
    // Whom one effort takes much of needs some all the same, with long rests.
    List<GradedEffort> least = form.efforts(Math.min(count, fewest), true);
    return withoutLastRecovery(onSendOffs(bounded(least, LONGEST[LONGEST.length - 1])));
  }

  /** What is on the clock above critical intensity takes a share of its time. */
  private static List<GradedEffort> shortened(List<GradedEffort> efforts, double share) {
    return efforts.stream()
        .map(e -> e.target().effort().points() > Effort.CRITICAL ? e.shortenedTo(share) : e)
        .toList();
  }

  private boolean isBounded(List<GradedEffort> efforts) {
    int above =
        efforts.stream()
            .filter(e -> e.target().effort().points() > Effort.CRITICAL)
            .mapToInt(e -> e.dose().seconds())
            .sum();
    return above <= Cost.LONGEST_ABOVE && deepest(efforts) >= Cost.DEEPEST;
  }

  /** In the pool one leaves by the clock: full multiples of five seconds. */
  private static List<GradedEffort> onSendOffs(List<GradedEffort> efforts) {
    return efforts.stream()
        .map(
            e ->
                e.recovery().isOnSendOff()
                    ? e.recovering(EvenSteps.toFive(e.seconds()) - e.dose().seconds())
                    : e)
        .toList();
  }

  /** Recoveries as long as it takes for the build to stay within what a warm-up may cost. */
  private List<GradedEffort> bounded(List<GradedEffort> efforts, int longest) {
    List<GradedEffort> bounded = efforts;
    for (int more = LONGER; deepest(bounded) < Cost.DEEPEST && more <= longest; more += LONGER) {
      int longer = more;
      bounded = efforts.stream().map(e -> e.recovering(e.recovery().seconds() + longer)).toList();
    }
    return bounded;
  }

  /** Least that is left of W′ or D′ (Skiba et al. 2012) while the efforts are done. */
  private double deepest(List<GradedEffort> efforts) {
    double critical = anchors.model().critical();
    double reserveSeconds = anchors.model().reserve() / critical;
    double easy = anchors.model().intensityAt(Effort.BETWEEN_EFFORTS) / critical;
    double left = 1;
    double deepest = 1;
    for (GradedEffort e : efforts) {
      double share = anchors.model().intensityAt(e.target().effort()) / critical;
      left = Kinetics.reserve(left, share, reserveSeconds, e.dose().seconds());
      deepest = Math.min(deepest, left);
      left = Kinetics.reserve(left, easy, reserveSeconds, e.recovery().seconds());
    }
    return deepest;
  }

  private static List<GradedEffort> withoutLastRecovery(List<GradedEffort> efforts) {
    if (efforts.isEmpty()) {
      return efforts;
    }
    List<GradedEffort> trimmed = new ArrayList<>(efforts);
    int end = trimmed.size() - 1;
    GradedEffort last = trimmed.get(end);
    trimmed.set(end, new GradedEffort(last.role(), last.dose(), last.target(), Recovery.NONE));
    return trimmed;
  }
}
