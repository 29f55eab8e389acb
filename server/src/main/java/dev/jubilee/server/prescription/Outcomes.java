package dev.jubilee.server.prescription;

import dev.jubilee.server.prescription.EditRequest.EditView;
import dev.jubilee.server.prescription.PlanView.FindingView;
import dev.jubilee.server.prescription.PlanView.ItemView;
import dev.jubilee.server.prescription.PlanView.ReadinessView;
import dev.jubilee.server.prescription.PlanView.RemedyView;
import dev.jubilee.server.prescription.PlanView.RungView;
import dev.jubilee.server.prescription.PlanView.SegmentView;
import dev.jubilee.server.prescription.PlanView.TargetView;
import dev.jubilee.server.prescription.PlanView.VerdictView;
import dev.jubilee.server.prescription.stored.EditV1;
import dev.jubilee.server.prescription.stored.OutcomeV1;
import dev.jubilee.server.prescription.stored.OutcomeV1.FindingV1;
import dev.jubilee.server.prescription.stored.OutcomeV1.ItemV1;
import dev.jubilee.server.prescription.stored.OutcomeV1.PhraseV1;
import dev.jubilee.server.prescription.stored.OutcomeV1.ReadinessV1;
import dev.jubilee.server.prescription.stored.OutcomeV1.RemedyV1;
import dev.jubilee.server.prescription.stored.OutcomeV1.RungV1;
import dev.jubilee.server.prescription.stored.OutcomeV1.SegmentV1;
import dev.jubilee.server.prescription.stored.OutcomeV1.TargetV1;
import dev.jubilee.server.prescription.stored.OutcomeV1.VerdictV1;

/** From the plan as it is shown to the plan as it is stored, and back. */
final class Outcomes {
  private Outcomes() {}

  /** As it is stored. */
  static OutcomeV1 stored(PlanView v) {
    return new OutcomeV1(
        v.seconds(),
        v.available(),
        v.firstEffort(),
        v.contacts(),
        v.why(),
        v.basis().stream().map(PhraseV1::of).toList(),
        v.conflicts(),
        v.items().stream().map(Outcomes::stored).toList(),
        v.findings().stream().map(Outcomes::stored).toList(),
        v.readiness() == null ? null : stored(v.readiness()));
  }

  private static ItemV1 stored(ItemView v) {
    return new ItemV1(
        v.id(),
        v.block(),
        v.drillId(),
        v.name(),
        PhraseV1.of(v.dose()),
        v.amount(),
        v.unit(),
        v.least(),
        v.most(),
        v.step(),
        v.startsBefore(),
        v.seconds(),
        v.changeSeconds(),
        v.workSeconds(),
        v.recoverySeconds(),
        v.effort(),
        v.recoveryEffort(),
        v.target() == null ? null : stored(v.target()),
        v.lock(),
        v.easier() == null ? null : stored(v.easier()),
        v.harder() == null ? null : stored(v.harder()),
        v.reason(),
        v.without(),
        v.segments().stream().map(Outcomes::stored).toList(),
        v.steps(),
        v.cues(),
        v.fault(),
        v.caution(),
        v.kit(),
        v.stage() == 0 ? null : v.stage());
  }

  private static RungV1 stored(RungView v) {
    return new RungV1(v.drillId(), v.name());
  }

  private static TargetV1 stored(TargetView v) {
    return new TargetV1(
        v.metric(),
        v.value(),
        v.perceivedExertion(),
        v.percentOfTop(),
        v.heartLow(),
        v.heartHigh(),
        v.ratePerMinute(),
        v.spread());
  }

  private static SegmentV1 stored(SegmentView v) {
    return new SegmentV1(v.kind(), v.seconds(), v.side(), v.count(), v.note());
  }

