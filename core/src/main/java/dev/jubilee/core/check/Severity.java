package dev.jubilee.core.check;

/** How much a finding matters, gravest first. */
public enum Severity {
  /** Health comes first. */
  CAUTION,
  /** The plan will not do its job, or does harm to the session. */
  FAULT,
  /** Worth knowing. */
  NOTE
}
