package dev.jubilee.core.shorthand;

import dev.jubilee.core.quantity.OutOfRangeException;
import dev.jubilee.core.session.Aim.Feel;
import dev.jubilee.core.session.SessionKind;
import dev.jubilee.core.session.Zones;
import dev.jubilee.core.sport.Sport;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;

/** Reads one text, line by line; what cannot be read becomes a fault with its place. */
final class Reader {
  /** Longest text that is read, in characters. */
  static final int LONGEST = 300;

  private static final int MOST_EFFORTS = 400;

  private final Cursor cursor;
  private final SessionFacts whole = new SessionFacts();
  private final LineReader lines;
  private final List<ParseError> faults = new ArrayList<>();

  Reader(String text, Sport usual, Zones zones) {
    this.cursor = new Cursor(text);
    this.lines = new LineReader(cursor, whole, usual, zones, this::part);
  }

  ParseResult read() {
    if (cursor.text.length() > LONGEST) {
      faults.add(
          new ParseError(
              LONGEST, cursor.text.length(), "Too long: at most " + LONGEST + " characters.", ""));
      return reading(List.of());
    }
    if (takesLandWork()) {
      return reading(List.of());
    }
    List<Step> steps = part(0);
    while (!cursor.here().isEnd()) {
      faults.add(
          new ParseError(
              cursor.here().from(), cursor.here().to(), "This bracket was never opened.", ""));
      cursor.at++;
      part(0);
    }
    if (efforts(steps) > MOST_EFFORTS) {
      faults.add(
          new ParseError(
              0,
              cursor.text.length(),
              efforts(steps) + " efforts in all: up to " + MOST_EFFORTS + " are accepted.",
              ""));
      return reading(List.of());
    }
    boolean saysSomething = !steps.isEmpty() || whole.kind.isPresent();
    if (!saysSomething && faults.isEmpty()) {
      faults.add(
          new ParseError(
              0, cursor.text.length(), "No effort in it. Write one, such as 6 x 1000 m.", ""));
    }
    if (faults.isEmpty() && whole.kind.isEmpty() && steps.size() == 1 && isRelay(steps.get(0))) {
      whole.kind = Optional.of(SessionKind.TIME_TRIAL);
    }
    if (faults.isEmpty() && RaceName.is(steps, whole, lines.usual())) {
      whole.kind = Optional.of(SessionKind.TIME_TRIAL);
      whole.note("A race distance alone is read as the race; add “easy” if it is not.");
    }
    return reading(steps);
  }

  private static boolean isRelay(Step step) {
    return step instanceof Step.Piece piece
        && piece.extras().contains("relay")
        && piece.times() > 1
        && piece.rest().equals(Rest.NONE);
  }

  /** What is lifted or jumped is the coach's own; only the kind counts for the warm-up. */
  private boolean takesLandWork() {
    Optional<SessionKind> kind = Optional.empty();
    String free = cursor.text;
    for (Token t : cursor.tokens) {
      if (t.isEnd() || t.is(",") || t.is(";") || t.is("+") || t.is("then")) {
        break;
      }
      SessionKind named = t.isWord() ? Vocabulary.KINDS.get(t.text()) : null;
      if (named != null && !named.isOnLand()) {
        return false;
      }
      if (named != null && whole.kind.isEmpty()) {
        whole.kind = Optional.of(named);
        free = free.substring(0, t.from()) + " " + free.substring(t.to());
      }
      boolean isLift = t.isWord() && Vocabulary.LIFTS.contains(t.text());
      kind = isLift ? Optional.of(SessionKind.GYM) : kind;
    }
    if (whole.kind.isEmpty()) {
      whole.kind = kind;
    }
    whole.free = whole.kind.isPresent() ? NamedWords.free(free) : "";
    return whole.kind.isPresent();
  }

  private ParseResult reading(List<Step> steps) {
    if (whole.kind.filter(SessionKind::isOnLand).isPresent()) {
      ParsedSession onLand =
          ParsedSession.inOneSport(whole.kind, Optional.empty(), false, List.of(), whole.free);
      return new ParseResult(onLand, List.of(), List.of());
    }
    return new ParseResult(
        ParsedSession.inOneSport(whole.kind, whole.sport, whole.isHills, steps, whole.free),
        whole.notes,
        faults);
  }

  private static long efforts(List<Step> steps) {
    return steps.stream()
        .mapToLong(s -> s.times() * (s instanceof Step.Group group ? efforts(group.steps()) : 1L))
        .sum();
  }

