package dev.jubilee.core.shorthand;

import java.util.List;
import java.util.Set;

/** How far the reading of a text has come. */
final class Cursor {
  private static final Set<String> STOPS = Set.of(",", ";", "+", "then", "into", "and", "&", ")");

  final String text;
  final List<Token> tokens;

  /** Index of the token that is read next; the last one is the end. */
  int at;

  Cursor(String text) {
    this.text = text;
    this.tokens = Tokens.of(text);
  }

  Token here() {
    return tokens.get(at);
  }

  Token next(int ahead) {
    return tokens.get(Math.min(tokens.size() - 1, at + ahead));
  }

  /** Whether a line ends here. */
  boolean isStop() {
    return !here().isNumber() && STOPS.contains(here().text());
  }

  /** Whether a line, or the text, ends at a token. */
  boolean isStopAt(int index) {
    Token t = tokens.get(index);
    return t.isEnd() || (!t.isNumber() && STOPS.contains(t.text()));
  }

  /** On to the end of the line that began at a token and cannot be read. */
  void skip(int began) {
    at = Math.max(at, began + 1);
    int open = 0;
    while (!here().isEnd() && (open > 0 || !isStop())) {
      open += here().is("(") ? 1 : here().is(")") ? -1 : 0;
      at++;
    }
  }
}
