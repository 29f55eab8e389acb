package dev.jubilee.core.decision;

import dev.jubilee.core.athlete.Restriction;
import dev.jubilee.core.plan.Plan;
import dev.jubilee.core.sport.BodyRegion;
import io.soabase.recordbuilder.core.RecordBuilder;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.stream.Stream;

/**
 * All that could be decided in a plan, found beforehand, for a phone without a network. A decision
 * depends on each mark alone, so that of several the gravest answer counts, as in {@link
 * Decisions#of}. What is not in the table is to carry on.
 *
 * @param decisions each once
 * @param entries which of them a mark leads to
 */
public record DecisionTable(List<Decision> decisions, List<Entry> entries) {
  public DecisionTable {
    decisions = List.copyOf(decisions);
    entries = List.copyOf(entries);
  }

  /**
   * A mark and what it leads to. The side of a place makes no difference.
   *
   * @param least of pain, of 10; 0 for what has none
   * @param most of pain
   * @param onlyFast for pain
   * @param again whether the same was marked before; of pain, whether less of it was
   * @param decision number of it in {@link DecisionTable#decisions}
   */
  @RecordBuilder
  public record Entry(
      Checkpoint checkpoint,
      Sign sign,
      Optional<BodyRegion> region,
      int least,
      int most,
      boolean onlyFast,
      boolean again,
      int decision) {}

  /** What pain is told apart by: up to 2, 3 to 5 and more of 10. */
  private static final int[][] DEGREES = {{1, 2}, {3, 5}, {6, 10}};

  /** The table of a plan. */
  public static DecisionTable of(Plan plan) {
    Builder builder = new Builder(plan);
    for (Checkpoint checkpoint : Checkpoint.values()) {
      if (checkpoint.itemIn(plan).isPresent()) {
        builder.add(checkpoint);
      }
    }
    return new DecisionTable(List.copyOf(builder.numbers.keySet()), builder.entries);
  }

  /** Finds entry after entry, and numbers what they lead to. */
  private static final class Builder {
    private final Plan plan;
    private final Map<Decision, Integer> numbers = new LinkedHashMap<>();
    private final List<Entry> entries = new ArrayList<>();

    Builder(Plan plan) {
      this.plan = plan;
    }

    void add(Checkpoint checkpoint) {
      Stream.of(Sign.values())
          .filter(sign -> sign.isAskedAt(checkpoint) && !sign.isGood())
          .forEach(
              sign -> {
                if (sign == Sign.PAIN) {
                  Stream.of(BodyRegion.values()).forEach(region -> pain(checkpoint, region));
                } else if (sign.hasPlace()) {
                  Stream.of(BodyRegion.values())
                      .map(region -> Mark.tight(region, Restriction.Side.BOTH))
                      .forEach(mark -> add(checkpoint, mark, 0));
                } else {
                  add(checkpoint, Mark.of(sign), 0);
                }
              });
    }

    private void pain(Checkpoint checkpoint, BodyRegion region) {
      for (int[] degree : DEGREES) {
        for (boolean onlyFast : new boolean[] {false, true}) {
          add(checkpoint, Mark.pain(region, Restriction.Side.BOTH, degree[1], onlyFast), degree[0]);
        }
      }
    }

    private void add(Checkpoint checkpoint, Mark mark, int least) {
      for (boolean again : new boolean[] {false, true}) {
        List<Mark> earlier = again ? List.of(before(mark)) : List.of();
        Decision decision = Decisions.of(new Situation(plan, checkpoint, earlier), List.of(mark));
        numbers.putIfAbsent(decision, numbers.size());
        entries.add(
            DecisionTableEntryBuilder.builder()
                .checkpoint(checkpoint)
                .sign(mark.sign())
                .region(mark.region())
                .least(least)
                .most(mark.pain())
                .onlyFast(mark.onlyFast())
                .again(again)
                .decision(numbers.get(decision))
                .build());
      }
    }

    /** The same, before; of pain, less of it. */
    private static Mark before(Mark mark) {
      return mark.sign() == Sign.PAIN
          ? Mark.pain(mark.region().orElseThrow(), mark.side(), 1, false)
          : mark;
    }
  }
}
