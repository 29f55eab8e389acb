package dev.jubilee.core.shorthand;

import dev.jubilee.core.quantity.Distance;
import dev.jubilee.core.sport.Sport;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.Set;

/** Distances, times and recoveries among the tokens. */
final class Lengths {

  /**
   * Something found.
   *
   * @param next index of the token after it
   * @param note what was assumed, or empty
   * @param isBare whether it is a length without a word
   * @param isOfSets whether the words say it stands between sets
   */
  record Found<T>(T value, int next, String note, boolean isBare, boolean isOfSets) {
    static <T> Found<T> of(T value, int next) {
      return new Found<>(value, next, "", false, false);
    }

    /** Whether a length after a comma is a recovery rather than more work; common practice. */
    boolean isLikelyRest() {
      if (value instanceof Rest.Timed r) {
        boolean isMoving = r.manner() != Rest.Manner.STANDING;
        boolean isOnTheMove = isMoving && r.manner() != Rest.Manner.WALK;
        return isOfSets || r.seconds() <= (isOnTheMove ? 300 : 600);
      }
      return !(value instanceof Rest.OverDistance o)
          || isOfSets
          || o.manner() == Rest.Manner.FLOAT
          || (!isBare && o.metres() <= 800);
    }
  }

  private static final Set<String> BETWEEN =
      Set.of(
          "between",
          "btw",
          "btwn",
          "rest",
          "recovery",
          "recoveries",
          "rec",
          "off",
          "interval",
          "after",
          "the",
          "each");

  /** Longest piece at one rate that is written without a unit, min; common practice. */
  private static final int LONGEST_AT_RATE = 90;

  /** Longest stretch of a fartlek that is written without a unit, min; common practice. */
  private static final int LONGEST_FARTLEK = 10;

  private static final Set<String> ENDS = Set.of(",", ";", ")", "/");

  /** Strokes a minute where no rate is said; common practice of rowers. */
  private static final double USUAL_RATE = 30;

  private final List<Token> tokens;
  private final Sport usual;

  Lengths(List<Token> tokens, Sport usual) {
    this.tokens = tokens;
    this.usual = usual;
  }

  private Token token(int index) {
    return tokens.get(Math.min(index, tokens.size() - 1));
  }

  /** One amount or several in a row, as in 400-800-400. */
  Found<List<Extent>> amounts(int at) {
    List<Token> row = new ArrayList<>();
    int i = at;
    String between = isLadder(at) ? "/" : "-";
    while (token(i).isNumber() && token(i + 1).is(between) && token(i + 2).isNumber()) {
      row.add(token(i));
      i += 2;
    }
    if (row.isEmpty()) {
      Found<Extent> one = amount(at, Optional.empty());
      if (one == null) {
        Token t = token(at);
        throw new ParseException(
            t.from(),
            t.to(),
            t.text()
                + " of what? Write "
                + t.text()
                + " s, "
                + t.text()
                + " min or "
                + t.text()
                + " km",
            t.text() + " min");
      }
      return new Found<>(List.of(one.value()), one.next(), one.note(), one.isBare(), false);
    }
    row.add(token(i));
    if (row.size() == 2 && Vocabulary.SECONDS.containsKey(token(i + 1).text())) {
      // 20-25 min: the longer of the two.
      Token longer = row.get(0).value() > row.get(1).value() ? row.get(0) : row.get(1);
      double seconds = longer.value() * Vocabulary.SECONDS.get(token(i + 1).text());
      return new Found<>(
          List.of(new Extent.Time((int) Math.round(seconds))),
          i + 2,
          "Of the two lengths the longer is taken.",
          false,
          false);
    }
    if (row.size() == 2) {
      throw new ParseException(
          row.get(0).from(), row.get(1).to(), "a range of lengths; write one, or three in a row");
    }
    Found<Extent> last = amount(i, Optional.empty());
    if (last == null && isOfMinutes(at, row)) {
      // fartlek: 1-2-3-2-1
      last = noted(new Extent.Time((int) (60 * token(i).value())), i, token(i).value(), "min");
    }
    if (last == null) {
      throw new ParseException(
          row.get(0).from(), row.get(row.size() - 1).to(), "of what? Add s, min or m");
    }
    List<Extent> all = new ArrayList<>();
    for (Token t : row.subList(0, row.size() - 1)) {
      all.add(like(last.value(), token(i), t));
    }
    all.add(last.value());
    return new Found<>(all, last.next(), last.note(), false, false);
  }

