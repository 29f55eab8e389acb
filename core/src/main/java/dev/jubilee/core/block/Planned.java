package dev.jubilee.core.block;

import dev.jubilee.core.circumstances.Circumstances;
import dev.jubilee.core.plan.Plan;
import dev.jubilee.core.session.Session;
import java.time.LocalDate;
import java.util.Optional;

/**
 * A session of a block for one athlete.
 *
 * @param id key of the caller's
 * @param date its day
 * @param session what is done
 * @param circumstances under which it is warmed up for
 * @param kept a warm-up that stays as it is: past, or changed by the coach
 */
public record Planned(
    String id, LocalDate date, Session session, Circumstances circumstances, Optional<Plan> kept) {}
