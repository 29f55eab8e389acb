package dev.jubilee.core.shorthand;

import dev.jubilee.core.quantity.Distance;
import dev.jubilee.core.session.Aim;
import dev.jubilee.core.session.Aim.Feel;
import dev.jubilee.core.session.Aim.Figure;
import dev.jubilee.core.session.Aim.Unit;
import dev.jubilee.core.session.Zones;
import dev.jubilee.core.sport.Sport;
import java.util.List;
import java.util.Optional;
import java.util.Set;

/** How hard: words, race paces and figures among the tokens. */
final class Aims {
  private static final Set<String> WATTS = Set.of("w", "watt", "watts");
  private static final Set<String> BEATS = Set.of("bpm", "hr", "beats");
  private static final Set<String> CRITICAL =
      Set.of("threshold", "ftp", "cp", "css", "cs", "critical");

  /** Of threshold power; common practice. */
  private static final int SWEET_FROM = 88;

  private static final int SWEET_TO = 94;

  /** Efforts up to this are given as shares of a sprint, s; common practice. */
  private static final int LONGEST_SHARE_OF_TOP = 120;

  /** Most seconds that are added to a pace; with a space between, one could mean a new part. */
  private static final int MOST_ADDED = 60;

  private static final int MOST_ADDED_APART = 25;

  /** Lengths that are swum on less than a minute, m, and how soon one leaves at the least, s. */
  private static final double LONGEST_OF_SENDOFFS = 55;

  private static final int SHORTEST_SENDOFF = 20;

  /** Times of longer repeats are given in minutes, m. */
  private static final double LONGEST_IN_SECONDS = 800;

  /** Of the work's figure; common practice. */
  private static final double EASY_BESIDE = 0.65;

  private final List<Token> tokens;
  private final Lengths lengths;
  private final Sport sport;
  private final Zones zones;
  private final List<String> notes;
  private final Rates rates;

  Aims(List<Token> tokens, Lengths lengths, Sport sport, Zones zones, List<String> notes) {
    this.tokens = tokens;
    this.lengths = lengths;
    this.sport = sport;
    this.zones = zones;
    this.notes = notes;
    this.rates = new Rates(tokens, notes);
  }

  private Token token(int index) {
    return tokens.get(Math.min(index, tokens.size() - 1));
  }

  /** Whether a figure that is no length begins here: 250 W, 85 %, 24 spm, rate 24, rpe 7. */
  boolean isFigure(int at) {
    if (isWattsAKilogram(at)) {
      return true;
    }
    if (token(at).isNumber()) {
      int unit = token(at + 1).is("-") && token(at + 2).isNumber() ? at + 3 : at + 1;
      String word = token(unit).text();
      return token(unit).is("%")
          || (WATTS.contains(word) && !isWith(unit) && isByPower(word))
          || (BEATS.contains(word) && !word.equals("hr"))
          || (Rates.UNITS.contains(word) && !lengths.isCountOfStrokes(at))
          || (token(unit).is("/") && token(unit + 1).text().equals("10") && !isLength(unit + 2));
    }
    if (token(at).isClock()) {
      int slash = token(at + 1).is("-") && token(at + 2).isClock() ? at + 3 : at + 1;
      return token(slash).is("/")
          && Paces.unit(token(slash + 1)).isPresent()
          && !isLength(slash + 2);
    }
    boolean isRate =
        token(at).is("rate")
            || (token(at).is("cadence") && !token(at + 2).is("x"))
            || (token(at).is("r") && sport.isInSplits());
    boolean leads = isRate || token(at).is("rpe") || token(at).is("hr");
    return leads && token(at + 1).isNumber() && !isLength(at + 2);
  }

  /** 4 W/kg: joined or apart, with one figure or two. */
  private boolean isWattsAKilogram(int at) {
    int unit = token(at + 1).is("-") && token(at + 2).isNumber() ? at + 3 : at + 1;
    return token(at).isNumber()
        && WATTS.contains(token(unit).text())
        && token(unit + 1).is("/")
        && token(unit + 2).is("kg");
  }

