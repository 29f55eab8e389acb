package dev.jubilee.server.approach;

import dev.jubilee.core.approach.Approach;
import dev.jubilee.server.json.Json;
import dev.jubilee.server.prescription.stored.SnapshotV1;
import dev.jubilee.server.problem.NotFoundException;
import dev.jubilee.server.signin.Coach;
import dev.jubilee.server.signin.CoachRepository;
import dev.jubilee.server.signin.SignedIn;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** How each coach likes warm-ups. */
@Service
public class Approaches {
  private final CoachRepository coaches;
  private final Json json;

  Approaches(CoachRepository coaches, Json json) {
    this.coaches = coaches;
    this.json = json;
  }

  /** The coach's own approach; the usual one until they say otherwise. */
  @Transactional(readOnly = true)
  public Approach of(SignedIn coach) {
    String stored = row(coach).approach();
    return stored == null
        ? Approach.USUAL
        : json.read(stored, SnapshotV1.ApproachV1.class).toCore();
  }

  @Transactional
  public Approach prefer(SignedIn coach, Approach approach) {
    Coach row = row(coach);
    row.prefer(json.write(SnapshotV1.ApproachV1.of(approach)));
    coaches.saveAndFlush(row);
    return approach;
  }

  private Coach row(SignedIn coach) {
    return coaches.findById(coach.coachId()).orElseThrow(() -> new NotFoundException("coach"));
  }
}
