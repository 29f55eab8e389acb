package dev.jubilee.server.recording;

import dev.jubilee.core.quantity.OutOfRangeException;
import dev.jubilee.core.recording.Recording.Point;
import dev.jubilee.core.sport.Sport;
import java.time.Instant;
import java.time.format.DateTimeFormatter;
import java.time.format.DateTimeFormatterBuilder;
import java.time.format.DateTimeParseException;
import java.time.temporal.ChronoField;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.function.Supplier;

/** Reads GPX 1.1 and TCX 2, as their published schemas have them. */
final class TrackFiles {
  /** Mean radius, m (IUGG). */
  private static final double EARTH = 6_371_008.8;

  /** More is no pace but a jump of the satellites', m/s. */
  private static final double FASTEST = 40;

  private static final int MOST_POINTS = 200_000;

  /** What has no zone is in universal time, as the formats say. */
  private static final DateTimeFormatter TIME =
      new DateTimeFormatterBuilder()
          .append(DateTimeFormatter.ISO_LOCAL_DATE_TIME)
          .optionalStart()
          .appendOffsetId()
          .optionalEnd()
          .parseDefaulting(ChronoField.OFFSET_SECONDS, 0)
          .toFormatter(Locale.ROOT);

  private TrackFiles() {}

  /**
   * What a file says.
   *
   * @throws OutOfRangeException naming the line or the moment
   */
  static Parsed read(RecordingFile.Format format, String text) {
    Track track = new Track(format == RecordingFile.Format.GPX ? "trkpt" : "Trackpoint");
    SafeXml.walk(text, track);
    if (!track.isKnown) {
      throw new OutOfRangeException(
          "text",
          "no " + (format == RecordingFile.Format.GPX ? "track" : "activity"),
          "a recording as " + format);
    }
    return new Parsed(track.sport, track.points());
  }

  /** A point as it is written; what is not written is absent. */
  private static final class Raw {
    private Instant at;
    private double latitude = Double.NaN;
    private double longitude = Double.NaN;
    private Double metres;
    private Double speed;
    private Integer power;
    private int heart;
  }

  private static final class Track implements SafeXml.Visitor {
    private final String point;
    private final List<Raw> raws = new ArrayList<>();
    private Raw open;
    private Optional<Sport> sport = Optional.empty();
    private boolean isKnown;

    Track(String point) {
      this.point = point;
    }

    @Override
    public void begins(String name, SafeXml.Attributes attributes) {
      isKnown |= name.equals("trk") || name.equals("Activity");
      if (name.equals("Activity")) {
        sport = sport(attributes.get("Sport"));
      }
      if (name.equals(point)) {
        if (raws.size() >= MOST_POINTS) {
          throw new OutOfRangeException("text", "more points", "up to " + MOST_POINTS + " points");
        }
        open = new Raw();
        open.latitude = number(attributes.get("lat")).orElse(Double.NaN);
        open.longitude = number(attributes.get("lon")).orElse(Double.NaN);
      }
    }

    @Override
    public void ends(String name, String text) {
      if (name.equals("type") && open == null) {
        sport = sport.or(() -> sport(text));
      }
      if (open == null) {
        return;
      }
      switch (name.toLowerCase(Locale.ROOT)) {
        case "time" -> open.at = time(text);
        case "latitudedegrees" -> open.latitude = number(text).orElse(Double.NaN);
        case "longitudedegrees" -> open.longitude = number(text).orElse(Double.NaN);
        case "distancemeters" -> open.metres = number(text).orElse(null);
        case "speed" -> open.speed = number(text).filter(TrackFiles::isPace).orElse(null);
        case "watts", "power" ->
            open.power = number(text).filter(w -> w < 3000).map(Double::intValue).orElse(null);
        // In TCX the rate stands in an element of its own, in GPX extensions it is called hr.
        case "value", "hr" -> open.heart = number(text).filter(h -> h < 250).orElse(0.0).intValue();
        default -> {
          // Whatever else devices write.
        }
      }
      if (name.equals(point)) {
        if (open.at != null) {
          raws.add(open);
        }
        open = null;
      }
    }

    List<Point> points() {
      List<Point> points = new ArrayList<>();
      Raw before = null;
      for (Raw raw : raws) {
        points.add(
            new Point(
                raw.at,
                Optional.ofNullable(raw.speed).or(speed(before, raw)),
                Optional.ofNullable(raw.power),
                raw.heart));
        before = raw;
      }
      return points;
    }
  }

  /** From the way between two points, where no speed is written. */
  private static Supplier<Optional<Double>> speed(Raw from, Raw to) {
    return () -> {
      if (from == null) {
        return Optional.empty();
      }
      double seconds = (to.at.toEpochMilli() - from.at.toEpochMilli()) / 1000.0;
      double metres =
          from.metres != null && to.metres != null ? to.metres - from.metres : between(from, to);
      double speed = metres / seconds;
      return seconds > 0 && seconds <= 30 && isPace(speed) ? Optional.of(speed) : Optional.empty();
    };
  }

  /** Along a great circle (haversine), m. */
  private static double between(Raw from, Raw to) {
    double a = Math.toRadians(from.latitude);
    double b = Math.toRadians(to.latitude);
    double half = Math.sin((b - a) / 2);
    double turn = Math.sin(Math.toRadians(to.longitude - from.longitude) / 2);
    double h = half * half + Math.cos(a) * Math.cos(b) * turn * turn;
    return 2 * EARTH * Math.asin(Math.min(1, Math.sqrt(h)));
  }

  private static boolean isPace(double speed) {
    return speed >= 0 && speed <= FASTEST;
  }

  private static Instant time(String text) {
    try {
      return TIME.parse(text, Instant::from);
    } catch (DateTimeParseException e) {
      throw new OutOfRangeException("text", "time " + text, "times with date and zone");
    }
  }

  private static Optional<Double> number(String text) {
    try {
      double value = Double.parseDouble(text);
      return Double.isFinite(value) ? Optional.of(value) : Optional.empty();
    } catch (NumberFormatException e) {
      return Optional.empty();
    }
  }

  private static Optional<Sport> sport(String word) {
    String w = word.toLowerCase(Locale.ROOT);
    if (w.contains("run")) {
      return Optional.of(Sport.RUN);
    }
    if (w.contains("bik") || w.contains("cycl") || w.contains("rid")) {
      return Optional.of(Sport.RIDE);
    }
    if (w.contains("row")) {
      return Optional.of(Sport.ROW);
    }
    return w.contains("swim") ? Optional.of(Sport.SWIM) : Optional.empty();
  }
}