  /** Whether small numbers follow minutes or a fartlek, and so are minutes themselves. */
  private boolean isOfMinutes(int at, List<Token> row) {
    boolean isSmall = row.stream().allMatch(t -> t.value() <= LONGEST_FARTLEK);
    return isSmall
        && tokens.subList(0, at).stream()
            .anyMatch(t -> t.is("fartlek") || Vocabulary.SECONDS.getOrDefault(t.text(), 0) == 60);
  }

  static boolean isInMiles(double metres) {
    double miles = metres / Distance.Unit.MILE.metres();
    return miles >= 0.2 && Math.abs(miles * 4 - Math.rint(miles * 4)) < 1e-4;
  }

  /** Whether slashes make a ladder here, as in 400/300/200: three and more, of one unit. */
  private boolean isLadder(int at) {
    int i = at;
    boolean isOfMetres = true;
    while (token(i).isNumber()
        && token(i + 1).is("/")
        && token(i + 2).isNumber()
        && (token(i).to() + 1 == token(i + 2).from() || !isRepeated(at))) {
      isOfMetres &= isRound(token(i).value());
      i += 2;
    }
    String unit = token(i + 1).text();
    boolean hasUnit = Vocabulary.SECONDS.containsKey(unit) || Vocabulary.METRES.containsKey(unit);
    return i >= at + 4 && (hasUnit || (isOfMetres && isRound(token(i).value())));
  }

  private static boolean isRound(double metres) {
    return metres >= 25 && metres % 25 == 0;
  }

  /** A mile, a kilometre or a minute, by what a length is counted in. */
  static Extent unitOf(Extent length) {
    if (length instanceof Extent.Time) {
      return new Extent.Time(60);
    }
    double metres = ((Extent.Distance) length).metres();
    boolean isInMiles = metres != Math.rint(metres) && isInMiles(metres);
    return distance(isInMiles ? Distance.Unit.MILE.metres() : 1000);
  }

  static Extent times(Extent unit, double number) {
    return unit instanceof Extent.Time t
        ? new Extent.Time((int) Math.round(t.seconds() * number))
        : distance(((Extent.Distance) unit).metres() * number);
  }

  /** The same unit with another number. */
  private static Extent like(Extent model, Token of, Token number) {
    return times(model, number.value() / of.value());
  }

  /**
   * A distance or a time.
   *
   * @param work what a bare number is measured like, for recoveries
   * @return null when there is none here
   */
  Found<Extent> amount(int at, Optional<Extent> work) {
    Token t = token(at);
    if (t.isWord() && Vocabulary.RACES.containsKey(t.text())) {
      int next = t.is("half") && token(at + 1).is("marathon") ? at + 2 : at + 1;
      return Found.of(distance(Vocabulary.RACES.get(t.text())), next);
    }
    if (t.isClock() && Vocabulary.SECONDS.getOrDefault(token(at + 1).text(), 0) == 3600) {
      // 1:15 h
      return Found.of(new Extent.Time((int) Math.round(60 * t.value())), at + 2);
    }
    if (t.isClock()) {
      return Found.of(new Extent.Time((int) Math.round(t.value())), at + 1);
    }
    if (!t.isNumber()) {
      return null;
    }
    String unit = token(at + 1).text();
    if (token(at + 1).is("half") || token(at + 1).isNumber()) {
      unit = "";
    }
    if (unit.equals("s") && isPlural(at)) {
      int metres = (int) t.value();
      return new Found<>(
          distance(metres), at + 2, metres + "s is read as " + metres + " m.", false, false);
    }
    if (isCountOfStrokes(at)) {
      return strokes(at, 2);
    }
    if (Vocabulary.SECONDS.containsKey(unit)) {
      return time(at, unit);
    }
    if (Vocabulary.METRES.containsKey(unit)) {
      if (unit.equals("m") && t.value() < 15 && t.value() >= 1) {
        throw new ParseException(
            t.from(),
            token(at + 1).to(),
            t.text() + " m is read as metres and is too short; minutes are “min”",
            t.text() + " min");
      }
      return Found.of(distance(t.value() * Vocabulary.METRES.get(unit)), at + 2);
    }
    return bare(at, work);
  }

  /** 400s x 8, 10 x 100s: several of that distance, which nobody counts in seconds. */
  private boolean isPlural(int at) {
    double value = token(at).value();
    boolean isRepeated = isRepeated(at) || token(at + 2).is("x");
    return isRepeated && token(at).to() == token(at + 1).from() && value >= 100 && value % 50 == 0;
  }

