package dev.jubilee.core.checkin;

import dev.jubilee.core.athlete.Athlete;
import dev.jubilee.core.athlete.Restriction;
import dev.jubilee.core.circumstances.Circumstances;
import dev.jubilee.core.circumstances.ComingFrom;
import dev.jubilee.core.circumstances.Freshness;
import dev.jubilee.core.plan.PrescriptionRequest;
import dev.jubilee.core.quantity.OutOfRangeException;
import java.util.ArrayList;
import java.util.List;

/** A change for today of what a warm-up is computed from. */
public sealed interface TodaysChange {

  /**
   * The request with it.
   *
   * @throws OutOfRangeException naming what cannot be changed so
   */
  PrescriptionRequest applyTo(PrescriptionRequest request);

  /** The request with several. */
  static PrescriptionRequest all(List<TodaysChange> changes, PrescriptionRequest request) {
    PrescriptionRequest changed = request;
    for (TodaysChange change : changes) {
      changed = change.applyTo(changed);
    }
    return changed;
  }

  /** A region is stiff, sore or painful; what was known to be worse stays so. */
  record Limit(Restriction restriction) implements TodaysChange {
    @Override
    public PrescriptionRequest applyTo(PrescriptionRequest request) {
      Athlete athlete = request.athlete();
      if (isKnown(athlete)) {
        return request;
      }
      List<Restriction> all = new ArrayList<>(athlete.restrictions());
      all.removeIf(
          r ->
              r.region() == restriction.region()
                  && (r.side() == restriction.side()
                      || restriction.side() == Restriction.Side.BOTH));
      all.add(restriction);
      return request.with(athlete.withRestrictions(all));
    }

    /** Whether the coach knows of it, or of worse. */
    boolean isKnown(Athlete athlete) {
      return athlete.restrictions().stream()
          .anyMatch(
              r ->
                  r.region() == restriction.region()
                      && (r.side() == restriction.side() || r.side() == Restriction.Side.BOTH)
                      && r.severity().compareTo(restriction.severity()) >= 0);
    }
  }

  /** There is less time, min. */
  record Time(int minutes) implements TodaysChange {
    @Override
    public PrescriptionRequest applyTo(PrescriptionRequest request) {
      Circumstances circumstances = request.circumstances().asSaid();
      return request.with(
          circumstances.withMinutes(Math.max(minutes, circumstances.leastMinutes())));
    }
  }

  /** They come from somewhere else. */
  record Coming(ComingFrom from) implements TodaysChange {
    @Override
    public PrescriptionRequest applyTo(PrescriptionRequest request) {
      return request.with(request.circumstances().asSaid().withComingFrom(from));
    }
  }

  /** They come more or less fresh. */
  record Fresh(Freshness freshness) implements TodaysChange {
    @Override
    public PrescriptionRequest applyTo(PrescriptionRequest request) {
      return request.with(request.circumstances().asSaid().withFreshness(freshness));
    }
  }
}
