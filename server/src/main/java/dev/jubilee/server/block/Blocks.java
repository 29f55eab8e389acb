package dev.jubilee.server.block;

import dev.jubilee.core.quantity.OutOfRangeException;
import dev.jubilee.server.athlete.Athletes;
import dev.jubilee.server.block.stored.BlockV1;
import dev.jubilee.server.club.ClubRepository;
import dev.jubilee.server.club.ClubTime;
import dev.jubilee.server.drill.Libraries;
import dev.jubilee.server.json.Json;
import dev.jubilee.server.prescription.BlockPrescriptions;
import dev.jubilee.server.problem.ConflictException;
import dev.jubilee.server.problem.NotFoundException;
import dev.jubilee.server.session.SessionRow;
import dev.jubilee.server.session.SessionSource;
import dev.jubilee.server.session.Sessions;
import dev.jubilee.server.signin.SignedIn;
import java.time.LocalDate;
import java.time.ZoneId;
import java.util.ArrayList;
import java.util.HashSet;
import java.util.List;
import java.util.Objects;
import java.util.Optional;
import java.util.Set;
import java.util.UUID;
import org.springframework.context.ApplicationEventPublisher;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;
import org.springframework.transaction.event.TransactionalEventListener;

/** What coaches do with training blocks. Each call is one transaction. */
@Service
public class Blocks {
  /** A run to begin as soon as it is stored. */
  private record Begun() {}

  private final BlockRepository blocks;
  private final BlockRevisionRepository revisions;
  private final BlockRunRepository runs;
  private final BlockScheduler scheduler;
  private final Sessions sessions;
  private final BlockPrescriptions prescriptions;
  private final Athletes athletes;
  private final Libraries libraries;
  private final ClubRepository clubs;
  private final Imports imports;
  private final BlockMembers members;
  private final BlockViews views;
  private final Json json;
  private final ApplicationEventPublisher events;

  private final ClubTime clubTime;

  Blocks(
      BlockRepository blocks,
      BlockRevisionRepository revisions,
      BlockRunRepository runs,
      BlockScheduler scheduler,
      Sessions sessions,
      BlockPrescriptions prescriptions,
      Athletes athletes,
      Libraries libraries,
      ClubRepository clubs,
      Imports imports,
      BlockMembers members,
      BlockViews views,
      Json json,
      ApplicationEventPublisher events,
      ClubTime clubTime) {
    this.clubTime = clubTime;
    this.blocks = blocks;
    this.revisions = revisions;
    this.runs = runs;
    this.scheduler = scheduler;
    this.sessions = sessions;
    this.prescriptions = prescriptions;
    this.athletes = athletes;
    this.libraries = libraries;
    this.clubs = clubs;
    this.imports = imports;
    this.members = members;
    this.views = views;
    this.json = json;
    this.events = events;
  }

