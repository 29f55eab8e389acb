package dev.jubilee.server.learning;

import dev.jubilee.core.sport.Sport;
import dev.jubilee.server.record.Records;
import dev.jubilee.server.signin.SignedIn;
import jakarta.validation.Valid;
import java.util.List;
import java.util.UUID;
import org.springframework.security.core.annotation.AuthenticationPrincipal;
import org.springframework.web.bind.annotation.DeleteMapping;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RestController;

/** What records say of athletes. */
@RestController
@RequestMapping("/api")
class LearningController {
  private final AthletePages pages;
  private final RaceRoutines routines;
  private final Records records;

  LearningController(AthletePages pages, RaceRoutines routines, Records records) {
    this.records = records;
    this.pages = pages;
    this.routines = routines;
  }

  @GetMapping("/athletes/{id}/race-routines")
  List<RaceRoutines.RaceRoutineView> raceRoutines(
      @AuthenticationPrincipal SignedIn coach, @PathVariable UUID id) {
    return routines.of(id);
  }

  /** Freezes the best day before races and trials. */
  @PostMapping("/athletes/{id}/race-routines")
  List<RaceRoutines.RaceRoutineView> freezeRaceRoutine(
      @AuthenticationPrincipal SignedIn coach,
      @PathVariable UUID id,
      @Valid @RequestBody RaceRoutines.FreezeRequest request) {
    return routines.freeze(coach.clubId(), id, request);
  }

  @DeleteMapping("/athletes/{id}/race-routines/{sport}")
  List<RaceRoutines.RaceRoutineView> thawRaceRoutine(
      @AuthenticationPrincipal SignedIn coach, @PathVariable UUID id, @PathVariable Sport sport) {
    return routines.thaw(id, sport);
  }

  /** A warm-up before a race against its athlete's routine. */
  @GetMapping("/prescriptions/{id}/drift")
  RaceRoutines.AgainstRoutine againstRoutine(
      @AuthenticationPrincipal SignedIn coach, @PathVariable UUID id) {
    return routines.against(coach.clubId(), id);
  }

  @GetMapping("/athletes/{id}/page")
  AthletePageView athletePage(@AuthenticationPrincipal SignedIn coach, @PathVariable UUID id) {
    records.settle(coach.clubId(), id);
    return pages.of(coach.clubId(), id);
  }

  /** A plan against what its athlete is used to. */
  @GetMapping("/prescriptions/{id}/usual")
  AthletePageView.AgainstUsual againstUsual(
      @AuthenticationPrincipal SignedIn coach, @PathVariable UUID id) {
    return pages.against(coach.clubId(), id);
  }
}
