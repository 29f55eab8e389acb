package dev.jubilee.server.demo;

import dev.jubilee.core.athlete.Restriction.Side;
import dev.jubilee.core.decision.Checkpoint;
import dev.jubilee.core.decision.Decision;
import dev.jubilee.core.decision.Mark;
import dev.jubilee.core.decision.Sign;
import dev.jubilee.core.drill.WarmUpPart;
import dev.jubilee.core.learning.Question;
import dev.jubilee.core.logbook.FollowEvent;
import dev.jubilee.core.logbook.Happening;
import dev.jubilee.core.logbook.Happening.Answer;
import dev.jubilee.core.logbook.Happening.Kind;
import dev.jubilee.core.logbook.Happening.Looked;
import dev.jubilee.core.logbook.Happening.Moment;
import dev.jubilee.core.logbook.Happening.OfItem;
import dev.jubilee.core.logbook.Happening.Sensed;
import dev.jubilee.core.logbook.Happening.SkipReason;
import dev.jubilee.core.logbook.LookBuilder;
import dev.jubilee.core.logbook.Signal;
import dev.jubilee.core.plan.Plan;
import dev.jubilee.core.plan.PlanItem;
import dev.jubilee.core.plan.SimulatedPlan;
import dev.jubilee.core.session.SessionKind;
import dev.jubilee.core.sport.BodyRegion;
import dev.jubilee.core.sport.Sport;
import dev.jubilee.server.checkin.CheckInInput;
import dev.jubilee.server.checkin.CheckIns;
import dev.jubilee.server.club.ClubTime;
import dev.jubilee.server.logbook.Logbook;
import dev.jubilee.server.logbook.ToldBatch;
import dev.jubilee.server.prescription.Drafts;
import dev.jubilee.server.prescription.Prescription;
import dev.jubilee.server.prescription.Prescriptions;
import dev.jubilee.server.problem.ConflictException;
import dev.jubilee.server.question.QuestionInput;
import dev.jubilee.server.question.QuestionTurns;
import dev.jubilee.server.question.Questions;
import dev.jubilee.server.session.SessionDetails;
import dev.jubilee.server.session.SessionView;
import dev.jubilee.server.session.Sessions;
import dev.jubilee.server.signin.SignedIn;
import dev.jubilee.server.tenant.ClubScope;
import java.nio.charset.StandardCharsets;
import java.time.Instant;
import java.time.LocalDate;
import java.time.ZoneId;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Random;
import java.util.UUID;
import org.springframework.beans.factory.annotation.Value;
import org.springframework.boot.autoconfigure.condition.ConditionalOnProperty;
import org.springframework.stereotype.Component;
import org.springframework.transaction.PlatformTransactionManager;
import org.springframework.transaction.support.TransactionTemplate;

/**
 * Weeks that never were: sessions, warm-ups, and what simulated devices told of them, by a fixed
 * seed for each day.
 */
@Component
@ConditionalOnProperty(name = "jubilee.demo", havingValue = "true")
class DemoHistory {
  /** Of one rower more weeks than of the others, so that a question has its answer. */
  private static final int MORE = 6;

  /** With each day a chance of its own. */
  private static final long SEED = 1847;

  private static final int WEEK = 7;
  private static final int EVERY = 10;

  /** Of ten warm-ups one is followed by nobody. */
  private static final double MISSED = 0.1;

  private static final double SKIPPED = 0.04;

  private static final double NOT_CHECKED_IN = 0.3;
  private static final String NEVER_CHECKS_IN = "Dov Marlowick";
  private static final String ASKED = "Maren Tarnfield";
  private static final String ANSWERED = "Pia Thornmere";
  private static final String STIFF = "Tobias Quillow";

  private final Sessions sessions;
  private final Prescriptions prescriptions;
  private final Drafts drafts;
  private final Logbook logbook;
  private final Questions questions;
  private final QuestionTurns turns;
  private final CheckIns checkIns;
  private final ClubTime clubTime;
  private final TransactionTemplate aDay;
  private final int weeks;

