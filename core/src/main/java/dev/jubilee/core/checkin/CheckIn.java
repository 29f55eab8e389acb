package dev.jubilee.core.checkin;

import dev.jubilee.core.athlete.Restriction;
import dev.jubilee.core.circumstances.ComingFrom;
import dev.jubilee.core.quantity.Bounds;
import dev.jubilee.core.quantity.OutOfRangeException;
import dev.jubilee.core.sport.BodyRegion;
import io.soabase.recordbuilder.core.RecordBuilder;
import java.util.HashSet;
import java.util.List;
import java.util.Optional;
import java.util.Set;

/**
 * What an athlete tells of today. Whatever was not answered is empty.
 *
 * @param sleep how they slept, 1 (badly) to 5
 * @param mood 1 (low) to 5
 * @param freshness 1 (heavy) to 5
 * @param aches places that are stiff, or sore from training
 * @param hurts whether anything hurts
 * @param pains what does; none unless {@code hurts}
 * @param alarms questions for safety that were answered with yes
 * @param minutes that there will really be before the first effort, 0 to 180
 * @param comingFrom what they come from
 * @param word to the coach, up to {@value #LONGEST_WORD} characters
 */
@RecordBuilder
public record CheckIn(
    Optional<Integer> sleep,
    Optional<Integer> mood,
    Optional<Integer> freshness,
    List<Ache> aches,
    boolean hurts,
    List<Pain> pains,
    Set<Alarm> alarms,
    Optional<Integer> minutes,
    Optional<ComingFrom> comingFrom,
    String word) {
  /** Characters of a word to the coach. */
  public static final int LONGEST_WORD = 500;

  /** Places that can be named. */
  public static final int MOST_PLACES = 60;

  /** Below this nothing hurts, and above it nobody could bear it. */
  private static final int MOST_PAIN = 10;

  private static final int MOST_MINUTES = 180;

  /** A place that is not quite right, short of hurting. */
  public record Ache(BodyRegion region, Restriction.Side side, boolean isSore) {}

  /**
   * A place that hurts.
   *
   * @param intensity 1 to 10
   * @param since when
   */
  public record Pain(BodyRegion region, Restriction.Side side, int intensity, Since since) {
    public Pain {
      if (intensity < 1 || intensity > MOST_PAIN) {
        throw new OutOfRangeException(
            "intensity", intensity, "1 to 10; what hurts 0 of 10 does not hurt");
      }
    }
  }

  /** How long it has been there. */
  public enum Since {
    TODAY,
    DAYS,
    WEEKS
  }

  /**
   * @throws OutOfRangeException naming the field, also where answers contradict each other
   */
  public CheckIn {
    sleep.ifPresent(s -> Bounds.within("sleep", s, 1, 5, ""));
    mood.ifPresent(m -> Bounds.within("mood", m, 1, 5, ""));
    freshness.ifPresent(f -> Bounds.within("freshness", f, 1, 5, ""));
    minutes.ifPresent(m -> Bounds.within("minutes", m, 0, MOST_MINUTES, "min"));
    Bounds.within("word", word.length(), 0, LONGEST_WORD, "characters");
    Bounds.within("aches", aches.size(), 0, MOST_PLACES, "places");
    Bounds.within("pains", pains.size(), 0, MOST_PLACES, "places");
    if (hurts == pains.isEmpty()) {
      throw new OutOfRangeException(
          "pains",
          pains.size() + " places",
          hurts ? "where it hurts, as something does" : "none, as nothing hurts");
    }
    requireEachOnce(aches, pains);
    aches = List.copyOf(aches);
    pains = List.copyOf(pains);
    alarms = Set.copyOf(alarms);
  }

  private static void requireEachOnce(List<Ache> aches, List<Pain> pains) {
    Set<String> seen = new HashSet<>();
    for (Ache ache : aches) {
      require("aches", seen.add(ache.region() + " " + ache.side()), ache.region());
    }
    for (Pain pain : pains) {
      require("pains", seen.add(pain.region() + " " + pain.side()), pain.region());
    }
  }

  private static void require(String field, boolean isNew, BodyRegion region) {
    if (!isNew) {
      throw new OutOfRangeException(
          field, region.words() + " twice", "each place once: stiff, sore or hurting");
    }
  }

  /** Whether somebody must speak with them before anything else. */
  public boolean needsTheCoachFirst() {
    return !alarms.isEmpty() || pains.stream().anyMatch(p -> p.intensity() > Tolerable.AT_ALL);
  }

  /** What of 10 is tolerable (the idea of a line: Thomeé 1997; the figures: common practice). */
  static final class Tolerable {
    /** As if it were sore. */
    static final int IN_SESSION = 2;

    /** The region is left alone. */
    static final int AT_ALL = 5;

    private Tolerable() {}
  }
}
