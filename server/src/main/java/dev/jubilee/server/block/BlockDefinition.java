package dev.jubilee.server.block;

import dev.jubilee.core.block.Emphasis;
import dev.jubilee.core.block.Interruption;
import dev.jubilee.core.block.MasteryRecord;
import dev.jubilee.core.block.TrainingBlock;
import dev.jubilee.core.circumstances.ComingFrom;
import dev.jubilee.core.circumstances.Place;
import dev.jubilee.core.quantity.OutOfRangeException;
import dev.jubilee.core.shorthand.Shorthand;
import dev.jubilee.core.sport.BodyRegion;
import dev.jubilee.core.sport.Sport;
import dev.jubilee.server.club.WeekStart;
import dev.jubilee.server.problem.Limits;
import io.soabase.recordbuilder.core.RecordBuilder;
import io.swagger.v3.oas.annotations.media.Schema;
import jakarta.validation.Valid;
import jakarta.validation.constraints.NotBlank;
import jakarta.validation.constraints.NotNull;
import jakarta.validation.constraints.Size;
import java.time.DayOfWeek;
import java.time.LocalDate;
import java.time.LocalTime;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.UUID;
import java.util.function.BiFunction;
import java.util.stream.Collectors;

/**
 * A block as a coach lays it out.
 *
 * @param name 1 to 80 characters
 * @param start first day
 * @param race day of the race
 * @param otherRaces on the way there
 * @param emphases of weeks where the coach chose them
 * @param groups who trains together
 * @param pattern what they do every week
 * @param exceptions where a day differs
 * @param members who joins later than the start
 * @param interruptions what came or comes between
 * @param mastery what has been mastered
 * @param progressions rungs that the coach placed in a week
 * @param weekStart on which its weeks begin; in a new block the club's when absent, in an old one
 *     Monday
 */
