package dev.jubilee.server.follow;

import dev.jubilee.core.plan.Plan;
import dev.jubilee.core.recording.DeviceWorkout;
import dev.jubilee.server.checkin.CheckIns;
import dev.jubilee.server.club.Club;
import dev.jubilee.server.club.ClubRepository;
import dev.jubilee.server.handover.ShareLinks;
import dev.jubilee.server.handover.ShareLinks.Link;
import dev.jubilee.server.handover.ShareLinks.Shown;
import dev.jubilee.server.pages.PublicAddress;
import dev.jubilee.server.prescription.Prescription;
import dev.jubilee.server.prescription.Prescriptions;
import dev.jubilee.server.prescription.Previews;
import dev.jubilee.server.problem.NotFoundException;
import java.time.Clock;
import java.time.LocalDateTime;
import java.util.UUID;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** What is handed over, and what an athlete sees of it. */
@Service
public class Follows {
  private final ShareLinks links;
  private final Prescriptions prescriptions;
  private final Previews previews;
  private final ClubRepository clubs;
  private final PublicAddress address;
  private final CheckIns checkIns;

  private final Clock clock;

  Follows(
      ShareLinks links,
      Prescriptions prescriptions,
      Previews previews,
      ClubRepository clubs,
      PublicAddress address,
      CheckIns checkIns,
      Clock clock) {
    this.clock = clock;
    this.links = links;
    this.checkIns = checkIns;
    this.address = address;
    this.prescriptions = prescriptions;
    this.previews = previews;
    this.clubs = clubs;
  }

  /** The prescription's link, made now if there is none. */
  @Transactional
  public Shown share(UUID prescriptionId) {
    return links.handOver(prescriptionId, prescriptions.startsAt(prescriptionId));
  }

  /** Lets the prescription's link work for good, or no longer than usual. */
  @Transactional
  public Shown keep(UUID prescriptionId, boolean isKept) {
    LocalDateTime startsAt = prescriptions.startsAt(prescriptionId);
    links.keep(prescriptionId, isKept);
    return links.shown(prescriptionId, startsAt).orElseThrow();
  }

  /** Makes the prescription's link, if any, lead nowhere. */
  @Transactional
  public void revoke(UUID prescriptionId) {
    links.revoke(prescriptions.row(prescriptionId).id());
  }

  /** What a link leads to. */
  @Transactional(readOnly = true)
  public FollowView of(String token) {
    Link link = links.follow(token);
    Club club = clubs.findById(link.clubId()).orElseThrow();
    Prescription view = prescriptions.one(link.prescriptionId());
    prescriptions.requireOnCalendar(link.prescriptionId());
    link.requireLive(view.session().startsAt(), LocalDateTime.now(clock.withZone(club.zone())));
    return checkIns.isHeld(link.prescriptionId())
        ? FollowView.held(view, club)
        : FollowView.of(view, club);
  }

  /** What may be needed when it runs. */
  public InHandView inHand(String token) {
    requireFree(token);
    Link link = links.follow(token);
    return InHandView.of(previews.inHand(link.prescriptionId()));
  }

  /** Whoever is to speak with the coach first has no warm-up until then. */
  private void requireFree(String token) {
    if (of(token).isHeld()) {
      throw new NotFoundException("warm-up yet; speak with your coach first");
    }
  }

  /** Heart rates to work at: asked for by a phone that has a strap, and by no other. */
  @Transactional(readOnly = true)
  public HeartView heart(String token) {
    requireFree(token);
    Link link = links.follow(token);
    return HeartView.of(prescriptions.source(link.prescriptionId()).items());
  }

  /** The same as a workout for the athlete's watch or bike computer. */
  @Transactional(readOnly = true)
  public String workout(String token) {
    requireFree(token);
    Link link = links.follow(token);
    Plan plan = prescriptions.source(link.prescriptionId()).plan();
    DeviceWorkout workout = DeviceWorkout.of(plan, TcxWorkout.MOST_STEPS);
    if (workout.steps().isEmpty()) {
      throw new NotFoundException("step to count down");
    }
    return TcxWorkout.of(of(token), plan.request().session().sport(), workout);
  }

  /** The same as a file for the athlete's calendar. */
  @Transactional(readOnly = true)
  public String calendar(String token) {
    return WarmUpCalendar.of(
        of(token),
        links.follow(token).prescriptionId(),
        address.forOthers().map(host -> host + "/f/" + token));
  }
}
