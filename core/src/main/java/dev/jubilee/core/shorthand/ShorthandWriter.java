package dev.jubilee.core.shorthand;

import dev.jubilee.core.quantity.Distance;
import dev.jubilee.core.session.Aim;
import dev.jubilee.core.session.SessionKind;
import dev.jubilee.core.shorthand.Step.Group;
import dev.jubilee.core.shorthand.Step.Piece;
import java.math.BigDecimal;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.stream.Collectors;

/** Writes an outline in the plainest shorthand; reading it again gives the same outline. */
public final class ShorthandWriter {
  private static final double MILE = Distance.Unit.MILE.metres();

  private ShorthandWriter() {}

  public static String of(ParsedSession outline) {
    String label = label(outline);
    String rest = outline.free().isEmpty() ? steps(outline.steps()) : outline.free();
    String own = rest.isEmpty() ? label : label.isEmpty() ? rest : label + ": " + rest;
    return own + outline.next().map(next -> " then " + of(next)).orElse("");
  }

  private static final Rest.Visitor<String> IN_WORDS =
      new Rest.Visitor<>() {
        @Override
        public String none() {
          return "";
        }

        @Override
        public String timed(Rest.Timed rest) {
          return " / " + time(rest.seconds()) + manner(rest.manner());
        }

        @Override
        public String overDistance(Rest.OverDistance rest) {
          return " / " + metres(rest.metres()) + manner(rest.manner());
        }

        @Override
        public String wayBack(Rest.WayBack rest) {
          return " / " + rest.manner().name().toLowerCase(Locale.ROOT) + " back";
        }

        @Override
        public String full() {
          return " / full rest";
        }

        @Override
        public String sendOff(Rest.SendOff rest) {
          return " on " + clock(rest.seconds());
        }

        @Override
        public String ratio(Rest.Ratio rest) {
          return " / " + plain(rest.work()) + ":" + plain(rest.rest()) + " rest";
        }
      };

  /** What the session is called, as in {@code hills} or {@code row race}; may be empty. */
  public static String label(ParsedSession outline) {
    List<String> label = new ArrayList<>();
    outline.sport().ifPresent(s -> label.add(s.name().toLowerCase(Locale.ROOT)));
    if (outline.isHills()) {
      label.add("hills");
    }
    outline.said().ifPresent(k -> label.add(kind(k)));
    return String.join(" ", label);
  }

  private static String kind(SessionKind kind) {
    return switch (kind) {
      case EASY -> "easy";
      case LONG -> "long";
      case THRESHOLD -> "thresholds";
      case INTERVALS -> "intervals";
      case TIME_TRIAL -> "race";
      case SPRINT -> "sprints";
      case STEEPLE -> "steeple";
      case HURDLES -> "hurdles";
      case GYM -> "gym";
      case JUMPS -> "jumps";
    };
  }

  private static String steps(List<Step> steps) {
    return steps.stream().map(ShorthandWriter::of).collect(Collectors.joining("; "));
  }

  /** One line. */
  public static String of(Step step) {
    return (step.times() > 1 ? step.times() + " x " : "")
        + (step instanceof Group group ? "(" + steps(group.steps()) + ")" : piece((Piece) step))
        + rest(step.rest());
  }

  private static String piece(Piece piece) {
    String how = how(piece);
    return of(piece.amount()) + (how.isEmpty() ? "" : " " + how);
  }

  /** How an effort is done: stroke, aim, rate and the rest. */
  public static String how(Piece piece) {
    List<String> words = new ArrayList<>();
    piece.stroke().ifPresent(s -> words.add(s.name().toLowerCase(Locale.ROOT)));
    piece.aim().ifPresent(a -> words.add(of(a)));
    piece.rate().ifPresent(r -> words.add("rate " + r));
    words.addAll(piece.extras());
    return String.join(" ", words);
  }

  /** A length, as in {@code 1000 m} or {@code 1 h 30 min}. */
  public static String of(Extent amount) {
    return amount instanceof Extent.Time t
        ? time(t.seconds())
        : metres(((Extent.Distance) amount).metres());
  }

