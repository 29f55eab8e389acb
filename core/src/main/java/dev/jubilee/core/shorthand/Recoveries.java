package dev.jubilee.core.shorthand;

import dev.jubilee.core.session.Aim;
import dev.jubilee.core.session.Aim.Feel;
import java.util.List;
import java.util.Optional;

/** Recoveries that stand behind a comma, and whose they are. */
final class Recoveries {
  /** A clock time that is so near to the one aimed at may be that of the next effort. */
  private static final double LIKE_THE_AIM = 0.2;

  /** Easy metres between two efforts, for a metre of one. */
  private static final double MOST_BETWEEN = 1.5;

  /** From sprint to sprint, s; common practice. */
  private static final int LONGEST_FULL = 1200;

  /** A time between two distances that is their recovery without a word, s. */
  private static final int LONGEST_BARE = 600;

  /** and so few that they are always between. */
  private static final double SHORT_WAY = 0.5;

  /** So many single efforts in a row share what is said behind them. */
  private static final int LEAST_IN_A_ROW = 3;

  /** Easy movement for longer than this and than the effort is the end of the session, s. */
  private static final int LONG_REST = 180;

  private final Cursor cursor;
  private final SessionFacts whole;
  private final Lengths lengths;
  private final Aims aims;
  private final Repeats repeats;

  /** Where the last one ended. */
  private int end = -1;

  Recoveries(Cursor cursor, SessionFacts whole, Lengths lengths, Aims aims, Repeats repeats) {
    this.cursor = cursor;
    this.whole = whole;
    this.lengths = lengths;
    this.aims = aims;
    this.repeats = repeats;
  }

  /** Takes the words up to the next stop where they are a recovery of what stands before them. */
  boolean takes(List<LineBuilder> drafts) {
    LineBuilder before = drafts.get(drafts.size() - 1);
    Optional<Lengths.Found<Rest>> recovery = after(before);
    if (recovery.isEmpty()) {
      return takesOfAll(drafts) || takesTimesOfBoth(before);
    }
    boolean isOfAny =
        recovery.get().value() instanceof Rest.Timed
            || recovery.get().value() instanceof Rest.WayBack;
    if (isOfAny && before.isRepeatedWithoutRest() && !recovery.get().isOfSets()) {
      share(drafts, recovery.get());
    }
    take(before, recovery.get());
    return true;
  }

  void take(LineBuilder draft, Lengths.Found<Rest> found) {
    whole.note(found.note());
    cursor.at = found.next();
    end = cursor.at;
    draft.take(found.value(), found.isOfSets());
  }

  /** Whether one has just been taken. */
  boolean endHere() {
    return cursor.at == end;
  }

  /** The recovery that the words up to the next stop are, if they are nothing else. */
  private Optional<Lengths.Found<Rest>> after(LineBuilder before) {
    if (!before.wantsRest()) {
      return restOfOne(before);
    }
    Lengths.Found<Rest> found = restAfter(before);
    Optional<Lengths.Found<Rest>> ofSets = ofSetsAfter(found, before);
    if (ofSets.isPresent()) {
      take(before, found);
      return ofSets;
    }
    refuseAnother(found);
    Optional<Lengths.Found<Rest>> aimed = aimedRest(found, before);
    if (aimed.isPresent()) {
      return aimed;
    }
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
    if (isWayOut(found.value(), before)) {
      return Optional.empty();
    }
    boolean isLongFor =
        found.value() instanceof Rest.Timed rest
            && rest.manner() != Rest.Manner.STANDING
            && rest.manner() != Rest.Manner.WALK
            && rest.seconds() > Math.max(LONG_REST, before.longestSeconds() * 3 / 2);
    double likeTheAim = cursor.here().value() / before.clock;
    if (cursor.here().isClock()
        && found.isBare()
        && likeTheAim > 1 - LIKE_THE_AIM
        && likeTheAim < 1 + LIKE_THE_AIM) {
      throw new ParseException(
          cursor.here(), "a recovery or another pace? Write “/” before a recovery");
    }
    if (lengths.isSaidToBeBetween(cursor.at, found.next())) {
      return Optional.of(found);
    }
    boolean isShortWay =
        !found.isBare()
            && found.value() instanceof Rest.OverDistance over
            && before.work().orElse(null) instanceof Extent.Distance work
            && over.metres() <= SHORT_WAY * work.metres();
    boolean isFullRest =
        before.isVeryHard()
            && found.value() instanceof Rest.Timed full
            && full.seconds() <= LONGEST_FULL;
    boolean isRest =
        (found.isLikelyRest() || isShortWay || isFullRest)
            && (found.isOfSets() || !isLongFor || before.isVeryHard());
    if (isRest && isLongFor && !found.isOfSets()) {
      String words = ShorthandWriter.recovery(found.value()).substring(2);
      whole.note("“" + words + "” is read as the recovery between the efforts.");
    }
    return isRest ? Optional.of(found) : Optional.empty();
  }

