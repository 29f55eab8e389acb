package dev.jubilee.server.prescription;

import dev.jubilee.core.quantity.OutOfRangeException;

/** Guards for fields an edit cannot do without. */
final class Required {
  private Required() {}

  static <T> T field(String field, T value) {
    if (value == null) {
      throw new OutOfRangeException(field, "missing", "a value");
    }
    return value;
  }
}
