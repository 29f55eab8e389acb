package dev.jubilee.server.session;

import dev.jubilee.core.quantity.OutOfRangeException;
import dev.jubilee.server.athlete.AthleteRepository;
import dev.jubilee.server.club.ClubTime;
import dev.jubilee.server.json.Json;
import dev.jubilee.server.problem.ConflictException;
import dev.jubilee.server.problem.NotFoundException;
import dev.jubilee.server.session.stored.SessionV1;
import java.time.Clock;
import java.time.LocalDate;
import java.time.LocalDateTime;
import java.time.ZoneId;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.UUID;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** What coaches do with sessions. */
@Service
public class Sessions {
  private static final int MOST_DAYS = 62;

  private final SessionRowRepository repository;
  private final AthleteRepository athletes;
  private final WarmUpLookup warmUps;
  private final ClubTime clubTime;
  private final Json json;
  private final Clock clock;

  Sessions(
      SessionRowRepository repository,
      AthleteRepository athletes,
      WarmUpLookup warmUps,
      ClubTime clubTime,
      Json json,
      Clock clock) {
    this.clock = clock;
    this.repository = repository;
    this.athletes = athletes;
    this.warmUps = warmUps;
    this.clubTime = clubTime;
    this.json = json;
  }

  @Transactional(readOnly = true)
  public List<SessionView> between(UUID clubId, LocalDate from, LocalDate until) {
    if (until.isBefore(from) || until.isAfter(from.plusDays(MOST_DAYS))) {
      throw new OutOfRangeException(
          "until", until, "from " + from + " to " + from.plusDays(MOST_DAYS));
    }
    List<SessionRow> rows =
        repository.findBetween(from.atStartOfDay(), until.plusDays(1).atStartOfDay());
    Map<UUID, List<SessionView.WarmUp>> prescribed =
        warmUps.warmUps(clubId, rows.stream().map(SessionRow::id).toList());
    return rows.stream()
        .map(row -> view(row, prescribed.getOrDefault(row.id(), List.of())))
        .toList();
  }

  /** Puts a session on the calendar that was checked already, as {@link #change} does. */
  @Transactional
  public SessionView create(UUID clubId, UUID id, SessionDetails details) {
    return create(clubId, id, details, 1);
  }

  /**
   * The same session at the same time for so many weeks.
   *
   * @param id of the first of them, which is answered
   * @param weeks 1 or more
   */
  @Transactional
  public SessionView create(UUID clubId, UUID id, SessionDetails details, int weeks) {
    check(details);
    SessionRow first = new SessionRow(id, clubId);
    first.write(details, stored(details));
    first = repository.saveAndFlush(first);
    for (int week = 1; week < weeks; week++) {
      SessionDetails later = details.on(details.startsAt().toLocalDate().plusWeeks(week));
      later.check();
      SessionRow row = new SessionRow(UUID.randomUUID(), clubId);
      row.write(later, stored(later));
      repository.save(row);
    }
    return view(first, List.of());
  }

  @Transactional(readOnly = true)
  public SessionView one(UUID id) {
    return view(onCalendar(id));
  }

  @Transactional
  public SessionView change(UUID id, long version, SessionDetails details) {
    check(details);
    SessionRow row = onCalendar(id);
    requireVersion(row, version);
    row.write(details, stored(details));
    return view(repository.saveAndFlush(row));
  }

  /**
   * The same session later on its day, earlier below 0; its warm-ups go with it.
   *
   * @throws OutOfRangeException if it would start before now, or on another day
   */
  @Transactional
  public SessionView shift(UUID clubId, UUID id, long version, int minutes) {
    SessionRow row = onCalendar(id);
    requireVersion(row, version);
    SessionDetails details = details(row);
    ZoneId zone = clubTime.zone(clubId);
    LocalDateTime start = later(details.startsAt(), zone, minutes);
    LocalDateTime now = LocalDateTime.ofInstant(clock.instant(), zone);
    boolean isBeforeNow = minutes < 0 && start.isBefore(now);
    if (isBeforeNow || !start.toLocalDate().equals(details.startsAt().toLocalDate())) {
      throw new OutOfRangeException(
          "minutes",
          minutes,
          isBeforeNow ? "a start that is still to come" : "a start on the same day");
    }
    SessionDetails shifted = details.at(start);
    row.write(shifted, stored(shifted));
    return view(repository.saveAndFlush(row));
  }

  /**
   * The same session once a week, after it; without warm-ups, which are of a day.
   *
   * @param weeks how many more, 1 or more
   */
  @Transactional
  public List<SessionView> repeat(UUID clubId, UUID id, int weeks) {
    SessionDetails details = details(onCalendar(id));
    List<SessionView> repeated = new ArrayList<>();
    for (int week = 1; week <= weeks; week++) {
      SessionDetails later = details.on(details.startsAt().toLocalDate().plusWeeks(week));
      later.check();
      SessionRow row = new SessionRow(UUID.randomUUID(), clubId);
      row.write(later, stored(later));
      repeated.add(view(repository.saveAndFlush(row), List.of()));
    }
    return repeated;
  }

  /** Puts one athlete in another's place, wherever they take part. */
  @Transactional
  public void replaceAthlete(UUID who, UUID by) {
    for (SessionRow row :
        repository.findOf(
            who, LocalDateTime.of(1900, 1, 1, 0, 0), LocalDateTime.of(3000, 1, 1, 0, 0))) {
      SessionDetails details = details(row);
      List<UUID> ids =
          details.athleteIds().stream().map(id -> id.equals(who) ? by : id).distinct().toList();
      boolean isThere = details.athleteIds().contains(by);
      List<SessionDetails.LaterStart> later =
          details.laterStarts().stream()
              .filter(l -> !(isThere && l.athleteId().equals(who)))
              .map(
                  l ->
                      l.athleteId().equals(who)
                          ? new SessionDetails.LaterStart(by, l.minutes())
                          : l)
              .toList();
      SessionDetails changed = details.withAthletes(ids, later);
      row.write(changed, stored(changed));
      repository.saveAndFlush(row);
    }
  }