  /** 10 x 300, 100 walk / 200 jog: there are no sets that the second could be of. */
  private void refuseAnother(Lengths.Found<Rest> found) {
    if (found == null || found.isBare() || !cursor.tokens.get(found.next()).is("/")) {
      return;
    }
    Lengths.Found<Rest> second = lengths.rest(found.next() + 1, Optional.empty());
    if (second != null && cursor.isStopAt(second.next())) {
      throw new ParseException(
          cursor.here().from(),
          cursor.tokens.get(second.next() - 1).to(),
          "two recoveries for one effort; one is enough");
    }
  }

  /** 4 x 4 min @ 115 %, 4 min @ 50 %: what is so easy is the recovery. */
  private Optional<Lengths.Found<Rest>> aimedRest(Lengths.Found<Rest> found, LineBuilder before) {
    boolean isTime = found != null && found.isBare() && found.value() instanceof Rest.Timed;
    if (!isTime || !(before.aim.orElse(null) instanceof Aim.Figure work)) {
      return Optional.empty();
    }
    int at = found.next();
    boolean isAnnounced = cursor.tokens.get(at).is("@") || cursor.tokens.get(at).is("at");
    Optional<Aims.Easy> easy = isAnnounced ? aims.easy(at + 1, work) : Optional.empty();
    if (easy.isEmpty() || !cursor.isStopAt(easy.get().next())) {
      return Optional.empty();
    }
    whole.note("How the recovery is done is left to the athlete.");
    Rest rest = new Rest.Timed(((Rest.Timed) found.value()).seconds(), Rest.Manner.EASY);
    return Optional.of(new Lengths.Found<>(rest, easy.get().next(), "", false, false));
  }

  /** 8 x 50 fast, 200 easy: so much further than an effort is the way out of the session. */
  private static boolean isWayOut(Rest rest, LineBuilder before) {
    return rest instanceof Rest.OverDistance over
        && over.manner() == Rest.Manner.EASY
        && before.work().orElse(null) instanceof Extent.Distance work
        && over.metres() > MOST_BETWEEN * work.metres();
  }

  /** 4 x 300 + 4 x 150, 3 min: what is said at the end is said of all that have no other. */
  private void share(List<LineBuilder> drafts, Lengths.Found<Rest> last) {
    boolean isShared = false;
    for (int i = drafts.size() - 2; i >= 0 && drafts.get(i).isCountedWithoutRest(); i--) {
      drafts.get(i).take(last.value(), false);
      isShared = true;
    }
    if (isShared) {
      whole.note("The recovery is read as that of all of them.");
    }
  }

  /** 8 min hard, 4 min rest, 8 min hard: a rest after a single effort, where it is called one. */
  private Optional<Lengths.Found<Rest>> restOfOne(LineBuilder before) {
    if (!before.isSingleWithoutRest() || !cursor.here().isNumber()) {
      return Optional.empty();
    }
    Lengths.Found<Rest> found = lengths.rest(cursor.at, Optional.empty());
    boolean isCalledRest =
        found != null
            && found.value() instanceof Rest.Timed timed
            && timed.manner() == Rest.Manner.STANDING
            && !found.isBare();
    boolean isBetween = !isCalledRest && isBetweenAimed(found, before);
    boolean isFollowed =
        (isCalledRest || isBetween)
            && cursor.isStopAt(found.next())
            && !cursor.tokens.get(found.next()).isEnd();
    if (isFollowed && isBetween) {
      whole.note(
          ShorthandWriter.recovery(found.value()).substring(2) + " is read as the recovery.");
    }
    return isFollowed ? Optional.of(found) : Optional.empty();
  }

