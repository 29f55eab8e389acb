package dev.jubilee.server.prescription.stored;

import com.fasterxml.jackson.annotation.JsonAlias;
import com.fasterxml.jackson.annotation.JsonInclude;
import dev.jubilee.core.check.Remedy;
import dev.jubilee.core.check.Severity;
import dev.jubilee.core.drill.Kit;
import dev.jubilee.core.drill.Segment;
import dev.jubilee.core.drill.WarmUpPart;
import dev.jubilee.core.intensity.Target;
import dev.jubilee.core.plan.DoseRange;
import dev.jubilee.core.plan.Lock;
import dev.jubilee.core.plan.PlanItem;
import dev.jubilee.core.quantity.Phrase;
import dev.jubilee.core.readiness.Forecast;
import dev.jubilee.core.readiness.ForecastBuilder;
import dev.jubilee.core.readiness.Verdict;
import dev.jubilee.core.readiness.VerdictBuilder;
import dev.jubilee.core.sport.TargetMetric;
import dev.jubilee.core.warmup.GivenItem;
import dev.jubilee.core.warmup.GivenItemBuilder;
import dev.jubilee.core.warmup.GivenWarmUp;
import dev.jubilee.core.warmup.GivenWarmUpBuilder;
import dev.jubilee.core.warmup.GivenWarmUpNoteBuilder;
import dev.jubilee.core.warmup.Reason;
import java.util.List;
import java.util.Optional;
import java.util.stream.IntStream;

/**
 * What was computed for a revision and shown, as it lies in the database; the page may change, this
 * may not, but for what {@link SnapshotV1} says of fields that are added.
 */
