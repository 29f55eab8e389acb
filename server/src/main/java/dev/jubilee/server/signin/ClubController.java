package dev.jubilee.server.signin;

import dev.jubilee.server.club.HourCycle;
import jakarta.validation.Valid;
import jakarta.validation.constraints.NotNull;
import org.springframework.http.HttpStatus;
import org.springframework.security.core.annotation.AuthenticationPrincipal;
import org.springframework.web.bind.annotation.PutMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.ResponseStatus;
import org.springframework.web.bind.annotation.RestController;

/** What holds for all of a coach's club. */
@RestController
@RequestMapping("/api/club")
class ClubController {

  /** The club's ways. */
  record ClubSettings(@NotNull HourCycle hourCycle) {}

  private final ClubWays ways;

  ClubController(ClubWays ways) {
    this.ways = ways;
  }

  @PutMapping
  @ResponseStatus(HttpStatus.NO_CONTENT)
  void changeClub(
      @AuthenticationPrincipal SignedIn coach, @Valid @RequestBody ClubSettings settings) {
    ways.change(coach, settings.hourCycle());
  }
}