  /** 20 strokes: rowers count what they row hard; 24 strokes a minute are a rate. */
  boolean isCountOfStrokes(int at) {
    boolean isPer = token(at + 2).is("/") || token(at + 2).is("per") || token(at + 2).is("a");
    boolean isOfMinute = isPer && Vocabulary.SECONDS.getOrDefault(token(at + 3).text(), 0) == 60;
    return usual.isInSplits()
        && token(at).isNumber()
        && (token(at + 1).is("strokes") || token(at + 1).is("str"))
        && !isOfMinute;
  }

  private Found<Extent> strokes(int at, int length) {
    double rate = USUAL_RATE;
    for (int i = at; i < tokens.size() && !ENDS.contains(token(i).text()); i++) {
      boolean isRate = token(i).is("r") || token(i).is("rate");
      rate = isRate && token(i + 1).isNumber() ? token(i + 1).value() : rate;
    }
    int seconds = (int) Math.round(60 * token(at).value() / rate);
    String note = (int) token(at).value() + " strokes are read as " + seconds + " s.";
    return new Found<>(new Extent.Time(seconds), at + length, note, false, false);
  }

  private boolean hasStrokesBefore(int at) {
    return tokens.subList(0, at).stream().anyMatch(t -> t.is("strokes") || t.is("str"));
  }

  /** A time in parts: 1 h 30, 2 min 15 s, 1'30". */
  private Found<Extent> time(int at, String firstUnit) {
    double seconds = token(at).value() * Vocabulary.SECONDS.get(firstUnit);
    int unit = Vocabulary.SECONDS.get(firstUnit);
    int next = at + 2;
    while (unit > 1 && token(next).isNumber()) {
      Integer smaller = Vocabulary.SECONDS.get(token(next + 1).text());
      boolean written = smaller != null && smaller < unit;
      boolean isJoined = token(next - 1).to() == token(next).from();
      boolean isLast = ENDS.contains(token(next + 1).text()) || token(next + 1).isEnd();
      boolean follows = (isJoined || isLast) && token(next).value() < 60;
      if (!written && !follows) {
        break;
      }
      unit = written ? smaller : unit / 60;
      seconds += token(next).value() * unit;
      next += written ? 2 : 1;
    }
    return Found.of(new Extent.Time((int) Math.round(seconds)), next);
  }

  private Found<Extent> bare(int at, Optional<Extent> work) {
    Token t = token(at);
    double value = t.value();
    if (work.isPresent()) {
      if (usual.isInSplits() && hasStrokesBefore(at)) {
        return strokes(at, 1);
      }
      if (isWayJogged(at)) {
        return Found.of(distance(value), at + 1);
      }
      if (work.get() instanceof Extent.Distance && isOfMetres(value)) {
        String metres = (int) value + " m";
        throw new ParseException(
            t.from(),
            t.to(),
            "is " + metres + " the recovery? Then write “" + metres + " jog”",
            metres + " jog");
      }
      if (work.get() instanceof Extent.Time w && w.seconds() >= 60 && value <= 10) {
        return noted(new Extent.Time((int) (60 * value)), at, value, "min");
      }
      return value >= 10
          ? noted(new Extent.Time((int) value), at, value, "s")
          : noted(new Extent.Time((int) (60 * value)), at, value, "min");
    }
    if (usual.isInSplits() && hasStrokesBefore(at) && manner(at + 1).isPresent()) {
      return strokes(at, 1);
    }
    if (isOfSprints(at)) {
      return noted(distance(value), at, value, "m");
    }
    if (isWithRate(at)) {
      return noted(new Extent.Time((int) (60 * value)), at, value, "min");
    }
    boolean isPair = token(at + 1).is("/") && token(at + 2).isNumber();
    boolean isOfSeconds = Vocabulary.SECONDS.getOrDefault(token(at + 3).text(), 0) == 1;
    boolean hasUnitAfter =
        (Vocabulary.SECONDS.containsKey(token(at + 3).text()) && !isOfSeconds)
            || Vocabulary.METRES.containsKey(token(at + 3).text());
    if (isPair
        && !hasUnitAfter
        && value <= 120
        && value >= 5
        && value != Math.rint(value / 25) * 25) {
      return noted(new Extent.Time((int) value), at, value, "s");
    }
    boolean isBesideMetres = isRepeated(at) && value >= 60 && value % 10 == 0 && hasBareMetres();
    if ((value >= 25 && value % 25 == 0 && value <= 30_000) || isBesideMetres) {
      return new Found<>(distance(value), at + 1, "", true, false);
    }
    return null;
  }

