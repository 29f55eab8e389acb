package dev.jubilee.core.shorthand;

/**
 * What could not be understood, and where.
 *
 * @param from index of the first character concerned
 * @param to index after the last one
 * @param what says what is wrong and what would be accepted
 * @param suggestion the whole text put right, or empty when there is nothing to offer
 */
public record ParseError(int from, int to, String what, String suggestion) {}
