package dev.jubilee.server.block;

import dev.jubilee.core.block.Interruption;
import dev.jubilee.core.block.MasteryRecord;
import dev.jubilee.core.block.WhatHappened;
import dev.jubilee.core.checkin.CheckIn;
import dev.jubilee.core.decision.Mark;
import dev.jubilee.core.decision.Sign;
import dev.jubilee.core.drill.Drill;
import dev.jubilee.core.drill.DrillLibrary;
import dev.jubilee.core.logbook.DeviceRecord.State;
import dev.jubilee.server.athlete.Athletes;
import dev.jubilee.server.block.BlockDefinition.AthleteInterruption;
import dev.jubilee.server.block.BlockDefinition.AthleteMastery;
import dev.jubilee.server.checkin.CheckIns;
import dev.jubilee.server.club.ClubTime;
import dev.jubilee.server.drill.Libraries;
import dev.jubilee.server.logbook.Logbook;
import dev.jubilee.server.prescription.PrescriptionRepository;
import dev.jubilee.server.prescription.PrescriptionRow;
import dev.jubilee.server.record.Kept;
import dev.jubilee.server.record.Records;
import dev.jubilee.server.record.stored.RecordV1;
import dev.jubilee.server.session.SessionRow;
import dev.jubilee.server.session.Sessions;
import dev.jubilee.server.signin.SignedIn;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.UUID;
import java.util.stream.Collectors;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** What records say that a block does not know yet. */
@Service
class Happenings {
  private final Blocks blocks;
  private final Records records;
  private final Sessions sessions;
  private final PrescriptionRepository prescriptions;
  private final CheckIns checkIns;
  private final Logbook logbook;
  private final Athletes athletes;
  private final Libraries libraries;
  private final ClubTime clubTime;

  Happenings(
      Blocks blocks,
      Records records,
      Sessions sessions,
      PrescriptionRepository prescriptions,
      CheckIns checkIns,
      Logbook logbook,
      Athletes athletes,
      Libraries libraries,
      ClubTime clubTime) {
    this.blocks = blocks;
    this.records = records;
    this.sessions = sessions;
    this.prescriptions = prescriptions;
    this.checkIns = checkIns;
    this.logbook = logbook;
    this.athletes = athletes;
    this.libraries = libraries;
    this.clubTime = clubTime;
  }

  /**
   * What happened to an athlete.
   *
   * @param reports versions done cleanly
   * @param names of the drills reported, in their order
   */
  record AthleteHappened(
      UUID athleteId,
      String name,
      List<AthleteMastery> reports,
      List<String> names,
      List<AthleteInterruption> interruptions) {}

  /** Of all athletes of a block of whom there is something to tell. */
  @Transactional(readOnly = true)
  public List<AthleteHappened> of(SignedIn coach, UUID blockId) {
    UUID clubId = coach.clubId();
    BlockDefinition definition = blocks.stored(blockId).definition();
    LocalDate today = clubTime.today(clubId);
    DrillLibrary library = libraries.of(clubId);
    Map<UUID, List<Kept>> kept =
        records
            .between(definition.start().atStartOfDay(), today.plusDays(1).atStartOfDay())
            .stream()
            .collect(Collectors.groupingBy(Kept::athleteId));
    Map<UUID, String> names = athletes.names();
    List<AthleteHappened> all = new ArrayList<>();
    for (UUID id : definition.athleteIds()) {
      WhatHappened happened =
          happened(id, definition, kept.getOrDefault(id, List.of()), library, today);
      AthleteHappened told =
          told(id, names.getOrDefault(id, ""), definition, happened, library, today);
      if (!told.reports().isEmpty() || !told.interruptions().isEmpty()) {
        all.add(told);
      }
    }
    return all;
  }

