package dev.jubilee.core.shorthand;

import java.util.List;

/**
 * What became of a text.
 *
 * @param outline what was understood; with faults, the part that could be
 * @param notes assumptions a coach should know of
 * @param faults what could not be understood; empty when all of it was
 */
public record ParseResult(ParsedSession outline, List<String> notes, List<ParseError> faults) {
  public ParseResult {
    notes = List.copyOf(notes);
    faults = List.copyOf(faults);
  }

  public boolean isWhole() {
    return faults.isEmpty();
  }
}
