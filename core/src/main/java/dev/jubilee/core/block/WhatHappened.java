package dev.jubilee.core.block;

import dev.jubilee.core.decision.Mark;
import dev.jubilee.core.drill.Drill;
import dev.jubilee.core.drill.Need;
import dev.jubilee.core.drill.Skill;
import dev.jubilee.core.sport.BodyRegion;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.TreeMap;

/**
 * What an athlete's records say that a block should know: versions done cleanly, sessions missed in
 * a row, pain. It proposes; a coach takes it over.
 *
 * @param clean versions done cleanly, in the order of time
 * @param days on which there was a session, in order
 * @param hurts what was told to hurt
 */
public record WhatHappened(List<Clean> clean, List<Day> days, List<Hurt> hurts) {
  /** Reports of so many days count (see {@link MasteryRecord.Source#ATHLETE}). */
  private static final int REPORTS = 2;

  /** So many sessions missed in a row are an absence, not a bad day; common practice. */
  private static final int MISSED = 2;

  /** and so many days at least from the first to the last. */
  private static final int ABSENCE = 3;

  /** From here on pain changes what is planned (Thomeé 1997: up to 2 of 10 is safe). */
  private static final int MATTERS = 3;

  /** What was told longer ago is told again if it lasts, days. */
  private static final int RECENT = 10;

  /** For so long a block goes around what hurts, days; common practice: looked at weekly. */
  private static final int AROUND = 6;

  /** Below that it was not clean, whoever did it: 1 to 5; Jubilee modelling choice. */
  private static final int ALL_RIGHT = 3;

  /** A version of a movement that was done whole and {@link #isClean cleanly}. */
  public record Clean(LocalDate day, String ladder, int step) {}

  /** A day with a session, and whether it was done. */
  public record Day(LocalDate day, boolean isDone) {}

  /** A place that hurt, 1 to 10. */
  public record Hurt(LocalDate day, BodyRegion region, int intensity) {}

  public WhatHappened {
    clean = List.copyOf(clean);
    days = List.copyOf(days);
    hurts = List.copyOf(hurts);
  }

  /**
   * Whether a version that was done whole was done cleanly: one felt all right, nothing hurt that
   * it works, and landings were not heavy (common practice: down a rung for pain or poor form).
   *
   * @param felt how ready, 1 to 5
   * @param marks what was seen or said in that warm-up
   */
  public static boolean isClean(Drill drill, int felt, List<Mark> marks) {
    return felt >= ALL_RIGHT && marks.stream().noneMatch(m -> speaksAgainst(m, drill));
  }

  private static boolean speaksAgainst(Mark mark, Drill drill) {
    return switch (mark.sign()) {
      case PAIN -> mark.region().filter(drill::works).isPresent();
      case WOBBLY -> drill.serves().containsKey(new Need.Rehearsal(Skill.BALANCE));
      case CONTACTS_HEAVY -> drill.contacts() > 0;
      default -> mark.sign().isAlarm();
    };
  }

  /** Reports that are not known yet: of each ladder the highest version, its latest days. */
  public List<MasteryRecord> reports(List<MasteryRecord> known) {
    Map<String, Integer> highest = new TreeMap<>();
    clean.forEach(c -> highest.merge(c.ladder(), c.step(), Math::max));
    List<MasteryRecord> reports = new ArrayList<>();
    highest.forEach(
        (ladder, step) -> {
          boolean isKnown =
              known.stream()
                  .filter(k -> k.ladder().equals(ladder) && k.step() >= step)
                  .anyMatch(k -> k.source() == MasteryRecord.Source.COACH);
          long told =
              known.stream().filter(k -> k.ladder().equals(ladder) && k.step() == step).count();
          if (isKnown || told >= REPORTS) {
            return;
          }
          clean.stream()
              .filter(c -> c.ladder().equals(ladder) && c.step() == step)
              .map(Clean::day)
              .filter(d -> known.stream().noneMatch(k -> isOf(k, ladder, step, d)))
              .distinct()
              .sorted(Comparator.reverseOrder())
              .limit(REPORTS - told)
              .forEach(
                  d ->
                      reports.add(
                          new MasteryRecord(ladder, step, d, MasteryRecord.Source.ATHLETE)));
        });
    return reports;
  }

  private static boolean isOf(MasteryRecord known, String ladder, int step, LocalDate day) {
    return known.ladder().equals(ladder) && known.step() == step && known.on().equals(day);
  }

  /**
   * Absences and pain that are not known yet.
   *
   * @param today days to come are nobody's fault
   */
  public List<Interruption> interruptions(List<Interruption> known, LocalDate today) {
    List<Interruption> found = new ArrayList<>();
    List<LocalDate> missed = new ArrayList<>();
    for (Day day : days) {
      if (!day.day().isBefore(today)) {
        break;
      }
      boolean isExcused = known.stream().anyMatch(k -> k.stops(day.day()));
      if (!day.isDone() && !isExcused) {
        missed.add(day.day());
      } else {
        absence(missed).ifPresent(found::add);
        missed.clear();
      }
    }
    absence(missed).ifPresent(found::add);
    Map<BodyRegion, Hurt> last = new TreeMap<>();
    hurts.stream()
        .filter(h -> h.intensity() >= MATTERS && h.day().plusDays(RECENT).isAfter(today))
        .sorted(Comparator.comparing(Hurt::day))
        .forEach(h -> last.put(h.region(), h));
    last.values().stream()
        .map(
            h ->
                new Interruption(
                    Interruption.Kind.PAIN,
                    h.day(),
                    h.day().plusDays(AROUND),
                    Optional.of(h.region())))
        .filter(p -> known.stream().noneMatch(k -> covers(k, p)))
        .forEach(found::add);
    return found;
  }

  private static Optional<Interruption> absence(List<LocalDate> missed) {
    if (missed.size() < MISSED) {
      return Optional.empty();
    }
    LocalDate first = missed.get(0);
    LocalDate last = missed.get(missed.size() - 1);
    return first.plusDays(ABSENCE - 1).isAfter(last)
        ? Optional.empty()
        : Optional.of(new Interruption(Interruption.Kind.AWAY, first, last, Optional.empty()));
  }

  private static boolean covers(Interruption known, Interruption pain) {
    return known.kind() == Interruption.Kind.PAIN
        && known.region().equals(pain.region())
        && !known.until().isBefore(pain.from());
  }
}
