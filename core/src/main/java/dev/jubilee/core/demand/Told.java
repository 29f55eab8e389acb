package dev.jubilee.core.demand;

import java.util.List;

/**
 * What a coach is told of one thing that was taken into account.
 *
 * @param adjustment its place in the order in which they are made
 * @param sentences in which it is told
 */
public record Told(int adjustment, List<String> sentences) {
  public Told {
    sentences = List.copyOf(sentences);
  }
}
