package dev.jubilee.server.prescription;

import com.fasterxml.jackson.annotation.JsonInclude;
import dev.jubilee.server.session.SessionView;
import java.util.ArrayList;
import java.util.List;

/**
 * What a calendar draws of a warm-up, stored beside the whole plan.
 *
 * @param seconds length; it ends at the session's start
 * @param steps effort over time, in order
 * @param slipped minutes by which the start is later than the session's, where it is
 */
record Sketch(
    int seconds,
    List<SessionView.Step> steps,
    @JsonInclude(JsonInclude.Include.NON_NULL) Integer slipped) {

  static Sketch of(PlanView plan, int slipped) {
    List<SessionView.Step> steps = new ArrayList<>();
    for (PlanView.ItemView item : plan.items()) {
      add(steps, item.changeSeconds(), 0);
      add(steps, item.workSeconds(), item.effort());
      add(steps, item.recoverySeconds(), item.recoveryEffort());
    }
    return new Sketch(plan.seconds(), steps, slipped == 0 ? null : slipped);
  }

  private static void add(List<SessionView.Step> steps, int seconds, int effort) {
    if (seconds > 0) {
      steps.add(new SessionView.Step(seconds, effort));
    }
  }
}
