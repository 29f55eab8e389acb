package dev.jubilee.server.drill;

import dev.jubilee.core.drill.Block;
import dev.jubilee.core.drill.Drill;
import dev.jubilee.core.drill.DrillLibrary;
import dev.jubilee.core.drill.Kit;
import dev.jubilee.core.session.Place;
import dev.jubilee.core.sport.Sport;
import java.util.Arrays;
import java.util.List;
import java.util.Set;
import org.springframework.context.annotation.Bean;
import org.springframework.context.annotation.Configuration;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RestController;

/** The drill library and what is usually found where. */
@RestController
@RequestMapping("/api")
class DrillController {

  /** A drill as one looks for it. */
  record DrillSummary(
      String id, String name, List<String> aliases, Block block, Set<Sport> sports) {}

  /** A place and its usual kit. */
  record PlaceInfo(Place place, List<Kit> usualKit) {}

  private final DrillLibrary library;

  DrillController(DrillLibrary library) {
    this.library = library;
  }

  @GetMapping("/drills")
  List<DrillSummary> listDrills() {
    return library.drills().stream().map(DrillController::summary).toList();
  }

  @GetMapping("/places")
  List<PlaceInfo> listPlaces() {
    return Arrays.stream(Place.values())
        .map(p -> new PlaceInfo(p, p.usualKit().stream().sorted().toList()))
        .toList();
  }

  private static DrillSummary summary(Drill d) {
    return new DrillSummary(d.id(), d.name(), d.aliases(), d.block(), d.suits().keySet());
  }

  /** One library for the whole server. */
  @Configuration
  static class LibraryConfiguration {
    @Bean
    DrillLibrary library() {
      return DrillLibrary.builtIn();
    }
  }
}
