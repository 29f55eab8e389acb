package dev.jubilee.core.shorthand;

import dev.jubilee.core.session.BarHold;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import java.util.regex.Pattern;

/** Which lift comes first, and so how its bar is held. */
final class Lifts {
  private static final Pattern NO_LETTERS = Pattern.compile("[^a-z]+");

  /** By the last word of its name; common practice. */
  private static final Map<String, BarHold> LIFTS =
      Map.ofEntries(
          Map.entry("squat", BarHold.ON_THE_BACK),
          Map.entry("clean", BarHold.FRONT_RACK),
          Map.entry("jerk", BarHold.FRONT_RACK),
          Map.entry("thruster", BarHold.FRONT_RACK),
          Map.entry("snatch", BarHold.OVERHEAD),
          Map.entry("press", BarHold.OVERHEAD),
          Map.entry("deadlift", BarHold.FROM_THE_FLOOR),
          Map.entry("bench", BarHold.ON_THE_BENCH));

  /** What the word before it makes of it. */
  private static final Map<String, BarHold> NAMED =
      Map.of(
          "front squat", BarHold.FRONT_RACK,
          "overhead squat", BarHold.OVERHEAD,
          "push press", BarHold.FRONT_RACK,
          "bench press", BarHold.ON_THE_BENCH);

  /** Squats and presses without a bar across the body. */
  private static final List<String> WITHOUT_A_BAR =
      List.of(
          "goblet",
          "split",
          "pistol",
          "air",
          "bodyweight",
          "jump",
          "wall",
          "leg",
          "bulgarian",
          "dumbbell",
          "kettlebell",
          "floor",
          "pallof");

  private Lifts() {}

  /** How the first lift that is named is held; empty where none is, or it has no bar. */
  static Optional<BarHold> first(String text) {
    String before = "";
    for (String word : NO_LETTERS.split(text.toLowerCase(Locale.ROOT), -1)) {
      String lift = singular(word);
      if (LIFTS.containsKey(lift)) {
        return WITHOUT_A_BAR.contains(before)
            ? Optional.empty()
            : Optional.of(NAMED.getOrDefault(before + " " + lift, LIFTS.get(lift)));
      }
      before = word;
    }
    return Optional.empty();
  }

  private static String singular(String word) {
    if (word.equals("snatches") || word.equals("presses")) {
      return word.substring(0, word.length() - 2);
    }
    return word.endsWith("s") && LIFTS.containsKey(word.substring(0, word.length() - 1))
        ? word.substring(0, word.length() - 1)
        : word;
  }
}
