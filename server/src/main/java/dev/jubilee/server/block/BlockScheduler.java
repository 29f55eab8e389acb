package dev.jubilee.server.block;

import com.github.kagkarlsson.scheduler.Scheduler;
import com.github.kagkarlsson.scheduler.task.CompletionHandler;
import com.github.kagkarlsson.scheduler.task.FailureHandler;
import com.github.kagkarlsson.scheduler.task.helper.CustomTask;
import com.github.kagkarlsson.scheduler.task.helper.Tasks;
import jakarta.annotation.PreDestroy;
import java.time.Clock;
import java.time.Duration;
import javax.sql.DataSource;
import org.springframework.beans.factory.annotation.Value;
import org.springframework.boot.context.event.ApplicationReadyEvent;
import org.springframework.context.event.EventListener;
import org.springframework.jdbc.datasource.TransactionAwareDataSourceProxy;
import org.springframework.stereotype.Component;

/**
 * Shares the work of prescribing blocks among all servers and fairly among clubs. A run is done in
 * lanes, as many as there are processors; a lane works for a second and goes to the end of the
 * queue, so that a block of two hundred never keeps one of eleven waiting. What a server that died
 * had in hand is known by its missing heartbeat and taken up by whichever lives.
 */
@Component
class BlockScheduler {
  private static final String NAME = "prescribe-block";

  static final int LANES = Math.max(1, Runtime.getRuntime().availableProcessors());

  /** So many missed heartbeats, and another server takes over: within 30 s. */
  private static final int MISSED = 4;

  private static final Duration POLLING = Duration.ofMillis(250);

  /** What a lane does in one go; looking into the queue after each athlete would cost more. */
  private static final Duration TURN = Duration.ofSeconds(1);

  private static final Duration AFTER_FAILURE = Duration.ofSeconds(2);
  private static final Duration GOODBYE = Duration.ofSeconds(10);

  private final CustomTask<Void> task;
  private final Scheduler scheduler;

  private final Clock clock;

  BlockScheduler(
      DataSource database,
      BlockRunner runner,
      @Value("${jubilee.heartbeat}") Duration heartbeat,
      Clock clock) {
    this.clock = clock;
    this.task =
        Tasks.custom(NAME, Void.class)
            .onFailure(
                // The database was away, most likely; what is wrong with a block ends its run.
                (FailureHandler<Void>)
                    (complete, operations) ->
                        operations.reschedule(complete, clock.instant().plus(AFTER_FAILURE)))
            .execute(
                (instance, context) -> {
                  return isMore(runner, Lane.of(instance.getId()))
                      ? (CompletionHandler<Void>)
                          (complete, operations) -> operations.reschedule(complete, clock.instant())
                      : new CompletionHandler.OnCompleteRemove<>();
                });
    // A lane is written in the transaction that begins its run, or not at all.
    this.scheduler =
        Scheduler.create(new TransactionAwareDataSourceProxy(database), task)
            .threads(LANES)
            .pollingInterval(POLLING)
            .heartbeatInterval(heartbeat)
            .missedHeartbeatsLimit(MISSED)
            .shutdownMaxWait(GOODBYE)
            .build();
  }

  private static boolean isMore(BlockRunner runner, Lane lane) {
    long end = System.nanoTime() + TURN.toNanos();
    boolean isMore = true;
    while (isMore && System.nanoTime() < end) {
      isMore = runner.next(lane);
    }
    return isMore;
  }

  @EventListener(ApplicationReadyEvent.class)
  void start() {
    scheduler.start();
  }

  @PreDestroy
  void stop() {
    scheduler.stop();
  }

  /** Puts all lanes of a run into the queue, as part of the present transaction. */
  void begin(BlockRunRow run) {
    for (int i = 0; i < LANES; i++) {
      Lane lane = new Lane(run.clubId(), run.blockId(), run.run(), i, LANES);
      scheduler.scheduleIfNotExists(task.instance(lane.id()), clock.instant());
    }
  }

  /** Begins at once with what is in the queue. */
  void hurry() {
    scheduler.triggerCheckForDueExecutions();
  }
}
