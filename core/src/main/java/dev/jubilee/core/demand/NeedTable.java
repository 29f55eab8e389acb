package dev.jubilee.core.demand;

import static dev.jubilee.core.sport.BodyRegion.*;

import dev.jubilee.core.drill.Need;
import dev.jubilee.core.drill.Need.AnkleRange.Foot;
import dev.jubilee.core.drill.Skill;
import dev.jubilee.core.session.Session;
import dev.jubilee.core.session.SessionKind;
import dev.jubilee.core.sport.BodyRegion;
import dev.jubilee.core.sport.Sport;
import java.util.LinkedHashMap;
import java.util.Map;

/**
 * What each sport asks of joints, muscles and skills. The regions are common practice; the weights,
 * 0.3 to 3, are a Jubilee modelling choice.
 */
final class NeedTable {
  private final Map<Need, Double> weights = new LinkedHashMap<>();

  private NeedTable() {}

  /** What a session asks for: by sport, or the whole body for the gym and jumps. */
  static NeedTable of(Session session) {
    return (session.kind().isOnLand() ? wholeBody() : of(session.sport())).forKind(session.kind());
  }

  private static NeedTable wholeBody() {
    return new NeedTable()
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

  private static NeedTable of(Sport sport) {
    return switch (sport) {
      case RUN ->
          new NeedTable()
              .mobility(HIP_FLEXORS, 3)
              .mobility(HAMSTRINGS, 2.5)
              .ankles(Foot.BENT, 1.8)
              .ankles(Foot.POINTED, 0.4)
              .mobility(HIPS, 2)
              .mobility(GLUTES, 1.5)
              .mobility(CALVES, 1.5)
              .mobility(ADDUCTORS, 1.2)
              .mobility(QUADRICEPS, 1)
              .mobility(MID_BACK, 0.4)
              .activation(GLUTES, 2.5)
              .activation(CALVES, 1.6)
              .activation(FEET, 1)
              .activation(HIPS, 0.8)
              .activation(HIP_FLEXORS, 0.7)
              .activation(ANKLES, 0.7)
              .skill(Skill.POSTURE, 2)
              .skill(Skill.KNEE_LIFT, 2)
              .skill(Skill.QUICK_FEET, 1.5)
              .skill(Skill.STIFFNESS, 1.8)
              .skill(Skill.BALANCE, 0.6);
      case RIDE ->
          new NeedTable()
              .mobility(HIP_FLEXORS, 3)
              .mobility(GLUTES, 2.5)
              .mobility(QUADRICEPS, 2)
              .mobility(HIPS, 1.5)
              .mobility(MID_BACK, 1.5)
              .mobility(HAMSTRINGS, 1.2)
              .mobility(LOWER_BACK, 1)
              .mobility(NECK, 0.9)
              .mobility(WRISTS, 0.6)
              .mobility(CHEST, 0.6)
              .activation(GLUTES, 3)
              .activation(QUADRICEPS, 1.5)
              .activation(TRUNK, 0.8)
              .activation(HAMSTRINGS, 0.7)
              .activation(HIP_FLEXORS, 0.7)
              .skill(Skill.CADENCE, 2.5);
      case ROW ->
          new NeedTable()
              .mobility(HAMSTRINGS, 3)
              .ankles(Foot.BENT, 2.5)
              .mobility(MID_BACK, 2.5)
              .mobility(SHOULDER_BLADES, 2)
              .mobility(HIPS, 2)
              .mobility(LOWER_BACK, 1.2)
              .mobility(HIP_FLEXORS, 1)
              .mobility(GLUTES, 1)
              .mobility(SHOULDERS, 0.8)
              .mobility(WRISTS, 0.7)
              .activation(GLUTES, 2.5)
              .activation(QUADRICEPS, 1.5)
              .activation(SHOULDER_BLADES, 1.5)
              .activation(TRUNK, 1)
              .activation(HAMSTRINGS, 0.8)
              .skill(Skill.STROKE_SEQUENCE, 3)
              .skill(Skill.CATCH, 2);
      case SWIM ->
          new NeedTable()
              .mobility(SHOULDERS, 3)
              .mobility(SHOULDER_BLADES, 2.5)
              .mobility(MID_BACK, 2.5)
              .mobility(CHEST, 2)
              .ankles(Foot.POINTED, 1.8)
              .mobility(TRUNK, 1)
              .mobility(NECK, 0.8)
              .mobility(HIPS, 0.8)
              .mobility(ADDUCTORS, 0.6)
              .mobility(SHINS, 0.5)
              .activation(SHOULDERS, 2.5)
              .activation(SHOULDER_BLADES, 2)
              .activation(TRUNK, 1)
              .activation(GLUTES, 0.9)
              .activation(CHEST, 0.7)
              .activation(ANKLES, 0.5)
              .skill(Skill.FEEL_FOR_WATER, 2.5)
              .skill(Skill.TURNOVER, 1.5)
              .skill(Skill.KICK, 1.5);
    };
  }

  /** Weights shaped by what the session is for. */
  NeedTable forKind(SessionKind kind) {
    weights.replaceAll(
        (need, w) -> {
          if (need instanceof Need.Rehearsal) {
            return w
                * switch (kind) {
                  case EASY, LONG -> 0.3;
                  case THRESHOLD -> 0.8;
                  case INTERVALS, TIME_TRIAL, STEEPLE -> 1.0;
                  case SPRINT, HURDLES, JUMPS -> 1.5;
                  case GYM -> 0.4;
                };
          }
          return w;
        });
    if (kind == SessionKind.JUMPS) {
      skill(Skill.POSTURE, 1).skill(Skill.KNEE_LIFT, 1);
    }
    if (kind.isOverBarriers()) {
      skill(Skill.CLEARANCE, 3).mobility(HIPS, 1.5).mobility(ADDUCTORS, 1);
    }
    if (kind.isSprinted()) {
      more(new Need.Mobility(HAMSTRINGS), 0.8);
    }
    return this;
  }

  NeedTable more(Need need, double weight) {
    weights.merge(need, weight, Double::sum);
    return this;
  }

  Map<Need, Double> weights() {
    return weights;
  }

  private NeedTable mobility(BodyRegion region, double weight) {
    return more(new Need.Mobility(region), weight);
  }

  private NeedTable ankles(Foot foot, double weight) {
    return more(new Need.AnkleRange(foot), weight);
  }

  private NeedTable activation(BodyRegion region, double weight) {
    return more(new Need.Activation(region), weight);
  }

  private NeedTable skill(Skill skill, double weight) {
    return more(new Need.Rehearsal(skill), weight);
  }
}
