package dev.jubilee.core.prescription;

import dev.jubilee.core.check.Finding;
import dev.jubilee.core.circumstances.Place;
import dev.jubilee.core.drill.Dose;
import dev.jubilee.core.drill.Drill;
import dev.jubilee.core.drill.Need;
import dev.jubilee.core.drill.Position;
import dev.jubilee.core.drill.WarmUpPart;
import dev.jubilee.core.drill.Way;
import dev.jubilee.core.intensity.Effort;
import dev.jubilee.core.plan.Plan;
import dev.jubilee.core.plan.PlanItem;
import dev.jubilee.core.plan.SetUp;
import dev.jubilee.core.sport.BodyRegion;
import dev.jubilee.core.sport.Stroke;
import dev.jubilee.core.sport.TargetMetric;
import dev.jubilee.core.warmup.WarmUp;
import java.util.ArrayList;
import java.util.List;
import java.util.Set;
import java.util.function.Predicate;
import java.util.stream.Stream;

/** Something a coach would insist on. */
record Must(String words, Predicate<WarmUp> holds) {

  /** A heavy stretch of 3 to 6 min below critical intensity, ten minutes and more before. */
  static Must primed(String id) {
    return new Must(
        "is primed by " + id,
        w -> {
          int before = 0;
          for (PlanItem item : w.plan().items()) {
            before += item.seconds();
            if (item.drillId().equals(id)) {
              double points = item.target().orElseThrow().effort().points();
              int after = w.plan().items().stream().mapToInt(PlanItem::seconds).sum() - before;
              return item.dose().seconds() >= 180
                  && item.dose().seconds() <= 360
                  && points > 55
                  && points < Effort.CRITICAL
                  && after >= 600;
            }
          }
          return false;
        });
  }

  static Must endsWith(String id) {
    return new Must(
        "the build ends with " + id,
        w -> {
          List<PlanItem> build = w.plan().in(WarmUpPart.BUILD);
          return !build.isEmpty() && build.get(build.size() - 1).drillId().equals(id);
        });
  }

  static Must inOrder(String... ids) {
    return new Must(
        "ends with " + List.of(ids),
        w -> {
          List<String> build =
              w.plan().in(WarmUpPart.BUILD).stream().map(PlanItem::drillId).toList();
          return build.size() >= ids.length
              && build.subList(build.size() - ids.length, build.size()).equals(List.of(ids));
        });
  }

  /** By the ratios of the best times known over 100 m (from memory): fly, back, breast, free. */
  static Must eachAtPaceOf(Stroke medley) {
    return new Must(
        "each in its own pace of the " + medley.words(),
        w -> {
          double[] slower = {1.08, 1.12, 1.26, 1};
          List<PlanItem> build = w.plan().in(WarmUpPart.BUILD);
          double mean = (1.08 + 1.12 + 1.26 + 1) / 4;
          double top = w.plan().anchors().model().intensityAt(w.plan().demand().buildTop());
          double last = build.get(build.size() - 1).target().orElseThrow().value();
          double fly = build.get(build.size() - 4).target().orElseThrow().value();
          double breast = build.get(build.size() - 2).target().orElseThrow().value();
          return Math.abs(last - top * mean / slower[3]) < 0.01 && breast < fly && fly < last;
        });
  }

  /** All of them, each later than the one before. */
  static Must oneAfterAnother(String... ids) {
    return new Must(
        List.of(ids) + " one after another",
        w -> {
          List<String> all = w.plan().items().stream().map(PlanItem::drillId).toList();
          int last = -1;
          for (String id : ids) {
            int at = all.indexOf(id);
            if (at <= last) {
              return false;
            }
            last = at;
          }
          return true;
        });
  }

  /** What is run is run on the belt, set by speed and gradient. */
  static Must onTheBelt(int gradient) {
    return new Must(
        "on the belt, in the end at " + gradient + " %",
        w ->
            Stream.of(WarmUpPart.RAISE, WarmUpPart.BUILD)
                    .flatMap(part -> w.plan().in(part).stream())
                    .allMatch(
                        i ->
                            i.target()
                                .filter(t -> t.metric() == TargetMetric.TREADMILL)
                                .filter(t -> t.value() <= 20 / 3.6 && t.gradient() >= 1)
                                .isPresent())
                && last(w).target().orElseThrow().gradient() == gradient);
  }

  static Must has(String drillId) {
    return new Must("has " + drillId, w -> items(w).anyMatch(i -> i.drillId().equals(drillId)));
  }

  static Must not(String drillId) {
    return new Must("no " + drillId, w -> items(w).noneMatch(i -> i.drillId().equals(drillId)));
  }

