package dev.jubilee.core.shorthand;

import java.util.ArrayList;
import java.util.List;

/**
 * What coaches leave to the eye: a ladder with nothing but spaces between its lengths, minutes
 * after hours, seconds of a send-off, sets that are said at the end. What is missing is put in.
 */
final class SpacedOut {
  /** So many lengths in a row are a ladder; two may be a slip. */
  private static final int LADDER = 3;

  private static final int LEAST_SEND_OFF = 20;
  private static final int MOST_MINUTES = 59;
  private static final int LENGTH_OF_A_POOL = 25;

  private final List<Token> tokens;
  private final List<Token> all = new ArrayList<>();
  private int at;

  private SpacedOut(List<Token> tokens) {
    this.tokens = tokens;
  }

  /** The same tokens with what is missing between them. */
  static List<Token> filled(List<Token> tokens) {
    return new SpacedOut(tokens).filled();
  }

  private List<Token> filled() {
    while (at < tokens.size()) {
      int ladder = ladder();
      int commas = ladder > 0 ? 0 : ladderOfCommas();
      int dashes = ladder > 0 || commas > 0 ? 0 : ladderOfDashes();
      if (ladder > 0) {
        takeLadder(ladder);
      } else if (commas > 0) {
        takeLadderOfCommas(commas);
      } else if (dashes > 0) {
        takeLadderOfDashes(dashes);
      } else if (here(0).is("sr") && at > 0 && tokens.get(at - 1).isNumber()) {
        // 15sr: seconds of rest.
        all.add(word("s", here(0)));
        all.add(word("rest", here(0)));
        at++;
      } else if (isMinutesAfterHours() || isSendOff()) {
        boolean isSendOff = isSendOff();
        all.add(here(0));
        all.add(here(1));
        all.add(word(isSendOff ? "s" : "min", here(1)));
        at += 2;
      } else if (isBeforeSets()) {
        at++;
      } else if (isAnotherLengthOfPools()) {
        Token before = all.get(all.size() - 1);
        all.add(new Token(Token.Type.SIGN, ",", 0, before.to(), before.to()));
        all.add(here(0));
        at++;
      } else {
        all.add(here(0));
        at++;
      }
    }
    return all;
  }

  private Token here(int ahead) {
    return tokens.get(Math.min(tokens.size() - 1, at + ahead));
  }

  private static Token word(String text, Token after) {
    return new Token(Token.Type.WORD, text, 0, after.to(), after.to());
  }

  private static boolean isUnit(Token t) {
    return !t.isNumber()
        && !t.isClock()
        && (Vocabulary.METRES.containsKey(t.text()) || Vocabulary.SECONDS.containsKey(t.text()));
  }

  /** How many lengths stand in a row here, all with the same unit or none; 0 for too few. */
  private int ladder() {
    boolean follows = at > 0 && !isOpening(tokens.get(at - 1));
    if (!here(0).isNumber() || follows) {
      return 0;
    }
    boolean hasUnits = isUnit(here(1));
    int each = hasUnits ? 2 : 1;
    int rungs = 0;
    while (here(each * rungs).isNumber() && isLike(here(each * rungs + 1), hasUnits)) {
      rungs++;
    }
    Token next = here(each * rungs);
    // 3 x 1000, 8-10 x, 6 sets of, 20 strides: the last number is none of the lengths.
    boolean isSomethingElse =
        next.is("x") || next.is("-") || (!hasUnits && next.isWord() && !next.is("all"));
    return rungs >= LADDER && !isSomethingElse ? rungs : 0;
  }

  /** 5,4,3,2,1 min: so many numbers with commas, of which only the last has a unit; 0 for none. */
  private int ladderOfCommas() {
    if (at > 0 && !isOpening(tokens.get(at - 1))) {
      return 0;
    }
    int rungs = 0;
    while (here(2 * rungs).isNumber() && here(2 * rungs + 1).is(",")) {
      rungs++;
    }
    boolean hasUnit = here(2 * rungs).isNumber() && isUnit(here(2 * rungs + 1));
    return hasUnit && rungs + 1 >= LADDER ? rungs : 0;
  }

  private void takeLadderOfCommas(int rungs) {
    for (int rung = 0; rung < rungs; rung++) {
      all.add(here(0));
      all.add(new Token(Token.Type.SIGN, "-", 0, here(1).from(), here(1).to()));
      at += 2;
    }
    all.add(here(0));
    at++;
  }

