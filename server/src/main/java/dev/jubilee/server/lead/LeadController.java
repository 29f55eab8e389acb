package dev.jubilee.server.lead;

import dev.jubilee.server.live.LiveLines;
import dev.jubilee.server.signin.SignedIn;
import io.swagger.v3.oas.annotations.Hidden;
import jakarta.servlet.http.HttpServletResponse;
import jakarta.validation.Valid;
import jakarta.validation.constraints.NotNull;
import java.time.Clock;
import java.util.UUID;
import org.springframework.http.MediaType;
import org.springframework.security.core.annotation.AuthenticationPrincipal;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.PutMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RestController;
import org.springframework.web.servlet.mvc.method.annotation.SseEmitter;

/** Leading warm-ups, and being led. */
@RestController
@RequestMapping("/api")
class LeadController {

  /** Which device begins to lead. */
  record Leader(@NotNull UUID device) {}

  /** ms since the epoch by the server's clock. */
  record ServerClock(long now) {}

  private final Leads leads;
  private final LiveLines lines;

  private final Clock clock;

  LeadController(Leads leads, LiveLines lines, Clock clock) {
    this.clock = clock;
    this.leads = leads;
    this.lines = lines;
  }

  /** Asked several times, the fastest answer tells best: see the protocol of leading. */
  @GetMapping("/clock")
  ServerClock serverClock() {
    return new ServerClock(clock.millis());
  }

  @PostMapping("/sessions/{id}/lead")
  LeadView beginToLead(
      @AuthenticationPrincipal SignedIn coach,
      @PathVariable UUID id,
      @Valid @RequestBody Leader leader) {
    return leads.begin(coach.clubId(), id, leader.device());
  }

  @GetMapping("/sessions/{id}/lead")
  LeadView lead(@AuthenticationPrincipal SignedIn coach, @PathVariable UUID id) {
    return leads.of(coach.clubId(), id);
  }

  @PutMapping("/sessions/{id}/lead/state")
  LeadState leadOn(
      @AuthenticationPrincipal SignedIn coach,
      @PathVariable UUID id,
      @Valid @RequestBody LeadState state) {
    return leads.change(id, state);
  }

  @Hidden
  @GetMapping(path = "/sessions/{id}/lead/live", produces = MediaType.TEXT_EVENT_STREAM_VALUE)
  SseEmitter leadLive(
      @AuthenticationPrincipal SignedIn coach,
      @PathVariable UUID id,
      HttpServletResponse response) {
    leads.of(coach.clubId(), id);
    unbuffered(response);
    return lines.open(Leads.NAME, coach.clubId(), id);
  }

  @GetMapping("/follow/{token}/lead")
  LeadView.LedView followLead(@PathVariable String token) {
    return leads.of(token);
  }

  @Hidden
  @GetMapping(path = "/follow/{token}/live", produces = MediaType.TEXT_EVENT_STREAM_VALUE)
  SseEmitter followLive(@PathVariable String token, HttpServletResponse response) {
    Leads.Led led = leads.led(token);
    unbuffered(response);
    return lines.open(Leads.NAME, led.clubId(), led.sessionId());
  }

  /** A proxy passes each event on as it comes. */
  private static void unbuffered(HttpServletResponse response) {
    response.setHeader("X-Accel-Buffering", "no");
  }
}
