package dev.jubilee.core.drill;

import java.util.List;

/** Parts of a warm-up, in the order they come when the raise is first (Jeffreys, UKSCA 2007). */
public enum WarmUpPart {
  RELEASE("Release"),
  RAISE("Raise"),
  MOBILISE("Mobilise"),
  ACTIVATE("Activate"),
  DRILL("Drills"),
  BUILD("Build"),
  /** The way from one place to the next. */
  TRANSFER("On the way"),
  TRANSITION("Transition");

  /** The parts whose drills are chosen from a menu, rather than given with the session. */
  public static final List<WarmUpPart> CHOSEN = List.of(RELEASE, MOBILISE, ACTIVATE, DRILL);

  private final String title;

  WarmUpPart(String title) {
    this.title = title;
  }

  /** Whether its drills are chosen from a menu. */
  public boolean isChosen() {
    return CHOSEN.contains(this);
  }

  /** Its name on screen, such as "Mobilise". */
  public String title() {
    return title;
  }
}
