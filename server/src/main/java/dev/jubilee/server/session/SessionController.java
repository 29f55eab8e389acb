package dev.jubilee.server.session;

import dev.jubilee.core.quantity.Bounds;
import dev.jubilee.server.once.Once;
import dev.jubilee.server.problem.Limits;
import dev.jubilee.server.signin.SignedIn;
import dev.jubilee.server.zone.ClubZones;
import jakarta.validation.Valid;
import java.time.LocalDate;
import java.util.List;
import java.util.Optional;
import java.util.UUID;
import org.springframework.format.annotation.DateTimeFormat;
import org.springframework.http.HttpStatus;
import org.springframework.security.core.annotation.AuthenticationPrincipal;
import org.springframework.web.bind.annotation.DeleteMapping;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.PutMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestHeader;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.ResponseStatus;
import org.springframework.web.bind.annotation.RestController;

/** The club's calendar. */
@RestController
@RequestMapping("/api/sessions")
class SessionController {
  /** A session is repeated for a year at most. */
  private static final int MOST_WEEKS = 52;

  /** min */
  private static final int DAY = 24 * 60;

  private final Sessions sessions;
  private final ClubZones zones;
  private final Once once;

  SessionController(Sessions sessions, ClubZones zones, Once once) {
    this.sessions = sessions;
    this.zones = zones;
    this.once = once;
  }

  @GetMapping
  List<SessionView> listSessions(
      @AuthenticationPrincipal SignedIn coach,
      @RequestParam @DateTimeFormat(iso = DateTimeFormat.ISO.DATE) LocalDate from,
      @RequestParam @DateTimeFormat(iso = DateTimeFormat.ISO.DATE) LocalDate until) {
    Limits.within("from", from);
    Limits.within("until", until);
    return sessions.between(coach.clubId(), from, until);
  }

  @PostMapping
  @ResponseStatus(HttpStatus.CREATED)
  SessionView createSession(
      @AuthenticationPrincipal SignedIn coach,
      @RequestHeader(name = Once.HEADER, required = false) Optional<UUID> key,
      @RequestParam(defaultValue = "1") int weeks,
      @Valid @RequestBody SessionDetails details) {
    Bounds.within("weeks", weeks, 1, MOST_WEEKS, "weeks");
    details.check();
    return once.make(
        key,
        id -> sessions.create(coach.clubId(), id, written(coach, details), weeks),
        id -> sessions.one(id));
  }

  @PutMapping("/{id}")
  SessionView changeSession(
      @AuthenticationPrincipal SignedIn coach,
      @PathVariable UUID id,
      @RequestParam long version,
      @Valid @RequestBody SessionDetails details) {
    details.check();
    return sessions.change(id, version, written(coach, details));
  }

  /** Zones mean what they mean now. */
  private SessionDetails written(SignedIn coach, SessionDetails details) {
    return details.titled(zones.writer(coach.clubId()).apply(details.sport(), details.title()));
  }

  @GetMapping("/{id}")
  SessionView getSession(@AuthenticationPrincipal SignedIn coach, @PathVariable UUID id) {
    return sessions.one(id);
  }

  /** Once a week for so many weeks more. */
  @PostMapping("/{id}/repeat")
  List<SessionView> repeatSession(
      @AuthenticationPrincipal SignedIn coach, @PathVariable UUID id, @RequestParam int weeks) {
    Bounds.within("weeks", weeks, 1, MOST_WEEKS, "weeks");
    return sessions.repeat(coach.clubId(), id, weeks);
  }

  /** Later on its day by some minutes, earlier below 0. */
  @PostMapping("/{id}/shift")
  SessionView shiftSession(
      @AuthenticationPrincipal SignedIn coach,
      @PathVariable UUID id,
      @RequestParam long version,
      @RequestParam int minutes) {
    Bounds.within("minutes", minutes, -DAY, DAY, "min");
    return sessions.shift(coach.clubId(), id, version, minutes);
  }

  /** Takes a session off the calendar, with its warm-ups; told as it is then, for undo. */
  @DeleteMapping("/{id}")
  SessionView removeSession(
      @AuthenticationPrincipal SignedIn coach, @PathVariable UUID id, @RequestParam long version) {
    return sessions.remove(coach.clubId(), id, version);
  }

  /** Puts it back. */
  @PostMapping("/{id}/restore")
  SessionView restoreSession(
      @AuthenticationPrincipal SignedIn coach, @PathVariable UUID id, @RequestParam long version) {
    return sessions.restore(id, version);
  }
}
