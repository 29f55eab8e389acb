package dev.jubilee.core.shorthand;

import dev.jubilee.core.session.Aim;
import dev.jubilee.core.session.Aim.Feel;
import dev.jubilee.core.session.SessionKind;
import dev.jubilee.core.sport.Sport;
import java.time.DayOfWeek;
import java.util.List;
import java.util.Optional;
import java.util.function.Consumer;

/** Takes words that stand for themselves: how hard, which stroke, what for. */
final class NamedWords {

  /** What a word can be. */
  private interface Meaning {

    /** Takes the word where it means this; else takes nothing and says so. */
    boolean takes(Word word, LineBuilder draft);
  }

  /**
   * @param token where it stands
   * @param singular of a word that is written for several, such as hills
   */
  private record Word(Token token, String singular) {
    boolean is(String... words) {
      return List.of(words).contains(token.text());
    }

    String text() {
      return token.text();
    }
  }

  /** Longest flying sprint, m; common practice. */
  private static final int LONGEST_FLYING = 60;

  private final Cursor cursor;
  private final SessionFacts whole;
  private final Sport usual;
  private final Lengths lengths;
  private final Aims aims;
  private final Consumer<LineBuilder> part;

  /** In the order in which they are tried. */
  private final List<Meaning> meanings =
      List.of(
          this::takesPart,
          this::takesSendOff,
          this::takesRest,
          this::takesAllOut,
          this::takesTimeTrial,
          this::takesNamedAim,
          this::takesFlying,
          this::takesHill,
          this::takesUnsaidRace,
          this::takesRestOfNothing,
          this::takesFeel,
          this::takesKind,
          this::takesSport,
          this::takesStroke,
          this::takesExtra,
          this::takesLengthsInTurn,
          this::takesDay,
          this::takesFiller);

  /**
   * @param part reads a part of a stretch, after the word that announces it
   */
  NamedWords(
      Cursor cursor,
      SessionFacts whole,
      Sport usual,
      Lengths lengths,
      Aims aims,
      Consumer<LineBuilder> part) {
    this.cursor = cursor;
    this.whole = whole;
    this.usual = usual;
    this.lengths = lengths;
    this.aims = aims;
    this.part = part;
  }

  void take(LineBuilder draft) {
    Token t = cursor.here();
    Word word = new Word(t, Vocabulary.singular(t.text()));
    for (Meaning meaning : meanings) {
      if (meaning.takes(word, draft)) {
        return;
      }
    }
    Optional<String> near = Vocabulary.nearest(t.text());
    String written = cursor.text.substring(t.from(), t.to());
    throw new ParseException(
        t.from(),
        t.to(),
        "“" + written + "” is not known here" + near.map(n -> "; is it “" + n + "”?").orElse(""),
        near.orElse(""));
  }

  private boolean takesPart(Word word, LineBuilder draft) {
    if (!word.is("with", "incl", "including")) {
      return false;
    }
    cursor.at++;
    part.accept(draft);
    return true;
  }

  /** on 1:45 */
  private boolean takesSendOff(Word word, LineBuilder draft) {
    // Swimmers leave off 1:50 as they do on 1:50.
    boolean isOff = word.is("off") && usual.isInWater() && cursor.next(1).isClock();
    if (!word.is("on", "every") && !isOff) {
      return false;
    }
    Lengths.Found<Extent> off = lengths.amount(cursor.at + 1, Optional.empty());
    if (off == null || !(off.value() instanceof Extent.Time time)) {
      return false;
    }
    cursor.at = off.next();
    draft.take(new Rest.SendOff(time.seconds()), false);
    return true;
  }

  /** walk back, full rest; nothing to rest from yet where nothing was said before. */
  private boolean takesRest(Word word, LineBuilder draft) {
    boolean isFirst = draft.isEmpty() && draft.times.isEmpty();
    boolean isHowHard = Vocabulary.FEELS.containsKey(word.text()) && !draft.wantsRest();
    boolean isNamed = Vocabulary.MANNERS.containsKey(word.text());
    if (isFirst || isHowHard || !(isNamed || word.is("full", "equal", "same"))) {
      return false;
    }
    Lengths.Found<Rest> rest = lengths.rest(cursor.at, Optional.empty());
    if (rest == null) {
      rest = lengths.rest(cursor.at, draft.work());
    }
    if (rest == null) {
      return false;
    }
    whole.note(rest.note());
    cursor.at = rest.next();
    draft.take(rest.value(), rest.isOfSets());
    return true;
  }