  /** By the clock on the wall, as it really passes: an hour may be skipped, or come twice. */
  static LocalDateTime later(LocalDateTime from, ZoneId zone, int minutes) {
    return from.atZone(zone).plusMinutes(minutes).toLocalDateTime();
  }

  /** Takes a session off the calendar, with its warm-ups; until it is put back. */
  @Transactional
  public SessionView remove(UUID clubId, UUID id, long version) {
    SessionRow row = onCalendar(id);
    requireVersion(row, version);
    row.remove(clock.instant());
    return view(repository.saveAndFlush(row));
  }

  /** Puts a session that was taken off the calendar back as it was. */
  @Transactional
  public SessionView restore(UUID id, long version) {
    SessionRow row = row(id);
    requireVersion(row, version);
    row.restore();
    return view(repository.saveAndFlush(row));
  }

  private static void requireVersion(SessionRow row, long version) {
    if (row.version() != version) {
      throw new ConflictException(
          "This session was changed by someone else in the meantime. Load again and repeat.");
    }
  }

  /**
   * A session that was not removed.
   *
   * @throws NotFoundException else
   */
  public SessionRow onCalendar(UUID id) {
    return find(id)
        .filter(row -> !row.isRemoved())
        .orElseThrow(() -> new NotFoundException("session"));
  }

  /**
   * What came of laying sessions out.
   *
   * @param kept that a coach changed since, left as they are
   * @param surplus no longer wanted, still there
   */
  public record LaidOut(int created, int changed, int kept, List<SessionRow> surplus) {}

  /**
   * Makes the calendar hold these sessions, each under its key: new ones are added, others changed
   * unless a coach did so. Days before {@code from} stay as they are.
   *
   * @param family of all that were made before
   * @param wanted by key; checked by whoever made them
   */
  @Transactional
  public LaidOut layOut(
      UUID clubId,
      SessionSource.Family family,
      Map<String, SessionDetails> wanted,
      LocalDate from) {
    Map<String, SessionRow> present = new HashMap<>();
    madeBy(family).forEach(row -> present.put(row.source().orElseThrow().key(), row));
    int created = 0;
    int changed = 0;
    int kept = 0;
    for (Map.Entry<String, SessionDetails> entry : wanted.entrySet()) {
      SessionDetails details = entry.getValue();
      SessionRow row = present.remove(entry.getKey());
      if (details.startsAt().toLocalDate().isBefore(from)) {
        continue;
      }
      if (row == null) {
        row = new SessionRow(UUID.randomUUID(), clubId);
        created++;
      } else if (row.isRemoved() || isChangedByHand(row)) {
        kept++;
        continue;
      } else if (details(row).equals(details)) {
        continue;
      } else {
        changed++;
      }
      row.make(family.of(entry.getKey()), details, stored(details));
      repository.save(row);
    }
    List<SessionRow> surplus = new ArrayList<>();
    for (SessionRow row : present.values()) {
      if (!row.isRemoved() && !row.startsAt().toLocalDate().isBefore(from)) {
        surplus.add(row);
      }
    }
    repository.flush();
    return new LaidOut(created, changed, kept, surplus);
  }

  /** Changes with every session of some days. */
  public String fingerprint(LocalDateTime from, LocalDateTime before) {
    return repository.fingerprint(from, before);
  }

  /** All that a block's pattern, or its files, made. */
  public List<SessionRow> madeBy(SessionSource.Family family) {
    return repository.findBySourceMadeAndSourceBlockId(family.made(), family.blockId());
  }

  /** Whether a coach changed what a block or an import made. */
  public boolean isChangedByHand(SessionRow row) {
    return !details(row).equals(entered(row.sourceDetails()));
  }

  @Transactional
  public void remove(SessionRow row) {
    repository.delete(row);
  }

  /** An athlete's sessions from one day to another, in order. */
  public List<SessionRow> of(UUID athleteId, LocalDate from, LocalDate until) {
    return repository.findOf(athleteId, from.atStartOfDay(), until.plusDays(1).atStartOfDay());
  }

  public SessionRow row(UUID id) {
    return find(id).orElseThrow(() -> new NotFoundException("session"));
  }

  public Optional<SessionRow> find(UUID id) {
    return repository.findById(id);
  }

  public SessionDetails details(SessionRow row) {
    return entered(row.details());
  }

  private SessionDetails entered(String stored) {
    return SessionForm.INSTANCE.entered(json.read(stored, SessionV1.class));
  }

  private String stored(SessionDetails details) {
    return json.write(SessionForm.INSTANCE.stored(details));
  }

  private SessionView view(SessionRow row) {
    return view(
        row, warmUps.warmUps(row.clubId(), List.of(row.id())).getOrDefault(row.id(), List.of()));
  }

  private SessionView view(SessionRow row, List<SessionView.WarmUp> prescribed) {
    return new SessionView(row.id(), row.version(), details(row), prescribed);
  }

  private void check(SessionDetails details) {
    Set<UUID> wanted = new HashSet<>(details.athleteIds());
    if (wanted.size() < details.athleteIds().size()) {
      throw new OutOfRangeException("athleteIds", "a repeated athlete", "each athlete once");
    }
    if (athletes.findAllById(wanted).size() < wanted.size()) {
      throw new NotFoundException("athlete");
    }
  }
}
