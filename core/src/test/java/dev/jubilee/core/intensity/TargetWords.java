package dev.jubilee.core.intensity;

import java.time.Duration;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;

/** Targets as an athlete reads them, metric. */
public final class TargetWords {
  private TargetWords() {}

  /** Such as {@code 4:05 /km}, {@code 203 W, 2:00 /500 m, rate 22} or {@code effort 3 of 10}. */
  public static String of(Target target) {
    List<String> words = new ArrayList<>();
    switch (target.metric()) {
      case PACE -> words.add(clock(1000 / target.value()) + " /km");
      case TREADMILL -> words.add(String.format(Locale.ROOT, "%.1f km/h", 3.6 * target.value()));
      case SWIM_PACE -> words.add(clock(100 / target.value()) + " /100 m");
      case POWER -> words.add(Math.round(target.value()) + " W");
      case SPLIT -> {
        words.add(Math.round(target.value()) + " W");
        words.add(clock(RowingErgometer.splitSeconds(target.value())) + " /500 m");
      }
      case LOAD -> words.add(Math.round(100 * target.value()) + " % of the work load");
      case FEEL -> {
        if (target.percentOfTop() > 0) {
          words.add(target.percentOfTop() + " % of top");
        }
        words.add(String.format(Locale.ROOT, "effort %.0f of 10", target.perceivedExertion()));
      }
    }
    if (target.gradient() > 0) {
      words.add(target.gradient() + " %");
    }
    if (target.ratePerMinute() > 0) {
      words.add("rate " + target.ratePerMinute());
    }
    if (target.heartHigh() > 0) {
      words.add("HR " + target.heartLow() + "–" + target.heartHigh());
    }
    return String.join(", ", words);
  }

  private static String clock(double seconds) {
    long s = Duration.ofMillis(Math.round(seconds * 1000) + 500).toSeconds();
    return String.format(Locale.ROOT, "%d:%02d", s / 60, s % 60);
  }
}
