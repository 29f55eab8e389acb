package dev.jubilee.server.follow;

import dev.jubilee.server.handover.AthleteLinks.PersonalLink;
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

/** Personal links: given and taken by coaches, opened without signing in. */
@RestController
@RequestMapping("/api")
class MineController {
  private final Mine mine;

  MineController(Mine mine) {
    this.mine = mine;
  }

  @GetMapping("/athletes/{id}/link")
  PersonalLink personalLink(@AuthenticationPrincipal SignedIn coach, @PathVariable UUID id) {
    return mine.link(id);
  }

  @PostMapping("/athletes/{id}/link")
  PersonalLink givePersonalLink(@AuthenticationPrincipal SignedIn coach, @PathVariable UUID id) {
    return mine.give(id);
  }

  @DeleteMapping("/athletes/{id}/link")
  @ResponseStatus(HttpStatus.NO_CONTENT)
  void revokePersonalLink(@AuthenticationPrincipal SignedIn coach, @PathVariable UUID id) {
    mine.revoke(id);
  }

  @GetMapping("/follow/me/{token}")
  MineView followMine(@PathVariable String token) {
    return mine.of(token);
  }
}