  private static AthleteHappened told(
      UUID id,
      String name,
      BlockDefinition definition,
      WhatHappened happened,
      DrillLibrary library,
      LocalDate today) {
    List<MasteryRecord> reports =
        happened.reports(
            definition.mastery().stream()
                .filter(m -> m.athleteId().equals(id))
                .map(m -> new MasteryRecord(m.ladder(), m.step(), m.on(), m.source()))
                .toList());
    List<Interruption> interruptions =
        happened.interruptions(
            definition.interruptions().stream()
                .filter(i -> i.athleteId().equals(id))
                .map(AthleteInterruption::toCore)
                .toList(),
            today);
    return new AthleteHappened(
        id,
        name,
        reports.stream()
            .map(r -> new AthleteMastery(id, r.ladder(), r.step(), r.on(), r.source()))
            .toList(),
        reports.stream().map(r -> drill(library, r)).toList(),
        interruptions.stream()
            .map(
                i ->
                    new AthleteInterruption(
                        id, i.kind(), i.from(), i.until(), i.region().orElse(null)))
            .toList());
  }

  private static String drill(DrillLibrary library, MasteryRecord report) {
    return library.drills().stream()
        .filter(
            d ->
                d.rung()
                    .filter(r -> r.ladder().equals(report.ladder()) && r.step() == report.step())
                    .isPresent())
        .map(Drill::name)
        .findFirst()
        .orElse(report.ladder());
  }

  private WhatHappened happened(
      UUID athleteId,
      BlockDefinition definition,
      List<Kept> kept,
      DrillLibrary library,
      LocalDate today) {
    Map<UUID, List<Mark>> marks = logbook.marks(kept.stream().map(Kept::prescriptionId).toList());
    List<WhatHappened.Hurt> hurts = new ArrayList<>();
    List<WhatHappened.Clean> clean = new ArrayList<>();
    for (Kept one : kept) {
      LocalDate day = one.startsAt().toLocalDate();
      Integer felt = one.figures().felt();
      List<Mark> seen = marks.getOrDefault(one.prescriptionId(), List.of());
      seen.stream()
          .filter(m -> m.sign() == Sign.PAIN)
          .forEach(m -> hurts.add(new WhatHappened.Hurt(day, m.region().orElseThrow(), m.pain())));
      for (RecordV1.ItemV1 item :
          felt == null ? List.<RecordV1.ItemV1>of() : one.figures().items()) {
        Optional<Drill.Rung> rung =
            item.state() == State.DONE
                ? library
                    .find(item.drill())
                    .filter(d -> WhatHappened.isClean(d, felt, seen))
                    .flatMap(Drill::rung)
                : Optional.empty();
        rung.ifPresent(r -> clean.add(new WhatHappened.Clean(day, r.ladder(), r.step())));
      }
    }
    Set<UUID> done = kept.stream().map(Kept::sessionId).collect(Collectors.toSet());
    List<WhatHappened.Day> days = new ArrayList<>();
    Map<UUID, LocalDate> dates = new HashMap<>();
    // Where nobody's warm-ups are on record nothing is known of who was there.
    for (SessionRow row : sessions.of(athleteId, definition.start(), today)) {
      LocalDate day = row.startsAt().toLocalDate();
      dates.put(row.id(), day);
      if (!kept.isEmpty() && !sessions.details(row).doesNotTakePlace()) {
        days.add(new WhatHappened.Day(day, done.contains(row.id())));
      }
    }
    Map<UUID, UUID> sessionOf = new HashMap<>();
    if (!dates.isEmpty()) {
      for (PrescriptionRow row :
          prescriptions.findByAthleteIdAndSessionIdIn(athleteId, dates.keySet())) {
        sessionOf.put(row.id(), row.sessionId());
      }
    }
    Map<UUID, CheckIn> told = checkIns.latest(List.copyOf(sessionOf.keySet()));
    told.forEach(
        (prescription, checkIn) ->
            checkIn
                .pains()
                .forEach(
                    p ->
                        hurts.add(
                            new WhatHappened.Hurt(
                                dates.get(sessionOf.get(prescription)),
                                p.region(),
                                p.intensity()))));
    return new WhatHappened(clean, days, hurts);
  }
}
