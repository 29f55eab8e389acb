package dev.jubilee.core.library;

/**
 * A fault in a drill file.
 *
 * @param field where it is, "drills[2].dose.tempo"; "drills" when the file itself cannot be used
 * @param place where to look for it, {@code file:line (id) line 8, dose.tempo}
 * @param accepted what it must be, and what it is not: "0.2 to 12, not 90"
 */
public record LibraryFault(String field, String place, String accepted) {

  /** A fault that keeps the file from being used at all. */
  static LibraryFault ofFile(String place, String accepted) {
    return new LibraryFault("drills", place, accepted);
  }

  /** Both in a sentence. */
  public String text() {
    return place + ": must be " + accepted;
  }

  @Override
  public String toString() {
    return text();
  }
}
