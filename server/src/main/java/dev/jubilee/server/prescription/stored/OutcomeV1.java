package dev.jubilee.server.prescription.stored;

import com.fasterxml.jackson.annotation.JsonAlias;
import com.fasterxml.jackson.annotation.JsonInclude;
import dev.jubilee.core.check.Severity;
import dev.jubilee.core.drill.Kit;
import dev.jubilee.core.drill.Segment;
import dev.jubilee.core.drill.WarmUpPart;
import dev.jubilee.core.intensity.TargetMetric;
import dev.jubilee.core.plan.Lock;
import dev.jubilee.core.quantity.Phrase;
import java.util.List;

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
      @JsonInclude(JsonInclude.Include.NON_NULL) Integer stage) {}

  /** A neighbouring version of a drill. */
  public record RungV1(String drillId, String name) {}

  /** What to aim at. */
  public record TargetV1(
      @JsonAlias("gauge") TargetMetric metric,
      double value,
      double perceivedExertion,
      int percentOfTop,
      int heartLow,
      int heartHigh,
      int ratePerMinute,
      double spread) {}

  /** A stretch to follow without a change. */
  public record SegmentV1(
      Segment.Kind kind, int seconds, Segment.Side side, int count, String note) {}

  /** The body through warm-up and wait. */
  public record ReadinessV1(
      int step,
      List<Integer> warmth,
      List<Integer> warmthLow,
      List<Integer> warmthHigh,
      List<Integer> freshness,
      List<Integer> heart,
      List<Integer> reserve,
      VerdictV1 verdict) {}

  /** The state at the start. */
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
      List<String> sentences) {}

  /** Something the coach should know. */
  public record FindingV1(
      String code,
      Severity severity,
      String itemId,
      String what,
      String why,
      String evidence,
      RemedyV1 remedy,
      boolean seen) {}

  /** What one click does about it. */
  public record RemedyV1(String label, EditV1 edit) {}
}