  static Must caution(String code) {
    return new Must("says " + code, w -> findings(w).anyMatch(f -> f.code().name().equals(code)));
  }

  static Must silent(String code) {
    return new Must("no " + code, w -> findings(w).noneMatch(f -> f.code().name().equals(code)));
  }

  static Must another(String sport) {
    return new Must(
        "proposes to " + sport,
        w ->
            findings(w)
                .filter(f -> f.code().name().equals("ANOTHER_SESSION"))
                .anyMatch(f -> f.what().contains("“" + sport + " ")));
  }

  static Must says(String words) {
    return new Must(
        "says " + words, w -> w.findings().stream().anyMatch(f -> f.what().startsWith(words)));
  }

  static Must why(String words) {
    return new Must("because " + words, w -> w.why().stream().anyMatch(s -> s.startsWith(words)));
  }

  static Must notWhy(String words) {
    return new Must(
        "nothing about " + words, w -> w.why().stream().noneMatch(s -> s.startsWith(words)));
  }

  /** A reason names a region if, and only if, a drill moves or wakes it. */
  static Must namesOnlyWhatItMoves(String reason, Set<BodyRegion> regions) {
    return new Must(
        reason + " names what the plan moves",
        w -> {
          String said = w.why().stream().filter(s -> s.startsWith(reason)).findFirst().orElse("");
          return regions.stream()
              .allMatch(
                  region ->
                      said.contains(region.words())
                          == w.plan().items().stream()
                              .filter(i -> i.block().isChosen())
                              .map(i -> w.plan().drill(i).orElseThrow())
                              .anyMatch(
                                  d ->
                                      d.serves().containsKey(new Need.Mobility(region))
                                          || d.serves().containsKey(new Need.Activation(region))));
        });
  }

  /** Efforts over a distance end within so many metres. */
  static Must noRunBeyond(int metres) {
    return new Must(
        "efforts within " + metres + " m",
        w ->
            w.plan().in(WarmUpPart.BUILD).stream()
                .map(PlanItem::dose)
                .allMatch(d -> d instanceof Dose.Over o && o.distance().metres() <= metres));
  }

  /** After the way to the machine nothing on land comes any more. */
  static Must straightOnAfterTheWay() {
    return new Must(
        "straight on to the machine",
        w ->
            w.plan().items().stream()
                .dropWhile(i -> i.block() != WarmUpPart.TRANSFER)
                .filter(i -> i.block().isChosen())
                .allMatch(i -> SetUp.onApparatus(w.plan().drill(i).orElseThrow())));
  }

  /** Not where it was said, but in a room. */
  static Must indoors(Place place) {
    return new Must(
        "in " + place.words(),
        w ->
            w.plan().request().circumstances().place() == place
                && w.plan().request().circumstances().movedFrom().isPresent());
  }

  static Must noFault() {
    return new Must(
        "no fault of its own",
        w -> findings(w).noneMatch(f -> f.severity().name().equals("FAULT")));
  }

  static Must allSitting() {
    return new Must(
        "nothing on the feet",
        w ->
            drills(w)
                .filter(d -> d.block() != WarmUpPart.TRANSITION)
                .allMatch(
                    d ->
                        d.position() == Position.SEATED
                            || d.position() == Position.MACHINE
                            || d.position() == Position.WATER
                            || d.regions().stream()
                                .noneMatch(r -> r.compareTo(BodyRegion.GLUTES) <= 0)));
  }

  static Must noLanding() {
    return new Must("no contacts", w -> w.plan().contacts() == 0);
  }

  static Must noContactsIn(WarmUpPart part) {
    return new Must(
        "no contacts in " + part,
        w ->
            w.plan().in(part).stream()
                .flatMap(i -> w.plan().drill(i).stream())
                .allMatch(d -> d.contacts() == 0));
  }

  static Must nobodyOnTheFloor() {
    return new Must(
        "nobody on the floor", w -> drills(w).noneMatch(d -> d.position() == Position.FLOOR));
  }

  static Must nothingAboveCritical() {
    return new Must(
        "nothing above critical intensity",
        w ->
            w.plan().in(WarmUpPart.BUILD).stream().allMatch(i -> points(i) <= Effort.CRITICAL + 1));
  }

  static Must minutesInWater(int most) {
    return new Must(
        "at most " + most + " min in the water",
        w ->
            items(w)
                    .filter(
                        i ->
                            w.plan()
                                .drill(i)
                                .filter(d -> d.position() == Position.WATER)
                                .isPresent())
                    .mapToInt(PlanItem::seconds)
                    .sum()
                <= 60 * most);
  }

