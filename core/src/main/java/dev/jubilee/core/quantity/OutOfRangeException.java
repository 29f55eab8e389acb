package dev.jubilee.core.quantity;

/** A value that a person gave lies outside what is accepted; names the field and the range. */
public final class OutOfRangeException extends IllegalArgumentException {
  private static final long serialVersionUID = 1L;

  private final String field;
  private final String accepted;

  /**
   * @param field the field as the person knows it, such as {@code restingHeartRate}
   * @param given the value as given
   * @param accepted what would have been accepted, as a phrase: {@code "28 to 110 beats/min"}
   */
  public OutOfRangeException(String field, Object given, String accepted) {
    super(field + " is " + given + ", accepted is " + accepted);
    this.field = field;
    this.accepted = accepted;
  }

  public String field() {
    return field;
  }

  public String accepted() {
    return accepted;
  }
}
