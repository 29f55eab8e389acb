package dev.jubilee.core.shorthand;

import dev.jubilee.core.session.Aim;
import dev.jubilee.core.sport.Sport;
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
  private final SessionFacts facts;
  private final Sport usual;
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
      SessionFacts facts,
      Sport usual,
      Lengths lengths,
      Recoveries recoveries,
      IntFunction<List<Step>> inBrackets,
      ObjIntConsumer<LineBuilder> words,
      BooleanSupplier hasLength) {
    this.cursor = cursor;
    this.facts = facts;
    this.usual = usual;
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
    boolean isHeading =
        draft.amounts.size() == 1
            && draft.times.isEmpty()
            && draft.rest instanceof Rest.Timed
            && cursor.here().is(":");
    if (isHeading && !cursor.isStopAt(cursor.at + 1)) {
      return takesWhatIsHeaded(draft, depth);
    }
    if (!cursor.here().is(":") || !isWhole || cursor.isStopAt(cursor.at + 1)) {
      return false;
    }
    int colon = cursor.here().from();
    cursor.at++;
    facts.unit = Optional.of(Lengths.unitOf(draft.amounts.get(0)));
    List<Step> inside = inBrackets.apply(depth);
    facts.unit = Optional.empty();
    if (inside.isEmpty()) {
      throw new ParseException(colon, colon + 1, "what is it made of? Write it after the colon");
    }
    draft.isWholeOf(inside);
    return true;
  }

  /** 30/15s: 3 x 13 x 30/15. What is said before the colon is said again after it. */
  private boolean takesWhatIsHeaded(LineBuilder draft, int depth) {
    int colon = cursor.here().from();
    cursor.at++;
    List<Step> inside = inBrackets.apply(depth);
    if (inside.stream().noneMatch(s -> holds(s, draft.amounts.get(0)))) {
      throw new ParseException(colon, colon + 1, "what is it made of? Write it after the colon");
    }
    draft.isHeadingOf(inside);
    return true;
  }

  private static boolean holds(Step step, Extent amount) {
    return step instanceof Step.Group group
        ? group.steps().stream().anyMatch(s -> holds(s, amount))
        : ((Step.Piece) step).amount().equals(amount);
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
    cursor.at++;
    facts.unit = Optional.of(Lengths.unitOf(draft.amounts.get(0)));
    facts.isDividing = true;
    boolean goesOn = true;
    while (goesOn) {
      LineBuilder part = new LineBuilder();
      part.from = cursor.here().from();
      words.accept(part, depth);
      if (part.isEmpty()) {
        throw new ParseException(from, cursor.here().from(), "as what? Write the parts of each");
      }
      parts.addAll(part.steps());
      sum = parts.stream().mapToDouble(p -> Timeline.sizeOf(p, draft.amounts.get(0))).sum();
      boolean isParted = cursor.here().is(",") || cursor.here().is("/") || cursor.here().is("+");
      goesOn = sum < whole && (isParted || cursor.here().isNumber());
      cursor.at += goesOn && isParted ? 1 : 0;
    }
    facts.unit = Optional.empty();
    facts.isDividing = false;
    draft.isMadeOf(parts, from, cursor.here().from());
    return true;
  }

  /** 8 x 100 fly/free by 25: each length of the pool in its own way, over and over. */
  boolean takesInTurn(LineBuilder draft, int depth) {
    boolean isOne =
        draft.amounts.size() == 1
            && draft.amounts.get(0) instanceof Extent.Distance
            && draft.rest.equals(Rest.NONE);
    int from = cursor.here().is("(") ? 1 : 0;
    List<String> ways = new ArrayList<>();
    int ahead = from;
    while (isOne && isWay(cursor.next(ahead))) {
      ways.add(cursor.next(ahead).text());
      ahead += isBetweenWays(cursor.next(ahead + 1)) && isWay(cursor.next(ahead + 2)) ? 2 : 1;
    }
    if (ways.size() < 2 || !cursor.next(ahead).is("by") || !cursor.next(ahead + 1).isNumber()) {
      refuseWaysWithoutALength(ways, ahead);
      return false;
    }
    int begin = cursor.here().from();
    Extent each = Lengths.distance(cursor.next(ahead + 1).value());
    ahead += 2;
    ahead += cursor.next(ahead).is("s") || cursor.next(ahead).is("m") ? 1 : 0;
    ahead += from == 1 && cursor.next(ahead).is(")") ? 1 : 0;
    cursor.at += ahead;
    List<Step> parts = new ArrayList<>();
    for (String way : ways) {
      parts.addAll(inOneWay(draft, each, way).steps());
    }
    draft.isMadeOf(parts, begin, cursor.tokens.get(cursor.at - 1).to());
    draft.aim = Optional.empty();
    draft.stroke = Optional.empty();
    draft.extras.clear();
    return true;
  }

  /** 12 x 50 odds fast, evens easy */
  boolean takesOddsAndEvens(LineBuilder draft, int depth) {
    boolean isOne =
        draft.amounts.size() == 1
            && draft.sets.isEmpty()
            && draft.rest.equals(Rest.NONE)
            && draft.inset.isEmpty();
    int second = isBetweenWays(cursor.next(2)) ? 3 : 2;
    boolean isPair =
        isEvery(cursor.here(), "odd")
            && isWay(cursor.next(1))
            && isEvery(cursor.next(second), "even")
            && isWay(cursor.next(second + 1));
    if (!isOne || !isPair) {
      return false;
    }
    int from = cursor.here().from();
    Extent each = draft.amounts.get(0);
    Step odd = inOneWay(draft, each, cursor.next(1).text()).steps().get(0);
    Step even = inOneWay(draft, each, cursor.next(second + 1).text()).steps().get(0);
    cursor.at += second + 2;
    draft.isInPairsOf(odd, even, from, cursor.tokens.get(cursor.at - 1).to());
    draft.aim = Optional.empty();
    draft.stroke = Optional.empty();
    draft.extras.clear();
    return true;
  }

  private static boolean isEvery(Token t, String word) {
    return t.is(word) || t.is(word + "s");
  }

  private LineBuilder inOneWay(LineBuilder draft, Extent each, String way) {
    LineBuilder part = new LineBuilder();
    part.amounts.add(each);
    part.aim = Optional.<Aim>ofNullable(Vocabulary.FEELS.get(way)).or(() -> draft.aim);
    part.stroke = Optional.ofNullable(Vocabulary.STROKES.get(way)).or(() -> draft.stroke);
    if (Vocabulary.STROKES.containsKey(way)) {
      facts.sport = facts.sport.or(() -> Optional.of(Sport.SWIM));
    }
    part.extras.addAll(draft.extras);
    if (Vocabulary.EXTRAS.contains(way) && !part.extras.contains(way)) {
      part.extras.add(way);
    }
    return part;
  }

  /** 8 x 50 fast/easy: half and half, or one after the other? */
  private void refuseWaysWithoutALength(List<String> ways, int ahead) {
    boolean isJoined =
        ways.size() > 1 && cursor.next(1).is("/") && cursor.here().to() == cursor.next(1).from();
    if (isJoined && usual.isInWater()) {
      Token last = cursor.next(ahead - 1);
      String written = cursor.text.substring(cursor.here().from(), last.to());
      throw new ParseException(
          cursor.here().from(), last.to(), "in turn by which length?", written + " by 25");
    }
  }

  private static boolean isBetweenWays(Token t) {
    return t.is("/") || t.is("-") || t.is("and") || t.is("&") || t.is(",");
  }

  private static boolean isWay(Token t) {
    return t.isWord()
        && (Vocabulary.FEELS.containsKey(t.text())
            || Vocabulary.STROKES.containsKey(t.text())
            || t.is("kick")
            || t.is("drill")
            || t.is("pull")
            || t.is("build")
            || t.is("swim"));
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
    recoveries.take(draft, found);
    cursor.at++;
    return true;
  }

  private String closed(int open) {
    return cursor.text.substring(open) + ")";
  }
}
