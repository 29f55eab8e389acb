package dev.jubilee.server.tenant;

import jakarta.persistence.MappedSuperclass;
import jakarta.persistence.PostLoad;
import jakarta.persistence.PostPersist;
import jakarta.persistence.Transient;
import java.util.UUID;
import org.hibernate.annotations.TenantId;
import org.springframework.data.domain.Persistable;

/**
 * A row of one club, under a key that is chosen before it is stored: it is inserted at once instead
 * of being looked for first.
 *
 * @param <K> its key within the club
 */
@MappedSuperclass
public abstract class ClubRow<K> implements Persistable<K> {
  @TenantId private UUID clubId;
  @Transient private boolean isStored;

  protected ClubRow() {}

  @PostLoad
  @PostPersist
  void markStored() {
    isStored = true;
  }

  @Override
  public boolean isNew() {
    return !isStored;
  }

  /** The club it belongs to; null until it is stored. */
  public UUID clubId() {
    return clubId;
  }
}
