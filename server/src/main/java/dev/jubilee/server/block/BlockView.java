package dev.jubilee.server.block;

import dev.jubilee.core.block.Change;
import dev.jubilee.core.block.Week;
import dev.jubilee.core.session.SessionKind;
import dev.jubilee.core.sport.Level;
import dev.jubilee.core.sport.Sport;
import io.swagger.v3.oas.annotations.media.Schema;
import java.time.LocalDate;
import java.util.List;
import java.util.UUID;

/**
 * A block as people see it.
 *
 * @param today in the club's time zone
 * @param frozenFrom first day on which nothing new may come
 * @param ladders names of the versions, for those in use
 * @param athletes in the order of the groups
 */
public record BlockView(
    UUID id,
    int revision,
    boolean canUndo,
    boolean canRedo,
    String edit,
    BlockDefinition definition,
    LocalDate today,
    LocalDate frozenFrom,
    List<Week> weeks,
    List<BlockLadder> ladders,
    List<AthleteBlock> athletes,
    CompilationView compilation) {

  /** A block in a list. */
  public record BlockSummary(UUID id, String name, LocalDate start, LocalDate race, int athletes) {}

  /** A ladder with the names of its versions from the easiest on. */
  public record BlockLadder(String id, List<String> rungs) {}

  /** One athlete's block; weeks and warm-ups are empty until computed. */
  public record AthleteBlock(
      UUID id,
      String name,
      Level level,
      String group,
      List<WeekView> weeks,
      List<WarmUpView> warmUps) {}

  /**
   * Where an athlete stands in a week.
   *
   * @param rungs of the ladders in use
   * @param top % of top speed or power that the build may reach
   * @param efforts more or fewer than usual
   * @param contacts most ground contacts
   */
  public record WeekView(
      int number,
      List<WeekRung> rungs,
      int top,
      int efforts,
      int contacts,
      boolean absent,
      List<Change> changes) {}

  /** A rung and its dose, % of the usual. */
  public record WeekRung(String ladder, int step, int dose) {}

  /**
   * A warm-up of the block.
   *
   * @param kept whether it stays as it is: over, or changed by the coach
   * @param top % of top speed or power
   * @param changes what differs from the last one before such a session
   */
  public record WarmUpView(
      UUID sessionId,
      @Schema(nullable = true) UUID prescriptionId,
      LocalDate date,
      Sport sport,
      SessionKind kind,
      String title,
      boolean kept,
      int seconds,
      int drills,
      int efforts,
      int top,
      int contacts,
      List<String> changes) {}

  /** How far the work in the background is; athletes done of all. */
  public record CompilationView(State state, int done, int total, String message) {
    /** How far. */
    public enum State {
      RUNNING,
      DONE,
      CANCELLED,
      FAILED
    }
  }

  /**
   * What a change of the block would lead to.
   *
   * @param sessions in words
   * @param athletes those for whom something changes, among those dealt with in this answer
   * @param done how many athletes have been dealt with, in this answer and before; the next asks
   *     from there
   */
  public record Preview(
      List<String> sessions, List<AthletePreview> athletes, int done, int total) {}

  /** What would change for one athlete, week by week. */
  public record AthletePreview(UUID id, String name, List<WeekPreview> weeks) {}

  /** A week before and after. */
  public record WeekPreview(int number, LocalDate firstDay, String before, String after) {}
}
