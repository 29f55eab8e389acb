package dev.jubilee.bench.exact;

import dev.jubilee.core.selection.Menu;
import dev.jubilee.core.selection.MenuBuilder;
import dev.jubilee.core.selection.Offer;
import dev.jubilee.core.selection.OfferBuilder;
import dev.jubilee.core.selection.SetupTime;
import java.util.ArrayList;
import java.util.List;
import java.util.SplittableRandom;

/** Invented menus of every shape: tight and loose, with and without set-ups, doses and force. */
public final class RandomMenus {
  private RandomMenus() {}

  /**
   * A menu; the same seed gives the same menu.
   *
   * @param drills how many drills, each in one to three doses
   */
  public static Menu menu(long seed, int drills) {
    SplittableRandom random = new SplittableRandom(seed);
    int needs = random.nextInt(2, 9);
    int blocks = random.nextInt(1, 5);
    int setups = random.nextInt(1, 6);
    List<Offer> offers = new ArrayList<>();
    for (int drill = 0; drill < drills; drill++) {
      int block = random.nextInt(blocks);
      int setup = random.nextInt(setups);
      int bias = -random.nextInt(20_000);
      int contacts = random.nextInt(4) == 0 ? random.nextInt(1, 40) : 0;
      boolean required = random.nextInt(12) == 0;
      List<Offer.Cover> covers = covers(random, needs);
      for (int dose = 0; dose < (required ? 1 : random.nextInt(1, 4)); dose++) {
        offers.add(
            OfferBuilder.builder()
                .id(drill + "/" + dose)
                .group("drill " + (random.nextInt(8) == 0 ? random.nextInt(drills) : drill))
                .block(block)
                .setup(setup)
                .seconds(random.nextInt(8, 70))
                .contacts(contacts)
                .covers(dose == 0 ? covers : covers(random, needs))
                .bias(bias - dose)
                .counted(block > 0)
                .required(required)
                .build());
      }
    }
    List<Integer> weights = new ArrayList<>();
    for (int n = 0; n < needs; n++) {
      weights.add(random.nextInt(3, 40));
    }
    List<Menu.Room> rooms = new ArrayList<>();
    for (int b = 0; b < blocks; b++) {
      int least = random.nextInt(120);
      rooms.add(new Menu.Room(least, least + random.nextInt(250)));
    }
    return MenuBuilder.builder()
        .offers(offers)
        .weights(weights)
        .blocks(rooms)
        .seconds(random.nextInt(20, 700))
        .contacts(random.nextInt(90))
        .drills(random.nextBoolean() ? Integer.MAX_VALUE : random.nextInt(1, drills))
        .setups(random.nextBoolean() ? SetupTime.free() : new ReturnTrips(seed, setups))
        .build();
  }

  private static List<Offer.Cover> covers(SplittableRandom random, int needs) {
    List<Offer.Cover> covers = new ArrayList<>();
    for (int n = 0; n < needs; n++) {
      if (random.nextInt(3) == 0) {
        covers.add(new Offer.Cover(n, random.nextInt(30, 300)));
      }
    }
    return covers;
  }

  /** Each set-up but the first is a way there and back; two of a pair share most of it. */
  private record ReturnTrips(long seed, int setups) implements SetupTime {
    @Override
    public int seconds(int visited) {
      int seconds = 0;
      for (int pair = 0; pair < setups; pair += 2) {
        int both = visited >> pair & 3;
        int far = 10 + (int) ((seed + pair) % 30);
        seconds += both == 0 || pair == 0 && both == 1 ? 0 : far + (both == 3 ? 5 : 0);
      }
      return seconds;
    }
  }
}
