package dev.jubilee.core.quantity;

import java.time.Duration;
import java.util.ArrayList;
import java.util.List;

/**
 * Words with figures in them that each reader sees in their own measures. The figures stay numbers
 * until they are shown.
 *
 * @param text with {@code {0}}, {@code {1}} where the figures go
 * @param figures in their order
 */
public record Phrase(String text, List<Figure> figures) {
  public Phrase {
    figures = List.copyOf(figures);
  }

  /**
   * A figure.
   *
   * @param value in the kind's own unit
   */
  public record Figure(Kind kind, double value) {}

  /** What a figure counts. */
  public enum Kind {
    /** m. */
    LENGTH,
    /** m/s, told as time for a kilometre or mile. */
    RUN_SPEED,
    /** m/s, told as time for 100 m or 100 yd. */
    SWIM_SPEED
  }

  public static Phrase of(String text, Figure... figures) {
    return new Phrase(text, List.of(figures));
  }

  public static Figure length(Distance distance) {
    return new Figure(Kind.LENGTH, distance.metres());
  }

  /** The same with more words at its end. */
  public Phrase then(String more) {
    return new Phrase(text + more, figures);
  }

  /** As it reads in metres and kilometres. */
  public String metric() {
    String words = text;
    List<Figure> all = new ArrayList<>(figures);
    for (int i = 0; i < all.size(); i++) {
      words = words.replace("{" + i + "}", metric(all.get(i)));
    }
    return words;
  }

  private static String metric(Figure figure) {
    return switch (figure.kind()) {
      case LENGTH -> Math.round(figure.value()) + " m";
      case RUN_SPEED -> pace(1000, figure.value()) + " /km";
      case SWIM_SPEED -> pace(100, figure.value()) + " /100 m";
    };
  }

  private static String pace(int metres, double speed) {
    return Bounds.clock(Duration.ofMillis((long) (1000 * metres / speed)));
  }
}
