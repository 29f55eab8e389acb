package dev.jubilee.server.session;

import dev.jubilee.core.session.SessionKind;
import dev.jubilee.core.shorthand.ParseResult;
import dev.jubilee.core.shorthand.SessionClassification;
import dev.jubilee.core.shorthand.Shorthand;
import dev.jubilee.core.shorthand.ShorthandWriter;
import dev.jubilee.core.shorthand.Step;
import dev.jubilee.core.shorthand.Timeline;
import dev.jubilee.core.sport.Sport;
import dev.jubilee.core.sport.Stroke;
import dev.jubilee.server.signin.SignedIn;
import dev.jubilee.server.zone.ClubZones;
import io.swagger.v3.oas.annotations.media.ArraySchema;
import io.swagger.v3.oas.annotations.media.Schema;
import jakarta.validation.Valid;
import jakarta.validation.constraints.NotNull;
import jakarta.validation.constraints.Size;
import java.util.List;
import org.springframework.security.core.annotation.AuthenticationPrincipal;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RestController;

/** What is written on the whiteboard, understood while it is being typed. */
@RestController
@RequestMapping("/api/shorthand")
class ShorthandController {

  /** More than is understood, so that what is too long can be said in its place. */
  private static final int LONGEST_ASKED = 2000;

  /** A text and the sport that decides what bare figures mean. */
  record Written(
      @NotNull @Size(max = LONGEST_ASKED, message = "{text.length}") String text,
      @NotNull Sport sport) {}

  /**
   * How it was understood.
   *
   * @param words the same in plain shorthand
   * @param kind open while something is not understood, as are effort and stroke
   * @param sport where the words tell
   * @param label what the session is called: long, hills, race
   * @param seconds about how long it takes a club athlete
   * @param stretches in order, for a picture
   * @param notes what had to be assumed
   * @param faults what was not understood
   * @param next what follows straight on in another sport, in plain shorthand; empty for nothing
   */
  record Understood(
      String words,
      @Schema(nullable = true) Sport sport,
      @Schema(nullable = true) SessionKind kind,
      @Schema(nullable = true) Double effortMetres,
      @Schema(nullable = true) Double effortSeconds,
      @Schema(nullable = true) Stroke stroke,
      String label,
      int seconds,
      List<Line> lines,
      List<Stretch> stretches,
      List<String> notes,
      List<WrittenFault> faults,
      String next) {}

  /**
   * A line for the editor; the parts put together again are shorthand.
   *
   * @param length empty for a bracket
   * @param lines inside the bracket
   */
  record Line(
      int times,
      String length,
      String how,
      String recovery,
      // Named outright, as the description would leave out what refers to itself.
      @ArraySchema(schema = @Schema(ref = "#/components/schemas/Line")) List<Line> lines) {}

  /** A stretch of one effort, 0 to 100. */
  record Stretch(int seconds, int effort, boolean isRest, String words) {}

  /** Where in the text, what, and the whole text put right, or empty. */
  record WrittenFault(int from, int to, String what, String suggestion) {}

  private final ClubZones zones;

  ShorthandController(ClubZones zones) {
    this.zones = zones;
  }

  @PostMapping
  Understood understand(
      @AuthenticationPrincipal SignedIn coach, @Valid @RequestBody Written written) {
    ParseResult reading =
        Shorthand.read(written.text(), written.sport(), zones.of(coach.clubId(), written.sport()));
    Sport sport = reading.outline().sport().orElse(written.sport());
    SessionClassification judgement = SessionClassification.of(reading.outline(), sport);
    boolean isWhole = reading.isWhole();
    List<Stretch> stretches =
        Timeline.of(reading.outline(), judgement.kind(), Timeline.usual(sport)).stream()
            .map(s -> new Stretch(s.seconds(), s.effort(), s.isRest(), s.words()))
            .toList();
    return new Understood(
        ShorthandWriter.of(reading.outline()),
        reading.outline().sport().orElse(null),
        isWhole ? judgement.kind() : null,
        isWhole ? judgement.effortMetres().orElse(null) : null,
        isWhole ? judgement.effortSeconds().map(Integer::doubleValue).orElse(null) : null,
        isWhole ? judgement.stroke().orElse(null) : null,
        ShorthandWriter.label(reading.outline()),
        stretches.stream().mapToInt(Stretch::seconds).sum(),
        reading.outline().steps().stream().map(ShorthandController::line).toList(),
        stretches,
        reading.notes(),
        reading.faults().stream()
            .map(f -> new WrittenFault(f.from(), f.to(), f.what(), f.suggestion()))
            .toList(),
        reading.outline().next().map(ShorthandWriter::of).orElse(""));
  }

  private static Line line(Step step) {
    return step instanceof Step.Group group
        ? new Line(
            group.times(),
            "",
            "",
            ShorthandWriter.recovery(group.rest()),
            group.steps().stream().map(ShorthandController::line).toList())
        : line((Step.Piece) step);
  }

  private static Line line(Step.Piece piece) {
    return new Line(
        piece.times(),
        ShorthandWriter.of(piece.amount()),
        ShorthandWriter.how(piece),
        ShorthandWriter.recovery(piece.rest()),
        List.of());
  }
}
