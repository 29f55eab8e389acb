package dev.jubilee.server.session;

import jakarta.persistence.CollectionTable;
import jakarta.persistence.Column;
import jakarta.persistence.ElementCollection;
import jakarta.persistence.Embeddable;
import jakarta.persistence.Entity;
import jakarta.persistence.EnumType;
import jakarta.persistence.Enumerated;
import jakarta.persistence.FetchType;
import jakarta.persistence.Id;
import jakarta.persistence.JoinColumn;
import jakarta.persistence.Table;
import jakarta.persistence.Version;
import java.time.Instant;
import java.time.LocalDateTime;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.UUID;
import org.hibernate.annotations.BatchSize;
import org.hibernate.annotations.ColumnTransformer;
import org.hibernate.annotations.TenantId;

/** A stored session. */
@Entity
@Table(name = "training_session")
@SuppressWarnings("UnusedVariable")
public class SessionRow {

  /** An athlete who takes part. */
  @Embeddable
  public record Participant(UUID athleteId, UUID clubId) {}

  @Id private UUID id;
  @TenantId private UUID clubId;
  private LocalDateTime startsAt;
  private String sport;
  private String kind;

  @Column(columnDefinition = "jsonb")
  @ColumnTransformer(write = "?::jsonb")
  private String details;

  /** What made it; null for a coach. */
  @Enumerated(EnumType.STRING)
  private SessionSource.Made sourceMade;

  private UUID sourceBlockId;

  /** Stays the same when it is made again. */
  private String sourceKey;

  /** As it was made; where it differs from the details, a coach changed it since. */
  @Column(columnDefinition = "jsonb")
  @ColumnTransformer(write = "?::jsonb")
  private String sourceDetails;

  @ElementCollection(fetch = FetchType.LAZY)
  @CollectionTable(
      name = "training_session_athlete",
      joinColumns = @JoinColumn(name = "session_id"))
  @BatchSize(size = 100)
  private List<Participant> participants = new ArrayList<>();

  /** Null while it is on the calendar. */
  private Instant removedAt;

  @Version private long version;

  protected SessionRow() {}

  SessionRow(UUID id, UUID clubId) {
    this.id = id;
    this.clubId = clubId;
  }

  void write(SessionDetails values, String json) {
    this.startsAt = values.startsAt();
    this.sport = values.sport().name();
    this.kind = values.kind().name();
    this.details = json;
    List<Participant> wanted =
        values.athleteIds().stream().map(a -> new Participant(a, clubId)).toList();
    if (!List.copyOf(participants).equals(wanted)) {
      participants.clear();
      participants.addAll(wanted);
    }
  }

  /** As a block or an import makes it. */
  void make(SessionSource source, SessionDetails values, String json) {
    this.sourceMade = source.made();
    this.sourceBlockId = source.blockId();
    this.sourceKey = source.key();
    this.sourceDetails = json;
    write(values, json);
  }

  /** Takes it off the calendar; its warm-ups stay, so that it can be put back. */
  void remove(Instant now) {
    this.removedAt = now;
  }

  void restore() {
    this.removedAt = null;
  }

  public boolean isRemoved() {
    return removedAt != null;
  }

  /** What made it; empty for a coach. */
  public Optional<SessionSource> source() {
    return sourceMade == null
        ? Optional.empty()
        : Optional.of(new SessionSource(sourceMade, sourceBlockId, sourceKey));
  }

  String sourceDetails() {
    return sourceDetails;
  }

  public UUID id() {
    return id;
  }

  public String sport() {
    return sport;
  }

  public UUID clubId() {
    return clubId;
  }

  public LocalDateTime startsAt() {
    return startsAt;
  }

  public String details() {
    return details;
  }

  public List<UUID> athleteIds() {
    return participants.stream().map(Participant::athleteId).toList();
  }

  public long version() {
    return version;
  }
}
