package dev.jubilee.bench.exact;

import dev.jubilee.core.athlete.Athlete;
import dev.jubilee.core.athlete.AthleteBuilder;
import dev.jubilee.core.athlete.Restriction;
import dev.jubilee.core.athlete.TestResult;
import dev.jubilee.core.circumstances.Circumstances;
import dev.jubilee.core.circumstances.ComingFrom;
import dev.jubilee.core.circumstances.Place;
import dev.jubilee.core.drill.Kit;
import dev.jubilee.core.library.BuiltInLibrary;
import dev.jubilee.core.plan.PrescriptionRequest;
import dev.jubilee.core.prescription.Prescriber;
import dev.jubilee.core.profile.Profiles;
import dev.jubilee.core.selection.Menu;
import dev.jubilee.core.session.Session;
import dev.jubilee.core.session.SessionKind;
import dev.jubilee.core.sport.BodyRegion;
import dev.jubilee.core.sport.Level;
import dev.jubilee.core.sport.Sport;
import java.time.Duration;
import java.util.ArrayList;
import java.util.EnumSet;
import java.util.List;
import java.util.Optional;
import java.util.Set;

/** Menus as the prescriber makes them, with the whole library and all kit at hand. */
public final class RealMenus {
  private RealMenus() {}

  /** The requests: every sport and kind of session, short and long, three levels. */
  public static List<PrescriptionRequest> requests() {
    List<PrescriptionRequest> requests = new ArrayList<>();
    for (Sport sport : Sport.values()) {
      for (SessionKind kind : SessionKind.values()) {
        if (!kind.isFor(sport)) {
          continue;
        }
        for (Level level : Level.values()) {
          for (int minutes : new int[] {8, 20, 45}) {
            requests.add(request(sport, kind, level, minutes));
          }
        }
      }
    }
    return requests;
  }

  /** The menus of {@link #requests()}. */
  public static List<Menu> menus() {
    Prescriber prescriber = new Prescriber(BuiltInLibrary.get());
    return requests().stream().map(prescriber::menu).toList();
  }

  /** A request with all kit at hand. */
  public static PrescriptionRequest request(
      Sport sport, SessionKind kind, Level level, int minutes) {
    Place place = Profiles.of(sport).place();
    Set<Kit> kit = EnumSet.of(Kit.MINI_BAND, Kit.LONG_BAND, Kit.ROLLER, Kit.SUPPORT, Kit.STEP);
    kit.addAll(place.usualKit());
    Athlete athlete =
        AthleteBuilder.builder(Athlete.of(level, 30))
            .restingHeartRate(Optional.of(50))
            .maximumHeartRate(Optional.of(190))
            .results(
                List.of(
                    TestResult.RunRace.of(5000, Duration.ofMinutes(18)),
                    TestResult.RidePowerTest.of(372, 298),
                    TestResult.Row2k.of(Duration.ofSeconds(440)),
                    TestResult.SwimPair.of(Duration.ofSeconds(292), Duration.ofSeconds(138))))
            .restrictions(List.of(Restriction.both(BodyRegion.HIPS, Restriction.Severity.STIFF)))
            .build();
    return PrescriptionRequest.of(
        athlete,
        Session.of(sport, kind, kind.words()),
        Circumstances.of(minutes, place, kit, 8, ComingFrom.DESK));
  }
}
