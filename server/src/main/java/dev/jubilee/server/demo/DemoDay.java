package dev.jubilee.server.demo;

import dev.jubilee.core.athlete.Restriction.Side;
import dev.jubilee.core.checkin.Alarm;
import dev.jubilee.core.checkin.CheckIn.Since;
import dev.jubilee.core.circumstances.ComingFrom;
import dev.jubilee.core.sport.BodyRegion;
import dev.jubilee.server.checkin.CheckInInput;
import dev.jubilee.server.checkin.CheckInInput.AcheInput;
import dev.jubilee.server.checkin.CheckInInput.PainInput;
import dev.jubilee.server.checkin.CheckIns;
import dev.jubilee.server.follow.Follows;
import dev.jubilee.server.prescription.Prescriptions;
import dev.jubilee.server.session.SessionView;
import dev.jubilee.server.signin.SignedIn;
import java.time.Clock;
import java.util.List;
import java.util.UUID;
import org.springframework.boot.autoconfigure.condition.ConditionalOnProperty;
import org.springframework.stereotype.Component;

/** What the demo's athletes have told of tomorrow, made up: there is something to decide. */
@Component
@ConditionalOnProperty(name = "jubilee.demo", havingValue = "true")
class DemoDay {
  /** One has slept badly and sits in traffic, one has a niggle, one is to be spoken with. */
  private static final List<CheckInInput> TOLD =
      List.of(
          new CheckInInput(
              2,
              2,
              3,
              List.of(
                  new AcheInput(BodyRegion.LOWER_BACK, Side.LEFT, true),
                  new AcheInput(BodyRegion.HAMSTRINGS, Side.RIGHT, false)),
              false,
              List.of(),
              List.of(),
              25,
              ComingFrom.LONG_DRIVE,
              "The causeway is flooded, I come the long way round."),
          new CheckInInput(
              4,
              4,
              4,
              List.of(),
              true,
              List.of(new PainInput(BodyRegion.SHOULDERS, Side.RIGHT, 2, Since.DAYS)),
              List.of(),
              null,
              ComingFrom.BED,
              ""),
          new CheckInInput(
              3, 3, 2, List.of(), false, List.of(), List.of(Alarm.DIZZY), null, null, ""));

  private final Prescriptions prescriptions;
  private final Follows follows;
  private final CheckIns checkIns;

  private final Clock clock;

  DemoDay(Prescriptions prescriptions, Follows follows, CheckIns checkIns, Clock clock) {
    this.clock = clock;
    this.prescriptions = prescriptions;
    this.follows = follows;
    this.checkIns = checkIns;
  }

  /** Prescribes for the first athletes of a session that is to come, and lets them check in. */
  void tell(SignedIn coach, SessionView session) {
    List<UUID> athletes = session.details().athleteIds();
    for (int i = 0; i < Math.min(TOLD.size(), athletes.size()); i++) {
      UUID id = prescriptions.prescribe(coach, session.id(), athletes.get(i)).id();
      String token = follows.share(id).token();
      checkIns.tell(token, UUID.randomUUID(), clock.instant(), TOLD.get(i).toCore());
    }
  }
}