  private static ReadinessV1 stored(ReadinessView v) {
    return new ReadinessV1(
        v.step(),
        v.warmth(),
        v.warmthLow(),
        v.warmthHigh(),
        v.freshness(),
        v.heart(),
        v.reserve(),
        stored(v.verdict()));
  }

  private static VerdictV1 stored(VerdictView v) {
    return new VerdictV1(
        v.warmth(),
        v.warmthLow(),
        v.warmthHigh(),
        v.wanted(),
        v.isWarm(),
        v.freshness(),
        v.isFresh(),
        v.isRehearsed(),
        v.readyFrom(),
        v.readyTo(),
        v.sentences());
  }

  private static FindingV1 stored(FindingView v) {
    return new FindingV1(
        v.code(),
        v.severity(),
        v.itemId(),
        v.what(),
        v.why(),
        v.evidence(),
        stored(v.remedy()),
        v.seen());
  }

  private static RemedyV1 stored(RemedyView v) {
    return new RemedyV1(v.label(), EditV1.of(v.edit().toCore()));
  }

  /** As it is shown. */
  static PlanView view(OutcomeV1 v) {
    return new PlanView(
        v.seconds(),
        v.available(),
        v.firstEffort(),
        v.contacts(),
        v.why(),
        v.basis().stream().map(PhraseV1::toCore).toList(),
        v.conflicts(),
        v.items().stream().map(Outcomes::view).toList(),
        v.findings().stream().map(Outcomes::view).toList(),
        v.readiness() == null ? null : view(v.readiness()));
  }

  private static ItemView view(ItemV1 v) {
    return new ItemView(
        v.id(),
        v.block(),
        v.drillId(),
        v.name(),
        v.dose().toCore(),
        v.amount(),
        v.unit(),
        v.least(),
        v.most(),
        v.step(),
        v.startsBefore(),
        v.seconds(),
        v.changeSeconds(),
        v.workSeconds(),
        v.recoverySeconds(),
        v.effort(),
        v.recoveryEffort(),
        v.target() == null ? null : view(v.target()),
        v.lock(),
        v.easier() == null ? null : view(v.easier()),
        v.harder() == null ? null : view(v.harder()),
        v.reason(),
        v.without(),
        v.segments().stream().map(Outcomes::view).toList(),
        v.steps(),
        v.cues(),
        v.fault(),
        v.caution(),
        v.kit(),
        v.stage() == null ? 0 : v.stage());
  }

  private static RungView view(RungV1 v) {
    return new RungView(v.drillId(), v.name());
  }

  private static TargetView view(TargetV1 v) {
    return new TargetView(
        v.metric(),
        v.value(),
        v.perceivedExertion(),
        v.percentOfTop(),
        v.heartLow(),
        v.heartHigh(),
        v.ratePerMinute(),
        v.spread());
  }

  private static SegmentView view(SegmentV1 v) {
    return new SegmentView(v.kind(), v.seconds(), v.side(), v.count(), v.note());
  }

  private static ReadinessView view(ReadinessV1 v) {
    return new ReadinessView(
        v.step(),
        v.warmth(),
        v.warmthLow(),
        v.warmthHigh(),
        v.freshness(),
        v.heart(),
        v.reserve(),
        view(v.verdict()));
  }

  private static VerdictView view(VerdictV1 v) {
    return new VerdictView(
        v.warmth(),
        v.warmthLow(),
        v.warmthHigh(),
        v.wanted(),
        v.isWarm(),
        v.freshness(),
        v.isFresh(),
        v.isRehearsed(),
        v.readyFrom(),
        v.readyTo(),
        v.sentences());
  }

  private static FindingView view(FindingV1 v) {
    return new FindingView(
        v.code(),
        v.severity(),
        v.itemId(),
        v.what(),
        v.why(),
        v.evidence(),
        view(v.remedy()),
        v.seen());
  }

  private static RemedyView view(RemedyV1 v) {
    return new RemedyView(v.label(), EditView.of(v.edit().toCore()));
  }
}
