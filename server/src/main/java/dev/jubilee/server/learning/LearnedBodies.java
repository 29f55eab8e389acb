package dev.jubilee.server.learning;

import dev.jubilee.core.learning.LearnedBody;
import dev.jubilee.server.record.Kept;
import dev.jubilee.server.record.Records;
import java.util.List;

/** What records say of a body, as people see it. */
final class LearnedBodies {
  private static final double LOW = (1 - LearnedBody.BAND) / 2;

  private LearnedBodies() {}

  static LearnedBody of(List<Kept> records) {
    return Records.body(records);
  }

  static AthletePageView.LearnedBodyView view(LearnedBody body) {
    return new AthletePageView.LearnedBodyView(
        body.moments(),
        body.sooner(),
        body.jacketOff(),
        body.warming().quantile(LOW),
        body.warming().median(),
        body.warming().quantile(1 - LOW),
        body.held(),
        body.hearts(),
        body.lag().median(),
        body.level().median(),
        body.steps().stream()
            .map(
                s ->
                    new AthletePageView.BodyStep(
                        s.factor(), s.low(), s.middle(), s.high(), s.isHeld()))
            .toList());
  }
}
