package dev.jubilee.core.build;

import dev.jubilee.core.approach.Approach;
import dev.jubilee.core.athlete.HealthCondition;
import dev.jubilee.core.athlete.Restriction;
import dev.jubilee.core.choice.Eligibility;
import dev.jubilee.core.demand.Demand;
import dev.jubilee.core.drill.Dose;
import dev.jubilee.core.drill.Drill;
import dev.jubilee.core.drill.DrillLibrary;
import dev.jubilee.core.drill.Kit;
import dev.jubilee.core.drill.Position;
import dev.jubilee.core.drill.Role;
import dev.jubilee.core.drill.WarmUpPart;
import dev.jubilee.core.intensity.Anchors;
import dev.jubilee.core.intensity.Effort;
import dev.jubilee.core.intensity.Target;
import dev.jubilee.core.plan.PlanItem;
import dev.jubilee.core.plan.PrescriptionRequest;
import dev.jubilee.core.plan.Recovery;
import dev.jubilee.core.plan.SetUp;
import dev.jubilee.core.profile.Profiles;
import dev.jubilee.core.profile.SportProfile;
import dev.jubilee.core.session.Session;
import dev.jubilee.core.sport.Sport;
import java.time.Duration;
import java.util.ArrayList;
import java.util.Collections;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;

/** Chooses what lifts temperature and heart rate, and at what effort. */
public final class Raise {
  /** From this length on the raise is cut in two, the second part firmer; common practice. */
  private static final int TWO_STAGES = 240;

  private static final double FIRST_STAGE = 0.6;

  /** Short rises, s; common practice. */
  private static final int RISES = 4;

  private static final int RISE = 30;
  private static final int AFTER_A_RISE = 45;
  private static final int LEAST_WITH_RISES = 480;

  /** What they rise to, as a share of critical intensity, where the build begins no lower. */
  private static final double RISES_TO = 0.95;

  /** Marching and jogging on the spot get dull after this, s; common practice. */
  private static final int LONGEST_ON_THE_SPOT = 240;

  /** Nor do riders, rowers and swimmers jog for long, before what spares their legs, s. */
  private static final int LONGEST_ON_FOOT = 300;

  /** Nobody marches and jogs on the spot for longer, whatever the warmth, s; common practice. */
  private static final int MOST_ON_THE_SPOT = 480;

  private static final int MOST_ON_A_DECK = 240;

  /** Speed at which people change from walking to running, m/s (Hreljac 1993). */
  private static final double WALK_RUN_TRANSITION = 2.0;

  private static final int WALKING = 36;

  /** Walked before sore legs run, s; common practice. */
  private static final int WALKED_BEFORE = 120;

  /** Movements that take turns, and how often. */
  private static final int MOST_IN_TURN = 3;

  /** Share of the first one's effort that the others must have; Jubilee modelling choice. */
  private static final double NEARLY = 0.65;

  private static final int ROUNDS = 2;

  /** Fewer are no game of tag. */
  private static final int PLAYERS = 4;

  private static final int SHORTEST = 30;

  /** What of the tolerated contacts a raise may take; Jubilee modelling choice. */
  private static final double CONTACTS = 0.25;

  private final PrescriptionRequest request;
  private final DrillLibrary library;
  private final Anchors anchors;
  private final Demand demand;

  public Raise(PrescriptionRequest request, DrillLibrary library, Anchors anchors, Demand demand) {
    this.request = request;
    this.library = library;
    this.anchors = anchors;
    this.demand = demand;
  }

  /**
   * The best suited movement: the sport itself when it can be done, else the highest rung on land.
   */
  public Optional<Drill> main() {
    Optional<Drill> usual = library.in(WarmUpPart.RAISE).stream().filter(this::allowed).max(best());
    boolean isOnLand = usual.filter(d -> !SetUp.onApparatus(d)).isPresent();
    return isOnLand && request.athlete().isChild() ? play().or(() -> usual) : usual;
  }

  private Optional<Drill> play() {
    boolean isTogether = request.circumstances().conditions().group() >= PLAYERS;
    return library.find(isTogether ? Role.TAG : Role.SHUTTLE_GAME).filter(this::allowed);
  }

