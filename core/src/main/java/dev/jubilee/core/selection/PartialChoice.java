package dev.jubilee.core.selection;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;

/** A menu as arrays, and a partial choice that offers are added to and taken from. */
final class PartialChoice {
  final Menu menu;
  final List<Offer> free;
  final List<Offer> required;

  /** By index into {@link #free}. */
  final int[] seconds;

  final int[] contacts;

  /** 1 for each that is counted, else 0. */
  final int[] counted;

  final int[] block;
  final int[] setup;
  final int[] bias;
  final int[][] needs;

  /** Weight times strength for each of {@link #needs}. */
  final int[][] values;

  /**
   * Indices into {@link #free} by group; groups that a required offer has taken are left out, as
   * are offers that do not even fit alone.
   */
  final int[][] groups;

  final int[] groupOf;

  /**
   * The set-up that all offers of a group need; {@link Offer#SETUPS}, which costs nothing, when
   * they differ.
   */
  final int[] setupOfGroup;

  final int needCount;
  final int contactsLeft;

  /** Most offers that are counted, what is required among them. */
  final int drillsLimit;

  final int secondsLimit;

  /** Set-ups are numbered from 0 to below this. */
  final int setups;

  /** For each set-up the seconds that visiting it adds at the very least. */
  final int[] atLeast = new int[Offer.SETUPS];

  /** The partial choice. */
  final int[] blockSeconds;

  final int[] visits = new int[Offer.SETUPS + 1];
  int spent;
  int contactsSpent;
  int drills;
  int mask;
  long points;

  /** Of {@link #points} those that are not for serving needs. */
  long besideNeeds;

  /** Values of the drills that serve each need, greatest first. */
  private final int[][] served;

  private final int[] servedBy;

  /** Seconds plus one by set of set-ups; 0 where not yet known. */
  private final int[] walks;

  PartialChoice(Menu menu) {
    this.menu = menu;
    this.required = menu.offers().stream().filter(Offer::required).toList();
    List<String> taken = required.stream().map(Offer::group).toList();
    this.free =
        menu.offers().stream().filter(o -> !o.required() && !taken.contains(o.group())).toList();
    int n = free.size();
    seconds = free.stream().mapToInt(Offer::seconds).toArray();
    contacts = free.stream().mapToInt(Offer::contacts).toArray();
    counted = free.stream().mapToInt(PartialChoice::counted).toArray();
    block = free.stream().mapToInt(Offer::block).toArray();
    setup = free.stream().mapToInt(Offer::setup).toArray();
    bias = free.stream().mapToInt(Offer::bias).toArray();
    needs = free.stream().map(PartialChoice::needs).toArray(int[][]::new);
    values = free.stream().map(this::values).toArray(int[][]::new);
    needCount = menu.weights().size();
    served = new int[needCount][menu.offers().size() + 1];
    servedBy = new int[needCount];
    blockSeconds = new int[menu.blocks().size()];
    points = menu.points(required);
    setups = 1 + menu.offers().stream().mapToInt(Offer::setup).max().orElse(0);
    walks = new int[1 << setups];
    for (int k = 0; k < setups; k++) {
      atLeast[k] = menu.setups().atLeast(k);
    }
    required.forEach(this::addForced);
    besideNeeds = points - pointsForNeeds();
    contactsLeft = Math.max(menu.contacts(), contactsSpent);
    drillsLimit = Math.max(Math.min(menu.drills(), menu.offers().size()), drills);
    secondsLimit = Math.max(menu.seconds(), spent + walk(mask));
    groupOf = new int[n];
    Arrays.fill(groupOf, -1);
    groups = groups();
    setupOfGroup = new int[groups.length];
    for (int g = 0; g < groups.length; g++) {
      setupOfGroup[g] = setup[groups[g][0]];
      for (int i : groups[g]) {
        groupOf[i] = g;
        setupOfGroup[g] = setup[i] == setupOfGroup[g] ? setup[i] : Offer.SETUPS;
      }
    }
  }

  private int[][] groups() {
    Map<String, List<Integer>> groups = new LinkedHashMap<>();
    for (int i = 0; i < free.size(); i++) {
      if (fits(i)) {
        groups.computeIfAbsent(free.get(i).group(), k -> new ArrayList<>()).add(i);
      }
    }
    int[][] all =
        groups.values().stream()
            .map(g -> g.stream().mapToInt(Integer::intValue).toArray())
            .toArray(int[][]::new);
    return menu.blocks().stream().allMatch(room -> room.least() == 0) ? withoutOutdone(all) : all;
  }

  /**
   * Without the offers that some best choice does without: as many other groups dominate them as
   * there are ranks. Where one of those is not chosen it can take the offer's place; where all are,
   * they take every rank before it.
   */
  private int[][] withoutOutdone(int[][] all) {
    List<int[]> kept = new ArrayList<>();
    for (int g = 0; g < all.length; g++) {
      int n = 0;
      int[] left = new int[all[g].length];
      for (int i : all[g]) {
        if (bias[i] > 0 || !isDominated(i, g, all)) {
          left[n++] = i;
        }
      }
      if (n > 0) {
        kept.add(Arrays.copyOf(left, n));
      }
    }
    return kept.toArray(int[][]::new);
  }

  private boolean isDominated(int i, int own, int[][] all) {
    int outdoing = 0;
    for (int g = 0; g < all.length && outdoing < Returns.ranks(); g++) {
      outdoing += g != own && outdoes(g, all[g], i, own) ? 1 : 0;
    }
    return outdoing >= Returns.ranks();
  }