  private static String metres(double metres) {
    double miles = Math.round(metres / MILE);
    if (metres == 42_195) {
      return "marathon";
    }
    if (metres == 21_097.5) {
      return "half marathon";
    }
    if (miles >= 1 && Lengths.distance(miles * MILE).metres() == metres) {
      return (int) miles + (miles == 1 ? " mile" : " miles");
    }
    if (metres != Math.rint(metres) && Lengths.isInMiles(metres)) {
      double quarters = Math.round(metres / MILE * 4) / 4.0;
      return plain(quarters) + (quarters < 1 ? " mile" : " miles");
    }
    if (metres != Math.rint(metres)) {
      for (Distance.Unit unit : List.of(Distance.Unit.YARD, Distance.Unit.FOOT)) {
        double whole = Math.rint(metres / unit.metres());
        if (Lengths.distance(whole * unit.metres()).metres() == metres) {
          return (int) whole + (unit == Distance.Unit.YARD ? " yd" : " ft");
        }
      }
    }
    return metres >= 2000 && metres % 100 == 0
        ? plain(metres / 1000) + " km"
        : plain(metres) + " m";
  }

  private static String time(int seconds) {
    if (seconds < 120 && seconds % 60 != 0) {
      return seconds + " s";
    }
    if (seconds % 60 != 0) {
      return seconds < 3600
          ? seconds / 60 + " min " + seconds % 60 + " s"
          : seconds / 3600 + " h " + seconds / 60 % 60 + " min " + seconds % 60 + " s";
    }
    int minutes = seconds / 60;
    return minutes < 100
        ? minutes + " min"
        : minutes / 60 + " h" + (minutes % 60 == 0 ? "" : " " + minutes % 60 + " min");
  }

  /** An aim, as in {@code @ 5 km pace}. */
  public static String of(Aim aim) {
    if (aim instanceof Aim.Feel feel) {
      return feel.name().toLowerCase(Locale.ROOT).replace('_', ' ');
    }
    if (aim instanceof Aim.ThresholdPace pace) {
      return "threshold "
          + (pace.plusSeconds() > 0 ? "+" : "-")
          + Math.abs(pace.plusSeconds())
          + " s";
    }
    if (aim instanceof Aim.Race race) {
      int plus = race.plusSeconds();
      return "@ "
          + metres(race.metres())
          + " pace"
          + (plus == 0 ? "" : (plus > 0 ? " +" : " -") + Math.abs(plus) + " s");
    }
    Aim.Figure f = (Aim.Figure) aim;
    boolean isPace = f.unit().isPace();
    String low = isPace ? clock(f.low()) : plain(f.low());
    String high = isPace ? clock(f.high()) : plain(f.high());
    String figure = low.equals(high) ? low : isPace ? high + "-" + low : low + "-" + high;
    return "@ "
        + switch (f.unit()) {
          case WATTS -> figure + " W";
          case WATTS_PER_KG -> figure + " W/kg";
          case SECONDS_PER_KM -> figure + "/km";
          case SECONDS_PER_MILE -> figure + "/mile";
          case SECONDS_PER_500 -> figure + "/500 m";
          case SECONDS_PER_100 -> figure + "/100 m";
          case BEATS -> figure + " bpm";
          case EXERTION -> figure + "/10";
          case PERCENT_OF_CRITICAL -> figure + " % of threshold";
          case PERCENT_OF_TOP -> figure + " % of top";
          case PERCENT_OF_MAXIMUM_HEART -> figure + " % of maximum heart rate";
          case PERCENT_OF_THRESHOLD_HEART -> figure + " % of threshold heart rate";
        };
  }

  /** What comes between, with the sign that leads to it; empty for nothing. */
  public static String recovery(Rest rest) {
    return rest(rest).strip();
  }

  private static String rest(Rest rest) {
    return rest.accept(IN_WORDS);
  }

  private static String manner(Rest.Manner manner) {
    return manner == Rest.Manner.STANDING ? " rest" : " " + manner.name().toLowerCase(Locale.ROOT);
  }

  static String clock(double seconds) {
    int tenths = (int) Math.round(seconds * 10);
    int whole = tenths / 10;
    String clock = String.format(Locale.ROOT, "%d:%02d", whole / 60, whole % 60);
    return tenths % 10 == 0 ? clock : clock + "." + tenths % 10;
  }

  private static String plain(double value) {
    return BigDecimal.valueOf(value).stripTrailingZeros().toPlainString();
  }
}
