package dev.jubilee.core.shorthand;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.function.BooleanSupplier;
import java.util.function.IntFunction;
import java.util.function.ObjIntConsumer;

/** What is made of parts: in brackets, after a colon, after “as”. */
final class Parts {
  /** Brackets in brackets. */
  static final int DEEPEST = 3;

  private final Cursor cursor;
  private final SessionFacts whole;
  private final Lengths lengths;
  private final Recoveries recoveries;
  private final IntFunction<List<Step>> inBrackets;
  private final ObjIntConsumer<LineBuilder> words;
  private final BooleanSupplier hasLength;

  /**
   * @param inBrackets reads what stands between brackets, given how deep they are
   * @param words reads the words of one line, given how deep it stands
   * @param hasLength whether the words up to the next stop bring a length
   */
  Parts(
      Cursor cursor,
      SessionFacts whole,
      Lengths lengths,
      Recoveries recoveries,
      IntFunction<List<Step>> inBrackets,
      ObjIntConsumer<LineBuilder> words,
      BooleanSupplier hasLength) {
    this.cursor = cursor;
    this.whole = whole;
    this.lengths = lengths;
    this.recoveries = recoveries;
    this.inBrackets = inBrackets;
    this.words = words;
    this.hasLength = hasLength;
  }

  /**
   * 1 h sweet spot: 3 x 15 min / 5 min. Before a colon stands the whole, after it what is in it.
   */
  boolean takesWhatItIsOf(LineBuilder draft, int depth) {
    boolean isWhole =
        draft.amounts.size() == 1
            && draft.times.isEmpty()
            && draft.rest.equals(Rest.NONE)
            && draft.inset.isEmpty();
    if (!cursor.here().is(":") || !isWhole || cursor.isStopAt(cursor.at + 1)) {
      return false;
    }
    int colon = cursor.here().from();
    cursor.at++;
    List<Step> inside = inBrackets.apply(depth);
    if (inside.isEmpty()) {
      throw new ParseException(colon, colon + 1, "what is it made of? Write it after the colon");
    }
    draft.isWholeOf(inside);
    return true;
  }

  /** 6 x 200 as 100 swim, 100 pull: the parts of each of them, as many as make it up. */
  boolean takesHowItIsDivided(LineBuilder draft, int depth) {
    boolean isOne = draft.amounts.size() == 1 && draft.rest.equals(Rest.NONE);
    if (!cursor.here().is("as") || !isOne) {
      return false;
    }
    int from = cursor.here().from();
    double whole = Timeline.sizeOf(draft.amounts.get(0));
    List<Step> parts = new ArrayList<>();
    double sum = 0;
    do {
      cursor.at++;
      LineBuilder part = new LineBuilder();
      part.from = cursor.here().from();
      words.accept(part, depth);
      if (part.isEmpty()) {
        throw new ParseException(from, cursor.here().from(), "as what? Write the parts of each");
      }
      parts.addAll(part.steps());
      sum = parts.stream().mapToDouble(p -> Timeline.sizeOf(p, draft.amounts.get(0))).sum();
    } while (sum < whole && cursor.here().is(","));
    draft.isMadeOf(parts, from, cursor.here().from());
    return true;
  }

  boolean takesGroup(LineBuilder draft, int depth) {
    if (!cursor.here().is("(")) {
      return false;
    }
    group(draft, depth);
    return true;
  }

  private void group(LineBuilder draft, int depth) {
    int open = cursor.here().from();
    if (depth >= DEEPEST) {
      throw new ParseException(cursor.here(), "brackets go " + DEEPEST + " deep at most");
    }
    if (!draft.isEmpty() && restInBrackets(draft)) {
      return;
    }
    if (!draft.isEmpty() && isWordsOnly()) {
      cursor.at++;
      words.accept(draft, depth + 1);
      if (!cursor.here().is(")")) {
        throw new ParseException(
            open, cursor.text.length(), "this bracket is never closed", closed(open));
      }
      cursor.at++;
      return;
    }
    boolean isMadeOf = draft.amounts.size() == 1 && draft.rest.equals(Rest.NONE);
    if (!draft.isEmpty() && !isMadeOf) {
      throw new ParseException(cursor.here(), "put a comma before the bracket");
    }
    cursor.at++;
    List<Step> inside = inBrackets.apply(depth + 1);
    if (!cursor.here().is(")")) {
      throw new ParseException(
          open, cursor.text.length(), "this bracket is never closed", closed(open));
    }
    cursor.at++;
    if (inside.isEmpty()) {
      throw new ParseException(
          open, cursor.tokens.get(cursor.at - 1).to(), "nothing between the brackets");
    }
    if (isMadeOf) {
      draft.isMadeOf(inside, open, cursor.tokens.get(cursor.at - 1).to());
    } else {
      draft.grouped.addAll(inside);
    }
  }

  /** (50-60 rpm): what stands in the bracket only says how. */
  private boolean isWordsOnly() {
    int open = cursor.at;
    cursor.at++;
    boolean hasWords = !cursor.isStop() && !hasLength.getAsBoolean();
    cursor.at = open;
    return hasWords;
  }

  /** 6 x 800 (90 s): a recovery may stand in brackets. */
  private boolean restInBrackets(LineBuilder draft) {
    Optional<Extent> work = draft.work();
    Lengths.Found<Rest> found = draft.wantsRest() ? lengths.rest(cursor.at + 1, work) : null;
    if (found == null || !cursor.tokens.get(found.next()).is(")")) {
      return false;
    }
    whole.note(found.note());
    recoveries.take(draft, found);
    cursor.at++;
    return true;
  }

  private String closed(int open) {
    return cursor.text.substring(open) + ")";
  }
}
