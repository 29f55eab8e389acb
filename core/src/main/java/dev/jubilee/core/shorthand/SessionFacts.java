package dev.jubilee.core.shorthand;

import dev.jubilee.core.session.SessionKind;
import dev.jubilee.core.sport.Sport;
import java.time.DayOfWeek;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;

/** What a text says of the whole session, beside its efforts. */
final class SessionFacts {
  Optional<SessionKind> kind = Optional.empty();
  Optional<Sport> sport = Optional.empty();
  boolean isHills;
  Optional<DayOfWeek> day = Optional.empty();

  /** What a bare number counts between a whole and its end: 15 km: 5 easy, 10 steady. */
  Optional<Extent> unit = Optional.empty();

  /** Whether what is read are the parts of one length, which a slash may part: as 50 / 50. */
  boolean isDividing;

  /** Words about work on land, which are the coach's own. */
  String free = "";

  /** What was assumed. */
  final List<String> notes = new ArrayList<>();

  void note(String what) {
    if (!what.isEmpty() && !notes.contains(what)) {
      notes.add(what);
    }
  }
}
