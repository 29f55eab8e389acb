package dev.jubilee.core.demand;

/**
 * One thing that makes a warm-up longer, shorter, higher or lower than the session alone would: a
 * novice, the cold, a wait. Each is a class of its own; {@link Adjustments} has them in order.
 */
interface Adjustment {

  /**
   * The demand with this taken into account; the same draft where it does not apply. Whatever a
   * coach should hear of adds a sentence.
   */
  DemandDraft adjust(DemandDraft draft, DemandContext context);

  /**
   * Whether what it says is done where drills, figures and order are chosen, rather than in the
   * demand: then the demand cannot tell whether it is true.
   */
  default boolean isDoneElsewhere(DemandContext context) {
    return false;
  }

  /** Where the rule comes from: a published source, or "common practice". */
  String source();
}
