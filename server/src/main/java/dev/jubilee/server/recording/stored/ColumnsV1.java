package dev.jubilee.server.recording.stored;

/** Which column of a table is what, as it is stored for the next table with the same head. */
public record ColumnsV1(String time, String speed, String power, String heart) {}
