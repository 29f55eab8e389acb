package dev.jubilee.core.logbook;

import dev.jubilee.core.drill.WarmUpPart;
import dev.jubilee.core.logbook.DeviceRecord.Done;
import dev.jubilee.core.logbook.DeviceRecord.State;
import dev.jubilee.core.plan.Plan;
import dev.jubilee.core.plan.PlanItem;
import dev.jubilee.core.quantity.Bounds;
import io.soabase.recordbuilder.core.RecordBuilder;
import java.util.EnumMap;
import java.util.Map;
import java.util.function.Function;

/**
 * What coaches count of a warm-up that was done (common practice).
 *
 * @param mobility exercises for range, released and moved
 * @param drills that wake up and that rehearse
 * @param efforts graded efforts
 * @param contacts ground contacts
 * @param top the hardest effort, on the scale from 0 to 100
 * @param seconds of each part
 */
@RecordBuilder
public record Counts(
    int mobility,
    int drills,
    int efforts,
    int contacts,
    int top,
    Map<WarmUpPart, Integer> seconds) {

  /** What is done to this share counts; less was only begun. */
  private static final double COUNTS = 0.5;

  /**
   * @throws dev.jubilee.core.quantity.OutOfRangeException naming the count and what is accepted
   */
  public Counts {
    Bounds.within("mobility", mobility, 0, 200, "exercises");
    Bounds.within("drills", drills, 0, 200, "drills");
    Bounds.within("efforts", efforts, 0, 100, "efforts");
    Bounds.within("contacts", contacts, 0, 5000, "contacts");
    Bounds.within("top", top, 0, 100, "of 100");
    seconds = Map.copyOf(seconds);
  }

  /**
   * Of a plan of which so much was done.
   *
   * @param done of an item by its id
   */
  public static Counts of(Plan plan, Function<String, Done> done) {
    int mobility = 0;
    int drills = 0;
    int efforts = 0;
    double contacts = 0;
    int top = 0;
    Map<WarmUpPart, Integer> seconds = new EnumMap<>(WarmUpPart.class);
    for (PlanItem item : plan.items()) {
      Done how = done.apply(item.id());
      double share = share(how, item);
      if (how.seconds() > 0 || share > 0) {
        seconds.merge(item.block(), how.seconds(), Integer::sum);
      }
      contacts += share * plan.drill(item).map(d -> d.contactsIn(item.dose())).orElse(0);
      if (share < COUNTS) {
        continue;
      }
      top = Math.max(top, item.target().map(t -> (int) t.effort().points()).orElse(0));
      switch (item.block()) {
        case RELEASE, MOBILISE -> mobility++;
        case ACTIVATE, DRILL -> drills++;
        case BUILD -> efforts++;
        case RAISE, TRANSFER, TRANSITION -> {
          // Counted in minutes alone.
        }
      }
    }
    return CountsBuilder.builder()
        .mobility(mobility)
        .drills(drills)
        .efforts(efforts)
        .contacts((int) Math.round(contacts))
        .top(top)
        .seconds(seconds)
        .build();
  }

  private static double share(Done done, PlanItem item) {
    return switch (done.state()) {
      case DONE -> 1;
      case PARTLY -> Math.min(1, (double) done.seconds() / Math.max(1, item.seconds()));
      case SKIPPED, NOT_REACHED -> 0;
    };
  }

  /** Whether anything was done at all. */
  public boolean isSomething() {
    return seconds.values().stream().anyMatch(s -> s > 0);
  }

  /** As if all had been done as it was planned. */
  public static Counts planned(Plan plan) {
    return of(plan, id -> Done.of(State.DONE, secondsOf(plan, id)));
  }

  private static int secondsOf(Plan plan, String id) {
    return plan.items().stream().filter(i -> i.id().equals(id)).mapToInt(PlanItem::seconds).sum();
  }

  /** All of its length, s. */
  public int total() {
    return seconds.values().stream().mapToInt(Integer::intValue).sum();
  }
}
