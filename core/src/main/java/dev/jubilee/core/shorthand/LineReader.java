package dev.jubilee.core.shorthand;

import dev.jubilee.core.session.Aim.Feel;
import dev.jubilee.core.session.Zones;
import dev.jubilee.core.sport.Sport;
import java.util.List;
import java.util.Optional;
import java.util.function.IntFunction;

/** Takes the words of one line, each where it belongs in what the line says. */
final class LineReader {
  /** A stride of 100 m takes about this; common practice. */
  private static final int STRIDE = 20;

  private final Cursor cursor;
  private final SessionFacts whole;
  private final Sport usual;
  private final Lengths lengths;
  private final Aims aims;
  private final NamedWords words;
  private final Repeats repeats;
  private final Recoveries recoveries;

  /** In the order in which they are tried; the first that fits takes what is here. */
  private final List<Form> forms;

  /**
   * @param inBrackets reads what stands between brackets, given how deep they are
   */
  LineReader(
      Cursor cursor,
      SessionFacts whole,
      Sport usual,
      Zones zones,
      IntFunction<List<Step>> inBrackets) {
    this.cursor = cursor;
    this.whole = whole;
    this.usual = usual;
    this.lengths = new Lengths(cursor.tokens, usual);
    this.aims = new Aims(cursor.tokens, lengths, usual, zones, whole.notes);
    this.words = new NamedWords(cursor, whole, usual, lengths, aims, this::part);
    this.repeats = new Repeats(cursor, whole);
    this.recoveries = new Recoveries(cursor, whole, lengths, aims, repeats);
    Parts parts =
        new Parts(
            cursor, whole, usual, lengths, recoveries, inBrackets, this::words, this::hasLength);
    BareNumbers bare = new BareNumbers(cursor, whole, usual, aims);
    this.forms =
        List.of(
            this::takesTail,
            repeats::takesTabata,
            repeats::takesTimes,
            repeats::takesSetsAfter,
            repeats::takesTimesAfter,
            repeats::takesSets,
            repeats::takesCount,
            parts::takesInTurn,
            parts::takesOddsAndEvens,
            parts::takesGroup,
            parts::takesWhatItIsOf,
            parts::takesHowItIsDivided,
            this::takesHowOneRecovers,
            bare::takesBarriers,
            this::takesAim,
            this::takesEach,
            bare::takesOnAndOff,
            bare::takesMinutes,
            this::takesLength,
            this::takesRest,
            this::takesDash,
            this::takesWord);
  }

  /** The sport where the words name none. */
  Sport usual() {
    return usual;
  }

  /** Takes the words up to the next stop where they are a recovery of what stands before them. */
  boolean takesRecovery(List<LineBuilder> drafts) {
    return recoveries.takes(drafts);
  }

  /** CD alone, after a comma: it says nothing of the efforts before. */
  boolean isWayInOrOut() {
    return Vocabulary.AROUND.contains(cursor.here().text());
  }

  /** Whether the words up to the next stop bring a length of their own. */
  boolean hasLength() {
    if (isTail()) {
      return false;
    }
    for (int i = cursor.at; !cursor.isStopAt(i); i++) {
      Token t = cursor.tokens.get(i);
      if (t.is("@")
          || t.is("at")
          || t.is("hold")
          || t.is("on")
          || t.is("rate")
          || t.is("cadence")
          || t.is("/")) {
        return false;
      }
      if (t.is("(")) {
        return true;
      }
      boolean isOfDescending = i > cursor.at && isDescending(cursor.tokens.get(i - 1));
      if ((t.isNumber() || t.isClock()) && !aims.isFigure(i) && !isOfDescending) {
        return true;
      }
      if (isOfDescending) {
        return false;
      }
      if (t.isWord() && Vocabulary.RACES.containsKey(t.text())) {
        return true;
      }
    }
    return false;
  }

  /** desc 1-4: numbers of repeats, no lengths. */
  private static boolean isDescending(Token t) {
    return Vocabulary.SAME_EXTRA.getOrDefault(t.text(), t.text()).equals("descending");
  }

  void words(LineBuilder draft, int depth) {
    while (!cursor.isStop() && !cursor.here().isEnd() && !beginsAnother(draft)) {
      word(draft, depth);
      draft.to = cursor.tokens.get(cursor.at - 1).to();
    }
  }

