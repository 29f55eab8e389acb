package dev.jubilee.core.selection;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Random;
import java.util.stream.IntStream;

/** Invented menus, small enough to try every choice. */
final class SmallMenus {
  static final int BLOCKS = 2;
  private static final int NEEDS = 3;
  private static final int SET_UPS = 4;

  private SmallMenus() {}

  /** The menu of a number; the same number gives the same menu. */
  static Menu of(int seed) {
    Random random = new Random(seed);
    int count = 5 + random.nextInt(6);
    List<Offer> offers = new ArrayList<>();
    for (int i = 0; i < count; i++) {
      offers.add(offer(random, i, count, random.nextInt(12) == 0));
    }
    List<Integer> weights =
        IntStream.range(0, NEEDS).mapToObj(n -> 1 + random.nextInt(30)).toList();
    List<Menu.Room> rooms = new ArrayList<>();
    for (int b = 0; b < BLOCKS; b++) {
      int least = random.nextBoolean() ? 0 : random.nextInt(80);
      rooms.add(new Menu.Room(least, least + 30 + random.nextInt(150)));
    }
    return MenuBuilder.builder()
        .offers(offers)
        .weights(weights)
        .blocks(rooms)
        .seconds(random.nextInt(260))
        .contacts(random.nextInt(60))
        .drills(random.nextBoolean() ? Integer.MAX_VALUE : random.nextInt(5))
        .setups(setups(random))
        .build();
  }

  private static Offer offer(Random random, int i, int count, boolean required) {
    List<Offer.Cover> covers = new ArrayList<>();
    for (int n = 0; n < NEEDS; n++) {
      if (random.nextBoolean()) {
        covers.add(new Offer.Cover(n, 1 + random.nextInt(300)));
      }
    }
    // Forced offers stand alone in their group, as what the coach locked does.
    String group = required ? "required " + i : "group " + random.nextInt(count);
    return OfferBuilder.builder()
        .id("offer " + i)
        .group(group)
        .block(random.nextInt(BLOCKS))
        .setup(random.nextInt(SET_UPS))
        .seconds(10 + random.nextInt(60))
        .contacts(random.nextInt(3) == 0 ? 5 * random.nextInt(6) : 0)
        .covers(covers)
        .bias(random.nextInt(20_000) - 12_000)
        .counted(random.nextInt(4) > 0)
        .required(required)
        .build();
  }

  /** Each set-up costs its own seconds, and the more of them the more between. */
  private static SetupTime setups(Random random) {
    int[] own = IntStream.range(0, SET_UPS).map(k -> random.nextInt(20)).toArray();
    int between = random.nextInt(10);
    return new SetupTime() {
      @Override
      public int seconds(int setups) {
        int sum = between * Math.max(0, Integer.bitCount(setups) - 1);
        for (int k = 0; k < SET_UPS; k++) {
          sum += (setups & 1 << k) == 0 ? 0 : own[k];
        }
        return sum;
      }

      @Override
      public int atLeast(int setup) {
        return setup < SET_UPS ? own[setup] : 0;
      }
    };
  }

  /** Every choice that is allowed and holds all of these. */
  static List<List<Offer>> allowed(Menu menu, List<Offer> with) {
    List<Offer> offers = menu.offers();
    List<List<Offer>> allowed = new ArrayList<>();
    for (int set = 0; set < 1 << offers.size(); set++) {
      int chosen = set;
      List<Offer> choice =
          IntStream.range(0, offers.size())
              .filter(i -> (chosen & 1 << i) != 0)
              .mapToObj(offers::get)
              .toList();
      if (choice.containsAll(with) && menu.allows(choice)) {
        allowed.add(choice);
      }
    }
    return allowed;
  }

  /**
   * What a choice is worth, reckoned without the menu: the strongest drill of a need counts whole,
   * the next three eighths, a third one eighth; a block too short costs 300 a second, too long 150.
   */
  static long points(Menu menu, List<Offer> choice) {
    long points = choice.stream().mapToLong(Offer::bias).sum();
    for (int need = 0; need < menu.weights().size(); need++) {
      int wanted = need;
      List<Integer> strengths =
          choice.stream()
              .flatMap(o -> o.covers().stream())
              .filter(c -> c.need() == wanted)
              .map(Offer.Cover::hundredths)
              .sorted(Comparator.reverseOrder())
              .limit(3)
              .toList();
      int[] eighths = {8, 3, 1};
      for (int rank = 0; rank < strengths.size(); rank++) {
        points += (long) menu.weights().get(need) * eighths[rank] * strengths.get(rank);
      }
    }
    for (int block = 0; block < menu.blocks().size(); block++) {
      int where = block;
      int seconds = choice.stream().filter(o -> o.block() == where).mapToInt(Offer::seconds).sum();
      Menu.Room room = menu.blocks().get(block);
      points -= 300L * Math.max(0, room.least() - seconds);
      points -= 150L * Math.max(0, seconds - room.most());
    }
    return points;
  }

  /** The most points of any allowed choice that holds all of these. */
  static long best(Menu menu, List<Offer> with) {
    return allowed(menu, with).stream()
        .mapToLong(choice -> points(menu, choice))
        .max()
        .orElse(Long.MIN_VALUE);
  }
}
