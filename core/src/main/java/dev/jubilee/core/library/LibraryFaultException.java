package dev.jubilee.core.library;

import java.util.List;

/** A drill library that cannot be used, with every fault found in it. */
public final class LibraryFaultException extends IllegalArgumentException {
  private static final long serialVersionUID = 1L;

  private final List<String> faults;

  LibraryFaultException(List<String> faults) {
    super(faults.size() + " faults in the drill library:\n" + String.join("\n", faults));
    this.faults = List.copyOf(faults);
  }

  /** Each as {@code file:line: what}. */
  public List<String> faults() {
    return faults;
  }
}
