package dev.jubilee.core.checkin;

import dev.jubilee.core.athlete.Restriction;
import dev.jubilee.core.athlete.Restriction.Severity;
import dev.jubilee.core.checkin.CheckIn.Ache;
import dev.jubilee.core.checkin.CheckIn.Pain;
import dev.jubilee.core.checkin.CheckIn.Since;
import dev.jubilee.core.checkin.CheckIn.Tolerable;
import dev.jubilee.core.circumstances.Circumstances;
import dev.jubilee.core.circumstances.ComingFrom;
import dev.jubilee.core.circumstances.Freshness;
import dev.jubilee.core.plan.PrescriptionRequest;
import java.util.ArrayList;
import java.util.List;
import java.util.Objects;
import java.util.Optional;
import java.util.stream.Stream;

/**
 * What a careful coach would make of a check-in.
 *
 * <p>Example: {@code CheckInProposal.of(checkIn, request).changes()}.
 *
 * @param coachFirst whether nothing is to be done before the coach has spoken with the athlete;
 *     then nothing is proposed
 * @param changes what would be changed, each with its reason
 * @param notes what changes nothing and should be known all the same
 */
public record CheckInProposal(boolean coachFirst, List<Proposed> changes, List<String> notes) {
  public CheckInProposal {
    changes = List.copyOf(changes);
    notes = List.copyOf(notes);
  }

  /**
   * A change and why it is proposed.
   *
   * @param what such as "Left calf: sore today"
   * @param why what follows from it, and whose rule that is
   */
  public record Proposed(TodaysChange change, String what, String why) {}

  /** At or below this an answer is a low one, of 5. */
  private static final int LOW = 2;

  /** What follows from a check-in for a warm-up. */
  public static CheckInProposal of(CheckIn checkIn, PrescriptionRequest request) {
    List<String> notes = new ArrayList<>(alarms(checkIn));
    if (checkIn.needsTheCoachFirst()) {
      return new CheckInProposal(true, List.of(), notes);
    }
    List<Proposed> changes = new ArrayList<>();
    checkIn.pains().forEach(pain -> changes.add(painful(pain)));
    checkIn.aches().forEach(ache -> changes.add(aching(ache)));
    changes.removeIf(
        p -> p.change() instanceof TodaysChange.Limit l && l.isKnown(request.athlete()));
    freshness(checkIn, request, notes).ifPresent(changes::add);
    time(checkIn, request, notes).ifPresent(changes::add);
    coming(checkIn, request).ifPresent(changes::add);
    checkIn.pains().stream()
        .filter(p -> p.since() == Since.WEEKS)
        .map(p -> limit(p).words())
        .forEach(
            where ->
                notes.add(
                    "The " + where + " has hurt for weeks: a licensed clinician should see it."));
    return new CheckInProposal(false, changes, notes);
  }

  private static List<String> alarms(CheckIn checkIn) {
    return Stream.concat(
            checkIn.alarms().stream().sorted().map(a -> "Yes to: " + a.words() + "."),
            checkIn.pains().stream()
                .filter(p -> p.intensity() > Tolerable.AT_ALL)
                .map(
                    p ->
                        "The "
                            + limit(p).words()
                            + " hurts "
                            + p.intensity()
                            + " of 10: no session; a licensed clinician."))
        .toList();
  }

  private static Restriction limit(Pain pain) {
    boolean isMild = pain.intensity() <= Tolerable.IN_SESSION;
    return new Restriction(pain.region(), isMild ? Severity.SORE : Severity.HURT, pain.side());
  }

  private static Proposed painful(Pain pain) {
    Restriction limit = limit(pain);
    String hurts = capitalised(limit.words()) + ": hurts " + pain.intensity() + " of 10";
    return limit.severity() == Severity.SORE
        ? new Proposed(
            new TodaysChange.Limit(limit),
            hurts,
            "Up to 2 of 10: treated as sore, efforts capped; look again after the raise (common"
                + " practice).")
        : new Proposed(
            new TodaysChange.Limit(limit),
            hurts,
            "From 3 of 10 nothing loads it; where this session does, another one is better (common"
                + " practice).");
  }

