package dev.jubilee.core.shorthand;

import dev.jubilee.core.profile.Profiles;
import dev.jubilee.core.quantity.Distance;
import dev.jubilee.core.session.Aim.Feel;
import dev.jubilee.core.session.SessionKind;
import dev.jubilee.core.sport.Sport;
import dev.jubilee.core.sport.Stroke;
import java.time.DayOfWeek;
import java.util.Arrays;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.TreeSet;
import java.util.regex.Pattern;
import java.util.stream.Stream;
import org.apache.commons.text.similarity.LevenshteinDistance;

/** The words of the shorthand; common practice on whiteboards, with their usual short forms. */
final class Vocabulary {
  private static final Pattern SPACES = Pattern.compile(" ");

  static final Map<String, Feel> FEELS =
      words(
          Feel.EASY,
              "easy e regen slow light relaxed gentle recovery spin paddle paddling ez warmup wu cooldown cd jog jogging walk"
                  + " walking ut2",
          Feel.STEADY, "steady aerobic moderate endurance ut1 lt1 vt1 aet",
          Feel.TEMPO, "tempo subthreshold",
          Feel.THRESHOLD, "threshold t cruise css cp ftp critical thr lt cv lt2 vt2 mlss",
          Feel.HARD, "hard strong vo tr",
          Feel.FAST, "fast quick brisk an",
          Feel.ALL_OUT, "max maximal sprint flat");

  /** What is said of the way into a session and out of it, where a bare number is minutes. */
  static final Set<String> AROUND = Set.of("warmup", "wu", "cooldown", "cd");

  /** Paces of races that are called by letters, m. */
  static final Map<String, Double> RACE_PACES =
      Map.of("mp", 42_195.0, "hmp", 21_097.5, "hm", 21_097.5);

  /** Work with the bar or on the mat; where it is all, the session is one of the gym. */
  static final Set<String> LIFTS =
      Set.of(
          "squat",
          "squats",
          "deadlift",
          "deadlifts",
          "bench",
          "snatch",
          "snatches",
          "clean",
          "cleans",
          "thruster",
          "thrusters",
          "jerk",
          "jerks",
          "press",
          "pushups",
          "pullups",
          "lunges",
          "circuit",
          "circuits",
          "core",
          "kettlebell",
          "kettlebells",
          "barbell",
          "dumbbell",
          "dumbbells",
          "planks",
          "s&c");

  static final Map<String, SessionKind> KINDS =
      words(
          SessionKind.LONG, "long lr",
          SessionKind.THRESHOLD, "thresholds tempos",
          SessionKind.INTERVALS,
              "intervals interval fartlek reps repeats microbursts microintervals bursts",
          SessionKind.TIME_TRIAL,
              "test race trial tt criterium crit pursuit timed heat heats final finals semifinal sportive fondo",
          SessionKind.SPRINT, "sprints hillsprints",
          SessionKind.STEEPLE, "steeple steeplechase sc barriers",
          SessionKind.HURDLES, "hurdles hurdle hurdling",
          SessionKind.GYM, "gym weights lift lifting",
          SessionKind.JUMPS, "jumps jump plyos plyometrics");

  static final Map<String, Sport> SPORTS =
      words(
          Arrays.stream(Sport.values())
              .flatMap(s -> Stream.of(s, Profiles.of(s).names()))
              .toArray());

  static final Map<String, Stroke> STROKES =
      words(
          Stroke.FREESTYLE, "free freestyle fr crawl fc frontcrawl",
          Stroke.BACKSTROKE, "back backstroke bk bc backcrawl",
          Stroke.BREASTSTROKE, "breast breaststroke br brs",
          Stroke.BUTTERFLY, "fly butterfly",
          Stroke.MEDLEY, "im medley");

  static final Map<String, Rest.Manner> MANNERS =
      words(
          Rest.Manner.STANDING, "rest off standing stand r",
          Rest.Manner.WALK, "walk walking",
          Rest.Manner.JOG, "jog jogging",
          Rest.Manner.EASY, "recovery rec easy slow spin paddle paddling ez light roll coast",
          Rest.Manner.FLOAT, "float");

