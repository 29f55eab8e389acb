package dev.jubilee.core.block;

import java.time.LocalDate;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;

/**
 * After pain, illness or days away nothing goes beyond what it was before, until it has been earned
 * back: for two weeks without a new interruption at least, and for as long as something is still
 * below. Common practice; that the steps are weeks is a Jubilee modelling choice.
 *
 * @param before the last week before the interruption
 * @param kind of interruption
 */
record EarnedBack(AthleteWeek before, Interruption.Kind kind) {
  private static final int CLEAN_WEEKS = 2;

  /** What this week may not exceed; empty when everything has been earned back. */
  static List<EarnedBack> limits(RuleContext s) {
    List<EarnedBack> limits = new ArrayList<>();
    for (Interruption i : s.blockAthlete().interruptions()) {
      boolean counts = i.kind() == Interruption.Kind.PAIN || ReturnToTraining.severity(i) > 0;
      if (counts && !i.from().isAfter(s.week().lastDay())) {
        EarnedBack limit = new EarnedBack(weekBefore(s.before(), i), i.kind());
        if (cleanWeeks(s.before(), i) < CLEAN_WEEKS || limit.isToBeEarned(s)) {
          limits.add(limit);
        }
      }
    }
    return limits;
  }

  /** The last week that ended before it began; of one that begins with it, the first week. */
  private static AthleteWeek weekBefore(List<AthleteWeek> weeks, Interruption i) {
    return weeks.stream()
        .filter(w -> w.week().lastDay().isBefore(i.from()))
        .reduce((first, last) -> last)
        .orElse(weeks.get(0));
  }

  private static long cleanWeeks(List<AthleteWeek> weeks, Interruption i) {
    LocalDate last = i.until();
    return weeks.stream().filter(w -> w.week().firstDay().isAfter(last) && !w.isAbsent()).count();
  }

  /** Whether something is still below and can come back. */
  private boolean isToBeEarned(RuleContext s) {
    boolean isLower = s.blockAthlete().indexOf(s.next().stage()) < stage(before, s);
    return isLower
        || s.blockAthlete().ladders().stream()
            .anyMatch(
                l ->
                    s.next().rung(l) < before.rung(l)
                        && s.drill(l, s.next().rung(l) + 1).isPresent());
  }

  private static int stage(AthleteWeek week, RuleContext s) {
    return s.blockAthlete().indexOf(week.stage());
  }

  /** Whether a decision keeps to it. */
  boolean allows(AthleteWeek decided, RuleContext s) {
    boolean isHigher = stage(decided, s) > stage(before, s);
    return !isHigher
        && s.blockAthlete().ladders().stream()
            .allMatch(
                l ->
                    decided.rung(l) < before.rung(l)
                        || (decided.rung(l) == before.rung(l)
                            && decided.dose(l) <= before.dose(l)));
  }

  /** The decision, cut down to what is allowed. */
  AthleteWeek within(AthleteWeek decided, RuleContext s) {
    AthleteWeek limited = decided;
    for (String ladder : s.blockAthlete().ladders()) {
      if (limited.rung(ladder) > before.rung(ladder)) {
        limited = limited.onRung(ladder, before.rung(ladder));
      }
      if (limited.rung(ladder) == before.rung(ladder)
          && limited.dose(ladder) > before.dose(ladder)) {
        limited = limited.withDose(ladder, before.dose(ladder));
      }
    }
    if (stage(limited, s) > stage(before, s)) {
      limited = limited.withBuild(before.stage());
    }
    // Before the first landing there is nothing to be earned back.
    int most = before.reference() == 0 ? limited.contacts() : before.reference();
    return limited.withContacts(
        Math.min(most, limited.contacts()),
        before.reference() == 0 ? limited.reference() : Math.min(most, limited.reference()));
  }

  /** Pain that is felt in a week, or was in the week before. */
  static Optional<Interruption> lastPain(RuleContext s) {
    LocalDate weekBefore = s.week().firstDay().minusDays(7);
    return s.blockAthlete().interruptions().stream()
        .filter(i -> i.kind() == Interruption.Kind.PAIN)
        .filter(i -> i.from().isBefore(s.week().firstDay()) && !i.until().isBefore(weekBefore))
        .reduce((first, last) -> last.until().isAfter(first.until()) ? last : first);
  }
}
