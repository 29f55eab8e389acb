package dev.jubilee.core.shorthand;

import dev.jubilee.core.sport.Sport;
import java.util.List;
import java.util.Optional;
import java.util.function.IntFunction;

/** Takes the words of one line, each where it belongs in what the line says. */
final class LineReader {
  /** Brackets in brackets. */
  private static final int DEEPEST = 3;

  /** A stride of 100 m takes about this; common practice. */
  private static final int STRIDE = 20;

  /** Easy movement for longer than this and than the effort is the end of the session, s. */
  private static final int LONG_REST = 180;

  private final Cursor cursor;
  private final SessionFacts whole;
  private final Lengths lengths;
  private final Aims aims;
  private final NamedWords words;
  private final IntFunction<List<Step>> inBrackets;

  /** In the order in which they are tried; the first that fits takes what is here. */
  private final List<Form> forms =
      List.of(
          this::takesTimes,
          this::takesTimesAfter,
          this::takesSets,
          this::takesCount,
          this::takesGroup,
          this::takesAim,
          this::takesLength,
          this::takesRest,
          this::takesDash,
          this::takesWord);

  /**
   * @param inBrackets reads what stands between brackets, given how deep they are
   */
  LineReader(Cursor cursor, SessionFacts whole, Sport usual, IntFunction<List<Step>> inBrackets) {
    this.cursor = cursor;
    this.whole = whole;
    this.lengths = new Lengths(cursor.tokens);
    this.aims = new Aims(cursor.tokens, lengths, usual, whole.notes);
    this.words = new NamedWords(cursor, whole, lengths, aims, this::part);
    this.inBrackets = inBrackets;
  }

  /** The recovery that the words up to the next stop are, if they are nothing else. */
  Optional<Lengths.Found<Rest>> recovery(LineBuilder before) {
    if (!before.wantsRest()) {
      return Optional.empty();
    }
    Lengths.Found<Rest> found = lengths.rest(cursor.at, Optional.empty());
    if (found == null || !cursor.isStopAt(found.next())) {
      return Optional.empty();
    }
    if (found.isBare() && found.value() instanceof Rest.OverDistance over && over.metres() <= 800) {
      String length = ShorthandWriter.of(new Extent.Distance(over.metres()));
      throw new ParseException(
          cursor.here().from(),
          cursor.tokens.get(found.next() - 1).to(),
          "is " + length + " the recovery? Then write “" + length + " jog”",
          length + " jog");
    }
    boolean isLongFor =
        found.value() instanceof Rest.Timed rest
            && rest.manner() != Rest.Manner.STANDING
            && rest.seconds() > Math.max(LONG_REST, before.longestSeconds() * 3 / 2);
    return found.isLikelyRest() && (found.isOfSets() || !isLongFor)
        ? Optional.of(found)
        : Optional.empty();
  }

  /** Whether the words up to the next stop bring a length of their own. */
  boolean hasLength() {
    for (int i = cursor.at; !cursor.isStopAt(i); i++) {
      Token t = cursor.tokens.get(i);
      if (t.is("@") || t.is("at") || t.is("on") || t.is("rate") || t.is("/")) {
        return false;
      }
      if (t.is("(")) {
        return true;
      }
      if ((t.isNumber() || t.isClock()) && !aims.isFigure(i)) {
        return true;
      }
      if (t.isWord() && Vocabulary.RACES.containsKey(t.text())) {
        return true;
      }
    }
    return false;
  }

  void words(LineBuilder draft, int depth) {
    while (!cursor.isStop() && !cursor.here().isEnd()) {
      word(draft, depth);
      draft.to = cursor.tokens.get(cursor.at - 1).to();
    }
  }

  /** One way in which a line can go on. */
  private interface Form {

    /** Takes what is here where it has this form; else takes nothing and says so. */
    boolean takes(LineBuilder draft, int depth);
  }

  private void word(LineBuilder draft, int depth) {
    for (Form form : forms) {
      if (form.takes(draft, depth)) {
        return;
      }
    }
    Token t = cursor.here();
    throw new ParseException(t, "“" + t.text() + "” means nothing here");
  }

  /** 6 x … */
  private boolean takesTimes(LineBuilder draft, int depth) {
    if (!cursor.here().isNumber() || !cursor.next(1).is("x")) {
      return false;
    }
    times(draft, count(cursor.here()));
    cursor.at += 2;
    return true;
  }

  /** … x 6 */
  private boolean takesTimesAfter(LineBuilder draft, int depth) {
    if (!cursor.here().is("x") || !cursor.next(1).isNumber() || draft.isEmpty()) {
      return false;
    }
    times(draft, count(cursor.next(1)));
    cursor.at += 2;
    return true;
  }

  /** 3 sets of … */
  private boolean takesSets(LineBuilder draft, int depth) {
    Token next = cursor.next(1);
    if (!cursor.here().isNumber() || !(next.is("sets") || next.is("set") || next.is("rounds"))) {
      return false;
    }
    draft.sets = Optional.of(count(cursor.here()));
    cursor.at += cursor.next(2).is("of") ? 3 : 2;
    return true;
  }

  /** 6 strides */
  private boolean takesCount(LineBuilder draft, int depth) {
    if (!cursor.here().isNumber() || !isCounted(cursor.next(1))) {
      return false;
    }
    times(draft, count(cursor.here()));
    cursor.at++;
    return true;
  }

  private boolean takesGroup(LineBuilder draft, int depth) {
    if (!cursor.here().is("(")) {
      return false;
    }
    group(draft, depth);
    return true;
  }

  private boolean takesAim(LineBuilder draft, int depth) {
    boolean isAnnounced = cursor.here().is("@") || cursor.here().is("at");
    if (!isAnnounced && !aims.isFigure(cursor.at)) {
      return false;
    }
    cursor.at += isAnnounced ? 1 : 0;
    cursor.at = aims.aim(cursor.at, draft);
    return true;
  }

