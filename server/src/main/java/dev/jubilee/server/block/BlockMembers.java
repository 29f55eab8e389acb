package dev.jubilee.server.block;

import java.util.UUID;
import org.springframework.stereotype.Component;

/** Who is in which block when. */
@Component
public class BlockMembers {
  private final BlockMemberRepository repository;

  BlockMembers(BlockMemberRepository repository) {
    this.repository = repository;
  }

  /**
   * Puts the athletes of a definition in place of those of before.
   *
   * @throws org.springframework.dao.DataIntegrityViolationException if one of them is in another
   *     block on one of its days
   */
  void put(UUID blockId, BlockDefinition definition) {
    repository.deleteOf(blockId);
    repository.saveAllAndFlush(
        definition.athleteIds().stream()
            .map(
                athlete ->
                    new BlockMemberRow(blockId, athlete, definition.start(), definition.race()))
            .toList());
  }

  /** Whether an athlete is in any block. */
  public boolean includes(UUID athleteId) {
    return repository.existsByAthleteId(athleteId);
  }
}