  /** "w/" is "with"; "W / 1 min" is watts. */
  private boolean isWith(int at) {
    return token(at).is("w")
        && token(at + 1).is("/")
        && token(at).to() == token(at + 1).from()
        && token(at - 1).to() < token(at).from();
  }

  /** On foot and in the water a lone w is “with”. */
  private boolean isByPower(String word) {
    return sport.isByPower() || !word.equals("w");
  }

  private boolean isLength(int at) {
    return Vocabulary.SECONDS.containsKey(token(at).text()) && !token(at).is("\"");
  }

  /** Reads an aim or a rate into the line; returns the index after it. */
  int aim(int at, LineBuilder draft) {
    Token t = token(at);
    if (isZone(t)) {
      return zone(at, draft);
    }
    if (t.is("rpe") || t.is("hr")) {
      return figure(at + 1, t.is("rpe") ? Unit.EXERTION : Unit.BEATS, draft);
    }
    if (t.is("rate") || t.is("r") || t.is("cadence")) {
      return rates.take(at + 1, draft);
    }
    if (t.isWord() && Vocabulary.FEELS.containsKey(t.text())) {
      return feel(at, draft);
    }
    if (t.is("at") && sport.isInSplits()) {
      // Rowers' AT, the band at threshold.
      draft.aim = Optional.of(Feel.THRESHOLD);
      return after(at + 1);
    }
    if (isSweetSpot(t)) {
      put(draft, Unit.PERCENT_OF_CRITICAL, SWEET_FROM, SWEET_TO, t);
      return after(at + 1);
    }
    if (isRacePace(t)) {
      return paceOfRace(Vocabulary.RACE_PACES.get(t.text()), at + 1, draft, t);
    }
    if ((t.is("all") || t.is("flat")) && token(at + 1).is("out")) {
      draft.aim = Optional.of(Feel.ALL_OUT);
      return at + 2;
    }
    if (t.is("race")) {
      Token last = token(at + 1).is("pace") ? token(at + 1) : t;
      throw new ParseException(
          t.from(), last.to(), "the pace of which race? Such as @ 5 km pace", "5 km pace");
    }
    if (t.isClock()) {
      return pace(at, draft);
    }
    if (t.isNumber() && isFigure(at)) {
      return number(at, draft);
    }
    return race(at, draft);
  }

  /** Aims that are words of their own, without "@". */
  boolean isNamed(Token t) {
    return isSweetSpot(t) || isRacePace(t) || isZone(t);
  }

  private static boolean isZone(Token t) {
    return t.is("z") || t.is("zone") || t.is("zones");
  }

  /** Z4, zone 2-3, Z2-Z3: by the coach's own table. */
  private int zone(int at, LineBuilder draft) {
    if (!token(at + 1).isNumber()) {
      throw new ParseException(token(at), "which zone? Such as Z4");
    }
    int from = (int) token(at + 1).value();
    boolean isRange = token(at + 2).is("-");
    int second = isRange && isZone(token(at + 3)) ? at + 4 : at + 3;
    boolean hasSecond = isRange && token(second).isNumber();
    int to = hasSecond ? (int) token(second).value() : from;
    int last = hasSecond ? second : at + 1;
    Figure meant =
        zones
            .of(from, to)
            .orElseThrow(
                () ->
                    new ParseException(
                        token(at).from(),
                        token(last).to(),
                        "zones differ from coach to coach; say on the Club page what yours mean,"
                            + " or write easy, steady, tempo, threshold or hard"));
    notes.add(
        (from == to ? "Z" + from : "Z" + from + " to Z" + to)
            + " by your table: "
            + ShorthandWriter.of(meant).replaceFirst("@ ", "")
            + ".");
    say(draft, meant, token(at));
    return after(last + 1);
  }

  private static boolean isSweetSpot(Token t) {
    return t.is("sweetspot") || t.is("sst");
  }

