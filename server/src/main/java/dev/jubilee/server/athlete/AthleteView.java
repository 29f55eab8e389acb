package dev.jubilee.server.athlete;

import java.util.List;
import java.util.UUID;

/**
 * An athlete with what follows from their results.
 *
 * @param version to send back with a change
 * @param basis a sentence for each figure found, in their main sport
 */
public record AthleteView(UUID id, long version, AthleteProfile profile, List<String> basis) {}
