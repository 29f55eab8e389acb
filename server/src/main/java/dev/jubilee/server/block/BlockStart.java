package dev.jubilee.server.block;

import dev.jubilee.server.club.ClubTime;
import dev.jubilee.server.prescription.BlockPrescriptions;
import dev.jubilee.server.session.SessionRow;
import dev.jubilee.server.session.SessionSource;
import dev.jubilee.server.session.Sessions;
import dev.jubilee.server.signin.SignedIn;
import org.springframework.context.ApplicationEventPublisher;
import org.springframework.stereotype.Component;
import org.springframework.transaction.event.TransactionalEventListener;

/** From a block's definition to its sessions in the calendar and the run that prescribes them. */
@Component
class BlockStart {
  /** A run to begin as soon as it is stored. */
  private record Begun() {}

  private final Sessions sessions;
  private final BlockPrescriptions prescriptions;
  private final BlockMembers members;
  private final BlockRunRepository runs;
  private final BlockScheduler scheduler;
  private final ApplicationEventPublisher events;
  private final ClubTime clubTime;

  BlockStart(
      Sessions sessions,
      BlockPrescriptions prescriptions,
      BlockMembers members,
      BlockRunRepository runs,
      BlockScheduler scheduler,
      ApplicationEventPublisher events,
      ClubTime clubTime) {
    this.sessions = sessions;
    this.prescriptions = prescriptions;
    this.members = members;
    this.runs = runs;
    this.scheduler = scheduler;
    this.events = events;
    this.clubTime = clubTime;
  }

  /** Lays the sessions out and begins to prescribe them. */
  void layOut(SignedIn coach, BlockRow row, LaidOutBlock laidOut) {
    layOut(row, laidOut);
    begin(coach, row, laidOut.definition());
  }

  /** The calendar from today on as the pattern wants it; what coaches changed stays. */
  private void layOut(BlockRow row, LaidOutBlock laidOut) {
    Sessions.LaidOut result =
        sessions.layOut(
            row.clubId(),
            SessionSource.patternOf(row.id()),
            laidOut.sessions(),
            clubTime.today(row.clubId()));
    for (SessionRow surplus : result.surplus()) {
      if (!sessions.isChangedByHand(surplus) && prescriptions.removeUntouched(surplus.id())) {
        sessions.remove(surplus);
      }
    }
  }

  /** Begins to prescribe for all athletes, in the background. */
  void begin(SignedIn coach, BlockRow row, BlockDefinition definition) {
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
}
