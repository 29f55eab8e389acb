package dev.jubilee.server.logbook.stored;

import com.fasterxml.jackson.annotation.JsonInclude;
import dev.jubilee.core.athlete.Restriction;
import dev.jubilee.core.decision.Checkpoint;
import dev.jubilee.core.decision.Decision;
import dev.jubilee.core.decision.Mark;
import dev.jubilee.core.decision.Sign;
import dev.jubilee.core.logbook.FollowEvent;
import dev.jubilee.core.logbook.Happening;
import dev.jubilee.core.logbook.HappeningToldBuilder;
import dev.jubilee.core.logbook.Look;
import dev.jubilee.core.logbook.LookBuilder;
import dev.jubilee.core.logbook.Signal;
import dev.jubilee.core.sport.BodyRegion;
import java.util.List;
import java.util.Optional;

/** An event as it lies in the database. */
@JsonInclude(JsonInclude.Include.NON_NULL)
public record EventV1(
    int sequence,
    int run,
    long at,
    Happening.Kind kind,
    String item,
    String drill,
    Happening.SkipReason reason,
    Integer seconds,
    Integer value,
    List<SignalV1> signals,
    LookV1 look) {

  public static EventV1 of(FollowEvent event) {
    Happening.Told told = event.happening().told();
    return new EventV1(
        event.sequence(),
        event.run(),
        event.at(),
        told.kind(),
        told.item().orElse(null),
        told.drill().orElse(null),
        told.reason().orElse(null),
        told.seconds() == 0 ? null : told.seconds(),
        told.value() == 0 ? null : told.value(),
        told.signals().isEmpty() ? null : told.signals().stream().map(SignalV1::of).toList(),
        told.look().map(LookV1::of).orElse(null));
  }

  public FollowEvent toCore() {
    Happening.Told told =
        HappeningToldBuilder.builder()
            .kind(kind)
            .item(Optional.ofNullable(item))
            .drill(Optional.ofNullable(drill))
            .reason(Optional.ofNullable(reason))
            .seconds(seconds == null ? 0 : seconds)
            .value(value == null ? 0 : value)
            .signals(signals == null ? List.of() : signals.stream().map(SignalV1::toCore).toList())
            .look(Optional.ofNullable(look).map(LookV1::toCore))
            .build();
    return new FollowEvent(sequence, run, at, told.toHappening());
  }

  /** See {@link Signal}. */
  public record SignalV1(long at, int heartRate, int power, int cadence) {
    static SignalV1 of(Signal s) {
      return new SignalV1(s.at(), s.heartRate(), s.power(), s.cadence());
    }

    Signal toCore() {
      return new Signal(at, heartRate, power, cadence);
    }
  }

  /** See {@link Look}. */
  public record LookV1(
      Checkpoint checkpoint,
      List<MarkV1> marks,
      Decision.Kind decided,
      Decision.Ground ground,
      boolean isTaken,
      String session) {
    static LookV1 of(Look l) {
      return new LookV1(
          l.checkpoint(),
          l.marks().stream().map(MarkV1::of).toList(),
          l.decided(),
          l.ground(),
          l.isTaken(),
          l.session().orElse(null));
    }

    public Look toCore() {
      return LookBuilder.builder()
          .checkpoint(checkpoint)
          .marks(marks.stream().map(MarkV1::toCore).toList())
          .decided(decided)
          .ground(ground)
          .isTaken(isTaken)
          .session(Optional.ofNullable(session))
          .build();
    }
  }

  /** See {@link Mark}. */
  public record MarkV1(
      Sign sign, BodyRegion region, Restriction.Side side, int pain, boolean onlyFast) {
    static MarkV1 of(Mark m) {
      return new MarkV1(m.sign(), m.region().orElse(null), m.side(), m.pain(), m.onlyFast());
    }

    Mark toCore() {
      return new Mark(
          sign,
          Optional.ofNullable(region),
          Optional.ofNullable(side).orElse(Restriction.Side.BOTH),
          pain,
          onlyFast);
    }
  }
}
