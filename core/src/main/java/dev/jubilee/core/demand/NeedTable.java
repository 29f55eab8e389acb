package dev.jubilee.core.demand;

import static dev.jubilee.core.sport.BodyRegion.*;

import dev.jubilee.core.drill.Need;
import dev.jubilee.core.drill.Need.AnkleRange.Foot;
import dev.jubilee.core.drill.Skill;
import dev.jubilee.core.profile.Needs;
import dev.jubilee.core.profile.Profiles;
import dev.jubilee.core.session.Session;
import dev.jubilee.core.session.SessionKind;

/**
 * What a session asks of joints, muscles and skills: its sport's needs, or those of the whole body
 * for the gym and jumps, shaped by what it is for. The weights are a Jubilee modelling choice.
 */
final class NeedTable {
  private NeedTable() {}

  static Needs of(Session session) {
    return forKind(
        session.kind().isOnLand() ? wholeBody() : new Needs(Profiles.of(session.sport()).needs()),
        session.kind());
  }

  private static Needs wholeBody() {
    return new Needs()
        .mobility(HIPS, 2.5)
        .ankles(Foot.BENT, 2)
        .mobility(MID_BACK, 2)
        .mobility(HIP_FLEXORS, 2)
        .mobility(HAMSTRINGS, 2)
        .mobility(SHOULDERS, 1.5)
        .mobility(WRISTS, 0.7)
        .mobility(ADDUCTORS, 1)
        .activation(GLUTES, 2.5)
        .activation(QUADRICEPS, 2)
        .activation(TRUNK, 1.8)
        .activation(SHOULDER_BLADES, 1.2)
        .activation(CALVES, 1)
        .skill(Skill.STIFFNESS, 1.5)
        .skill(Skill.BALANCE, 0.8);
  }

  private static Needs forKind(Needs needs, SessionKind kind) {
    needs.skillsTimes(
        switch (kind) {
          case EASY, LONG -> 0.3;
          case THRESHOLD -> 0.8;
          case INTERVALS, TIME_TRIAL, STEEPLE -> 1.0;
          case SPRINT, HURDLES, JUMPS -> 1.5;
          case GYM -> 0.4;
        });
    if (kind == SessionKind.JUMPS) {
      needs.skill(Skill.POSTURE, 1).skill(Skill.KNEE_LIFT, 1).skill(Skill.LANDING, 3);
    }
    if (kind.isOverBarriers()) {
      needs.skill(Skill.CLEARANCE, 3).mobility(HIPS, 1.5).mobility(ADDUCTORS, 1);
    }
    return kind.isSprinted() ? needs.more(new Need.Mobility(HAMSTRINGS), 0.8) : needs;
  }
}
