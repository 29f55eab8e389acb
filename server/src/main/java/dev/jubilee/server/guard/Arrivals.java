package dev.jubilee.server.guard;

import java.util.Map;
import java.util.concurrent.ConcurrentHashMap;

/** Bodies that are on their way, by the address they come from. */
final class Arrivals {
  /** Of one address at once: a club behind one address sends fewer, and each is soon there. */
  private static final int AT_ONCE = 24;

  private final Map<String, Integer> underWay = new ConcurrentHashMap<>();

  /** Whether one more may be on its way. */
  boolean begin(String address) {
    if (underWay.merge(address, 1, Integer::sum) <= AT_ONCE) {
      return true;
    }
    end(address);
    return false;
  }

  void end(String address) {
    underWay.computeIfPresent(address, (a, count) -> count == 1 ? null : count - 1);
  }
}
