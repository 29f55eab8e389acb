package dev.jubilee.core.shorthand;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.regex.Pattern;
import java.util.stream.Stream;

/** Words that only together mean something, and the one word they mean. */
final class Phrases {
  private static final Pattern SPACES = Pattern.compile(" ");
  private static final int HOUR = 3600;

  /** Common practice on whiteboards; longer ones first. */
  private static final List<Phrase> ALL =
      Stream.of(
              "warm up = warmup",
              "warm - up = warmup",
              "w / u = warmup",
              "cool down = cooldown",
              "cool - down = cooldown",
              "warm down = cooldown",
              "c / d = cooldown",
              "cut down = cutdown",
              "cut - down = cutdown",
              "cut downs = cutdown",
              "cut - downs = cutdown",
              "sweet spot = sweetspot",
              "sweet - spot = sweetspot",
              "sub t = subthreshold",
              "sub - t = subthreshold",
              "sub lt = subthreshold",
              "sub threshold = subthreshold",
              "sub - threshold = subthreshold",
              "over under = overunder",
              "over unders = overunder",
              "over - under = overunder",
              "over - unders = overunder",
              "over / under = overunder",
              "over / unders = overunder",
              "o / u = overunder",
              "all - out = max",
              "half - marathon = half",
              "half marathon = half",
              "cross - country = xc",
              "cross country = xc",
              "push ups = pushups",
              "push - ups = pushups",
              "pull ups = pullups",
              "pull - ups = pullups",
              "i pace = vo",
              "r pace = fast",
              "t pace = threshold",
              "open water = swim",
              "drill / swim = drill",
              "pick ups = pickups",
              "pick - ups = pickups",
              "off road = trail",
              "off - road = trail",
              "sprint session = sprints",
              "sprint training = sprints",
              "sprint work = sprints",
              "best average = hard",
              "best avg = hard",
              "best ave = hard",
              "pull buoy = pull",
              "front crawl = frontcrawl",
              "back crawl = backcrawl",
              "standing starts = starts",
              "from standing = starts",
              "from a standing start = starts",
              "standing start = start",
              "k / d / s = kick-drill-swim",
              "kick / drill / swim = kick-drill-swim",
              "kick - drill - swim = kick-drill-swim",
              "group ride = ride",
              "steady state = steady",
              "ftp test = test",
              "css test = test",
              "cp test = test",
              "threshold test = test",
              "per cent = %",
              "max heart rate = hrmax",
              "maximum heart rate = hrmax",
              "max hr = hrmax",
              "hr max = hrmax",
              "mhr = hrmax",
              "threshold heart rate = lthr",
              "threshold hr = lthr",
              "lt hr = lthr")
          .map(Phrase::of)
          .sorted((a, b) -> b.words().size() - a.words().size())
          .toList();

  private record Phrase(List<String> words, String meaning) {
    static Phrase of(String line) {
      int equals = line.indexOf(" = ");
      return new Phrase(
          List.of(SPACES.split(line.substring(0, equals))), line.substring(equals + 3));
    }

    boolean isAt(List<Token> tokens, int at) {
      for (int i = 0; i < words.size(); i++) {
        if (at + i >= tokens.size() || !tokens.get(at + i).is(words.get(i))) {
          return false;
        }
      }
      return true;
    }
  }

  private Phrases() {}

  /** The same tokens with each phrase made one. */
  static List<Token> joined(List<Token> tokens) {
    List<Token> all = new ArrayList<>();
    int i = 0;
    while (i < tokens.size()) {
      int hour = hourAt(tokens, i);
      if (hour > 0) {
        Token first = tokens.get(i);
        double seconds = first.is("half") ? HOUR / 2.0 : HOUR;
        all.add(
            new Token(
                Token.Type.CLOCK, "hour", seconds, first.from(), tokens.get(i + hour - 1).to()));
        i += hour;
        continue;
      }
      int at = i;
      Optional<Phrase> phrase = ALL.stream().filter(p -> p.isAt(tokens, at)).findFirst();
      int length = phrase.map(p -> p.words().size()).orElse(1);
      all.add(phrase.map(p -> one(p, tokens, at)).orElse(tokens.get(i)));
      i += length;
    }
    return all;
  }

  /** How many tokens of an hour or half an hour there are here: an hour, half an hour. */
  private static int hourAt(List<Token> tokens, int at) {
    for (List<String> words :
        List.of(List.of("half", "an", "hour"), List.of("half", "hour"), List.of("an", "hour"))) {
      if (new Phrase(words, "").isAt(tokens, at)) {
        return words.size();
      }
    }
    boolean isLone = at == 0 || !(tokens.get(at - 1).isNumber() || tokens.get(at - 1).isClock());
    return isLone && tokens.get(at).is("hour") ? 1 : 0;
  }

  private static Token one(Phrase phrase, List<Token> tokens, int at) {
    Token last = tokens.get(at + phrase.words().size() - 1);
    Token.Type type = phrase.meaning().equals("%") ? Token.Type.SIGN : Token.Type.WORD;
    return new Token(type, phrase.meaning(), 0, tokens.get(at).from(), last.to());
  }
}