  private Comparator<Drill> best() {
    return Comparator.comparingInt((Drill d) -> request.session().suits(d))
        .thenComparingInt(this::fitsPlace)
        .thenComparingInt(Drill::effort)
        .thenComparing(Drill::id);
  }

  /** Something on land before the drills, when the main raise is on a machine or in the water. */
  public Optional<Drill> onLand() {
    return library.in(WarmUpPart.RAISE).stream()
        .filter(this::allowed)
        .filter(d -> !SetUp.onApparatus(d))
        .filter(d -> d.kit().isEmpty())
        .max(
            Comparator.comparingInt(this::fitsPlace)
                .thenComparingInt(Drill::effort)
                .thenComparing(Drill::id));
  }

  private boolean allowed(Drill drill) {
    boolean isPlay = drill.is(Role.TAG) || drill.is(Role.SHUTTLE_GAME);
    boolean isJog = drill.is(Role.EASY_JOG) || drill.is(Role.TREADMILL_JOG);
    boolean novice = isJog && request.athlete().deconditioned();
    // A minute of skipping is more contacts than any drill has.
    boolean lands =
        drill.contacts() * Math.min(longest(drill), demand.raiseSeconds())
            > CONTACTS * demand.contacts();
    boolean isTooSlow = drill.effort() > WALKING && runs(drill) && isSlowerThanRunning();
    // Nobody changes for the pool, or gets on a bike after the drills, before work on land.
    boolean leadsAway = request.session().kind().isOnLand() && SetUp.onApparatus(drill);
    return !novice
        && (!isPlay || request.athlete().isChild())
        && !lands
        && !leadsAway
        && !isTooSlow
        && canBeDone(drill);
  }

  private static boolean runs(Drill drill) {
    return drill.isOf(Sport.RUN)
        && (drill.position() == Position.TRAVELLING || drill.kit().contains(Kit.TREADMILL));
  }

  /** Whether easy running would be slower than people run: then they walk and run in turn. */
  private boolean isSlowerThanRunning() {
    return sport().isOnFoot()
        && anchors.known()
        && profile().raise().easy() * anchors.model().critical() < WALK_RUN_TRANSITION;
  }

  /**
   * What comes before it where legs are sore: they are walked warm before they are run on. Nothing
   * for others, nor in a short raise.
   */
  public Optional<PlanItem> walkBefore(Drill main, int seconds) {
    boolean isSore =
        request.athlete().restrictions().stream()
            .anyMatch(r -> r.severity() == Restriction.Severity.SORE && r.region().isOfTheLegs());
    if (!isSore || !runs(main) || main.effort() <= WALKING || seconds < TWO_STAGES) {
      return Optional.empty();
    }
    Role walk = request.isOnTreadmill() ? Role.TREADMILL_WALK : Role.WALK;
    return library.find(walk).filter(this::allowed).map(d -> stage(d, WALKED_BEFORE, 0));
  }

  /** Walking and jogging want a straight to move along; rooms are for moving on the spot. */
  private int fitsPlace(Drill drill) {
    boolean travels = drill.position() == Position.TRAVELLING;
    boolean roomy = request.circumstances().lane().metres() >= 40;
    return travels == roomy ? 1 : 0;
  }

  /** Skipped on the way from marching to running, s; common practice. */
  private static final int SKIPPED = 30;

  /** Marched there and back, in the dose of the drill. */
  private static final int MARCHED = 2;

  /** A shorter raise has no time for them, s; Jubilee modelling choice. */
  private static final int LEAST_WITH_SKILLS = 150;

  /** Share of the raise that skills take at the most; Jubilee modelling choice. */
  private static final double OF_THE_RAISE = 0.6;

  /**
   * The way up to the sport, for the school whose drills are the warm-up: a runner marches, then
   * skips, a rower adds arms, body and slide to each other, and no easy running or rowing comes
   * before that. Empty for others, in a short raise, and where it cannot be done.
   */
  public List<PlanItem> skillsBefore(Drill main, int seconds) {
    boolean isSchool =
        request.approach().first() == Approach.First.DRILLS
            && request.session().kind().isHard()
            && !request.athlete().isChild();
    boolean isWayUp = sport().isOnFoot() ? runs(main) : SetUp.onApparatus(main);
    if (!isSchool || !isWayUp || !isOwnMovement(main) || seconds < LEAST_WITH_SKILLS) {
      return List.of();
    }
    List<PlanItem> skills = new ArrayList<>();
    int left = (int) (OF_THE_RAISE * seconds);
    for (Role role : profile().skills()) {
      Optional<PlanItem> skill = skill(role, left);
      if (skill.isEmpty()) {
        break;
      }
      skills.add(skill.get());
      left -= skill.get().seconds();
    }
    return skills;
  }

