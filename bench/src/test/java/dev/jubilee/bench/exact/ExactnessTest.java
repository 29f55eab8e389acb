package dev.jubilee.bench.exact;

import static org.assertj.core.api.Assertions.assertThat;

import dev.jubilee.core.selection.Menu;
import java.util.List;
import java.util.stream.IntStream;
import org.junit.jupiter.api.Test;

/** The choice of drills against two exact solvers that were written by others. */
class ExactnessTest {

  @Test
  void asGoodAsCpSatOnRandomMenus() {
    assertEqual(Exactness.random(1000, 30), new CpSatOracle());
  }

  /** Choco proves only small menus quickly; its model is another one. */
  @Test
  void asGoodAsChocoOnSmallRandomMenus() {
    assertEqual(Exactness.random(1000, 8), new ChocoOracle());
  }

  @Test
  void asGoodAsCpSatOnMenusOfRealRequests() {
    List<Menu> menus = RealMenus.menus();
    // Every seventh touches each sport, kind, level and length.
    List<Menu> some =
        IntStream.range(0, menus.size()).filter(i -> i % 7 == 0).mapToObj(menus::get).toList();
    assertEqual(some, new CpSatOracle());
  }

  private static void assertEqual(List<Menu> menus, Oracle oracle) {
    Exactness.Comparison comparison = Exactness.compare(menus, oracle);
    assertThat(comparison.equal()).isEqualTo(menus.size());
  }
}
