package dev.jubilee.core.drill;

/** Parts of a warm-up, in the order they come when the raise is first (Jeffreys, UKSCA 2007). */
public enum Block {
  RELEASE("Release"),
  RAISE("Raise"),
  MOBILISE("Mobilise"),
  ACTIVATE("Activate"),
  DRILL("Drills"),
  BUILD("Build"),
  TRANSITION("Transition");

  private final String title;

  Block(String title) {
    this.title = title;
  }

  public String title() {
    return title;
  }
}
