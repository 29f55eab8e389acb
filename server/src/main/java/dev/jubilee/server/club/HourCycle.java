package dev.jubilee.server.club;

/** How a club says what time it is. */
public enum HourCycle {
  /** 17:30. */
  H24,
  /** 5:30 pm. */
  H12
}
