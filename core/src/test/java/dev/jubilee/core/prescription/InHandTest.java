package dev.jubilee.core.prescription;

import static org.assertj.core.api.Assertions.assertThat;

import dev.jubilee.core.drill.WarmUpPart;
import dev.jubilee.core.edit.InHand;
import dev.jubilee.core.edit.InHand.Left;
import dev.jubilee.core.edit.PlanEditor;
import dev.jubilee.core.intensity.Target;
import dev.jubilee.core.library.BuiltInLibrary;
import dev.jubilee.core.plan.Plan;
import dev.jubilee.core.plan.PlanItem;
import dev.jubilee.core.plan.PlanSource;
import dev.jubilee.core.plan.PrescriptionRequest;
import java.util.List;
import java.util.Optional;
import java.util.Random;
import org.junit.jupiter.api.Test;

/** What is at hand when a warm-up runs, whoever does it, wherever, before whatever. */
class InHandTest {
  private static final int REQUESTS = 250;

  /** Changes of position differ where other drills follow, s. */
  private static final int CHANGES = 20;

  @Test
  void whatIsLeftWhenMinutesAreLostFitsAndAsksForNothingHarder() {
    Random random = new Random(15);
    Anybody anybody = new Anybody(random);
    int computed = 0;
    int nothingLeft = 0;
    int fits = 0;
    for (int i = 0; i < REQUESTS; i++) {
      PrescriptionRequest request = anybody.request();
      PlanSource source = source(request);
      Plan plan = source.plan();
      List<Integer> begins = InHand.partsBegin(plan);
      int from = begins.get(random.nextInt(begins.size()));
      for (int lost : InHand.MINUTES_LOST) {
        Optional<Left> left = InHand.late(source, from, lost);
        if (left.isEmpty()) {
          nothingLeft++;
          continue;
        }
        computed++;
        List<PlanItem> items = left.get().items();
        String what =
            lost
                + " min lost before "
                + from
                + " of "
                + plan.items().stream().map(x -> x.block() + " " + x.seconds()).toList()
                + ", left "
                + items.stream().map(x -> x.block() + " " + x.seconds()).toList()
                + ", "
                + request;
        int remained =
            plan.items().subList(from, plan.items().size()).stream()
                .mapToInt(PlanItem::seconds)
                .sum();
        assertThat(left.get().seconds()).as(what).isLessThanOrEqualTo(remained);
        // A wait that was asked for is never shortened, whoever is late.
        boolean waits = request.circumstances().conditions().waitMinutes() > 0;
        boolean fit = left.get().seconds() <= remained - 60 * lost + CHANGES;
        assertThat(waits || fit || isLeast(items)).as(what).isTrue();
        fits += fit ? 1 : 0;
        assertThat(items).as(what).isNotEmpty();
        assertThat(top(items)).as(what).isLessThanOrEqualTo(top(plan.items()) * 1.02);
        List<String> past = plan.items().subList(0, from).stream().map(PlanItem::id).toList();
        assertThat(items).as(what).noneMatch(x -> past.contains(x.id()));
        assertThat(transitions(items)).as(what).isLessThanOrEqualTo(transitions(plan.items()));
        List<String> names = items.stream().map(PlanItem::name).toList();
        assertThat(left.get().dropped()).as(what).noneMatch(names::contains);
      }
    }
    System.out.printf(
        "what is left: %d computed, %d of them fit, %d without enough time%n",
        computed, fits, nothingLeft);
    assertThat(computed).isGreaterThan(REQUESTS);
  }

  @Test
  void anotherRungTakesAboutTheSameTimeAndIsOfTheSameLadder() {
    Anybody anybody = new Anybody(new Random(16));
    int rungs = 0;
    for (int i = 0; i < REQUESTS; i++) {
      PrescriptionRequest request = anybody.request();
      Plan plan = source(request).plan();
      PlanEditor editor = new PlanEditor(plan.library());
      for (PlanItem item : plan.items()) {
        Optional<PlanItem> easier = InHand.easier(plan, item, editor);
        Optional<PlanItem> harder = InHand.harder(plan, item, editor);
        for (PlanItem other : List.of(easier, harder).stream().flatMap(Optional::stream).toList()) {
          rungs++;
          String what = request + ": " + item.name() + " for " + other.name();
          assertThat(other.block()).as(what).isEqualTo(item.block());
          assertThat(plan.library().require(other.drillId()).group())
              .as(what)
              .isEqualTo(plan.library().require(item.drillId()).group());
          assertThat(other.seconds()).as(what).isBetween(item.seconds() / 3, 3 * item.seconds());
        }
      }
    }
    assertThat(rungs).isGreaterThan(REQUESTS);
  }

  /** A start that slips is topped up for within the time that there is. */
  @Test
  void aTopUpFitsUntilTheStart() {
    Anybody anybody = new Anybody(new Random(17));
    int computed = 0;
    for (int i = 0; i < REQUESTS / 4; i++) {
      PrescriptionRequest request = anybody.request();
      PlanSource source = source(request);
      for (int minutes : InHand.MINUTES_SLIPPED) {
        Optional<List<PlanItem>> topUp = InHand.topUp(source, minutes);
        if (topUp.isEmpty()) {
          continue;
        }
        computed++;
        String what = minutes + " min after " + request;
        int seconds = topUp.get().stream().mapToInt(PlanItem::seconds).sum();
        assertThat(seconds).as(what).isBetween(1, 60 * minutes);
      }
    }
    assertThat(computed).isGreaterThan(REQUESTS / 2);
  }

  private static PlanSource source(PrescriptionRequest request) {
    return PlanSource.of(new Prescriber(BuiltInLibrary.get()).prescribe(request));
  }

  /** Nothing is left that could be left out: the way to the start, one effort. */
  private static boolean isLeast(List<PlanItem> items) {
    return items.stream().filter(i -> i.block() != WarmUpPart.TRANSITION).count() <= 1;
  }

  private static long transitions(List<PlanItem> items) {
    return items.stream().filter(i -> i.block() == WarmUpPart.TRANSITION).count();
  }

  private static double top(List<PlanItem> items) {
    return items.stream()
        .flatMap(i -> i.target().map(Target::effort).stream())
        .mapToDouble(e -> e.points())
        .max()
        .orElse(0);
  }
}
