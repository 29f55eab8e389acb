package dev.jubilee.server.record;

import dev.jubilee.core.quantity.OutOfRangeException;
import dev.jubilee.server.prescription.PrescriptionRepository;
import dev.jubilee.server.prescription.PrescriptionRow;
import dev.jubilee.server.prescription.Prescriptions;
import dev.jubilee.server.session.SessionDetails;
import dev.jubilee.server.session.SessionRow;
import dev.jubilee.server.session.Sessions;
import java.util.List;
import java.util.Optional;
import java.util.UUID;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** Records of those who did a session together, whether anything was told of them or not. */
@Service
class Sweeps {
  private final Records records;
  private final Prescriptions prescriptions;
  private final PrescriptionRepository repository;
  private final Sessions sessions;

  Sweeps(
      Records records,
      Prescriptions prescriptions,
      PrescriptionRepository repository,
      Sessions sessions) {
    this.records = records;
    this.prescriptions = prescriptions;
    this.repository = repository;
    this.sessions = sessions;
  }

  /** What is said of a warm-up. */
  record Said(UUID prescriptionId, RecordInput record) {}

  @Transactional(readOnly = true)
  public RecordView one(UUID clubId, UUID prescriptionId) {
    return view(clubId, prescriptions.row(prescriptionId));
  }

  @Transactional(readOnly = true)
  public List<RecordView> of(UUID clubId, UUID sessionId) {
    sessions.row(sessionId);
    return repository.findBySessionIdIn(List.of(sessionId)).stream()
        .map(row -> view(clubId, row))
        .toList();
  }

  /**
   * Keeps what is said of several, all or none.
   *
   * @throws OutOfRangeException naming the one and its field
   */
  @Transactional
  public void say(UUID clubId, UUID sessionId, List<Said> said) {
    sessions.row(sessionId);
    for (int i = 0; i < said.size(); i++) {
      Said one = said.get(i);
      if (!prescriptions.row(one.prescriptionId()).sessionId().equals(sessionId)) {
        throw new OutOfRangeException(
            "records[" + i + "].prescriptionId", one.prescriptionId(), "a warm-up of this session");
      }
      try {
        records.say(clubId, one.prescriptionId(), one.record().toStored());
      } catch (OutOfRangeException e) {
        throw e.in("records[" + i + "].record.");
      }
    }
  }

  private RecordView view(UUID clubId, PrescriptionRow row) {
    Optional<Kept> kept = records.find(row.id());
    if (kept.isPresent()) {
      return RecordView.of(kept.get());
    }
    SessionRow session = sessions.row(row.sessionId());
    SessionDetails details = sessions.details(session);
    return RecordView.of(
        new Kept(
            row.id(),
            row.athleteId(),
            row.sessionId(),
            details.startOf(row.athleteId()),
            details.sport(),
            details.kind(),
            records.planned(clubId, row.id()),
            Optional.empty()),
        false);
  }
}
