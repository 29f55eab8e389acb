package dev.jubilee.core.decision;

import java.util.Optional;

/**
 * What a careful coach does about one sign. Rules do not know of each other: of all their answers
 * the gravest counts.
 */
interface DecisionRule {
  /** What to do; empty where the rule has nothing to say about such a sign. */
  Optional<Decision> on(Mark mark, Situation situation);
}
