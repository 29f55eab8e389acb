package dev.jubilee.server.prescription;

import dev.jubilee.server.signin.SignedIn;
import java.util.UUID;
import org.springframework.security.core.annotation.AuthenticationPrincipal;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RestController;

/** A group's warm-ups side by side. */
@RestController
@RequestMapping("/api/sessions/{id}/sheet")
class SquadSheetController {
  private final SquadSheets sheets;

  SquadSheetController(SquadSheets sheets) {
    this.sheets = sheets;
  }

  @GetMapping
  SquadSheet squadSheet(@AuthenticationPrincipal SignedIn coach, @PathVariable UUID id) {
    return sheets.of(coach.clubId(), id);
  }
}
