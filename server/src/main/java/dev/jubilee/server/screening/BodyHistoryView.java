package dev.jubilee.server.screening;

import dev.jubilee.core.athlete.Restriction;
import dev.jubilee.core.screening.BodyHistory;
import dev.jubilee.core.sport.BodyRegion;
import java.time.LocalDate;
import java.util.List;

/**
 * A body over weeks; see {@link BodyHistory}.
 *
 * @param sessions of which anything was told or marked
 * @param recentSessions how many of them count as recent
 */
public record BodyHistoryView(
    int weeks,
    int sessions,
    int recentSessions,
    List<PlaceHistory> places,
    int unsteady,
    int heavy,
    List<BodyProposal> proposals) {

  /** How often a place was seen, in which way. */
  public record PlaceHistory(
      BodyRegion region,
      Restriction.Side side,
      int stiff,
      int sore,
      int painful,
      int recent,
      int worst,
      LocalDate last) {}

  /** What could be entered for the athlete. */
  public record BodyProposal(
      BodyRegion region,
      Restriction.Side side,
      Restriction.Severity severity,
      String words,
      boolean needsClinician) {}

  static BodyHistoryView of(BodyHistory history, int weeks) {
    return new BodyHistoryView(
        weeks,
        history.sessions(),
        history.recentSessions(),
        history.places().stream()
            .map(
                p ->
                    new PlaceHistory(
                        p.region(),
                        p.side(),
                        p.stiff(),
                        p.sore(),
                        p.painful(),
                        p.recent(),
                        p.worst(),
                        p.last()))
            .toList(),
        history.unsteady(),
        history.heavy(),
        history.proposals().stream()
            .map(
                p ->
                    new BodyProposal(
                        p.restriction().region(),
                        p.restriction().side(),
                        p.restriction().severity(),
                        p.words(),
                        p.needsClinician()))
            .toList());
  }
}