  private boolean outdoes(int g, int[] group, int i, int own) {
    for (int j : group) {
      if (!outdoes(j, g, i, own)) {
        return false;
      }
    }
    return true;
  }

  /** Whether one offer is at least as good as another in everything; of equals the first is. */
  private boolean outdoes(int j, int groupOfJ, int i, int groupOfI) {
    if (block[j] != block[i]
        || setup[j] != setup[i]
        || seconds[j] > seconds[i]
        || contacts[j] > contacts[i]
        || counted[j] > counted[i]
        || bias[j] < bias[i]) {
      return false;
    }
    boolean better = seconds[j] < seconds[i] || contacts[j] < contacts[i] || bias[j] > bias[i];
    for (int k = 0; k < needs[i].length; k++) {
      int value = valueFor(j, needs[i][k]);
      if (value < values[i][k]) {
        return false;
      }
      better |= value > values[i][k];
    }
    return better || needs[j].length > needs[i].length || groupOfJ < groupOfI;
  }

  private int valueFor(int offer, int need) {
    for (int k = 0; k < needs[offer].length; k++) {
      if (needs[offer][k] == need) {
        return values[offer][k];
      }
    }
    return 0;
  }

  private void addForced(Offer offer) {
    mask |= 1 << offer.setup();
    visits[offer.setup()]++;
    spent += offer.seconds();
    contactsSpent += offer.contacts();
    drills += counted(offer);
    blockSeconds[offer.block()] += offer.seconds();
    int[] ns = needs(offer);
    int[] vs = values(offer);
    for (int k = 0; k < ns.length; k++) {
      serve(ns[k], vs[k]);
    }
  }

  private long pointsForNeeds() {
    long sum = 0;
    for (int need = 0; need < needCount; need++) {
      for (int r = 0; r < Returns.ranks(); r++) {
        sum += (long) Returns.eighths(r) * served(need, r);
      }
    }
    return sum;
  }

  private static int counted(Offer offer) {
    return offer.counted() ? 1 : 0;
  }

  private static int[] needs(Offer offer) {
    return offer.covers().stream().mapToInt(Offer.Cover::need).toArray();
  }

  private int[] values(Offer offer) {
    return offer.covers().stream()
        .mapToInt(c -> menu.weights().get(c.need()) * c.hundredths())
        .toArray();
  }

  /** Whether an offer of a group not yet taken can be added. */
  boolean fits(int i) {
    return contactsSpent + contacts[i] <= contactsLeft
        && drills + counted[i] <= drillsLimit
        && spent + seconds[i] + walk(mask | 1 << setup[i]) <= secondsLimit;
  }

  /** Seconds of the way through set-ups, asked once for each set. */
  int walk(int setups) {
    if (walks[setups] == 0) {
      walks[setups] = menu.setups().seconds(setups) + 1;
    }
    return walks[setups] - 1;
  }

  /** Points that adding an offer brings. */
  long gain(int i) {
    long gain = gainBesideNeeds(i);
    int[] ns = needs[i];
    int[] vs = values[i];
    for (int k = 0; k < ns.length; k++) {
      gain += gain(ns[k], vs[k]);
    }
    return gain;
  }

  private long gainBesideNeeds(int i) {
    Menu.Room room = menu.blocks().get(block[i]);
    int before = blockSeconds[block[i]];
    return bias[i] + room.points(before + seconds[i]) - room.points(before);
  }

  /** A stronger drill takes its rank, those behind move down one. */
  private long gain(int need, int value) {
    int[] by = served[need];
    int rank = 0;
    while (rank < servedBy[need] && by[rank] >= value) {
      rank++;
    }
    long gain = (long) Returns.eighths(rank) * value;
    for (int r = rank; r < Returns.ranks() && r < servedBy[need]; r++) {
      gain -= (long) (Returns.eighths(r) - Returns.eighths(r + 1)) * by[r];
    }
    return gain;
  }

  /** Value of the drill at a rank of a need, 0 when there is none. */
  int served(int need, int rank) {
    return rank < servedBy[need] ? served[need][rank] : 0;
  }

  void add(int i) {
    points += gain(i);
    besideNeeds += gainBesideNeeds(i);
    change(i, 1);
    for (int k = 0; k < needs[i].length; k++) {
      serve(needs[i][k], values[i][k]);
    }
  }

  void remove(int i) {
    for (int k = 0; k < needs[i].length; k++) {
      unserve(needs[i][k], values[i][k]);
    }
    change(i, -1);
    besideNeeds -= gainBesideNeeds(i);
    points -= gain(i);
  }

  private void change(int i, int sign) {
    spent += sign * seconds[i];
    contactsSpent += sign * contacts[i];
    drills += sign * counted[i];
    blockSeconds[block[i]] += sign * seconds[i];
    visits[setup[i]] += sign;
    mask = visits[setup[i]] > 0 ? mask | 1 << setup[i] : mask & ~(1 << setup[i]);
  }

  private void serve(int need, int value) {
    int[] by = served[need];
    int at = servedBy[need]++;
    while (at > 0 && by[at - 1] < value) {
      by[at] = by[at - 1];
      at--;
    }
    by[at] = value;
  }

  private void unserve(int need, int value) {
    int[] by = served[need];
    int at = 0;
    while (by[at] != value) {
      at++;
    }
    servedBy[need]--;
    System.arraycopy(by, at + 1, by, at, servedBy[need] - at);
  }
}
