package dev.jubilee.core.prescription;

import dev.jubilee.core.approach.Approach;
import dev.jubilee.core.athlete.Restriction;
import dev.jubilee.core.choice.DrillMenu;
import dev.jubilee.core.choice.LockedItems;
import dev.jubilee.core.demand.Demand;
import dev.jubilee.core.demand.HealthRules;
import dev.jubilee.core.drill.Dose;
import dev.jubilee.core.drill.Drill;
import dev.jubilee.core.drill.DrillLibrary;
import dev.jubilee.core.drill.WarmUpPart;
import dev.jubilee.core.plan.DosedDrill;
import dev.jubilee.core.plan.PrescriptionRequest;
import dev.jubilee.core.selection.Menu;
import java.util.ArrayList;
import java.util.EnumMap;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Set;

/**
 * What there is to choose from between raise and build, and how much time each part gets.
 *
 * @param locked what the coach has fixed
 * @param skeleton raise, build and transition
 * @param possible drills that the request allows here
 */
record DrillRoom(
    DrillLibrary library,
    PrescriptionRequest request,
    Demand demand,
    LockedItems locked,
    Skeleton skeleton,
    List<Drill> possible) {
  /** Rolling first, s; common practice is 30 s a side and muscle. */
  private static final int ROLLING = 150;

  /** Rolling what is sore, s; common practice is 30 s a side and muscle. */
  private static final int RELEASE_OF_WHAT_IS_SORE = 75;

  /** Share of its ideal below which a part counts as short; Jubilee modelling choice. */
  private static final double LEAST_OF_IDEAL = 0.3;

  /** Drills beside raise, build and waiting: at most six things in all; common practice. */
  private static final int OF_A_CHILD = 3;

  /** Most drills: many of them and few efforts are a common fault, and children listen to few. */
  private int most() {
    int efforts =
        (int) skeleton.items().stream().filter(i -> i.block() == WarmUpPart.BUILD).count();
    int most = efforts == 0 ? Integer.MAX_VALUE : Demand.mostDrills(efforts, request.approach());
    return request.athlete().isChild() ? Math.min(OF_A_CHILD, most) : most;
  }

  /** The choice among drills; parameters as in {@link Draft#menu}. */
  DrillMenu menu(int seconds, Set<String> withoutRoom) {
    List<DosedDrill> required = new ArrayList<>(locked.fixed(library));
    List<Drill> open = locked.open(library, possible);
    Set<String> taken = new HashSet<>();
    required.forEach(part -> taken.add(part.drill().id()));
    open.forEach(drill -> taken.add(drill.group()));
    List<Drill> candidates = new ArrayList<>();
    possible.stream()
        .filter(d -> !taken.contains(d.id()) && !taken.contains(d.group()))
        .forEach(candidates::add);
    Set<String> lockedOpen = new HashSet<>();
    for (Drill drill : open) {
      if (withoutRoom.contains(drill.id())) {
        required.add(new DosedDrill(drill, drill.usual().withAmount(drill.least())));
      } else {
        candidates.add(drill);
        lockedOpen.add(drill.id());
      }
    }
    candidates.replaceAll(d -> heldAsLikedBy(request.approach(), fittedToLane(d, request)));
    return new DrillMenu(
        request,
        demand,
        library,
        skeleton.layout(),
        candidates,
        required,
        lockedOpen,
        seconds,
        Math.max(0, demand.contacts() - skeleton.contacts()),
        most(),
        rooms(seconds));
  }

  private Map<WarmUpPart, Menu.Room> rooms(int seconds) {
    double share = Math.min(1, (double) seconds / Math.max(1, demand.menuTotal()));
    Map<WarmUpPart, Menu.Room> rooms = new EnumMap<>(WarmUpPart.class);
    for (WarmUpPart block : WarmUpPart.CHOSEN) {
      int ideal = demand.menuSeconds().getOrDefault(block, 0);
      // A little more than its ideal, where another block asks for less.
      int most = ideal * 5 / 4;
      // Drills are there for what they rehearse, never to fill their time.
      int least = block == WarmUpPart.DRILL ? 0 : (int) (LEAST_OF_IDEAL * share * ideal);
      rooms.put(block, new Menu.Room(least, most));
    }
    boolean isSore =
        request.athlete().restrictions().stream()
            .anyMatch(r -> r.severity() == Restriction.Severity.SORE);
    boolean isSession = !HealthRules.isWithoutSession(request.athlete());
    if (isSore && isSession && request.session().kind().isHard()) {
      rooms.put(WarmUpPart.RELEASE, new Menu.Room(0, RELEASE_OF_WHAT_IS_SORE));
    }
    if (request.approach().first() == Approach.First.ROLLING && seconds > 2 * ROLLING) {
      rooms.put(WarmUpPart.RELEASE, new Menu.Room(ROLLING / 2, ROLLING));
    }
    return rooms;
  }

  /** A school of long holds holds longer, though never so long that it costs performance. */
  private static Drill heldAsLikedBy(Approach approach, Drill drill) {
    boolean isLong =
        approach.holds() == Approach.Holds.LONG
            && drill.block() == WarmUpPart.MOBILISE
            && drill.isHeld();
    return isLong
        ? drill.usually(drill.usual().withAmount(approach.holds().seconds()), drill.most())
        : drill;
  }

  /** A travelling drill in a shorter lane goes more lengths. */
  private static Drill fittedToLane(Drill drill, PrescriptionRequest request) {
    if (!(drill.usual() instanceof Dose.Lengths lengths)) {
      return drill;
    }
    Dose.Lengths fitted = lengths.fittedTo(request.circumstances().lane());
    if (fitted.equals(lengths)) {
      return drill;
    }
    int factor = Math.max(1, fitted.lengths() / lengths.lengths());
    return drill.usually(fitted, drill.most() * factor);
  }
}
