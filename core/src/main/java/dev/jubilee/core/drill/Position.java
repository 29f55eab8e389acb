package dev.jubilee.core.drill;

/** Where the body is during a drill. Getting from one to another takes time. */
public enum Position {
  STANDING,
  TRAVELLING,
  FLOOR,
  MACHINE,
  WATER
}
