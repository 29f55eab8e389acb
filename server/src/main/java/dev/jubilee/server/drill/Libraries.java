package dev.jubilee.server.drill;

import dev.jubilee.core.drill.DrillLibrary;
import dev.jubilee.core.library.BuiltInLibrary;
import dev.jubilee.core.library.LibraryFault;
import dev.jubilee.core.library.LibraryFaultException;
import dev.jubilee.core.library.LibraryReader;
import dev.jubilee.core.quantity.OutOfRangeException;
import dev.jubilee.server.problem.NotFoundException;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.UUID;
import java.util.concurrent.ConcurrentHashMap;
import java.util.stream.Collectors;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;
import tools.jackson.core.JacksonException;
import tools.jackson.databind.DeserializationFeature;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.json.JsonMapper;

/**
 * The library of each club: what ships with Jubilee and the club's own drills. A stored drill that
 * cannot be read any more is set aside, so that it hides no other.
 */
@Service
public class Libraries {
  private static final JsonMapper JSON =
      JsonMapper.builder().enable(DeserializationFeature.FAIL_ON_TRAILING_TOKENS).build();

  /** Each is looked at when a warm-up is chosen; no coach has as many to choose from. */
  private static final int MOST_DRILLS = 1000;

  private static final int LONGEST_TEXT = 1000;

  /** What the club's own drills are called where they have faults. */
  private static final String YOURS = "your drills";

  private final ClubDrillRepository own;

  /** Read once for each state of a club's drills; only saves work. */
  private final Map<UUID, Known> known = new ConcurrentHashMap<>();

  /**
   * A library as it could be read.
   *
   * @param setAside faults of each stored drill that could not, by its id
   */
  private record Opened(DrillLibrary library, Map<String, List<String>> setAside) {}

  private record Known(String state, Opened opened) {}

  /** The same with the club's own times. */
  private record Paced(
      DrillLibrary of, Map<String, Double> times, double changeovers, DrillLibrary inOwnTime) {}

  private final Map<UUID, Paced> paced = new ConcurrentHashMap<>();
  private final OwnTimesStore times;

  Libraries(ClubDrillRepository own, OwnTimesStore times) {
    this.own = own;
    this.times = times;
  }

  /** The drills of a club, each in the time that it takes there. */
  @Transactional(readOnly = true)
  public DrillLibrary of(UUID clubId) {
    DrillLibrary library = opened(clubId).library();
    Map<String, Double> factors = times.all();
    double changeovers = times.changeovers(clubId).orElse(1.0);
    Paced last = paced.get(clubId);
    if (last == null
        || last.of() != library
        || !last.times().equals(factors)
        || last.changeovers() != changeovers) {
      DrillLibrary inOwnTime = library.paced(factors, changeovers);
      last = new Paced(library, factors, changeovers, inOwnTime);
      paced.put(clubId, last);
    }
    return last.inOwnTime();
  }

  /** Faults of the club's drills that cannot be read, by their ids; usually empty. */
  @Transactional(readOnly = true)
  public Map<String, List<String>> setAside(UUID clubId) {
    return opened(clubId).setAside();
  }

  private Opened opened(UUID clubId) {
    List<ClubDrillRow> rows = own.findAllByOrderByDrillId();
    if (rows.isEmpty()) {
      return new Opened(BuiltInLibrary.get(), Map.of());
    }
    String state =
        rows.stream()
            .map(r -> r.drillId() + ":" + r.version() + ":" + r.archived())
            .collect(Collectors.joining(","));
    Known last = known.get(clubId);
    if (last == null || !last.state().equals(state)) {
      last = new Known(state, open(rows));
      known.put(clubId, last);
    }
    return last.opened();
  }

  /** Sets aside first what cannot be read by itself, then what does not go with the rest. */
  private static Opened open(List<ClubDrillRow> rows) {
    Map<String, List<String>> setAside = new LinkedHashMap<>();
    List<ClubDrillRow> sound = new ArrayList<>();
    for (ClubDrillRow row : rows) {
      try {
        if (!row.archived()) {
          LibraryReader.part(row.drillId(), array(List.of(row), false));
        }
        sound.add(row);
      } catch (LibraryFaultException e) {
        setAside.put(row.drillId(), texts(e));
      }
    }
    try {
      return new Opened(read(YOURS, sound), setAside);
    } catch (LibraryFaultException whole) {
      List<ClubDrillRow> together = new ArrayList<>();
      for (ClubDrillRow row : sound) {
        together.add(row);
        try {
          read(YOURS, together);
        } catch (LibraryFaultException e) {
          together.remove(row);
          setAside.put(row.drillId(), texts(e));
        }
      }
      return new Opened(read(YOURS, together), setAside);
    }
  }

  private static List<String> texts(LibraryFaultException e) {
    return e.faults().stream().map(LibraryFault::text).toList();
  }

