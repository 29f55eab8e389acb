package dev.jubilee.server.session;

import java.util.Collection;
import java.util.List;
import java.util.Map;
import java.util.UUID;

/** What the calendar asks of prescriptions, so that it need not know them. */
public interface WarmUpLookup {
  /** Warm-ups by session, for these sessions of a club. */
  Map<UUID, List<SessionView.WarmUp>> warmUps(UUID clubId, Collection<UUID> sessionIds);
}
