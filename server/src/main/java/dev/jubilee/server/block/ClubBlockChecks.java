package dev.jubilee.server.block;

import dev.jubilee.core.quantity.OutOfRangeException;
import dev.jubilee.server.athlete.Athletes;
import dev.jubilee.server.drill.Libraries;
import java.util.HashSet;
import java.util.List;
import java.util.Set;
import java.util.UUID;
import org.springframework.stereotype.Component;

/** What only the club's data can say against a block that is sound in itself. */
@Component
class ClubBlockChecks {
  private final BlockRevisions revisions;
  private final Libraries libraries;
  private final Athletes athletes;

  ClubBlockChecks(BlockRevisions revisions, Libraries libraries, Athletes athletes) {
    this.revisions = revisions;
    this.libraries = libraries;
    this.athletes = athletes;
  }

  /** Refuses ladders that are not there, and athletes who train in another block meanwhile. */
  void require(UUID clubId, UUID id, BlockDefinition definition) {
    Set<String> ladders = new HashSet<>();
    libraries.of(clubId).ladders().forEach(l -> ladders.add(l.id()));
    for (int i = 0; i < definition.progressions().size(); i++) {
      String ladder = definition.progressions().get(i).ladder();
      if (!ladders.contains(ladder)) {
        throw new OutOfRangeException(
            "progressions[" + i + "].ladder", ladder, "the id of a ladder");
      }
    }
    List<UUID> wanted = definition.athleteIds();
    athletes.require(wanted);
    for (BlockRow other : revisions.all()) {
      BlockDefinition d = revisions.definition(other);
      boolean isApart =
          other.id().equals(id)
              || d.race().isBefore(definition.start())
              || d.start().isAfter(definition.race());
      if (isApart) {
        continue;
      }
      for (UUID athlete : d.athleteIds()) {
        if (wanted.contains(athlete)) {
          throw new OutOfRangeException(
              "groups",
              athletes.row(athlete).name(),
              "athletes who are not in " + d.name() + " from " + d.start() + " to " + d.race());
        }
      }
    }
  }
}