  /** 3k-2k-1k: so many lengths with dashes, each with the same unit; 0 for too few. */
  private int ladderOfDashes() {
    if (at > 0 && !isOpening(tokens.get(at - 1))) {
      return 0;
    }
    int rungs = 0;
    while (here(3 * rungs).isNumber()
        && isLike(here(3 * rungs + 1), true)
        && here(3 * rungs + 2).is("-")) {
      rungs++;
    }
    boolean isWhole = here(3 * rungs).isNumber() && isLike(here(3 * rungs + 1), true);
    return isWhole && rungs + 1 >= LADDER ? rungs : 0;
  }

  private void takeLadderOfDashes(int rungs) {
    for (int rung = 0; rung < rungs; rung++) {
      all.add(here(0));
      all.add(here(2));
      at += 3;
    }
    all.add(here(0));
    at++;
  }

  private boolean isLike(Token unit, boolean hasUnits) {
    return hasUnits ? isUnit(unit) && unit.text().equals(here(1).text()) : !isUnit(unit);
  }

  private static boolean isOpening(Token t) {
    return t.is(",")
        || t.is(";")
        || t.is("+")
        || t.is("(")
        || t.is("x")
        || t.is(":")
        || t.is("ladder")
        || t.is("pyramid");
  }

  /** 1' 2' 3' is 1-2-3'. */
  private void takeLadder(int rungs) {
    int each = isUnit(here(1)) ? 2 : 1;
    for (int rung = 0; rung < rungs; rung++) {
      if (rung > 0) {
        Token before = all.get(all.size() - 1);
        all.add(new Token(Token.Type.SIGN, "-", 0, before.to(), before.to()));
      }
      all.add(here(0));
      at += each;
    }
    if (each == 2) {
      all.add(tokens.get(at - 1));
    }
  }

  /** 1 h 45 */
  private boolean isMinutesAfterHours() {
    return at > 0
        && tokens.get(at - 1).isNumber()
        && (here(0).is("h") || here(0).is("hr") || here(0).is("hour") || here(0).is("hours"))
        && here(1).isNumber()
        && here(1).value() <= MOST_MINUTES
        && !isUnit(here(2))
        && !here(2).is("x")
        && !here(2).is("-")
        && !here(2).is("%");
  }

  /** 16 x 50 on 50, 12 x 25 sprint on 45 */
  private boolean isSendOff() {
    Token next = here(2);
    boolean isLast = next.isEnd() || next.is(",") || next.is(";") || next.is("+") || next.is(")");
    return here(0).is("on")
        && here(1).isNumber()
        && here(1).value() >= LEAST_SEND_OFF
        && isLast
        && isAfterALengthOfPools();
  }

  /** Whether the last number before this in the same part is one, whatever words follow it. */
  private boolean isAfterALengthOfPools() {
    int before = at - 1;
    while (before > 0 && tokens.get(before).isWord() && !isUnit(tokens.get(before))) {
      before--;
    }
    return before >= 0
        && tokens.get(before).isNumber()
        && tokens.get(before).value() % LENGTH_OF_A_POOL == 0;
  }

  /** 200 swim 200 kick 200 pull: how each is swum stands behind it. */
  private boolean isAnotherLengthOfPools() {
    // 4 x 150 breast 50 easy: of each of the four, or once?
    boolean isCounted = at > 2 && tokens.get(at - 3).is("x");
    if (at < 2 || isCounted || !isLengthOfPools(at) || !isLengthOfPools(at - 2)) {
      return false;
    }
    return isHowItIsSwum(tokens.get(at - 1)) && isHowItIsSwum(here(1));
  }

  private boolean isLengthOfPools(int index) {
    Token t = tokens.get(index);
    return t.isNumber() && t.value() > 0 && t.value() % LENGTH_OF_A_POOL == 0;
  }

  private static boolean isHowItIsSwum(Token t) {
    return t.is("swim")
        || t.is("kick")
        || t.is("pull")
        || t.is("drill")
        || t.is("scull")
        || t.is("fast")
        || t.is("easy")
        || t.is("steady")
        || t.is("build")
        || Vocabulary.STROKES.containsKey(t.text());
  }

  /** A comma before “3 sets” that ends a line: they are sets of what stands before it. */
  private boolean isBeforeSets() {
    boolean isSets = here(2).is("sets") || here(2).is("set");
    Token next = here(3);
    boolean isLast = next.isEnd() || next.is(",") || next.is(";") || next.is("/");
    return here(0).is(",") && at > 0 && here(1).isNumber() && isSets && isLast;
  }
}
