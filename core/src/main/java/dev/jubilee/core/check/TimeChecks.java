package dev.jubilee.core.check;

import static dev.jubilee.core.check.Finding.Severity.FAULT;
import static dev.jubilee.core.check.Finding.Severity.NOTE;

import dev.jubilee.core.circumstances.Circumstances;
import dev.jubilee.core.drill.WarmUpPart;
import dev.jubilee.core.plan.Plan;
import dev.jubilee.core.plan.PlanItem;
import dev.jubilee.core.quantity.Bounds;
import dev.jubilee.core.session.SessionKind;
import java.time.Duration;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;

/** Too long, too short, left standing. */
final class TimeChecks implements Check {
  /** A passive wait beyond this loses much of the gain. */
  private static final int LONG_WAIT = 15 * 60;

  /** Hard sessions deserve at least this; common practice: less is "still worth doing". */
  private static final int SHORT_FOR_HARD = 12 * 60;

  /** Common practice before an all-out start is 5 to 10 min. */
  private static final int SHORT_SETTLE = 150;

  private static final int ROOM_TO_SETTLE = 25 * 60;
  private static final int LONG_FOR_EASY = 12 * 60;

  /** Minutes to ask for instead; Jubilee modelling choice. */
  private static final int WORTH_IT = 20;

  private static final int SHORT_RAISE = 4 * 60;

  @Override
  public List<Finding> examine(Plan plan) {
    List<Finding> findings = new ArrayList<>();
    int over = plan.seconds() - plan.availableSeconds();
    if (over > 0) {
      int needed = (plan.seconds() + 59) / 60;
      Finding finding =
          Finding.of(
              FAULT,
              "OVER_TIME",
              "The plan takes " + clock(plan.seconds()) + ", " + clock(over) + " over.",
              "A plan that overruns eats the session or is cut at random.",
              "common practice");
      findings.add(
          needed <= Circumstances.MOST_MINUTES
                  && plan.items().stream().allMatch(i -> i.lock().keepsDrill())
              ? finding.with(Remedy.minutes("Allow " + needed + " min", plan, needed))
              : finding.with(Remedy.refit("Re-fit to " + minutes(plan))));
    }
    for (PlanItem item : plan.in(WarmUpPart.TRANSITION)) {
      if (item.dose().seconds() > LONG_WAIT) {
        findings.add(
            Finding.of(
                    FAULT,
                    "LONG_WAIT",
                    "A wait of " + clock(item.dose().seconds()) + " before the start.",
                    "Muscle cools over 15 to 20 min of rest and much of the gain goes with it.",
                    "Bishop 2003; McGowan et al. 2015")
                .about(item.id())
                .with(Remedy.dose("Wait 8 min", item.id(), 480)));
      }
    }
    int settle = plan.in(WarmUpPart.TRANSITION).stream().mapToInt(PlanItem::seconds).sum();
    boolean isTrial = plan.request().session().kind() == SessionKind.TIME_TRIAL;
    if (isTrial && settle < SHORT_SETTLE && plan.availableSeconds() >= ROOM_TO_SETTLE) {
      plan.in(WarmUpPart.TRANSITION).stream()
          .findFirst()
          .ifPresent(
              item ->
                  findings.add(
                      Finding.of(
                              FAULT,
                              "SHORT_WAIT",
                              "Only " + clock(settle) + " between the last effort and the start.",
                              "A hard effort with short rest harms the one that follows; 5 to 10"
                                  + " min suit an all-out start.",
                              "Bailey et al. 2009; Bishop 2003")
                          .about(item.id())
                          .with(Remedy.dose("Wait 5 min", item.id(), 300))));
    }
    boolean isEasy = plan.request().session().kind() == SessionKind.EASY;
    if (isEasy && plan.seconds() > LONG_FOR_EASY && !plan.request().circumstances().fill()) {
      Finding finding =
          Finding.of(
              NOTE,
              "LONG_FOR_EASY",
              clock(plan.seconds()) + " before an easy session.",
              "Start slowly instead; five minutes are enough.",
              "common practice");
      findings.add(
          plan.in(WarmUpPart.RAISE).stream()
              .max(Comparator.comparingInt(PlanItem::seconds))
              .map(raise -> finding.with(Remedy.dose("Raise 2 min", raise.id(), 120)))
              .orElse(finding));
    }
    boolean hard = plan.request().session().kind().isHard();
    if (hard && plan.availableSeconds() < SHORT_FOR_HARD) {
      findings.add(
          Finding.of(
                  NOTE,
                  "SHORT_FOR_HARD",
                  minutes(plan)
                      + " is little before "
                      + plan.request().session().kind().words()
                      + ".",
                  "Treat the first efforts as part of the warm-up and let them rise.",
                  "common practice")
              .with(Remedy.minutes("Allow 20 min", plan, WORTH_IT)));
    }
    int raise = plan.in(WarmUpPart.RAISE).stream().mapToInt(PlanItem::seconds).sum();
    if (hard && raise < SHORT_RAISE && plan.availableSeconds() >= SHORT_FOR_HARD) {
      findings.add(
          Finding.of(
                  FAULT,
                  "SHORT_RAISE",
                  raise == 0 ? "Nothing lifts temperature." : "Only " + clock(raise) + " of raise.",
                  "Muscle temperature needs 3 to 5 min to rise and about 10 to level.",
                  "Saltin et al. 1968; Bishop 2003")
              .with(Remedy.refit("Re-fit")));
    }
    return findings;
  }

  private static String minutes(Plan plan) {
    return plan.request().circumstances().minutes() + " min";
  }

  private static String clock(int seconds) {
    return Bounds.clock(Duration.ofSeconds(seconds));
  }
}
