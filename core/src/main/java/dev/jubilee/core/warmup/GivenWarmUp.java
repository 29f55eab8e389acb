package dev.jubilee.core.warmup;

import dev.jubilee.core.check.Finding;
import dev.jubilee.core.check.Remedy;
import dev.jubilee.core.check.Severity;
import dev.jubilee.core.plan.Plan;
import dev.jubilee.core.plan.PlanItem;
import dev.jubilee.core.quantity.Phrase;
import dev.jubilee.core.readiness.Forecast;
import io.soabase.recordbuilder.core.RecordBuilder;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;

/**
 * A prescribed warm-up: everything that any view shows of it. It stays the same when drills, rules
 * or sources change, and can be stored and read without computing anything.
 *
 * @param availableSeconds time available for it
 * @param firstEffort how hard the session begins, 0 to 100
 * @param contacts ground contacts
 * @param why what made it longer, shorter, higher or lower
 * @param basis where the athlete's figures come from
 * @param conflicts results that do not go with the others
 * @param items in order
 * @param findings gravest first
 * @param forecast the state it leads to; empty in warm-ups from before forecasts existed
 */
@RecordBuilder
public record GivenWarmUp(
    int availableSeconds,
    int firstEffort,
    int contacts,
    List<String> why,
    List<Phrase> basis,
    List<String> conflicts,
    List<GivenItem> items,
    List<Note> findings,
    Optional<Forecast> forecast) {

  /**
   * A finding, with its original wording and source.
   *
   * @param code of its kind; later versions may no longer have it
   * @param isSeen whether the coach has taken note of it
   */
  @RecordBuilder
  public record Note(
      String code,
      Severity severity,
      Optional<String> itemId,
      String what,
      String why,
      String evidence,
      Remedy remedy,
      boolean isSeen) {}

  /** Returns what the views show of a finished warm-up. */
  public static GivenWarmUp of(WarmUp warmUp) {
    Plan plan = warmUp.plan();
    List<GivenItem> items = new ArrayList<>();
    for (int i = 0; i < plan.items().size(); i++) {
      items.add(
          GivenItem.of(plan, plan.items().get(i), plan.startsBefore(i), warmUp.reasons().get(i)));
    }
    return GivenWarmUpBuilder.builder()
        .availableSeconds(plan.availableSeconds())
        .firstEffort((int) Math.round(plan.demand().firstEffort().points()))
        .contacts(plan.contacts())
        .why(warmUp.why())
        .basis(plan.anchors().basis())
        .conflicts(plan.anchors().conflicts())
        .items(items)
        .findings(warmUp.findings().stream().map(f -> note(f, warmUp)).toList())
        .forecast(Optional.of(Forecast.of(warmUp.readiness(), plan.anchors().heart())))
        .build();
  }

  private static Note note(Finding f, WarmUp warmUp) {
    return GivenWarmUpNoteBuilder.builder()
        .code(f.code().name())
        .severity(f.severity())
        .itemId(f.itemId())
        .what(f.what())
        .why(f.why())
        .evidence(f.evidence())
        .remedy(f.remedy())
        .isSeen(warmUp.isAcknowledged(f))
        .build();
  }

  /** Its real length; it begins this long before the start. */
  public int seconds() {
    return items.stream().map(GivenItem::item).mapToInt(PlanItem::seconds).sum();
  }
}
