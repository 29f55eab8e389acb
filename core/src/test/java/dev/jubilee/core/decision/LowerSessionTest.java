package dev.jubilee.core.decision;

import static org.assertj.core.api.Assertions.assertThat;

import dev.jubilee.core.Scenarios;
import dev.jubilee.core.athlete.Athlete;
import dev.jubilee.core.intensity.Anchors;
import dev.jubilee.core.library.BuiltInLibrary;
import dev.jubilee.core.plan.Plan;
import dev.jubilee.core.plan.PlanSource;
import dev.jubilee.core.plan.PrescriptionRequest;
import dev.jubilee.core.profile.Profiles;
import dev.jubilee.core.session.Session;
import dev.jubilee.core.session.SessionKind;
import dev.jubilee.core.shorthand.ParseResult;
import dev.jubilee.core.shorthand.Shorthand;
import dev.jubilee.core.shorthand.Timeline;
import dev.jubilee.core.sport.Level;
import dev.jubilee.core.sport.Sport;
import java.io.IOException;
import java.io.InputStream;
import java.nio.charset.StandardCharsets;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import org.junit.jupiter.api.Test;

/** What takes a session's place is read back by the same reader, and asks less in every way. */
class LowerSessionTest {
  /** A second of pace and a watt are what a figure is rounded by. */
  private static final int ROUNDING = 1;

  @Test
  void whateverWasWrittenItIsLessAndSlowerAndCanBeRead() throws IOException {
    List<String> broken = new ArrayList<>();
    int lowered = 0;
    for (String line : corpus()) {
      String[] parts = line.split("\\|", -1);
      Sport sport = Sport.valueOf(parts[0].strip());
      String words = parts[1].strip();
      ParseResult read = Shorthand.read(words, sport);
      if (!read.isWhole() || read.outline().steps().isEmpty()) {
        continue;
      }
      for (Athlete athlete :
          List.of(Scenarios.athlete(Level.INTERMEDIATE), Scenarios.withoutResults(Level.NOVICE))) {
        Optional<String> lower = lower(athlete, Told.session(words, sport));
        if (lower.isPresent()) {
          lowered++;
          judge(athlete, Told.session(words, sport), lower.get(), broken);
        }
      }
    }
    assertThat(broken).isEmpty();
    assertThat(lowered).as("sessions that were lowered").isGreaterThan(300);
  }

  private static void judge(Athlete athlete, Session was, String lower, List<String> broken) {
    String line = was.sport() + " " + was.title() + " → " + lower;
    ParseResult read = Shorthand.read(lower, was.sport());
    if (!read.isWhole()) {
      broken.add(line + ": cannot be read: " + read.faults());
      return;
    }
    Session is = Told.session(lower, was.sport());
    Anchors anchors =
        PlanSource.anchors(
            PrescriptionRequest.of(
                athlete, was, Scenarios.at(Profiles.of(was.sport()).place(), 40)));
    List<Timeline.Stretch> before = stretches(was, anchors);
    List<Timeline.Stretch> after = stretches(is, anchors);
    if (peak(after) > peak(before) + ROUNDING) {
      broken.add(line + ": harder, " + peak(before) + " to " + peak(after));
    }
    if (was.kind().isHard() && !was.kind().isSprinted() && hard(after) > hard(before)) {
      broken.add(line + ": more of it, " + hard(before) + " to " + hard(after) + " s");
    }
    if (lower.equals(was.title())) {
      broken.add(line + ": the same");
    }
  }

  private static Optional<String> lower(Athlete athlete, Session session) {
    PrescriptionRequest request =
        PrescriptionRequest.of(
            athlete, session, Scenarios.at(Profiles.of(session.sport()).place(), 40));
    PlanSource source = new PlanSource(request, List.of(), BuiltInLibrary.get());
    Plan plan = source.plan();
    return LowerSession.of(new Situation(plan, Checkpoint.LAST_EFFORT, List.of()));
  }

  private static List<Timeline.Stretch> stretches(Session session, Anchors anchors) {
    SessionKind kind = session.kind();
    return Timeline.of(Shorthand.read(session.title(), session.sport()).outline(), kind, anchors)
        .stream()
        .filter(s -> !s.isRest())
        .toList();
  }

  private static int peak(List<Timeline.Stretch> stretches) {
    return stretches.stream().mapToInt(Timeline.Stretch::effort).max().orElse(0);
  }

  private static int hard(List<Timeline.Stretch> stretches) {
    return stretches.stream()
        .filter(s -> s.effort() > 60)
        .mapToInt(Timeline.Stretch::seconds)
        .sum();
  }

  private static List<String> corpus() throws IOException {
    try (InputStream in = LowerSessionTest.class.getResourceAsStream("/shorthand/corpus.txt")) {
      return new String(in.readAllBytes(), StandardCharsets.UTF_8)
          .lines()
          .filter(l -> l.contains("|") && !l.startsWith("#"))
          .toList();
    }
  }
}
