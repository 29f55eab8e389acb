package dev.jubilee.server.learning;

import dev.jubilee.core.sport.Sport;
import java.time.LocalDate;
import java.util.UUID;

/**
 * A routine.
 *
 * @param prescriptionId the warm-up that is kept
 */
public record FrozenRoutine(Sport sport, String name, UUID prescriptionId, LocalDate on) {}
