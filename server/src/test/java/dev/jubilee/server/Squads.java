package dev.jubilee.server;

import static java.time.DayOfWeek.MONDAY;
import static java.time.DayOfWeek.SATURDAY;
import static java.time.DayOfWeek.WEDNESDAY;

import dev.jubilee.server.RunningServer.Visitor;
import dev.jubilee.server.club.Club;
import dev.jubilee.server.club.ClubRepository;
import dev.jubilee.server.signin.Coach;
import dev.jubilee.server.signin.CoachRepository;
import dev.jubilee.server.tenant.ClubScope;
import java.time.DayOfWeek;
import java.time.ZoneId;
import java.util.EnumSet;
import java.util.Locale;
import java.util.Set;
import java.util.UUID;
import org.springframework.security.crypto.password.PasswordEncoder;
import tools.jackson.databind.json.JsonMapper;
import tools.jackson.databind.node.ArrayNode;
import tools.jackson.databind.node.ObjectNode;

/** Clubs and squads beside the demo's. */
final class Squads {
  private static final JsonMapper JSON = JsonMapper.shared();
  private static final String PASSWORD = "bracken by the weir";

  private Squads() {}

  /** The coach of a new club. */
  static Visitor coachOf(String name) throws Exception {
    Club club =
        RunningServer.bean(ClubRepository.class)
            .save(new Club(UUID.randomUUID(), name, ZoneId.of("Europe/Dublin")));
    String email = name + "-" + club.id() + "@fair.example";
    String hash = RunningServer.bean(PasswordEncoder.class).encode(PASSWORD);
    Coach coach =
        new Coach(UUID.randomUUID(), club.id(), email.toLowerCase(Locale.ROOT), name, hash, true);
    ClubScope.within(club.id(), () -> RunningServer.bean(CoachRepository.class).save(coach));
    return new Visitor().signedIn(email, PASSWORD);
  }

  /** A block from January 2041 on, three sessions a week; its id. */
  static String block(Visitor coach, int athletes, String race) throws Exception {
    return block(coach, athletes, race, EnumSet.of(MONDAY, WEDNESDAY, SATURDAY));
  }

  /** The same with a session on each of the days. */
  static String block(Visitor coach, int athletes, String race, Set<DayOfWeek> days)
      throws Exception {
    ObjectNode definition =
        JSON.createObjectNode().put("name", "Fair").put("start", "2041-01-07").put("race", race);
    ArrayNode ids =
        definition.putArray("groups").addObject().put("name", "All").putArray("athleteIds");
    for (int i = 0; i < athletes; i++) {
      String athlete =
          "{\"name\":\"Athlete %d\",\"sport\":\"RUN\",\"level\":\"INTERMEDIATE\",\"age\":30,\"deconditioned\":false}"
              .formatted(i);
      ids.add(JSON.readTree(coach.post("/api/athletes", athlete).body()).get("id").asString());
    }
    ArrayNode pattern = definition.putArray("pattern");
    for (DayOfWeek day : days) {
      pattern
          .addObject()
          .put("key", day.name())
          .put("day", day.name())
          .put("time", "18:00")
          .put("group", "All")
          .put("sport", "RUN")
          .put("shorthand", "6 x 400 m / 90 s")
          .put("place", "TRACK")
          .put("minutes", 30)
          .put("temperature", 10)
          .put("comingFrom", "DESK");
    }
    return JSON.readTree(coach.post("/api/blocks", "" + definition).body()).get("id").asString();
  }
}
