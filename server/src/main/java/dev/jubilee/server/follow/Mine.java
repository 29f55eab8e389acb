package dev.jubilee.server.follow;

import dev.jubilee.core.drill.Kit;
import dev.jubilee.server.athlete.AthleteRow;
import dev.jubilee.server.athlete.Athletes;
import dev.jubilee.server.club.Club;
import dev.jubilee.server.club.ClubRepository;
import dev.jubilee.server.handover.AthleteLinks;
import dev.jubilee.server.handover.ShareLinks;
import dev.jubilee.server.prescription.Prescription;
import dev.jubilee.server.prescription.Prescriptions;
import dev.jubilee.server.session.SessionDetails;
import dev.jubilee.server.session.SessionRow;
import dev.jubilee.server.session.Sessions;
import java.time.Clock;
import java.time.LocalDate;
import java.time.LocalDateTime;
import java.time.OffsetDateTime;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.UUID;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** What an athlete's personal link leads to. */
@Service
public class Mine {
  /** So far ahead an athlete looks. */
  private static final int DAYS = 14;

  private static final int MOST = 20;

  private final AthleteLinks personal;
  private final ShareLinks links;
  private final Sessions sessions;
  private final Athletes athletes;
  private final Prescriptions prescriptions;
  private final ClubRepository clubs;

  private final Clock clock;

  Mine(
      AthleteLinks personal,
      ShareLinks links,
      Sessions sessions,
      Athletes athletes,
      Prescriptions prescriptions,
      ClubRepository clubs,
      Clock clock) {
    this.clock = clock;
    this.personal = personal;
    this.links = links;
    this.sessions = sessions;
    this.athletes = athletes;
    this.prescriptions = prescriptions;
    this.clubs = clubs;
  }

  /** The athlete's own link, as the coach sees it. */
  public AthleteLinks.PersonalLink link(UUID athleteId) {
    return personal.of(athletes.row(athleteId).id());
  }

  /** The same, made now if there is none. */
  public AthleteLinks.PersonalLink give(UUID athleteId) {
    return personal.give(athletes.row(athleteId).id());
  }

  public void revoke(UUID athleteId) {
    personal.revoke(athletes.row(athleteId).id());
  }

  /** Today's sessions and those to come; each warm-up gets its link. */
  @Transactional
  public MineView of(String token) {
    AthleteLinks.Whose whose = personal.follow(token);
    AthleteRow athlete = athletes.row(whose.athleteId());
    if (athlete.isArchived()) {
      throw AthleteLinks.notFound();
    }
    Club club = clubs.findById(whose.clubId()).orElseThrow();
    LocalDate today = LocalDate.now(clock.withZone(club.zone()));
    List<MineView.Next> next = new ArrayList<>();
    for (SessionRow session : sessions.of(whose.athleteId(), today, today.plusDays(DAYS))) {
      if (next.size() < MOST) {
        next.add(next(club, session, whose.athleteId()));
      }
    }
    return new MineView(athletes.profile(athlete).name(), club.hourCycle(), club.measures(), next);
  }

  private MineView.Next next(Club club, SessionRow session, UUID athleteId) {
    SessionDetails details = sessions.details(session);
    Optional<Prescription> warmUp = prescriptions.find(session.id(), athleteId);
    LocalDateTime startsAt =
        warmUp.map(Prescription::startsAt).orElseGet(() -> details.startOf(athleteId));
    OffsetDateTime start = startsAt.atZone(club.zone()).toOffsetDateTime();
    return new MineView.Next(
        details.title(),
        details.sport(),
        details.kind(),
        details.place().words(),
        details.temperature(),
        start,
        warmUp.map(w -> start.minusSeconds(w.warmUp().seconds())).orElse(null),
        warmUp.map(w -> w.warmUp().seconds()).orElse(null),
        warmUp.map(w -> links.handOver(w.id(), details.startOf(athleteId)).token()).orElse(null),
        warmUp.map(Mine::bring).orElse(List.of()));
  }

  private static List<Kit> bring(Prescription given) {
    return given.warmUp().items().stream()
        .map(item -> item.howTo().kit())
        .flatMap(List::stream)
        .filter(Kit::isCarried)
        .distinct()
        .sorted()
        .toList();
  }
}
