package dev.jubilee.server.logbook;

import dev.jubilee.core.logbook.FollowEvent;
import java.util.List;
import java.util.UUID;

/**
 * Events that one device tells at once.
 *
 * @param run which time its page was opened, of the page that tells
 * @param sentAt ms since the epoch by the clock of that run
 * @param revision of the plan that is followed
 */
public record ToldBatch(
    UUID device, int run, long sentAt, int revision, List<FollowEvent> events) {}
