package dev.jubilee.server.follow;

import dev.jubilee.server.signin.SignedIn;
import java.util.UUID;
import org.springframework.http.HttpStatus;
import org.springframework.security.core.annotation.AuthenticationPrincipal;
import org.springframework.web.bind.annotation.DeleteMapping;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.ResponseStatus;
import org.springframework.web.bind.annotation.RestController;

/** Handing a prescription over, and following it without signing in. */
@RestController
@RequestMapping("/api")
class FollowController {

  /** A link's secret part. */
  record LinkView(String token) {}

  private final Follows follows;

  FollowController(Follows follows) {
    this.follows = follows;
  }

  @PostMapping("/prescriptions/{id}/hand-over")
  LinkView handOver(@AuthenticationPrincipal SignedIn coach, @PathVariable UUID id) {
    return new LinkView(follows.share(coach.clubId(), id));
  }

  @DeleteMapping("/prescriptions/{id}/hand-over")
  @ResponseStatus(HttpStatus.NO_CONTENT)
  void revokeHandOver(@AuthenticationPrincipal SignedIn coach, @PathVariable UUID id) {
    follows.revoke(coach.clubId(), id);
  }

  @GetMapping("/follow/{token}")
  Follows.FollowView follow(@PathVariable String token) {
    return follows.of(token);
  }
}
