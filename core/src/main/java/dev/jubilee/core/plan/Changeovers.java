package dev.jubilee.core.plan;

import dev.jubilee.core.drill.Drill;
import dev.jubilee.core.drill.DrillLibrary;
import dev.jubilee.core.drill.WarmUpPart;
import java.util.ArrayList;
import java.util.List;

/** The time between items: hearing what comes, and getting into its {@link SetUp}. */
public final class Changeovers {
  /** Hearing what comes; Jubilee modelling choice. */
  private static final int NEXT = 5;

  private Changeovers() {}

  /** A changeover: how long and what for. */
  record Change(int seconds, String note) {}

  /** Seconds until a group has heard what comes; Jubilee modelling choice. */
  public static int next(DrillLibrary library, int group) {
    return library.changing(NEXT + Math.min(10, (group - 1) / 2));
  }

  /**
   * From one drill to the next.
   *
   * @param before null at the beginning
   * @param library whose own pace it is
   * @param group how many warm up together
   */
  static Change between(DrillLibrary library, Drill before, Drill after, int group) {
    SetUp from = before == null ? SetUp.ARRIVING : SetUp.of(before);
    SetUp to = SetUp.of(after);
    int seconds = next(library, before, after, group) + library.changing(from.secondsTo(to));
    String note = from.noteTo(to);
    if (note.isEmpty() && seconds > 0) {
      note = "get ready";
    }
    return new Change(seconds, note);
  }

  /** Hearing what comes: nothing where one thing leads into the other. */
  private static int next(DrillLibrary library, Drill before, Drill after, int group) {
    if (after.block() == WarmUpPart.TRANSITION || after.block() == WarmUpPart.TRANSFER) {
      return 0;
    }
    boolean continues =
        before != null
            && (before.id().equals(after.id())
                || (isGraded(before) && isGraded(after))
                || (isGraded(after) && SetUp.onApparatus(before) && SetUp.onApparatus(after)));
    return continues ? 0 : next(library, group);
  }

  /** The items with the time between them as it follows from their order. */
  public static List<PlanItem> timed(DrillLibrary library, List<PlanItem> items, int group) {
    List<PlanItem> timed = new ArrayList<>();
    Drill before = null;
    for (PlanItem item : items) {
      Drill drill = library.find(item.drillId()).orElse(before);
      if (drill == null) {
        timed.add(item);
        continue;
      }
      Change change = between(library, before, drill, group);
      timed.add(item.withChangeSeconds(change.seconds()).withChangeNote(change.note()));
      before = drill;
    }
    return timed;
  }

  private static boolean isGraded(Drill drill) {
    return drill.block() == WarmUpPart.BUILD;
  }
}
