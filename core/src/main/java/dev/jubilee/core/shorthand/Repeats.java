package dev.jubilee.core.shorthand;

import dev.jubilee.core.session.Aim.Feel;
import java.util.Optional;

/** How many times: 6 x, 8-10 x, 3 sets of, 6 strides. */
final class Repeats {
  private static final int TABATAS = 8;

  /** m */
  private static final int SHORTEST_LENGTH = 20;

  private final Cursor cursor;
  private final SessionFacts whole;

  /** Whether the times of the present line stand behind its length. */
  private boolean isAfterTimes;

  Repeats(Cursor cursor, SessionFacts whole) {
    this.cursor = cursor;
    this.whole = whole;
  }

  /** The usual rounds of 20 s and 10 s. */
  boolean takesTabata(LineBuilder draft, int depth) {
    if (!cursor.here().is("tabata") && !cursor.here().is("tabatas")) {
      return false;
    }
    if (!draft.isEmpty()) {
      throw new ParseException(cursor.here(), "put a comma before it");
    }
    cursor.at++;
    draft.sets = draft.times;
    draft.times = Optional.of(TABATAS);
    draft.amounts.add(new Extent.Time(20));
    draft.aim = Optional.of(Feel.ALL_OUT);
    draft.rest = new Rest.Timed(10, Rest.Manner.STANDING);
    whole.note("Tabata is read as 8 x 20 s all out with 10 s of rest.");
    return true;
  }

  /** 6 x …, 8-10 x … */
  boolean takesTimes(LineBuilder draft, int depth) {
    boolean isRange =
        cursor.here().isNumber()
            && cursor.next(1).is("-")
            && cursor.next(2).isNumber()
            && cursor.next(3).is("x");
    if (isRange) {
      int most = Math.max(count(cursor.here()), count(cursor.next(2)));
      cursor.at += 2;
      whole.note("Of the two numbers of repeats " + most + " are taken.");
      times(draft, most);
      cursor.at += 2;
      return true;
    }
    if (!cursor.here().isNumber() || !cursor.next(1).is("x")) {
      return false;
    }
    times(draft, count(cursor.here()));
    cursor.at += 2;
    return true;
  }

  /** … x 2 sets of 10 */
  boolean takesSetsAfter(LineBuilder draft, int depth) {
    boolean isSets = cursor.next(2).is("sets") || cursor.next(2).is("set");
    if (!cursor.here().is("x")
        || !cursor.next(1).isNumber()
        || !isSets
        || !cursor.next(3).is("of")
        || !cursor.next(4).isNumber()
        || draft.isEmpty()) {
      return false;
    }
    draft.sets = Optional.of(count(cursor.next(1)));
    cursor.at += 4;
    times(draft, count(cursor.here()));
    cursor.at++;
    return true;
  }

  /** … x 6 */
  boolean takesTimesAfter(LineBuilder draft, int depth) {
    if (!cursor.here().is("x") || !cursor.next(1).isNumber() || draft.isEmpty()) {
      return false;
    }
    isAfterTimes &= draft.times.isPresent();
    draft.isCountedAfter = draft.times.isEmpty();
    if (draft.times.isPresent() && draft.sets.isEmpty() && isAfterTimes) {
      // 40/20 x 8 x 3 sets: what comes last goes round all the rest.
      draft.sets = Optional.of(count(cursor.next(1)));
    } else {
      times(draft, count(cursor.next(1)));
      isAfterTimes = true;
    }
    cursor.at += isOfSets(cursor.next(2)) || cursor.next(2).is("times") ? 3 : 2;
    return true;
  }

  private static boolean isOfSets(Token t) {
    return t.is("set") || t.is("sets") || t.is("rounds");
  }

  /** 3 sets of … */
  boolean takesSets(LineBuilder draft, int depth) {
    Token next = cursor.next(1);
    if (!cursor.here().isNumber() || !(next.is("sets") || next.is("set") || next.is("rounds"))) {
      return false;
    }
    draft.sets = Optional.of(count(cursor.here()));
    cursor.at += cursor.next(2).is("of") ? 3 : 2;
    return true;
  }

  /** 6 strides */
  boolean takesCount(LineBuilder draft, int depth) {
    // 4 x 100 sprints: the second number is a length.
    boolean isLength = draft.times.isPresent() && cursor.here().value() >= SHORTEST_LENGTH;
    if (!cursor.here().isNumber() || isLength || !isCounted(cursor.next(1))) {
      return false;
    }
    times(draft, count(cursor.here()));
    cursor.at++;
    return true;
  }

  /** What is counted without a length: 6 strides. */
  static boolean isCounted(Token t) {
    return t.is("strides") || t.is("hills") || t.is("sprints") || t.is("starts");
  }

  int count(Token t) {
    if (t.value() != Math.rint(t.value()) || t.value() > 1000) {
      throw new ParseException(t, "how many times? A whole number from 1 to 60 is accepted");
    }
    return (int) t.value();
  }

  private void times(LineBuilder draft, int count) {
    int from = cursor.here().from();
    if (count < 1 || count > 60) {
      throw new ParseException(from, cursor.next(1).to(), count + " repeats: 1 to 60 are accepted");
    }
    if (draft.times.isPresent() && draft.sets.isEmpty()) {
      draft.sets = draft.times;
    } else if (draft.times.isPresent()) {
      throw new ParseException(from, cursor.next(1).to(), "sets of sets of sets: use brackets");
    }
    draft.times = Optional.of(count);
  }
}
