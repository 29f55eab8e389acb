package dev.jubilee.core.shorthand;

import dev.jubilee.core.session.Aim.Feel;
import dev.jubilee.core.session.SessionKind;
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
  private final IntFunction<List<Step>> inBrackets;

  /**
   * @param inBrackets reads what stands between brackets, given how deep they are
   */
  LineReader(Cursor cursor, SessionFacts whole, Sport usual, IntFunction<List<Step>> inBrackets) {
    this.cursor = cursor;
    this.whole = whole;
    this.lengths = new Lengths(cursor.tokens);
    this.aims = new Aims(cursor.tokens, lengths, usual, whole.notes);
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
    if (found.isBare() && found.value() instanceof Rest.Over over && over.metres() <= 800) {
      String length = ShorthandWriter.of(new Extent.Distance(over.metres()));
      throw new ParseException(
          cursor.here().from(),
          cursor.tokens.get(found.next() - 1).to(),
          "is " + length + " the recovery? Then write “" + length + " jog”",
          length + " jog");
    }
    boolean isLongFor =
        found.value() instanceof Rest.Lasting rest
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

  private void word(LineBuilder draft, int depth) {
    Token t = cursor.here();
    if (t.isNumber() && cursor.next(1).is("x")) {
      times(draft, count(t));
      cursor.at += 2;
    } else if (t.is("x") && cursor.next(1).isNumber() && !draft.isEmpty()) {
      times(draft, count(cursor.next(1)));
      cursor.at += 2;
    } else if (t.isNumber()
        && (cursor.next(1).is("sets") || cursor.next(1).is("set") || cursor.next(1).is("rounds"))) {
      draft.sets = Optional.of(count(t));
      cursor.at += cursor.next(2).is("of") ? 3 : 2;
    } else if (t.isNumber() && isCounted(cursor.next(1))) {
      times(draft, count(t));
      cursor.at++;
    } else if (t.is("(")) {
      group(draft, depth);
    } else if (t.is("@") || t.is("at")) {
      cursor.at++;
      cursor.at = aims.aim(cursor.at, draft);
    } else if (aims.isFigure(cursor.at)) {
      cursor.at = aims.aim(cursor.at, draft);
    } else if (t.isNumber() || t.isClock() || isNamedLength()) {
      length(draft);
    } else if (t.is("/") || (t.is("w") && cursor.next(1).is("/"))) {
      cursor.at += t.is("w") ? 2 : 1;
      slash(draft);
    } else if (t.is("-")) {
      if (cursor.next(1).isNumber() || cursor.next(1).isClock()) {
        throw negative();
      }
      cursor.at++;
    } else if (t.isWord() || t.is(":") || t.is(".")) {
      named(draft);
    } else {
      throw new ParseException(t, "“" + t.text() + "” means nothing here");
    }
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

  private boolean isNamedLength() {
    return Vocabulary.RACES.containsKey(cursor.here().text());
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
      if (second != null && isPaceWord(cursor.tokens.get(second.next()))) {
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

  private static boolean isPaceWord(Token t) {
    return t.is("pace") || t.is("effort");
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

  /** A word that stands for itself. */
  private void named(LineBuilder draft) {
    Token t = cursor.here();
    String word = t.text();
    String plain = Vocabulary.singular(word);
    if (word.equals("with") || word.equals("incl") || word.equals("including")) {
      cursor.at++;
      inset(draft);
      return;
    }
    if (word.equals("on")) {
      Lengths.Found<Extent> off = lengths.amount(cursor.at + 1, Optional.empty());
      if (off != null && off.value() instanceof Extent.Time time) {
        cursor.at = off.next();
        draft.take(new Rest.SendOff(time.seconds()), false);
        return;
      }
    }
    if (draft.isEmpty() && !draft.times.isPresent()) {
      // Nothing to rest from yet.
    } else if (Vocabulary.MANNERS.containsKey(word) || word.equals("full")) {
      Lengths.Found<Rest> rest = lengths.rest(cursor.at, Optional.empty());
      if (rest != null) {
        take(draft, rest);
        return;
      }
    }
    cursor.at++;
    if ((word.equals("all") || word.equals("flat")) && cursor.here().is("out")) {
      cursor.at++;
      draft.aim = Optional.of(Feel.ALL_OUT);
    } else if (word.equals("time") && cursor.here().is("trial")) {
      cursor.at++;
      whole.kind = Optional.of(SessionKind.TIME_TRIAL);
    } else if (word.equals("zone") || word.equals("z")) {
      throw new ParseException(
          t.from(),
          cursor.here().isNumber() ? cursor.here().to() : t.to(),
          "zones differ from coach to coach; write easy, steady, tempo, threshold or hard",
          "easy");
    } else if (plain.equals("hill")) {
      whole.isHills = true;
    } else if (word.equals("race") && isPaceWord(cursor.here())) {
      throw new ParseException(
          t.from(), cursor.here().to(), "the pace of which race?", "@ 5 km pace");
    } else if (Vocabulary.MANNERS.containsKey(word) && !Vocabulary.FEELS.containsKey(word)) {
      throw new ParseException(t, "a rest follows an effort, such as 6 x 1000 m / 90 s");
    } else if (Vocabulary.FEELS.containsKey(word)) {
      aims.feel(cursor.at - 1, draft);
      cursor.at = aims.after(cursor.at);
    } else if (Vocabulary.KINDS.containsKey(word)) {
      kind(Vocabulary.KINDS.get(word));
    } else if (Vocabulary.SPORTS.containsKey(word)) {
      whole.sport = Optional.of(Vocabulary.SPORTS.get(word));
    } else if (Vocabulary.STROKES.containsKey(word)) {
      draft.stroke = Optional.of(Vocabulary.STROKES.get(word));
      whole.sport = whole.sport.or(() -> Optional.of(Sport.SWIM));
    } else if (Vocabulary.EXTRAS.contains(word) || Vocabulary.EXTRAS.contains(plain)) {
      draft.extras.add(word);
    } else if (!Vocabulary.FILLERS.contains(word) && !word.equals(":") && !word.equals(".")) {
      Optional<String> near = Vocabulary.nearest(word);
      throw new ParseException(
          t.from(),
          t.to(),
          "“"
              + cursor.text.substring(t.from(), t.to())
              + "” is not known here"
              + near.map(n -> "; is it “" + n + "”?").orElse(""),
          near.orElse(""));
    }
  }

  private void kind(SessionKind kind) {
    Token label = cursor.tokens.get(cursor.at - 1);
    whole.kind = Optional.of(kind);
    if (kind.isOnLand()) {
      // What is lifted or jumped is the coach's own; only the kind counts for the warm-up.
      String around =
          cursor.text.substring(0, label.from()) + " " + cursor.text.substring(label.to());
      whole.free = around.replaceAll("\\s+", " ").replaceFirst("^[ :.]+", "").strip();
      cursor.at = cursor.tokens.size() - 1;
    }
  }

  private void inset(LineBuilder draft) {
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
