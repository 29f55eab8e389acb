package dev.jubilee.core.demand;

import dev.jubilee.core.athlete.Athlete;
import dev.jubilee.core.athlete.Contraindication;
import dev.jubilee.core.athlete.Restriction;
import dev.jubilee.core.session.Session;
import dev.jubilee.core.session.SessionKind;

/** How many ground contacts a warm-up may have. */
public final class Contacts {
  private Contacts() {}

  /**
   * Contacts in a warm-up take a small part of a session's 80–140 (Potach &amp; Chu, NSCA
   * Essentials); the share is a Jubilee modelling choice. None by default for swimmers, cyclists
   * and rowers.
   */
  public static int tolerated(Session session, Athlete athlete) {
    boolean lands = session.sport().isOnFoot() || session.kind() == SessionKind.JUMPS;
    if (!lands
        || session.kind() == SessionKind.GYM
        || athlete.deconditioned()
        || !HealthRules.allowContacts(athlete)
        || athlete.contraindications().contains(Contraindication.CONTACTS)
        || athlete.contraindications().contains(Contraindication.STANDING)
        || LoadedRegions.LANDING.stream().anyMatch(r -> athlete.has(r, Restriction.Severity.SORE))
        || !session.kind().isHard()) {
      return 0;
    }
    int whole =
        switch (athlete.level()) {
          case NOVICE -> 80;
          case INTERMEDIATE -> 110;
          case ADVANCED -> 140;
        };
    if (session.kind() == SessionKind.JUMPS) {
      // The session itself is of contacts.
      return whole / 2;
    }
    return session.kind().isSprinted() ? whole : whole * 2 / 3;
  }
}