  /** sprints: 3 x 30, 3 x 60: metres, where another of them can be nothing else. */
  private boolean isOfSprints(int at) {
    double value = token(at).value();
    boolean isSprint = value >= 20 && value <= 150 && value % 10 == 0;
    boolean isNamed =
        tokens.subList(0, at).stream()
            .anyMatch(t -> t.is("sprint") || t.is("sprints") || t.is("accelerations"));
    boolean isOnHills = tokens.stream().anyMatch(t -> t.is("hill") || t.is("hills"));
    return usual.isOnFoot()
        && isRepeated(at)
        && isSprint
        && isNamed
        && !isOnHills
        && hasSprintInMetres();
  }

  private boolean hasSprintInMetres() {
    for (int i = 1; i + 1 < tokens.size(); i++) {
      double value = token(i).value();
      boolean isUnsaid = !Vocabulary.isUnit(token(i + 1)) || token(i + 1).is("m");
      if (token(i - 1).is("x") && token(i).isNumber() && isUnsaid && value > 60 && value <= 150) {
        return true;
      }
    }
    return false;
  }

  private boolean isRepeated(int at) {
    return at > 0 && token(at - 1).is("x");
  }

  /** 3 x 150 + 3 x 120: one says what the other counts. */
  private boolean hasBareMetres() {
    for (int i = 1; i + 1 < tokens.size(); i++) {
      Token t = tokens.get(i);
      if (tokens.get(i - 1).is("x")
          && t.isNumber()
          && isOfMetres(t.value())
          && !Vocabulary.SECONDS.containsKey(token(i + 1).text())) {
        return true;
      }
    }
    return false;
  }

  private static boolean isOfMetres(double value) {
    return value >= 100 && value <= 800 && value % 50 == 0;
  }

  /** / 200 jog: so many metres, as nobody counts 200 seconds. */
  private boolean isWayJogged(int at) {
    Optional<Rest.Manner> manner = manner(at + 1);
    return isOfMetres(token(at).value())
        && manner.isPresent()
        && manner.get() != Rest.Manner.STANDING;
  }

  /** 30r20: minutes at a rate; common practice of rowers. */
  private boolean isWithRate(int at) {
    return (token(at + 1).is("r") || token(at + 1).is("rate"))
        && token(at + 2).isNumber()
        && !Vocabulary.SECONDS.containsKey(token(at + 3).text())
        && token(at).value() <= LONGEST_AT_RATE
        && token(at).value() % 25 != 0;
  }

  private static Found<Extent> noted(Extent amount, int at, double value, String unit) {
    String number = value == Math.rint(value) ? String.valueOf((int) value) : String.valueOf(value);
    return new Found<>(
        amount, at + 1, number + " is read as " + number + " " + unit + ".", true, false);
  }

  static Extent.Distance distance(double metres) {
    return new Extent.Distance(Math.round(metres * 1000) / 1000.0);
  }

  /** Whether "on" here is the first half of "on … off". */
  boolean isOnOff(int at) {
    Found<Extent> off =
        amount(token(at + 1).is("/") || token(at + 1).is(",") ? at + 2 : at + 1, Optional.empty());
    return off != null && token(off.next()).is("off");
  }

