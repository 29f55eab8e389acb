package dev.jubilee.core.choice;

import static org.assertj.core.api.Assertions.assertThat;

import dev.jubilee.core.drill.DrillLibrary;
import dev.jubilee.core.library.BuiltInLibrary;
import dev.jubilee.core.plan.SetUp;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Random;
import java.util.Set;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.RepeatedTest;
import org.junit.jupiter.api.RepetitionInfo;

/** The way through the set-ups against walking every order, with the library's own set-ups. */
class SetUpSequencerTest {
  private static final List<SetUp> SET_UPS =
      BuiltInLibrary.get().drills().stream()
          .map(SetUp::of)
          .filter(s -> s.posture() != SetUp.Posture.AT_THE_START)
          .distinct()
          .toList();

  private SetUpSequencer stages;

  /** Each part with what stands in it; −1 for what is there anyway. */
  private List<List<Integer>> parts;

  private List<SetUp> choices;
  private List<SetUp> fixed;

  @BeforeEach
  void layOut(RepetitionInfo repetition) {
    Random random = new Random(repetition.getCurrentRepetition());
    stages = new SetUpSequencer(SetUp::secondsTo);
    parts = new ArrayList<>();
    choices = new ArrayList<>();
    fixed = new ArrayList<>();
    for (int part = 0; part < 4; part++) {
      if (random.nextInt(3) == 0) {
        SetUp setUp = any(random);
        stages.fixed(setUp);
        parts.add(List.of(-1 - fixed.size()));
        fixed.add(setUp);
        continue;
      }
      List<SetUp> own = new ArrayList<>();
      for (int i = random.nextInt(4); i >= 0; i--) {
        SetUp setUp = any(random);
        if (!own.contains(setUp)) {
          own.add(setUp);
        }
      }
      int first = stages.open(own);
      List<Integer> indices = new ArrayList<>();
      for (int i = 0; i < own.size(); i++) {
        indices.add(first + i);
      }
      parts.add(indices);
      choices.addAll(own);
    }
    // A plan ends at the start, and nothing comes after it.
    SetUp start = new SetUp(SetUp.Posture.AT_THE_START, Set.of(), Set.of());
    stages.fixed(start);
    parts.add(List.of(-1 - fixed.size()));
    fixed.add(start);
  }

  @RepeatedTest(20)
  void everySetTakesWhatTheBestOfAllOrdersTakes() {
    int none = shortest(0);
    for (int set = 0; set < 1 << choices.size(); set++) {
      assertThat(stages.seconds(set)).isEqualTo(shortest(set) - none);
    }
  }

  @RepeatedTest(20)
  void aFurtherSetUpNeverTakesLessThanItsLeast() {
    for (int k = 0; k < choices.size(); k++) {
      for (int set = 0; set < 1 << choices.size(); set++) {
        int more = stages.seconds(set | 1 << k) - stages.seconds(set);
        assertThat(more).isNotNegative();
        if ((set & 1 << k) == 0) {
          assertThat(more).isGreaterThanOrEqualTo(stages.atLeast(k));
        }
      }
    }
  }

  @RepeatedTest(20)
  void theOrderGivenIsOneThatTakesTheLeast() {
    int all = (1 << choices.size()) - 1;
    int[][] noEffort = new int[choices.size()][2];
    List<Integer> order = stages.order(all, noEffort);
    assertThat(order).doesNotHaveDuplicates().hasSize(choices.size());
    int walked = 0;
    SetUp at = SetUp.ARRIVING;
    int next = 0;
    for (List<Integer> part : parts) {
      for (int i = 0; i < part.size(); i++) {
        SetUp to = part.get(0) < 0 ? fixed.get(-1 - part.get(0)) : choices.get(order.get(next++));
        walked += at.secondsTo(to);
        at = to;
      }
    }
    assertThat(walked - shortest(0)).isEqualTo(stages.seconds(all));
  }

  @RepeatedTest(1)
  void aWayRoundIsNeverShorterAtWhateverPace() {
    for (int percent = 50; percent <= 200; percent += 7) {
      DrillLibrary paced = BuiltInLibrary.get().paced(Map.of(), percent / 100.0);
      for (SetUp a : SET_UPS) {
        assertThat(paced.changing(a.secondsTo(a))).isZero();
        for (SetUp b : SET_UPS) {
          for (SetUp c : SET_UPS) {
            assertThat(paced.changing(a.secondsTo(b)) + paced.changing(b.secondsTo(c)))
                .isGreaterThanOrEqualTo(paced.changing(a.secondsTo(c)));
          }
        }
      }
    }
  }

  /** Seconds of the shortest way through a set, all orders walked. */
  private int shortest(int set) {
    return walk(0, new ArrayList<>(), set, SetUp.ARRIVING);
  }

  private int walk(int part, List<Integer> been, int set, SetUp at) {
    if (part == parts.size()) {
      return 0;
    }
    int best = Integer.MAX_VALUE;
    boolean isDone = true;
    for (int index : parts.get(part)) {
      if (index < 0 ? been.contains(index) : been.contains(index) || (set & 1 << index) == 0) {
        continue;
      }
      isDone = false;
      SetUp to = index < 0 ? fixed.get(-1 - index) : choices.get(index);
      List<Integer> now = new ArrayList<>(been);
      now.add(index);
      best = Math.min(best, at.secondsTo(to) + walk(part, now, set, to));
    }
    return isDone ? walk(part + 1, been, set, at) : best;
  }

  private static SetUp any(Random random) {
    return SET_UPS.get(random.nextInt(SET_UPS.size()));
  }
}
