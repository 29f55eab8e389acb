package dev.jubilee.core.selection;

import io.soabase.recordbuilder.core.RecordBuilder;
import java.util.ArrayList;
import java.util.Collection;
import java.util.Comparator;
import java.util.HashSet;
import java.util.List;
import java.util.Set;

/**
 * What to choose from and within what. Everything is a whole number, so that every exact solver
 * must arrive at the same points.
 *
 * <p>Chosen is the set of offers with the most {@link #points} among those that {@link #allows}
 * accepts.
 *
 * @param offers drills in doses
 * @param weights of the needs, in tenths, above 0
 * @param blocks room for each block
 * @param seconds for all chosen offers and the set-ups between them
 * @param contacts most ground contacts
 * @param drills most offers that are counted
 * @param setups seconds between set-ups
 */
@RecordBuilder
public record Menu(
    List<Offer> offers,
    List<Integer> weights,
    List<Room> blocks,
    int seconds,
    int contacts,
    int drills,
    SetupTime setups) {

  /** Points lost for each second that a block is short of its least. */
  public static final int SHORT_SECOND = 300;

  /** Points lost for each second that a block takes beyond its most. */
  public static final int LONG_SECOND = 150;

  public Menu {
    offers = List.copyOf(offers);
    weights = List.copyOf(weights);
    blocks = List.copyOf(blocks);
  }

  /**
   * Room of a block.
   *
   * @param least seconds it should have; being short costs points but is allowed
   * @param most seconds it should have; more costs points but is allowed
   */
  public record Room(int least, int most) {
    /** Points for a block of this length, 0 or less. */
    public long points(int seconds) {
      return -(long) SHORT_SECOND * Math.max(0, least - seconds)
          - (long) LONG_SECOND * Math.max(0, seconds - most);
    }
  }

  /** The same menu with no block that can be short. */
  Menu withoutLeast() {
    List<Room> rooms = blocks.stream().map(room -> new Room(0, room.most())).toList();
    return MenuBuilder.builder(this).blocks(rooms).build();
  }

  /** What a set of offers is worth: weight × eighths × strength for each need, and biases. */
  public long points(Collection<Offer> chosen) {
    List<List<Integer>> strengths = new ArrayList<>();
    weights.forEach(w -> strengths.add(new ArrayList<>()));
    int[] seconds = new int[blocks.size()];
    long points = 0;
    for (Offer offer : chosen) {
      points += offer.bias();
      seconds[offer.block()] += offer.seconds();
      for (Offer.Cover cover : offer.covers()) {
        strengths.get(cover.need()).add(cover.hundredths());
      }
    }
    for (int n = 0; n < strengths.size(); n++) {
      List<Integer> strongest = strengths.get(n);
      strongest.sort(Comparator.reverseOrder());
      for (int rank = 0; rank < strongest.size(); rank++) {
        points += (long) weights.get(n) * Returns.eighths(rank) * strongest.get(rank);
      }
    }
    for (int b = 0; b < seconds.length; b++) {
      points += blocks.get(b).points(seconds[b]);
    }
    return points;
  }

  /**
   * Whether a set of offers keeps to the limits. What the coach required is in, even beyond them;
   * then nothing may be added that would take more of what is already spent.
   */
  public boolean allows(Collection<Offer> chosen) {
    Set<String> groups = new HashSet<>();
    for (Offer offer : chosen) {
      if (!groups.add(offer.group()) && !offer.required()) {
        return false;
      }
    }
    List<Offer> required = offers.stream().filter(Offer::required).toList();
    if (!chosen.containsAll(required)) {
      return false;
    }
    return total(chosen) <= Math.max(seconds, total(required))
        && contacts(chosen) <= Math.max(contacts, contacts(required))
        && counted(chosen) <= Math.max(drills, counted(required));
  }

  /** Seconds of these offers in the best order, set-ups included. */
  public int total(Collection<Offer> chosen) {
    int mask = 0;
    int total = 0;
    for (Offer offer : chosen) {
      mask |= 1 << offer.setup();
      total += offer.seconds();
    }
    return total + setups.seconds(mask);
  }

  private static long counted(Collection<Offer> chosen) {
    return chosen.stream().filter(Offer::counted).count();
  }

  private static int contacts(Collection<Offer> chosen) {
    return chosen.stream().mapToInt(Offer::contacts).sum();
  }
}
