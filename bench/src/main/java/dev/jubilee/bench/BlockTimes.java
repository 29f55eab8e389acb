package dev.jubilee.bench;

import dev.jubilee.bench.exact.RealMenus;
import dev.jubilee.core.approach.Approach;
import dev.jubilee.core.athlete.Athlete;
import dev.jubilee.core.block.AthleteWeek;
import dev.jubilee.core.block.BlockAthlete;
import dev.jubilee.core.block.BlockPrescriber;
import dev.jubilee.core.block.Planned;
import dev.jubilee.core.block.Prescribed;
import dev.jubilee.core.block.Progression;
import dev.jubilee.core.block.TrainingBlock;
import dev.jubilee.core.block.Week;
import dev.jubilee.core.drill.DrillLibrary;
import dev.jubilee.core.library.BuiltInLibrary;
import dev.jubilee.core.plan.PrescriptionRequest;
import dev.jubilee.core.session.SessionKind;
import dev.jubilee.core.sport.Level;
import dev.jubilee.core.sport.Sport;
import java.lang.management.ManagementFactory;
import java.lang.management.MemoryPoolMXBean;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.stream.IntStream;

/**
 * A block of 24 athletes of four sports and three levels, twelve weeks, five sessions a week: how
 * long it takes on all processors and how much memory it needs. From a cold start, then again.
 */
public final class BlockTimes {
  private static final int ATHLETES = 24;
  private static final LocalDate START = LocalDate.of(2026, 9, 7);
  private static final LocalDate RACE = LocalDate.of(2026, 11, 28);
  private static final List<SessionKind> WEEK =
      List.of(
          SessionKind.EASY,
          SessionKind.INTERVALS,
          SessionKind.SPRINT,
          SessionKind.THRESHOLD,
          SessionKind.TIME_TRIAL);

  private BlockTimes() {}

  public static void main(String[] args) {
    for (int round = 1; round <= 5; round++) {
      long start = System.nanoTime();
      long warmUps = IntStream.range(0, ATHLETES).parallel().mapToLong(BlockTimes::athlete).sum();
      double seconds = (System.nanoTime() - start) / 1e9;
      System.out.printf("  %d warm-ups in %.2f s%n", warmUps, seconds);
    }
    long peak =
        ManagementFactory.getMemoryPoolMXBeans().stream()
            .filter(p -> p.getType() == java.lang.management.MemoryType.HEAP)
            .map(MemoryPoolMXBean::getPeakUsage)
            .mapToLong(u -> u.getUsed())
            .sum();
    System.out.printf("  most heap in use: %d MiB%n", peak >> 20);
  }

  private static long athlete(int number) {
    Sport sport = List.of(Sport.values()).get(number % Sport.values().length);
    Level level = List.of(Level.values()).get(number % Level.values().length);
    TrainingBlock block = TrainingBlock.of(START, RACE);
    List<Planned> sessions = new ArrayList<>();
    Athlete athlete = null;
    for (Week week : block.weeks()) {
      for (int i = 0; i < WEEK.size(); i++) {
        LocalDate date = week.firstDay().plusDays(i);
        PrescriptionRequest request = RealMenus.request(sport, WEEK.get(i), level, 30);
        athlete = request.athlete();
        sessions.add(
            new Planned(
                "" + date, date, request.session(), request.circumstances(), Optional.empty()));
      }
    }
    Athlete same = athlete;
    DrillLibrary library = BuiltInLibrary.get();
    BlockPrescriber prescriber = new BlockPrescriber(block, library, Approach.USUAL);
    BlockAthlete blockAthlete =
        prescriber.blockAthlete(d -> same, START, List.of(), List.of(), List.of(), sessions);
    List<AthleteWeek> athleteWeeks = Progression.of(block, blockAthlete, library, START, List.of());
    List<Prescribed> all = prescriber.prescribe(blockAthlete, d -> same, athleteWeeks, sessions);
    return all.size();
  }
}
