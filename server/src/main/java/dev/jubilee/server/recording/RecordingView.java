package dev.jubilee.server.recording;

import dev.jubilee.core.recording.Alignment;
import dev.jubilee.core.recording.RecordedSession;
import dev.jubilee.core.recording.Recording;
import dev.jubilee.core.recording.Stretches;
import io.swagger.v3.oas.annotations.media.Schema;
import java.time.LocalDateTime;
import java.util.ArrayList;
import java.util.List;
import java.util.UUID;

/**
 * A recording beside what was prescribed.
 *
 * @param begins where the club is
 * @param beginsBefore s before the session's start
 * @param missing s of it that nothing was recorded
 * @param every s from one of the figures to the next
 * @param figures m/s or W, in hundredths
 * @param hearts beats/min at the same seconds; empty where no strap was worn
 * @param warmUp how many of the steps are the warm-up's
 * @param notes what is odd about it
 */
public record RecordingView(
    UUID prescriptionId,
    List<String> files,
    LocalDateTime begins,
    int beginsBefore,
    int seconds,
    int missing,
    Recording.Measure measure,
    int every,
    List<Integer> figures,
    List<Integer> hearts,
    List<StepView> steps,
    int warmUp,
    List<StretchView> stretches,
    @Schema(nullable = true) Integer length,
    @Schema(nullable = true) Integer gap,
    List<String> notes,
    boolean isByHand) {

  /** So many figures are drawn. */
  private static final int DRAWN = 900;

  /**
   * A step that was prescribed.
   *
   * @param figure m/s or W to aim at
   * @param inTarget s that it was hit; absent where it has none, or was not found
   */
  public record StepView(
      String name,
      int seconds,
      @Schema(nullable = true) Double figure,
      boolean isWork,
      @Schema(nullable = true) Integer inTarget) {}

  /** A stretch that was found, and the index of its step. */
  public record StretchView(
      int from, int until, double mean, @Schema(nullable = true) Integer step) {}

  static RecordingView of(
      UUID prescriptionId,
      List<String> files,
      LocalDateTime begins,
      int beginsBefore,
      Recording recording,
      RecordedSession read,
      List<String> notes,
      boolean isByHand) {
    int every = Math.max(1, recording.seconds() / DRAWN);
    List<Integer> figures = new ArrayList<>();
    List<Integer> hearts = new ArrayList<>();
    for (int s = 0; s < recording.seconds(); s += every) {
      double figure = recording.figures().get(s);
      figures.add(Double.isNaN(figure) ? 0 : (int) Math.round(100 * figure));
      if (!recording.hearts().isEmpty()) {
        hearts.add(recording.hearts().get(s));
      }
    }
    Integer[] stepOf = new Integer[read.stretches().size()];
    read.pairs().forEach(p -> p.stretch().ifPresent(s -> stepOf[s] = p.step().orElse(null)));
    List<StretchView> stretches = new ArrayList<>();
    for (int i = 0; i < stepOf.length; i++) {
      Stretches.Stretch s = read.stretches().get(i);
      stretches.add(new StretchView(s.from(), s.until(), s.mean(), stepOf[i]));
    }
    List<StepView> steps = new ArrayList<>();
    for (int i = 0; i < read.planned().steps().size(); i++) {
      Alignment.Step step = read.planned().steps().get(i);
      steps.add(
          new StepView(
              read.planned().names().get(i),
              step.seconds(),
              step.figure().orElse(null),
              step.isWork(),
              read.inTarget().get(i)));
    }
    return new RecordingView(
        prescriptionId,
        files,
        begins,
        beginsBefore,
        recording.seconds(),
        recording.missing(),
        recording.measure(),
        every,
        figures,
        hearts,
        steps,
        read.planned().warmUp(),
        stretches,
        read.length().isPresent() ? read.length().getAsInt() : null,
        read.gap().isPresent() ? read.gap().getAsInt() : null,
        notes,
        isByHand);
  }
}
