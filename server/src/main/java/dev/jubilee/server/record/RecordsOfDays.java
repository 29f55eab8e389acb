package dev.jubilee.server.record;

import java.time.LocalDate;
import java.util.List;
import java.util.Map;
import java.util.UUID;

/**
 * Records of some days, whole.
 *
 * @param version of the form that {@code records.schema.json} describes
 * @param athletes names by key
 */
record RecordsOfDays(
    int version,
    LocalDate from,
    LocalDate until,
    Map<UUID, String> athletes,
    List<RecordView> records) {}
