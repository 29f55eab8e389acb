package dev.jubilee.server.follow;

import dev.jubilee.core.session.SessionKind;
import dev.jubilee.core.sport.Sport;
import dev.jubilee.server.club.Club;
import dev.jubilee.server.club.ClubRepository;
import dev.jubilee.server.handover.ShareLinks;
import dev.jubilee.server.handover.ShareLinks.Link;
import dev.jubilee.server.prescription.PlanView;
import dev.jubilee.server.prescription.PrescriptionRow;
import dev.jubilee.server.prescription.PrescriptionView;
import dev.jubilee.server.prescription.Prescriptions;
import dev.jubilee.server.signin.SignedIn;
import java.time.OffsetDateTime;
import java.util.UUID;
import org.springframework.http.HttpStatus;
import org.springframework.security.core.annotation.AuthenticationPrincipal;
import org.springframework.transaction.annotation.Transactional;
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

  /**
   * What an athlete follows.
   *
   * @param startsAt the first effort
   */
  record FollowView(
      String athleteName,
      String sessionTitle,
      Sport sport,
      SessionKind kind,
      String place,
      int temperature,
      OffsetDateTime startsAt,
      int revision,
      PlanView plan) {}

  private final ShareLinks handOvers;
  private final Prescriptions prescriptions;
  private final ClubRepository clubs;

  FollowController(ShareLinks handOvers, Prescriptions prescriptions, ClubRepository clubs) {
    this.handOvers = handOvers;
    this.prescriptions = prescriptions;
    this.clubs = clubs;
  }

  @PostMapping("/prescriptions/{id}/hand-over")
  LinkView handOver(@AuthenticationPrincipal SignedIn coach, @PathVariable UUID id) {
    PrescriptionRow row = prescriptions.row(coach.clubId(), id);
    return new LinkView(handOvers.handOver(coach.clubId(), row.id()));
  }

  @DeleteMapping("/prescriptions/{id}/hand-over")
  @ResponseStatus(HttpStatus.NO_CONTENT)
  void revokeHandOver(@AuthenticationPrincipal SignedIn coach, @PathVariable UUID id) {
    PrescriptionRow row = prescriptions.row(coach.clubId(), id);
    handOvers.revoke(coach.clubId(), row.id());
  }

  @GetMapping("/follow/{token}")
  @Transactional(readOnly = true)
  public FollowView follow(@PathVariable String token) {
    Link link = handOvers.follow(token);
    PrescriptionView view = prescriptions.one(link.clubId(), link.prescriptionId());
    Club club = clubs.findById(link.clubId()).orElseThrow();
    return new FollowView(
        view.athlete().name(),
        view.session().title(),
        view.session().sport(),
        view.session().kind(),
        view.circumstances().place().words(),
        view.circumstances().temperature(),
        view.session().startsAt().atZone(club.zone()).toOffsetDateTime(),
        view.revision(),
        view.plan());
  }
}
