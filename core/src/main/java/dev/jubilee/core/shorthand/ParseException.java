package dev.jubilee.core.shorthand;

/** A stretch of text that makes no sense; never leaves this package. */
final class ParseException extends RuntimeException {
  private static final long serialVersionUID = 1L;

  final int from;
  final int to;
  final String instead;

  ParseException(int from, int to, String what) {
    this(from, to, what, "");
  }

  /**
   * @param instead what to write in its place, or empty
   */
  ParseException(int from, int to, String what, String instead) {
    super(what, null, false, false);
    this.from = from;
    this.to = to;
    this.instead = instead;
  }

  ParseException(Token token, String what) {
    this(token.from(), token.to(), what);
  }
}
