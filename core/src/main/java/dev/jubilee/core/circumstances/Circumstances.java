package dev.jubilee.core.circumstances;

import dev.jubilee.core.drill.Kit;
import dev.jubilee.core.quantity.Bounds;
import dev.jubilee.core.quantity.Distance;
import dev.jubilee.core.quantity.OutOfRangeException;
import dev.jubilee.core.sport.Sport;
import io.soabase.recordbuilder.core.RecordBuilder;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.function.Predicate;
import java.util.stream.IntStream;

/**
 * Under what circumstances the warm-up is done.
 *
 * @param minutes available up to the first effort, 3 to 90
 * @param fill whether to use all of them, rather than as many as the session needs
 * @param place where
 * @param kit what is at hand
 * @param temperature air, −30 to 45 °C
 * @param comingFrom what the athlete comes from
 * @param conditions weather, ground, wait and company
 * @param before what was done before it, the latest last
 * @param slipped minutes by which the first effort comes later than was said, 0 to 720
 * @param earlier what is done elsewhere first, out of the same minutes; all else is said of the
 *     place where the start is
 * @param freshness how fresh the athlete comes
 * @param movedFrom what was said, where weather or ground forbids it and all is moved indoors
 */
@RecordBuilder
public record Circumstances(
    int minutes,
    boolean fill,
    Place place,
    Set<Kit> kit,
    int temperature,
    ComingFrom comingFrom,
    Conditions conditions,
    List<PriorExercise> before,
    int slipped,
    List<Stage> earlier,
    Freshness freshness,
    Optional<Circumstances> movedFrom)
    implements CircumstancesBuilder.With {
  public static final int LEAST_MINUTES = Stage.LEAST_MINUTES;
  public static final int MOST_MINUTES = 90;

  /** A shorter straight is no room to run, m; common practice. */
  public static final int LEAST_LANE = 15;

  /** At and below this the raise grows; common practice puts it near 10 °C. */
  public static final int COLD = 10;

  /** Above this the warm-up shrinks; common practice. */
  public static final int HOT = 26;

  public Circumstances {
    requireMinutes(minutes);
    Bounds.within("temperature", temperature, -30, 45, "°C");
    kit = Set.copyOf(kit);
    before = inOrder(before, minutes);
    Bounds.within("slipped", slipped, 0, 720, "min");
    earlier = List.copyOf(earlier);
    Bounds.within("stages", earlier.size(), 0, Stage.MOST, "before that of the start");
    int elsewhere = earlier.stream().mapToInt(Stage::minutesWithTransfer).sum();
    if (elsewhere > minutes - LEAST_MINUTES) {
      throw new OutOfRangeException(
          "minutes", minutes, elsewhere + LEAST_MINUTES + " or more, with what is done elsewhere");
    }
    int most = minutes - elsewhere - LEAST_MINUTES;
    if (conditions.waitMinutes() > most) {
      throw new OutOfRangeException(
          "waitMinutes", conditions.waitMinutes(), "0 to " + most + " of the minutes");
    }
  }

  /**
   * Refuses minutes that no warm-up has.
   *
   * @throws OutOfRangeException naming {@code minutes}
   */
  public static void requireMinutes(int minutes) {
    Bounds.within("minutes", minutes, LEAST_MINUTES, MOST_MINUTES, "min");
  }

  /** In one place, fresh, under usual conditions and with nothing done before. */
  public static Circumstances of(
      int minutes, Place place, Set<Kit> kit, int temperature, ComingFrom comingFrom) {
    return CircumstancesBuilder.builder()
        .minutes(minutes)
        .fill(false)
        .place(place)
        .kit(kit)
        .temperature(temperature)
        .comingFrom(comingFrom)
        .conditions(Conditions.USUAL)
        .before(List.of())
        .slipped(0)
        .earlier(List.of())
        .freshness(Freshness.FRESH)
        .movedFrom(Optional.empty())
        .build();
  }

  /** The latest last; nobody does two things at once, nor warms up while still doing another. */
  private static List<PriorExercise> inOrder(List<PriorExercise> before, int minutes) {
    Bounds.within("before", before.size(), 0, PriorExercise.MOST, "entries");
    List<PriorExercise> ordered =
        before.stream()
            .sorted(Comparator.comparingInt(PriorExercise::endedBefore).reversed())
            .toList();
    int begins = minutes;
    for (int i = ordered.size() - 1; i >= 0; i--) {
      PriorExercise done = ordered.get(i);
      if (done.endedBefore() < begins) {
        boolean isLast = i == ordered.size() - 1;
        throw new OutOfRangeException(
            isLast ? "minutes" : "before[" + i + "].endedBefore",
            isLast ? minutes : done.endedBefore(),
            isLast
                ? LEAST_MINUTES + " to " + done.endedBefore() + ", when what was done before ends"
                : begins + " or more, before the next one begins");
      }
      begins = done.beganBefore();
    }
    return ordered;
  }

  /** Minutes within which one stays warm and need not rehearse again; common practice. */
  private static final int STILL_WARM = 30;

  /** Whether what was done before has rehearsed the sport, and not long ago. */
  public boolean isRehearsed(Sport sport) {
    return before.stream().anyMatch(b -> b.rehearses(sport) && b.endedBefore() <= STILL_WARM);
  }

  /** Fewer minutes than this hold no warm-up: the wait, what is done elsewhere, and the least. */
  public int leastMinutes() {
    int elsewhere = earlier.stream().mapToInt(Stage::minutesWithTransfer).sum();
    return elsewhere + conditions.waitMinutes() + LEAST_MINUTES;
  }

  /** Whether parts of it are done in different places. */
  public boolean isStaged() {
    return !earlier.isEmpty();
  }

  /** Number of the stage at whose end the start is; the first is 0. */
  public int lastStage() {
    return earlier.size();
  }

  /** Whether there is a stage of which this is true. */
  public boolean isAnywhere(Predicate<Circumstances> what) {
    return IntStream.rangeClosed(0, lastStage()).mapToObj(this::at).anyMatch(what);
  }

  /**
   * Where and with what a stage is done, as if its end were the start.
   *
   * @param stage from 0; any beyond the last is the last
   */
  public Circumstances at(int stage) {
    if (!isStaged()) {
      return this;
    }
    if (stage >= earlier.size()) {
      return withEarlier(List.of()).withMinutes(minutesOfTheLast());
    }
    Stage here = earlier.get(stage);
    int later = minutesAfter(stage);
    List<PriorExercise> done = new ArrayList<>();
    for (PriorExercise prior : before) {
      done.add(prior.earlierBy(-later));
    }
    return CircumstancesBuilder.builder(this)
        .minutes(here.minutes())
        .place(here.place())
        .kit(here.kit())
        .temperature(here.temperature())
        .comingFrom(stage == 0 ? comingFrom : ComingFrom.MOVING)
        .conditions(conditions.on(here.place()))
        .before(done)
        .earlier(List.of())
        .build();
  }

  /** Where fewer minutes are spent nothing is built up, min; Jubilee modelling choice. */
  private static final int ROOM_TO_BUILD = 6;

  /** The last stage with time and means for the sport itself; without any, the last. */
  public int stageFor(Sport sport) {
    return IntStream.rangeClosed(0, lastStage())
        .map(i -> lastStage() - i)
        .filter(i -> at(i).canDo(sport) && at(i).minutes() >= ROOM_TO_BUILD)
        .findFirst()
        .orElse(lastStage());
  }

  /** Whether there is what a sport is done on or in; for runners a straight or a treadmill. */
  public boolean canDo(Sport sport) {
    return Kit.apparatusOf(sport)
        .map(kit::contains)
        .orElse(hasTreadmill() || lane().metres() >= LEAST_LANE);
  }

  /** Whether runners have a treadmill; none stands outdoors. */
  public boolean hasTreadmill() {
    return kit.contains(Kit.TREADMILL) && !place.isOutdoors();
  }

  /** The whole as if all of it were done in one of its places. */
  public Circumstances asIfAllIn(int stage) {
    Circumstances there = at(stage);
    return CircumstancesBuilder.builder(this)
        .place(there.place())
        .kit(there.kit())
        .temperature(there.temperature())
        .conditions(there.conditions().withWaitMinutes(conditions.waitMinutes()))
        .build();
  }

  /** Minutes from the end of a stage to the start, the way on from it among them. */
  public int minutesAfter(int stage) {
    return stage >= earlier.size()
        ? 0
        : earlier.get(stage).transfer().minutes()
            + earlier.stream().skip(stage + 1L).mapToInt(Stage::minutesWithTransfer).sum()
            + minutesOfTheLast();
  }

  private int minutesOfTheLast() {
    return minutes - earlier.stream().mapToInt(Stage::minutesWithTransfer).sum();
  }

  /** Minutes of rest after which one is not straight from moving any more. */
  private static final int RESTED = 10;

  /** Whether what was done before leads right into the warm-up. */
  public boolean isStraightFromMoving() {
    return !before.isEmpty() && before.get(before.size() - 1).endedBefore() - minutes <= RESTED;
  }

  /** Longest straight that may be moved along at speed. */
  public Distance lane() {
    return conditions.lane().map(Distance::ofMetres).orElse(place.lane());
  }

  /** From this on heat does half of the raise's work, felt °C; common practice. */
  public static final int HOT_FOR_WORK = 30;

  /** A raise beyond this adds little before hard work, s (Saltin et al. 1968; Bishop 2003). */
  private static final int LONGEST_RAISE = 20 * 60;

  /** and in the heat only tires and dehydrates, s; common practice. */
  private static final int LONGEST_RAISE_IN_HEAT = 12 * 60;

  /** The longest raise that does good here, s. */
  public int longestRaise() {
    return feltTemperature() >= HOT_FOR_WORK ? LONGEST_RAISE_IN_HEAT : LONGEST_RAISE;
  }

  /** Whether nothing fast may be done on this ground. */
  public boolean isSlippery() {
    return place.isWet() || conditions.surface() == Conditions.Surface.SLIPPERY;
  }

  /** Whether one would lie down on the ground. */
  public boolean allowsFloor() {
    return place.allowsFloor() && !(place.isOutdoors() && conditions.wet());
  }

  /** What the air feels like, °C: wind counts outdoors, humidity everywhere. */
  public int feltTemperature() {
    int inWind = place.isOutdoors() ? FeltAir.inWind(temperature, conditions.wind()) : temperature;
    return conditions.humidity().map(h -> FeltAir.inHeat(inWind, h)).orElse(inWind);
  }

  /** What was said, before anything had to be moved indoors. */
  public Circumstances asSaid() {
    return movedFrom.orElse(this);
  }

  /** Whether weather or air forbid it here, for everyone. */
  public boolean isUnsafe() {
    boolean isInReach = place.isOutdoors() || kit.contains(Kit.POOL);
    return isFeltUnsafe()
        || (isInReach && conditions.thunder())
        || (place.isOutdoors() && isAirAbove(UNHEALTHY_AIR));
  }

  /** Whether the cold or the heat alone forbids it outdoors. */
  public boolean isFeltUnsafe() {
    return place.isOutdoors()
        && (feltTemperature() < FeltAir.TOO_COLD || feltTemperature() >= FeltAir.TOO_HOT);
  }

  /** Air quality index from which the air is unhealthy for everyone (US EPA). */
  public static final int UNHEALTHY_AIR = 150;

  /** and for those with asthma or heart disease, who are pregnant or young (US EPA). */
  public static final int UNHEALTHY_FOR_SOME = 100;

  /** Whether the air is known to be worse than this. */
  public boolean isAirAbove(int index) {
    return conditions.airQuality().filter(a -> a > index).isPresent();
  }

  public Circumstances with(Conditions other) {
    return withConditions(other);
  }

  /**
   * With the start so many minutes from now, later than was said.
   *
   * @param done what was done up to now, the latest last; of too many the latest count
   */
  public Circumstances slippedBy(int later, List<PriorExercise> done) {
    requireMinutes(later);
    int from = Math.max(0, done.size() - PriorExercise.MOST_ENTERED);
    return CircumstancesBuilder.builder(this)
        .minutes(later)
        .fill(false)
        // All of it is a wait now, and one moves in it.
        .conditions(conditions.withWaitMinutes(0))
        .before(done.subList(from, done.size()))
        .slipped(slipped + later)
        .earlier(List.of())
        .build();
  }

  /** After other exercise. */
  public Circumstances after(List<PriorExercise> done) {
    return withBefore(done);
  }

  public Circumstances filled(boolean newFill) {
    return withFill(newFill);
  }
}
