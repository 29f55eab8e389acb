package dev.jubilee.server.block;

import dev.jubilee.server.block.stored.BlockV1;
import dev.jubilee.server.club.ClubTime;
import dev.jubilee.server.json.Json;
import dev.jubilee.server.problem.ConflictException;
import dev.jubilee.server.problem.NotFoundException;
import dev.jubilee.server.signin.SignedIn;
import java.util.List;
import java.util.Objects;
import java.util.Optional;
import java.util.UUID;
import org.springframework.stereotype.Component;

/** Blocks as they are kept: revision after revision, one of them the present one. */
@Component
class BlockRevisions {
  private final BlockRepository blocks;
  private final BlockRevisionRepository revisions;
  private final Json json;
  private final ClubTime clubTime;

  BlockRevisions(
      BlockRepository blocks, BlockRevisionRepository revisions, Json json, ClubTime clubTime) {
    this.blocks = blocks;
    this.revisions = revisions;
    this.json = json;
    this.clubTime = clubTime;
  }

  /** A revision as it is stored. */
  record Stored(int revision, BlockDefinition definition) {}

  List<BlockRow> all() {
    return blocks.findAll();
  }

  BlockRow based(UUID id, int baseRevision) {
    BlockRow row = row(id);
    if (row.currentRevision() != baseRevision) {
      throw new ConflictException(
          "This block was changed elsewhere in the meantime. The newer version is shown;"
              + " repeat your change if it is still wanted.");
    }
    return row;
  }

  BlockRow row(UUID id) {
    return blocks
        .findById(Objects.requireNonNull(id))
        .orElseThrow(() -> new NotFoundException("block"));
  }

  BlockRevisionRow present(BlockRow row) {
    return revisions.findByBlockIdAndNumber(row.id(), row.currentRevision()).orElseThrow();
  }

  BlockDefinition definition(BlockRow row) {
    return definition(present(row));
  }

  BlockDefinition definition(UUID block, int number) {
    return definition(revisions.findByBlockIdAndNumber(block, number).orElseThrow());
  }

  BlockDefinition definition(BlockRevisionRow revision) {
    return BlockForm.INSTANCE.laidOut(json.read(revision.definition(), BlockV1.class));
  }

  Stored stored(BlockRow row) {
    return stored(present(row));
  }

  /** What the present revision was made from. */
  Optional<Stored> earlier(BlockRow row) {
    return Optional.ofNullable(present(row).parent())
        .flatMap(n -> revisions.findByBlockIdAndNumber(row.id(), n))
        .map(this::stored);
  }

  /** The last that was made from the present revision. */
  Optional<Stored> later(BlockRow row) {
    return revisions
        .findFirstByBlockIdAndParentOrderByNumberDesc(row.id(), row.currentRevision())
        .map(this::stored);
  }

  private Stored stored(BlockRevisionRow revision) {
    return new Stored(revision.number(), definition(revision));
  }

  /** Keeps another revision, which is the present one then. */
  void store(
      SignedIn coach, BlockRow row, Integer parent, String edit, BlockDefinition definition) {
    int number = row.nextRevision();
    blocks.saveAndFlush(row);
    revisions.saveAndFlush(
        new BlockRevisionRow(
            row,
            number,
            parent,
            edit,
            json.write(BlockForm.INSTANCE.stored(definition)),
            coach.coachId(),
            clubTime.instant()));
  }

  /** Makes another revision the present one. */
  void pointTo(BlockRow row, int revision) {
    row.pointTo(revision);
    blocks.saveAndFlush(row);
  }
}
