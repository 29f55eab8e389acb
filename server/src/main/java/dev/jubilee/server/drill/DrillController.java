package dev.jubilee.server.drill;

import dev.jubilee.core.choice.RegionRules;
import dev.jubilee.core.circumstances.Place;
import dev.jubilee.core.drill.Drill;
import dev.jubilee.core.drill.DrillLibrary;
import dev.jubilee.core.drill.Kit;
import dev.jubilee.core.drill.Need;
import dev.jubilee.core.drill.Position;
import dev.jubilee.core.drill.WarmUpPart;
import dev.jubilee.core.profile.Profiles;
import dev.jubilee.core.quantity.Phrase;
import dev.jubilee.core.sport.BodyRegion;
import dev.jubilee.core.sport.Level;
import dev.jubilee.core.sport.Sport;
import dev.jubilee.server.signin.SignedIn;
import io.swagger.v3.oas.annotations.media.Schema;
import java.util.Arrays;
import java.util.EnumMap;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.stream.Stream;
import org.springframework.http.MediaType;
import org.springframework.security.core.annotation.AuthenticationPrincipal;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.RestController;

/** The drill library, a club's own drills, and what is usually found where. */
@RestController
@RequestMapping("/api")
class DrillController {
  /** A drill as one looks for it. */
  record DrillSummary(
      String id, String name, List<String> aliases, WarmUpPart block, Set<Sport> sports) {}

  /**
   * A drill with all that is known of it.
   *
   * @param ladder the ladder it is on, or null
   * @param step its rung, 1 the easiest; 0 when on none
   * @param serves what it is for, the strongest first
   * @param holdSeconds how long a position is held, 0 when it moves
   * @param own whether it is the club's
   * @param archived whether the club has put it away
   */
  record DrillView(
      String id,
      String name,
      List<String> aliases,
      @Schema(nullable = true) String ladder,
      int step,
      WarmUpPart block,
      Set<Sport> sports,
      Level level,
      Position position,
      List<Kit> kit,
      int effort,
      List<String> serves,
      List<BodyRegion> notWhenSore,
      boolean contacts,
      int holdSeconds,
      boolean wetSafe,
      Phrase dose,
      int seconds,
      List<String> steps,
      List<String> cues,
      String fault,
      String caution,
      boolean own,
      boolean archived) {}

  /** What was imported. */
  record Imported(List<String> drillIds) {}

  /** A drill of the club that cannot be read, and why. */
  record SetAside(String drillId, List<String> faults) {}

  /** A place, its usual kit, and the sports whose sessions are there unless said otherwise. */
  record PlaceInfo(Place place, Map<Sport, List<Kit>> usualKit, List<Sport> usualFor) {}

  private final Libraries libraries;

  DrillController(Libraries libraries) {
    this.libraries = libraries;
  }

  @GetMapping("/drills")
  List<DrillSummary> listDrills(@AuthenticationPrincipal SignedIn coach) {
    return libraries.of(coach.clubId()).drills().stream().map(DrillController::summary).toList();
  }

  @GetMapping("/library")
  List<DrillView> listLibrary(@AuthenticationPrincipal SignedIn coach) {
    DrillLibrary library = libraries.of(coach.clubId());
    Map<String, Boolean> own = libraries.ownDrills();
    List<Drill> away =
        own.keySet().stream().filter(own::get).flatMap(id -> library.find(id).stream()).toList();
    return Stream.concat(library.drills().stream(), away.stream()).map(d -> view(d, own)).toList();
  }

  /** The club's drills that cannot be read any more; importing one again mends it. */
  @GetMapping("/library/set-aside")
  List<SetAside> listSetAside(@AuthenticationPrincipal SignedIn coach) {
    return libraries.setAside(coach.clubId()).entrySet().stream()
        .map(e -> new SetAside(e.getKey(), e.getValue()))
        .toList();
  }

  /** One drill in the form that {@link #importDrills} accepts. */
  @GetMapping(value = "/library/{drillId}/form", produces = MediaType.APPLICATION_JSON_VALUE)
  String getDrillForm(@AuthenticationPrincipal SignedIn coach, @PathVariable String drillId) {
    return libraries.form(coach.clubId(), drillId);
  }

  /** Imports the club's own drills from a JSON array, all or none. */
  @PostMapping(value = "/library", consumes = MediaType.APPLICATION_JSON_VALUE)
  Imported importDrills(@AuthenticationPrincipal SignedIn coach, @RequestBody String drills) {
    return new Imported(libraries.importDrills(coach.clubId(), "import", drills));
  }

  @PostMapping("/library/{drillId}/archive")
  void archiveDrill(
      @AuthenticationPrincipal SignedIn coach,
      @PathVariable String drillId,
      @RequestParam boolean away) {
    libraries.archive(coach.clubId(), drillId, away);
  }

  /** The whole library as a JSON array; {@code own} leaves out what ships with Jubilee. */
  @GetMapping(value = "/library/export", produces = MediaType.APPLICATION_JSON_VALUE)
  String exportLibrary(@AuthenticationPrincipal SignedIn coach, @RequestParam boolean own) {
    return libraries.export(coach.clubId(), own);
  }

  @GetMapping("/places")
  List<PlaceInfo> listPlaces() {
    return Arrays.stream(Place.values())
        .map(
            place ->
                new PlaceInfo(
                    place,
                    kit(place),
                    Arrays.stream(Sport.values())
                        .filter(s -> Profiles.of(s).place() == place)
                        .toList()))
        .toList();
  }

  private static Map<Sport, List<Kit>> kit(Place place) {
    Map<Sport, List<Kit>> kit = new EnumMap<>(Sport.class);
    for (Sport sport : Sport.values()) {
      kit.put(sport, Profiles.kitAt(place, sport).stream().sorted().toList());
    }
    return kit;
  }

  private static DrillSummary summary(Drill d) {
    return new DrillSummary(d.id(), d.name(), d.aliases(), d.block(), d.suits().keySet());
  }

  private static DrillView view(Drill d, Map<String, Boolean> own) {
    return new DrillView(
        d.id(),
        d.name(),
        d.aliases(),
        d.rung().map(Drill.Rung::ladder).orElse(null),
        d.rung().map(Drill.Rung::step).orElse(0),
        d.block(),
        d.suits().keySet(),
        d.level(),
        d.position(),
        d.kit().stream().sorted().toList(),
        d.effort(),
        d.serves().entrySet().stream()
            .sorted(Map.Entry.<Need, Double>comparingByValue().reversed())
            .map(e -> e.getKey().words())
            .toList(),
        RegionRules.notWhenSore(d),
        d.contacts() > 0,
        d.holdSeconds(),
        d.wetSafe(),
        d.usual().words(),
        d.usual().seconds(),
        d.steps(),
        d.cues(),
        d.fault(),
        d.caution(),
        own.containsKey(d.id()),
        own.getOrDefault(d.id(), false));
  }
}
