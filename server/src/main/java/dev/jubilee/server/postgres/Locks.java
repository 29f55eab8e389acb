package dev.jubilee.server.postgres;

import jakarta.persistence.EntityManager;
import org.springframework.stereotype.Component;
import org.springframework.transaction.annotation.Propagation;
import org.springframework.transaction.annotation.Transactional;

/** Locks that are no row's, held by one transaction at a time on any server. */
@Component
public class Locks {
  private final EntityManager database;

  Locks(EntityManager database) {
    this.database = database;
  }

  /** Waits for the lock and holds it until the present transaction ends. */
  @Transactional(propagation = Propagation.MANDATORY)
  public void hold(long key) {
    database
        .createNativeQuery("SELECT 1 AS held FROM (SELECT pg_advisory_xact_lock(:key)) locked")
        .setParameter("key", key)
        .getSingleResult();
  }
}
