package dev.jubilee.core.demand;

import dev.jubilee.core.approach.Approach;
import dev.jubilee.core.athlete.Athlete;
import dev.jubilee.core.athlete.Restriction;
import dev.jubilee.core.circumstances.Circumstances;
import dev.jubilee.core.intensity.Anchors;
import dev.jubilee.core.session.Session;
import dev.jubilee.core.sport.Level;
import io.soabase.recordbuilder.core.RecordBuilder;

/**
 * All that a demand follows from.
 *
 * @param anchors of the athlete in the session's sport
 */
@RecordBuilder
record DemandContext(
    Session session,
    Athlete athlete,
    Anchors anchors,
    Circumstances circumstances,
    Approach approach,
    TrainingPhase phase) {
  /** Below this no maximal graded efforts, years; common practice: not before puberty is over. */
  static final int YOUNG = 14;

  boolean isHard() {
    return session.kind().isHard();
  }

  /** Whether young or new to training, or new to it once more. */
  boolean isNew() {
    return athlete.level() == Level.NOVICE || athlete.deconditioned() || athlete.ageYears() < YOUNG;
  }

  /** Whether a region that the session loads is at least as bad as this. */
  boolean hasLoaded(Restriction.Severity severity) {
    return athlete.restrictions().stream()
        .anyMatch(l -> l.severity() == severity && LoadedRegions.of(session).contains(l.region()));
  }
}
