package dev.jubilee.server.prescription;

import dev.jubilee.core.drill.Drill;
import dev.jubilee.core.drill.DrillLibrary;
import dev.jubilee.core.drill.WarmUpPart;
import dev.jubilee.core.plan.PlanItem;
import dev.jubilee.core.quantity.Phrase;
import dev.jubilee.core.warmup.GivenItem;
import dev.jubilee.core.warmup.GivenWarmUp;
import dev.jubilee.server.athlete.AthleteProfile;
import dev.jubilee.server.athlete.Athletes;
import dev.jubilee.server.drill.Libraries;
import dev.jubilee.server.session.SessionDetails;
import dev.jubilee.server.session.SessionRow;
import dev.jubilee.server.session.Sessions;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.HashMap;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.UUID;
import java.util.function.Function;
import java.util.stream.Collectors;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** Lays the warm-ups of a session's athletes side by side. */
@Service
public class SquadSheets {
  private static final SquadSheet.Cell NOTHING =
      new SquadSheet.Cell("", "", Phrase.of(""), null, 0, 0);

  private final Sessions sessions;
  private final Athletes athletes;
  private final PrescriptionRepository prescriptions;
  private final RevisionRepository revisions;
  private final Libraries libraries;
  private final Snapshots snapshots;

  SquadSheets(
      Sessions sessions,
      Athletes athletes,
      PrescriptionRepository prescriptions,
      RevisionRepository revisions,
      Libraries libraries,
      Snapshots snapshots) {
    this.sessions = sessions;
    this.athletes = athletes;
    this.prescriptions = prescriptions;
    this.revisions = revisions;
    this.libraries = libraries;
    this.snapshots = snapshots;
  }

  /** What is prescribed for a session; athletes without a warm-up are left out. */
  @Transactional(readOnly = true)
  public SquadSheet of(UUID clubId, UUID sessionId) {
    SessionRow session = sessions.onCalendar(sessionId);
    SessionDetails details = sessions.details(session);
    List<PrescriptionRow> rows = prescriptions.findBySessionIdIn(List.of(sessionId));
    Map<UUID, GivenWarmUp> plans =
        revisions.findCurrent(rows.stream().map(PrescriptionRow::id).toList()).stream()
            .collect(Collectors.toMap(RevisionRow::prescriptionId, snapshots::given));
    List<SquadSheet.Column> columns = new ArrayList<>();
    List<GivenWarmUp> inOrder = new ArrayList<>();
    for (UUID athleteId : session.athleteIds()) {
      for (PrescriptionRow row : rows) {
        if (row.athleteId().equals(athleteId)) {
          AthleteProfile profile = athletes.profile(athletes.row(athleteId));
          GivenWarmUp plan = plans.get(row.id());
          inOrder.add(plan);
          columns.add(
              new SquadSheet.Column(
                  athleteId,
                  row.id(),
                  profile.name(),
                  profile.level(),
                  details.startOf(athleteId),
                  plan.seconds()));
        }
      }
    }
    return new SquadSheet(details, columns, rows(inOrder, libraries.of(clubId)));
  }

  private static List<SquadSheet.Row> rows(List<GivenWarmUp> plans, DrillLibrary library) {
    List<String> order = new ArrayList<>();
    List<Map<String, GivenItem>> byKey = new ArrayList<>();
    for (GivenWarmUp plan : plans) {
      Map<String, GivenItem> own = keyed(plan, library);
      byKey.add(own);
      int at = 0;
      for (String key : own.keySet()) {
        int present = order.indexOf(key);
        if (present < 0) {
          order.add(at, key);
          present = at;
        }
        at = Math.max(at, present + 1);
      }
    }
    List<SquadSheet.Row> rows = new ArrayList<>();
    for (String key : partsTogether(order)) {
      List<SquadSheet.Cell> cells = new ArrayList<>();
      List<GivenItem> items = new ArrayList<>();
      for (Map<String, GivenItem> own : byKey) {
        GivenItem item = own.get(key);
        cells.add(item == null ? NOTHING : cell(item.item()));
        if (item != null) {
          items.add(item);
        }
      }
      rows.add(new SquadSheet.Row(items.get(0).item().block(), commonest(items), cells));
    }
    return rows;
  }

  /**
   * Parts stay together, in the order of the first plan, whoever's plan a row came from; a part
   * that comes back, as a raise on a machine after the floor, stays where it comes back.
   */
  private static List<String> partsTogether(List<String> keys) {
    List<String> parts = keys.stream().map(SquadSheets::partOf).distinct().toList();
    return keys.stream()
        .sorted(Comparator.comparingInt(key -> parts.indexOf(partOf(key))))
        .toList();
  }

  private static String partOf(String key) {
    return key.substring(0, key.indexOf(' '));
  }

  /**
   * Each item's part, and of raises how many come after it: the last ones are where plans agree.
   */
  private static List<String> parts(GivenWarmUp plan) {
    List<String> parts = new ArrayList<>();
    Map<WarmUpPart, Integer> after = new HashMap<>();
    WarmUpPart next = null;
    for (int i = plan.items().size() - 1; i >= 0; i--) {
      WarmUpPart block = plan.items().get(i).item().block();
      if (block != next) {
        after.merge(block, 1, Integer::sum);
      }
      next = block;
      // The others stay together, however a plan mixes them.
      parts.add(
          0, block == WarmUpPart.RAISE ? block.name() + "-" + after.get(block) : block.name());
    }
    return parts;
  }

  /**
   * What is the same for all of a group: the ladder, whichever rung; efforts count from the last
   * one, as that is where they agree.
   */
  private static Map<String, GivenItem> keyed(GivenWarmUp plan, DrillLibrary library) {
    Map<WarmUpPart, Long> counts =
        plan.items().stream()
            .collect(Collectors.groupingBy(i -> i.item().block(), Collectors.counting()));
    Map<String, Integer> seen = new HashMap<>();
    Map<String, GivenItem> keyed = new LinkedHashMap<>();
    List<String> parts = parts(plan);
    for (int i = 0; i < plan.items().size(); i++) {
      GivenItem item = plan.items().get(i);
      String key = parts.get(i);
      if (item.item().block() == WarmUpPart.BUILD) {
        int index = seen.merge(key, 1, Integer::sum);
        key = key + " " + (counts.get(WarmUpPart.BUILD) - index);
      } else {
        key =
            key
                + " "
                + library
                    .find(item.item().drillId())
                    .map(Drill::group)
                    .orElse(item.item().drillId());
        int times = seen.merge(key, 1, Integer::sum);
        key = times == 1 ? key : key + " " + times;
      }
      keyed.put(key, item);
    }
    return keyed;
  }

  private static String commonest(List<GivenItem> items) {
    return items.stream()
        .map(i -> i.item().name())
        .collect(
            Collectors.groupingBy(Function.identity(), LinkedHashMap::new, Collectors.counting()))
        .entrySet()
        .stream()
        .max(Map.Entry.comparingByValue())
        .orElseThrow()
        .getKey();
  }

  private static SquadSheet.Cell cell(PlanItem item) {
    return new SquadSheet.Cell(
        item.id(),
        item.name(),
        item.dose().words(),
        item.target().map(PlanView.TargetView::of).orElse(null),
        item.recovery().seconds(),
        item.seconds());
  }
}
