package dev.jubilee.core.drill;

import dev.jubilee.core.quantity.OutOfRangeException;
import java.util.ArrayList;
import java.util.Collection;
import java.util.Comparator;
import java.util.EnumMap;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.TreeMap;

/** All drills at hand and the ladders they form. Order is the order of the files, and stable. */
public final class DrillLibrary {
  private final Map<String, Drill> byId = new LinkedHashMap<>();
  private final Map<Role, Drill> byRole = new EnumMap<>(Role.class);
  private final Map<String, Ladder> ladders = new TreeMap<>();

  private final Map<String, Drill> archived = new LinkedHashMap<>();

  /** How long changeovers take, of our times. */
  private final double changeovers;

  public DrillLibrary(Collection<Drill> drills) {
    this(drills, List.of());
  }

  /**
   * @param drills to choose from
   * @param past no longer to choose from, but known, so that plans that hold them stay whole
   */
  public DrillLibrary(Collection<Drill> drills, Collection<Drill> past) {
    this(drills, past, 1);
  }

  private DrillLibrary(Collection<Drill> drills, Collection<Drill> past, double changeovers) {
    this.changeovers = changeovers;
    past.forEach(d -> archived.put(d.id(), d));
    Map<String, List<Drill>> rungs = new TreeMap<>();
    for (Drill drill : drills) {
      byId.put(drill.id(), drill);
      drill.role().ifPresent(role -> byRole.put(role, drill));
      drill
          .rung()
          .ifPresent(r -> rungs.computeIfAbsent(r.ladder(), k -> new ArrayList<>()).add(drill));
    }
    rungs.forEach(
        (id, list) -> {
          list.sort(Comparator.comparingInt(d -> d.rung().orElseThrow().step()));
          ladders.put(id, new Ladder(id, list));
        });
  }

  /**
   * The same for whoever takes other times.
   *
   * @param factors of a drill's usual time, by drill; 0.5 to 2
   * @param changeovers of the time from one drill to the next; 0.5 to 2
   */
  public DrillLibrary paced(Map<String, Double> factors, double changeovers) {
    return factors.isEmpty() && changeovers == this.changeovers
        ? this
        : new DrillLibrary(
            byId.values().stream()
                .map(
                    d ->
                        factors.containsKey(d.id())
                            ? d.usually(d.usual().paced(factors.get(d.id())), d.most())
                            : d)
                .toList(),
            archived.values(),
            changeovers);
  }

  /**
   * Whole seconds of a changeover here, given ours. Rounded up: so no way round by a third becomes
   * shorter than the straight one.
   */
  public int changing(int seconds) {
    return (int) Math.ceil(changeovers * seconds - 1e-9);
  }

  public List<Drill> drills() {
    return List.copyOf(byId.values());
  }

  public List<Drill> in(WarmUpPart block) {
    return byId.values().stream().filter(d -> d.block() == block).toList();
  }

  public Optional<Drill> find(String id) {
    return Optional.ofNullable(byId.getOrDefault(id, archived.get(id)));
  }

  /** The drill that has a role; a library made for a test may have none. */
  public Optional<Drill> find(Role role) {
    return Optional.ofNullable(byRole.get(role));
  }

  /**
   * The drill that has a role.
   *
   * @throws IllegalStateException where the library has none
   */
  public Drill require(Role role) {
    return find(role).orElseThrow(() -> new IllegalStateException("no drill for " + role));
  }

  /** The drill with this id; an unknown one names the field. */
  public Drill require(String id) {
    return find(id)
        .orElseThrow(() -> new OutOfRangeException("drillId", id, "the id of a library drill"));
  }

  public Collection<Ladder> ladders() {
    return ladders.values();
  }

  /** The easier version next below, if the drill is on a ladder and not at its foot. */
  public Optional<Drill> easier(Drill drill) {
    return neighbour(drill, -1);
  }

  /** The harder version next above. */
  public Optional<Drill> harder(Drill drill) {
    return neighbour(drill, 1);
  }

  private Optional<Drill> neighbour(Drill drill, int step) {
    return drill
        .rung()
        .flatMap(
            r ->
                ladders.get(r.ladder()).rungs().stream()
                    .filter(d -> d.rung().orElseThrow().step() == r.step() + step)
                    .findFirst());
  }
}
