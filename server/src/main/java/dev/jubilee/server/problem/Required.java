package dev.jubilee.server.problem;

import dev.jubilee.core.quantity.OutOfRangeException;

/** A guard for fields that only some requests must have; the others say so by annotations. */
public final class Required {
  private Required() {}

  /**
   * A value that must be there.
   *
   * @param field its path in the request
   * @throws OutOfRangeException naming the field when it is null
   */
  public static <T> T field(String field, T value) {
    if (value == null) {
      throw new OutOfRangeException(field, "missing", "a value");
    }
    return value;
  }
}
