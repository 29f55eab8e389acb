package dev.jubilee.server.postgres;

import jakarta.persistence.EntityManager;
import java.util.UUID;
import org.springframework.stereotype.Component;
import org.springframework.transaction.annotation.Propagation;
import org.springframework.transaction.annotation.Transactional;

/** Tells every server that something has changed. */
@Component
public class Notices {
  /** The channel that servers listen to. */
  public static final String CHANNEL = "jubilee_live";

  private final EntityManager database;

  Notices(EntityManager database) {
    this.database = database;
  }

  /** Tells when, and only if, the present transaction succeeds. */
  @Transactional(propagation = Propagation.MANDATORY)
  public void tell(String source, UUID id) {
    database
        .createNativeQuery("SELECT 1 AS told FROM (SELECT pg_notify(:channel, :what)) notified")
        .setParameter("channel", CHANNEL)
        .setParameter("what", id + " " + source)
        .getSingleResult();
  }
}
