package dev.jubilee.core.decision;

import dev.jubilee.core.Scenarios;
import dev.jubilee.core.athlete.Athlete;
import dev.jubilee.core.athlete.AthleteBuilder;
import dev.jubilee.core.athlete.Restriction.Side;
import dev.jubilee.core.checkin.Alarm;
import dev.jubilee.core.checkin.CheckIn;
import dev.jubilee.core.checkin.CheckInBuilder;
import dev.jubilee.core.checkin.CheckInProposal;
import dev.jubilee.core.checkin.TodaysChange;
import dev.jubilee.core.circumstances.ComingFrom;
import dev.jubilee.core.plan.Plan;
import dev.jubilee.core.plan.PrescriptionRequest;
import dev.jubilee.core.profile.Profiles;
import dev.jubilee.core.session.Session;
import dev.jubilee.core.session.SessionBuilder;
import dev.jubilee.core.shorthand.ParseResult;
import dev.jubilee.core.shorthand.SessionClassification;
import dev.jubilee.core.shorthand.Shorthand;
import dev.jubilee.core.sport.BodyRegion;
import dev.jubilee.core.sport.Level;
import dev.jubilee.core.sport.Sport;
import java.time.Duration;
import java.util.ArrayList;
import java.util.EnumSet;
import java.util.List;
import java.util.Optional;
import java.util.Set;

/** Situations as they are written in a line: {@code pain KNEES 4 fast}, {@code sleep 2}. */
final class Told {
  private Told() {}

  static Session session(String words, Sport sport) {
    ParseResult read = Shorthand.read(words, sport);
    SessionClassification written = SessionClassification.of(read.outline(), sport);
    return SessionBuilder.builder(Session.of(sport, written.kind(), words))
        .effortMetres(written.effortMetres().filter(m -> m >= 25))
        .effortTime(written.effortSeconds().filter(s -> s >= 5).map(Duration::ofSeconds))
        .aim(written.aim())
        .build();
  }

  static PrescriptionRequest request(int age, Level level, Sport sport, String session) {
    Athlete athlete = AthleteBuilder.builder(Scenarios.athlete(level)).ageYears(age).build();
    return PrescriptionRequest.of(
        athlete.withMaximumHeartRate(Optional.empty()),
        session(session, sport),
        Scenarios.at(Profiles.of(sport).place(), 40)
            .withKit(Profiles.kitAt(Profiles.of(sport).place(), sport)));
  }

  /** The plan after what a check-in proposes; empty where the coach comes first. */
  static Optional<Plan> plan(PrescriptionRequest request, CheckIn checkIn) {
    CheckInProposal proposal = CheckInProposal.of(checkIn, request);
    return proposal.coachFirst()
        ? Optional.empty()
        : Optional.of(
            Scenarios.plan(
                TodaysChange.all(
                    proposal.changes().stream().map(CheckInProposal.Proposed::change).toList(),
                    request)));
  }

  static CheckIn checkIn(String told) {
    Optional<Integer> sleep = Optional.empty();
    Optional<Integer> mood = Optional.empty();
    Optional<Integer> freshness = Optional.empty();
    Optional<Integer> minutes = Optional.empty();
    Optional<ComingFrom> from = Optional.empty();
    List<CheckIn.Ache> aches = new ArrayList<>();
    List<CheckIn.Pain> pains = new ArrayList<>();
    Set<Alarm> alarms = EnumSet.noneOf(Alarm.class);
    for (String[] word : words(told)) {
      switch (word[0]) {
        case "sleep" -> sleep = Optional.of(Integer.valueOf(word[1]));
        case "mood" -> mood = Optional.of(Integer.valueOf(word[1]));
        case "fresh" -> freshness = Optional.of(Integer.valueOf(word[1]));
        case "minutes" -> minutes = Optional.of(Integer.valueOf(word[1]));
        case "from" -> from = Optional.of(ComingFrom.valueOf(word[1]));
        case "sore", "stiff" ->
            aches.add(
                new CheckIn.Ache(BodyRegion.valueOf(word[1]), Side.LEFT, word[0].equals("sore")));
        case "pain" ->
            pains.add(
                new CheckIn.Pain(
                    BodyRegion.valueOf(word[1]),
                    Side.LEFT,
                    Integer.parseInt(word[2]),
                    CheckIn.Since.DAYS));
        case "alarm" -> alarms.add(Alarm.valueOf(word[1]));
        default -> throw new IllegalArgumentException(told);
      }
    }
    return CheckInBuilder.builder()
        .sleep(sleep)
        .mood(mood)
        .freshness(freshness)
        .aches(aches)
        .hurts(!pains.isEmpty())
        .pains(pains)
        .alarms(alarms)
        .minutes(minutes)
        .comingFrom(from)
        .word("")
        .build();
  }

  static List<Mark> marks(String told) {
    List<Mark> marks = new ArrayList<>();
    for (String[] word : words(told)) {
      marks.add(
          switch (word[0]) {
            case "tight" -> Mark.tight(BodyRegion.valueOf(word[1]), Side.LEFT);
            case "pain" ->
                Mark.pain(
                    BodyRegion.valueOf(word[1]),
                    Side.LEFT,
                    Integer.parseInt(word[2]),
                    word.length > 3);
            default -> Mark.of(Sign.valueOf(word[0]));
          });
    }
    return marks;
  }

  private static List<String[]> words(String told) {
    List<String[]> all = new ArrayList<>();
    if (told != null) {
      for (String part : told.strip().split(", ", -1)) {
        all.add(part.strip().split(" ", -1));
      }
    }
    return all;
  }
}
