package dev.jubilee.core.drill;

/** Where the body is during a drill. Getting from one to another takes time. */
public enum Position {
  STANDING,
  TRAVELLING,
  /** Hands or a foot against a wall. */
  WALL,
  /** At the edge of the pool. */
  DECK,
  FLOOR,
  /** On a chair or in a wheelchair, for whoever does not stand. */
  SEATED,
  MACHINE,
  WATER
}
