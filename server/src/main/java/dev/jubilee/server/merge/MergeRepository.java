package dev.jubilee.server.merge;

import dev.jubilee.server.prescription.PrescriptionRow;
import java.util.UUID;
import org.springframework.data.jpa.repository.Modifying;
import org.springframework.data.jpa.repository.Query;
import org.springframework.data.repository.Repository;

/** What is one athlete's and becomes another's. */
interface MergeRepository extends Repository<PrescriptionRow, UUID> {
  @Query("select count(s) from SessionRow s join s.participants p where p.athleteId = :who")
  int countSessions(UUID who);

  @Query("select count(p) from PrescriptionRow p where p.athleteId = :who")
  int countWarmUps(UUID who);

  /** Sessions before which both have a warm-up. */
  @Query(
      """
      select count(p) from PrescriptionRow p join PrescriptionRow o on o.sessionId = p.sessionId
      where p.athleteId = :who and o.athleteId = :into""")
  int countShared(UUID who, UUID into);

  /** Where both have a warm-up, that of the one who stays counts. */
  @Modifying(flushAutomatically = true)
  @Query(
      """
      update PrescriptionRow p set p.athleteId = :into where p.athleteId = :who
        and not exists (select 1 from PrescriptionRow o
          where o.sessionId = p.sessionId and o.athleteId = :into)""")
  void giveWarmUps(UUID who, UUID into);

  /** Records go where their warm-ups went. */
  @Modifying
  @Query(
      """
      update RecordRow r set r.athleteId = :into where r.athleteId = :who
        and exists (select 1 from PrescriptionRow p
          where p.id = r.prescriptionId and p.athleteId = :into)""")
  void giveRecords(UUID who, UUID into);

  @Modifying
  @Query("update QuestionRow q set q.athleteId = :into where q.athleteId = :who")
  void giveQuestions(UUID who, UUID into);

  /** Of two routines before races in one sport that of the one who stays is kept. */
  @Modifying
  @Query(
      """
      update RaceRoutineRow r set r.athleteId = :into where r.athleteId = :who
        and not exists (select 1 from RaceRoutineRow o
          where o.athleteId = :into and o.sport = r.sport)""")
  void giveRaceRoutines(UUID who, UUID into);
}
