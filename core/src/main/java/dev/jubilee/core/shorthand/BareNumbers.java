package dev.jubilee.core.shorthand;

import dev.jubilee.core.session.SessionKind;
import dev.jubilee.core.sport.Sport;
import java.util.Optional;
import java.util.Set;

/** Numbers without a unit that tell by what stands beside them what they count. */
final class BareNumbers {
  /** Repeats that riders and rowers write without a unit: few, and of minutes; common practice. */
  private static final int MOST_LONG = 4;

  private static final int MOST_MINUTES_ON = 10;

  private static final int SHORTEST_LONG = 8;

  private static final int LONGEST_LONG = 60;

  /** Distances over hurdles, m: outdoors and in the hall. */
  private static final Set<Double> BARRIERS =
      Set.of(50.0, 60.0, 80.0, 100.0, 110.0, 200.0, 300.0, 400.0);

  private static final int MOST_BARRIERS = 12;

  private final Cursor cursor;
  private final SessionFacts whole;
  private final Sport usual;
  private final Aims aims;

  BareNumbers(Cursor cursor, SessionFacts whole, Sport usual, Aims aims) {
    this.cursor = cursor;
    this.whole = whole;
    this.usual = usual;
    this.aims = aims;
  }

  /** 2 on, 1 off: minutes where they are few, else seconds. */
  boolean takesOnAndOff(LineBuilder draft, int depth) {
    Token t = cursor.here();
    int off = cursor.next(2).is("/") || cursor.next(2).is(",") ? 3 : 2;
    boolean isBare =
        t.isNumber()
            && draft.isEmpty()
            && cursor.next(1).is("on")
            && cursor.next(off).isNumber()
            && cursor.next(off + 1).is("off");
    if (!isBare) {
      return false;
    }
    boolean isOfMinutes = t.value() <= MOST_MINUTES_ON;
    int unit = isOfMinutes ? 60 : 1;
    draft.amounts.add(new Extent.Time((int) Math.round(unit * t.value())));
    int seconds = (int) Math.round(unit * cursor.next(off).value());
    draft.take(new Rest.Timed(seconds, Rest.Manner.STANDING), false);
    whole.note("On and off are read in " + (isOfMinutes ? "minutes." : "seconds."));
    cursor.at += off + 2;
    return true;
  }

  /** WU 15, 2 x 20: minutes. */
  boolean takesMinutes(LineBuilder draft, int depth) {
    Token t = cursor.here();
    if (!t.isNumber() || !draft.isEmpty()) {
      return false;
    }
    if (!isMinutesAround(draft) && !isMinutesOnAMachine(draft)) {
      return false;
    }
    draft.amounts.add(new Extent.Time((int) Math.round(60 * t.value())));
    whole.note(shown(t.value()) + " is read as " + shown(t.value()) + " min.");
    cursor.at++;
    return true;
  }

  /** 110 H, 60 mH, 4 x 110 hurdles: what is run over barriers has its own distances. */
  boolean takesBarriers(LineBuilder draft, int depth) {
    Token t = cursor.here();
    Token unit = cursor.next(1);
    boolean isShort = (unit.is("h") && t.to() == unit.from()) || unit.is("mh");
    boolean isHurdles = isShort || unit.is("hurdles") || unit.is("hurdle");
    boolean isCount = t.isNumber() && cursor.at > 0 && cursor.tokens.get(cursor.at - 1).is("over");
    if (isCount && isHurdles && !isShort && !draft.isEmpty() && t.value() <= MOST_BARRIERS) {
      // 5 x 110 H over 5 hurdles
      draft.extras.add("over " + (int) t.value() + " hurdles");
      whole.kind = Optional.of(SessionKind.HURDLES);
      cursor.at += 2;
      return true;
    }
    if (!t.isNumber() || !draft.isEmpty() || !isHurdles || !BARRIERS.contains(t.value())) {
      return false;
    }
    draft.amounts.add(Lengths.distance(t.value()));
    whole.kind = Optional.of(SessionKind.HURDLES);
    cursor.at += 2;
    return true;
  }

  /** WU 15, 10 CD: minutes, where nothing else is written and metres would be more. */
  private boolean isMinutesAround(LineBuilder draft) {
    double value = cursor.here().value();
    Token next = cursor.next(1);
    boolean isAround = draft.isAround || (next.isWord() && Vocabulary.AROUND.contains(next.text()));
    boolean isBare =
        cursor.isStopAt(Math.min(cursor.at + 1, cursor.tokens.size() - 1))
            || Vocabulary.AROUND.contains(next.text());
    return isAround && isBare && value >= 1 && value < 100;
  }

  /** 2 x 20 @ 250 W: few and long, on the bike and in the boat. */
  private boolean isMinutesOnAMachine(LineBuilder draft) {
    boolean isMachine = usual.isByPower();
    double value = cursor.here().value();
    Token next = cursor.next(1);
    boolean hasUnit =
        Vocabulary.SECONDS.containsKey(next.text())
            || Vocabulary.METRES.containsKey(next.text())
            || next.is("-")
            || (next.is("/") && next.from() == cursor.here().to())
            || next.is("x")
            || next.is("%")
            || aims.isFigure(cursor.at);
    return isMachine
        && !hasUnit
        && draft.times.filter(n -> n <= MOST_LONG).isPresent()
        && value >= SHORTEST_LONG
        && value <= LONGEST_LONG
        && value % 25 != 0;
  }

  private static String shown(double value) {
    return value == Math.rint(value) ? String.valueOf((int) value) : String.valueOf(value);
  }
}
