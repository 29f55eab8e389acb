package dev.jubilee.server.merge;

import dev.jubilee.server.athlete.AthleteProfile;
import dev.jubilee.server.athlete.AthleteRow;
import dev.jubilee.server.athlete.AthleteView;
import dev.jubilee.server.athlete.Athletes;
import dev.jubilee.server.problem.ConflictException;
import dev.jubilee.server.session.Sessions;
import java.util.UUID;
import org.springframework.jdbc.core.JdbcTemplate;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** Makes one athlete of two that are one person: all or nothing. */
@Service
public class AthleteMerges {
  private final Athletes athletes;
  private final Sessions sessions;
  private final JdbcTemplate jdbc;

  AthleteMerges(Athletes athletes, Sessions sessions, JdbcTemplate jdbc) {
    this.athletes = athletes;
    this.sessions = sessions;
    this.jdbc = jdbc;
  }

  /**
   * What a merge would move.
   *
   * @param sessions in which the one takes the other's place
   * @param warmUps that become theirs
   * @param both sessions of both, where the warm-up of the one who stays counts
   * @param results that are added
   */
  public record Merge(int sessions, int warmUps, int both, int results) {}

  /** What would happen; nothing is changed. */
  @Transactional(readOnly = true)
  public Merge preview(UUID clubId, UUID who, UUID into) {
    AthleteProfile stays = athletes.profile(athletes.row(clubId, into));
    AthleteProfile goes = athletes.profile(athletes.row(clubId, who));
    return new Merge(
        count("training_session_athlete", clubId, who),
        count("prescription", clubId, who) - both(clubId, who, into),
        both(clubId, who, into),
        stays.with(goes).results().size() - stays.results().size());
  }

  /**
   * Gives the one all that is the other's; the other is archived, and can be brought back.
   *
   * @param version of the one who stays
   * @throws ConflictException if either was changed meanwhile, is in a block, or they are the same
   */
  @Transactional
  public AthleteView merge(UUID clubId, UUID who, UUID into, long version) {
    AthleteRow goes = athletes.row(clubId, who);
    AthleteRow stays = athletes.row(clubId, into);
    if (who.equals(into)) {
      throw new ConflictException("These two are one already.");
    }
    if (count("training_block_member", clubId, who) > 0) {
      throw new ConflictException(
          goes.name() + " is in a block. Take them out of it first, or merge the other way round.");
    }
    athletes.change(clubId, into, version, athletes.profile(stays).with(athletes.profile(goes)));
    sessions.replaceAthlete(clubId, who, into);
    jdbc.update(
        "UPDATE prescription p SET athlete_id = ? WHERE p.club_id = ? AND p.athlete_id = ?"
            + " AND NOT EXISTS (SELECT 1 FROM prescription o WHERE o.club_id = p.club_id"
            + " AND o.session_id = p.session_id AND o.athlete_id = ?)",
        into,
        clubId,
        who,
        into);
    jdbc.update(
        "UPDATE warm_up_record r SET athlete_id = p.athlete_id FROM prescription p"
            + " WHERE r.club_id = ? AND p.club_id = r.club_id AND p.id = r.prescription_id"
            + " AND r.athlete_id = ? AND p.athlete_id = ?",
        clubId,
        who,
        into);
    jdbc.update(
        "UPDATE question SET athlete_id = ? WHERE club_id = ? AND athlete_id = ?",
        into,
        clubId,
        who);
    // Of two routines before races in one sport that of whoever stays is kept.
    jdbc.update(
        "UPDATE race_routine r SET athlete_id = ? WHERE r.club_id = ? AND r.athlete_id = ?"
            + " AND NOT EXISTS (SELECT 1 FROM race_routine o WHERE o.club_id = r.club_id"
            + " AND o.athlete_id = ? AND o.sport = r.sport)",
        into,
        clubId,
        who,
        into);
    jdbc.update(
        "UPDATE athlete_link SET revoked_at = now()"
            + " WHERE club_id = ? AND athlete_id = ? AND revoked_at IS NULL",
        clubId,
        who);
    athletes.archive(clubId, who, athletes.one(clubId, who).version());
    return athletes.one(clubId, into);
  }

  private int both(UUID clubId, UUID who, UUID into) {
    Integer both =
        jdbc.queryForObject(
            "SELECT count(*) FROM prescription p JOIN prescription o"
                + " ON o.session_id = p.session_id AND o.club_id = p.club_id"
                + " WHERE p.club_id = ? AND p.athlete_id = ? AND o.athlete_id = ?",
            Integer.class,
            clubId,
            who,
            into);
    return both == null ? 0 : both;
  }

  private int count(String table, UUID clubId, UUID who) {
    Integer count =
        jdbc.queryForObject(
            "SELECT count(*) FROM " + table + " WHERE club_id = ? AND athlete_id = ?",
            Integer.class,
            clubId,
            who);
    return count == null ? 0 : count;
  }
}
