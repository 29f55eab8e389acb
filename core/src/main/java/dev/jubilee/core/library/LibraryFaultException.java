package dev.jubilee.core.library;

import java.util.List;
import java.util.stream.Collectors;

/** A drill library that cannot be used, with every fault found in it. */
public final class LibraryFaultException extends IllegalArgumentException {
  private static final long serialVersionUID = 1L;

  private final transient List<LibraryFault> faults;

  /** Of at least one fault. */
  public LibraryFaultException(List<LibraryFault> faults) {
    super(
        faults.size()
            + " faults in the drill library:\n"
            + faults.stream().map(LibraryFault::text).collect(Collectors.joining("\n")));
    this.faults = List.copyOf(faults);
  }

  /** Every fault, in the order of the file. */
  public List<LibraryFault> faults() {
    return faults;
  }
}
