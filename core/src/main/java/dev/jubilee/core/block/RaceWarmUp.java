package dev.jubilee.core.block;

import dev.jubilee.core.plan.Plan;

/**
 * What an athlete does before races: frozen, and rehearsed before the trials of the weeks toward
 * one.
 *
 * @param name as the coach calls it
 * @param plan the warm-up of the day that it was frozen from
 */
public record RaceWarmUp(String name, Plan plan) {}
