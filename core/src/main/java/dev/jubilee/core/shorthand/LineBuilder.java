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

  /** Where its length stands. */
  int lengthFrom;

  int lengthTo;
  Optional<Integer> sets = Optional.empty();
  Optional<Integer> times = Optional.empty();
  final List<Extent> amounts = new ArrayList<>();
  final List<Step> grouped = new ArrayList<>();
  Optional<Aim> aim = Optional.empty();
  Optional<Stroke> stroke = Optional.empty();
  Optional<Integer> rate = Optional.empty();

  /** One for each of the efforts, in their order. */
  final List<Integer> rates = new ArrayList<>();

  final List<String> extras = new ArrayList<>();
  Rest rest = Rest.NONE;
  Rest setRest = Rest.NONE;

  /** A clock time after "@" that could be a pace or a send-off. */
  Optional<Token> openClock = Optional.empty();

  /** The clock time that it is aimed at, s; 0 where it is none. */
  double clock;

  /** Whether what is grouped was written as what a length is made of. */
  private boolean isPlain;

  /** Whether the recovery follows each part of what is grouped, as where odds and evens differ. */
  private boolean isInPairs;

  /** Whether the repeats were said after the length: 400 m x 8. */
  boolean isCountedAfter;

  /** Whether it is the way into the session or out of it. */
  boolean isAround;

  /** Another aim for the last of the repeats. */
  Optional<Tail> tail = Optional.empty();

  /**
   * The last repeats where they differ from the others.
   *
   * @param count fewer than the repeats
   */
  record Tail(int count, Aim aim) {}

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

  boolean isOnlyAnAim() {
    return isEmpty()
        && aim.isPresent()
        && stroke.isEmpty()
        && rate.isEmpty()
        && extras.isEmpty()
        && rest.equals(Rest.NONE);
  }

  /** 6 x 150 (50 kick, 50 drill, 50 swim): the one length is the parts in the brackets. */
  void isMadeOf(List<Step> parts, int from, int to) {
    Extent whole = amounts.get(0);
    double all = Timeline.sizeOf(whole);
    double sum = parts.stream().mapToDouble(p -> Timeline.sizeOf(p, whole)).sum();
    if (!(sum > 0) || Math.abs(Math.rint(all / sum) * sum - all) > 0.001 * all) {
      throw new ParseException(
          from, to, "what is in the brackets does not make up " + ShorthandWriter.of(whole));
    }
    int rounds = (int) Math.rint(all / sum);
    amounts.clear();
    if (rounds == 1) {
      isPlain = true;
      grouped.addAll(parts);
    } else {
      grouped.add(new Group(rounds, parts, Rest.NONE));
    }
  }

  /** odds fast, evens easy: every other of them in another way. */
  void isInPairsOf(Step odd, Step even, int from, int to) {
    if (times.orElse(1) % 2 != 0) {
      throw new ParseException(from, to, "odds and evens go with an even number of repeats");
    }
    amounts.clear();
    isInPairs = true;
    times = Optional.of(times.orElse(2) / 2);
    grouped.add(odd);
    grouped.add(even);
  }

  /** The one length holds what is inside, or is made up by it; how hard it is is said of that. */
  void isWholeOf(List<Step> inside) {
    List<Step> steps =
        inside.stream().map(step -> aim.map(hard -> aimed(step, hard)).orElse(step)).toList();
    aim = Optional.empty();
    double whole = Timeline.sizeOf(amounts.get(0));
    double sum = steps.stream().mapToDouble(s -> Timeline.sizeOf(s, amounts.get(0))).sum();
    if (Math.abs(sum - whole) <= 0.001 * sum || EmbeddedSets.isAllOf(this, steps)) {
      amounts.clear();
      isPlain = true;
      grouped.addAll(steps);
    } else {
      inset = Optional.of(new Inset(Inset.Where.WITHIN, steps));
    }
  }

  /** What was said first was only a heading. */
  void isHeadingOf(List<Step> inside) {
    amounts.clear();
    rest = Rest.NONE;
    isPlain = true;
    grouped.addAll(inside);
  }

  private static Step aimed(Step step, Aim hard) {
    if (step instanceof Piece p) {
      return StepPieceBuilder.builder(p).aim(p.aim().or(() -> Optional.of(hard))).build();
    }
    Group group = (Group) step;
    List<Step> steps = group.steps().stream().map(s -> aimed(s, hard)).toList();
    return new Group(group.times(), steps, group.rest());
  }

  boolean isGroup() {
    return !grouped.isEmpty();
  }

  /** Whether a length that follows may be its recovery. */
  boolean wantsRest() {
    boolean repeats = times.orElse(1) > 1 || amounts.size() > 1;
    return (repeats && rest.equals(Rest.NONE))
        || (sets.isPresent() && setRest.equals(Rest.NONE))
        || hasRestlessSet();
  }

  /** One length several times over, of which no rest is said, and not how hard it is. */
  boolean isRepeatedWithoutRest() {
    return amounts.size() == 1
        && grouped.isEmpty()
        && times.orElse(1) > 1
        && sets.isEmpty()
        && rest.equals(Rest.NONE);
  }

  /** 1 x 400 too, where the others are counted. */
  boolean isCountedWithoutRest() {
    return isRepeatedWithoutRest() || (times.isPresent() && isSingleWithoutRest());
  }

  boolean isOnlyADistance() {
    return isSingleWithoutRest()
        && aim.isEmpty()
        && amounts.get(0) instanceof Extent.Distance
        && stroke.isEmpty()
        && extras.isEmpty();
  }

  /** One effort, once, after which nothing is said of a rest. */
  boolean isSingleWithoutRest() {
    return amounts.size() == 1
        && grouped.isEmpty()
        && times.orElse(1) == 1
        && sets.isEmpty()
        && inset.isEmpty()
        && rest.equals(Rest.NONE)
        && !isAround
        && aim.filter(a -> a == Aim.Feel.EASY).isEmpty();
  }

  /** 3 x (4 x 400): within the brackets nothing is said yet of a rest. */
  boolean hasRestlessSet() {
    return times.orElse(1) > 1
        && grouped.size() == 1
        && grouped.get(0).times() > 1
        && grouped.get(0).rest().equals(Rest.NONE);
  }

  void take(Rest taken, boolean isOfSets) {
    if (sets.isPresent() && (isOfSets || !rest.equals(Rest.NONE))) {
      setRest = taken;
    } else if (rest.equals(Rest.NONE)) {
      rest = taken;
    } else if (hasRestlessSet()) {
      // 3 x (4 x 400) / 60 s / 3 min: the first of them is inside.
      grouped.set(0, grouped.get(0).after(rest));
      rest = taken;
    } else {
      throw new ParseException(from, to, "two recoveries for one effort; one is enough");
    }
  }

  /** Efforts at a figure up to this are hard enough for long recoveries, s. */
  private static final int SHORT = 120;

  Optional<Extent> work() {
    return amounts.isEmpty() ? Optional.empty() : Optional.of(amounts.get(0));
  }

  /** Whether minutes of easy movement between are what it wants. */
  boolean isVeryHard() {
    return extras.contains("flying")
        || extras.contains("starts")
        || aim.filter(a -> a instanceof Aim.Feel f && f.compareTo(Aim.Feel.HARD) >= 0).isPresent()
        || (aim.filter(Aim.Figure.class::isInstance).isPresent() && longestSeconds() <= SHORT);
  }

  /** Longest effort in it, s; distances count as at a run, brackets as long. */
  int longestSeconds() {
    return isGroup()
        ? 600
        : amounts.stream().mapToInt(a -> Timeline.secondsOf(a, Sport.RUN)).max().orElse(0);
  }

  /** Shorter than this nobody goes at an even pace, m. */
  private static final int SHORTEST_EVEN = 60;

  /** Nobody does 20 m at threshold; 20 min is meant. */
  void refuseMinutesForMetres(Sport sport) {
    if (sport.isInWater()) {
      return;
    }
    boolean isEven =
        aim.filter(a -> a instanceof Aim.Feel f && f.compareTo(Aim.Feel.THRESHOLD) <= 0)
            .isPresent();
    for (Extent amount : amounts) {
      if (isEven
          && amount instanceof Extent.Distance d
          && d.metres() < SHORTEST_EVEN
          && stroke.isEmpty()) {
        throw new ParseException(
            lengthFrom, lengthTo, ShorthandWriter.of(amount) + " is a distance; minutes are “min”");
      }
    }
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
    return StepPieceBuilder.builder()
        .times(piece.times())
        .amount(piece.amount())
        .aim(piece.aim().or(() -> aim))
        .stroke(piece.stroke().or(() -> stroke))
        .rate(piece.rate().or(() -> rate))
        .extras(both)
        .rest(piece.rest())
        .build();
  }

  private static final String TAIL =
      "the last of them with another aim: that goes with repeats of one length";

  private List<Step> withTail(List<Step> steps) {
    if (steps.size() != 1
        || !(steps.get(0) instanceof Piece piece)
        || piece.times() <= tail.get().count()) {
      throw new ParseException(from, to, TAIL);
    }
    int last = tail.get().count();
    return List.of(
        StepPieceBuilder.builder(piece).times(piece.times() - last).build(),
        StepPieceBuilder.builder(piece).times(last).aim(Optional.of(tail.get().aim())).build());
  }

  /** In the pool "@ 1:30" is a pace to some and a send-off to others. */
  private void refuseOpenClock() {
    if (openClock.isPresent() && times.orElse(1) > 1 && rest.equals(Rest.NONE)) {
      Token clock = openClock.get();
      throw new ParseException(
          clock.from(),
          clock.to(),
          "a pace or a send-off? Write “in " + clock.text() + "” or “on " + clock.text() + "”",
          "on " + clock.text());
    }
  }

  /** 3 x 1 km r22/24/26, 1-2-3 min r22/24/26, 30 min r18-20-22. */
  private List<Step> atEachRate() {
    int efforts = amounts.size() > 1 ? amounts.size() : times.orElse(rates.size());
    if (isGroup() || amounts.isEmpty() || efforts != rates.size()) {
      throw new ParseException(
          from, to, rates.size() + " rates; write as many as there are efforts, or one");
    }
    boolean isOneStretch = amounts.size() == 1 && times.isEmpty();
    List<Step> row = new ArrayList<>();
    for (int i = 0; i < efforts; i++) {
      Extent amount = amounts.get(amounts.size() > 1 ? i : 0);
      amount = isOneStretch ? Lengths.times(amount, 1.0 / efforts) : amount;
      row.add(
          StepPieceBuilder.builder()
              .times(1)
              .amount(amount)
              .aim(aim)
              .stroke(stroke)
              .rate(Optional.of(rates.get(i)))
              .extras(extras)
              .rest(rest)
              .build());
    }
    boolean isRepeated = amounts.size() > 1 && times.orElse(1) > 1;
    return isRepeated ? List.of(new Group(times.get(), row, Rest.NONE)) : row;
  }

  List<Step> steps() {
    refuseOpenClock();
    if (isGroup() && times.isEmpty()) {
      // 3 sets of (…) are three times what stands in the bracket.
      times = sets;
      sets = Optional.empty();
      rest = setRest.equals(Rest.NONE) ? rest : setRest;
    }
    List<Step> steps = new ArrayList<>();
    if (isGroup() && isPlain && times.isEmpty() && rest.equals(Rest.NONE)) {
      for (Step step : grouped) {
        steps.add(shared(step));
      }
    } else if (isInPairs) {
      List<Step> pair = grouped.stream().map(s -> shared(s).after(rest)).toList();
      steps.addAll(times.get() == 1 ? pair : List.of(new Group(times.get(), pair, Rest.NONE)));
    } else if (!rates.isEmpty()) {
      steps.addAll(atEachRate());
    } else if (isGroup()) {
      steps.add(new Group(times.orElse(1), grouped.stream().map(this::shared).toList(), rest));
    } else {
      boolean several = amounts.size() > 1;
      List<Step> row = new ArrayList<>();
      for (Extent amount : amounts) {
        row.add(
            StepPieceBuilder.builder()
                .times(several ? 1 : times.orElse(1))
                .amount(amount)
                .aim(aim)
                .stroke(stroke)
                .rate(rate)
                .extras(extras)
                .rest(rest)
                .build());
      }
      if (several && times.orElse(1) > 1) {
        steps.add(new Group(times.get(), row, Rest.NONE));
      } else {
        steps.addAll(row);
      }
    }
    if (tail.isPresent()) {
      steps = withTail(steps);
    }
    if (inset.isPresent()) {
      steps = EmbeddedSets.put(this, (Piece) steps.get(0), inset.get());
    }
    return sets.isPresent() ? List.of(new Group(sets.get(), steps, setRest)) : steps;
  }
}
