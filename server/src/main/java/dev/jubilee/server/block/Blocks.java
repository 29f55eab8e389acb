package dev.jubilee.server.block;

import dev.jubilee.server.club.ClubRepository;
import dev.jubilee.server.club.ClubTime;
import dev.jubilee.server.signin.SignedIn;
import java.time.LocalDate;
import java.time.ZoneId;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.UUID;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** What coaches do with training blocks. Each call is one transaction. */
@Service
public class Blocks {
  private final BlockRevisions revisions;
  private final ClubBlockChecks checks;
  private final BlockStart start;
  private final BlockRunRepository runs;
  private final ClubRepository clubs;
  private final Imports imports;
  private final BlockExport export;
  private final BlockViews views;
  private final ClubTime clubTime;

  Blocks(
      BlockRevisions revisions,
      ClubBlockChecks checks,
      BlockStart start,
      BlockRunRepository runs,
      ClubRepository clubs,
      Imports imports,
      BlockExport export,
      BlockViews views,
      ClubTime clubTime) {
    this.revisions = revisions;
    this.checks = checks;
    this.start = start;
    this.runs = runs;
    this.clubs = clubs;
    this.imports = imports;
    this.export = export;
    this.views = views;
    this.clubTime = clubTime;
  }

  @Transactional(readOnly = true)
  public List<BlockView.BlockSummary> all() {
    List<BlockView.BlockSummary> all = new ArrayList<>();
    for (BlockRow row : revisions.all()) {
      BlockDefinition d = revisions.definition(row);
      all.add(
          new BlockView.BlockSummary(
              row.id(), d.name(), d.start(), d.race(), d.athleteIds().size()));
    }
    all.sort((a, b) -> b.start().compareTo(a.start()));
    return all;
  }

  /** A block whose weeks start when the club's do, unless it says when. */
  @Transactional(readOnly = true)
  BlockDefinition started(UUID clubId, BlockDefinition wanted) {
    return wanted.orStartingOn(clubs.findById(clubId).orElseThrow().weekStart());
  }

  @Transactional
  BlockView create(SignedIn coach, UUID id, LaidOutBlock laidOut) {
    checks.require(coach.clubId(), null, laidOut.definition());
    BlockRow row = new BlockRow(id, coach.clubId());
    revisions.store(coach, row, null, "Laid out", laidOut.definition());
    start.layOut(coach, row, laidOut);
    return view(row);
  }

  @Transactional(readOnly = true)
  public BlockView one(UUID id) {
    return view(revisions.row(id));
  }

  /** How far prescribing has come; quick to ask, unlike the whole block. */
  @Transactional(readOnly = true)
  public BlockView.CompilationView compilation(UUID id) {
    return views.compilation(revisions.row(id));
  }

  @Transactional
  BlockView change(SignedIn coach, UUID id, int baseRevision, String edit, LaidOutBlock laidOut) {
    BlockRow row = revisions.based(id, baseRevision);
    checks.require(coach.clubId(), id, laidOut.definition());
    revisions.store(coach, row, row.currentRevision(), edit, laidOut.definition());
    start.layOut(coach, row, laidOut);
    return view(row);
  }

  @Transactional(readOnly = true)
  BlockRevisions.Stored stored(UUID id) {
    return revisions.stored(revisions.row(id));
  }

  /** What the present revision was made from; empty for the first. */
  @Transactional(readOnly = true)
  Optional<BlockRevisions.Stored> earlier(UUID id, int baseRevision) {
    return revisions.earlier(revisions.based(id, baseRevision));
  }

  /** The last that was made from the present revision. */
  @Transactional(readOnly = true)
  Optional<BlockRevisions.Stored> later(UUID id, int baseRevision) {
    return revisions.later(revisions.based(id, baseRevision));
  }

  /** Makes a revision the present one, lays it out and prescribes for it. */
  @Transactional
  BlockView pointTo(SignedIn coach, UUID id, int baseRevision, int revision, LaidOutBlock laidOut) {
    BlockRow row = revisions.based(id, baseRevision);
    revisions.pointTo(row, revision);
    // Other blocks may have been laid out since.
    checks.require(coach.clubId(), row.id(), laidOut.definition());
    start.layOut(coach, row, laidOut);
    return view(row);
  }

  @Transactional
  public BlockView cancel(SignedIn coach, UUID id) {
    BlockRow row = revisions.row(id);
    runs.lock(id)
        .filter(c -> c.state() == BlockRunRow.State.RUNNING)
        .ifPresent(
            c ->
                c.end(
                    BlockRunRow.State.CANCELLED,
                    "Stopped; what is done stays done.",
                    clubTime.instant()));
    return view(row);
  }

  /**
   * What a change is measured against.
   *
   * @param before the block as it is
   */
  record ChangeFrame(BlockDefinition before, LocalDate today) {}

  /** The frame of a change that could be made. */
  @Transactional(readOnly = true)
  ChangeFrame changeFrame(SignedIn coach, UUID id, BlockDefinition definition) {
    BlockRow row = revisions.row(id);
    checks.require(coach.clubId(), id, definition);
    return new ChangeFrame(revisions.definition(row), today(coach.clubId()));
  }

  /**
   * What a file of sessions is read for.
   *
   * @param zone of the club
   */
  record ImportFrame(int revision, BlockDefinition definition, ZoneId zone) {}

  @Transactional(readOnly = true)
  ImportFrame importFrame(UUID clubId, UUID id) {
    BlockRevisions.Stored stored = stored(id);
    return new ImportFrame(stored.revision(), stored.definition(), clubTime.zone(clubId));
  }

  /**
   * Imports the sessions of a file, all or nothing, and prescribes for them.
   *
   * @param baseRevision for which the file was read
   */
  @Transactional
  BlockView importSessions(
      SignedIn coach, UUID id, int baseRevision, Imports.ReadSessions sessions) {
    BlockRow row = revisions.based(id, baseRevision);
    imports.importAll(coach, id, sessions);
    start.begin(coach, row, revisions.definition(row));
    return view(row);
  }

  @Transactional(readOnly = true)
  String write(SignedIn coach, UUID id, Imports.Format format) {
    return export.sessions(coach.clubId(), id, revisions.definition(revisions.row(id)), format);
  }

  /** Every item of every warm-up, as a table. */
  @Transactional(readOnly = true)
  String writeWarmUps(UUID id) {
    return export.warmUps(id, revisions.definition(revisions.row(id)));
  }

  private BlockView view(BlockRow row) {
    BlockRevisionRow present = revisions.present(row);
    return views.of(
        row,
        present,
        revisions.definition(present),
        revisions.later(row).isPresent(),
        today(row.clubId()));
  }

  private LocalDate today(UUID clubId) {
    return clubTime.today(clubId);
  }
}
