package dev.jubilee.core.drill;

import dev.jubilee.core.sport.BodyRegion;

/** One thing a session asks the warm-up to prepare; drills serve needs. */
public sealed interface Need {

  /** The need as a noun phrase inside a sentence. */
  String words();

  /** Moving range in a region. */
  record Mobility(BodyRegion region) implements Need {
    @Override
    public String words() {
      return "range at the " + region.words();
    }
  }

  /** One of the ankle's two ranges; a kick wants the other than the catch. */
  record AnkleRange(Foot foot) implements Need {
    /** Where the toes go. */
    public enum Foot {
      /** As at the catch, in a squat, on a hill. */
      BENT,
      /** As in a kick. */
      POINTED
    }

    @Override
    public String words() {
      return foot == Foot.BENT ? "ankles that bend" : "feet that point";
    }
  }

  /** Muscles of a region awake and ready to push. */
  record Activation(BodyRegion region) implements Need {
    @Override
    public String words() {
      return "switched-on " + region.words();
    }
  }

  /** A skill rehearsed. */
  record Rehearsal(Skill skill) implements Need {
    @Override
    public String words() {
      return skill.words();
    }
  }
}
