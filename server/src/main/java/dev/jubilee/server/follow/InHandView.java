package dev.jubilee.server.follow;

import dev.jubilee.core.decision.Checkpoint;
import dev.jubilee.core.decision.Decision;
import dev.jubilee.core.decision.DecisionTable;
import dev.jubilee.core.decision.Sign;
import dev.jubilee.core.sport.BodyRegion;
import dev.jubilee.server.follow.FollowView.FollowItem;
import dev.jubilee.server.prescription.InHandPlans;
import io.swagger.v3.oas.annotations.media.Schema;
import java.util.List;

/**
 * What an athlete may need when a warm-up runs: sent along with it, so that it is there without a
 * network.
 *
 * @param revision of the plan that it belongs to
 * @param late what is left when minutes are lost, by where and how many
 * @param slipped what keeps warm when the start slips after the warm-up
 * @param decisions what can be decided about what is seen
 * @param looks what is seen, with what it leads to; of several marks the gravest answer counts, and
 *     what is not in the list is to carry on
 */
public record InHandView(
    int revision,
    List<Rungs> rungs,
    List<Late> late,
    List<Slipped> slipped,
    List<DecisionView> decisions,
    List<LookEntry> looks) {

  /** The versions of an item one rung down and up, where there are any. */
  public record Rungs(
      String itemId,
      @Schema(nullable = true) FollowItem easier,
      @Schema(nullable = true) FollowItem harder) {}

  /**
   * What is left from an item on.
   *
   * @param from the item that would come next
   * @param dropped names of what is left out
   * @param shortened names of what is done for less long
   */
  public record Late(
      String from,
      int minutesLost,
      List<FollowItem> items,
      List<String> dropped,
      List<String> shortened) {}

  /** What to do until a start that comes so many minutes later. */
  public record Slipped(int minutes, List<FollowItem> items) {}

  /**
   * A decision, its kinds in the order of their gravity.
   *
   * @param seconds that it costs
   * @param items that are put in or repeated
   * @param session another one, in shorthand; null where it stays the same
   */
  public record DecisionView(
      Decision.Kind kind,
      Decision.Ground ground,
      String what,
      String why,
      int seconds,
      List<FollowItem> items,
      @Schema(nullable = true) String session) {
    static DecisionView of(InHandPlans.Decided decided) {
      return new DecisionView(
          decided.kind(),
          decided.ground(),
          decided.what(),
          decided.why(),
          decided.seconds(),
          decided.items().stream().map(FollowItem::of).toList(),
          decided.session().orElse(null));
    }
  }

  /**
   * A mark and what it leads to; see {@link DecisionTable.Entry}.
   *
   * @param decision its place in the list of decisions
   */
  public record LookEntry(
      Checkpoint checkpoint,
      Sign sign,
      @Schema(nullable = true) BodyRegion region,
      int least,
      int most,
      boolean onlyFast,
      boolean again,
      int decision) {
    static LookEntry of(DecisionTable.Entry entry) {
      return new LookEntry(
          entry.checkpoint(),
          entry.sign(),
          entry.region().orElse(null),
          entry.least(),
          entry.most(),
          entry.onlyFast(),
          entry.again(),
          entry.decision());
    }
  }

  static InHandView of(InHandPlans plans) {
    return new InHandView(
        plans.revision(),
        plans.rungs().stream()
            .map(
                r ->
                    new Rungs(
                        r.itemId(),
                        r.easier().map(FollowItem::of).orElse(null),
                        r.harder().map(FollowItem::of).orElse(null)))
            .toList(),
        plans.late().stream()
            .map(
                l ->
                    new Late(
                        l.from(),
                        l.minutesLost(),
                        l.items().stream().map(FollowItem::of).toList(),
                        l.dropped(),
                        l.shortened()))
            .toList(),
        plans.slipped().stream()
            .map(s -> new Slipped(s.minutes(), s.items().stream().map(FollowItem::of).toList()))
            .toList(),
        plans.decisions().stream().map(DecisionView::of).toList(),
        plans.looks().stream().map(LookEntry::of).toList());
  }
}
