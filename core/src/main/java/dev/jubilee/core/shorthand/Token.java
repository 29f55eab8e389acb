package dev.jubilee.core.shorthand;

/**
 * A piece of the text.
 *
 * @param text as it counts: lower case, signs made plain
 * @param value of a number, or the seconds of a clock time
 * @param from index of its first character
 * @param to index after its last character
 */
record Token(Type type, String text, double value, int from, int to) {
  enum Type {
    NUMBER,
    CLOCK,
    WORD,
    SIGN,
    END
  }

  boolean is(String sign) {
    return type != Type.NUMBER && type != Type.CLOCK && text.equals(sign);
  }

  boolean isNumber() {
    return type == Type.NUMBER;
  }

  boolean isClock() {
    return type == Type.CLOCK;
  }

  boolean isWord() {
    return type == Type.WORD;
  }

  boolean isEnd() {
    return type == Type.END;
  }
}
