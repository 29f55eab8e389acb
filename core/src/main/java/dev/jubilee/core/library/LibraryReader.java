package dev.jubilee.core.library;

import dev.jubilee.core.drill.Drill;
import dev.jubilee.core.drill.DrillLibrary;
import dev.jubilee.core.drill.Role;
import dev.jubilee.core.quantity.OutOfRangeException;
import java.io.IOException;
import java.io.InputStream;
import java.io.UncheckedIOException;
import java.nio.charset.StandardCharsets;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.OptionalInt;
import java.util.Set;
import java.util.TreeMap;
import java.util.stream.Collectors;
import java.util.stream.IntStream;

/** Reads drill families from YAML and lists every fault with its file and line. */
public final class LibraryReader {
  private static final String ROLES = "roles.yaml";

  private static final List<String> FAMILIES =
      List.of(
          "release",
          "raise",
          "joints",
          "mobilise-standing",
          "mobilise-floor",
          "activate",
          "run-drills",
          "row",
          "ride",
          "swim",
          "hurdle",
          "seated",
          "build");

  private final List<LibraryFault> faults = new ArrayList<>();
  private final List<Drill> drills = new ArrayList<>();
  private final Set<String> ids = new HashSet<>();

  private LibraryReader() {}

  public static DrillLibrary builtIn() {
    LibraryReader reader = new LibraryReader();
    for (String family : FAMILIES) {
      reader.readFamily(family + ".yaml", shipped(family + ".yaml"));
    }
    reader.readRoles(ROLES, shipped(ROLES));
    return reader.finish();
  }

  private static String shipped(String file) {
    try (InputStream in = LibraryReader.class.getResourceAsStream("/library/" + file)) {
      if (in == null) {
        throw new IllegalStateException("file of the library missing: " + file);
      }
      return new String(in.readAllBytes(), StandardCharsets.UTF_8);
    } catch (IOException e) {
      throw new UncheckedIOException(e);
    }
  }

  /**
   * Reads which drill a rule means where it needs a certain one; each role has one.
   *
   * @param file name to show in faults
   * @param yaml drills' ids by role
   */
  private void readRoles(String file, String yaml) {
    YamlFile.read(file, yaml, faults)
        .ifPresent(
            read -> {
              Map<?, ?> given = read.value() instanceof Map<?, ?> map ? map : Map.of();
              for (Object name : given.keySet()) {
                if (Arrays.stream(Role.values()).noneMatch(r -> r.name().equals(name))) {
                  roleFault(read, name, "a role, not " + name);
                }
              }
              for (Role role : Role.values()) {
                giveRole(read, role, given.get(role.name()));
              }
            });
  }

  /** What is wrong with roles for the drills that ship. */
  static List<LibraryFault> faultsOfRoles(String yaml) {
    LibraryReader reader = new LibraryReader();
    FAMILIES.forEach(family -> reader.readFamily(family + ".yaml", shipped(family + ".yaml")));
    reader.readRoles(ROLES, yaml);
    return reader.faults;
  }

  private void giveRole(YamlFile file, Role role, Object id) {
    OptionalInt place =
        IntStream.range(0, drills.size()).filter(i -> drills.get(i).id().equals(id)).findFirst();
    if (place.isEmpty()) {
      roleFault(file, role, "the id of a drill for " + role + ", not " + id);
    } else if (drills.get(place.getAsInt()).role().isPresent()) {
      roleFault(file, role, "a drill of its own for " + role + "; " + id + " has a role already");
    } else {
      drills.set(place.getAsInt(), drills.get(place.getAsInt()).with(role));
    }
  }

  private void roleFault(YamlFile file, Object role, String accepted) {
    faults.add(
        LibraryFault.ofFile(file.name() + ":" + file.line(List.of(role.toString())), accepted));
  }

  /**
   * Reads one family.
   *
   * @param file name to show in faults
   * @param yaml a sequence of drills
   * @throws LibraryFaultException listing every fault as {@code file:line: what}
   */
  public static DrillLibrary read(String file, String yaml) {
    LibraryReader reader = new LibraryReader();
    reader.readFamily(file, yaml);
    return reader.finish();
  }

  /**
   * Reads drills whose ladders may go on elsewhere.
   *
   * @throws LibraryFaultException listing every fault by line
   */
  public static DrillLibrary part(String file, String yaml) {
    LibraryReader reader = new LibraryReader();
    reader.readFamily(file, yaml);
    if (!reader.faults.isEmpty()) {
      throw new LibraryFaultException(reader.faults);
    }
    return new DrillLibrary(reader.drills);
  }

