package dev.jubilee.core.shorthand;

import dev.jubilee.core.session.Aim;
import dev.jubilee.core.shorthand.Step.Group;
import dev.jubilee.core.shorthand.Step.Piece;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;

/** Puts "with last 30 min steady" and "with 3 x 10 min threshold" where they belong. */
final class EmbeddedSets {
  /** What is left of a session beside its efforts may be left unsaid. */
  private static final double NEARLY = 0.9;

  private EmbeddedSets() {}

  static List<Step> put(LineBuilder draft, Piece whole, LineBuilder.Inset inset) {
    if (whole.times() > 1) {
      throw new ParseException(draft.from, draft.to, "“with …” goes inside a single stretch");
    }
    if (inset.steps().stream().allMatch(EmbeddedSets::isStrides)) {
      // Strides come at the end of the easy part, not out of its length; common practice.
      List<Step> after = new ArrayList<>();
      after.add(easyUnlessSaid(whole, whole.amount()));
      after.addAll(inset.steps());
      return after;
    }
    Extent left = left(draft, whole.amount(), inset.steps());
    Piece base = easyUnlessSaid(whole, left);
    List<Step> all = new ArrayList<>();
    switch (inset.where()) {
      case FIRST -> {
        all.addAll(inset.steps());
        all.add(base);
      }
      case LAST -> {
        all.add(base);
        all.addAll(inset.steps());
      }
      case WITHIN -> {
        all.add(half(base, 1));
        all.addAll(inset.steps());
        all.add(half(base, 2));
      }
    }
    return all;
  }

  private static boolean isStrides(Step step) {
    return step instanceof Piece piece
        && (piece.extras().contains("strides") || piece.extras().contains("stride"));
  }

  private static Piece easyUnlessSaid(Piece whole, Extent amount) {
    return StepPieceBuilder.builder()
        .times(1)
        .amount(amount)
        .aim(whole.aim().or(() -> Optional.of(Aim.Feel.EASY)))
        .stroke(whole.stroke())
        .rate(whole.rate())
        .extras(whole.extras())
        .rest(Rest.NONE)
        .build();
  }

  private static Piece half(Piece base, int which) {
    Extent amount;
    if (base.amount() instanceof Extent.Time t) {
      int first = t.seconds() / 2;
      amount = new Extent.Time(which == 1 ? first : t.seconds() - first);
    } else {
      amount = Lengths.distance(((Extent.Distance) base.amount()).metres() / 2);
    }
    return StepPieceBuilder.builder(base).times(1).amount(amount).rest(Rest.NONE).build();
  }

  private static Extent left(LineBuilder draft, Extent whole, List<Step> inside) {
    boolean byClock = whole instanceof Extent.Time;
    double used = inside.stream().mapToDouble(s -> used(draft, s, byClock)).sum();
    double all = byClock ? ((Extent.Time) whole).seconds() : ((Extent.Distance) whole).metres();
    double least = byClock ? 60 : 100;
    if (all - used < least) {
      throw new ParseException(
          draft.from,
          draft.to,
          "what is inside leaves nothing of the whole; write the parts apart");
    }
    return byClock ? new Extent.Time((int) Math.round(all - used)) : Lengths.distance(all - used);
  }

  /** Whether steps and their rests take the whole of a length, or nearly. */
  static boolean isAllOf(LineBuilder draft, List<Step> steps) {
    boolean byClock = draft.amounts.get(0) instanceof Extent.Time;
    double whole = Timeline.sizeOf(draft.amounts.get(0));
    double used = steps.stream().mapToDouble(s -> used(draft, s, byClock)).sum();
    return used > NEARLY * whole && used <= whole * (2 - NEARLY);
  }

  private static double used(LineBuilder draft, Step step, boolean byClock) {
    double once;
    if (step instanceof Piece piece) {
      if (piece.amount() instanceof Extent.Time t && byClock) {
        once = t.seconds();
      } else if (piece.amount() instanceof Extent.Distance d && !byClock) {
        once = d.metres();
      } else {
        throw new ParseException(
            draft.from,
            draft.to,
            "a time and a distance cannot be taken from each other; write the parts apart");
      }
    } else {
      once = ((Group) step).steps().stream().mapToDouble(s -> used(draft, s, byClock)).sum();
    }
    double between =
        step.rest() instanceof Rest.Timed r && byClock
            ? r.seconds()
            : step.rest() instanceof Rest.OverDistance o && !byClock ? o.metres() : 0;
    return step.times() * (once + between);
  }
}
