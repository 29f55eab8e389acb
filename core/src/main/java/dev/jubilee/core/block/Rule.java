package dev.jubilee.core.block;

import java.util.Optional;

/**
 * One thing that decides about an athlete's week. Rules are asked in order and the first that
 * answers decides alone; that is why only one thing goes up at a time.
 */
interface Rule {
  /** The coming week as this rule wants it, or empty when it has nothing to say. */
  Optional<AthleteWeek> decide(RuleContext s);
}
