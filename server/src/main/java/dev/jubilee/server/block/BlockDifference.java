package dev.jubilee.server.block;

import dev.jubilee.server.session.SessionDetails;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;

/** What a change of a block means for the calendar, in words. */
final class BlockDifference {
  private BlockDifference() {}

  static List<String> words(BlockDefinition before, BlockDefinition after, LocalDate today) {
    Map<String, SessionDetails> old = BlockSessions.of(before);
    Map<String, SessionDetails> now = BlockSessions.of(after);
    long added = now.keySet().stream().filter(k -> !old.containsKey(k)).count();
    long removed =
        old.entrySet().stream()
            .filter(e -> !now.containsKey(e.getKey()))
            .filter(e -> !e.getValue().startsAt().toLocalDate().isBefore(today))
            .count();
    long changed =
        now.entrySet().stream()
            .filter(e -> old.containsKey(e.getKey()))
            .filter(e -> !old.get(e.getKey()).equals(e.getValue()))
            .filter(e -> !e.getValue().startsAt().toLocalDate().isBefore(today))
            .count();
    List<String> words = new ArrayList<>();
    if (!before.race().equals(after.race())) {
      words.add("The race moves from " + before.race() + " to " + after.race() + ".");
    }
    count(words, added, "added");
    count(words, removed, "taken away");
    count(words, changed, "changed");
    return words;
  }

  private static void count(List<String> words, long sessions, String how) {
    if (sessions > 0) {
      words.add(sessions + (sessions == 1 ? " session " : " sessions ") + how + ".");
    }
  }
}