  /**
   * A library with a coach's own drills added, which may take further rungs on its ladders.
   *
   * @param base the library to add to
   * @param file name to show in faults
   * @param drills a sequence of drills, YAML or JSON
   * @param past a sequence of drills that are known but no longer chosen
   * @throws LibraryFaultException listing every fault
   */
  public static DrillLibrary extended(DrillLibrary base, String file, String drills, String past) {
    LibraryReader old = new LibraryReader();
    old.readFamily(file, past);
    LibraryReader reader = new LibraryReader();
    for (Drill drill : base.drills()) {
      reader.ids.add(drill.id());
      reader.drills.add(drill);
    }
    reader.readFamily(file, drills);
    reader.checkLadders();
    if (!reader.faults.isEmpty()) {
      throw new LibraryFaultException(reader.faults);
    }
    return new DrillLibrary(reader.drills, old.drills);
  }

  private DrillLibrary finish() {
    checkLadders();
    if (!faults.isEmpty()) {
      throw new LibraryFaultException(faults);
    }
    return new DrillLibrary(drills);
  }

  private void readFamily(String file, String yaml) {
    YamlFile.read(file, yaml, faults).ifPresent(this::readDrills);
  }

  private void readDrills(YamlFile file) {
    List<Departure> departures = new ArrayList<>(LibrarySchema.get().departures(file.value()));
    departures.addAll(file.unshown());
    departures.forEach(d -> fault(file, d.path(), d.what()));
    // A drill that departs from the schema cannot be made; all others can, and are looked at.
    Set<Object> unmade = new HashSet<>();
    departures.forEach(d -> d.path().stream().limit(1).forEach(unmade::add));
    if (!(file.value() instanceof List<?> entries)) {
      return;
    }
    for (int i = 0; i < entries.size(); i++) {
      if (entries.get(i) instanceof Map<?, ?> values) {
        checkId(file, i, values.get("id"));
        if (!unmade.contains(i)) {
          readDrill(file, i, new DrillEntry(values));
        }
      }
    }
  }

  private void checkId(YamlFile file, int place, Object id) {
    if (id instanceof String text && !ids.add(text)) {
      fault(file, List.of(place, "id"), "an id of its own; " + text + " is used twice");
    }
  }

  /** What no schema can say: a dose that takes too long, an amount outside its own range. */
  private void readDrill(YamlFile file, int place, DrillEntry entry) {
    try {
      Drill drill = entry.drill();
      int amount = drill.usual().amount();
      if (drill.most() < drill.least()) {
        fault(file, List.of(place, "dose", "range"), "the least first");
      } else if (amount < drill.least() || amount > drill.most()) {
        fault(
            file, List.of(place, "dose", "range"), "a range that holds the usual amount " + amount);
      }
      drills.add(drill);
    } catch (OutOfRangeException absurd) {
      fault(file, List.of(place, "dose"), absurd.accepted() + ", not " + absurd.given());
    }
  }

  private void fault(YamlFile file, List<Object> path, String what) {
    if (path.isEmpty()) {
      faults.add(LibraryFault.ofFile(file.name() + ":1", "a list of drills"));
      return;
    }
    String field =
        path.stream()
            .skip(1)
            .map(step -> step instanceof Integer place ? "[" + place + "]" : "." + step)
            .collect(Collectors.joining());
    String place =
        file.name()
            + ":"
            + file.line(path.subList(0, 1))
            + " ("
            + idOf(file, path.get(0))
            + ") line "
            + file.line(path)
            + (field.isEmpty() ? "" : ", " + field.substring(1));
    faults.add(new LibraryFault("drills[" + path.get(0) + "]" + field, place, what));
  }

  private static String idOf(YamlFile file, Object place) {
    return file.value() instanceof List<?> entries
            && entries.get((Integer) place) instanceof Map<?, ?> values
            && values.get("id") instanceof String id
        ? id
        : "";
  }

  /** A ladder has no missing rung, starts at 1 and is climbed within one block. */
  private void checkLadders() {
    Map<String, TreeMap<Integer, Drill>> ladders = new TreeMap<>();
    for (Drill d : drills) {
      d.rung()
          .ifPresent(
              r -> {
                Drill other =
                    ladders.computeIfAbsent(r.ladder(), k -> new TreeMap<>()).put(r.step(), d);
                if (other != null) {
                  faulty(
                      r.ladder(),
                      "one drill a rung; " + d.id() + " and " + other.id() + " share " + r.step());
                }
              });
    }
    ladders.forEach(
        (name, rungs) -> {
          if (rungs.size() < 2 || rungs.firstKey() != 1 || rungs.lastKey() != rungs.size()) {
            faulty(name, "rungs 1, 2, … without a gap, not " + rungs.keySet());
          }
          if (rungs.values().stream().map(Drill::block).distinct().count() > 1) {
            faulty(name, "in one block");
          }
        });
  }

  private void faulty(String ladder, String accepted) {
    faults.add(LibraryFault.ofFile("ladder " + ladder, accepted));
  }
}
