package dev.jubilee.core.check;

import java.util.Optional;

/**
 * Something a coach should know about a plan.
 *
 * @param code what kind of thing it is, with its severity and its source
 * @param itemId the item it is about, if one
 * @param what in a sentence
 * @param why the reason in a sentence
 * @param remedy what one click does about it; to take note, where no change of the plan helps
 */
public record Finding(
    FindingCode code, Optional<String> itemId, String what, String why, Remedy remedy) {

  static Finding of(FindingCode code, String what, String why) {
    return new Finding(code, Optional.empty(), what, why, Remedy.acknowledge(code.name()));
  }

  Finding about(String item) {
    return new Finding(code, Optional.of(item), what, why, remedy);
  }

  Finding with(Remedy other) {
    return new Finding(code, itemId, what, why, other);
  }

  public Severity severity() {
    return code.severity();
  }

  /** The published source, or "common practice". */
  public String evidence() {
    return code.source();
  }
}
