package dev.jubilee.bench.exact;

import dev.jubilee.core.selection.Menu;
import dev.jubilee.core.selection.Offer;
import dev.jubilee.core.selection.Returns;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.stream.IntStream;
import org.chocosolver.solver.Model;
import org.chocosolver.solver.variables.BoolVar;
import org.chocosolver.solver.variables.IntVar;

/**
 * The menu as constraints for choco-solver, modelled another way: values of each need are sorted,
 * seconds between set-ups looked up in a table.
 */
public final class ChocoOracle implements Oracle {

  @Override
  public long bestPoints(Menu menu) {
    Model model = new Model();
    int n = menu.offers().size();
    BoolVar[] chosen = model.boolVarArray(n);
    List<Offer> required = menu.offers().stream().filter(Offer::required).toList();
    List<String> taken = required.stream().map(Offer::group).toList();
    Map<String, List<BoolVar>> groups = new HashMap<>();
    for (int i = 0; i < n; i++) {
      Offer offer = menu.offers().get(i);
      if (offer.required()) {
        model.arithm(chosen[i], "=", 1).post();
      } else if (taken.contains(offer.group())) {
        model.arithm(chosen[i], "=", 0).post();
      } else {
        groups.computeIfAbsent(offer.group(), g -> new ArrayList<>()).add(chosen[i]);
      }
    }
    groups.values().forEach(g -> model.sum(g.toArray(BoolVar[]::new), "<=", 1).post());
    int forcedContacts = required.stream().mapToInt(Offer::contacts).sum();
    int[] contacts = menu.offers().stream().mapToInt(Offer::contacts).toArray();
    model.scalar(chosen, contacts, "<=", Math.max(menu.contacts(), forcedContacts)).post();
    int[] counted = menu.offers().stream().mapToInt(o -> o.counted() ? 1 : 0).toArray();
    int forcedDrills = (int) required.stream().filter(Offer::counted).count();
    model.scalar(chosen, counted, "<=", Math.max(Math.min(menu.drills(), n), forcedDrills)).post();

    List<IntVar> terms = new ArrayList<>(List.of(chosen));
    List<Integer> factors = new ArrayList<>(menu.offers().stream().map(Offer::bias).toList());
    addNeeds(menu, model, chosen, terms, factors);
    addBlocks(menu, model, chosen, terms, factors);
    addSeconds(menu, model, chosen, Math.max(menu.seconds(), menu.total(required)));

    IntVar points = model.intVar("points", -20_000_000, 20_000_000, true);
    model
        .scalar(
            terms.toArray(IntVar[]::new),
            factors.stream().mapToInt(Integer::intValue).toArray(),
            "=",
            points)
        .post();
    model.setObjective(Model.MAXIMIZE, points);
    long best = Long.MIN_VALUE;
    while (model.getSolver().solve()) {
      best = points.getValue();
    }
    return best;
  }

  private static void addNeeds(
      Menu menu, Model model, BoolVar[] chosen, List<IntVar> terms, List<Integer> factors) {
    for (int need = 0; need < menu.weights().size(); need++) {
      List<IntVar> values = new ArrayList<>();
      for (int i = 0; i < chosen.length; i++) {
        for (Offer.Cover cover : menu.offers().get(i).covers()) {
          if (cover.need() == need) {
            values.add(model.intScaleView(chosen[i], cover.hundredths()));
          }
        }
      }
      if (values.isEmpty()) {
        continue;
      }
      IntVar[] sorted = model.intVarArray(values.size(), 0, 300);
      model.sort(values.toArray(IntVar[]::new), sorted).post();
      for (int r = 0; r < Math.min(Returns.ranks(), sorted.length); r++) {
        terms.add(sorted[sorted.length - 1 - r]);
        factors.add(menu.weights().get(need) * Returns.eighths(r));
      }
    }
  }

  private static void addBlocks(
      Menu menu, Model model, BoolVar[] chosen, List<IntVar> terms, List<Integer> factors) {
    for (int b = 0; b < menu.blocks().size(); b++) {
      int block = b;
      int[] own =
          menu.offers().stream().mapToInt(o -> o.block() == block ? o.seconds() : 0).toArray();
      int all = IntStream.of(own).sum();
      IntVar length = model.intVar(0, all, true);
      model.scalar(chosen, own, "=", length).post();
      Menu.Room room = menu.blocks().get(b);
      IntVar nothing = model.intVar(0);
      IntVar missing = model.intVar(0, room.least(), true);
      IntVar beyond = model.intVar(0, all, true);
      model
          .max(missing, nothing, model.intOffsetView(model.intMinusView(length), room.least()))
          .post();
      model.max(beyond, nothing, model.intOffsetView(length, -room.most())).post();
      terms.add(missing);
      factors.add(-Menu.SHORT_SECOND);
      terms.add(beyond);
      factors.add(-Menu.LONG_SECOND);
    }
  }

  private static void addSeconds(Menu menu, Model model, BoolVar[] chosen, int limit) {
    int setups = 1 + menu.offers().stream().mapToInt(Offer::setup).max().orElse(0);
    BoolVar[] visited = model.boolVarArray(setups);
    for (int k = 0; k < setups; k++) {
      int setup = k;
      BoolVar[] own =
          IntStream.range(0, chosen.length)
              .filter(i -> menu.offers().get(i).setup() == setup)
              .mapToObj(i -> chosen[i])
              .toArray(BoolVar[]::new);
      if (own.length == 0) {
        model.arithm(visited[k], "=", 0).post();
      } else {
        model.max(visited[k], own).post();
      }
    }
    IntVar set = model.intVar(0, (1 << setups) - 1);
    int[] bits = IntStream.range(0, setups).map(k -> 1 << k).toArray();
    model.scalar(visited, bits, "=", set).post();
    int[] ways = IntStream.range(0, 1 << setups).map(menu.setups()::seconds).toArray();
    IntVar way = model.intVar(0, IntStream.of(ways).max().orElse(0), true);
    model.element(way, ways, set).post();
    IntVar[] all = new IntVar[chosen.length + 1];
    int[] seconds = new int[all.length];
    for (int i = 0; i < chosen.length; i++) {
      all[i] = chosen[i];
      seconds[i] = menu.offers().get(i).seconds();
    }
    all[chosen.length] = way;
    seconds[chosen.length] = 1;
    model.scalar(all, seconds, "<=", limit).post();
  }
}