  DemoHistory(
      Sessions sessions,
      Prescriptions prescriptions,
      Drafts drafts,
      Logbook logbook,
      Questions questions,
      QuestionTurns turns,
      CheckIns checkIns,
      ClubTime clubTime,
      PlatformTransactionManager transactions,
      @Value("${jubilee.demo-weeks:8}") int weeks) {
    this.sessions = sessions;
    this.prescriptions = prescriptions;
    this.drafts = drafts;
    this.logbook = logbook;
    this.questions = questions;
    this.turns = turns;
    this.checkIns = checkIns;
    this.clubTime = clubTime;
    this.aDay = new TransactionTemplate(transactions);
    this.weeks = weeks;
  }

  /**
   * Lays out and follows all days up to the day before yesterday that have no session yet, beside
   * whoever looks around already; a start that was ended in the middle goes on with the next one.
   */
  void tell(SignedIn coach, LocalDate today, Map<String, UUID> ids) {
    if (weeks > 0) {
      Thread thread =
          new Thread(
              () -> ClubScope.runWithin(coach.clubId(), () -> tellAll(coach, today, ids)),
              "demo-history");
      thread.setDaemon(true);
      thread.start();
    }
  }

  /** Whether there are weeks to tell of. */
  boolean isTold() {
    return weeks > 0;
  }

  private void tellAll(SignedIn coach, LocalDate today, Map<String, UUID> ids) {
    Map<UUID, String> names = new HashMap<>();
    ids.forEach((name, id) -> names.put(id, name));
    Map<String, UUID> asked = new HashMap<>();
    ask(coach, ids, asked);
    ZoneId zone = clubTime.zone(coach.clubId());
    for (int days = WEEK * (weeks + MORE); days > 1; days--) {
      int back = days;
      LocalDate day = today.minusDays(back);
      if (!sessions.between(coach.clubId(), day, day).isEmpty()) {
        continue;
      }
      Random chance = new Random(SEED + day.toEpochDay());
      aDay.executeWithoutResult(
          status -> {
            for (SessionView session : layOut(coach, today, back, ids)) {
              for (UUID athlete : session.details().athleteIds()) {
                follow(coach, session, names.get(athlete), athlete, asked, zone, chance);
              }
            }
          });
    }
  }

  private List<SessionView> layOut(
      SignedIn coach, LocalDate today, int back, Map<String, UUID> ids) {
    boolean isEarly = back > WEEK * weeks;
    List<SessionView> laidOut = new ArrayList<>();
    for (SessionDetails details :
        DemoWorld.sessions(today.minusDays(back), Math.floorMod(-back, WEEK), ids)) {
      boolean isOfTheQuestion =
          details.sport() == Sport.ROW && details.kind() == SessionKind.INTERVALS;
      if (!isEarly || isOfTheQuestion) {
        laidOut.add(
            sessions.create(
                coach.clubId(),
                UUID.randomUUID(),
                isEarly ? details.withAthletes(List.of(ids.get(ANSWERED)), List.of()) : details));
      }
    }
    return laidOut;
  }

  private void ask(SignedIn coach, Map<String, UUID> ids, Map<String, UUID> asked) {
    for (String name : List.of(ASKED, ANSWERED)) {
      if (ids.containsKey(name)) {
        questions.of(ids.get(name)).forEach(q -> asked.put(name, q.id()));
      }
    }
    if (asked.isEmpty() && ids.containsKey(ASKED) && ids.containsKey(ANSWERED)) {
      QuestionInput running =
          new QuestionInput(
              Sport.RUN, SessionKind.INTERVALS, 4, 2, Question.Measure.BEST_EFFORT, 6);
      asked.put(ASKED, questions.ask(coach, ids.get(ASKED), running, 11).id());
      QuestionInput rowing =
          new QuestionInput(
              Sport.ROW, SessionKind.INTERVALS, 5, 3, Question.Measure.BEST_EFFORT, 7);
      asked.put(ANSWERED, questions.ask(coach, ids.get(ANSWERED), rowing, 1847).id());
    }
  }

