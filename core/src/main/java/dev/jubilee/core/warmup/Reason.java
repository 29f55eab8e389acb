package dev.jubilee.core.warmup;

/**
 * Why an item is there.
 *
 * @param why a sentence
 * @param without what would fall short without it, or empty
 */
public record Reason(String why, String without) {}
