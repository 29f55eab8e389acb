package dev.jubilee.core.learning;

import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.TreeMap;

/**
 * On which effort of the session an athlete is at their best, after how many graded efforts.
 * Partially pooled: each athlete's mean for a number of graded efforts is drawn towards the squad's
 * for that number, the more the fewer there are (Gelman et al., <i>Bayesian Data Analysis</i>,
 * section 5.4, with both variances estimated from the squad). It tells what went with what, never
 * what made it.
 */
public final class BestOfSession {
  /** Of fewer sessions nothing is said. */
  public static final int ENOUGH = 3;

  /** Of fewer athletes the estimates are taken as they are. */
  private static final int LEAST_SQUAD = 4;

  /** Where a squad has shown too little, from effort to effort, efforts²; our choice. */
  private static final double USUAL_NOISE = 1.5;

  private static final double USUAL_BETWEEN = 0.5;

  /** Not even a squad that always says the same is surer than that. */
  private static final double LEAST_VARIANCE = 0.05;

  /**
   * A session.
   *
   * @param efforts graded efforts of the warm-up
   * @param best the number of the session's best effort, from 1
   */
  public record Session(String athlete, int efforts, int best) {}

  /**
   * What is known of an athlete after so many graded efforts.
   *
   * @param sessions that were theirs
   * @param mean number of the best effort
   * @param spread how far off that mean may be, one standard deviation
   */
  public record Known(int efforts, int sessions, double mean, double spread) {}

  private final Map<Integer, Cell> squad = new TreeMap<>();
  private final Map<String, Map<Integer, Cell>> athletes = new TreeMap<>();
  private final double noise;
  private final double between;

  private BestOfSession(List<Session> sessions) {
    for (Session s : sessions) {
      squad.computeIfAbsent(s.efforts(), k -> new Cell()).add(s.best());
      athletes
          .computeIfAbsent(s.athlete(), k -> new TreeMap<>())
          .computeIfAbsent(s.efforts(), k -> new Cell())
          .add(s.best());
    }
    List<Cell> cells = athletes.values().stream().flatMap(c -> c.values().stream()).toList();
    int free = cells.stream().mapToInt(c -> c.count - 1).sum();
    double within = cells.stream().mapToDouble(Cell::squares).sum();
    noise = free < ENOUGH ? USUAL_NOISE : Math.max(LEAST_VARIANCE, within / free);
    between = between();
  }

  /** Of a squad's sessions. */
  public static BestOfSession of(List<Session> sessions) {
    return new BestOfSession(sessions);
  }

  /** By the method of moments: what means differ by beyond what noise alone makes them. */
  private double between() {
    double squares = 0;
    double expected = 0;
    int free = 0;
    for (Map.Entry<Integer, Cell> of : squad.entrySet()) {
      List<Cell> cells =
          athletes.values().stream()
              .filter(a -> a.containsKey(of.getKey()))
              .map(a -> a.get(of.getKey()))
              .toList();
      double mean = cells.stream().mapToDouble(Cell::mean).average().orElse(0);
      for (Cell cell : cells) {
        squares += Math.pow(cell.mean() - mean, 2);
        expected += noise / cell.count * (cells.size() - 1) / cells.size();
      }
      free += cells.size() - 1;
    }
    return free < ENOUGH ? USUAL_BETWEEN : Math.max(LEAST_VARIANCE, (squares - expected) / free);
  }

  /** Of an athlete, by number of graded efforts; what was seen too rarely is left out. */
  public List<Known> of(String athlete) {
    List<Known> known = new ArrayList<>();
    athletes
        .getOrDefault(athlete, Map.of())
        .forEach(
            (efforts, cell) -> {
              if (cell.count >= ENOUGH) {
                known.add(known(efforts, cell));
              }
            });
    return known;
  }

  /**
   * Both variances are only estimates: the mean is drawn less far and its spread is wider than if
   * they were known (Morris 1983, equations 1.17 and 1.18).
   */
  private Known known(int efforts, Cell cell) {
    double prior = prior(efforts);
    double own = noise / cell.count;
    double others = athletes.values().stream().filter(a -> a.containsKey(efforts)).count();
    double drawn = own / (own + between);
    double away = cell.mean() - prior;
    double variance = own * (1 - drawn * (others - 1) / others);
    if (others > LEAST_SQUAD) {
      drawn *= (others - 3) / (others - 1);
      variance =
          own * (1 - drawn * (others - 1) / others)
              + 2 / (others - 3) * drawn * drawn * away * away;
    }
    return new Known(efforts, cell.count, cell.mean() - drawn * away, Math.sqrt(variance));
  }

  /** Each athlete's mean counts once, however often they were there. */
  private double prior(int efforts) {
    return athletes.values().stream()
        .filter(a -> a.containsKey(efforts))
        .mapToDouble(a -> a.get(efforts).mean())
        .average()
        .orElse(0);
  }

  /** Sessions of one athlete after one number of graded efforts. */
  private static final class Cell {
    private int count;
    private double sum;
    private double squares;

    void add(int best) {
      count++;
      sum += best;
      squares += (double) best * best;
    }

    double mean() {
      return sum / count;
    }

    /** Around the mean. */
    double squares() {
      return Math.max(0, squares - sum * sum / count);
    }
  }
}