  private static boolean isRacePace(Token t) {
    return t.isWord() && Vocabulary.RACE_PACES.containsKey(t.text());
  }

  /** A word of effort, with the seconds that may be added to threshold; the index after it. */
  int feel(int at, LineBuilder draft) {
    Feel feel = Vocabulary.FEELS.get(token(at).text());
    draft.isAround |= Vocabulary.AROUND.contains(token(at).text());
    Plus plus = feel == Feel.THRESHOLD ? plus(after(at + 1)) : new Plus(0, after(at + 1));
    Aim aim = plus.seconds() == 0 ? feel : new Aim.ThresholdPace(plus.seconds());
    if (draft.aim.filter(a -> !(a instanceof Feel)).isPresent() && aim instanceof Feel) {
      noteName(token(at).text(), isGentle(aim));
      draft.aim = isGentle(aim) ? Optional.of(aim) : draft.aim;
      return plus.next();
    }
    if (draft.aim.isPresent() && !draft.aim.get().equals(aim)) {
      throw new ParseException(token(at), "two aims for one effort; one is enough");
    }
    if (plus.seconds() != 0 && sport.isInWatts()) {
      throw new ParseException(
          token(at), "riders aim at power; write watts or a share of threshold");
    }
    draft.aim = Optional.of(aim);
    return plus.next();
  }

  /** Seconds added to a pace, or taken from it, and the index after them. */
  private record Plus(int seconds, int next) {}

  private Plus plus(int at) {
    Token sign = token(at);
    Token number = token(at + 1);
    boolean isSlower = sign.is("+");
    if (!(isSlower || sign.is("-")) || !number.isNumber()) {
      return new Plus(0, at);
    }
    boolean hasUnit = token(at + 2).is("s") || token(at + 2).is("sec");
    boolean isJoined = sign.to() == number.from() && number.value() <= MOST_ADDED;
    Token after = token(at + 2);
    boolean isLast = after.is(",") || after.is(";") || after.is("/") || after.isEnd();
    boolean isWritten = (hasUnit || isLast) && number.value() <= MOST_ADDED_APART;
    if (!isJoined && !isWritten) {
      return new Plus(0, at);
    }
    int next = hasUnit ? at + 3 : at + 2;
    boolean isPerMile = hasUnit && isPer(next) && Paces.isMile(token(next + 1));
    double added = isPerMile ? number.value() * 1000 / Distance.Unit.MILE.metres() : number.value();
    int seconds = (int) Math.round(added) * (isSlower ? 1 : -1);
    return new Plus(seconds, hasUnit && isPer(next) ? next + 2 : next);
  }

  /** -5 s/km, + 10 s per mile: what the seconds are counted for, as this sport counts them. */
  private boolean isPer(int at) {
    boolean isJoined = token(at).is("/") && token(at - 1).to() == token(at).from();
    Unit own =
        Paces.of(sport) == Unit.SECONDS_PER_KM && Paces.isMile(token(at + 1))
            ? Unit.SECONDS_PER_MILE
            : Paces.of(sport);
    return (isJoined || token(at).is("per")) && Paces.unit(token(at + 1)).equals(Optional.of(own));
  }

  /** Passes over what only completes an aim: pace, speed, power, O2 max. */
  int after(int at) {
    int next = at;
    while (token(next).is("pace")
        || token(next).is("effort")
        || token(next).is("speed")
        || token(next).is("power")
        || token(next).is("swim")) {
      next++;
    }
    if (token(at - 1).is("vo") && token(next).isNumber()) {
      next += token(next + 1).is("max") ? 2 : 1;
    }
    return next;
  }

  /** One number or two with a dash between them. */
  private int figure(int at, Unit unit, LineBuilder draft) {
    if (!token(at).isNumber()) {
      throw new ParseException(token(at), "which figure?");
    }
    boolean isRange = token(at + 1).is("-") && token(at + 2).isNumber();
    double first = token(at).value();
    double second = isRange ? token(at + 2).value() : first;
    put(draft, unit, first, second, token(at));
    return isRange ? at + 3 : at + 1;
  }

