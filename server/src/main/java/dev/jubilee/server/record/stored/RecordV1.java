package dev.jubilee.server.record.stored;

import com.fasterxml.jackson.annotation.JsonInclude;
import dev.jubilee.core.athlete.Physique;
import dev.jubilee.core.circumstances.Place;
import dev.jubilee.core.drill.WarmUpPart;
import dev.jubilee.core.learning.HeartSighting;
import dev.jubilee.core.learning.WarmingMoment;
import dev.jubilee.core.logbook.Counts;
import dev.jubilee.core.logbook.CountsBuilder;
import dev.jubilee.core.logbook.DeviceRecord.State;
import dev.jubilee.core.logbook.Happening.SkipReason;
import java.util.List;
import java.util.Map;
import java.util.Optional;

/**
 * What was done of a warm-up, as it is stored.
 *
 * @param waited s from the end of the warm-up to the first effort
 * @param jacketOff s after the beginning
 * @param felt 1 to 5
 * @param best number of the session's best effort
 * @param results of the session's efforts
 */
@JsonInclude(JsonInclude.Include.NON_NULL)
public record RecordV1(
    String title,
    Place place,
    int temperature,
    CountsV1 planned,
    CountsV1 done,
    Integer waited,
    Integer jacketOff,
    Integer felt,
    Integer best,
    ResultsV1 results,
    MomentV1 moment,
    HeartV1 heart,
    List<ItemV1> items,
    List<String> drills,
    String note,
    boolean isFollowed) {

  /** See {@link Counts}. */
  public record CountsV1(
      int mobility,
      int drills,
      int efforts,
      int contacts,
      int top,
      Map<WarmUpPart, Integer> seconds) {

    public static CountsV1 of(Counts c) {
      return new CountsV1(
          c.mobility(), c.drills(), c.efforts(), c.contacts(), c.top(), c.seconds());
    }

    public Counts toCore() {
      return CountsBuilder.builder()
          .mobility(mobility)
          .drills(drills)
          .efforts(efforts)
          .contacts(contacts)
          .top(top)
          .seconds(seconds)
          .build();
    }
  }

  /** What a result of an effort is. */
  public enum Unit {
    SECONDS,
    WATTS,
    METRES_PER_SECOND
  }

  /** Of the session's efforts, in their order. */
  public record ResultsV1(Unit unit, List<Double> efforts) {
    /** The number of the best one, from 1; of several alike the first. */
    public int best() {
      int best = 0;
      for (int i = 1; i < efforts.size(); i++) {
        double more = efforts.get(i) - efforts.get(best);
        if (unit == Unit.SECONDS ? more < 0 : more > 0) {
          best = i;
        }
      }
      return best + 1;
    }
  }

  /** See {@link WarmingMoment}; old ones do not say what was the most that could be seen. */
  @JsonInclude(JsonInclude.Include.NON_NULL)
  public record MomentV1(int usual, double factor, Double most) {
    public static MomentV1 of(WarmingMoment m) {
      return new MomentV1(m.usual(), m.factor(), m.most());
    }

    public WarmingMoment toCore() {
      return new WarmingMoment(usual, factor, most == null ? Physique.MOST : most);
    }
  }

  /** See {@link HeartSighting}. */
  public record HeartV1(double lag, double level) {
    public static HeartV1 of(HeartSighting h) {
      return new HeartV1(h.lag(), h.level());
    }

    public HeartSighting toCore() {
      return new HeartSighting(lag, level);
    }
  }

  /**
   * One item.
   *
   * @param planned s
   * @param seconds that were done
   * @param effort 0 to 100, for drawing
   * @param change s of what was planned that are for getting to it; absent in old records
   * @param changed s that getting to it took, where a device told
   */
  @JsonInclude(JsonInclude.Include.NON_NULL)
  public record ItemV1(
      String id,
      WarmUpPart block,
      String drill,
      String name,
      int planned,
      State state,
      int seconds,
      int effort,
      SkipReason reason,
      Integer change,
      Integer changed) {}

  /** What it says of the body. */
  public Optional<WarmingMoment> momentToCore() {
    return Optional.ofNullable(moment).map(MomentV1::toCore);
  }

  /** What the heart says. */
  public Optional<HeartSighting> heartToCore() {
    return Optional.ofNullable(heart).map(HeartV1::toCore);
  }
}
