package dev.jubilee.server.checkin;

import com.fasterxml.jackson.annotation.JsonSubTypes;
import com.fasterxml.jackson.annotation.JsonTypeInfo;
import dev.jubilee.core.athlete.Restriction;
import dev.jubilee.core.checkin.TodaysChange;
import dev.jubilee.core.circumstances.Circumstances;
import dev.jubilee.core.circumstances.ComingFrom;
import dev.jubilee.core.circumstances.Freshness;
import dev.jubilee.core.quantity.Bounds;
import dev.jubilee.core.sport.BodyRegion;
import io.swagger.v3.oas.annotations.media.DiscriminatorMapping;
import io.swagger.v3.oas.annotations.media.Schema;
import jakarta.validation.constraints.NotNull;

/** A change for today as it is sent, a record a kind. */
@JsonTypeInfo(use = JsonTypeInfo.Id.NAME, property = "change")
@JsonSubTypes({
  @JsonSubTypes.Type(value = ChangeView.LimitChange.class, name = "LIMIT"),
  @JsonSubTypes.Type(value = ChangeView.MinutesChange.class, name = "MINUTES"),
  @JsonSubTypes.Type(value = ChangeView.ComingFromChange.class, name = "COMING_FROM"),
  @JsonSubTypes.Type(value = ChangeView.FreshnessChange.class, name = "FRESHNESS")
})
@Schema(
    oneOf = {
      ChangeView.LimitChange.class,
      ChangeView.MinutesChange.class,
      ChangeView.ComingFromChange.class,
      ChangeView.FreshnessChange.class
    },
    discriminatorProperty = "change",
    discriminatorMapping = {
      @DiscriminatorMapping(value = "LIMIT", schema = ChangeView.LimitChange.class),
      @DiscriminatorMapping(value = "MINUTES", schema = ChangeView.MinutesChange.class),
      @DiscriminatorMapping(value = "COMING_FROM", schema = ChangeView.ComingFromChange.class),
      @DiscriminatorMapping(value = "FRESHNESS", schema = ChangeView.FreshnessChange.class)
    })
public sealed interface ChangeView {
  /**
   * The change as core knows it.
   *
   * @throws dev.jubilee.core.quantity.OutOfRangeException naming the field
   */
  TodaysChange toCore();

  static ChangeView of(TodaysChange change) {
    if (change instanceof TodaysChange.Limit limit) {
      Restriction r = limit.restriction();
      return new LimitChange(r.region(), r.side(), r.severity());
    }
    if (change instanceof TodaysChange.Time time) {
      return new MinutesChange(time.minutes());
    }
    if (change instanceof TodaysChange.Coming coming) {
      return new ComingFromChange(coming.from());
    }
    return new FreshnessChange(((TodaysChange.Fresh) change).freshness());
  }

  /** A place is stiff, sore or painful. */
  record LimitChange(
      @NotNull BodyRegion region,
      @NotNull Restriction.Side side,
      @NotNull Restriction.Severity severity)
      implements ChangeView {
    @Override
    public TodaysChange toCore() {
      return new TodaysChange.Limit(new Restriction(region, severity, side));
    }
  }

  /** There are so many minutes. */
  record MinutesChange(int minutes) implements ChangeView {
    @Override
    public TodaysChange toCore() {
      return new TodaysChange.Time(
          Bounds.within(
              "minutes", minutes, Circumstances.LEAST_MINUTES, Circumstances.MOST_MINUTES, "min"));
    }
  }

  /** They come from somewhere else. */
  record ComingFromChange(@NotNull ComingFrom comingFrom) implements ChangeView {
    @Override
    public TodaysChange toCore() {
      return new TodaysChange.Coming(comingFrom);
    }
  }

  /** They come more or less fresh. */
  record FreshnessChange(@NotNull Freshness freshness) implements ChangeView {
    @Override
    public TodaysChange toCore() {
      return new TodaysChange.Fresh(freshness);
    }
  }
}
