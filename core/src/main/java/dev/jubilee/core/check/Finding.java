package dev.jubilee.core.check;

import java.util.Optional;

/**
 * Something a coach should know about a plan.
 *
 * @param code stable name, upper case
 * @param severity how much it matters
 * @param itemId the item it is about, if one
 * @param what in a sentence
 * @param why the reason in a sentence
 * @param evidence the source, or "common practice"
 * @param remedy what one click does about it; to take note, where no change of the plan helps
 */
public record Finding(
    String code,
    Severity severity,
    Optional<String> itemId,
    String what,
    String why,
    String evidence,
    Remedy remedy) {

  /** How much a finding matters, gravest first. */
  public enum Severity {
    /** Health comes first. */
    CAUTION,
    /** The plan will not do its job, or does harm to the session. */
    FAULT,
    /** Worth knowing. */
    NOTE
  }

  static Finding of(Severity severity, String code, String what, String why, String evidence) {
    return new Finding(
        code, severity, Optional.empty(), what, why, evidence, Remedy.acknowledge(code));
  }

  Finding about(String item) {
    return new Finding(code, severity, Optional.of(item), what, why, evidence, remedy);
  }

  Finding with(Remedy other) {
    return new Finding(code, severity, itemId, what, why, evidence, other);
  }
}
