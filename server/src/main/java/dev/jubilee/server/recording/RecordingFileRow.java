package dev.jubilee.server.recording;

import dev.jubilee.server.tenant.ClubRow;
import jakarta.persistence.Entity;
import jakarta.persistence.Id;
import jakarta.persistence.Table;
import java.util.UUID;

/** A file that was taken in, known by what is in it. */
@Entity
@Table(name = "recording_file")
class RecordingFileRow extends ClubRow<String> {
  @Id private String fingerprint;
  private UUID prescriptionId;

  protected RecordingFileRow() {}

  RecordingFileRow(String fingerprint, UUID prescriptionId) {
    this.fingerprint = fingerprint;
    this.prescriptionId = prescriptionId;
  }

  @Override
  public String getId() {
    return fingerprint;
  }

  UUID prescriptionId() {
    return prescriptionId;
  }
}
