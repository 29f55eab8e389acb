package dev.jubilee.core.demand;

import dev.jubilee.core.athlete.Athlete;
import dev.jubilee.core.circumstances.Circumstances;
import dev.jubilee.core.circumstances.CircumstancesBuilder;
import dev.jubilee.core.circumstances.Conditions;
import dev.jubilee.core.circumstances.ConditionsBuilder;
import dev.jubilee.core.circumstances.Place;
import dev.jubilee.core.drill.Kit;
import dev.jubilee.core.session.Session;
import dev.jubilee.core.session.SessionKind;
import java.util.EnumSet;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.stream.IntStream;

/**
 * Moves a warm-up indoors where weather, air or ground forbid it outdoors, so that no plan is ever
 * computed for a place where no one should be. The limits are published (wind chill, Environment
 * Canada; heat index, US NWS; air quality index, US EPA); what follows from them is common
 * practice.
 */
public final class Shelter {
  /** Range of usual room temperatures, °C; common practice. */
  private static final int COOL_ROOM = 16;

  private static final int WARM_ROOM = 26;

  /** Slippery ground is icy up to this, °C; common practice. */
  private static final int MAY_FREEZE = 3;

  private Shelter() {}

  /**
   * The circumstances under which the warm-up can be done.
   *
   * @return the same where nothing forbids them
   */
  public static Circumstances sheltered(Circumstances said, Athlete athlete, Session session) {
    boolean isForbidden = said.isAnywhere(here -> isForbidden(here, athlete, session));
    return isForbidden ? indoors(said) : said;
  }

  private static boolean isForbidden(Circumstances here, Athlete athlete, Session session) {
    boolean isBadAir =
        here.place().isOutdoors()
            && here.isAirAbove(Circumstances.UNHEALTHY_FOR_SOME)
            && HealthRules.isSensitiveToAir(athlete);
    return here.isUnsafe() || isBadAir || isTooSlippery(here, session);
  }

  /** On mud or ice, nothing faster than a walk; on ice, no riding and no launching a boat. */
  private static boolean isTooSlippery(Circumstances here, Session session) {
    boolean isSlippery =
        here.place().isOutdoors() && here.conditions().surface() == Conditions.Surface.SLIPPERY;
    return isSlippery && (isOnFoot(session) || here.temperature() <= MAY_FREEZE);
  }

  private static boolean isOnFoot(Session session) {
    boolean isRun = session.sport().isOnFoot() && session.kind() != SessionKind.GYM;
    return isRun || session.kind() == SessionKind.JUMPS;
  }

  /** In the place indoors that is at hand, with what can be carried there. */
  private static Circumstances indoors(Circumstances said) {
    Optional<Circumstances> stage =
        IntStream.rangeClosed(0, said.lastStage())
            .map(i -> said.lastStage() - i)
            .mapToObj(said::at)
            .filter(here -> !here.place().isOutdoors())
            .findFirst();
    Place place = stage.map(Circumstances::place).orElse(said.place().nearestIndoors());
    Set<Kit> kit = EnumSet.of(Kit.SUPPORT);
    kit.addAll(stage.map(Circumstances::kit).orElse(said.kit()));
    // The storm clears the pool as well.
    kit.remove(Kit.POOL);
    int temperature =
        place == said.place()
            ? said.temperature()
            : Math.max(COOL_ROOM, Math.min(WARM_ROOM, said.temperature()));
    return CircumstancesBuilder.builder(said)
        .place(place)
        .kit(kit)
        .temperature(temperature)
        .earlier(List.of())
        .conditions(
            ConditionsBuilder.builder(said.conditions())
                .wind(0)
                .wet(false)
                .surface(Conditions.Surface.FIRM)
                .lane(place == said.place() ? said.conditions().lane() : Optional.empty())
                .humidity(Optional.empty())
                .thunder(false)
                .airQuality(Optional.empty())
                .gradient(0)
                .water(Optional.empty())
                .wetsuit(false)
                .build())
        .movedFrom(Optional.of(said))
        .build();
  }
}