  private void follow(
      SignedIn coach,
      SessionView session,
      String name,
      UUID athlete,
      Map<String, UUID> asked,
      ZoneId zone,
      Random chance) {
    boolean isTurn = asked.containsKey(name) && session.details().kind() == SessionKind.INTERVALS;
    if (!isTurn && chance.nextDouble() < MISSED) {
      return;
    }
    Prescription view = prescriptions.prescribe(coach, session.id(), athlete);
    if (isTurn) {
      isTurn = take(coach, asked.get(name), view.id());
    }
    Plan plan = prescriptions.plan(view.id(), isTurn ? 2 : 1);
    Instant start = session.details().startOf(athlete).atZone(zone).toInstant();
    checkIn(view.id(), name, start);
    List<FollowEvent> events = new Device(plan, DemoBody.of(name), name, start, chance).events();
    for (int from = 0; from < events.size(); from += 400) {
      logbook.tell(
          coach.clubId(),
          view.id(),
          new ToldBatch(
              UUID.nameUUIDFromBytes(name.getBytes(StandardCharsets.UTF_8)),
              1,
              start.toEpochMilli(),
              isTurn ? 2 : 1,
              events.subList(from, Math.min(events.size(), from + 400))),
          start);
    }
  }

  /** Most check in most days; the beginner's Achilles tendon aches now and then. */
  private void checkIn(UUID prescription, String name, Instant start) {
    Random own = new Random(name.hashCode() + start.getEpochSecond());
    if (own.nextDouble() < NOT_CHECKED_IN || name.equals(NEVER_CHECKS_IN)) {
      return;
    }
    List<CheckInInput.AcheInput> aches =
        name.equals(STIFF) && own.nextBoolean()
            ? List.of(new CheckInInput.AcheInput(BodyRegion.ACHILLES, Side.LEFT, false))
            : List.of();
    checkIns.remember(
        prescription,
        start.minusSeconds(3600 + own.nextInt(7200)),
        new CheckInInput(
                2 + own.nextInt(4),
                2 + own.nextInt(4),
                2 + own.nextInt(4),
                aches,
                false,
                List.of(),
                List.of(),
                null,
                null,
                "")
            .toCore());
  }

  /** Takes the next turn of a question, if there is one left. */
  private boolean take(SignedIn coach, UUID question, UUID prescription) {
    int number = questions.one(question).taken().size() + 1;
    if (number > questions.one(question).turns()) {
      return false;
    }
    int efforts = turns.efforts(question, number);
    try {
      prescriptions.keep(
          coach,
          drafts.withEfforts(
              prescription,
              efforts,
              "Turn " + number + " of a question: graded efforts " + efforts));
      turns.took(question, prescription);
    } catch (ConflictException e) {
      // No warm-up of that day has just as many: the turn waits for the next session.
      return false;
    }
    return true;
  }

  /** A simulated device in an athlete's hand. */
  private static final class Device {
    private final Plan plan;
    private final DemoBody body;
    private final String name;
    private final Instant start;
    private final Random chance;
    private final List<FollowEvent> events = new ArrayList<>();
    private int sequence;

    Device(Plan plan, DemoBody body, String name, Instant start, Random chance) {
      this.plan = plan;
      this.body = body;
      this.name = name;
      this.start = start;
      this.chance = chance;
    }

