package dev.jubilee.core.demand;

import dev.jubilee.core.circumstances.Stage;
import java.util.List;
import java.util.stream.Collectors;

/** Said where parts are done in different places; who does what where is found with the plan. */
final class InStages implements Adjustment {
  @Override
  public DemandDraft adjust(DemandDraft draft, DemandContext context) {
    List<Stage> earlier = context.circumstances().earlier();
    if (earlier.isEmpty()) {
      return draft;
    }
    String places =
        earlier.stream().map(stage -> stage.place().words()).collect(Collectors.joining(", then "));
    return draft.because(
        "First "
            + places
            + ", then the place of the start: each does what it allows, and nothing is done twice.");
  }

  @Override
  public boolean isDoneElsewhere(DemandContext context) {
    return true;
  }

  @Override
  public String source() {
    return "common practice";
  }
}