  /** 3 x 30 m 3 x 60 m, 4 km easy 4 km steady: what follows is a line of its own. */
  private boolean beginsAnother(LineBuilder draft) {
    if (whole.isDividing && cursor.here().is("/") && !draft.isEmpty()) {
      return true;
    }
    if (draft.isEmpty() || !cursor.here().isNumber()) {
      return false;
    }
    if (cursor.next(1).is("x")) {
      return true;
    }
    boolean isOnce = draft.times.isEmpty() && draft.sets.isEmpty() && draft.aim.isPresent();
    if (isOnce && isInUnitOfWhole()) {
      return true;
    }
    if (!isOnce || aims.isFigure(cursor.at) || isAnnounced()) {
      return false;
    }
    Lengths.Found<Extent> next = lengths.amount(cursor.at, Optional.empty());
    return next != null
        && !next.isBare()
        && Vocabulary.FEELS.containsKey(cursor.tokens.get(next.next()).text());
  }

  private boolean isAnnounced() {
    Token before = cursor.tokens.get(cursor.at - 1);
    return before.is("@") || before.is("at") || before.is("/") || before.is("in") || before.is("w");
  }

  /** A part of the stretch before it, after a comma: 12 km steady, last 3 km fast. */
  boolean takesLastPart(LineBuilder before) {
    boolean isLast = cursor.here().is("last") || cursor.here().is("final");
    boolean isMiddle = cursor.here().is("middle") && !before.isEmpty();
    if ((!isLast && !isMiddle) || isTail()) {
      return false;
    }
    part(before);
    return true;
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

  /** last 2 @ HM */
  private boolean takesTail(LineBuilder draft, int depth) {
    if (!isTail() || draft.isEmpty()) {
      return false;
    }
    if (draft.times.orElse(1) == 1 && !draft.isGroup()) {
      // 60 min easy, last 20 @ MP: of the one stretch.
      part(draft);
      return true;
    }
    int count = cursor.next(1).isNumber() ? repeats.count(cursor.next(1)) : 1;
    int from = cursor.here().from();
    cursor.at += 2;
    LineBuilder last = new LineBuilder();
    words(last, Parts.DEEPEST);
    if (!last.isOnlyAnAim() || draft.tail.isPresent()) {
      throw new ParseException(from, cursor.here().from(), "how hard are the last of them?");
    }
    draft.tail = Optional.of(new LineBuilder.Tail(count, last.aim.get()));
    return true;
  }

  /** Whether a count of the last repeats is here: last 2, final one. */
  private boolean isTail() {
    Token unit = cursor.next(2);
    boolean hasUnit =
        Vocabulary.SECONDS.containsKey(unit.text()) || Vocabulary.METRES.containsKey(unit.text());
    boolean isCount = cursor.next(1).isNumber() && cursor.next(1).value() < 25;
    return (cursor.here().is("last") || cursor.here().is("final"))
        && ((isCount && !hasUnit) || cursor.next(1).is("one"));
  }

  /** in 72 */
  private boolean takesEach(LineBuilder draft, int depth) {
    boolean isTime = cursor.next(1).isNumber() || cursor.next(1).isClock();
    if (!cursor.here().is("in") || !isTime) {
      return false;
    }
    cursor.at = aims.each(cursor.at + 1, draft);
    return true;
  }

  /** 5 x 1 min @ 400 W / 3 min @ 120 W: how a recovery is done is the athlete's own. */
  private boolean takesHowOneRecovers(LineBuilder draft, int depth) {
    boolean isAim = cursor.here().is("@") || cursor.here().is("at");
    if (!isAim || draft.rest.equals(Rest.NONE) || draft.aim.isEmpty() || !recoveries.endHere()) {
      return false;
    }
    LineBuilder left = new LineBuilder();
    left.amounts.addAll(draft.amounts);
    cursor.at = aims.aim(cursor.at + 1, left);
    whole.note("How the recovery is done is left to the athlete.");
    return true;
  }

  private boolean takesAim(LineBuilder draft, int depth) {
    boolean isAnnounced =
        cursor.here().is("@")
            || cursor.here().is("at")
            || cursor.here().is("hold")
            || cursor.here().is("holding");
    boolean isWrittenLarge =
        usual.isInSplits()
            && cursor.text.startsWith("AT", cursor.here().from())
            && (cursor.next(1).is("r") || cursor.next(1).is("rate"));
    if (cursor.here().is("at") && (isWrittenLarge || isAlone(cursor.at + 1))) {
      // Rowers' AT, the band at threshold.
      if (draft.aim.isPresent()) {
        throw new ParseException(cursor.here(), "two aims for one effort; one is enough");
      }
      draft.aim = Optional.of(Feel.THRESHOLD);
      cursor.at++;
      return true;
    }
    if (!isAnnounced && !aims.isFigure(cursor.at)) {
      return false;
    }
    cursor.at += isAnnounced ? 1 : 0;
    cursor.at = aims.aim(cursor.at, draft);
    return true;
  }

  /** Whether nothing but a recovery follows. */
  private boolean isAlone(int index) {
    Token t = cursor.tokens.get(Math.min(index, cursor.tokens.size() - 1));
    return cursor.isStopAt(Math.min(index, cursor.tokens.size() - 1)) || t.is("/") || t.is("(");
  }

  private boolean takesLength(LineBuilder draft, int depth) {
    Token t = cursor.here();
    if (!t.isNumber() && !t.isClock() && !Vocabulary.RACES.containsKey(t.text())) {
      return false;
    }
    if (isPaceOfWhatFollows(draft)) {
      cursor.at = aims.aim(cursor.at, draft);
      return true;
    }
    if (draft.isEmpty() && isInUnitOfWhole()) {
      draft.amounts.add(Lengths.times(whole.unit.get(), t.value()));
      draft.lengthFrom = t.from();
      draft.lengthTo = t.to();
      cursor.at++;
      return true;
    }
    length(draft);
    return true;
  }

  /** 15 km: 5 easy, 5 steady, 5 tempo */
  private boolean isInUnitOfWhole() {
    Token next = cursor.next(1);
    return whole.unit.isPresent()
        && cursor.here().isNumber()
        && (next.is("@") || next.is("at") || Vocabulary.FEELS.containsKey(next.text()));
  }

  /** marathon pace 3 x 5 km: the pace is said first. */
  private boolean isPaceOfWhatFollows(LineBuilder draft) {
    Lengths.Found<Extent> found =
        draft.isEmpty() && draft.times.isEmpty() && draft.aim.isEmpty()
            ? lengths.amount(cursor.at, Optional.empty())
            : null;
    return found != null
        && found.value() instanceof Extent.Distance
        && Vocabulary.isPace(cursor.tokens.get(found.next()))
        && !cursor.isStopAt(Math.min(found.next() + 1, cursor.tokens.size() - 1));
  }

  /** / 90 s, w/ 90 s */
  private boolean takesRest(LineBuilder draft, int depth) {
    boolean isWith = cursor.here().is("w");
    if (!isWith && !cursor.here().is("/")) {
      return false;
    }
    cursor.at += isWith && cursor.next(1).is("/") ? 2 : 1;
    if (isWith && !isRest(draft)) {
      part(draft);
    } else {
      slash(draft);
    }
    return true;
  }

  /** Whether what follows is a recovery rather than strides or fins. */
  private boolean isRest(LineBuilder draft) {
    boolean isCounted =
        cursor.here().isNumber() && (cursor.next(1).is("x") || Repeats.isCounted(cursor.next(1)));
    return !isCounted
        && !Vocabulary.EXTRAS.contains(cursor.here().text())
        && lengths.rest(cursor.at, draft.work()) != null;
  }

  private boolean takesDash(LineBuilder draft, int depth) {
    if (!cursor.here().is("-")) {
      return false;
    }
    if (cursor.next(1).isNumber() || cursor.next(1).isClock()) {
      // 4 x 2 km @ HM - 2 min rest
      boolean isApart = cursor.here().to() < cursor.next(1).from();
      Lengths.Found<Rest> rest = isApart ? lengths.rest(cursor.at + 1, draft.work()) : null;
      if (rest == null || rest.isBare() || !draft.wantsRest()) {
        throw negative();
      }
      recoveries.take(draft, rest);
      return true;
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

  private ParseException negative() {
    return new ParseException(
        cursor.here().from(),
        cursor.next(1).to(),
        "a length cannot be negative; up to 30 min of rest is accepted");
  }

  private void length(LineBuilder draft) {
    if (!draft.isEmpty()) {
      Lengths.Found<Extent> second = lengths.amount(cursor.at, Optional.empty());
      if (second != null && Vocabulary.isPace(cursor.tokens.get(second.next()))) {
        cursor.at = aims.aim(cursor.at, draft);
        return;
      }
      Lengths.Found<Rest> rest = lengths.rest(cursor.at, Optional.empty());
      boolean isTime = rest != null && rest.value() instanceof Rest.Timed && rest.note().isEmpty();
      // 8 x 300 choice 30 s: nobody says of a distance how many seconds it takes in such words.
      boolean isOfDistances =
          !cursor.here().isClock()
              && draft.work().filter(Extent.Distance.class::isInstance).isPresent();
      boolean isAfterAim =
          isTime
              && draft.wantsRest()
              && (draft.aim.isPresent()
                  || draft.isGroup()
                  || isOfDistances
                  || whole.kind.isPresent());
      if (isAfterAim && draft.isGroup() && rest.isBare() && usual.isInWater()) {
        whole.note(cursor.here().text() + " is read as the recovery.");
      }
      if (rest != null && rest.isLikelyRest() && (!rest.isBare() || isAfterAim)) {
        recoveries.take(draft, rest);
      } else {
        throw new ParseException(
            cursor.here(), "a second length; put a comma before it, or “jog” or “rest” after it");
      }
      return;
    }
    Lengths.Found<List<Extent>> found = lengths.amounts(cursor.at);
    draft.amounts.addAll(found.value());
    draft.lengthFrom = cursor.here().from();
    whole.note(found.note());
    cursor.at = found.next();
    draft.lengthTo = cursor.tokens.get(cursor.at - 1).to();
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
    Optional<Extent> work = draft.work();
    Lengths.Found<Rest> found = lengths.rest(cursor.at, work);
    if (found == null) {
      throw new ParseException(cursor.here(), "how long is the rest? Such as / 90 s, / 200 m jog");
    }
    recoveries.take(draft, found);
  }

  /** 20 miles with 12 @ MP: a bare number counts what the whole counts. */
  private void takesInUnitOf(LineBuilder whole, LineBuilder inside) {
    Token t = cursor.here();
    Token next = cursor.next(1);
    boolean isBare =
        t.isNumber()
            && (next.is("@") || next.is("at") || Vocabulary.FEELS.containsKey(next.text()));
    if (!isBare || whole.amounts.size() != 1) {
      return;
    }
    Extent unit = Lengths.unitOf(whole.amounts.get(0));
    inside.amounts.add(Lengths.times(unit, t.value()));
    cursor.at++;
  }

  /** A part of the one stretch before it: with the last 5 min hard. */
  private void part(LineBuilder draft) {
    boolean isHow =
        cursor.here().isWord()
            && !cursor.here().is("final")
            && (Vocabulary.EXTRAS.contains(cursor.here().text())
                || Vocabulary.KINDS.containsKey(cursor.here().text()));
    if (isHow) {
      // With fins, with barriers: how, not what.
      return;
    }
    if (isTail() && draft.times.orElse(1) > 1) {
      takesTail(draft, Parts.DEEPEST);
      return;
    }
    boolean isLast = cursor.here().is("last") || cursor.here().is("final");
    boolean isFirst = cursor.here().is("first");
    if (!isLast && !isFirst && draft.wantsRest()) {
      Lengths.Found<Rest> rest = lengths.rest(cursor.at, Optional.empty());
      if (rest != null) {
        recoveries.take(draft, rest);
        return;
      }
    }
    if (draft.isEmpty() || draft.isGroup() || draft.inset.isPresent()) {
      throw new ParseException(
          cursor.tokens.get(cursor.at - 1), "“with” follows a single stretch it is a part of");
    }
    if (isLast || isFirst || cursor.here().is("middle")) {
      cursor.at++;
    }
    LineBuilder inside = new LineBuilder();
    inside.from = cursor.here().from();
    takesInUnitOf(draft, inside);
    words(inside, Parts.DEEPEST);
    assumeStrides(inside);
    if (inside.isEmpty()) {
      throw new ParseException(inside.from, cursor.here().from(), "how long is that part?");
    }
    // A comma after it may still bring the recovery of the efforts inside.
    if (cursor.here().is(",") && inside.wantsRest()) {
      int comma = cursor.at;
      cursor.at++;
      if (!recoveries.takes(List.of(inside))) {
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
