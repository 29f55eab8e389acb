package dev.jubilee.core.build;

import dev.jubilee.core.choice.Eligibility;
import dev.jubilee.core.demand.Demand;
import dev.jubilee.core.drill.Dose;
import dev.jubilee.core.drill.Drill;
import dev.jubilee.core.drill.DrillLibrary;
import dev.jubilee.core.drill.Kit;
import dev.jubilee.core.drill.Position;
import dev.jubilee.core.drill.WarmUpPart;
import dev.jubilee.core.intensity.Anchors;
import dev.jubilee.core.intensity.Effort;
import dev.jubilee.core.intensity.RowingErgometer;
import dev.jubilee.core.intensity.Target;
import dev.jubilee.core.plan.PlanItem;
import dev.jubilee.core.plan.PrescriptionRequest;
import dev.jubilee.core.plan.Recovery;
import dev.jubilee.core.plan.SetUp;
import dev.jubilee.core.sport.Sport;
import java.time.Duration;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;

/** Chooses what lifts temperature and heart rate, and at what effort. */
public final class Raise {
  /** From this length on the raise is cut in two, the second part firmer; common practice. */
  private static final int TWO_STAGES = 240;

  private static final double FIRST_STAGE = 0.6;

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
    return library.in(WarmUpPart.RAISE).stream()
        .filter(this::allowed)
        .max(
            Comparator.comparingInt((Drill d) -> request.session().suits(d))
                .thenComparingInt(this::fitsPlace)
                .thenComparingInt(Drill::effort)
                .thenComparing(Drill::id));
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
    boolean novice = drill.id().equals("easy-jog") && request.athlete().deconditioned();
    // A minute of skipping is more contacts than any drill has.
    boolean lands = drill.contacts() > 0 && demand.contacts() == 0;
    return !novice
        && !lands
        && !request.excluded().contains(drill.id())
        && Eligibility.against(drill, request).isEmpty();
  }

  /** Walking and jogging want a straight to move along; rooms are for moving on the spot. */
  private int fitsPlace(Drill drill) {
    boolean travels = drill.position() == Position.TRAVELLING;
    boolean roomy = request.circumstances().lane().metres() >= 40;
    return travels == roomy ? 1 : 0;
  }

  public List<PlanItem> stages(Drill drill, int seconds) {
    List<PlanItem> stages = new ArrayList<>();
    if (seconds < TWO_STAGES || !isOwnMovement(drill)) {
      stages.add(stage(drill, seconds, share(0.5)));
      return stages;
    }
    int first = (int) Math.round(FIRST_STAGE * seconds / 30) * 30;
    stages.add(stage(drill, first, share(0)));
    stages.add(stage(drill, seconds - first, share(1)));
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
    }
    return PlanItem.of(drill, new Dose.Timed(seconds, 1), target, Recovery.NONE)
        .withBlock(WarmUpPart.RAISE);
  }

  private boolean isOwnMovement(Drill drill) {
    return drill.suits(sport()) == 3 && !request.session().kind().isOnLand();
  }

  /**
   * Share of critical intensity, from the first stage (0) to the second (1). Rowing starts at half
   * of 2 km power (common practice), which is 0.59 of critical power taken as 0.85 of it.
   */
  private double share(double stage) {
    double[] range = range();
    return range[0] + stage * (range[1] - range[0]);
  }

  private double stageOf(double share) {
    double[] range = range();
    return (share - range[0]) / (range[1] - range[0]);
  }

  private double[] range() {
    return switch (sport()) {
      case RUN -> new double[] {0.66, 0.74};
      case RIDE -> new double[] {0.50, 0.65};
      case ROW ->
          new double[] {
            0.50 / RowingErgometer.CRITICAL_OF_2K, 0.60 / RowingErgometer.CRITICAL_OF_2K
          };
      case SWIM -> new double[] {0.82, 0.88};
    };
  }

  private Sport sport() {
    return request.session().sport();
  }
}