  static final Map<String, Double> METRES =
      Map.ofEntries(
          Map.entry("m", 1.0),
          Map.entry("metre", 1.0),
          Map.entry("metres", 1.0),
          Map.entry("meter", 1.0),
          Map.entry("meters", 1.0),
          Map.entry("k", 1000.0),
          Map.entry("km", 1000.0),
          Map.entry("kms", 1000.0),
          Map.entry("mtr", 1.0),
          Map.entry("mtrs", 1.0),
          Map.entry("ft", Distance.Unit.FOOT.metres()),
          Map.entry("feet", Distance.Unit.FOOT.metres()),
          Map.entry("foot", Distance.Unit.FOOT.metres()),
          Map.entry("y", Distance.Unit.YARD.metres()),
          Map.entry("yd", Distance.Unit.YARD.metres()),
          Map.entry("yds", Distance.Unit.YARD.metres()),
          Map.entry("yards", Distance.Unit.YARD.metres()),
          Map.entry("yard", Distance.Unit.YARD.metres()),
          Map.entry("mi", Distance.Unit.MILE.metres()),
          Map.entry("mile", Distance.Unit.MILE.metres()),
          Map.entry("miles", Distance.Unit.MILE.metres()));

  static final Map<String, Integer> SECONDS =
      Map.ofEntries(
          Map.entry("s", 1),
          Map.entry("sec", 1),
          Map.entry("secs", 1),
          Map.entry("second", 1),
          Map.entry("seconds", 1),
          Map.entry("\"", 1),
          Map.entry("min", 60),
          Map.entry("mins", 60),
          Map.entry("minute", 60),
          Map.entry("minutes", 60),
          Map.entry("'", 60),
          Map.entry("h", 3600),
          Map.entry("hr", 3600),
          Map.entry("hrs", 3600),
          Map.entry("hour", 3600),
          Map.entry("hours", 3600));

  /** Race distances that have a name. */
  static final Map<String, Double> RACES =
      Map.of(
          "marathon",
          42_195.0,
          "half",
          21_097.5,
          "mile",
          Distance.Unit.MILE.metres(),
          "kilo",
          1000.0);

  /** Words that say how it is done and are kept as they are. */
  static final Set<String> EXTRAS =
      Set.of(
          "kick",
          "pull",
          "drill",
          "drills",
          "paddles",
          "fins",
          "build",
          "building",
          "descending",
          "strides",
          "stride",
          "starts",
          "start",
          "seated",
          "uphill",
          "downhill",
          "relaxed",
          "negative",
          "split",
          "progressive",
          "choice",
          "low",
          "high",
          "cadence",
          "underwater",
          "accelerations",
          "openers",
          "order",
          "block",
          "relay",
          "flying",
          "over-under",
          "form",
          "odds",
          "evens",
          "surges",
          "bounds",
          "sled",
          "pickups");

  /** What only swimmers do. */
  static final Set<String> EXTRAS_IN_WATER =
      Set.of(
          "dive",
          "dives",
          "hypoxic",
          "kick-drill-swim",
          "scull",
          "sculling",
          "snorkel",
          "band",
          "average");

  /** Other words for the same. */
  static final Map<String, String> SAME_EXTRA =
      Map.ofEntries(
          Map.entry("progression", "progressive"),
          Map.entry("prog", "progressive"),
          Map.entry("desc", "descending"),
          Map.entry("descend", "descending"),
          Map.entry("cutdown", "descending"),
          Map.entry("cutdowns", "descending"),
          Map.entry("overunder", "over-under"),
          Map.entry("neg", "negative"),
          Map.entry("opener", "openers"),
          Map.entry("flys", "flying"),
          Map.entry("flies", "flying"),
          Map.entry("acceleration", "accelerations"),
          Map.entry("odd", "odds"),
          Map.entry("even", "evens"),
          Map.entry("blocks", "block"),
          Map.entry("surge", "surges"),
          Map.entry("pickup", "pickups"),
          Map.entry("bouy", "pull"));