  private boolean takesAllOut(Word word, LineBuilder draft) {
    if (!word.is("all", "flat") || !cursor.next(1).is("out")) {
      return false;
    }
    cursor.at += 2;
    draft.aim = Optional.of(Feel.ALL_OUT);
    return true;
  }

  private boolean takesTimeTrial(Word word, LineBuilder draft) {
    if (!word.is("time") || !cursor.next(1).is("trial")) {
      return false;
    }
    cursor.at += 2;
    whole.kind = Optional.of(SessionKind.TIME_TRIAL);
    return true;
  }

  /** MP, sweet spot */
  private boolean takesNamedAim(Word word, LineBuilder draft) {
    if (!aims.isNamed(word.token())) {
      return false;
    }
    cursor.at = aims.aim(cursor.at, draft);
    return true;
  }

  /** A runner who flies does not swim. */
  private boolean takesFlying(Word word, LineBuilder draft) {
    boolean isShort =
        draft.amounts.stream()
            .allMatch(a -> a instanceof Extent.Distance d && d.metres() <= LONGEST_FLYING);
    if (!word.is("fly") || usual.isInWater() || draft.isEmpty() || !isShort) {
      return false;
    }
    cursor.at++;
    draft.extras.add("flying");
    return true;
  }

  private boolean takesHill(Word word, LineBuilder draft) {
    if (!word.singular().equals("hill") && !word.singular().equals("climb")) {
      return false;
    }
    cursor.at++;
    whole.isHills = true;
    return true;
  }

  private boolean takesUnsaidRace(Word word, LineBuilder draft) {
    if (!word.is("race") || !Vocabulary.isPace(cursor.next(1))) {
      return false;
    }
    if (draft.isOnlyADistance()) {
      // 1500 m race pace, 5 x 300
      Extent.Distance race = (Extent.Distance) draft.amounts.remove(0);
      draft.aim = Optional.of(new Aim.Race(race.metres(), 0));
      cursor.at += 2;
      return true;
    }
    throw new ParseException(
        word.token().from(), cursor.next(1).to(), "the pace of which race?", "@ 5 km pace");
  }

  private boolean takesRestOfNothing(Word word, LineBuilder draft) {
    if (!Vocabulary.MANNERS.containsKey(word.text()) || Vocabulary.FEELS.containsKey(word.text())) {
      return false;
    }
    throw new ParseException(word.token(), "a rest follows an effort, such as 6 x 1000 m / 90 s");
  }

  private boolean takesFeel(Word word, LineBuilder draft) {
    if (!Vocabulary.FEELS.containsKey(word.text())) {
      return false;
    }
    cursor.at = aims.feel(cursor.at, draft);
    return true;
  }

  private boolean takesKind(Word word, LineBuilder draft) {
    SessionKind kind = Vocabulary.KINDS.get(word.text());
    boolean isLastOf = word.is("final") && (cursor.next(1).isNumber() || cursor.next(1).isClock());
    if (kind == null || isLastOf) {
      return false;
    }
    if (kind.isOnLand()) {
      throw new ParseException(
          word.token(), "work on land is a session of its own; write one for each of them");
    }
    cursor.at++;
    whole.kind = Optional.of(together(whole.kind, kind, word.token()));
    return true;
  }

  /** Intervals say little; a race over barriers is one of barriers. */
  private static SessionKind together(Optional<SessionKind> before, SessionKind now, Token where) {
    if (before.isEmpty() || before.get() == now || before.get() == SessionKind.INTERVALS) {
      return now;
    }
    boolean isRaceOverBarriers = before.get().isOverBarriers() && now == SessionKind.TIME_TRIAL;
    if (now == SessionKind.INTERVALS || isRaceOverBarriers) {
      return before.get();
    }
    if (before.get() == SessionKind.TIME_TRIAL && now.isOverBarriers()) {
      return now;
    }
    throw new ParseException(where, "two kinds of session in one; write a session for each");
  }

  /** Words on work on land as they are kept: one line, without the sign that led to them. */
  static String free(String text) {
    String line = text.strip().replaceAll("\\s*\\R\\s*", "; ").replaceAll("\\s+", " ");
    return line.replaceFirst("^[ :.;]+", "").strip();
  }

