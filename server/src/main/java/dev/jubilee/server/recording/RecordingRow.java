package dev.jubilee.server.recording;

import dev.jubilee.server.recording.stored.RecordingV1.FilesV1;
import dev.jubilee.server.recording.stored.RecordingV1.SeriesV1;
import dev.jubilee.server.recording.stored.RecordingV1.StepsV1;
import dev.jubilee.server.tenant.ClubRow;
import jakarta.persistence.Entity;
import jakarta.persistence.Id;
import jakarta.persistence.Table;
import java.time.Instant;
import java.util.Optional;
import java.util.UUID;
import org.hibernate.annotations.JdbcTypeCode;
import org.hibernate.annotations.Mutability;
import org.hibernate.type.SqlTypes;
import org.hibernate.type.descriptor.java.Immutability;

/** What devices recorded of one warm-up and session. */
@Entity
@Table(name = "recording")
@SuppressWarnings("UnusedVariable")
class RecordingRow extends ClubRow<UUID> {
  @Id private UUID prescriptionId;

  @JdbcTypeCode(SqlTypes.JSON)
  @Mutability(Immutability.class)
  private FilesV1 files;

  @JdbcTypeCode(SqlTypes.JSON)
  @Mutability(Immutability.class)
  private SeriesV1 series;

  @JdbcTypeCode(SqlTypes.JSON)
  @Mutability(Immutability.class)
  private StepsV1 stepOf;

  private Instant recordedAt;

  protected RecordingRow() {}

  RecordingRow(UUID prescriptionId, FilesV1 files, SeriesV1 series, Instant now) {
    this.prescriptionId = prescriptionId;
    this.files = files;
    this.series = series;
    this.recordedAt = now;
  }

  /** As a coach arranged it; null goes back to what was found. */
  void arrange(StepsV1 arranged) {
    this.stepOf = arranged;
  }

  @Override
  public UUID getId() {
    return prescriptionId;
  }

  FilesV1 files() {
    return files;
  }

  SeriesV1 series() {
    return series;
  }

  Optional<StepsV1> stepOf() {
    return Optional.ofNullable(stepOf);
  }
}
