package dev.jubilee.server.guard;

import java.util.Optional;

/**
 * What a text may be made of. Refused is what cannot be stored or would deceive on a page: control
 * characters, halves of characters, changes of direction, and texts of which nothing is seen.
 */
final class Texts {
  private Texts() {}

  /** What is wrong with a text, and what is accepted; empty when nothing is. */
  static Optional<Fault> fault(String text) {
    boolean isInvisible = false;
    boolean isSeen = false;
    for (int i = 0; i < text.length(); ) {
      int c = text.codePointAt(i);
      i += Character.charCount(c);
      if (Character.getType(c) == Character.SURROGATE) {
        return Optional.of(new Fault("half a character", "whole characters"));
      }
      if (Character.isISOControl(c) && c != '\n' && c != '\r' && c != '\t') {
        return Optional.of(new Fault("a control character", "text without control characters"));
      }
      if (turnsDirection(c)) {
        return Optional.of(
            new Fault("a change of direction", "text without marks that change its direction"));
      }
      if (isBlankToTheEye(c)) {
        isInvisible = true;
      } else if (!Character.isWhitespace(c)) {
        isSeen = true;
      }
    }
    return isInvisible && !isSeen
        ? Optional.of(new Fault("invisible characters alone", "text that can be seen"))
        : Optional.empty();
  }

  /** What was found in a text and what would be accepted. */
  record Fault(String found, String accepted) {}

  /** Embeddings, overrides and isolates (Unicode Bidirectional Algorithm, UAX 9). */
  private static boolean turnsDirection(int c) {
    return (c >= 0x202A && c <= 0x202E) || (c >= 0x2066 && c <= 0x2069);
  }

  private static boolean isBlankToTheEye(int c) {
    int type = Character.getType(c);
    return type == Character.FORMAT
        || type == Character.LINE_SEPARATOR
        || type == Character.PARAGRAPH_SEPARATOR
        || (type == Character.SPACE_SEPARATOR && c != ' ')
        || type == Character.NON_SPACING_MARK
        || type == Character.UNASSIGNED
        // Fillers that Unicode counts as letters or signs: Hangul, Braille.
        || c == 0x115F
        || c == 0x1160
        || c == 0x3164
        || c == 0xFFA0
        || c == 0x2800;
  }
}
