package dev.jubilee.server.session;

import com.fasterxml.jackson.annotation.JsonInclude;
import dev.jubilee.core.circumstances.Circumstances;
import dev.jubilee.core.circumstances.ComingFrom;
import dev.jubilee.core.circumstances.Place;
import dev.jubilee.core.drill.Kit;
import dev.jubilee.core.profile.Profiles;
import dev.jubilee.core.quantity.Bounds;
import dev.jubilee.core.quantity.OutOfRangeException;
import dev.jubilee.core.session.Session;
import dev.jubilee.core.session.SessionBuilder;
import dev.jubilee.core.session.SessionKind;
import dev.jubilee.core.shorthand.ParseResult;
import dev.jubilee.core.shorthand.SessionClassification;
import dev.jubilee.core.shorthand.Shorthand;
import dev.jubilee.core.sport.Sport;
import dev.jubilee.core.sport.Stroke;
import io.soabase.recordbuilder.core.RecordBuilder;
import io.swagger.v3.oas.annotations.media.Schema;
import jakarta.validation.Valid;
import jakarta.validation.constraints.NotNull;
import jakarta.validation.constraints.Size;
import java.time.Duration;
import java.time.LocalDate;
import java.time.LocalDateTime;
import java.util.HashSet;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.UUID;

/**
 * A session as coaches enter it.
 *
 * @param startsAt first effort, in the club's local time
 * @param minutes usually available before it
 * @param kit at hand; the place's usual kit when absent
 * @param laterStarts of those who do not start with the others
 * @param calledOff whether it does not take place, and stays on the calendar all the same
 */
@RecordBuilder
public record SessionDetails(
    @NotNull LocalDateTime startsAt,
    @NotNull Sport sport,
    @NotNull SessionKind kind,
    @NotNull @Size(max = Shorthand.LONGEST, message = "{text.length}") String title,
    @Schema(nullable = true) Double effortMetres,
    @Schema(nullable = true) Double effortSeconds,
    @Schema(nullable = true) Stroke stroke,
    @NotNull Place place,
    int minutes,
    int temperature,
    @NotNull ComingFrom comingFrom,
    @Schema(nullable = true) @Size(max = 20) List<@NotNull Kit> kit,
    @Size(max = 500) List<@NotNull UUID> athleteIds,
    @Schema(nullable = true) @JsonInclude(JsonInclude.Include.NON_EMPTY) @Size(max = 500)
        List<@NotNull @Valid LaterStart> laterStarts,
    @Schema(nullable = true) @JsonInclude(JsonInclude.Include.NON_NULL) Boolean calledOff) {

  /** Latest that an athlete starts after the session, min: a long day of heats or time trials. */
  static final int LATEST = 720;

  /**
   * An athlete whose first effort comes later than the others'.
   *
   * @param athleteId of one who takes part
   * @param minutes after the session's start, 1 to 720
   */
  public record LaterStart(@NotNull UUID athleteId, int minutes) {}

  public SessionDetails {
    athleteIds = athleteIds == null ? List.of() : athleteIds;
    laterStarts = laterStarts == null ? List.of() : laterStarts;
    calledOff = Boolean.TRUE.equals(calledOff) ? true : null;
  }

  /** Whether it does not take place. */
  public boolean doesNotTakePlace() {
    return calledOff != null;
  }

  /** The same with others. */
  public SessionDetails withAthletes(List<UUID> others, List<LaterStart> later) {
    return SessionDetailsBuilder.builder(this).athleteIds(others).laterStarts(later).build();
  }

  /**
   * The session as core knows it.
   *
   * @throws OutOfRangeException naming the field and what would be accepted
   */
  public Session toCore() {
    Optional<Duration> effortTime =
        Optional.ofNullable(effortSeconds).map(s -> Duration.ofMillis(Math.round(s * 1000)));
    ParseResult reading = Shorthand.read(title, sport);
    SessionClassification written = SessionClassification.of(reading.outline(), sport);
    // A kind that the coach chose against the words counts more than the words.
    boolean counts = reading.isWhole() && written.kind() == kind;
    boolean isGiven = effortMetres != null || effortSeconds != null;
    return SessionBuilder.builder(Session.of(sport, kind, title))
        .effortMetres(
            Optional.ofNullable(effortMetres)
                .or(
                    () ->
                        written
                            .effortMetres()
                            .filter(
                                m -> counts && !isGiven && m >= 25 && m <= Session.LONGEST_METRES)))
        .effortTime(
            effortTime.or(
                () ->
                    written
                        .effortSeconds()
                        .filter(
                            s -> counts && !isGiven && s >= 5 && s <= Session.LONGEST.toSeconds())
                        .map(Duration::ofSeconds)))
        .stroke(Optional.ofNullable(stroke))
        .aim(counts ? written.aim() : Optional.empty())
        .rate(counts ? written.rate() : Optional.empty())
        .bar(counts ? written.bar() : Optional.empty())
        .build();
  }

  /**
   * Refuses a session that cannot be warmed up for.
   *
   * @throws OutOfRangeException naming the field and what would be accepted
   */
  public void check() {
    toCore();
    circumstances();
    Set<UUID> seen = new HashSet<>();
    for (int i = 0; i < laterStarts.size(); i++) {
      LaterStart later = laterStarts.get(i);
      String field = "laterStarts[" + i + "]";
      Bounds.within(field + ".minutes", later.minutes(), 1, LATEST, "min");
      if (!athleteIds.contains(later.athleteId()) || !seen.add(later.athleteId())) {
        throw new OutOfRangeException(
            field + ".athleteId",
            later.athleteId().toString(),
            "each athlete of this session once");
      }
    }
  }

  /** When an athlete's first effort is, in the club's local time. */
  public LocalDateTime startOf(UUID athleteId) {
    return startsAt.plusMinutes(
        laterStarts.stream()
            .filter(l -> l.athleteId().equals(athleteId))
            .mapToInt(LaterStart::minutes)
            .findFirst()
            .orElse(0));
  }

  /** The same on another day. */
  public SessionDetails on(LocalDate date) {
    return at(date.atTime(startsAt.toLocalTime()));
  }

  /** The same at another time. */
  SessionDetails at(LocalDateTime otherStart) {
    return SessionDetailsBuilder.builder(this).startsAt(otherStart).build();
  }

  /** The same, written in other words. */
  SessionDetails titled(String words) {
    return SessionDetailsBuilder.builder(this).title(words).build();
  }

  /** What the warm-up finds unless the coach says otherwise. */
  public Circumstances circumstances() {
    Set<Kit> usual = kind.isOnLand() ? place.usualKit() : Profiles.kitAt(place, sport);
    Set<Kit> atHand = kit == null ? usual : Set.copyOf(kit);
    return Circumstances.of(minutes, place, atHand, temperature, comingFrom);
  }
}
