package dev.jubilee.core.decision;

import dev.jubilee.core.athlete.Athlete;
import dev.jubilee.core.athlete.Restriction;
import dev.jubilee.core.athlete.Restriction.Severity;
import dev.jubilee.core.demand.LoadedRegions;
import dev.jubilee.core.plan.Plan;
import dev.jubilee.core.session.Session;
import dev.jubilee.core.sport.BodyRegion;
import java.util.ArrayList;
import java.util.List;

/**
 * What a decision is taken in.
 *
 * @param plan that is being done
 * @param checkpoint where it stands
 * @param earlier what was marked at the checkpoints before, in order
 */
public record Situation(Plan plan, Checkpoint checkpoint, List<Mark> earlier) {
  public Situation {
    earlier = List.copyOf(earlier);
  }

  Athlete athlete() {
    return plan.request().athlete();
  }

  Session session() {
    return plan.request().session();
  }

  /** Whether it was marked before, in the same place. */
  boolean isAgain(Mark mark) {
    return earlier.stream().anyMatch(mark::isSameAs);
  }

  /** Whether it hurt less there before. */
  boolean hasRisen(Mark mark) {
    return earlier.stream().filter(mark::isSameAs).anyMatch(m -> m.pain() < mark.pain());
  }

  boolean isLoaded(BodyRegion region) {
    return LoadedRegions.of(session()).contains(region);
  }

  /** The plan as if the coach had known of it. */
  Plan knowing(Mark mark, Severity severity) {
    Restriction restriction = new Restriction(mark.region().orElseThrow(), severity, mark.side());
    List<Restriction> all = new ArrayList<>(athlete().restrictions());
    all.removeIf(r -> r.region() == restriction.region() && r.side() == restriction.side());
    all.add(restriction);
    return new Plan(
        plan.request().with(athlete().withRestrictions(all)),
        plan.anchors(),
        plan.demand(),
        plan.library(),
        plan.items());
  }
}
