package dev.jubilee.core.selection;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.ArrayDeque;
import java.util.ArrayList;
import java.util.Deque;
import java.util.List;
import java.util.Random;
import org.junit.jupiter.api.Test;

/** The running sums of a partial choice are those that the menu itself gives. */
class PartialChoiceTest {

  @Test
  void addingAndTakingKeepsTheSumsOfTheMenu() {
    Random random = new Random(1);
    for (int seed = 0; seed < 200; seed++) {
      Menu menu = SmallMenus.of(seed);
      PartialChoice tables = new PartialChoice(menu);
      Deque<Integer> chosen = new ArrayDeque<>();
      for (int step = 0; step < 40; step++) {
        int i = tables.seconds.length == 0 ? -1 : random.nextInt(tables.seconds.length);
        boolean isOpen =
            i >= 0
                && tables.groupOf[i] >= 0
                && chosen.stream().noneMatch(c -> tables.groupOf[c] == tables.groupOf[i]);
        if (isOpen && tables.fits(i) && random.nextInt(3) > 0) {
          long before = tables.points;
          long gain = tables.gain(i);
          tables.add(i);
          chosen.push(i);
          assertThat(tables.points).isEqualTo(before + gain);
        } else if (!chosen.isEmpty()) {
          tables.remove(chosen.pop());
        }
        assertSame(menu, tables, chosen);
      }
    }
  }

  private static void assertSame(Menu menu, PartialChoice tables, Deque<Integer> chosen) {
    List<Offer> offers = new ArrayList<>(tables.required);
    chosen.forEach(i -> offers.add(tables.free.get(i)));
    assertThat(tables.points).isEqualTo(menu.points(offers));
    assertThat(tables.spent + tables.walk(tables.mask)).isEqualTo(menu.total(offers));
    assertThat(menu.allows(offers)).isTrue();
    long liked = offers.stream().mapToLong(Offer::bias).sum();
    long rooms = 0;
    for (int b = 0; b < SmallMenus.BLOCKS; b++) {
      int block = b;
      int seconds = offers.stream().filter(o -> o.block() == block).mapToInt(Offer::seconds).sum();
      rooms += menu.blocks().get(b).points(seconds);
    }
    assertThat(tables.besideNeeds).isEqualTo(liked + rooms);
  }

  @Test
  void leavingOutWhatIsOutdoneCostsNothing() {
    for (int seed = 0; seed < 200; seed++) {
      Menu menu = SmallMenus.of(seed).withoutLeast();
      PartialChoice tables = new PartialChoice(menu);
      List<Offer> kept = new ArrayList<>(tables.required);
      for (int[] group : tables.groups) {
        for (int i : group) {
          kept.add(tables.free.get(i));
        }
      }
      Menu fewer = MenuBuilder.builder(menu).offers(kept).build();
      assertThat(SmallMenus.best(fewer, List.of())).isEqualTo(SmallMenus.best(menu, List.of()));
    }
  }

  @Test
  void aFirstGuessIsAllowedAndLeavesTheTablesAsTheyWere() {
    for (int seed = 0; seed < 200; seed++) {
      Menu menu = SmallMenus.of(seed);
      PartialChoice tables = new PartialChoice(menu);
      long before = tables.points;
      List<Offer> offers = new ArrayList<>(tables.required);
      GreedyStart.of(tables, List.of()).forEach(i -> offers.add(tables.free.get(i)));
      assertThat(menu.allows(offers)).isTrue();
      assertThat(tables.points).isEqualTo(before);
    }
  }
}
