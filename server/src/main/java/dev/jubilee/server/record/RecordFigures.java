package dev.jubilee.server.record;

import dev.jubilee.core.learning.HeartSighting;
import dev.jubilee.core.learning.WarmingMoment;
import dev.jubilee.core.logbook.Counts;
import dev.jubilee.core.logbook.DeviceRecord.Done;
import dev.jubilee.core.logbook.DeviceRecord.State;
import dev.jubilee.core.logbook.FollowedRecord;
import dev.jubilee.core.plan.Plan;
import dev.jubilee.core.plan.PlanItem;
import dev.jubilee.server.record.stored.ByHandV1;
import dev.jubilee.server.record.stored.RecordV1;
import java.time.Duration;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.function.Function;

/**
 * Combines all sources of a record. A coach's entry overrides a recording, a recording overrides
 * the devices; without any of them the warm-up counts as done to plan.
 */
final class RecordFigures {
  private RecordFigures() {}

  static RecordV1 of(
      Plan plan,
      FollowedRecord told,
      Optional<ByHandV1> byHand,
      Optional<MeasuredLookup.Measured> recorded,
      String title) {
    boolean isFollowed = told.begun().isPresent();
    Map<String, Done> said = new HashMap<>();
    Map<String, PlanItem> items = new HashMap<>();
    plan.items().forEach(i -> items.put(i.id(), i));
    byHand
        .map(ByHandV1::items)
        .ifPresent(
            list ->
                list.stream()
                    .filter(i -> items.containsKey(i.id()))
                    .forEach(i -> said.put(i.id(), done(i, items.get(i.id())))));
    Function<String, Done> done =
        id ->
            said.containsKey(id)
                ? said.get(id)
                : isFollowed ? told.item(id) : Done.of(State.DONE, items.get(id).seconds());
    Optional<Integer> jacket =
        byHand
            .flatMap(b -> Optional.ofNullable(b.jacketOff()))
            .or(() -> told.jacketOff().map(RecordFigures::seconds));
    Optional<RecordV1.ResultsV1> results =
        byHand
            .flatMap(b -> Optional.ofNullable(b.results()))
            .or(() -> recorded.flatMap(MeasuredLookup.Measured::results));
    return new RecordV1(
        title,
        plan.request().circumstances().place(),
        plan.request().circumstances().feltTemperature(),
        RecordV1.CountsV1.of(Counts.planned(plan)),
        RecordV1.CountsV1.of(Counts.of(plan, done)),
        byHand
            .flatMap(b -> Optional.ofNullable(b.waited()))
            .or(() -> recorded.flatMap(MeasuredLookup.Measured::waited))
            .or(() -> told.waited().map(RecordFigures::seconds))
            .orElse(null),
        jacket.orElse(null),
        byHand.flatMap(b -> Optional.ofNullable(b.felt())).or(told::felt).orElse(null),
        byHand
            .flatMap(b -> Optional.ofNullable(b.best()))
            .or(told::bestEffort)
            .or(() -> results.filter(r -> r.efforts().size() > 1).map(r -> r.best()))
            .orElse(null),
        results.orElse(null),
        jacket
            .flatMap(seconds -> WarmingMoment.of(plan, seconds))
            .map(RecordV1.MomentV1::of)
            .orElse(null),
        heart(plan, told).map(RecordV1.HeartV1::of).orElse(null),
        items(plan, done, told),
        plan.items().stream().map(PlanItem::drillId).distinct().toList(),
        byHand.map(ByHandV1::note).orElse(null),
        isFollowed);
  }

  private static Optional<HeartSighting> heart(Plan plan, FollowedRecord told) {
    return told.begun()
        .flatMap(
            begun ->
                HeartSighting.of(
                    plan,
                    told.signals().stream()
                        .filter(s -> s.heartRate() > 0)
                        .map(
                            s ->
                                new HeartSighting.Reading(
                                    (int) ((s.at() - begun.toEpochMilli()) / 1000), s.heartRate()))
                        .toList()));
  }

  private static Done done(ByHandV1.ItemByHandV1 said, PlanItem item) {
    int seconds =
        switch (said.state()) {
          case DONE -> said.seconds() == null ? item.seconds() : said.seconds();
          case PARTLY -> said.seconds() == null ? item.seconds() / 2 : said.seconds();
          case SKIPPED, NOT_REACHED -> 0;
        };
    return Done.of(said.state(), seconds);
  }

  private static List<RecordV1.ItemV1> items(
      Plan plan, Function<String, Done> done, FollowedRecord told) {
    List<RecordV1.ItemV1> items = new ArrayList<>();
    for (PlanItem item : plan.items()) {
      Done how = done.apply(item.id());
      int effort =
          item.target()
              .map(t -> (int) t.effort().points())
              .orElseGet(() -> plan.drill(item).map(d -> d.effort()).orElse(0));
      items.add(
          new RecordV1.ItemV1(
              item.id(),
              item.block(),
              how.drill().orElse(item.drillId()),
              item.name(),
              item.seconds(),
              how.state(),
              how.seconds(),
              effort,
              how.reason().orElse(null),
              item.changeSeconds(),
              told.changeover(item.id()).orElse(null)));
    }
    return items;
  }

  private static int seconds(Duration duration) {
    return (int) Math.min(36_000, duration.toSeconds());
  }
}
