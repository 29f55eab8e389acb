package dev.jubilee.server.follow;

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
 */
public record InHandView(int revision, List<Rungs> rungs, List<Late> late, List<Slipped> slipped) {

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
            .toList());
  }
}
