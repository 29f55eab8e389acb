package dev.jubilee.core.library;

import dev.jubilee.core.drill.DrillLibrary;

/** The library that ships with Jubilee: one readable file a family, under {@code /library}. */
public final class BuiltInLibrary {
  private BuiltInLibrary() {}

  /** Read once; the same object every time. */
  public static DrillLibrary get() {
    return Holder.LIBRARY;
  }

  private static final class Holder {
    static final DrillLibrary LIBRARY = LibraryReader.builtIn();
  }
}
