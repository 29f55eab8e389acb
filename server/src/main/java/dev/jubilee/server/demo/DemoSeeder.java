package dev.jubilee.server.demo;

import dev.jubilee.server.athlete.AthleteView;
import dev.jubilee.server.athlete.Athletes;
import dev.jubilee.server.block.BlockEdits;
import dev.jubilee.server.block.Blocks;
import dev.jubilee.server.club.Club;
import dev.jubilee.server.club.ClubRepository;
import dev.jubilee.server.prescription.Prescriptions;
import dev.jubilee.server.session.SessionDetails;
import dev.jubilee.server.session.SessionView;
import dev.jubilee.server.session.Sessions;
import dev.jubilee.server.signin.Coach;
import dev.jubilee.server.signin.CoachRepository;
import dev.jubilee.server.signin.SignedIn;
import dev.jubilee.server.tenant.ClubScope;
import java.time.Clock;
import java.time.LocalDate;
import java.time.ZoneId;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.UUID;
import org.springframework.boot.ApplicationArguments;
import org.springframework.boot.ApplicationRunner;
import org.springframework.boot.autoconfigure.condition.ConditionalOnProperty;
import org.springframework.security.crypto.password.PasswordEncoder;
import org.springframework.stereotype.Component;

/**
 * Fills an empty database with the demo world and lays out the days around today. What is there
 * already stays as it is, so that a later start only adds the days that have none.
 */
@Component
@ConditionalOnProperty(name = "jubilee.demo", havingValue = "true")
class DemoSeeder implements ApplicationRunner {
  private static final int DAYS_BACK = 1;
  private static final int DAYS_AHEAD = 6;
  private static final int WEEK = 7;

  private final ClubRepository clubs;
  private final CoachRepository coaches;
  private final PasswordEncoder passwords;
  private final Athletes athletes;
  private final Sessions sessions;
  private final Prescriptions prescriptions;
  private final Blocks blocks;
  private final BlockEdits edits;
  private final DemoDay day;
  private final DemoHistory history;

  private final Clock clock;

  DemoSeeder(
      ClubRepository clubs,
      CoachRepository coaches,
      PasswordEncoder passwords,
      Athletes athletes,
      Sessions sessions,
      Prescriptions prescriptions,
      Blocks blocks,
      BlockEdits edits,
      DemoDay day,
      DemoHistory history,
      Clock clock) {
    this.clock = clock;
    this.clubs = clubs;
    this.coaches = coaches;
    this.passwords = passwords;
    this.athletes = athletes;
    this.sessions = sessions;
    this.prescriptions = prescriptions;
    this.blocks = blocks;
    this.edits = edits;
    this.day = day;
    this.history = history;
  }

  @Override
  public void run(ApplicationArguments args) {
    Coach coach =
        ClubScope.acrossClubs(
            () -> coaches.findByEmailAndRemovedAtIsNull(DemoWorld.EMAIL).orElseGet(this::settle));
    ClubScope.runWithin(coach.clubId(), () -> fill(coach));
  }

  private void fill(Coach coach) {
    LocalDate today =
        LocalDate.now(clock.withZone(clubs.findById(coach.clubId()).orElseThrow().zone()));
    Map<String, UUID> ids = new HashMap<>();
    for (AthleteView athlete : athletes.all()) {
      ids.put(athlete.profile().name(), athlete.id());
    }
    boolean first = sessions.between(coach.clubId(), today.minusDays(DAYS_BACK), today).isEmpty();
    for (int offset = -DAYS_BACK; offset <= DAYS_AHEAD; offset++) {
      LocalDate date = today.plusDays(offset);
      if (sessions.between(coach.clubId(), date, date).isEmpty()) {
        layOut(coach, date, Math.floorMod(offset, WEEK), ids, first && offset == 0);
      }
    }
    if (first) {
      LocalDate tomorrow = today.plusDays(1);
      sessions.between(coach.clubId(), tomorrow, tomorrow).stream()
          .limit(1)
          .forEach(session -> day.tell(SignedIn.of(coach), session));
    }
    if (blocks.all().isEmpty()) {
      // After the days laid out by hand, so that nobody has two sessions at once.
      LocalDate last = today.plusDays(DAYS_AHEAD);
      edits.create(
          SignedIn.of(coach),
          Optional.empty(),
          history.isTold()
              ? DemoBlock.inItsFourthWeek(today, last, ids)
              : DemoBlock.after(last, ids));
    }
    history.tell(SignedIn.of(coach), today, ids);
  }

  private Coach settle() {
    Club club = clubs.save(new Club(UUID.randomUUID(), DemoWorld.CLUB, ZoneId.systemDefault()));
    Coach coach =
        coaches.save(
            new Coach(
                UUID.randomUUID(),
                club.id(),
                DemoWorld.EMAIL,
                DemoWorld.COACH,
                passwords.encode(DemoWorld.PASSWORD),
                true));
    ClubScope.runWithin(
        club.id(),
        () ->
            DemoWorld.athletes(LocalDate.now(clock.withZone(club.zone())))
                .forEach(profile -> athletes.create(club.id(), UUID.randomUUID(), profile)));
    return coach;
  }

  /** Today's morning is prescribed already; the evening is the coach's to do. */
  private void layOut(
      Coach coach, LocalDate day, int dayOfPattern, Map<String, UUID> ids, boolean prescribe) {
    SignedIn signedIn = SignedIn.of(coach);
    List<SessionDetails> planned = DemoWorld.sessions(day, dayOfPattern, ids);
    for (int i = 0; i < planned.size(); i++) {
      SessionView session = sessions.create(coach.clubId(), UUID.randomUUID(), planned.get(i));
      if (prescribe && i < 3) {
        for (UUID athlete : planned.get(i).athleteIds()) {
          prescriptions.prescribe(signedIn, session.id(), athlete);
        }
      }
    }
  }
}
