package dev.jubilee.core.shorthand;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.Set;

/** Strokes and turns a minute: one for all, a range, or one for each effort. */
final class Rates {
  static final Set<String> UNITS = Set.of("spm", "rpm", "strokes");

  /** Lower rates are none, /min; common practice. */
  private static final int LOWEST_RATE = 14;

  private final List<Token> tokens;
  private final List<String> notes;

  /** Index of the token after the last row of rates. */
  private int afterRates;

  Rates(List<Token> tokens, List<String> notes) {
    this.tokens = tokens;
    this.notes = notes;
  }

  private Token token(int index) {
    return tokens.get(Math.min(index, tokens.size() - 1));
  }

  /** Takes the rate or rates that begin here; returns the index after them. */
  int take(int at, LineBuilder draft) {
    if (!token(at).isNumber()) {
      throw new ParseException(token(at), "which rate? Such as rate 24");
    }
    boolean isRange = token(at + 1).is("-") && token(at + 2).isNumber();
    double last = isRange ? token(at + 2).value() : token(at).value();
    int rate = (int) Math.round((token(at).value() + last) / 2);
    if (draft.rate.isPresent() || !draft.rates.isEmpty()) {
      throw new ParseException(
          token(at),
          draft.rest.equals(Rest.NONE)
              ? "two rates for one effort; one is enough"
              : "the rate of a recovery is left to the crew; take it out");
    }
    int next = isRange ? at + 3 : at + 1;
    List<Integer> rates = isRange && !isAnotherRate(next) ? List.of() : ratesInARow(at);
    if (rates.size() > 1) {
      draft.rates.addAll(rates);
      return afterRates;
    }
    if (isRange) {
      notes.add("The rate is read as " + rate + ", the middle of the two.");
    }
    draft.rate = Optional.of(rate);
    return UNITS.contains(token(next).text()) ? next + 1 : next;
  }

  /** r18-20-22, r20/22/24, r20, r22, r24: one for each of the efforts. */
  private List<Integer> ratesInARow(int at) {
    List<Integer> rates = new ArrayList<>();
    rates.add((int) Math.round(token(at).value()));
    int i = at + 1;
    while (isAnotherRate(i)) {
      int number = isRateSign(token(i + 1)) ? i + 2 : i + 1;
      rates.add((int) Math.round(token(number).value()));
      i = number + 1;
    }
    afterRates = i;
    return rates;
  }

  private boolean isAnotherRate(int at) {
    boolean isSigned = isRateSign(token(at + 1)) && token(at + 2).isNumber();
    boolean isSeparator = token(at).is("/") || token(at).is("-") || token(at).is(",");
    boolean isJoined =
        token(at - 1).to() == token(at).from() && token(at).to() == token(at + 1).from();
    boolean isPlain =
        isJoined
            && !token(at).is(",")
            && token(at + 1).isNumber()
            && token(at + 1).value() >= LOWEST_RATE
            && !Vocabulary.isUnit(token(at + 2));
    return isSeparator && (isSigned || isPlain);
  }

  private static boolean isRateSign(Token t) {
    return t.is("r") || t.is("rate");
  }
}
