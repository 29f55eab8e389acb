package dev.jubilee.core.shorthand;

import dev.jubilee.core.session.Zones;
import dev.jubilee.core.sport.Sport;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.regex.Pattern;

/**
 * One sport after another, as in "40 km ride then 5 km run": the warm-up is for the first, what
 * follows is kept as it was written. Each part must name its sport.
 */
final class Brick {

  /**
   * Where a text falls into two.
   *
   * @param to end of the first part
   * @param from beginning of the second
   * @param first sport of the first part
   * @param second sport of the second
   */
  private record Cut(int to, int from, Sport first, Sport second) {}

  private static final Pattern NAME =
      Pattern.compile("\\bbrick\\b:?|\\boff the bike\\b", Pattern.CASE_INSENSITIVE);

  private Brick() {}

  /** The parts one by one; where there is one sport, the whole. */
  static ParseResult read(String written, Sport usual, Zones zones) {
    String text = withoutItsName(written);
    Optional<Cut> cut = text.length() > Reader.LONGEST ? Optional.empty() : cut(text);
    return cut.isPresent() ? read(text, cut.get(), zones) : new Reader(text, usual, zones).read();
  }

  /** What only says that it is one; as many spaces keep every place. */
  private static String withoutItsName(String text) {
    return NAME.matcher(text).replaceAll(m -> " ".repeat(m.group().length()));
  }

  private static ParseResult read(String text, Cut cut, Zones zones) {
    ParseResult first = new Reader(text.substring(0, cut.to()), cut.first(), zones).read();
    String rest = text.substring(cut.from());
    ParseResult second = read(rest, cut.second(), zones);
    List<ParseError> faults = new ArrayList<>();
    for (ParseError f : first.faults()) {
      String put = f.suggestion().isEmpty() ? "" : f.suggestion() + text.substring(cut.to());
      faults.add(new ParseError(f.from(), f.to(), f.what(), put));
    }
    for (ParseError f : second.faults()) {
      String put = f.suggestion().isEmpty() ? "" : text.substring(0, cut.from()) + f.suggestion();
      faults.add(new ParseError(f.from() + cut.from(), f.to() + cut.from(), f.what(), put));
    }
    List<String> notes = new ArrayList<>(first.notes());
    second.notes().stream().filter(n -> !notes.contains(n)).forEach(notes::add);
    return new ParseResult(first.outline().then(second.outline()), notes, faults);
  }

  /** Before the first part that names another sport than those before it. */
  private static Optional<Cut> cut(String text) {
    Cursor cursor = new Cursor(text);
    Optional<Sport> first = Optional.empty();
    Token stop = null;
    int open = 0;
    for (int i = 0; i < cursor.tokens.size(); i++) {
      Token token = cursor.tokens.get(i);
      open += token.is("(") ? 1 : token.is(")") ? -1 : 0;
      if (cursor.isStopAt(i) && !token.isEnd() && open == 0) {
        stop = token;
        continue;
      }
      Sport named = token.isWord() ? Vocabulary.SPORTS.get(token.text()) : null;
      if (named == null || open > 0) {
        continue;
      }
      if (first.isEmpty()) {
        first = Optional.of(named);
      } else if (named != first.get() && stop != null) {
        return Optional.of(new Cut(stop.from(), stop.to(), first.get(), named));
      }
    }
    return Optional.empty();
  }
}
