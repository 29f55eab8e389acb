package dev.jubilee.server.prescription;

import jakarta.persistence.Entity;
import jakarta.persistence.Id;
import jakarta.persistence.Table;
import jakarta.persistence.Version;
import java.util.UUID;
import org.hibernate.annotations.TenantId;

/** One athlete's warm-up for one session: a pointer into its revisions. */
@Entity
@Table(name = "prescription")
public class PrescriptionRow {
  @Id private UUID id;
  @TenantId private UUID clubId;
  private UUID sessionId;
  private UUID athleteId;
  private int currentRevision;
  private int lastRevision;
  @Version private long version;

  protected PrescriptionRow() {}

  PrescriptionRow(UUID id, UUID clubId, UUID sessionId, UUID athleteId) {
    this.id = id;
    this.clubId = clubId;
    this.sessionId = sessionId;
    this.athleteId = athleteId;
  }

  /** Takes the next number and makes it current. */
  int nextRevision() {
    lastRevision++;
    currentRevision = lastRevision;
    return lastRevision;
  }

  void pointTo(int revision) {
    currentRevision = revision;
  }

  public UUID id() {
    return id;
  }

  public UUID clubId() {
    return clubId;
  }

  public UUID sessionId() {
    return sessionId;
  }

  public UUID athleteId() {
    return athleteId;
  }

  public int currentRevision() {
    return currentRevision;
  }
}
