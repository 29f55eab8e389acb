package dev.jubilee.server.logbook;

import com.fasterxml.jackson.annotation.JsonInclude;
import dev.jubilee.core.logbook.FollowEvent;
import dev.jubilee.core.logbook.Happening;
import dev.jubilee.core.logbook.HappeningToldBuilder;
import dev.jubilee.core.logbook.Signal;
import dev.jubilee.core.quantity.OutOfRangeException;
import io.swagger.v3.oas.annotations.media.Schema;
import jakarta.validation.Valid;
import jakarta.validation.constraints.NotEmpty;
import jakarta.validation.constraints.NotNull;
import jakarta.validation.constraints.Size;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.UUID;

/**
 * Events that a device sends at once; those that were sent before change nothing.
 *
 * @param device made up by the device, the same as long as it keeps its data
 * @param run which time the page was opened, of the page that sends
 * @param sentAt ms since the epoch by the clock of that run
 */
public record EventBatch(
    @NotNull UUID device,
    int run,
    long sentAt,
    int revision,
    @NotEmpty @Size(max = 500) List<@NotNull @Valid Event> events) {

  /**
   * What is told.
   *
   * @throws OutOfRangeException naming the field and what would be accepted
   */
  ToldBatch toCore() {
    List<FollowEvent> told = new ArrayList<>();
    for (int i = 0; i < events.size(); i++) {
      try {
        told.add(events.get(i).toCore());
      } catch (OutOfRangeException e) {
        throw e.in("events[" + i + "].");
      }
    }
    try {
      // The clock of the page is held to what an event's is.
      new FollowEvent(1, run, sentAt, told.get(0).happening());
    } catch (OutOfRangeException e) {
      throw e.field().equals("at") ? e.as("sentAt") : e;
    }
    return new ToldBatch(device, run, sentAt, revision, told);
  }

  /** One event; see {@link FollowEvent}. */
  public record Event(
      int sequence,
      int run,
      long at,
      @NotNull Happening.Kind kind,
      @Schema(nullable = true) @Size(max = Happening.LONGEST_ID) String item,
      @Schema(nullable = true) @Size(max = Happening.LONGEST_ID) String drill,
      @Schema(nullable = true) Happening.SkipReason reason,
      @Schema(nullable = true) Integer seconds,
      @Schema(nullable = true) Integer value,
      @Schema(nullable = true) @Size(max = Happening.MOST_SIGNALS)
          List<@NotNull @Valid SignalInput> signals,
      @Schema(nullable = true) @JsonInclude(JsonInclude.Include.NON_NULL) @Valid LookInput look) {

    /**
     * The event as core knows it.
     *
     * @throws dev.jubilee.core.quantity.OutOfRangeException naming what would be accepted
     */
    FollowEvent toCore() {
      Happening.Told told =
          HappeningToldBuilder.builder()
              .kind(kind)
              .item(Optional.ofNullable(item))
              .drill(Optional.ofNullable(drill))
              .reason(Optional.ofNullable(reason))
              .seconds(seconds == null ? 0 : seconds)
              .value(value == null ? 0 : value)
              .signals(
                  signals == null ? List.of() : signals.stream().map(SignalInput::toCore).toList())
              .look(Optional.ofNullable(look).map(LookInput::toCore))
              .build();
      return new FollowEvent(sequence, run, at, told.toHappening());
    }
  }

  /** What sensors said in one second; see {@link Signal}. */
  public record SignalInput(long at, int heartRate, int power, int cadence) {
    Signal toCore() {
      return new Signal(at, heartRate, power, cadence);
    }
  }

  /**
   * What a device is told in return.
   *
   * @param now ms since the epoch by the server's clock
   * @param revision of the plan that counts by now
   * @param isLive whether the link still leads to it
   */
  public record Received(long now, int revision, boolean isLive) {}
}
