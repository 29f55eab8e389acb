package dev.jubilee.server.block;

import dev.jubilee.server.once.Once;
import dev.jubilee.server.problem.ConflictException;
import dev.jubilee.server.signin.SignedIn;
import java.util.Optional;
import java.util.UUID;
import org.springframework.stereotype.Service;

/**
 * Changes of a block: what is there is read in one transaction, the weeks are laid out in none, and
 * stored in another, which refuses when the block was changed in between.
 */
@Service
public class BlockEdits {
  private final Blocks blocks;
  private final Once once;

  BlockEdits(Blocks blocks, Once once) {
    this.blocks = blocks;
    this.once = once;
  }

  /** A new block; one that was made under the same key already is answered as it is. */
  public BlockView create(SignedIn coach, Optional<UUID> key, BlockDefinition wanted) {
    LaidOutBlock laidOut = LaidOutBlock.of(blocks.started(coach.clubId(), wanted));
    return once.make(key, id -> blocks.create(coach, id, laidOut), id -> blocks.one(id));
  }

  /** Lays the block out anew from today on; one step that can be undone. */
  BlockView change(
      SignedIn coach, UUID id, int baseRevision, String edit, BlockDefinition definition) {
    return blocks.change(coach, id, baseRevision, edit, LaidOutBlock.of(definition));
  }

  BlockView undo(SignedIn coach, UUID id, int baseRevision) {
    BlockRevisions.Stored earlier =
        blocks
            .earlier(id, baseRevision)
            .orElseThrow(() -> new ConflictException("There is nothing to undo."));
    return pointTo(coach, id, baseRevision, earlier);
  }

  BlockView redo(SignedIn coach, UUID id, int baseRevision) {
    BlockRevisions.Stored later =
        blocks
            .later(id, baseRevision)
            .orElseThrow(() -> new ConflictException("There is nothing to redo."));
    return pointTo(coach, id, baseRevision, later);
  }

  /** Prescribes everything anew from today on, around what a coach changed. */
  BlockView compile(SignedIn coach, UUID id) {
    BlockRevisions.Stored current = blocks.stored(id);
    return pointTo(coach, id, current.revision(), current);
  }

  private BlockView pointTo(
      SignedIn coach, UUID id, int baseRevision, BlockRevisions.Stored wanted) {
    return blocks.pointTo(
        coach, id, baseRevision, wanted.revision(), LaidOutBlock.ofStored(wanted.definition()));
  }
}
