package dev.jubilee.server.prescription;

import dev.jubilee.core.athlete.Restriction;
import dev.jubilee.core.sport.BodyRegion;
import dev.jubilee.core.sport.Level;
import dev.jubilee.server.athlete.AthleteProfile;
import dev.jubilee.server.athlete.Athletes;
import dev.jubilee.server.session.SessionDetails;
import dev.jubilee.server.session.SessionView;
import dev.jubilee.server.session.Sessions;
import dev.jubilee.server.signin.SignedIn;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.UUID;
import org.springframework.stereotype.Service;
import org.springframework.transaction.PlatformTransactionManager;
import org.springframework.transaction.support.TransactionTemplate;

/** Who comes to a class: those who are entered, and guests. */
@Service
public class Guests {
  /** Of whom nobody asked; age matters from the forties on, and a guest can be entered in full. */
  private static final int AGE_UNASKED = 30;

  private final Athletes athletes;
  private final Sessions sessions;
  private final Prescriptions prescriptions;
  private final TransactionTemplate writing;

  Guests(
      Athletes athletes,
      Sessions sessions,
      Prescriptions prescriptions,
      PlatformTransactionManager transactions) {
    this.athletes = athletes;
    this.sessions = sessions;
    this.prescriptions = prescriptions;
    this.writing = new TransactionTemplate(transactions);
  }

  /** Enters a guest as an athlete, puts them into the session and prescribes their warm-up. */
  public SessionView add(
      SignedIn coach,
      UUID sessionId,
      long version,
      String name,
      Level level,
      BodyRegion region,
      Restriction.Severity severity) {
    UUID guest = UUID.randomUUID();
    writing.executeWithoutResult(
        status -> {
          SessionDetails details = sessions.details(sessions.onCalendar(sessionId));
          List<AthleteProfile.RestrictionInput> restrictions =
              region == null
                  ? List.of()
                  : List.of(
                      new AthleteProfile.RestrictionInput(
                          region,
                          severity == null ? Restriction.Severity.SORE : severity,
                          Restriction.Side.BOTH));
          athletes.create(
              coach.clubId(),
              guest,
              new AthleteProfile(
                  name.strip(),
                  details.sport(),
                  level,
                  AGE_UNASKED,
                  null,
                  null,
                  List.of(),
                  restrictions,
                  List.of(),
                  false,
                  Map.of(),
                  List.of(),
                  null,
                  null));
          List<UUID> all = new ArrayList<>(details.athleteIds());
          all.add(guest);
          sessions.change(sessionId, version, details.withAthletes(all, details.laterStarts()));
        });
    prescriptions.prescribe(coach, sessionId, guest);
    return sessions.one(sessionId);
  }

  /** Those who are there take part and have a warm-up; the others do not take part. */
  public SessionView attend(SignedIn coach, UUID sessionId, long version, List<UUID> there) {
    SessionDetails details = sessions.details(sessions.onCalendar(sessionId));
    List<SessionDetails.LaterStart> later =
        details.laterStarts().stream().filter(l -> there.contains(l.athleteId())).toList();
    sessions.change(sessionId, version, details.withAthletes(List.copyOf(there), later));
    there.forEach(athlete -> prescriptions.prescribe(coach, sessionId, athlete));
    return sessions.one(sessionId);
  }
}
