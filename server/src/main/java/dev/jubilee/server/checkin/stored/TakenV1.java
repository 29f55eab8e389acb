package dev.jubilee.server.checkin.stored;

import com.fasterxml.jackson.annotation.JsonInclude;
import dev.jubilee.core.athlete.Restriction;
import dev.jubilee.core.checkin.TodaysChange;
import dev.jubilee.core.circumstances.ComingFrom;
import dev.jubilee.core.circumstances.Freshness;
import dev.jubilee.core.sport.BodyRegion;
import java.util.List;
import java.util.Optional;

/** What a coach took over of a check-in, as it lies in the database. */
public record TakenV1(List<ChangeV1> changes) {

  public static TakenV1 of(List<TodaysChange> changes) {
    return new TakenV1(changes.stream().map(ChangeV1::of).toList());
  }

  public List<TodaysChange> toCore() {
    return changes.stream().map(ChangeV1::toCore).toList();
  }

  /** What a change is about. */
  public enum Kind {
    LIMIT,
    MINUTES,
    COMING_FROM,
    FRESHNESS
  }

  /** One change; of its figures those that its kind has. */
  @JsonInclude(JsonInclude.Include.NON_NULL)
  public record ChangeV1(
      Kind change,
      BodyRegion region,
      Restriction.Side side,
      Restriction.Severity severity,
      Integer minutes,
      ComingFrom comingFrom,
      Freshness freshness) {

    static ChangeV1 of(TodaysChange c) {
      if (c instanceof TodaysChange.Limit limit) {
        Restriction r = limit.restriction();
        return new ChangeV1(Kind.LIMIT, r.region(), r.side(), r.severity(), null, null, null);
      } else if (c instanceof TodaysChange.Time time) {
        return new ChangeV1(Kind.MINUTES, null, null, null, time.minutes(), null, null);
      } else if (c instanceof TodaysChange.Coming coming) {
        return new ChangeV1(Kind.COMING_FROM, null, null, null, null, coming.from(), null);
      }
      Freshness fresh = ((TodaysChange.Fresh) c).freshness();
      return new ChangeV1(Kind.FRESHNESS, null, null, null, null, null, fresh);
    }

    TodaysChange toCore() {
      return switch (change) {
        case LIMIT ->
            new TodaysChange.Limit(
                new Restriction(
                    region, severity, Optional.ofNullable(side).orElse(Restriction.Side.BOTH)));
        case MINUTES -> new TodaysChange.Time(minutes);
        case COMING_FROM -> new TodaysChange.Coming(comingFrom);
        case FRESHNESS -> new TodaysChange.Fresh(freshness);
      };
    }
  }
}
