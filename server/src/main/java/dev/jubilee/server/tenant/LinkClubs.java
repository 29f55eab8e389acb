package dev.jubilee.server.tenant;

import java.util.Optional;
import java.util.UUID;

/** Whose a link is, for those who follow it without signing in. */
public interface LinkClubs {
  /** The club that made a link, whether it still works or not; empty for one that never was. */
  Optional<UUID> clubOf(String token);
}