  static Must moves(BodyRegion region) {
    return new Must(
        "moves the " + region.words(),
        w ->
            w.plan().in(WarmUpPart.MOBILISE).stream()
                .flatMap(i -> w.plan().drill(i).stream())
                .anyMatch(d -> d.works(region)));
  }

  static Must untouched(BodyRegion region, Way... ways) {
    return new Must(
        region.words() + " not " + List.of(ways),
        w -> drills(w).noneMatch(d -> Stream.of(ways).anyMatch(way -> d.works(region, way))));
  }

  static Must notFresh() {
    return new Must("is not called fresh", w -> !w.readiness().verdict().isFresh());
  }

  static Must neverReady() {
    return new Must("is ready at no start", w -> w.readiness().verdict().window().isEmpty());
  }

  static Must noBuild() {
    return new Must("no build", w -> w.plan().in(WarmUpPart.BUILD).isEmpty());
  }

  static Must efforts(int least, int most) {
    return new Must(
        least + " to " + most + " efforts",
        w -> isBetween(w.plan().in(WarmUpPart.BUILD).size(), least, most));
  }

  static Must effortsLast(int least, int most) {
    return new Must(
        "efforts of " + least + " to " + most + " s",
        w ->
            w.plan().in(WarmUpPart.BUILD).stream()
                .allMatch(i -> isBetween(i.dose().seconds(), least, most)));
  }

  static Must lastEffort(int least, int most) {
    return new Must(
        "a last effort of " + least + " to " + most + " s",
        w -> isBetween(last(w).dose().seconds(), least, most));
  }

  static Must restBeforeLast(int least, int most) {
    return new Must(
        "a rest of " + least + " to " + most + " s before the last",
        w -> {
          List<PlanItem> build = w.plan().in(WarmUpPart.BUILD);
          return isBetween(build.get(build.size() - 2).recovery().seconds(), least, most);
        });
  }

  static Must secondsAbove(int most) {
    return new Must(
        "at most " + most + " s above critical, and 60 % of the reserve kept",
        w -> {
          int above =
              w.plan().in(WarmUpPart.BUILD).stream()
                  .filter(i -> points(i) > Effort.CRITICAL)
                  .mapToInt(i -> i.dose().seconds())
                  .sum();
          return above <= most;
        });
  }

  /** So many short rises in the raise, each with easy work after it. */
  static Must rises(int count) {
    return new Must(
        count + " rises",
        w ->
            w.plan().in(WarmUpPart.RAISE).stream()
                    .filter(i -> i.drillId().startsWith("rise-") && i.recovery().seconds() >= 30)
                    .count()
                == count);
  }

  static Must settles(double least, double most) {
    return new Must(
        least + " to " + most + " min to the start",
        w ->
            isBetween(PlanItem.seconds(w.plan().in(WarmUpPart.TRANSITION)), 60 * least, 60 * most));
  }

  static Must raise(double least, double most) {
    return new Must(
        "a raise of " + least + " to " + most + " min",
        w ->
            isBetween(
                w.plan().in(WarmUpPart.RAISE).stream()
                    .mapToInt(i -> i.dose().seconds() + i.recovery().seconds())
                    .sum(),
                60 * least,
                60 * most));
  }

  static Must eachRaiseUpTo(int seconds) {
    return new Must(
        "nothing dull for more than " + seconds + " s",
        w -> w.plan().in(WarmUpPart.RAISE).stream().allMatch(i -> i.dose().seconds() <= seconds));
  }

  /** The last effort is what was written: no more, and within two per cent of it. */
  static Must endsAt(double intensity) {
    return new Must(
        "ends at " + intensity,
        w -> {
          List<PlanItem> build = w.plan().in(WarmUpPart.BUILD);
          double last = build.get(build.size() - 1).target().orElseThrow().value();
          return Math.abs(last / intensity - 1) <= 0.02;
        });
  }

  /** From the last of the raise on nothing goes back below what came before it. */
  static Must neverFalls() {
    return new Must(
        "never falls",
        w -> {
          List<PlanItem> raise = w.plan().in(WarmUpPart.RAISE);
          List<PlanItem> graded = new ArrayList<>(raise.subList(raise.size() - 1, raise.size()));
          graded.addAll(w.plan().in(WarmUpPart.BUILD));
          double before = 0;
          for (PlanItem item : graded) {
            double now = item.target().orElseThrow().effort().points();
            if (now < before - 0.5) {
              return false;
            }
            before = now;
          }
          return true;
        });
  }

  static Must drills(int least, int most) {
    return new Must(
        least + " to " + most + " drills",
        w -> isBetween((int) items(w).filter(i -> i.block().isChosen()).count(), least, most));
  }

