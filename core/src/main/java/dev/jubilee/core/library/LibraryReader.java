package dev.jubilee.core.library;

import dev.jubilee.core.drill.Dose;
import dev.jubilee.core.drill.Drill;
import dev.jubilee.core.drill.DrillLibrary;
import dev.jubilee.core.drill.Kit;
import dev.jubilee.core.drill.Need;
import dev.jubilee.core.drill.Position;
import dev.jubilee.core.drill.Skill;
import dev.jubilee.core.drill.WarmUpPart;
import dev.jubilee.core.quantity.Distance;
import dev.jubilee.core.sport.BodyRegion;
import dev.jubilee.core.sport.Level;
import dev.jubilee.core.sport.Sport;
import java.io.IOException;
import java.io.InputStream;
import java.io.UncheckedIOException;
import java.nio.charset.StandardCharsets;
import java.util.ArrayList;
import java.util.HashSet;
import java.util.LinkedHashMap;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.TreeMap;
import java.util.TreeSet;

/** Reads drill families from YAML and lists every fault with its file and line. */
public final class LibraryReader {
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
          "build");

  private static final Set<String> FIELDS =
      Set.of(
          "id",
          "name",
          "aliases",
          "ladder",
          "block",
          "suits",
          "level",
          "position",
          "kit",
          "effort",
          "regions",
          "skills",
          "loads",
          "contacts",
          "hold",
          "favours",
          "wetSafe",
          "dose",
          "steps",
          "cues",
          "fault",
          "caution");

  private final List<String> faults = new ArrayList<>();
  private final List<Drill> drills = new ArrayList<>();
  private final Set<String> ids = new HashSet<>();

  private LibraryReader() {}

  public static DrillLibrary builtIn() {
    LibraryReader reader = new LibraryReader();
    for (String family : FAMILIES) {
      String file = family + ".yaml";
      try (InputStream in = LibraryReader.class.getResourceAsStream("/library/" + file)) {
        if (in == null) {
          throw new IllegalStateException("drill family missing: " + file);
        }
        reader.readFamily(file, new String(in.readAllBytes(), StandardCharsets.UTF_8));
      } catch (IOException e) {
        throw new UncheckedIOException(e);
      }
    }
    return reader.finish();
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
    for (YamlEntry entry : YamlEntry.sequence(file, yaml, faults)) {
      Drill drill = readDrill(entry);
      if (drill != null) {
        drills.add(drill);
      }
    }
  }

  private Drill readDrill(YamlEntry e) {
    int before = faults.size();
    for (String field : e.fields()) {
      if (!FIELDS.contains(field)) {
        e.fault(field, "unknown field, expected one of " + new TreeSet<>(FIELDS));
      }
    }
    String id = e.text("id");
    if (!id.matches("[a-z0-9]+(-[a-z0-9]+)*")) {
      e.fault("id", "expected lower case words joined by hyphens");
    } else if (!ids.add(id)) {
      e.fault("id", id + " is used twice");
    }
    WarmUpPart block = e.choice("block", WarmUpPart.class);
    Set<BodyRegion> regions = new LinkedHashSet<>();
    Map<Need, Double> serves = serves(e, block, regions);
    List<String> cues = e.texts("cues");
    if (cues.isEmpty() || cues.size() > 3) {
      e.fault("cues", "expected one to three, found " + cues.size());
    }
    List<String> steps = e.texts("steps");
    if (steps.isEmpty() || steps.size() > 3) {
      e.fault("steps", "expected one to three, found " + steps.size());
    }
    Map<Sport, Integer> suits = new LinkedHashMap<>();
    e.numbers("suits")
        .forEach(
            (sport, value) -> {
              Sport s = e.choiceOf("suits", sport, Sport.class);
              if (s != null && (value < 1 || value > 3)) {
                e.fault("suits", "expected 1 to 3, found " + value);
              }
              suits.put(s, (int) Math.round(value));
            });
    if (suits.isEmpty()) {
      e.fault("suits", "expected at least one sport");
    }
    DoseEntry dose = DoseEntry.read(e);
    // Everything is read before any of it is refused, so that all faults are told at once.
    Drill drill =
        new Drill(
            id,
            e.text("name"),
            e.texts("aliases"),
            rung(e),
            block,
            suits,
            e.choiceOr("level", Level.class, Level.NOVICE),
            e.choice("position", Position.class),
            new LinkedHashSet<>(e.choices("kit", Kit.class)),
            (int) e.number("effort", 0, 100),
            serves,
            regions,
            new LinkedHashSet<>(e.choices("loads", BodyRegion.class)),
            e.numberOr("contacts", 0, 0, 15),
            (int) e.numberOr("hold", 0, 0, 120),
            new LinkedHashSet<>(e.choices("favours", BodyRegion.class)),
            e.flag("wetSafe"),
            dose.usual(),
            dose.least(),
            dose.most(),
            steps,
            cues,
            e.text("fault"),
            e.textOr("caution", ""));
    return faults.size() > before ? null : drill;
  }

  /** What regions mean follows from the block: range when mobilising, awake when activating. */
  private static Map<Need, Double> serves(YamlEntry e, WarmUpPart block, Set<BodyRegion> regions) {
    Map<Need, Double> serves = new LinkedHashMap<>();
    e.numbers("regions")
        .forEach(
            (name, strength) -> {
              BodyRegion region = e.choiceOf("regions", name, BodyRegion.class);
              if (region == null || !inStrength(e, "regions", strength)) {
                return;
              }
              regions.add(region);
              if (block == WarmUpPart.ACTIVATE) {
                serves.put(new Need.Activation(region), strength);
              } else {
                // Drills and the raise move a joint too, though not through its whole range.
                boolean ranged = block == WarmUpPart.MOBILISE || block == WarmUpPart.RELEASE;
                serves.put(new Need.Mobility(region), ranged ? strength : strength / 2);
              }
            });
    e.numbers("skills")
        .forEach(
            (name, strength) -> {
              Skill skill = e.choiceOf("skills", name, Skill.class);
              if (skill != null && inStrength(e, "skills", strength)) {
                serves.put(new Need.Rehearsal(skill), strength);
              }
            });
    return serves;
  }

  private static boolean inStrength(YamlEntry e, String field, double strength) {
    if (strength < 0.5 || strength > 3) {
      e.fault(field, "strength expected 0.5 to 3, found " + strength);
      return false;
    }
    return true;
  }

  private static Optional<Drill.Rung> rung(YamlEntry e) {
    String text = e.textOr("ladder", "");
    if (text.isEmpty()) {
      return Optional.empty();
    }
    int slash = text.indexOf('/');
    if (slash < 1 || !text.substring(slash + 1).matches("[1-9][0-9]?")) {
      e.fault("ladder", "expected name/rung such as leg-swings/2");
      return Optional.empty();
    }
    return Optional.of(
        new Drill.Rung(text.substring(0, slash), Integer.parseInt(text.substring(slash + 1))));
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
                  faults.add(
                      "ladder "
                          + r.ladder()
                          + ": "
                          + d.id()
                          + " and "
                          + other.id()
                          + " are both rung "
                          + r.step());
                }
              });
    }
    ladders.forEach(
        (name, rungs) -> {
          if (rungs.size() < 2 || rungs.firstKey() != 1 || rungs.lastKey() != rungs.size()) {
            faults.add(
                "ladder "
                    + name
                    + ": rungs "
                    + rungs.keySet()
                    + ", expected 1, 2, … without a gap");
          }
          if (rungs.values().stream().map(Drill::block).distinct().count() > 1) {
            faults.add("ladder " + name + ": its rungs are in different blocks");
          }
        });
  }

  /** A dose in the data: its usual form and the range of its amount. */
  private record DoseEntry(Dose usual, int least, int most) {

    static DoseEntry read(YamlEntry drill) {
      YamlEntry e = drill.child("dose");
      if (e == null) {
        return new DoseEntry(new Dose.Timed(30, 1), 30, 30);
      }
      int[] range = e.range("range");
      try {
        Dose dose = form(e);
        if (dose.amount() < range[0] || dose.amount() > range[1]) {
          e.fault("range", "expected to hold the usual amount " + dose.amount());
        }
        return new DoseEntry(dose, range[0], range[1]);
      } catch (IllegalArgumentException absurd) {
        e.fault("dose", absurd.getMessage());
        return new DoseEntry(new Dose.Timed(30, 1), 30, 30);
      }
    }

    private static Dose form(YamlEntry e) {
      int sides = (int) e.numberOr("sides", 1, 1, 2);
      if (e.has("reps")) {
        return new Dose.Reps(
            (int) e.number("reps", 1, 100),
            sides,
            (int) e.numberOr("directions", 1, 1, 2),
            e.number("tempo", 0.2, 12));
      } else if (e.has("seconds")) {
        return new Dose.Timed((int) e.number("seconds", 5, 1800), sides);
      } else if (e.has("lengths")) {
        return new Dose.Lengths(
            (int) e.number("lengths", 1, 10),
            Distance.ofMetres(e.number("metres", 5, 60)),
            e.flag("back"),
            e.number("speed", 0.2, 8));
      } else if (e.has("strokes")) {
        return new Dose.Strokes(
            (int) e.number("rounds", 1, 10),
            e.texts("parts"),
            (int) e.number("strokes", 1, 50),
            (int) e.number("rate", 10, 80));
      } else if (e.has("rounds")) {
        return new Dose.Circuit(
            (int) e.number("rounds", 1, 10),
            (int) e.number("work", 5, 300),
            (int) e.numberOr("rest", 0, 0, 300));
      }
      e.fault("dose", "expected reps, seconds, lengths, strokes or rounds");
      return new Dose.Timed(30, 1);
    }
  }
}