public record OutcomeV1(
    int seconds,
    int available,
    int firstEffort,
    int contacts,
    List<String> why,
    List<PhraseV1> basis,
    List<String> conflicts,
    List<ItemV1> items,
    List<FindingV1> findings,
    ReadinessV1 readiness) {

  public static OutcomeV1 of(GivenWarmUp w) {
    return new OutcomeV1(
        w.seconds(),
        w.availableSeconds(),
        w.firstEffort(),
        w.contacts(),
        w.why(),
        w.basis().stream().map(PhraseV1::of).toList(),
        w.conflicts(),
        w.items().stream().map(ItemV1::of).toList(),
        w.findings().stream().map(FindingV1::of).toList(),
        w.forecast().map(ReadinessV1::of).orElse(null));
  }

  /**
   * The warm-up again.
   *
   * @param planned its items, which lie in the snapshot beside this
   */
  public GivenWarmUp toCore(List<PlanItem> planned) {
    return GivenWarmUpBuilder.builder()
        .availableSeconds(available)
        .firstEffort(firstEffort)
        .contacts(contacts)
        .why(why)
        .basis(basis.stream().map(PhraseV1::toCore).toList())
        .conflicts(conflicts)
        .items(
            IntStream.range(0, planned.size())
                .mapToObj(i -> items.get(i).toCore(planned.get(i)))
                .toList())
        .findings(findings.stream().map(FindingV1::toCore).toList())
        .forecast(Optional.ofNullable(readiness).map(ReadinessV1::toCore))
        .build();
  }

  /** Words with figures in them. */
  public record PhraseV1(String text, List<FigureV1> figures) {
    public static PhraseV1 of(Phrase phrase) {
      return new PhraseV1(
          phrase.text(),
          phrase.figures().stream().map(f -> new FigureV1(f.kind(), f.value())).toList());
    }

    public Phrase toCore() {
      return new Phrase(
          text, figures.stream().map(f -> new Phrase.Figure(f.kind(), f.value())).toList());
    }
  }

  /** A figure among words. */
  public record FigureV1(Phrase.Kind kind, double value) {}

  /** One line of the plan. */
  public record ItemV1(
      String id,
      WarmUpPart block,
      String drillId,
      String name,
      PhraseV1 dose,
      int amount,
      String unit,
      int least,
      int most,
      int step,
      int startsBefore,
      int seconds,
      int changeSeconds,
      int workSeconds,
      int recoverySeconds,
      int effort,
      int recoveryEffort,
      TargetV1 target,
      Lock lock,
      RungV1 easier,
      RungV1 harder,
      String reason,
      String without,
      List<SegmentV1> segments,
      List<String> steps,
      List<String> cues,
      String fault,
      String caution,
      List<Kit> kit,
      @JsonInclude(JsonInclude.Include.NON_NULL) Integer stage) {

    static ItemV1 of(GivenItem given) {
      PlanItem item = given.item();
      return new ItemV1(
          item.id(),
          item.block(),
          item.drillId(),
          item.name(),
          PhraseV1.of(item.dose().words()),
          item.dose().amount(),
          item.dose().unit().words(),
          given.range().least(),
          given.range().most(),
          item.dose().step(),
          given.startsBefore(),
          item.seconds(),
          item.changeSeconds(),
          item.dose().seconds(),
          item.recovery().seconds(),
          given.effort(),
          GivenItem.RECOVERY_EFFORT,
          item.target().map(TargetV1::of).orElse(null),
          item.lock(),
          given.easier().map(RungV1::of).orElse(null),
          given.harder().map(RungV1::of).orElse(null),
          given.reason().why(),
          given.reason().without(),
          item.segments().stream().map(SegmentV1::of).toList(),
          given.howTo().steps(),
          given.howTo().cues(),
          given.howTo().fault(),
          given.howTo().caution(),
          given.howTo().kit(),
          item.stage() == 0 ? null : item.stage());
    }

    GivenItem toCore(PlanItem planned) {
      return GivenItemBuilder.builder()
          .item(planned)
          .startsBefore(startsBefore)
          .effort(effort)
          .range(new DoseRange(least, most))
          .easier(Optional.ofNullable(easier).map(RungV1::toCore))
          .harder(Optional.ofNullable(harder).map(RungV1::toCore))
          .reason(new Reason(reason, without))
          .howTo(new GivenItem.HowTo(steps, cues, fault, caution, kit))
          .build();
    }
  }

  /** A neighbouring version of a drill. */
  public record RungV1(String drillId, String name) {
    static RungV1 of(GivenItem.Version version) {
      return new RungV1(version.drillId(), version.name());
    }

    GivenItem.Version toCore() {
      return new GivenItem.Version(drillId, name);
    }
  }

  /** What to aim at. */
  public record TargetV1(
      @JsonAlias("gauge") TargetMetric metric,
      double value,
      double perceivedExertion,
      int percentOfTop,
      int heartLow,
      int heartHigh,
      int ratePerMinute,
      @JsonInclude(JsonInclude.Include.NON_DEFAULT) int gradient,
      double spread) {
    static TargetV1 of(Target t) {
      return new TargetV1(
          t.metric(),
          t.value(),
          t.perceivedExertion(),
          t.percentOfTop(),
          t.heartLow(),
          t.heartHigh(),
          t.ratePerMinute(),
          t.gradient(),
          t.spread());
    }
  }

  /** A stretch to follow without a change. */
  public record SegmentV1(
      Segment.Kind kind, int seconds, Segment.Side side, int count, String note) {
    static SegmentV1 of(Segment s) {
      return new SegmentV1(s.kind(), s.seconds(), s.side(), s.count(), s.note());
    }
  }

  /** The body through warm-up and wait. */
  public record ReadinessV1(
      int step,
      List<Integer> warmth,
      List<Integer> warmthLow,
      List<Integer> warmthHigh,
      List<Integer> freshness,
      List<Integer> heart,
      List<Integer> reserve,
      VerdictV1 verdict) {
    static ReadinessV1 of(Forecast f) {
      return new ReadinessV1(
          f.step(),
          f.warmth(),
          f.warmthLow(),
          f.warmthHigh(),
          f.freshness(),
          f.heart(),
          f.reserve(),
          VerdictV1.of(f.verdict()));
    }

    Forecast toCore() {
      return ForecastBuilder.builder()
          .step(step)
          .warmth(warmth)
          .warmthLow(warmthLow)
          .warmthHigh(warmthHigh)
          .freshness(freshness)
          .heart(heart)
          .reserve(reserve)
          .verdict(verdict.toCore())
          .build();
    }
  }

  /**
   * The state at the start.
   *
   * @param topUp absent where none is of use, and in what is older
   */
  public record VerdictV1(
      double warmth,
      double warmthLow,
      double warmthHigh,
      double wanted,
      boolean isWarm,
      int freshness,
      boolean isFresh,
      boolean isRehearsed,
      Integer readyFrom,
      Integer readyTo,
      @JsonInclude(JsonInclude.Include.NON_NULL) TopUpV1 topUp,
      List<String> sentences) {
    static VerdictV1 of(Verdict v) {
      return new VerdictV1(
          v.warmth(),
          v.warmthLow(),
          v.warmthHigh(),
          v.wanted(),
          v.isWarm(),
          v.freshness(),
          v.isFresh(),
          v.isRehearsed(),
          v.window().map(Verdict.Window::from).orElse(null),
          v.window().map(Verdict.Window::to).orElse(null),
          v.topUp().map(t -> new TopUpV1(t.seconds(), t.before())).orElse(null),
          v.sentences());
    }

    Verdict toCore() {
      return VerdictBuilder.builder()
          .warmth(warmth)
          .warmthLow(warmthLow)
          .warmthHigh(warmthHigh)
          .wanted(wanted)
          .isWarm(isWarm)
          .freshness(freshness)
          .isFresh(isFresh)
          .isRehearsed(isRehearsed)
          .window(Optional.ofNullable(readyFrom).map(from -> new Verdict.Window(from, readyTo)))
          .topUp(Optional.ofNullable(topUp).map(t -> new Verdict.TopUp(t.seconds(), t.before())))
          .sentences(sentences)
          .build();
    }
  }

  /** See {@link Verdict.TopUp}. */
  public record TopUpV1(int seconds, int before) {}

  /** Something the coach should know. */
  public record FindingV1(
      String code,
      Severity severity,
      String itemId,
      String what,
      String why,
      String evidence,
      RemedyV1 remedy,
      boolean seen) {
    static FindingV1 of(GivenWarmUp.Note n) {
      return new FindingV1(
          n.code(),
          n.severity(),
          n.itemId().orElse(null),
          n.what(),
          n.why(),
          n.evidence(),
          new RemedyV1(n.remedy().label(), EditV1.of(n.remedy().edit())),
          n.isSeen());
    }

    GivenWarmUp.Note toCore() {
      return GivenWarmUpNoteBuilder.builder()
          .code(code)
          .severity(severity)
          .itemId(Optional.ofNullable(itemId))
          .what(what)
          .why(why)
          .evidence(evidence)
          .remedy(new Remedy(remedy.label(), remedy.edit().toCore()))
          .isSeen(seen)
          .build();
    }
  }

  /** What one click does about it. */
  public record RemedyV1(String label, EditV1 edit) {}
}
