package dev.jubilee.core.shorthand;

import dev.jubilee.core.session.Aim;
import dev.jubilee.core.shorthand.Step.Group;
import dev.jubilee.core.shorthand.Step.Piece;
import dev.jubilee.core.sport.Sport;
import dev.jubilee.core.sport.Stroke;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;

/** A line while it is being read. */
final class LineBuilder {
  int from;
  int to;
  Optional<Integer> sets = Optional.empty();
  Optional<Integer> times = Optional.empty();
  final List<Extent> amounts = new ArrayList<>();
  final List<Step> grouped = new ArrayList<>();
  Optional<Aim> aim = Optional.empty();
  Optional<Stroke> stroke = Optional.empty();
  Optional<Integer> rate = Optional.empty();
  final List<String> extras = new ArrayList<>();
  Rest rest = Rest.NONE;
  Rest setRest = Rest.NONE;

  /** What comes in the middle or at an end of the one amount. */
  Optional<Inset> inset = Optional.empty();

  /** A stretch within a longer one. */
  record Inset(Where where, List<Step> steps) {
    enum Where {
      FIRST,
      LAST,
      WITHIN
    }
  }

  boolean isEmpty() {
    return amounts.isEmpty() && grouped.isEmpty();
  }

  boolean isGroup() {
    return !grouped.isEmpty();
  }

  /** Whether a length that follows may be its recovery. */
  boolean wantsRest() {
    boolean repeats = times.orElse(1) > 1 || amounts.size() > 1;
    return (repeats && rest.equals(Rest.NONE)) || (sets.isPresent() && setRest.equals(Rest.NONE));
  }

  void take(Rest taken, boolean isOfSets) {
    if (sets.isPresent() && (isOfSets || !rest.equals(Rest.NONE))) {
      setRest = taken;
    } else {
      rest = taken;
    }
  }

  /** Longest effort in it, s; distances count as at a run, brackets as long. */
  int longestSeconds() {
    return isGroup()
        ? 600
        : amounts.stream().mapToInt(a -> Timeline.roughSeconds(a, Sport.RUN)).max().orElse(0);
  }

  /** What is said of a bracket holds for all in it. */
  private Step shared(Step step) {
    if (step instanceof Group group) {
      return new Group(
          group.times(), group.steps().stream().map(this::shared).toList(), group.rest());
    }
    Piece piece = (Piece) step;
    if (aim.isPresent() && piece.aim().isPresent()) {
      throw new ParseException(
          from, to, "an aim inside the bracket and one outside; one is enough");
    }
    List<String> both = new ArrayList<>(piece.extras());
    both.addAll(extras);
    return new Piece(
        piece.times(),
        piece.amount(),
        piece.aim().or(() -> aim),
        piece.stroke().or(() -> stroke),
        piece.rate().or(() -> rate),
        both,
        piece.rest());
  }

  List<Step> steps() {
    List<Step> steps = new ArrayList<>();
    if (isGroup()) {
      steps.add(new Group(times.orElse(1), grouped.stream().map(this::shared).toList(), rest));
    } else {
      boolean several = amounts.size() > 1;
      List<Step> row = new ArrayList<>();
      for (Extent amount : amounts) {
        row.add(new Piece(several ? 1 : times.orElse(1), amount, aim, stroke, rate, extras, rest));
      }
      if (several && times.orElse(1) > 1) {
        steps.add(new Group(times.get(), row, Rest.NONE));
      } else {
        steps.addAll(row);
      }
    }
    if (inset.isPresent()) {
      steps = EmbeddedSets.put(this, (Piece) steps.get(0), inset.get());
    }
    return sets.isPresent() ? List.of(new Group(sets.get(), steps, setRest)) : steps;
  }
}
