package dev.jubilee.core.selection;

import java.util.List;

/**
 * What was chosen.
 *
 * @param offers in the order of the menu
 * @param points their worth
 * @param proven whether no better choice exists; false only when the search was cut off
 * @param nodes how many partial choices were looked at
 */
public record Choice(List<Offer> offers, long points, boolean proven, int nodes) {
  public Choice {
    offers = List.copyOf(offers);
  }
}