  private static Proposed aching(Ache ache) {
    Restriction limit =
        new Restriction(ache.region(), ache.isSore() ? Severity.SORE : Severity.STIFF, ache.side());
    return ache.isSore()
        ? new Proposed(
            new TodaysChange.Limit(limit),
            capitalised(limit.words()) + ": sore",
            "Moved gently, nothing that lands on it or takes it to its end (common practice).")
        : new Proposed(
            new TodaysChange.Limit(limit),
            capitalised(limit.words()) + ": stiff",
            "More range there, and nothing quick before it has loosened (common practice).");
  }

  private static Optional<Proposed> freshness(
      CheckIn checkIn, PrescriptionRequest request, List<String> notes) {
    List<Integer> answers =
        Stream.of(checkIn.sleep(), checkIn.mood(), checkIn.freshness())
            .flatMap(Optional::stream)
            .toList();
    long low = answers.stream().filter(a -> a <= LOW).count();
    long lowest = answers.stream().filter(a -> a == 1).count();
    Freshness now = request.circumstances().freshness();
    if (low == 1) {
      notes.add("One low answer changes nothing: look closely at the first fast effort.");
      return Optional.empty();
    }
    Freshness seems =
        low >= 3 || (low == 2 && lowest == 2)
            ? Freshness.TIRED
            : low == 2 ? Freshness.FLAT : Freshness.FRESH;
    if (seems.compareTo(now) <= 0) {
      return Optional.empty();
    }
    return Optional.of(
        seems == Freshness.TIRED
            ? new Proposed(
                new TodaysChange.Fresh(seems),
                "Comes tired",
                "Slept badly, low and heavy: a longer raise, fewer contacts and drills, nothing"
                    + " harder than the session (common practice).")
            : new Proposed(
                new TodaysChange.Fresh(seems),
                "Comes flat",
                "Two low answers: a longer raise and one effort more before you judge (common"
                    + " practice)."));
  }

  private static Optional<Proposed> time(
      CheckIn checkIn, PrescriptionRequest request, List<String> notes) {
    if (checkIn.minutes().isEmpty()) {
      return Optional.empty();
    }
    Circumstances circumstances = request.circumstances();
    int minutes = checkIn.minutes().get();
    if (minutes >= circumstances.minutes()) {
      return Optional.empty();
    }
    int least = circumstances.leastMinutes();
    if (minutes < least) {
      notes.add(
          "Only "
              + minutes
              + " min are there, and "
              + least
              + " are the least that a warm-up takes here: a later start, or a slow beginning.");
    }
    int there = Math.max(minutes, least);
    return there >= circumstances.minutes()
        ? Optional.empty()
        : Optional.of(
            new Proposed(
                new TodaysChange.Time(there),
                there + " min instead of " + circumstances.minutes(),
                "What prepares the first effort stays; the rest gives way (common practice)."));
  }

  private static Optional<Proposed> coming(CheckIn checkIn, PrescriptionRequest request) {
    ComingFrom planned = request.circumstances().comingFrom();
    return checkIn
        .comingFrom()
        .filter(from -> !Objects.equals(from, planned))
        .map(
            from ->
                new Proposed(
                    new TodaysChange.Coming(from),
                    switch (from) {
                      case MOVING -> "Comes from moving about";
                      case BED -> "Comes straight from bed";
                      case DESK -> "Comes from a desk";
                      case LONG_DRIVE -> "Comes from a long drive";
                    },
                    from == ComingFrom.MOVING
                        ? "No extra for hips and chest is needed (common practice)."
                        : "Front of the hips, glutes and chest first, and a longer raise (common"
                            + " practice)."));
  }

  private static String capitalised(String words) {
    return Character.toUpperCase(words.charAt(0)) + words.substring(1);
  }
}
