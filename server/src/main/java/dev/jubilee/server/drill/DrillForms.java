package dev.jubilee.server.drill;

import dev.jubilee.core.drill.Dose;
import dev.jubilee.core.drill.Drill;
import dev.jubilee.core.drill.Need;
import dev.jubilee.core.drill.WarmUpPart;
import dev.jubilee.core.drill.Way;
import java.util.Collection;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Set;

/** Drills in the form of the library's files, from which the reader makes the same drill again. */
final class DrillForms {
  private DrillForms() {}

  static Map<String, Object> of(Drill d) {
    Map<String, Object> form = new LinkedHashMap<>();
    form.put("id", d.id());
    form.put("name", d.name());
    putList(form, "aliases", d.aliases());
    d.rung().ifPresent(r -> form.put("ladder", r.ladder() + "/" + r.step()));
    form.put("block", word(d.block()));
    Map<String, Object> suits = new LinkedHashMap<>();
    d.suits().forEach((sport, value) -> suits.put(word(sport), value));
    form.put("suits", suits);
    form.put("level", word(d.level()));
    form.put("position", word(d.position()));
    putList(form, "kit", words(d.kit()));
    form.put("effort", d.effort());
    if (d.wetSafe()) {
      form.put("wetSafe", true);
    }
    putNeeds(form, d);
    putList(form, "loads", words(d.ways().getOrDefault(Way.ECCENTRIC, Set.of())));
    Map<String, Object> ways = new LinkedHashMap<>();
    d.ways().forEach((way, regions) -> ways.put(word(way), words(regions)));
    ways.remove(word(Way.ECCENTRIC));
    if (!ways.isEmpty()) {
      form.put("ways", ways);
    }
    putList(form, "caveats", words(d.caveats()));
    if (d.contacts() > 0) {
      form.put("contacts", d.contacts());
    }
    if (d.holdSeconds() > 0) {
      form.put("hold", d.holdSeconds());
    }
    d.joint().ifPresent(joint -> form.put("joint", word(joint)));
    putList(form, "favours", words(d.favours()));
    form.put("dose", dose(d));
    form.put("steps", d.steps());
    form.put("cues", d.cues());
    form.put("fault", d.fault());
    if (!d.caution().isEmpty()) {
      form.put("caution", d.caution());
    }
    return form;
  }

  private static void putNeeds(Map<String, Object> form, Drill d) {
    // The reader halves what drills and the raise do for a joint's range.
    boolean whole =
        d.block() == WarmUpPart.MOBILISE
            || d.block() == WarmUpPart.RELEASE
            || d.block() == WarmUpPart.ACTIVATE;
    Map<String, Object> regions = new LinkedHashMap<>();
    Map<String, Object> skills = new LinkedHashMap<>();
    d.serves()
        .forEach(
            (need, strength) -> {
              if (need instanceof Need.Mobility m) {
                regions.put(word(m.region()), whole ? strength : 2 * strength);
              } else if (need instanceof Need.Activation a) {
                regions.put(word(a.region()), strength);
              } else if (need instanceof Need.Rehearsal r) {
                skills.put(word(r.skill()), strength);
              }
            });
    if (!regions.isEmpty()) {
      form.put("regions", regions);
    }
    if (!skills.isEmpty()) {
      form.put("skills", skills);
    }
  }

  private static Map<String, Object> dose(Drill d) {
    Map<String, Object> form = new LinkedHashMap<>();
    if (d.usual() instanceof Dose.Reps reps) {
      form.put("reps", reps.count());
      form.put("sides", reps.sides());
      form.put("directions", reps.directions());
      form.put("tempo", reps.secondsPerRep());
    } else if (d.usual() instanceof Dose.Timed timed) {
      form.put("seconds", timed.secondsEach());
      form.put("sides", timed.sides());
    } else if (d.usual() instanceof Dose.Lengths lengths) {
      form.put("lengths", lengths.lengths());
      form.put("metres", lengths.oneWay().metres());
      form.put("back", lengths.thereAndBack());
      form.put("speed", lengths.metresPerSecond());
    } else if (d.usual() instanceof Dose.Strokes strokes) {
      form.put("strokes", strokes.strokesEach());
      form.put("parts", strokes.parts());
      form.put("rounds", strokes.rounds());
      form.put("rate", strokes.strokesPerMinute());
    } else if (d.usual() instanceof Dose.Circuit circuit) {
      form.put("rounds", circuit.rounds());
      form.put("work", circuit.workSeconds());
      form.put("rest", circuit.restSeconds());
    }
    form.put("range", List.of(d.least(), d.most()));
    return form;
  }

  private static void putList(Map<String, Object> form, String field, List<?> values) {
    if (!values.isEmpty()) {
      form.put(field, values);
    }
  }

  private static List<String> words(Collection<? extends Enum<?>> values) {
    return values.stream().sorted().map(DrillForms::word).toList();
  }

  static String word(Enum<?> value) {
    return value.name().toLowerCase(Locale.ROOT).replace('_', '-');
  }
}
