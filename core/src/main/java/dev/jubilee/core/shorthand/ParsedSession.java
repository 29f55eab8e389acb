package dev.jubilee.core.shorthand;

import dev.jubilee.core.session.SessionKind;
import dev.jubilee.core.sport.Sport;
import io.soabase.recordbuilder.core.RecordBuilder;
import java.util.List;
import java.util.Optional;

/**
 * A session as it was understood.
 *
 * @param said what the coach called it: long, hills, race
 * @param sport where the words tell
 * @param isHills whether it goes uphill
 * @param steps in order; empty when only the kind was given
 * @param free words on a gym or jumps session, kept as they are
 * @param next what follows straight on in another sport
 */
@RecordBuilder
public record ParsedSession(
    Optional<SessionKind> said,
    Optional<Sport> sport,
    boolean isHills,
    List<Step> steps,
    String free,
    Optional<ParsedSession> next) {
  public ParsedSession {
    steps = List.copyOf(steps);
  }

  /** In one sport. */
  static ParsedSession inOneSport(
      Optional<SessionKind> said,
      Optional<Sport> sport,
      boolean isHills,
      List<Step> steps,
      String free) {
    return new ParsedSession(said, sport, isHills, steps, free, Optional.empty());
  }

  /** The same with something after it. */
  ParsedSession then(ParsedSession after) {
    return ParsedSessionBuilder.builder(this).next(Optional.of(after)).build();
  }
}