  private void noteName(String word, boolean isWord) {
    notes.add(
        isWord
            ? "“" + word + "” counts, not the figure beside it."
            : "What is written beside “" + word + "” counts, not the word.");
  }

  private static boolean isGentle(Aim aim) {
    return aim == Feel.EASY || aim == Feel.STEADY;
  }

  /**
   * A figure or a race pace says more than a hard word beside it, an easy word more than a figure;
   * two figures are one too many.
   */
  private void say(LineBuilder draft, Aim figure, Token where) {
    if (draft.aim.filter(a -> !(a instanceof Feel)).isPresent()) {
      throw new ParseException(where, "two aims for one effort; one is enough");
    }
    draft.aim.ifPresent(a -> noteName(ShorthandWriter.of(a), isGentle(a)));
    draft.aim = Optional.of(draft.aim.filter(Aims::isGentle).orElse(figure));
  }

  private void put(LineBuilder draft, Unit unit, double a, double b, Token where) {
    double gentle = unit.isPace() ? Math.max(a, b) : Math.min(a, b);
    double hard = unit.isPace() ? Math.min(a, b) : Math.max(a, b);
    say(draft, new Figure(unit, gentle, hard), where);
  }

  private int number(int at, LineBuilder draft) {
    int unit = token(at + 1).is("-") ? at + 3 : at + 1;
    String word = token(unit).text();
    if (Rates.UNITS.contains(word)) {
      return rates.take(at, draft);
    }
    if (isWattsAKilogram(at)) {
      if (!sport.isByPower()) {
        throw new ParseException(token(at), "runners and swimmers aim at a pace");
      }
      figure(at, Unit.WATTS_PER_KG, draft);
      return unit + 3;
    }
    if (WATTS.contains(word)) {
      figure(at, Unit.WATTS, draft);
      return unit + 1;
    }
    if (token(unit).is("/")) {
      figure(at, Unit.EXERTION, draft);
      return unit + 2;
    }
    if (!token(unit).is("%")) {
      figure(at, Unit.BEATS, draft);
      return unit + 1;
    }
    int next = token(unit + 1).is("of") ? unit + 2 : unit + 1;
    Unit of;
    if (token(next).is("hrmax") || token(next).is("lthr")) {
      of = token(next).is("lthr") ? Unit.PERCENT_OF_THRESHOLD_HEART : Unit.PERCENT_OF_MAXIMUM_HEART;
      next++;
    } else if (CRITICAL.contains(token(next).text())) {
      of = Unit.PERCENT_OF_CRITICAL;
      next = after(next + 1);
    } else if (token(next).is("top") || token(next).is("max") || token(next).is("maximum")) {
      of = Unit.PERCENT_OF_TOP;
      next = after(next + 1);
    } else {
      refuseShareOfTop(at, unit, draft);
      of = sport.isInWatts() ? Unit.PERCENT_OF_CRITICAL : Unit.PERCENT_OF_TOP;
      notes.add(
          "Per cent is read as " + (sport.isInWatts() ? "of threshold power." : "of top effort."));
    }
    figure(at, of, draft);
    return next;
  }

  /** Nobody holds a share of a sprint for minutes; what the share is of is asked. */
  private void refuseShareOfTop(int at, int percent, LineBuilder draft) {
    boolean isLong =
        draft.amounts.stream().anyMatch(a -> Timeline.secondsOf(a, sport) > LONGEST_SHARE_OF_TOP);
    if (!sport.isInWatts() && isLong) {
      throw new ParseException(
          token(at).from(),
          token(percent).to(),
          "per cent of what? Of threshold, of HRmax, of LTHR",
          tokens.get(at).text() + " % of threshold");
    }
  }

