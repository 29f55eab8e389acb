package dev.jubilee.server.block;

import dev.jubilee.core.quantity.OutOfRangeException;
import dev.jubilee.server.athlete.Athletes;
import dev.jubilee.server.club.ClubRepository;
import dev.jubilee.server.json.Json;
import dev.jubilee.server.signin.SignedIn;
import jakarta.annotation.PreDestroy;
import java.time.LocalDate;
import java.util.List;
import java.util.Set;
import java.util.UUID;
import java.util.concurrent.ConcurrentHashMap;
import java.util.concurrent.ExecutorService;
import java.util.concurrent.Executors;
import org.slf4j.Logger;
import org.slf4j.LoggerFactory;
import org.springframework.boot.context.event.ApplicationReadyEvent;
import org.springframework.context.event.EventListener;
import org.springframework.dao.DataIntegrityViolationException;
import org.springframework.dao.OptimisticLockingFailureException;
import org.springframework.stereotype.Component;
import org.springframework.transaction.support.TransactionTemplate;

/**
 * Prescribes blocks in the background, athlete by athlete, each in a transaction of its own. What
 * is done is known by the run it was done in, so that a run that was broken off goes on where it
 * was, here or on another server, and doing an athlete twice changes nothing.
 */
@Component
class BlockRunner {
  private static final Logger LOG = LoggerFactory.getLogger(BlockRunner.class);

  private static final int ATTEMPTS = 3;

  private final BlockRunRepository runs;
  private final BlockAthleteRepository athleteBlocks;
  private final BlockRevisionRepository revisions;
  private final AthleteBlocks computation;
  private final Athletes athletes;
  private final ClubRepository clubs;
  private final Json json;
  private final TransactionTemplate transaction;

  /** Athletes of one block are independent of each other. */
  private final ExecutorService workers =
      Executors.newFixedThreadPool(
          Math.max(1, Runtime.getRuntime().availableProcessors()), BlockRunner::daemon);

  /** Being done here now, so that nothing is begun twice; only saves work. */
  private final Set<String> underWay = ConcurrentHashMap.newKeySet();

  BlockRunner(
      BlockRunRepository runs,
      BlockAthleteRepository athleteBlocks,
      BlockRevisionRepository revisions,
      AthleteBlocks computation,
      Athletes athletes,
      ClubRepository clubs,
      Json json,
      TransactionTemplate transaction) {
    this.runs = runs;
    this.athleteBlocks = athleteBlocks;
    this.revisions = revisions;
    this.computation = computation;
    this.athletes = athletes;
    this.clubs = clubs;
    this.json = json;
    this.transaction = transaction;
  }

  private static Thread daemon(Runnable work) {
    Thread thread = new Thread(work, "compiler");
    thread.setDaemon(true);
    return thread;
  }

  /** Goes on with what an earlier server left. */
  @EventListener(ApplicationReadyEvent.class)
  void resume() {
    runs.findByState(BlockRunRow.State.RUNNING).forEach(this::start);
  }

  @PreDestroy
  void stop() {
    workers.shutdownNow();
  }

  /** Begins or goes on with a run. */
  void start(BlockRunRow run) {
    BlockRevisionRow revision =
        revisions
            .findByClubIdAndBlockIdAndNumber(run.clubId(), run.blockId(), run.revision())
            .orElseThrow();
    BlockDefinition definition = json.read(revision.definition(), BlockDefinition.class);
    List<UUID> done =
        athleteBlocks.findByClubIdAndBlockId(run.clubId(), run.blockId()).stream()
            .filter(row -> row.run() == run.run())
            .map(BlockAthleteRow::athleteId)
            .toList();
    LocalDate today = LocalDate.now(clubs.findById(run.clubId()).orElseThrow().zone());
    List<UUID> open = definition.athleteIds().stream().filter(id -> !done.contains(id)).toList();
    for (UUID athleteId : open) {
      String key = run.blockId() + " " + run.run() + " " + athleteId;
      if (underWay.add(key)) {
        workers.execute(
            () -> {
              try {
                prescribe(run, definition, athleteId, today);
              } finally {
                underWay.remove(key);
              }
            });
      }
    }
    if (open.isEmpty()) {
      advance(run, definition);
    }
  }

  private void prescribe(
      BlockRunRow run, BlockDefinition definition, UUID athleteId, LocalDate today) {
    try {
      for (int attempt = 1; !isPrescribed(run, definition, athleteId, today, attempt); attempt++) {
        LOG.info("block {} of athlete {}: once more", run.blockId(), athleteId);
      }
      advance(run, definition);
    } catch (RuntimeException e) {
      LOG.warn("block {} of athlete {} failed", run.blockId(), athleteId, e);
      String name = athletes.row(run.clubId(), athleteId).name();
      end(run, BlockRunRow.State.FAILED, name + ": " + told(e));
    }
  }

  /** What helps a coach; what only helps whoever keeps the server is in its log. */
  private static String told(RuntimeException e) {
    return e instanceof OutOfRangeException
        ? e.getMessage()
        : "the warm-ups could not be made, those from before stay. Try once more; the server's log"
            + " tells the cause.";
  }

  /** False when a coach changed something at the same moment; then it is seen the next time. */
  private boolean isPrescribed(
      BlockRunRow run, BlockDefinition definition, UUID athleteId, LocalDate today, int attempt) {
    SignedIn coach = new SignedIn(run.coachId(), run.clubId(), "", 0);
    try {
      transaction.executeWithoutResult(
          status -> {
            athleteBlocks.hold(
                run.blockId().getMostSignificantBits() ^ athleteId.getLeastSignificantBits());
            if (isWanted(run) && !isDone(run, athleteId)) {
              computation.prescribe(coach, run.blockId(), definition, run.run(), athleteId, today);
            }
          });
      return true;
    } catch (OptimisticLockingFailureException | DataIntegrityViolationException e) {
      if (attempt == ATTEMPTS) {
        throw e;
      }
      return false;
    }
  }

  private boolean isDone(BlockRunRow run, UUID athleteId) {
    return athleteBlocks
        .findByClubIdAndBlockIdAndAthleteId(run.clubId(), run.blockId(), athleteId)
        .filter(row -> row.run() == run.run())
        .isPresent();
  }

  /** A run that was cancelled or overtaken by a newer one is not. */
  private boolean isWanted(BlockRunRow run) {
    return runs.findByClubIdAndBlockId(run.clubId(), run.blockId())
        .filter(now -> now.run() == run.run() && now.state() == BlockRunRow.State.RUNNING)
        .isPresent();
  }

  private void advance(BlockRunRow run, BlockDefinition definition) {
    transaction.executeWithoutResult(
        status -> {
          BlockRunRow now = runs.lock(run.clubId(), run.blockId()).orElseThrow();
          if (now.run() != run.run() || now.state() != BlockRunRow.State.RUNNING) {
            return;
          }
          List<UUID> all = definition.athleteIds();
          long done =
              athleteBlocks.findByClubIdAndBlockId(run.clubId(), run.blockId()).stream()
                  .filter(row -> row.run() == run.run() && all.contains(row.athleteId()))
                  .count();
          now.advance((int) done);
          if (done == all.size()) {
            now.end(BlockRunRow.State.DONE, "");
          }
        });
  }

  private void end(BlockRunRow run, BlockRunRow.State state, String message) {
    transaction.executeWithoutResult(
        status ->
            runs.lock(run.clubId(), run.blockId())
                .filter(now -> now.run() == run.run())
                .ifPresent(now -> now.end(state, message)));
  }
}
