package dev.jubilee.core.shorthand;

import dev.jubilee.core.quantity.OutOfRangeException;
import dev.jubilee.core.session.Aim.Feel;
import dev.jubilee.core.session.SessionKind;
import dev.jubilee.core.sport.Sport;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.Set;

/** Walks through the tokens of one text. */
final class Reader {
  private static final Set<String> STOPS = Set.of(",", ";", "+", "then", "and", "&", ")");
  private static final int DEEPEST = 3;

  /** A stride of 100 m takes about this; common practice. */
  private static final int STRIDE = 20;

  /** Easy movement for longer than this and than the effort is the end of the session, s. */
  private static final int LONG_REST = 180;

  private static final int MOST_EFFORTS = 400;

  private final String text;
  private final List<Token> tokens;
  private final Lengths lengths;
  private final Aims aims;
  private final List<String> notes = new ArrayList<>();
  private final List<Fault> faults = new ArrayList<>();
  private Optional<SessionKind> said = Optional.empty();
  private Optional<Sport> sport = Optional.empty();
  private boolean isHills;
  private String free = "";
  private int at;

  Reader(String text, Sport usual) {
    this.text = text;
    this.tokens = Tokens.of(text);
    this.lengths = new Lengths(tokens);
    this.aims = new Aims(tokens, lengths, usual, notes);
  }

  Reading read() {
    if (text.length() > Shorthand.LONGEST) {
      faults.add(
          new Fault(
              Shorthand.LONGEST,
              text.length(),
              "Too long: at most " + Shorthand.LONGEST + " characters.",
              ""));
      return reading(List.of());
    }
    List<Step> steps = part(0);
    while (!here().isEnd()) {
      faults.add(new Fault(here().from(), here().to(), "This bracket was never opened.", ""));
      at++;
      part(0);
    }
    if (efforts(steps) > MOST_EFFORTS) {
      faults.add(
          new Fault(
              0,
              text.length(),
              efforts(steps) + " efforts in all: up to " + MOST_EFFORTS + " are accepted.",
              ""));
      return reading(List.of());
    }
    boolean saysSomething = !steps.isEmpty() || said.isPresent();
    if (!saysSomething && faults.isEmpty()) {
      faults.add(
          new Fault(0, text.length(), "No effort in it. Write one, such as 6 x 1000 m.", ""));
    }
    return reading(steps);
  }

  private Reading reading(List<Step> steps) {
    if (said.filter(SessionKind::isOnLand).isPresent()) {
      Outline onLand = new Outline(said, Optional.empty(), false, List.of(), free);
      return new Reading(onLand, List.of(), List.of());
    }
    return new Reading(new Outline(said, sport, isHills, steps, free), notes, faults);
  }

  private static long efforts(List<Step> steps) {
    return steps.stream()
        .mapToLong(s -> s.times() * (s instanceof Step.Group group ? efforts(group.steps()) : 1L))
        .sum();
  }

  private Token here() {
    return tokens.get(at);
  }

  private Token next(int ahead) {
    return tokens.get(Math.min(tokens.size() - 1, at + ahead));
  }

