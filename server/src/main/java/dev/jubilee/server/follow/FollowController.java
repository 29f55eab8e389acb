package dev.jubilee.server.follow;

import dev.jubilee.server.handover.ShareLinks;
import dev.jubilee.server.signin.SignedIn;
import jakarta.validation.Valid;
import java.util.UUID;
import org.springframework.http.HttpStatus;
import org.springframework.security.core.annotation.AuthenticationPrincipal;
import org.springframework.web.bind.annotation.DeleteMapping;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.PutMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.ResponseStatus;
import org.springframework.web.bind.annotation.RestController;

/** Handing a prescription over, and following it without signing in. */
@RestController
@RequestMapping("/api")
class FollowController {

  /** Whether a link goes on working when the session is long over. */
  record Keeping(boolean keep) {}

  private final Follows follows;

  FollowController(Follows follows) {
    this.follows = follows;
  }

  @PostMapping("/prescriptions/{id}/hand-over")
  ShareLinks.Shown handOver(@AuthenticationPrincipal SignedIn coach, @PathVariable UUID id) {
    return follows.share(id);
  }

  @PutMapping("/prescriptions/{id}/hand-over")
  ShareLinks.Shown keepHandOver(
      @AuthenticationPrincipal SignedIn coach,
      @PathVariable UUID id,
      @Valid @RequestBody Keeping keeping) {
    return follows.keep(id, keeping.keep());
  }

  @DeleteMapping("/prescriptions/{id}/hand-over")
  @ResponseStatus(HttpStatus.NO_CONTENT)
  void revokeHandOver(@AuthenticationPrincipal SignedIn coach, @PathVariable UUID id) {
    follows.revoke(id);
  }

  @GetMapping("/follow/{token}")
  FollowView follow(@PathVariable String token) {
    return follows.of(token);
  }

  @GetMapping("/follow/{token}/heart")
  HeartView followByHeart(@PathVariable String token) {
    return follows.heart(token);
  }

  @GetMapping("/follow/{token}/in-hand")
  InHandView followInHand(@PathVariable String token) {
    return follows.inHand(token);
  }

  @GetMapping(path = "/follow/{token}/calendar.ics", produces = "text/calendar;charset=UTF-8")
  String followInCalendar(@PathVariable String token) {
    return follows.calendar(token);
  }

  /** For a watch or a bike computer. */
  @GetMapping(
      path = "/follow/{token}/workout.tcx",
      produces = "application/vnd.garmin.tcx+xml;charset=UTF-8")
  String followOnDevice(@PathVariable String token) {
    return follows.workout(token);
  }
}
