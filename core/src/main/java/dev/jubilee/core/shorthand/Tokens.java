package dev.jubilee.core.shorthand;

import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.regex.Matcher;
import java.util.regex.Pattern;

/** Cuts a text into numbers, clock times, words and signs. */
final class Tokens {
  private static final Pattern PIECE =
      Pattern.compile(
          "(?<clock>\\d{1,2}:\\d{2}(?::\\d{2})?(?:\\.\\d)?|(?<![\\p{L}\\d]):\\d{2}(?!\\d))"
              + "|(?<half>(?:\\d+\\s+)?1/2(?=\\s*(?:miles?|mi|h|hrs?|hours?|k|km)\\b)|\\d*½)"
              + "|(?<number>\\d{1,3}(?:,\\d{3})+(?!\\d)|\\d+(?:\\.\\d+)?)"
              + "|(?<word>(?:ut|lt|vt)[12](?!\\d)|\\p{L}+)"
              + "|(?<line>\\R)"
              + "|(?<sign>\\S)",
          Pattern.CASE_INSENSITIVE);

  private Tokens() {}

  static List<Token> of(String text) {
    List<Token> tokens = new ArrayList<>();
    Matcher m = PIECE.matcher(text);
    while (m.find()) {
      if (m.group("clock") != null) {
        tokens.add(token(Token.Type.CLOCK, m, m.group(), seconds(m.group())));
      } else if (m.group("half") != null) {
        tokens.add(token(Token.Type.NUMBER, m, m.group(), half(m.group())));
      } else if (m.group("line") != null) {
        tokens.add(token(Token.Type.SIGN, m, ";", 0));
      } else if (m.group("number") != null) {
        tokens.add(
            token(Token.Type.NUMBER, m, m.group(), Double.parseDouble(m.group().replace(",", ""))));
      } else if (m.group("word") != null) {
        String word = m.group().toLowerCase(Locale.ROOT);
        tokens.add(token(word.equals("x") ? Token.Type.SIGN : Token.Type.WORD, m, word, 0));
      } else {
        tokens.add(token(Token.Type.SIGN, m, plain(m.group()), 0));
      }
    }
    tokens.add(new Token(Token.Type.END, "", 0, text.length(), text.length()));
    return SpacedOut.filled(Phrases.joined(tokens));
  }

  private static Token token(Token.Type type, Matcher m, String text, double value) {
    return new Token(type, text, value, m.start(), m.end());
  }

  /** Signs that look alike on a whiteboard are one. */
  private static String plain(String sign) {
    return switch (sign) {
      case "×", "*", "✕" -> "x";
      case "–", "—", "−" -> "-";
      case "′", "’", "‘" -> "'";
      case "″", "”", "“" -> "\"";
      case "[", "{" -> "(";
      case "]", "}" -> ")";
      default -> sign;
    };
  }

  /** 1/2, 1 1/2, 2½. */
  private static double half(String text) {
    String whole = text.replaceFirst("1/2$|½$", "").strip();
    return (whole.isEmpty() ? 0 : Double.parseDouble(whole)) + 0.5;
  }

  private static double seconds(String clock) {
    if (clock.startsWith(":")) {
      return Double.parseDouble(clock.substring(1));
    }
    int colon = clock.lastIndexOf(':');
    return colon < 0
        ? Double.parseDouble(clock)
        : 60 * seconds(clock.substring(0, colon)) + Double.parseDouble(clock.substring(colon + 1));
  }
}