  /** A skill in the dose that there is time for; of a ladder the highest rung that may be given. */
  private Optional<PlanItem> skill(Role role, int seconds) {
    Optional<Drill> drill = library.find(role);
    while (drill.filter(d -> !canBeDone(d)).isPresent()) {
      drill = drill.flatMap(library::easier);
    }
    return drill.flatMap(
        d ->
            d.block() == WarmUpPart.RAISE
                ? Optional.of(d).filter(this::isSoft).map(skip -> stage(skip, SKIPPED, 0))
                : doses(d).stream()
                    .map(dose -> skill(d, dose))
                    .filter(item -> item.seconds() <= seconds)
                    .findFirst());
  }

  private boolean isSoft(Drill skip) {
    return skip.contacts() * SKIPPED <= CONTACTS * demand.contacts();
  }

  private PlanItem skill(Drill drill, Dose dose) {
    return PlanItem.of(
            drill,
            dose,
            anchors.generalTarget(Effort.of(drill.effort()), Duration.ofMinutes(1)),
            Recovery.NONE)
        .withBlock(WarmUpPart.RAISE);
  }

  /** The doses of a skill, the longest first. */
  private List<Dose> doses(Drill skill) {
    if (skill.usual() instanceof Dose.Lengths usual) {
      return List.of(usual.withAmount(MARCHED).fittedTo(request.circumstances().lane()));
    }
    return List.of(skill.usual(), skill.usual().withAmount(skill.least()));
  }

  private boolean canBeDone(Drill drill) {
    return !request.excluded().contains(drill.id())
        && Eligibility.against(drill, request).isEmpty();
  }

  /**
   * The raise of a movement, firmer in its second part. What is dull on the spot changes with
   * others after a few minutes, and ends where nothing new is left, however much the minutes are.
   *
   * @param drill the movement that suits best
   * @param seconds wanted
   */
  public List<PlanItem> stages(Drill drill, int seconds) {
    if (seconds > longest(drill)) {
      return inTurn(drill, seconds);
    }
    if (seconds < TWO_STAGES || !isOwnMovement(drill)) {
      return List.of(stage(drill, seconds, share(0.5)));
    }
    Optional<Drill> priming = library.find(Demand.priming(sport()));
    boolean isPrimed =
        demand.primingSeconds() > 0
            && seconds >= demand.primingSeconds() + TWO_STAGES
            && priming.filter(this::allowed).isPresent();
    int easy = isPrimed ? seconds - demand.primingSeconds() : seconds;
    int first = (int) Math.round(FIRST_STAGE * easy / 30) * 30;
    List<PlanItem> stages = new ArrayList<>();
    List<PlanItem> rises = rises(easy);
    if (rises.isEmpty()) {
      stages.add(stage(drill, first, share(0)));
      stages.add(stage(drill, easy - first, share(1)));
    } else {
      stages.add(stage(drill, easy - PlanItem.seconds(rises), share(0)));
      stages.addAll(rises);
    }
    if (isPrimed) {
      stages.add(stage(priming.get(), demand.primingSeconds(), profile().heavy()));
    }
    return stages;
  }

  /**
   * With asthma the second part rises and falls: that lessens the tightening that hard work brings
   * (Stickland et al. 2012, from memory; how many rises of what length is common practice).
   *
   * @param easy s of the raise
   * @return empty for others, and in a short raise
   */
  private List<PlanItem> rises(int easy) {
    Role role = request.isOnTreadmill() ? Role.RISE_TREADMILL : profile().rise();
    Optional<Drill> rise = library.find(role).filter(this::allowed);
    if (!request.athlete().health().contains(HealthCondition.ASTHMA)
        || !request.session().kind().isHard()
        || easy < LEAST_WITH_RISES
        || rise.isEmpty()) {
      return List.of();
    }
    PlanItem one = stage(rise.get(), RISE, Math.min(RISES_TO, next()));
    return Collections.nCopies(
        RISES,
        PlanItem.of(
                rise.get(),
                one.dose(),
                one.target().orElseThrow(),
                new Recovery(AFTER_A_RISE, Recovery.Doing.EASY))
            .withBlock(WarmUpPart.RAISE));
  }