  @Transactional(readOnly = true)
  public List<BlockView.BlockSummary> all() {
    List<BlockView.BlockSummary> all = new ArrayList<>();
    for (BlockRow row : blocks.findAll()) {
      BlockDefinition d = definition(revision(row));
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
    check(coach.clubId(), null, laidOut.definition());
    BlockRow row = new BlockRow(id, coach.clubId());
    store(coach, row, null, "Laid out", laidOut);
    return view(row);
  }

  @Transactional(readOnly = true)
  public BlockView one(UUID id) {
    return view(row(id));
  }

  /** How far prescribing has come; quick to ask, unlike the whole block. */
  @Transactional(readOnly = true)
  public BlockView.CompilationView compilation(UUID id) {
    return views.compilation(row(id));
  }

  @Transactional
  BlockView change(SignedIn coach, UUID id, int baseRevision, String edit, LaidOutBlock laidOut) {
    BlockRow row = based(id, baseRevision);
    check(coach.clubId(), id, laidOut.definition());
    store(coach, row, row.currentRevision(), edit, laidOut);
    return view(row);
  }

  /** A revision as it is stored. */
  record Stored(int revision, BlockDefinition definition) {}

  @Transactional(readOnly = true)
  Stored stored(UUID clubId, UUID id) {
    return stored(revision(row(id)));
  }

  /** What the present revision was made from; empty for the first. */
  @Transactional(readOnly = true)
  Optional<Stored> earlier(UUID id, int baseRevision) {
    BlockRow row = based(id, baseRevision);
    return Optional.ofNullable(revision(row).parent())
        .flatMap(n -> revisions.findByBlockIdAndNumber(id, n))
        .map(this::stored);
  }

  /** The last that was made from the present revision. */
  @Transactional(readOnly = true)
  Optional<Stored> later(UUID id, int baseRevision) {
    return redone(based(id, baseRevision)).map(this::stored);
  }

  private Stored stored(BlockRevisionRow revision) {
    return new Stored(revision.number(), definition(revision));
  }

  /** Makes a revision the present one, lays it out and prescribes for it. */
  @Transactional
  BlockView pointTo(SignedIn coach, UUID id, int baseRevision, int revision, LaidOutBlock laidOut) {
    BlockRow row = based(id, baseRevision);
    row.pointTo(revision);
    blocks.saveAndFlush(row);
    // Other blocks may have been laid out since.
    check(coach.clubId(), row.id(), laidOut.definition());
    layOut(row, laidOut);
    begin(coach, row, laidOut.definition());
    return view(row);
  }

  @Transactional
  public BlockView cancel(SignedIn coach, UUID id) {
    BlockRow row = row(id);
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
    BlockRow row = row(id);
    check(coach.clubId(), id, definition);
    return new ChangeFrame(definition(revision(row)), today(coach.clubId()));
  }

  /**
   * What a file of sessions is read for.
   *
   * @param zone of the club
   */
  record ImportFrame(int revision, BlockDefinition definition, ZoneId zone) {}

  @Transactional(readOnly = true)
  ImportFrame importFrame(UUID clubId, UUID id) {
    Stored stored = stored(clubId, id);
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
    BlockRow row = based(id, baseRevision);
    BlockDefinition definition = definition(revision(row));
    imports.importAll(coach, id, sessions);
    begin(coach, row, definition);
    return view(row);
  }

  @Transactional(readOnly = true)
  String write(SignedIn coach, UUID id, Imports.Format format) {
    BlockRow row = row(id);
    return imports.write(coach, id, definition(revision(row)), format);
  }

  /** What only the club's data can tell of a definition that is sound in itself. */
  private void check(UUID clubId, UUID id, BlockDefinition definition) {
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
    for (BlockRow other : blocks.findAll()) {
      BlockDefinition d = definition(revision(other));
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

  private void store(
      SignedIn coach, BlockRow row, Integer parent, String edit, LaidOutBlock laidOut) {
    BlockDefinition definition = laidOut.definition();
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
    layOut(row, laidOut);
    begin(coach, row, definition);
  }

  /** The calendar from today on as the pattern wants it; what coaches changed stays. */
  private void layOut(BlockRow row, LaidOutBlock laidOut) {
    Sessions.LaidOut result =
        sessions.layOut(
            row.clubId(),
            SessionSource.patternOf(row.id()),
            laidOut.sessions(),
            today(row.clubId()));
    for (SessionRow surplus : result.surplus()) {
      if (!sessions.isChangedByHand(surplus) && prescriptions.removeUntouched(surplus.id())) {
        sessions.remove(surplus);
      }
    }
  }

  private void begin(SignedIn coach, BlockRow row, BlockDefinition definition) {
    BlockRunRow run = runs.lock(row.id()).orElseGet(() -> new BlockRunRow(row.id(), row.clubId()));
    run.begin(
        row.currentRevision(), coach.coachId(), definition.athleteIds().size(), clubTime.instant());
    members.put(row.id(), definition);
    if (definition.athleteIds().isEmpty()) {
      run.end(BlockRunRow.State.DONE, "", clubTime.instant());
      runs.saveAndFlush(run);
      return;
    }
    scheduler.begin(runs.saveAndFlush(run));
    events.publishEvent(new Begun());
  }

  @TransactionalEventListener
  void begun(Begun event) {
    scheduler.hurry();
  }

  private BlockView view(BlockRow row) {
    BlockRevisionRow revision = revision(row);
    return views.of(
        row, revision, definition(revision), redone(row).isPresent(), today(row.clubId()));
  }

  private BlockRow based(UUID id, int baseRevision) {
    BlockRow row = row(id);
    if (row.currentRevision() != baseRevision) {
      throw new ConflictException(
          "This block was changed elsewhere in the meantime. The newer version is shown;"
              + " repeat your change if it is still wanted.");
    }
    return row;
  }

  private BlockRow row(UUID id) {
    return blocks
        .findById(Objects.requireNonNull(id))
        .orElseThrow(() -> new NotFoundException("block"));
  }

  private BlockRevisionRow revision(BlockRow row) {
    return revisions.findByBlockIdAndNumber(row.id(), row.currentRevision()).orElseThrow();
  }

  private Optional<BlockRevisionRow> redone(BlockRow row) {
    return revisions.findFirstByBlockIdAndParentOrderByNumberDesc(row.id(), row.currentRevision());
  }

  private BlockDefinition definition(BlockRevisionRow revision) {
    return BlockForm.INSTANCE.laidOut(json.read(revision.definition(), BlockV1.class));
  }

  private LocalDate today(UUID clubId) {
    return clubTime.today(clubId);
  }
}
