package dev.jubilee.server.drill;

import java.util.Map;
import java.util.Optional;
import java.util.TreeMap;
import java.util.UUID;
import org.springframework.stereotype.Component;
import org.springframework.transaction.annotation.Transactional;

/** How long drills and changeovers take a club, against our times, where it chose to use that. */
@Component
public class OwnTimesStore {
  private final OwnTimeRepository times;
  private final OwnChangeoverRepository changeovers;

  OwnTimesStore(OwnTimeRepository times, OwnChangeoverRepository changeovers) {
    this.times = times;
    this.changeovers = changeovers;
  }

  /** Factors of our times by drill; most clubs have none. */
  public Map<String, Double> all() {
    Map<String, Double> factors = new TreeMap<>();
    times.all().forEach(row -> factors.put(row.getId(), row.factor()));
    return factors;
  }

  /** Uses a factor from now on. */
  @Transactional
  public void use(String drill, double factor) {
    OwnTimeRow row = times.findById(drill).orElseGet(() -> new OwnTimeRow(drill));
    row.use(factor);
    times.saveAndFlush(row);
  }

  /** Goes back to our time. */
  @Transactional
  public void forget(String drill) {
    times.deleteById(drill);
    times.flush();
  }

  /** The factor of our changeovers; most clubs have none. */
  public Optional<Double> changeovers(UUID clubId) {
    return changeovers.findById(clubId).map(OwnChangeoverRow::factor);
  }

  /** Uses a factor of changeovers from now on. */
  @Transactional
  public void useChangeovers(UUID clubId, double factor) {
    changeovers.saveAndFlush(new OwnChangeoverRow(clubId, factor));
  }

  /** Goes back to our changeovers. */
  @Transactional
  public void forgetChangeovers(UUID clubId) {
    changeovers.deleteById(clubId);
    changeovers.flush();
  }
}