  private int pace(int at, LineBuilder draft) {
    boolean isRange = token(at + 1).is("-") && token(at + 2).isClock();
    double first = token(at).value();
    double second = isRange ? token(at + 2).value() : first;
    int next = isRange ? at + 3 : at + 1;
    draft.clock = first;
    Unit unit;
    if (token(next).is("/") && Paces.unit(token(next + 1)).isPresent()) {
      unit = Paces.unit(token(next + 1)).get();
      next += 2;
      if (token(next).is("m")) {
        next++;
      }
    } else {
      if (sport.isInWatts()) {
        throw new ParseException(token(at), "riders aim at power; write watts, such as @ 250 W");
      }
      unit = Paces.usual(draft, sport);
      draft.openClock = sport.isInWater() ? Optional.of(withSign(at)) : Optional.empty();
      double per = unit.metres();
      Optional<Double> metres = Paces.onlyDistance(draft);
      if (metres.isPresent()
          && !Paces.isUsualPace(first, per)
          && Paces.isUsualPace(first * per / metres.get(), per)) {
        return repeatTime(next, first, second, draft, token(at));
      }
      notes.add(token(at).text() + " is read as pace per " + Paces.unitWords(unit) + ".");
    }
    put(draft, unit, first, second, token(at));
    return after(next);
  }

  /** An aim so far below the work's that nobody prepares for it, and the index after it. */
  record Easy(Figure aim, int next) {}

  /** 4 min @ 50 % beside 115 %, 3 min @ 120 W beside 400 W. */
  Optional<Easy> easy(int at, Figure work) {
    if (!token(at).isNumber() || !isFigure(at)) {
      return Optional.empty();
    }
    LineBuilder left = new LineBuilder();
    int said = notes.size();
    int next = aim(at, left);
    notes.subList(said, notes.size()).clear();
    return left.aim
        .filter(a -> a instanceof Figure f && f.unit() == work.unit() && !f.unit().isPace())
        .map(Figure.class::cast)
        .filter(f -> f.high() <= EASY_BESIDE * work.low())
        .map(f -> new Easy(f, next));
  }

  /** A clock time with the sign before it. */
  private Token withSign(int at) {
    Token t = token(at);
    int from =
        at > 0 && (token(at - 1).is("@") || token(at - 1).is("at"))
            ? token(at - 1).from()
            : t.from();
    return new Token(t.type(), t.text(), t.value(), from, t.to());
  }

  /** The time of each repeat, as in 12 x 400 m @ 1:12. */
  private int repeatTime(int next, double first, double second, LineBuilder draft, Token where) {
    Unit unit = Paces.usual(draft, sport);
    double share = unit.metres() / Paces.onlyDistance(draft).orElseThrow();
    double a = Math.round(10 * first * share) / 10.0;
    double b = Math.round(10 * second * share) / 10.0;
    put(draft, unit, a, b, where);
    notes.add(
        where.text()
            + " is read as the time of each, "
            + ShorthandWriter.clock(a)
            + " per "
            + Paces.unitWords(unit)
            + ".");
    return after(next);
  }

  /** The time of each: in 72, in 1:12, in 3:30; the index after it. */
  int each(int at, LineBuilder draft) {
    Token t = token(at);
    if (Paces.onlyDistance(draft).isEmpty() || sport.isInWatts()) {
      throw new ParseException(t, "a time for each goes with one distance on foot or in water");
    }
    boolean isRange = token(at + 1).is("-") && token(at + 2).isNumber() && t.isNumber();
    if (isRange) {
      return repeatTime(at + 3, t.value(), token(at + 2).value(), draft, t);
    }
    Lengths.Found<Extent> found = lengths.amount(at, Optional.empty());
    if (found != null && found.value() instanceof Extent.Time time && !found.isBare()) {
      return repeatTime(
          found.next(), t.isClock() ? t.value() : time.seconds(), time.seconds(), draft, t);
    }
    return repeatTime(at + 1, t.value(), t.value(), draft, t);
  }

