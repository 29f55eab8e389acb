package dev.jubilee.server.follow;

import dev.jubilee.core.session.SessionKind;
import dev.jubilee.core.sport.Sport;
import dev.jubilee.server.club.Club;
import dev.jubilee.server.club.ClubRepository;
import dev.jubilee.server.club.HourCycle;
import dev.jubilee.server.handover.ShareLinks;
import dev.jubilee.server.handover.ShareLinks.Link;
import dev.jubilee.server.prescription.PlanView;
import dev.jubilee.server.prescription.PrescriptionView;
import dev.jubilee.server.prescription.Prescriptions;
import java.time.OffsetDateTime;
import java.util.UUID;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** What is handed over, and what an athlete sees of it. */
@Service
public class Follows {
  private final ShareLinks links;
  private final Prescriptions prescriptions;
  private final ClubRepository clubs;

  Follows(ShareLinks links, Prescriptions prescriptions, ClubRepository clubs) {
    this.links = links;
    this.prescriptions = prescriptions;
    this.clubs = clubs;
  }

  /**
   * What an athlete follows.
   *
   * @param startsAt the first effort
   */
  public record FollowView(
      String athleteName,
      String sessionTitle,
      Sport sport,
      SessionKind kind,
      String place,
      int temperature,
      OffsetDateTime startsAt,
      HourCycle hourCycle,
      int revision,
      PlanView plan) {}

  /** The token of the prescription's link, made now if there is none. */
  @Transactional
  public String share(UUID clubId, UUID prescriptionId) {
    return links.handOver(clubId, prescriptions.row(clubId, prescriptionId).id());
  }

  /** Makes the prescription's link, if any, lead nowhere. */
  @Transactional
  public void revoke(UUID clubId, UUID prescriptionId) {
    links.revoke(clubId, prescriptions.row(clubId, prescriptionId).id());
  }

  /** What a link leads to. */
  @Transactional(readOnly = true)
  public FollowView of(String token) {
    Link link = links.follow(token);
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
        club.hourCycle(),
        view.revision(),
        view.plan());
  }
}
