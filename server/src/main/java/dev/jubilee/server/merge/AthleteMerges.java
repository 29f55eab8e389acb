package dev.jubilee.server.merge;

import dev.jubilee.server.athlete.AthleteProfile;
import dev.jubilee.server.athlete.AthleteRow;
import dev.jubilee.server.athlete.AthleteView;
import dev.jubilee.server.athlete.Athletes;
import dev.jubilee.server.block.BlockMembers;
import dev.jubilee.server.handover.AthleteLinks;
import dev.jubilee.server.problem.ConflictException;
import dev.jubilee.server.session.Sessions;
import java.util.UUID;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** Makes one athlete of two that are one person: all or nothing. */
@Service
public class AthleteMerges {
  private final Athletes athletes;
  private final Sessions sessions;
  private final MergeRepository owned;
  private final BlockMembers members;
  private final AthleteLinks links;

  AthleteMerges(
      Athletes athletes,
      Sessions sessions,
      MergeRepository owned,
      BlockMembers members,
      AthleteLinks links) {
    this.athletes = athletes;
    this.sessions = sessions;
    this.owned = owned;
    this.members = members;
    this.links = links;
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
  public Merge preview(UUID who, UUID into) {
    AthleteProfile stays = athletes.profile(athletes.row(into));
    AthleteProfile goes = athletes.profile(athletes.row(who));
    int shared = owned.countShared(who, into);
    return new Merge(
        owned.countSessions(who),
        owned.countWarmUps(who) - shared,
        shared,
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
    AthleteRow goes = athletes.row(who);
    AthleteRow stays = athletes.row(into);
    if (who.equals(into)) {
      throw new ConflictException("These two are one already.");
    }
    if (members.includes(who)) {
      throw new ConflictException(
          goes.name() + " is in a block. Take them out of it first, or merge the other way round.");
    }
    athletes.change(clubId, into, version, athletes.profile(stays).with(athletes.profile(goes)));
    sessions.replaceAthlete(who, into);
    owned.giveWarmUps(who, into);
    owned.giveRecords(who, into);
    owned.giveQuestions(who, into);
    owned.giveRaceRoutines(who, into);
    links.revoke(who);
    athletes.archive(who, athletes.one(who).version());
    return athletes.one(into);
  }
}
