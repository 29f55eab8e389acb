package dev.jubilee.core.library;

import java.util.List;

/**
 * Where a file departs from what it should be.
 *
 * @param path names of fields and places in lists, from the outermost; empty for the whole
 * @param what it must be, and what it is not
 */
record Departure(List<Object> path, String what) {}