  /** Lines up to the end or a closing bracket. */
  private List<Step> part(int depth) {
    List<Draft> drafts = new ArrayList<>();
    boolean soft = false;
    while (!here().isEnd() && !here().is(")")) {
      if (isStop()) {
        soft = here().is(",") || here().is("and") || here().is("&");
        at++;
        continue;
      }
      int began = at;
      try {
        line(drafts, soft, depth);
      } catch (Misread e) {
        fault(e.from, e.to, e.getMessage(), e.instead);
        skip(began);
      } catch (OutOfRangeException e) {
        Token last = tokens.get(Math.max(began, Math.min(at, tokens.size() - 2)));
        fault(tokens.get(began).from(), last.to(), e.getMessage(), "");
        skip(began);
      }
      soft = false;
    }
    List<Step> steps = new ArrayList<>();
    for (Draft draft : drafts) {
      try {
        steps.addAll(draft.steps());
      } catch (Misread e) {
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
        instead.isEmpty() ? "" : text.substring(0, from) + instead + text.substring(to);
    faults.add(new Fault(from, Math.max(to, from + 1), sentence, suggestion));
  }

  private void skip(int began) {
    at = Math.max(at, began + 1);
    int open = 0;
    while (!here().isEnd() && (open > 0 || !isStop())) {
      open += here().is("(") ? 1 : here().is(")") ? -1 : 0;
      at++;
    }
  }

  private boolean isStop() {
    return !here().isNumber() && STOPS.contains(here().text());
  }

  private boolean isStopAt(int index) {
    Token t = tokens.get(index);
    return t.isEnd() || (!t.isNumber() && STOPS.contains(t.text()));
  }

  /** One line, or what a comma brings to the line before it. */
  private void line(List<Draft> drafts, boolean soft, int depth) {
    if (soft && !drafts.isEmpty()) {
      Draft before = drafts.get(drafts.size() - 1);
      Optional<Lengths.Found<Rest>> recovery = recovery(before);
      if (recovery.isPresent()) {
        take(before, recovery.get());
        return;
      }
      if (!hasLength()) {
        words(before, depth);
        return;
      }
    }
    Draft draft = new Draft();
    draft.from = here().from();
    words(draft, depth);
    if (draft.isEmpty()) {
      if (draft.times.isPresent() && draft.extras.contains("strides")) {
        draft.amounts.add(new Amount.Time(STRIDE));
        note("Strides of " + STRIDE + " s each are assumed.");
      } else if (draft.times.isPresent()) {
        throw new Misread(
            draft.from, draft.to, "how long is each of them? Write a distance or a time");
      } else if (draft.aim.isPresent() || draft.stroke.isPresent() || !draft.extras.isEmpty()) {
        if (draft.aim.equals(Optional.of(Feel.EASY)) && isLonely(draft)) {
          said = Optional.of(SessionKind.EASY);
          return;
        }
        throw new Misread(draft.from, draft.to, "how long? Write a distance or a time with it");
      } else {
        return;
      }
    }
    drafts.add(draft);
  }

  /** Whether nothing else is written: "easy" alone is a session too. */
  private boolean isLonely(Draft draft) {
    return draft.stroke.isEmpty()
        && draft.extras.isEmpty()
        && draft.rate.isEmpty()
        && said.isEmpty()
        && here().isEnd()
        && text.substring(0, draft.from).isBlank();
  }

  /** The recovery that the words up to the next stop are, if they are nothing else. */
  private Optional<Lengths.Found<Rest>> recovery(Draft before) {
    if (!before.wantsRest()) {
      return Optional.empty();
    }
    Lengths.Found<Rest> found = lengths.rest(at, Optional.empty());
    if (found == null || !isStopAt(found.next())) {
      return Optional.empty();
    }
    if (found.isBare() && found.value() instanceof Rest.Over over && over.metres() <= 800) {
      String length = Words.of(new Amount.Distance(over.metres()));
      throw new Misread(
          here().from(),
          tokens.get(found.next() - 1).to(),
          "is " + length + " the recovery? Then write “" + length + " jog”",
          length + " jog");
    }
    boolean isLongFor =
        found.value() instanceof Rest.Lasting rest
            && rest.manner() != Rest.Manner.STANDING
            && rest.seconds() > Math.max(LONG_REST, before.longestSeconds() * 3 / 2);
    return found.isLikelyRest() && (found.isOfSets() || !isLongFor)
        ? Optional.of(found)
        : Optional.empty();
  }

  /** Whether the words up to the next stop bring a length of their own. */
  private boolean hasLength() {
    for (int i = at; !isStopAt(i); i++) {
      Token t = tokens.get(i);
      if (t.is("@") || t.is("at") || t.is("on") || t.is("rate") || t.is("/")) {
        return false;
      }
      if (t.is("(")) {
        return true;
      }
      if ((t.isNumber() || t.isClock()) && !aims.isFigure(i)) {
        return true;
      }
      if (t.isWord() && Vocabulary.RACES.containsKey(t.text())) {
        return true;
      }
    }
    return false;
  }

  private void words(Draft draft, int depth) {
    while (!isStop() && !here().isEnd()) {
      word(draft, depth);
      draft.to = tokens.get(at - 1).to();
    }
  }

  private void word(Draft draft, int depth) {
    Token t = here();
    if (t.isNumber() && next(1).is("x")) {
      times(draft, count(t));
      at += 2;
    } else if (t.is("x") && next(1).isNumber() && !draft.isEmpty()) {
      times(draft, count(next(1)));
      at += 2;
    } else if (t.isNumber() && (next(1).is("sets") || next(1).is("set") || next(1).is("rounds"))) {
      draft.sets = Optional.of(count(t));
      at += next(2).is("of") ? 3 : 2;
    } else if (t.isNumber() && isCounted(next(1))) {
      times(draft, count(t));
      at++;
    } else if (t.is("(")) {
      group(draft, depth);
    } else if (t.is("@") || t.is("at")) {
      at++;
      at = aims.aim(at, draft);
    } else if (aims.isFigure(at)) {
      at = aims.aim(at, draft);
    } else if (t.isNumber() || t.isClock() || isNamedLength()) {
      length(draft);
    } else if (t.is("/") || (t.is("w") && next(1).is("/"))) {
      at += t.is("w") ? 2 : 1;
      slash(draft);
    } else if (t.is("-")) {
      if (next(1).isNumber() || next(1).isClock()) {
        throw negative();
      }
      at++;
    } else if (t.isWord() || t.is(":") || t.is(".")) {
      named(draft);
    } else {
      throw new Misread(t, "“" + t.text() + "” means nothing here");
    }
  }

  /** What is counted without a length: 6 strides. */
  private static boolean isCounted(Token t) {
    return t.is("strides") || t.is("hills") || t.is("sprints") || t.is("starts");
  }

  private Misread negative() {
    return new Misread(
        here().from(),
        next(1).to(),
        "a length cannot be negative; up to 30 min of rest is accepted");
  }

  private boolean isNamedLength() {
    return Vocabulary.RACES.containsKey(here().text());
  }

  private int count(Token t) {
    if (t.value() != Math.rint(t.value()) || t.value() > 1000) {
      throw new Misread(t, "how many times? A whole number from 1 to 60 is accepted");
    }
    return (int) t.value();
  }

  private void times(Draft draft, int count) {
    int from = here().from();
    if (count < 1 || count > 60) {
      throw new Misread(from, next(1).to(), count + " repeats: 1 to 60 are accepted");
    }
    if (draft.times.isPresent() && draft.sets.isEmpty()) {
      draft.sets = draft.times;
    } else if (draft.times.isPresent()) {
      throw new Misread(from, next(1).to(), "sets of sets of sets: use brackets");
    }
    draft.times = Optional.of(count);
  }

  private void group(Draft draft, int depth) {
    int open = here().from();
    if (depth >= DEEPEST) {
      throw new Misread(here(), "brackets go " + DEEPEST + " deep at most");
    }
    if (!draft.isEmpty()) {
      throw new Misread(here(), "put a comma before the bracket");
    }
    at++;
    List<Step> inside = part(depth + 1);
    if (!here().is(")")) {
      throw new Misread(open, text.length(), "this bracket is never closed", closed(open));
    }
    at++;
    if (inside.isEmpty()) {
      throw new Misread(open, tokens.get(at - 1).to(), "nothing between the brackets");
    }
    draft.grouped.addAll(inside);
  }

  private String closed(int open) {
    return text.substring(open) + ")";
  }

  private void length(Draft draft) {
    if (!draft.isEmpty()) {
      Lengths.Found<Amount> second = lengths.amount(at, Optional.empty());
      if (second != null && isPaceWord(tokens.get(second.next()))) {
        at = aims.aim(at, draft);
        return;
      }
      Lengths.Found<Rest> rest = lengths.rest(at, Optional.empty());
      if (rest != null && rest.isLikelyRest() && !rest.isBare()) {
        take(draft, rest);
      } else {
        throw new Misread(
            here(), "a second length; put a comma before it, or “jog” or “rest” after it");
      }
      return;
    }
    Lengths.Found<List<Amount>> found = lengths.amounts(at);
    draft.amounts.addAll(found.value());
    note(found.note());
    at = found.next();
    if (here().is("on") && lengths.isOnOff(at)) {
      at++;
    }
  }

  private void note(String what) {
    if (!what.isEmpty() && !notes.contains(what)) {
      notes.add(what);
    }
  }

  private static boolean isPaceWord(Token t) {
    return t.is("pace") || t.is("effort");
  }

  private void slash(Draft draft) {
    if (here().is("-")) {
      throw negative();
    }
    Optional<Amount> work =
        draft.amounts.isEmpty() ? Optional.empty() : Optional.of(draft.amounts.get(0));
    Lengths.Found<Rest> found = lengths.rest(at, work);
    if (found == null) {
      throw new Misread(here(), "how long is the rest? Such as / 90 s, / 200 m jog");
    }
    note(found.note());
    take(draft, found);
  }

  private void take(Draft draft, Lengths.Found<Rest> found) {
    at = found.next();
    draft.take(found.value(), found.isOfSets());
  }

  /** A word that stands for itself. */
  private void named(Draft draft) {
    Token t = here();
    String word = t.text();
    String plain = Vocabulary.singular(word);
    if (word.equals("with") || word.equals("incl") || word.equals("including")) {
      at++;
      inset(draft);
      return;
    }
    if (word.equals("on")) {
      Lengths.Found<Amount> off = lengths.amount(at + 1, Optional.empty());
      if (off != null && off.value() instanceof Amount.Time time) {
        at = off.next();
        draft.take(new Rest.SendOff(time.seconds()), false);
        return;
      }
    }
    if (draft.isEmpty() && !draft.times.isPresent()) {
      // Nothing to rest from yet.
    } else if (Vocabulary.MANNERS.containsKey(word) || word.equals("full")) {
      Lengths.Found<Rest> rest = lengths.rest(at, Optional.empty());
      if (rest != null) {
        take(draft, rest);
        return;
      }
    }
    at++;
    if ((word.equals("all") || word.equals("flat")) && here().is("out")) {
      at++;
      draft.aim = Optional.of(Feel.ALL_OUT);
    } else if (word.equals("time") && here().is("trial")) {
      at++;
      said = Optional.of(SessionKind.TIME_TRIAL);
    } else if (word.equals("zone") || word.equals("z")) {
      throw new Misread(
          t.from(),
          here().isNumber() ? here().to() : t.to(),
          "zones differ from coach to coach; write easy, steady, tempo, threshold or hard",
          "easy");
    } else if (plain.equals("hill")) {
      isHills = true;
    } else if (word.equals("race") && isPaceWord(here())) {
      throw new Misread(t.from(), here().to(), "the pace of which race?", "@ 5 km pace");
    } else if (Vocabulary.MANNERS.containsKey(word) && !Vocabulary.FEELS.containsKey(word)) {
      throw new Misread(t, "a rest follows an effort, such as 6 x 1000 m / 90 s");
    } else if (Vocabulary.FEELS.containsKey(word)) {
      aims.feel(at - 1, draft);
      at = aims.after(at);
    } else if (Vocabulary.KINDS.containsKey(word)) {
      kind(Vocabulary.KINDS.get(word));
    } else if (Vocabulary.SPORTS.containsKey(word)) {
      sport = Optional.of(Vocabulary.SPORTS.get(word));
    } else if (Vocabulary.STROKES.containsKey(word)) {
      draft.stroke = Optional.of(Vocabulary.STROKES.get(word));
      sport = sport.or(() -> Optional.of(Sport.SWIM));
    } else if (Vocabulary.EXTRAS.contains(word) || Vocabulary.EXTRAS.contains(plain)) {
      draft.extras.add(word);
    } else if (!Vocabulary.FILLERS.contains(word) && !word.equals(":") && !word.equals(".")) {
      Optional<String> near = Vocabulary.nearest(word);
      throw new Misread(
          t.from(),
          t.to(),
          "“"
              + text.substring(t.from(), t.to())
              + "” is not known here"
              + near.map(n -> "; is it “" + n + "”?").orElse(""),
          near.orElse(""));
    }
  }

  private void kind(SessionKind kind) {
    Token label = tokens.get(at - 1);
    said = Optional.of(kind);
    if (kind.isOnLand()) {
      // What is lifted or jumped is the coach's own; only the kind counts for the warm-up.
      String around = text.substring(0, label.from()) + " " + text.substring(label.to());
      free = around.replaceAll("\\s+", " ").replaceFirst("^[ :.]+", "").strip();
      at = tokens.size() - 1;
    }
  }

  private void inset(Draft draft) {
    boolean isLast = here().is("last") || here().is("final");
    boolean isFirst = here().is("first");
    if (!isLast && !isFirst) {
      Lengths.Found<Rest> rest = lengths.rest(at, Optional.empty());
      if (rest != null && draft.wantsRest()) {
        take(draft, rest);
        return;
      }
    }
    if (draft.isEmpty() || draft.isGroup() || draft.inset.isPresent()) {
      throw new Misread(tokens.get(at - 1), "“with” follows a single stretch it is a part of");
    }
    if (isLast || isFirst) {
      at++;
    }
    Draft inside = new Draft();
    inside.from = here().from();
    words(inside, DEEPEST);
    if (inside.isEmpty() && inside.times.isPresent() && inside.extras.contains("strides")) {
      inside.amounts.add(new Amount.Time(STRIDE));
      note("Strides of " + STRIDE + " s each are assumed.");
    }
    if (inside.isEmpty()) {
      throw new Misread(inside.from, here().from(), "how long is that part?");
    }
    // A comma after it may still bring the recovery of the efforts inside.
    if (here().is(",") && inside.wantsRest()) {
      int comma = at;
      at++;
      Optional<Lengths.Found<Rest>> between = recovery(inside);
      if (between.isPresent()) {
        take(inside, between.get());
      } else {
        at = comma;
      }
    }
    Draft.Inset.Where where =
        isLast
            ? Draft.Inset.Where.LAST
            : isFirst ? Draft.Inset.Where.FIRST : Draft.Inset.Where.WITHIN;
    draft.inset = Optional.of(new Draft.Inset(where, inside.steps()));
  }
}