  private boolean takesLength(LineBuilder draft, int depth) {
    Token t = cursor.here();
    if (!t.isNumber() && !t.isClock() && !Vocabulary.RACES.containsKey(t.text())) {
      return false;
    }
    length(draft);
    return true;
  }

  /** / 90 s, w/ 90 s */
  private boolean takesRest(LineBuilder draft, int depth) {
    boolean isWith = cursor.here().is("w") && cursor.next(1).is("/");
    if (!isWith && !cursor.here().is("/")) {
      return false;
    }
    cursor.at += isWith ? 2 : 1;
    slash(draft);
    return true;
  }

  private boolean takesDash(LineBuilder draft, int depth) {
    if (!cursor.here().is("-")) {
      return false;
    }
    if (cursor.next(1).isNumber() || cursor.next(1).isClock()) {
      throw negative();
    }
    cursor.at++;
    return true;
  }

  private boolean takesWord(LineBuilder draft, int depth) {
    Token t = cursor.here();
    if (!t.isWord() && !t.is(":") && !t.is(".")) {
      return false;
    }
    words.take(draft);
    return true;
  }

  /** What is counted without a length: 6 strides. */
  private static boolean isCounted(Token t) {
    return t.is("strides") || t.is("hills") || t.is("sprints") || t.is("starts");
  }

  private ParseException negative() {
    return new ParseException(
        cursor.here().from(),
        cursor.next(1).to(),
        "a length cannot be negative; up to 30 min of rest is accepted");
  }

  private int count(Token t) {
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

  private void group(LineBuilder draft, int depth) {
    int open = cursor.here().from();
    if (depth >= DEEPEST) {
      throw new ParseException(cursor.here(), "brackets go " + DEEPEST + " deep at most");
    }
    if (!draft.isEmpty()) {
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
    draft.grouped.addAll(inside);
  }

  private String closed(int open) {
    return cursor.text.substring(open) + ")";
  }

  private void length(LineBuilder draft) {
    if (!draft.isEmpty()) {
      Lengths.Found<Extent> second = lengths.amount(cursor.at, Optional.empty());
      if (second != null && Vocabulary.isPace(cursor.tokens.get(second.next()))) {
        cursor.at = aims.aim(cursor.at, draft);
        return;
      }
      Lengths.Found<Rest> rest = lengths.rest(cursor.at, Optional.empty());
      if (rest != null && rest.isLikelyRest() && !rest.isBare()) {
        take(draft, rest);
      } else {
        throw new ParseException(
            cursor.here(), "a second length; put a comma before it, or “jog” or “rest” after it");
      }
      return;
    }
    Lengths.Found<List<Extent>> found = lengths.amounts(cursor.at);
    draft.amounts.addAll(found.value());
    whole.note(found.note());
    cursor.at = found.next();
    if (cursor.here().is("on") && lengths.isOnOff(cursor.at)) {
      cursor.at++;
    }
  }

  /** Strides without a length have the usual one. */
  void assumeStrides(LineBuilder draft) {
    if (draft.isEmpty() && draft.times.isPresent() && draft.extras.contains("strides")) {
      draft.amounts.add(new Extent.Time(STRIDE));
      whole.note("Strides of " + STRIDE + " s each are assumed.");
    }
  }

  private void slash(LineBuilder draft) {
    if (cursor.here().is("-")) {
      throw negative();
    }
    Optional<Extent> work =
        draft.amounts.isEmpty() ? Optional.empty() : Optional.of(draft.amounts.get(0));
    Lengths.Found<Rest> found = lengths.rest(cursor.at, work);
    if (found == null) {
      throw new ParseException(cursor.here(), "how long is the rest? Such as / 90 s, / 200 m jog");
    }
    whole.note(found.note());
    take(draft, found);
  }

  void take(LineBuilder draft, Lengths.Found<Rest> found) {
    cursor.at = found.next();
    draft.take(found.value(), found.isOfSets());
  }

  /** A part of the one stretch before it: with the last 5 min hard. */
  private void part(LineBuilder draft) {
    boolean isLast = cursor.here().is("last") || cursor.here().is("final");
    boolean isFirst = cursor.here().is("first");
    if (!isLast && !isFirst) {
      Lengths.Found<Rest> rest = lengths.rest(cursor.at, Optional.empty());
      if (rest != null && draft.wantsRest()) {
        take(draft, rest);
        return;
      }
    }
    if (draft.isEmpty() || draft.isGroup() || draft.inset.isPresent()) {
      throw new ParseException(
          cursor.tokens.get(cursor.at - 1), "“with” follows a single stretch it is a part of");
    }
    if (isLast || isFirst) {
      cursor.at++;
    }
    LineBuilder inside = new LineBuilder();
    inside.from = cursor.here().from();
    words(inside, DEEPEST);
    assumeStrides(inside);
    if (inside.isEmpty()) {
      throw new ParseException(inside.from, cursor.here().from(), "how long is that part?");
    }
    // A comma after it may still bring the recovery of the efforts inside.
    if (cursor.here().is(",") && inside.wantsRest()) {
      int comma = cursor.at;
      cursor.at++;
      Optional<Lengths.Found<Rest>> between = recovery(inside);
      if (between.isPresent()) {
        take(inside, between.get());
      } else {
        cursor.at = comma;
      }
    }
    LineBuilder.Inset.Where where =
        isLast
            ? LineBuilder.Inset.Where.LAST
            : isFirst ? LineBuilder.Inset.Where.FIRST : LineBuilder.Inset.Where.WITHIN;
    draft.inset = Optional.of(new LineBuilder.Inset(where, inside.steps()));
  }
}