    List<FollowEvent> events() {
      int early = 30 + chance.nextInt(240);
      long begun = start.toEpochMilli() - 1000L * (plan.seconds() + early);
      long at = begun;
      tell(at, new Moment(Kind.BEGUN));
      int efforts = 0;
      for (PlanItem item : plan.items()) {
        boolean isRest = item.block() == WarmUpPart.TRANSITION;
        tell(at, of(Kind.ITEM_STARTED, item, 0));
        if (item.block().isChosen() && chance.nextDouble() < SKIPPED) {
          tell(at, new OfItem(Kind.SKIPPED, item.id(), Optional.empty(), Optional.of(reason()), 0));
          continue;
        }
        int change = item.changeSeconds() == 0 ? 0 : body.change(item.changeSeconds(), chance);
        int work = item.seconds() - item.changeSeconds();
        int seconds =
            item.block().isChosen()
                ? change + body.seconds(work, item.drillId(), chance)
                : change + work;
        if (!isRest && item.changeSeconds() > 0) {
          tell(at, of(Kind.CHANGED_OVER, item, change));
        }
        at += 1000L * seconds;
        efforts += item.block() == WarmUpPart.BUILD ? 1 : 0;
        if (!isRest) {
          tell(at, of(Kind.ITEM_DONE, item, seconds));
        }
      }
      int jacket = body.jacketOff(plan, chance);
      if (jacket < plan.seconds()) {
        tell(begun + 1000L * jacket, new Moment(Kind.JACKET_OFF));
      }
      looks(at);
      signals(begun);
      long ended = Math.min(at, start.toEpochMilli() - 30_000);
      tell(ended, new Moment(Kind.ENDED));
      tell(start.toEpochMilli() + 1000L * chance.nextInt(90), new Moment(Kind.START_GIVEN));
      long after = start.toEpochMilli() + 3_600_000;
      tell(after, new Answer(Kind.FELT, body.felt(efforts, chance)));
      if (plan.request().session().kind() == SessionKind.INTERVALS
          || plan.request().session().kind() == SessionKind.SPRINT) {
        tell(after, new Answer(Kind.BEST_EFFORT, body.best(efforts, chance)));
      }
      return events;
    }

    private SkipReason reason() {
      SkipReason[] reasons = SkipReason.values();
      return reasons[chance.nextInt(reasons.length)];
    }

    private void looks(long at) {
      if (!name.equals(STIFF) || chance.nextDouble() < 0.35) {
        return;
      }
      tell(
          at,
          new Looked(
              LookBuilder.builder()
                  .checkpoint(Checkpoint.RAISE_DONE)
                  .marks(
                      List.of(
                          new Mark(
                              Sign.TIGHT, Optional.of(BodyRegion.ACHILLES), Side.LEFT, 0, false)))
                  .decided(Decision.Kind.CARRY_ON)
                  .ground(Decision.Ground.ALL_WELL)
                  .isTaken(true)
                  .session(Optional.empty())
                  .build()));
    }

    private void signals(long begun) {
      SimulatedPlan simulated =
          SimulatedPlan.of(
              new Plan(
                  plan.request().with(plan.request().athlete().withPhysique(body.physique())),
                  plan.anchors(),
                  plan.demand(),
                  plan.library(),
                  plan.items()));
      List<Signal> heard = new ArrayList<>();
      for (int s = 0; s < plan.seconds(); s += EVERY) {
        int beats = body.beats(simulated, s, chance);
        if (beats > 0) {
          heard.add(new Signal(begun + 1000L * s, Math.min(220, beats), 0, 0));
        }
      }
      for (int from = 0; from < heard.size(); from += 60) {
        List<Signal> some = heard.subList(from, Math.min(heard.size(), from + 60));
        tell(some.get(0).at(), new Sensed(some));
      }
    }

    private static OfItem of(Kind kind, PlanItem item, int seconds) {
      return new OfItem(kind, item.id(), Optional.empty(), Optional.empty(), seconds);
    }

    private void tell(long at, Happening happening) {
      events.add(new FollowEvent(++sequence, 1, at, happening));
    }
  }
}