  /** The whole of the mobility on the feet, in its order, each shorter; and nothing else. */
  static Must repeatsWhatStands() {
    return new Must(
        "one more round of what is done standing",
        w -> {
          List<PlanItem> once =
              w.plan().in(WarmUpPart.MOBILISE).stream()
                  .filter(i -> !i.isRepeat())
                  .filter(i -> w.plan().drill(i).orElseThrow().position() != Position.FLOOR)
                  .toList();
          List<PlanItem> again = items(w).filter(PlanItem::isRepeat).toList();
          boolean isShorter =
              again.stream()
                  .allMatch(
                      i ->
                          once.stream()
                              .filter(o -> o.drillId().equals(i.drillId()))
                              .allMatch(o -> i.dose().seconds() <= o.dose().seconds()));
          return isShorter
              && again.stream()
                  .map(PlanItem::drillId)
                  .toList()
                  .equals(once.stream().map(PlanItem::drillId).toList());
        });
  }

  static Must shorterThan(int minutes) {
    return new Must("under " + minutes + " min", w -> w.plan().seconds() < 60 * minutes);
  }

  static Must topBelow(int percent) {
    return new Must(
        "no more than " + percent + " % of the top",
        w ->
            w.plan().in(WarmUpPart.BUILD).stream()
                .flatMap(i -> i.target().stream())
                .allMatch(t -> t.percentOfTop() <= percent));
  }

  static Must topSpeedBelow(double metresASecond) {
    return new Must(
        "a top speed below " + metresASecond + " m/s",
        w -> w.plan().anchors().model().top() < metresASecond);
  }

  static Must slowerThan(int secondsAKilometre) {
    return new Must(
        "nothing faster than " + secondsAKilometre + " s/km",
        w ->
            w.plan().in(WarmUpPart.BUILD).stream()
                .flatMap(i -> i.target().stream())
                .allMatch(
                    t -> t.metric() == TargetMetric.PACE && 1000 / t.value() >= secondsAKilometre));
  }

  static Must swumSlowerThan(int secondsAHundred) {
    return new Must(
        "nothing faster than " + secondsAHundred + " s/100 m",
        w ->
            w.plan().in(WarmUpPart.BUILD).stream()
                .flatMap(i -> i.target().stream())
                .allMatch(t -> 100 / t.value() >= secondsAHundred));
  }

  static Must contactsUpTo(int most) {
    return new Must("at most " + most + " contacts", w -> w.plan().contacts() <= most);
  }

  static Must allOf(WarmUpPart part, TargetMetric metric) {
    return new Must(
        part + " in " + metric,
        w ->
            w.plan().in(part).stream()
                .allMatch(i -> i.target().filter(t -> t.metric() == metric).isPresent()));
  }

  static Must ratesUpTo(int least, int most) {
    return new Must(
        "the highest rate " + least + " to " + most,
        w ->
            isBetween(
                w.plan().in(WarmUpPart.BUILD).stream()
                    .flatMap(i -> i.target().stream())
                    .mapToInt(t -> t.ratePerMinute())
                    .max()
                    .orElse(0),
                least,
                most));
  }

  static Must stepsUpTo(String drillId, double points) {
    return new Must(
        drillId + " up to " + points,
        w ->
            w.plan().in(WarmUpPart.BUILD).stream()
                .filter(i -> i.drillId().equals(drillId))
                .allMatch(i -> points(i) <= points));
  }

  /** Work a stroke is power over rate; of the race as it is raced at rate 30. */
  static Must workAStroke(double most) {
    return new Must(
        "work a stroke at most " + most + " of the race's",
        w -> {
          double race = last(w).target().orElseThrow().value() / 30;
          return w.plan().in(WarmUpPart.BUILD).stream()
              .flatMap(i -> i.target().stream())
              .allMatch(t -> t.value() / t.ratePerMinute() <= most * race);
        });
  }

  private static boolean isBetween(double value, double least, double most) {
    return value >= least && value <= most;
  }

  private static PlanItem last(WarmUp warmUp) {
    List<PlanItem> build = warmUp.plan().in(WarmUpPart.BUILD);
    return build.get(build.size() - 1);
  }

  private static double points(PlanItem item) {
    return item.target().map(t -> t.effort().points()).orElse(0.0);
  }

  private static Stream<PlanItem> items(WarmUp warmUp) {
    return warmUp.plan().items().stream();
  }

  private static Stream<Drill> drills(WarmUp warmUp) {
    Plan plan = warmUp.plan();
    return plan.items().stream().flatMap(i -> plan.drill(i).stream());
  }

  private static Stream<Finding> findings(WarmUp warmUp) {
    return warmUp.findings().stream();
  }
}
