package dev.jubilee.server.follow;

import dev.jubilee.core.check.FindingCode;
import dev.jubilee.core.check.Severity;
import dev.jubilee.core.circumstances.Circumstances;
import dev.jubilee.core.circumstances.Place;
import dev.jubilee.core.circumstances.Stage;
import dev.jubilee.core.drill.Kit;
import dev.jubilee.core.drill.WarmUpPart;
import dev.jubilee.core.intensity.Target;
import dev.jubilee.core.plan.PlanItem;
import dev.jubilee.core.quantity.Phrase;
import dev.jubilee.core.session.SessionKind;
import dev.jubilee.core.sport.Sport;
import dev.jubilee.core.warmup.GivenItem;
import dev.jubilee.core.warmup.GivenWarmUp;
import dev.jubilee.server.club.Club;
import dev.jubilee.server.club.HourCycle;
import dev.jubilee.server.club.Measures;
import dev.jubilee.server.prescription.PlanView;
import dev.jubilee.server.prescription.Prescription;
import io.swagger.v3.oas.annotations.media.Schema;
import java.time.OffsetDateTime;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.stream.Collectors;
import java.util.stream.Stream;

/**
 * What an athlete follows. Whoever has the link sees it, so it says nothing that the phone does not
 * need: no results, no heart rates, no restriction by name.
 *
 * @param startsAt the first effort
 * @param seconds the warm-up's real length
 * @param firstEffort how hard the session begins, 0 to 100
 * @param startWindow when one is at one's best for it; null where no time is
 * @param cautions what to be careful about
 * @param minutes that were planned for it
 * @param isCalledOff whether the session does not take place
 * @param isHeld whether the coach is to be spoken with first; then nothing of the plan is told
 */
public record FollowView(
    String athleteName,
    String sessionTitle,
    Sport sport,
    SessionKind kind,
    String place,
    int temperature,
    OffsetDateTime startsAt,
    HourCycle hourCycle,
    Measures measures,
    int revision,
    int seconds,
    int firstEffort,
    @Schema(nullable = true) StartWindow startWindow,
    List<FollowItem> items,
    List<Caution> cautions,
    int minutes,
    boolean isHeld,
    boolean isCalledOff) {

  /** These name what hurts whom, or what is known of their health. */
  private static final Set<String> OF_THE_BODY =
      Set.of(
          FindingCode.HURT.name(),
          FindingCode.SORE.name(),
          FindingCode.LOADS_SORE_REGION.name(),
          FindingCode.HEALTH.name(),
          FindingCode.BAD_AIR.name());

  /**
   * One line of the plan; fields as in {@link PlanView.ItemView}.
   *
   * @param easier the name of the rung below on its ladder
   * @param harder that of the rung above
   */
  public record FollowItem(
      String id,
      String drillId,
      WarmUpPart block,
      String name,
      Phrase dose,
      int startsBefore,
      int seconds,
      int changeSeconds,
      int recoverySeconds,
      int effort,
      int recoveryEffort,
      @Schema(nullable = true) PlanView.TargetView target,
      @Schema(nullable = true) String easier,
      @Schema(nullable = true) String harder,
      List<PlanView.SegmentView> segments,
      List<String> cues,
      String caution,
      List<Kit> kit) {

    static FollowItem of(GivenItem given) {
      PlanItem item = given.item();
      return new FollowItem(
          item.id(),
          item.drillId(),
          item.block(),
          item.name(),
          item.dose().words(),
          given.startsBefore(),
          item.seconds(),
          item.changeSeconds(),
          item.recovery().seconds(),
          given.effort(),
          GivenItem.RECOVERY_EFFORT,
          item.target().map(FollowItem::withoutHeart).orElse(null),
          given.easier().map(GivenItem.Version::name).orElse(null),
          given.harder().map(GivenItem.Version::name).orElse(null),
          item.segments().stream().map(PlanView.SegmentView::of).toList(),
          given.howTo().cues(),
          given.howTo().caution(),
          given.howTo().kit());
    }

    private static PlanView.TargetView withoutHeart(Target target) {
      return new PlanView.TargetView(
          target.metric(),
          target.value(),
          target.perceivedExertion(),
          target.percentOfTop(),
          0,
          0,
          target.ratePerMinute(),
          target.gradient(),
          target.spread());
    }
  }

  /**
   * When to start.
   *
   * @param from s after the planned start
   * @param to s after the planned start
   */
  public record StartWindow(int from, int to) {
    static Optional<StartWindow> of(GivenWarmUp warmUp) {
      return warmUp
          .forecast()
          .flatMap(f -> f.verdict().window())
          .map(w -> new StartWindow(w.from(), w.to()));
    }
  }

  /** What to be careful about, and why. */
  public record Caution(String what, String why) {}

  /** One after another. */
  private static String places(Circumstances circumstances) {
    return Stream.concat(
            circumstances.earlier().stream().map(Stage::place), Stream.of(circumstances.place()))
        .map(Place::words)
        .collect(Collectors.joining(", then "));
  }

  static FollowView of(Prescription given, Club club) {
    GivenWarmUp warmUp = given.warmUp();
    return of(
        given,
        club,
        false,
        StartWindow.of(warmUp).orElse(null),
        warmUp.items().stream().map(FollowItem::of).toList(),
        warmUp.findings().stream()
            .filter(f -> f.severity() == Severity.CAUTION && !OF_THE_BODY.contains(f.code()))
            .map(f -> new Caution(f.what(), f.why()))
            .toList());
  }

  /** The same before the coach has spoken with the athlete: when and where, and nothing to do. */
  static FollowView held(Prescription given, Club club) {
    return of(given, club, true, null, List.of(), List.of());
  }

  private static FollowView of(
      Prescription given,
      Club club,
      boolean isHeld,
      StartWindow startWindow,
      List<FollowItem> items,
      List<Caution> cautions) {
    Circumstances circumstances = given.request().circumstances();
    return new FollowView(
        given.athlete().name(),
        given.session().title(),
        given.session().sport(),
        given.session().kind(),
        places(circumstances),
        circumstances.temperature(),
        given.startsAt().atZone(club.zone()).toOffsetDateTime(),
        club.hourCycle(),
        club.measures(),
        given.revision(),
        isHeld ? 0 : given.warmUp().seconds(),
        isHeld ? 0 : given.warmUp().firstEffort(),
        startWindow,
        items,
        cautions,
        circumstances.minutes(),
        isHeld,
        given.session().doesNotTakePlace());
  }
}