  /** How long one movement is done before it is dull, s; common practice. */
  public static int longest(Drill drill, Session session) {
    if (drill.position() == Position.STANDING) {
      return Math.min(drill.most(), LONGEST_ON_THE_SPOT);
    }
    return isOnForeignFeet(drill, session) ? Math.min(drill.most(), LONGEST_ON_FOOT) : drill.most();
  }

  private int longest(Drill drill) {
    return longest(drill, request.session());
  }

  private static boolean isOnForeignFeet(Drill drill, Session session) {
    return drill.position() == Position.TRAVELLING
        && drill.kit().stream().noneMatch(Kit::isApparatus)
        && !session.sport().isOnFoot();
  }

  /** The longest raise of a movement and those that take turns with it, s; common practice. */
  public int most(Drill main) {
    if (main.position() != Position.STANDING && !isOnForeignFeet(main, request.session())) {
      return Integer.MAX_VALUE;
    }
    return request.circumstances().place().isWet() ? MOST_ON_A_DECK : MOST_ON_THE_SPOT;
  }

  private List<PlanItem> inTurn(Drill first, int seconds) {
    List<Drill> others = new ArrayList<>(List.of(first));
    library.in(WarmUpPart.RAISE).stream()
        .filter(this::allowed)
        .filter(d -> !SetUp.onApparatus(d))
        .sorted(best().reversed())
        .filter(d -> others.stream().noneMatch(o -> o.group().equals(d.group())))
        .filter(d -> d.effort() >= NEARLY * first.effort())
        .limit(MOST_IN_TURN - 1)
        .forEach(others::add);
    List<PlanItem> stages = new ArrayList<>();
    int left = seconds;
    for (int turn = 0; turn < ROUNDS; turn++) {
      for (Drill drill : others) {
        int length = Math.min(left, longest(drill));
        if (length >= SHORTEST) {
          stages.add(stage(drill, length, share(turn)));
          left -= length;
        }
      }
    }
    return stages;
  }

  public PlanItem stage(Drill drill, int seconds, double shareOfCritical) {
    Duration duration = Duration.ofSeconds(seconds);
    Target target =
        isOwnMovement(drill)
            ? anchors.target(anchors.shareOfCritical(shareOfCritical), duration)
            : anchors.generalTarget(Effort.of(drill.effort()), duration);
    if (drill.kit().contains(Kit.ROWER) && isOwnMovement(drill)) {
      target = target.atRate(18 + (int) Math.round(2 * stageOf(shareOfCritical)));
    } else if (drill.kit().contains(Kit.BIKE) && isOwnMovement(drill)) {
      target = target.atRate(90);
    } else if (drill.kit().contains(Kit.TREADMILL)) {
      target = target.onTreadmill(target.value(), Treadmill.LIKE_FLAT);
    }
    return PlanItem.of(drill, new Dose.Timed(seconds, 1), target, Recovery.NONE)
        .withBlock(WarmUpPart.RAISE);
  }

  private boolean isOwnMovement(Drill drill) {
    return drill.isOf(sport()) && !request.session().kind().isOnLand();
  }

  /** Share of critical intensity, from the first stage (0) to the second (1). */
  private double share(double stage) {
    SportProfile.RaiseRange range = profile().raise();
    return Math.min(range.easy() + stage * (range.firm() - range.easy()), next());
  }

  /**
   * What comes next goes on from the raise, never back: where the build or a session without one
   * begins low, the raise stays below.
   */
  private double next() {
    double first =
        demand.efforts() == 0
            ? anchors.model().intensityAt(demand.firstEffort())
            : new Ramp(request, library, anchors, demand).begins();
    return first / anchors.model().critical();
  }

  private double stageOf(double share) {
    SportProfile.RaiseRange range = profile().raise();
    return (share - range.easy()) / (range.firm() - range.easy());
  }

  private SportProfile profile() {
    return Profiles.of(sport());
  }

  private Sport sport() {
    return request.session().sport();
  }
}