  /** One drill in the form that {@link #importDrills} accepts. */
  @Transactional(readOnly = true)
  public String form(UUID clubId, String drillId) {
    return pretty(DrillForms.of(opened(clubId).library().require(drillId)));
  }

  /** The library as a JSON array; {@code onlyOwn} leaves out what ships with Jubilee. */
  @Transactional(readOnly = true)
  public String export(UUID clubId, boolean onlyOwn) {
    Set<String> ids = ownDrills().keySet();
    return pretty(
        opened(clubId).library().drills().stream()
            .filter(d -> !onlyOwn || ids.contains(d.id()))
            .map(DrillForms::of)
            .toList());
  }

  private static String pretty(Object forms) {
    return JSON.writerWithDefaultPrettyPrinter().writeValueAsString(forms);
  }

  /** Ids of the club's own drills, and whether they are archived. */
  @Transactional(readOnly = true)
  public Map<String, Boolean> ownDrills() {
    Map<String, Boolean> ids = new LinkedHashMap<>();
    own.findAllByOrderByDrillId().forEach(r -> ids.put(r.drillId(), r.archived()));
    return ids;
  }

  /**
   * Imports drills, all or none. One that the club already has is replaced.
   *
   * @param file name to show in faults
   * @param text a JSON array of drills
   * @return their ids
   * @throws dev.jubilee.core.drill.LibraryFaultException listing every fault by line
   */
  @Transactional
  public List<String> importDrills(UUID clubId, String file, String text) {
    JsonNode entries = json(file, text);
    // Read by itself first, so that lines are those of the text.
    DrillLibrary alone = LibraryReader.part(file, text);
    List<String> ids = alone.drills().stream().map(d -> d.id()).toList();
    Set<String> setAside = opened(clubId).setAside().keySet();
    List<ClubDrillRow> all = own.findAllByOrderByDrillId();
    List<ClubDrillRow> others =
        all.stream()
            .filter(r -> !ids.contains(r.drillId()) && !setAside.contains(r.drillId()))
            .toList();
    LibraryReader.extended(read(YOURS, others), file, text, "[]");
    Map<String, ClubDrillRow> rows = new HashMap<>();
    all.forEach(row -> rows.put(row.drillId(), row));
    for (JsonNode entry : entries) {
      rows.computeIfAbsent(
              entry.get("id").asString(), id -> new ClubDrillRow(UUID.randomUUID(), clubId, id))
          .write(entry.toString());
    }
    if (rows.size() > MOST_DRILLS) {
      throw new OutOfRangeException(
          "drills", rows.size(), "at most " + MOST_DRILLS + " of a club's own");
    }
    own.saveAllAndFlush(rows.values());
    return ids;
  }

  /** The reader below takes YAML too; what is sent is JSON. */
  private static JsonNode json(String file, String text) {
    try {
      JsonNode entries = JSON.readTree(text);
      requireBounded(entries);
      return entries;
    } catch (JacksonException e) {
      int line = e.getLocation() == null ? 1 : Math.max(1, e.getLocation().getLineNr());
      throw new LibraryFaultException(
          List.of(new LibraryFault("drills", file + ":" + line, "JSON, as an export has it")));
    }
  }

  /** What comes next takes its time with long texts and lists. */
  private static void requireBounded(JsonNode node) {
    if (node.isString() && node.asString().length() > LONGEST_TEXT) {
      throw new OutOfRangeException(
          "drills", "a text of " + node.asString().length(), "texts of at most " + LONGEST_TEXT);
    }
    if (node.size() > MOST_DRILLS) {
      throw new OutOfRangeException(
          "drills", "a list of " + node.size(), "at most " + MOST_DRILLS + " of a club's own");
    }
    node.forEach(Libraries::requireBounded);
  }

  /** Puts a club's drill away or brings it back; plans that hold it keep it. */
  @Transactional
  public void archive(UUID clubId, String drillId, boolean away) {
    ClubDrillRow row = own.findByDrillId(drillId).orElseThrow(() -> new NotFoundException("drill"));
    row.archive(away);
    own.saveAndFlush(row);
    // A ladder must not lose a rung from its middle.
    Set<String> setAside = opened(clubId).setAside().keySet();
    read(
        YOURS,
        own.findAllByOrderByDrillId().stream()
            .filter(r -> !setAside.contains(r.drillId()))
            .toList());
  }

  private static DrillLibrary read(String file, List<ClubDrillRow> rows) {
    return LibraryReader.extended(
        BuiltInLibrary.get(), file, array(rows, false), array(rows, true));
  }

  private static String array(List<ClubDrillRow> rows, boolean archived) {
    List<String> entries = new ArrayList<>();
    rows.stream().filter(r -> r.archived() == archived).forEach(r -> entries.add(r.entry()));
    return "[" + String.join(",\n", entries) + "]";
  }
}