  /** 8 x 50 @ 55: of a length of the pool or two, how soon one leaves. */
  private boolean isSendOff(int at, LineBuilder draft) {
    double value = token(at).value();
    return sport.isInWater()
        && token(at).isNumber()
        && draft.rest.equals(Rest.NONE)
        && Paces.onlyDistance(draft).filter(m -> m <= LONGEST_OF_SENDOFFS).isPresent()
        && value >= SHORTEST_SENDOFF
        && value < 60
        && !Vocabulary.SECONDS.containsKey(token(at + 1).text())
        && !token(at + 1).is("on");
  }

  private int race(int at, LineBuilder draft) {
    if (isSendOff(at, draft)) {
      int seconds = (int) token(at).value();
      draft.take(new Rest.SendOff(seconds), false);
      notes.add(token(at).text() + " is read as leaving every " + seconds + " s.");
      return at + 1;
    }
    Lengths.Found<Extent> found = lengths.amount(at, Optional.empty());
    if (found != null
        && found.value() instanceof Extent.Time time
        && !sport.isInWatts()
        && Paces.onlyDistance(draft).isPresent()) {
      return repeatTime(found.next(), time.seconds(), time.seconds(), draft, token(at));
    }
    if (isTimeOfEach(at, draft)) {
      // 10 x 400 @ 72
      return repeatTime(at + 1, token(at).value(), token(at).value(), draft, token(at));
    }
    if (found == null || !(found.value() instanceof Extent.Distance distance)) {
      if (token(at).isNumber() && sport.isInWatts()) {
        notes.add(token(at).text() + " is read as watts.");
        return figure(at, Unit.WATTS, draft);
      }
      throw new ParseException(
          token(at), "how hard? Such as @ threshold, @ 5 km pace, @ 4:00/km, @ 250 W");
    }
    if (sport.isInWatts() && found.isBare()) {
      notes.add(token(at).text() + " is read as watts.");
      return figure(at, Unit.WATTS, draft);
    }
    Optional<Lengths.Found<Extent>> faster = otherRace(found.next());
    if (faster.isPresent()) {
      // 10k to 3k effort: the warm-up is for the faster of the two.
      double other = ((Extent.Distance) faster.get().value()).metres();
      notes.add("Of the two paces the faster is taken.");
      return paceOfRace(Math.min(distance.metres(), other), faster.get().next(), draft, token(at));
    }
    return paceOfRace(distance.metres(), found.next(), draft, token(at));
  }

  /** 10k to 3k, 3k-5k, 3k/5k pace. */
  private Optional<Lengths.Found<Extent>> otherRace(int at) {
    boolean isJoined =
        token(at - 1).to() == token(at).from() && token(at).to() == token(at + 1).from();
    boolean isBetween =
        token(at).is("to") || (isJoined && (token(at).is("-") || token(at).is("/")));
    if (!isBetween || !token(at + 1).isNumber()) {
      return Optional.empty();
    }
    return Optional.ofNullable(lengths.amount(at + 1, Optional.empty()))
        .filter(f -> f.value() instanceof Extent.Distance)
        .filter(f -> !f.isBare() || Vocabulary.isPace(token(f.next())))
        .filter(f -> !token(at).is("/") || Vocabulary.isPace(token(f.next())));
  }

  /** So many seconds for a short distance on foot as runners train at. */
  private boolean isTimeOfEach(int at, LineBuilder draft) {
    Optional<Double> metres = Paces.onlyDistance(draft).filter(m -> m <= LONGEST_IN_SECONDS);
    return sport.isOnFoot()
        && token(at).isNumber()
        && metres.isPresent()
        && !Vocabulary.isUnit(token(at + 1))
        && !Vocabulary.isPace(token(at + 1))
        && token(at).value() < 200
        && Paces.isUsualPace(token(at).value() * 1000 / metres.get(), 1000);
  }

  private int paceOfRace(double metres, int at, LineBuilder draft, Token where) {
    Plus plus = plus(after(at));
    say(draft, new Aim.Race(metres, plus.seconds()), where);
    return after(plus.next());
  }
}
