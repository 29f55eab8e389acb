package dev.jubilee.server.logbook;

import dev.jubilee.core.logbook.FollowedRecord;
import dev.jubilee.core.logbook.HeartResponse;
import dev.jubilee.core.logbook.Signal;
import dev.jubilee.core.readiness.Forecast;
import dev.jubilee.server.logbook.FollowedView.Measured;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.SortedMap;
import java.util.TreeMap;
import java.util.function.ToIntFunction;

/**
 * What sensors said of a warm-up, and what the model expects by now.
 *
 * @param heartFactor see {@link HeartResponse}; null where no heart was heard
 */
record MeasuredBody(List<Measured> figures, Double heartFactor) {
  /** So many seconds are one figure. */
  private static final int FIGURE = 10;

  /** Nobody warms up for longer, s. */
  private static final int LONGEST = 3 * 3600;

  private static final MeasuredBody NOTHING = new MeasuredBody(List.of(), null);

  static MeasuredBody of(FollowedRecord record, Optional<Forecast> forecast) {
    SortedMap<Integer, List<Signal>> heard = heard(record);
    if (heard.isEmpty()) {
      return NOTHING;
    }
    int base = expected(forecast, 0);
    List<HeartResponse.Pair> pairs = new ArrayList<>();
    heard.forEach(
        (second, signals) -> {
          int heart = mean(signals, Signal::heartRate);
          int expected = expected(forecast, second);
          if (heart > 0 && expected > 0) {
            pairs.add(new HeartResponse.Pair(second, heart, expected));
          }
        });
    HeartResponse response = HeartResponse.of(pairs, base);
    int last = heard.lastKey();
    List<Measured> figures = new ArrayList<>();
    for (int second = 0; second <= last || expected(forecast, second) > 0; second += FIGURE) {
      List<Signal> signals = heard.getOrDefault(second, List.of());
      int average = expected(forecast, second);
      int moved = average == 0 ? 0 : response.expected(average, base);
      if (!signals.isEmpty() || moved > 0) {
        figures.add(
            new Measured(
                second, mean(signals, Signal::heartRate), mean(signals, Signal::power), moved));
      }
    }
    return new MeasuredBody(figures, pairs.isEmpty() ? null : response.factor());
  }

  /** By the second since it was begun at which their figure begins. */
  private static SortedMap<Integer, List<Signal>> heard(FollowedRecord record) {
    SortedMap<Integer, List<Signal>> heard = new TreeMap<>();
    record
        .begun()
        .ifPresent(
            begun -> {
              for (Signal signal : record.signals()) {
                int second = (int) ((signal.at() - begun.toEpochMilli()) / 1000);
                if (second >= 0 && second < LONGEST) {
                  heard
                      .computeIfAbsent(second / FIGURE * FIGURE, s -> new ArrayList<>())
                      .add(signal);
                }
              }
            });
    return heard;
  }

  private static int mean(List<Signal> signals, ToIntFunction<Signal> figure) {
    return (int)
        Math.round(signals.stream().mapToInt(figure).filter(f -> f > 0).average().orElse(0));
  }

  /** Of the average body with this athlete's resting and highest rate. */
  private static int expected(Optional<Forecast> forecast, int second) {
    return forecast.map(f -> f.heartAt(second + FIGURE / 2)).orElse(0);
  }
}
