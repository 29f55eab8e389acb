package dev.jubilee.server.recording;

import dev.jubilee.server.recording.stored.ColumnsV1;
import dev.jubilee.server.tenant.ClubRow;
import jakarta.persistence.Entity;
import jakarta.persistence.Id;
import jakarta.persistence.Table;
import org.hibernate.annotations.JdbcTypeCode;
import org.hibernate.annotations.Mutability;
import org.hibernate.type.SqlTypes;
import org.hibernate.type.descriptor.java.Immutability;

/** Which columns a club's tables with one head have. */
@Entity
@Table(name = "csv_mapping")
class ColumnsRow extends ClubRow<String> {
  @Id private String head;

  @JdbcTypeCode(SqlTypes.JSON)
  @Mutability(Immutability.class)
  private ColumnsV1 mapping;

  protected ColumnsRow() {}

  ColumnsRow(String head) {
    this.head = head;
  }

  @Override
  public String getId() {
    return head;
  }

  RecordingFile.Columns mapping() {
    return new RecordingFile.Columns(
        mapping.time(), mapping.speed(), mapping.power(), mapping.heart());
  }

  void map(RecordingFile.Columns columns) {
    this.mapping = new ColumnsV1(columns.time(), columns.speed(), columns.power(), columns.heart());
  }
}
