package dev.jubilee.bench.exact;

import com.google.ortools.Loader;
import com.google.ortools.sat.BoolVar;
import com.google.ortools.sat.CpModel;
import com.google.ortools.sat.CpSolver;
import com.google.ortools.sat.CpSolverStatus;
import com.google.ortools.sat.IntVar;
import com.google.ortools.sat.LinearExpr;
import com.google.ortools.sat.LinearExprBuilder;
import com.google.ortools.sat.Literal;
import dev.jubilee.core.selection.Menu;
import dev.jubilee.core.selection.Offer;
import dev.jubilee.core.selection.Returns;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;

/** The menu as a linear model of whole numbers for CP-SAT of OR-Tools. */
public final class CpSatOracle implements Oracle {
  static {
    Loader.loadNativeLibraries();
  }

  @Override
  public long bestPoints(Menu menu) {
    CpModel model = new CpModel();
    LinearExprBuilder points = LinearExpr.newBuilder();
    List<BoolVar> chosen = new ArrayList<>();
    Map<String, List<Literal>> groups = new HashMap<>();
    LinearExprBuilder seconds = LinearExpr.newBuilder();
    LinearExprBuilder contacts = LinearExpr.newBuilder();
    LinearExprBuilder drills = LinearExpr.newBuilder();
    List<Offer> required = menu.offers().stream().filter(Offer::required).toList();
    List<String> taken = required.stream().map(Offer::group).toList();
    for (Offer offer : menu.offers()) {
      BoolVar x = model.newBoolVar(offer.id());
      chosen.add(x);
      if (offer.required()) {
        model.addEquality(x, 1);
      } else if (taken.contains(offer.group())) {
        model.addEquality(x, 0);
      } else {
        groups.computeIfAbsent(offer.group(), g -> new ArrayList<>()).add(x);
      }
      points.addTerm(x, offer.bias());
      seconds.addTerm(x, offer.seconds());
      contacts.addTerm(x, offer.contacts());
      drills.addTerm(x, offer.counted() ? 1 : 0);
    }
    groups.values().forEach(model::addAtMostOne);
    int forcedContacts = required.stream().mapToInt(Offer::contacts).sum();
    model.addLessOrEqual(contacts, Math.max(menu.contacts(), forcedContacts));
    long forcedDrills = required.stream().filter(Offer::counted).count();
    model.addLessOrEqual(drills, Math.max(menu.drills(), forcedDrills));
    addNeeds(menu, model, points, chosen);
    addBlocks(menu, model, points, chosen);
    addSetups(menu, model, seconds, chosen);
    model.addLessOrEqual(seconds, Math.max(menu.seconds(), menu.total(required)));
    model.maximize(points);
    CpSolver solver = new CpSolver();
    solver.getParameters().setNumWorkers(1).setMaxTimeInSeconds(120);
    if (solver.solve(model) != CpSolverStatus.OPTIMAL) {
      throw new IllegalStateException("CP-SAT proved nothing");
    }
    return Math.round(solver.objectiveValue());
  }

  /** Each rank of a need is taken by one offer, each offer takes one rank. */
  private static void addNeeds(
      Menu menu, CpModel model, LinearExprBuilder points, List<BoolVar> chosen) {
    for (int need = 0; need < menu.weights().size(); need++) {
      List<List<Literal>> ranks = new ArrayList<>();
      for (int r = 0; r < Returns.ranks(); r++) {
        ranks.add(new ArrayList<>());
      }
      for (int i = 0; i < chosen.size(); i++) {
        for (Offer.Cover cover : menu.offers().get(i).covers()) {
          if (cover.need() != need) {
            continue;
          }
          LinearExprBuilder own = LinearExpr.newBuilder();
          for (int r = 0; r < Returns.ranks(); r++) {
            BoolVar z = model.newBoolVar("z");
            ranks.get(r).add(z);
            own.add(z);
            points.addTerm(
                z, (long) menu.weights().get(need) * Returns.eighths(r) * cover.hundredths());
          }
          model.addLessOrEqual(own, chosen.get(i));
        }
      }
      ranks.forEach(model::addAtMostOne);
    }
  }

  private static void addBlocks(
      Menu menu, CpModel model, LinearExprBuilder points, List<BoolVar> chosen) {
    for (int b = 0; b < menu.blocks().size(); b++) {
      LinearExprBuilder length = LinearExpr.newBuilder();
      int most = 0;
      for (int i = 0; i < chosen.size(); i++) {
        Offer offer = menu.offers().get(i);
        if (offer.block() == b) {
          length.addTerm(chosen.get(i), offer.seconds());
          most += offer.seconds();
        }
      }
      Menu.Room room = menu.blocks().get(b);
      IntVar missing = model.newIntVar(0, room.least(), "missing");
      IntVar beyond = model.newIntVar(0, most, "beyond");
      model.addGreaterOrEqual(
          LinearExpr.newBuilder().add(length).add(missing).build(), room.least());
      model.addLessOrEqual(
          LinearExpr.newBuilder().add(length).addTerm(beyond, -1).build(), room.most());
      points.addTerm(missing, -Menu.SHORT_SECOND);
      points.addTerm(beyond, -Menu.LONG_SECOND);
    }
  }

  /** One of all sets of set-ups is visited, and it holds those of the chosen offers. */
  private static void addSetups(
      Menu menu, CpModel model, LinearExprBuilder seconds, List<BoolVar> chosen) {
    int[] used = menu.offers().stream().mapToInt(Offer::setup).distinct().sorted().toArray();
    List<Literal> sets = new ArrayList<>();
    Map<Integer, LinearExprBuilder> visits = new HashMap<>();
    for (int set = 0; set < 1 << used.length; set++) {
      BoolVar y = model.newBoolVar("set");
      sets.add(y);
      int mask = 0;
      for (int j = 0; j < used.length; j++) {
        if ((set & 1 << j) != 0) {
          mask |= 1 << used[j];
          visits.computeIfAbsent(used[j], k -> LinearExpr.newBuilder()).add(y);
        }
      }
      seconds.addTerm(y, menu.setups().seconds(mask));
    }
    model.addExactlyOne(sets);
    for (int i = 0; i < chosen.size(); i++) {
      model.addLessOrEqual(chosen.get(i), visits.get(menu.offers().get(i).setup()));
    }
  }
}
