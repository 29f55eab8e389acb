package dev.jubilee.server.prescription;

import static org.assertj.core.api.Assertions.assertThat;

import dev.jubilee.core.athlete.Athlete;
import dev.jubilee.core.athlete.Restriction;
import dev.jubilee.core.athlete.Restriction.Severity;
import dev.jubilee.core.circumstances.Circumstances;
import dev.jubilee.core.circumstances.ComingFrom;
import dev.jubilee.core.circumstances.Place;
import dev.jubilee.core.library.BuiltInLibrary;
import dev.jubilee.core.plan.PrescriptionRequest;
import dev.jubilee.core.session.Session;
import dev.jubilee.core.session.SessionKind;
import dev.jubilee.core.sport.BodyRegion;
import dev.jubilee.core.sport.Level;
import dev.jubilee.core.sport.Sport;
import dev.jubilee.core.warmup.GivenWarmUp;
import dev.jubilee.core.warmup.WarmUp;
import java.util.List;
import java.util.Set;
import org.junit.jupiter.api.Test;

class PlanViewTest {

  /** What is shown, on an athlete's phone too, offers no version that a sore place forbids. */
  @Test
  void noHarderVersionIsOfferedThanTheBodyAllows() {
    PlanView.ItemView sound = raise(List.of());
    PlanView.ItemView sore = raise(List.of(Restriction.both(BodyRegion.ACHILLES, Severity.SORE)));
    assertThat(sound.drillId()).isEqualTo("easy-jog");
    assertThat(sound.harder().name()).isEqualTo("Easy continuous running");
    assertThat(sore.drillId()).isEqualTo("walk");
    assertThat(sore.harder()).as("running, on the ladder above a walk").isNull();
  }

  private static PlanView.ItemView raise(List<Restriction> restrictions) {
    Athlete athlete = Athlete.of(Level.ADVANCED, 27).withRestrictions(restrictions);
    Session session = Session.of(Sport.RUN, SessionKind.THRESHOLD, "3 x 10 min threshold");
    Circumstances track = Circumstances.of(30, Place.TRACK, Set.of(), 15, ComingFrom.MOVING);
    PlanView view =
        PlanView.of(
            GivenWarmUp.of(
                WarmUp.prescribed(
                    PrescriptionRequest.of(athlete, session, track), BuiltInLibrary.get())));
    return view.items().get(0);
  }
}