  /** Lines up to the end or a closing bracket. */
  private List<Step> part(int depth) {
    List<LineBuilder> drafts = new ArrayList<>();
    boolean soft = false;
    while (!cursor.here().isEnd() && !cursor.here().is(")")) {
      if (cursor.isStop()) {
        soft = cursor.here().is(",") || cursor.here().is("and") || cursor.here().is("&");
        cursor.at++;
        continue;
      }
      int began = cursor.at;
      try {
        line(drafts, soft, depth);
      } catch (ParseException e) {
        fault(e.from, e.to, e.getMessage(), e.instead);
        cursor.skip(began);
      } catch (OutOfRangeException e) {
        Token last =
            cursor.tokens.get(Math.max(began, Math.min(cursor.at, cursor.tokens.size() - 2)));
        fault(cursor.tokens.get(began).from(), last.to(), e.getMessage(), "");
        cursor.skip(began);
      }
      soft = false;
    }
    List<Step> steps = new ArrayList<>();
    for (LineBuilder draft : drafts) {
      try {
        steps.addAll(draft.steps());
      } catch (ParseException e) {
        fault(e.from, e.to, e.getMessage(), e.instead);
      } catch (OutOfRangeException e) {
        fault(draft.from, draft.to, e.getMessage(), "");
      }
    }
    return steps;
  }

  private void fault(int from, int to, String what, String instead) {
    String sentence =
        Character.toUpperCase(what.charAt(0)) + what.substring(1) + (what.endsWith("?") ? "" : ".");
    String suggestion =
        instead.isEmpty()
            ? ""
            : cursor.text.substring(0, from) + instead + cursor.text.substring(to);
    faults.add(new ParseError(from, Math.max(to, from + 1), sentence, suggestion));
  }

  /** One line, or what a comma brings to the line before it. */
  private void line(List<LineBuilder> drafts, boolean soft, int depth) {
    if (soft && !drafts.isEmpty()) {
      LineBuilder before = drafts.get(drafts.size() - 1);
      if (lines.takesRecovery(drafts)) {
        return;
      }
      if (lines.takesLastPart(before)) {
        return;
      }
      if (!lines.hasLength() && !lines.isWayInOrOut()) {
        lines.words(before, depth);
        return;
      }
    }
    LineBuilder draft = new LineBuilder();
    draft.from = cursor.here().from();
    lines.words(draft, depth);
    lines.assumeStrides(draft);
    if (draft.isEmpty()) {
      if (draft.isAround && draft.isOnlyAnAim()) {
        // WU, 4 x 2 km, CD: that there is one goes without saying.
        whole.note("A way in or out without a length is left out.");
        return;
      }
      if (draft.times.isPresent()) {
        throw new ParseException(
            draft.from, draft.to, "how long is each of them? Write a distance or a time");
      } else if (draft.aim.isPresent()
          || draft.stroke.isPresent()
          || draft.rate.isPresent()
          || !draft.extras.isEmpty()) {
        if (draft.aim.equals(Optional.of(Feel.EASY)) && isLonely(draft)) {
          whole.kind = Optional.of(SessionKind.EASY);
          return;
        }
        throw new ParseException(
            draft.from, draft.to, "how long? Write a distance or a time with it");
      } else {
        return;
      }
    }
    if (soft && draft.isCountedAfter && isOneOfEquals(draft, drafts)) {
      throw new ParseException(
          draft.from, draft.to, "how often which of them? Put what is repeated in brackets");
    }
    draft.refuseMinutesForMetres(whole.sport.orElse(lines.usual()));
    drafts.add(draft);
  }

  /** 100 fly, 100 back, 100 free x 4: all of them, or the last? */
  private static boolean isOneOfEquals(LineBuilder draft, List<LineBuilder> before) {
    if (before.isEmpty()) {
      return false;
    }
    LineBuilder last = before.get(before.size() - 1);
    return last.isSingleWithoutRest() && last.amounts.equals(draft.amounts);
  }

  /** Whether nothing else is written: "easy" alone is a session too. */
  private boolean isLonely(LineBuilder draft) {
    return draft.stroke.isEmpty()
        && draft.extras.isEmpty()
        && draft.rate.isEmpty()
        && whole.kind.isEmpty()
        && cursor.here().isEnd()
        && cursor.text.substring(0, draft.from).isBlank();
  }
}