  /** 600 @ 3k, 1 min, 200 fast: between distances that say how hard, a time that does not. */
  private boolean isBetweenAimed(Lengths.Found<Rest> found, LineBuilder before) {
    boolean isTime =
        found != null
            && found.value() instanceof Rest.Timed timed
            && timed.seconds() <= LONGEST_BARE;
    if (!isTime
        || before.aim.isEmpty()
        || !(before.amounts.get(0) instanceof Extent.Distance)
        || !cursor.tokens.get(found.next()).is(",")) {
      return false;
    }
    int next = found.next() + 1;
    Lengths.Found<Extent> other =
        cursor.tokens.get(next).isNumber() ? lengths.amount(next, Optional.empty()) : null;
    if (other == null || !(other.value() instanceof Extent.Distance)) {
      return false;
    }
    Token how = cursor.tokens.get(other.next());
    return how.is("@") || how.is("at") || Vocabulary.FEELS.containsKey(how.text());
  }

  /** A bare number that a word says is a recovery is counted as the effort is: 5 off. */
  private Lengths.Found<Rest> restAfter(LineBuilder before) {
    Lengths.Found<Rest> found = lengths.rest(cursor.at, Optional.empty());
    if (found != null || !cursor.here().isNumber() || cursor.isStopAt(cursor.at + 1)) {
      return found;
    }
    Lengths.Found<Rest> like = lengths.rest(cursor.at, before.work());
    return like != null && cursor.isStopAt(like.next()) ? like : null;
  }

  /** 2 min hard, 1 min easy x 10: what is done in turn is counted at the end. */
  private boolean takesTimesOfBoth(LineBuilder before) {
    boolean isHard = before.aim.filter(a -> a != Feel.EASY).isPresent();
    if (!before.isSingleWithoutRest() || !isHard) {
      return false;
    }
    Lengths.Found<Rest> found = lengths.rest(cursor.at, Optional.empty());
    if (found == null || found.isBare() || !cursor.tokens.get(found.next()).is("x")) {
      return false;
    }
    take(before, found);
    return repeats.takesTimesAfter(before, 0);
  }

  /** 400 fast, 300 fast, 200 fast, 3 min rest: after a row of single efforts, of each of them. */
  private boolean takesOfAll(List<LineBuilder> drafts) {
    boolean isRow =
        drafts.size() >= LEAST_IN_A_ROW
            && drafts.get(drafts.size() - 1).isSingleWithoutRest()
            && drafts.stream().allMatch(d -> d.isSingleWithoutRest() || d.isRepeatedWithoutRest())
            && drafts.stream().map(d -> d.amounts.get(0).getClass()).distinct().count() == 1;
    Lengths.Found<Rest> found = isRow ? lengths.rest(cursor.at, Optional.empty()) : null;
    boolean isLast = found != null && cursor.isStopAt(found.next());
    boolean isOfDistances = isRow && drafts.get(0).work().orElseThrow() instanceof Extent.Distance;
    boolean isEnd = isLast && cursor.tokens.get(found.next()).isEnd();
    boolean isSaid = isLast && (!found.isBare() || (isOfDistances && isEnd));
    if (!isSaid || !(found.value() instanceof Rest.Timed) || !found.isLikelyRest()) {
      return false;
    }
    LineBuilder last = drafts.get(drafts.size() - 1);
    boolean isOnlyTheLastAimed =
        last.aim.isPresent()
            && drafts.subList(0, drafts.size() - 1).stream().allMatch(d -> d.aim.isEmpty());
    for (LineBuilder draft : drafts) {
      take(draft, found);
      draft.aim = isOnlyTheLastAimed ? last.aim : draft.aim;
    }
    whole.note("The recovery is read as that after each of them.");
    return true;
  }

  /** 90 s / 6 min: the recovery between repeats, then the one between sets. */
  private Optional<Lengths.Found<Rest>> ofSetsAfter(Lengths.Found<Rest> first, LineBuilder before) {
    boolean hasSets = before.sets.isPresent() || before.hasRestlessSet();
    if (first == null || !hasSets || !cursor.tokens.get(first.next()).is("/")) {
      return Optional.empty();
    }
    Lengths.Found<Rest> second = lengths.rest(first.next() + 1, Optional.empty());
    return Optional.ofNullable(second).filter(s -> cursor.isStopAt(s.next()));
  }
}
