package dev.jubilee.server.zone;

import dev.jubilee.server.signin.SignedIn;
import jakarta.validation.Valid;
import org.springframework.security.core.annotation.AuthenticationPrincipal;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PutMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RestController;

/** What the club's zones mean. */
@RestController
@RequestMapping("/api/zones")
class ZoneController {
  private final ClubZones zones;

  ZoneController(ClubZones zones) {
    this.zones = zones;
  }

  @GetMapping
  ZoneTable getZones(@AuthenticationPrincipal SignedIn coach) {
    return zones.table(coach.clubId());
  }

  @PutMapping
  ZoneTable sayZones(@AuthenticationPrincipal SignedIn coach, @Valid @RequestBody ZoneTable table) {
    return zones.say(coach.clubId(), table);
  }
}
