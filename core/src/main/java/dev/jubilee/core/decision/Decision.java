package dev.jubilee.core.decision;

import dev.jubilee.core.plan.PlanItem;
import java.util.List;

/**
 * What is done about what was seen.
 *
 * @param answer what
 * @param ground what it rests on
 * @param what as it is said to the athlete, a sentence
 * @param why the reason, with its source
 */
public record Decision(Answer answer, Ground ground, String what, String why) {

  /** Kinds of answer, in the order of their gravity. */
  public enum Kind {
    CARRY_ON,
    ADD,
    REPEAT,
    CHANGE,
    STOP
  }

  /** What is done. */
  public sealed interface Answer {
    Kind kind();

    /** What it costs, s. */
    default int seconds() {
      return 0;
    }
  }

  /** The plan goes on. */
  public record CarryOn() implements Answer {
    @Override
    public Kind kind() {
      return Kind.CARRY_ON;
    }
  }

  /** Something is put in now. */
  public record Add(PlanItem item) implements Answer {
    @Override
    public Kind kind() {
      return Kind.ADD;
    }

    @Override
    public int seconds() {
      return item.seconds();
    }
  }

  /** What was just done is done again. */
  public record Repeat(List<PlanItem> items) implements Answer {
    public Repeat {
      items = List.copyOf(items);
    }

    @Override
    public Kind kind() {
      return Kind.REPEAT;
    }

    @Override
    public int seconds() {
      return PlanItem.seconds(items);
    }
  }

  /**
   * Another session than was planned.
   *
   * @param session in shorthand
   */
  public record ChangeSession(String session) implements Answer {
    @Override
    public Kind kind() {
      return Kind.CHANGE;
    }
  }

  /** Nothing more today. */
  public record Stop() implements Answer {
    @Override
    public Kind kind() {
      return Kind.STOP;
    }
  }

  /** What a decision rests on. */
  public enum Ground {
    ALARM,
    TOO_MUCH_PAIN,
    PAIN_RISES,
    PAIN,
    NIGGLE,
    STILL_COLD,
    OUT_OF_BREATH,
    STILL_TIGHT,
    TIGHT,
    UNSTEADY,
    HEAVY_CONTACTS,
    FLAT,
    ALL_WELL
  }

  /** The graver of two; of equally grave ones the one that rests on more. */
  Decision or(Decision other) {
    int order = answer.kind().compareTo(other.answer.kind());
    if (order != 0) {
      return order > 0 ? this : other;
    }
    return ground.compareTo(other.ground) <= 0 ? this : other;
  }
}
