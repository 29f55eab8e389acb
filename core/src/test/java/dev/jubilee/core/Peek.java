package dev.jubilee.core;

import dev.jubilee.core.athlete.*;
import dev.jubilee.core.check.*;
import dev.jubilee.core.drill.*;
import dev.jubilee.core.prescription.*;
import dev.jubilee.core.session.*;
import dev.jubilee.core.sport.*;

public class Peek {
  public static void main(String[] a) {
    for (Sport s : Sport.values())
      for (SessionKind k : SessionKind.values())
        show(Scenarios.request(s, k, Level.INTERMEDIATE, 40));
    var r =
        Scenarios.request(
            Sport.RUN,
            SessionKind.SPRINT,
            Level.ADVANCED,
            5,
            new Limit(BodyRegion.ACHILLES, Limit.Severity.SORE));
    show(r.with(new Circumstances(5, false, Place.ROAD, java.util.Set.of(), -8, Arrival.MOVING)));
    show(Scenarios.request(Sport.RUN, SessionKind.INTERVALS, Level.NOVICE, 8));
    show(Scenarios.request(Sport.RUN, SessionKind.SPRINT, Level.ADVANCED, 40));
    for (Sport s : Sport.values()) {
      var q = Scenarios.request(s, SessionKind.EASY, Level.INTERMEDIATE, 50);
      show(q.with(q.circumstances().filled(true)));
      q = Scenarios.request(s, SessionKind.TIME_TRIAL, Level.INTERMEDIATE, 60);
      show(q.with(q.circumstances().filled(true)));
    }
  }

  static void show(PrescriptionRequest r) {
    Plan p = Scenarios.plan(r);
    System.out.println(
        PlanText.of(p) + "  contacts " + p.contacts() + " menu ideal " + p.demand().menuSeconds());
    for (Finding f : Checks.of(p))
      System.out.println("  ! " + f.severity() + " " + f.code() + " " + f.what());
    System.out.println();
  }
}