@RecordBuilder
public record BlockDefinition(
    @NotBlank(message = Limits.NAME_ACCEPTED)
        @Size(min = 1, max = Limits.NAME, message = Limits.NAME_ACCEPTED)
        String name,
    @NotNull LocalDate start,
    @NotNull LocalDate race,
    @Size(max = 30) List<@NotNull LocalDate> otherRaces,
    @Size(max = 60) List<@NotNull @Valid WeekEmphasis> emphases,
    @Size(max = 60) List<@NotNull @Valid Group> groups,
    @Size(max = 100) List<@NotNull @Valid Pattern> pattern,
    @Size(max = 5000) List<@NotNull @Valid DayException> exceptions,
    @Size(max = 500) List<@NotNull @Valid Member> members,
    @Size(max = 5000) List<@NotNull @Valid AthleteInterruption> interruptions,
    @Size(max = 10_000) List<@NotNull @Valid AthleteMastery> mastery,
    @Size(max = 5000) List<@NotNull @Valid AthleteProgression> progressions,
    @Schema(nullable = true) WeekStart weekStart) {

  /** The same with its sessions written in other words. */
  BlockDefinition written(BiFunction<Sport, String, String> words) {
    Map<String, Sport> sports =
        pattern.stream().collect(Collectors.toMap(Pattern::key, Pattern::sport, (a, b) -> a));
    List<Pattern> sessions =
        pattern.stream()
            .map(
                p ->
                    new Pattern(
                        p.key(),
                        p.day(),
                        p.time(),
                        p.group(),
                        p.sport(),
                        words.apply(p.sport(), p.shorthand()),
                        p.place(),
                        p.minutes(),
                        p.temperature(),
                        p.comingFrom()))
            .toList();
    List<DayException> days =
        exceptions.stream()
            .map(
                e ->
                    sports.containsKey(e.key())
                        ? new DayException(
                            e.date(),
                            e.key(),
                            e.athleteId(),
                            words.apply(sports.get(e.key()), e.shorthand()))
                        : e)
            .toList();
    return BlockDefinitionBuilder.builder(this).pattern(sessions).exceptions(days).build();
  }

  /** A week whose emphasis the coach chose, by its first day. */
  public record WeekEmphasis(@NotNull LocalDate firstDay, @NotNull Emphasis emphasis) {}

  /** Athletes who train together. */
  public record Group(
      @Size(max = Limits.NAME, message = Limits.NAME_ACCEPTED) String name,
      @NotNull @Size(max = 500) List<@NotNull UUID> athleteIds) {}

  /**
   * A session of every week.
   *
   * @param key stays the same while the session is changed
   * @param group name of the group
   * @param shorthand what is written on the whiteboard
   */
  public record Pattern(
      @Size(max = 80, message = "{text.length}") String key,
      @NotNull DayOfWeek day,
      @NotNull @Schema(type = "string", format = "time", example = "17:30:00") LocalTime time,
      @NotNull @Size(max = Limits.NAME, message = "{text.length}") String group,
      @NotNull Sport sport,
      @NotNull @Size(max = Shorthand.LONGEST, message = "{text.length}") String shorthand,
      @NotNull Place place,
      int minutes,
      int temperature,
      @NotNull ComingFrom comingFrom) {}

  /**
   * A day that differs.
   *
   * @param key of the pattern's session
   * @param athleteId one athlete, or all of the group when absent
   * @param shorthand what is done instead; nothing when absent
   */
  public record DayException(
      @NotNull LocalDate date,
      @NotNull @Size(max = Limits.KEY, message = "{text.length}") String key,
      @Schema(nullable = true) UUID athleteId,
      @Schema(nullable = true) @Size(max = Shorthand.LONGEST, message = "{text.length}")
          String shorthand) {}

  /** An athlete's first day, later than the start. */
  public record Member(@NotNull UUID athleteId, LocalDate joins) {}

  /** What keeps an athlete from training as planned. */
  public record AthleteInterruption(
      @NotNull UUID athleteId,
      @NotNull Interruption.Kind kind,
      @NotNull LocalDate from,
      @NotNull LocalDate until,
      @Schema(nullable = true) BodyRegion region) {
    Interruption toCore() {
      return new Interruption(kind, from, until, Optional.ofNullable(region));
    }
  }

  /** A version that an athlete has mastered. */
  public record AthleteMastery(
      @NotNull UUID athleteId,
      @NotNull @Size(max = Limits.KEY, message = "{text.length}") String ladder,
      int step,
      @NotNull LocalDate on,
      @NotNull MasteryRecord.Source source) {}

  /** A rung for a week. */
  public record AthleteProgression(
      @NotNull UUID athleteId,
      @NotNull @Size(max = Limits.KEY, message = "{text.length}") String ladder,
      int step,
      @NotNull LocalDate firstDay) {}

  public BlockDefinition {
    otherRaces = orNone(otherRaces);
    emphases = orNone(emphases);
    groups = orNone(groups);
    pattern = orNone(pattern);
    exceptions = orNone(exceptions);
    members = orNone(members);
    interruptions = orNone(interruptions);
    mastery = orNone(mastery);
    progressions = orNone(progressions);
  }

  private static <T> List<T> orNone(List<T> list) {
    return list == null ? List.of() : list;
  }

  /** The same, with weeks as the club has them where nothing was said. */
  BlockDefinition orStartingOn(WeekStart usual) {
    return weekStart != null ? this : BlockDefinitionBuilder.builder(this).weekStart(usual).build();
  }

  /**
   * The weeks.
   *
   * @throws OutOfRangeException naming the field and what would be accepted
   */
  public TrainingBlock toCore() {
    Map<LocalDate, Emphasis> chosen = new HashMap<>();
    emphases.forEach(e -> chosen.put(e.firstDay(), e.emphasis()));
    DayOfWeek first = weekStart == null ? DayOfWeek.MONDAY : weekStart.day();
    return TrainingBlock.of(start, race, otherRaces, chosen, first);
  }

  /** Everyone in any group, in order. */
  public List<UUID> athleteIds() {
    Set<UUID> all = new LinkedHashSet<>();
    groups.forEach(g -> all.addAll(g.athleteIds()));
    return new ArrayList<>(all);
  }

  LocalDate joins(UUID athleteId) {
    return joins().getOrDefault(athleteId, start);
  }

  /** The first days of those who join later than the start. */
  Map<UUID, LocalDate> joins() {
    Map<UUID, LocalDate> joins = new HashMap<>();
    members.stream()
        .filter(m -> m.joins().isAfter(start))
        .forEach(m -> joins.putIfAbsent(m.athleteId(), m.joins()));
    return joins;
  }
}