  /** Of shorter words too many others are near. */
  private static final int SHORTEST_GUESSED = 4;

  /** Words that carry nothing of their own. */
  static final Set<String> FILLERS =
      Set.of(
          "xc",
          "pyramid",
          "ladder",
          "ramp",
          "road",
          "the",
          "a",
          "of",
          "each",
          "session",
          "pace",
          "effort",
          "on",
          "in",
          "over",
          "from",
          "pieces",
          "piece",
          "workout",
          "main",
          "individual",
          "team",
          "broken",
          "buoy",
          "head",
          "practice",
          "training",
          "club",
          "straight",
          "continuous",
          "middle",
          "total",
          "open",
          "commute",
          "mixed",
          "double",
          "am",
          "pm",
          "key",
          "trails",
          "trail",
          "grass",
          "undulating",
          "rolling",
          "cross",
          "gravel");

  /** Days that a pasted week begins its lines with; the session has its date. */
  static final Map<String, DayOfWeek> DAYS =
      words(
          DayOfWeek.MONDAY, "mon monday",
          DayOfWeek.TUESDAY, "tue tues tuesday",
          DayOfWeek.WEDNESDAY, "wed weds wednesday",
          DayOfWeek.THURSDAY, "thu thur thurs thursday",
          DayOfWeek.FRIDAY, "fri friday",
          DayOfWeek.SATURDAY, "sat saturday",
          DayOfWeek.SUNDAY, "sun sunday");

  private Vocabulary() {}

  static boolean isUnit(Token t) {
    return METRES.containsKey(t.text()) || SECONDS.containsKey(t.text());
  }

  static boolean isPace(Token t) {
    return t.is("pace") || t.is("effort");
  }

  /** The known word nearest to one that is not, if one is near. */
  static Optional<String> nearest(String word) {
    if (word.length() < SHORTEST_GUESSED) {
      return Optional.empty();
    }
    TreeSet<String> all = new TreeSet<>();
    for (Map<String, ?> map :
        List.of(FEELS, KINDS, SPORTS, STROKES, MANNERS, METRES, SECONDS, RACES)) {
      all.addAll(map.keySet());
    }
    all.addAll(EXTRAS);
    all.removeIf(w -> w.length() < 3 || w.equals(word));
    LevenshteinDistance letters = new LevenshteinDistance(word.length() < 6 ? 1 : 2);
    String best = null;
    int least = Integer.MAX_VALUE;
    for (String candidate : all) {
      // Whoever mistypes a word rarely mistypes its first letter.
      boolean isSwapped = sorted(word).equals(sorted(candidate));
      int apart =
          candidate.charAt(0) != word.charAt(0)
              ? -1
              : isSwapped ? 1 : letters.apply(word, candidate);
      // Letters are swapped more often than left out.
      int rank = 10 * apart + Math.abs(candidate.length() - word.length());
      if (apart >= 0 && rank < least) {
        least = rank;
        best = candidate;
      }
    }
    return Optional.ofNullable(best);
  }

  private static String sorted(String word) {
    char[] letters = word.toCharArray();
    Arrays.sort(letters);
    return new String(letters);
  }

  /** Without the s of a plural, where it is one. */
  static String singular(String word) {
    return word.length() > 3 && word.endsWith("s") ? word.substring(0, word.length() - 1) : word;
  }

  private static <T> Map<String, T> words(Object... pairs) {
    Map<String, T> map = new HashMap<>();
    for (int i = 0; i < pairs.length; i += 2) {
      @SuppressWarnings("unchecked")
      T value = (T) pairs[i];
      for (String word : List.of(SPACES.split((String) pairs[i + 1]))) {
        map.put(word, value);
      }
    }
    return Map.copyOf(map);
  }
}
