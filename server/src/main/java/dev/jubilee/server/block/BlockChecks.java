package dev.jubilee.server.block;

import dev.jubilee.core.block.TrainingBlock;
import dev.jubilee.core.quantity.OutOfRangeException;
import dev.jubilee.server.block.BlockDefinition.AthleteInterruption;
import dev.jubilee.server.block.BlockDefinition.DayException;
import dev.jubilee.server.block.BlockDefinition.Group;
import dev.jubilee.server.block.BlockDefinition.Pattern;
import java.time.LocalDate;
import java.util.HashSet;
import java.util.List;
import java.util.Set;
import java.util.UUID;

/** What a block must be, so that its weeks can be laid out. */
final class BlockChecks {
  private BlockChecks() {}

  /** Refuses what cannot be laid out, naming where. */
  static void require(BlockDefinition definition) {
    TrainingBlock block = definition.toCore();
    List<Group> groups = definition.groups();
    Set<String> names = new HashSet<>();
    Set<UUID> seen = new HashSet<>();
    for (int i = 0; i < groups.size(); i++) {
      Group group = groups.get(i);
      String path = "groups[" + i + "].";
      if (group.name() == null || group.name().isBlank() || !names.add(group.name())) {
        throw new OutOfRangeException(path + "name", group.name(), "a name of its own");
      }
      for (UUID id : group.athleteIds()) {
        if (!seen.add(id)) {
          throw new OutOfRangeException(path + "athleteIds", id, "each athlete in one group");
        }
      }
    }
    checkPattern(definition, names);
    // Made to be refused here when it ends before it begins.
    definition.interruptions().forEach(AthleteInterruption::toCore);
    for (int i = 0; i < definition.members().size(); i++) {
      LocalDate joins = definition.members().get(i).joins();
      if (joins == null || !block.holds(joins)) {
        throw new OutOfRangeException(
            "members[" + i + "].joins",
            joins,
            "a day from " + definition.start() + " to " + definition.race());
      }
    }
  }

  private static void checkPattern(BlockDefinition definition, Set<String> groupNames) {
    List<Pattern> pattern = definition.pattern();
    List<DayException> exceptions = definition.exceptions();
    Set<String> keys = new HashSet<>();
    for (int i = 0; i < pattern.size(); i++) {
      Pattern p = pattern.get(i);
      String path = "pattern[" + i + "].";
      if (p.key() == null || p.key().isBlank() || !keys.add(p.key())) {
        throw new OutOfRangeException(path + "key", p.key(), "a key of its own");
      }
      if (!groupNames.contains(p.group())) {
        throw new OutOfRangeException(
            path + "group", p.group(), "one of " + String.join(", ", groupNames));
      }
      BlockSessions.read(path + "shorthand", p.shorthand(), p.sport());
      try {
        BlockSessions.check(p, definition.start());
      } catch (OutOfRangeException e) {
        throw e.in(path);
      }
    }
    for (int i = 0; i < exceptions.size(); i++) {
      DayException e = exceptions.get(i);
      String path = "exceptions[" + i + "].";
      Pattern of =
          pattern.stream()
              .filter(p -> p.key().equals(e.key()))
              .findFirst()
              .orElseThrow(
                  () ->
                      new OutOfRangeException(
                          path + "key", e.key(), "one of " + String.join(", ", keys)));
      if (e.shorthand() != null) {
        BlockSessions.read(path + "shorthand", e.shorthand(), of.sport());
      }
    }
  }
}
