package dev.jubilee.core.sport;

/** Swimming strokes, each asking for other joints. */
public enum Stroke {
  FREESTYLE,
  BACKSTROKE,
  BREASTSTROKE,
  BUTTERFLY
}
