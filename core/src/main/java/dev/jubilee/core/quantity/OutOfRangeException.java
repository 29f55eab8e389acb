package dev.jubilee.core.quantity;

/** A value that a person gave lies outside what is accepted; names the field and the range. */
public final class OutOfRangeException extends IllegalArgumentException {
  private static final long serialVersionUID = 1L;

  private final String field;
  private final String given;
  private final String accepted;

  /**
   * @param field the field as the person knows it, such as {@code restingHeartRate}
   * @param given the value as given
   * @param accepted what would have been accepted, as a phrase: {@code "28 to 110 beats/min"}
   */
  public OutOfRangeException(String field, Object given, String accepted) {
    super(field + " must be " + accepted + ", not " + given);
    this.field = field;
    this.given = String.valueOf(given);
    this.accepted = accepted;
  }

  public String field() {
    return field;
  }

  /** The value as given, in words. */
  public String given() {
    return given;
  }

  public String accepted() {
    return accepted;
  }

  /** The same for a field that is part of another, as in {@code results[2].} */
  public OutOfRangeException in(String path) {
    return new OutOfRangeException(path + field, given, accepted);
  }

  /** The same where the person knows the field by another name. */
  public OutOfRangeException as(String otherField) {
    return new OutOfRangeException(otherField, given, accepted);
  }
}