  private boolean takesSport(Word word, LineBuilder draft) {
    if (!Vocabulary.SPORTS.containsKey(word.text())) {
      return false;
    }
    Sport sport = Vocabulary.SPORTS.get(word.text());
    if (whole.sport.isPresent() && whole.sport.get() != sport) {
      throw new ParseException(
          word.token(), "two sports in one session; write a session for each of them");
    }
    cursor.at++;
    whole.sport = Optional.of(sport);
    return true;
  }

  private boolean takesStroke(Word word, LineBuilder draft) {
    boolean isInWater = usual.isInWater() || whole.sport.filter(Sport::isInWater).isPresent();
    boolean isWayBack = word.is("back") && !isInWater;
    if (!Vocabulary.STROKES.containsKey(word.text()) || isWayBack) {
      return false;
    }
    cursor.at++;
    draft.stroke = Optional.of(Vocabulary.STROKES.get(word.text()));
    whole.sport = whole.sport.or(() -> Optional.of(Sport.SWIM));
    return true;
  }

  private boolean takesExtra(Word word, LineBuilder draft) {
    String same = Vocabulary.SAME_EXTRA.getOrDefault(word.text(), word.text());
    boolean isInWater = usual.isInWater() || whole.sport.filter(Sport::isInWater).isPresent();
    boolean isKnown =
        Vocabulary.EXTRAS.contains(same)
            || Vocabulary.EXTRAS.contains(word.singular())
            || (isInWater && Vocabulary.EXTRAS_IN_WATER.contains(same));
    if (!isKnown) {
      return false;
    }
    cursor.at++;
    if (same.equals("descending")) {
      draft.extras.add(same + groupsOf());
    } else if (!draft.extras.contains(same)) {
      draft.extras.add(same);
    }
    return true;
  }

  /** desc 1-4, desc 1-3, 4-6: over how many it goes down. */
  private String groupsOf() {
    StringBuilder ranges = new StringBuilder();
    int last = 0;
    while (true) {
      int comma = last > 0 && (cursor.here().is(",") || cursor.here().is("&")) ? 1 : 0;
      Token from = cursor.next(comma);
      Token to = cursor.next(comma + 2);
      boolean isRange = from.isNumber() && cursor.next(comma + 1).is("-") && to.isNumber();
      boolean isNext = last == 0 || from.value() == last + 1;
      boolean isEnd = !Vocabulary.isUnit(cursor.next(comma + 3)) && !cursor.next(comma + 3).is("x");
      if (!isRange || !isNext || (last > 0 && !isEnd)) {
        return ranges.toString();
      }
      ranges.append(' ').append((int) from.value()).append('-').append((int) to.value());
      last = (int) to.value();
      cursor.at += comma + 3;
    }
  }

  /** build by 25: each length of the pool faster than the one before it. */
  private boolean takesLengthsInTurn(Word word, LineBuilder draft) {
    boolean isInWater = usual.isInWater() || whole.sport.filter(Sport::isInWater).isPresent();
    if (!word.is("by") || !isInWater || draft.isEmpty() || !cursor.next(1).isNumber()) {
      return false;
    }
    draft.extras.add("by " + (int) cursor.next(1).value());
    cursor.at += cursor.next(2).is("s") || cursor.next(2).is("m") ? 3 : 2;
    return true;
  }

  /** Tue: 6 x 800 m. */
  private boolean takesDay(Word word, LineBuilder draft) {
    DayOfWeek day = Vocabulary.DAYS.get(word.text());
    if (day == null) {
      return false;
    }
    if (whole.day.filter(d -> d != day).isPresent()) {
      throw new ParseException(
          word.token(), "two days in one session; write a session for each of them");
    }
    whole.day = Optional.of(day);
    cursor.at++;
    return true;
  }

  private boolean takesFiller(Word word, LineBuilder draft) {
    // Broken 200: 4 x 50 is a name; 3 x 100 broken at 50 is swum otherwise than it is read.
    boolean isName = !word.is("broken") || (draft.isEmpty() && draft.times.isEmpty());
    if (!isName || (!Vocabulary.FILLERS.contains(word.text()) && !word.is(":", "."))) {
      return false;
    }
    cursor.at++;
    return true;
  }
}
