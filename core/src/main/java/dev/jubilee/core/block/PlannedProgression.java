package dev.jubilee.core.block;

import java.time.LocalDate;

/**
 * A step up a ladder that the coach placed in a certain week; the ladder then goes up in no other
 * week before.
 *
 * @param ladder id of the ladder
 * @param step the rung to reach
 * @param firstDay of the week
 */
public record PlannedProgression(String ladder, int step, LocalDate firstDay) {}
