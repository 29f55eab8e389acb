package dev.jubilee.server.block.stored;

import com.fasterxml.jackson.annotation.JsonAlias;
import dev.jubilee.core.block.Emphasis;
import dev.jubilee.core.block.Interruption;
import dev.jubilee.core.block.MasteryRecord;
import dev.jubilee.core.circumstances.ComingFrom;
import dev.jubilee.core.circumstances.Place;
import dev.jubilee.core.sport.BodyRegion;
import dev.jubilee.core.sport.Sport;
import dev.jubilee.server.club.WeekStart;
import java.time.DayOfWeek;
import java.time.LocalDate;
import java.time.LocalTime;
import java.util.List;
import java.util.UUID;

/** A block's lay-out as it is stored. */
public record BlockV1(
    String name,
    LocalDate start,
    LocalDate race,
    List<LocalDate> otherRaces,
    List<EmphasisV1> emphases,
    List<GroupV1> groups,
    List<PatternV1> pattern,
    List<ExceptionV1> exceptions,
    List<MemberV1> members,
    List<InterruptionV1> interruptions,
    @JsonAlias("marks") List<MasteryV1> mastery,
    @JsonAlias("wishes") List<ProgressionV1> progressions,
    WeekStart weekStart) {

  public record EmphasisV1(@JsonAlias("monday") LocalDate firstDay, Emphasis emphasis) {}

  public record GroupV1(String name, List<UUID> athleteIds) {}

  public record PatternV1(
      String key,
      DayOfWeek day,
      LocalTime time,
      String group,
      Sport sport,
      String shorthand,
      Place place,
      int minutes,
      int temperature,
      @JsonAlias("arrival") ComingFrom comingFrom) {}

  public record ExceptionV1(LocalDate date, String key, UUID athleteId, String shorthand) {}

  public record MemberV1(UUID athleteId, LocalDate joins) {}

  public record InterruptionV1(
      UUID athleteId, Interruption.Kind kind, LocalDate from, LocalDate until, BodyRegion region) {}

  public record MasteryV1(
      UUID athleteId, String ladder, int step, LocalDate on, MasteryRecord.Source source) {}

  public record ProgressionV1(
      UUID athleteId, String ladder, int step, @JsonAlias("monday") LocalDate firstDay) {}
}
