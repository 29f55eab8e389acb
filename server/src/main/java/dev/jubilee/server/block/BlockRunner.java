package dev.jubilee.server.block;

import dev.jubilee.core.quantity.OutOfRangeException;
import dev.jubilee.server.athlete.Athletes;
import dev.jubilee.server.club.ClubTime;
import dev.jubilee.server.guard.Causes;
import dev.jubilee.server.guard.DatabaseAway;
import dev.jubilee.server.postgres.Locks;
import dev.jubilee.server.signin.SignedIn;
import dev.jubilee.server.tenant.ClubScope;
import java.time.LocalDate;
import java.util.HashSet;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.UUID;
import java.util.stream.IntStream;
import org.slf4j.Logger;
import org.slf4j.LoggerFactory;
import org.springframework.dao.DataIntegrityViolationException;
import org.springframework.dao.OptimisticLockingFailureException;
import org.springframework.stereotype.Component;
import org.springframework.transaction.support.TransactionTemplate;

/**
 * Prescribes blocks athlete by athlete, each in a transaction of its own. What is done is known by
 * the run it was done in, so that a run that was broken off goes on where it was, here or on
 * another server, and doing an athlete twice changes nothing.
 */
@Component
class BlockRunner {
  private static final Logger LOG = LoggerFactory.getLogger(BlockRunner.class);

  /** A coach who goes through the warm-ups one by one meanwhile is in the way again and again. */
  private static final int ATTEMPTS = 20;

  private final BlockRunRepository runs;
  private final BlockAthleteRepository athleteBlocks;
  private final BlockRevisions revisions;
  private final AthleteBlocks computation;
  private final Athletes athletes;
  private final ClubTime clubTime;
  private final Locks locks;
  private final TransactionTemplate transaction;

  BlockRunner(
      BlockRunRepository runs,
      BlockAthleteRepository athleteBlocks,
      BlockRevisions revisions,
      AthleteBlocks computation,
      Athletes athletes,
      ClubTime clubTime,
      Locks locks,
      TransactionTemplate transaction) {
    this.runs = runs;
    this.athleteBlocks = athleteBlocks;
    this.revisions = revisions;
    this.computation = computation;
    this.athletes = athletes;
    this.clubTime = clubTime;
    this.locks = locks;
    this.transaction = transaction;
  }

  /**
   * Prescribes for the next athlete of a lane.
   *
   * @return whether the lane may have more to do
   */
  boolean next(Lane lane) {
    return ClubScope.within(lane.clubId(), () -> isMore(lane));
  }

  private boolean isMore(Lane lane) {
    Optional<BlockRunRow> run = wanted(lane);
    if (run.isEmpty()) {
      return false;
    }
    BlockDefinition definition = definition(run.get());
    Optional<UUID> athlete = open(lane, definition);
    if (athlete.isPresent()) {
      prescribe(run.get(), definition, athlete.get());
    }
    advance(run.get(), definition);
    return athlete.isPresent();
  }

  private BlockDefinition definition(BlockRunRow run) {
    return revisions.definition(run.blockId(), run.revision());
  }

  /** The first athlete of the lane who has nothing of this run yet. */
  private Optional<UUID> open(Lane lane, BlockDefinition definition) {
    Set<UUID> done = new HashSet<>(athleteBlocks.findDone(lane.blockId(), lane.run()));
    List<UUID> all = definition.athleteIds();
    return IntStream.iterate(lane.index(), i -> i < all.size(), i -> i + lane.of())
        .mapToObj(all::get)
        .filter(id -> !done.contains(id))
        .findFirst();
  }

  private void prescribe(BlockRunRow run, BlockDefinition definition, UUID athleteId) {
    LocalDate today = clubTime.today(run.clubId());
    try {
      for (int attempt = 1; !isPrescribed(run, definition, athleteId, today, attempt); attempt++) {
        LOG.info("block {} of athlete {}: once more", run.blockId(), athleteId);
      }
    } catch (RuntimeException e) {
      if (DatabaseAway.isMeantBy(e)) {
        throw e;
      }
      LOG.warn("block {} of athlete {} failed: {}", run.blockId(), athleteId, Causes.told(e));
      String name = athletes.row(athleteId).name();
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
    if (!isWanted(run)) {
      return true;
    }
    // Computed between two transactions, so that no connection is held meanwhile.
    AthleteBlocks.Computed computed =
        computation.known(coach, run.blockId(), definition, athleteId, today).computed();
    try {
      transaction.executeWithoutResult(
          status -> {
            locks.hold(
                run.blockId().getMostSignificantBits() ^ athleteId.getLeastSignificantBits());
            if (isWanted(run) && !isDone(run, athleteId)) {
              computation.store(coach, run.blockId(), run.run(), computed);
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
        .findByBlockIdAndAthleteId(run.blockId(), athleteId)
        .filter(row -> row.run() == run.run())
        .isPresent();
  }

  /** A run that was cancelled or overtaken by a newer one is not. */
  private boolean isWanted(BlockRunRow run) {
    return runs.findById(run.blockId()).filter(now -> now.isUnderWay(run.run())).isPresent();
  }

  private Optional<BlockRunRow> wanted(Lane lane) {
    return runs.findById(lane.blockId()).filter(now -> now.isUnderWay(lane.run()));
  }

  private void advance(BlockRunRow run, BlockDefinition definition) {
    transaction.executeWithoutResult(
        status -> {
          BlockRunRow now = runs.lock(run.blockId()).orElseThrow();
          if (!now.isUnderWay(run.run())) {
            return;
          }
          Set<UUID> all = new HashSet<>(definition.athleteIds());
          all.retainAll(athleteBlocks.findDone(run.blockId(), run.run()));
          now.advance(all.size());
          if (all.size() == definition.athleteIds().size()) {
            now.end(BlockRunRow.State.DONE, "", clubTime.instant());
          }
        });
  }

  private void end(BlockRunRow run, BlockRunRow.State state, String message) {
    transaction.executeWithoutResult(
        status ->
            runs.lock(run.blockId())
                .filter(now -> now.run() == run.run())
                .ifPresent(now -> now.end(state, message, clubTime.instant())));
  }
}
