package dev.jubilee.core.sport;

/** What the athlete does when the session starts. */
public enum Sport {
  RUN,
  RIDE,
  ROW,
  SWIM
}