  /**
   * A recovery.
   *
   * @param work the effort before it, where a bare number may be measured like it
   * @return null when there is none here
   */
  Found<Rest> rest(int at, Optional<Extent> work) {
    int i = at;
    while (token(i).is("with") || token(i).is("w") || token(i).is("/") || token(i).is("then")) {
      i++;
    }
    boolean isOfSets = isBeforeRest(i, "set", "sets");
    i += isOfSets || isBeforeRest(i, "rep", "reps") ? 1 : 0;
    if (token(i).is("full")) {
      int next = BETWEEN.contains(token(i + 1).text()) ? i + 2 : i + 1;
      return Found.of(new Rest.Full(), next);
    }
    Optional<Rest.Manner> manner = manner(i);
    if (manner.isPresent() && manner(i + 1).isPresent() && manner.get() == Rest.Manner.EASY) {
      // easy jog, light spin
      i++;
      manner = manner(i);
    }
    if (manner.isPresent()) {
      i++;
      while (BETWEEN.contains(token(i).text())
          || token(i).is("of")
          || token(i).is("=")
          || token(i).is(":")
          || (token(i).is("/") && token(i - 1).is("r"))) {
        i++;
      }
      if (token(i).is("back") || token(i).is("down")) {
        return Found.of(new Rest.WayBack(moving(manner.get())), afterWords(i + 1));
      }
    }
    int time = token(i + 1).is("the") ? i + 2 : i + 1;
    if (token(i).is("half") && token(time).is("time")) {
      int next = time + 1;
      while (BETWEEN.contains(token(next).text()) || manner(next).isPresent()) {
        next++;
      }
      return Found.of(new Rest.Ratio(2, 1), next);
    }
    if (token(i).is("equal") || token(i).is("same")) {
      int next = i + 1;
      while (BETWEEN.contains(token(next).text()) || token(next).is("time")) {
        next++;
      }
      return Found.of(new Rest.Ratio(1, 1), next);
    }
    if (token(i).isNumber() && token(i + 1).is(":") && token(i + 2).isNumber()) {
      int next = i + 3;
      while (BETWEEN.contains(token(next).text())) {
        next++;
      }
      return Found.of(new Rest.Ratio(token(i).value(), token(i + 2).value()), next);
    }
    boolean isRange =
        token(i).isNumber()
            && token(i + 1).is("-")
            && token(i + 2).isNumber()
            && token(i).value() < token(i + 2).value()
            && Vocabulary.SECONDS.containsKey(token(i + 3).text());
    i += isRange ? 2 : 0;
    Found<Extent> length = token(i).isWord() ? null : amount(i, work);
    if (length == null) {
      return null;
    }
    if (isRange) {
      String note = "Of the two recoveries the longer is taken.";
      length = new Found<>(length.value(), length.next(), note, length.isBare(), false);
    }
    int next = length.next();
    boolean isBare = manner.isEmpty();
    while (true) {
      boolean isRate =
          token(next).is("r") && (token(next + 1).isNumber() || token(next + 1).is("="));
      Optional<Rest.Manner> after = isRate ? Optional.empty() : manner(next);
      boolean isOnFoot =
          manner.equals(Optional.of(Rest.Manner.WALK))
              || manner.equals(Optional.of(Rest.Manner.JOG));
      if (isOnFoot && (token(next).is("back") || token(next).is("down"))) {
        // 5 min walk back
        next++;
      } else if (after.isPresent()) {
        boolean isPlain = BETWEEN.contains(token(next).text());
        manner = isPlain && manner.isPresent() ? manner : after;
        isBare = false;
        next++;
      } else if (BETWEEN.contains(token(next).text()) || token(next).is("reps")) {
        isBare = false;
        next++;
      } else if (token(next).is("sets") || token(next).is("set")) {
        isOfSets = true;
        isBare = false;
        next++;
      } else {
        break;
      }
    }
    boolean isTooFar =
        isBare && length.value() instanceof Extent.Distance d && d.metres() > Rest.LONGEST_WAY;
    if (isTooFar) {
      return null;
    }
    Rest.Manner how = manner.orElse(Rest.Manner.STANDING);
    Rest rest =
        length.value() instanceof Extent.Time t
            ? new Rest.Timed(t.seconds(), how)
            : new Rest.OverDistance(((Extent.Distance) length.value()).metres(), moving(how));
    return new Found<>(rest, next, length.note(), isBare, isOfSets);
  }

  /** set rec 5 min, reps rest 60 s */
  private boolean isBeforeRest(int at, String one, String several) {
    return (token(at).is(one) || token(at).is(several)) && manner(at + 1).isPresent();
  }

  /** Whether the words of a length say that it stands between efforts. */
  boolean isSaidToBeBetween(int from, int to) {
    return tokens.subList(from, to).stream().anyMatch(t -> t.is("between"));
  }

  private int afterWords(int at) {
    int next = at;
    while (BETWEEN.contains(token(next).text()) || token(next).is("down")) {
      next++;
    }
    return next;
  }

  private Optional<Rest.Manner> manner(int at) {
    return token(at).isWord()
        ? Optional.ofNullable(Vocabulary.MANNERS.get(token(at).text()))
        : Optional.empty();
  }

  /** No one covers ground standing. */
  private static Rest.Manner moving(Rest.Manner manner) {
    return manner == Rest.Manner.STANDING ? Rest.Manner.EASY : manner;
  }
}
