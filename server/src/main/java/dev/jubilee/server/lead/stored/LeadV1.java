package dev.jubilee.server.lead.stored;

import java.util.List;
import java.util.UUID;

/** Where a warm-up that is led stands, as it is stored. */
public record LeadV1(
    UUID leadId,
    int number,
    UUID device,
    Long zero,
    int heldMillis,
    List<Integer> added,
    boolean isEnded) {}
