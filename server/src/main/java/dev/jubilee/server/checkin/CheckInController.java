package dev.jubilee.server.checkin;

import dev.jubilee.server.checkin.CheckIns.Standing;
import dev.jubilee.server.checkin.CheckIns.TakenAtOnce;
import dev.jubilee.server.prescription.PlanView;
import dev.jubilee.server.prescription.Previews;
import dev.jubilee.server.problem.Limits;
import dev.jubilee.server.signin.SignedIn;
import jakarta.validation.Valid;
import jakarta.validation.constraints.NotNull;
import jakarta.validation.constraints.Size;
import java.time.Instant;
import java.time.LocalDate;
import java.util.List;
import java.util.UUID;
import org.springframework.format.annotation.DateTimeFormat;
import org.springframework.security.core.annotation.AuthenticationPrincipal;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.RestController;

/** Checking in without signing in, and what a coach makes of it. */
@RestController
@RequestMapping("/api")
class CheckInController {

  /**
   * A check-in as a device sends it.
   *
   * @param id made by the device, so that what is sent twice counts once
   * @param toldAt ms since the epoch by its clock
   */
  record CheckInToTell(@NotNull UUID id, long toldAt, @NotNull @Valid CheckInInput answers) {}

  /** What is taken over of it. */
  record ChangesToTake(
      int baseRevision, @NotNull @Size(max = 200) List<@NotNull @Valid ChangeView> changes) {}

  /** What is looked at before it is taken over. */
  record ChangesToTry(@NotNull @Size(max = 200) List<@NotNull @Valid ChangeView> changes) {}

  /** Several at once. */
  record CheckInsToTake(@NotNull @Size(max = 200) List<@NotNull UUID> ids) {}

  /**
   * What changes make of a plan.
   *
   * @param together of all of them
   * @param each of each alone
   */
  record DifferencesView(List<String> together, List<List<String>> each, PlanView after) {
    static DifferencesView of(Previews.Differences differences) {
      return new DifferencesView(
          differences.together(), differences.each(), PlanView.of(differences.after()));
    }
  }

  private final CheckIns checkIns;

  CheckInController(CheckIns checkIns) {
    this.checkIns = checkIns;
  }

  @PostMapping("/follow/{token}/check-in")
  Standing checkIn(@PathVariable String token, @Valid @RequestBody CheckInToTell told) {
    return checkIns.tell(
        token, told.id(), Instant.ofEpochMilli(told.toldAt()), told.answers().toCore());
  }

  @GetMapping("/follow/{token}/check-in")
  Standing ownCheckIn(@PathVariable String token) {
    return checkIns.standing(token);
  }

  @GetMapping("/check-ins")
  List<CheckInView> listCheckIns(
      @AuthenticationPrincipal SignedIn coach,
      @RequestParam @DateTimeFormat(iso = DateTimeFormat.ISO.DATE) LocalDate date) {
    Limits.within("date", date);
    return checkIns.of(coach.clubId(), date);
  }

  @PostMapping("/check-ins/{id}/differences")
  DifferencesView checkInDifferences(
      @AuthenticationPrincipal SignedIn coach,
      @PathVariable UUID id,
      @Valid @RequestBody ChangesToTry changes) {
    return DifferencesView.of(
        checkIns.differences(id, changes.changes().stream().map(ChangeView::toCore).toList()));
  }

  @PostMapping("/check-ins/{id}/take")
  CheckInView takeCheckIn(
      @AuthenticationPrincipal SignedIn coach,
      @PathVariable UUID id,
      @Valid @RequestBody ChangesToTake taken) {
    return checkIns.take(
        coach, id, taken.baseRevision(), taken.changes().stream().map(ChangeView::toCore).toList());
  }

  @PostMapping("/check-ins/take")
  List<TakenAtOnce> takeCheckIns(
      @AuthenticationPrincipal SignedIn coach, @Valid @RequestBody CheckInsToTake several) {
    return checkIns.takeAll(coach, several.ids());
  }

  @PostMapping("/check-ins/{id}/refuse")
  CheckInView refuseCheckIn(@AuthenticationPrincipal SignedIn coach, @PathVariable UUID id) {
    return checkIns.refuse(coach, id);
  }

  @PostMapping("/check-ins/{id}/release")
  CheckInView releaseCheckIn(@AuthenticationPrincipal SignedIn coach, @PathVariable UUID id) {
    return checkIns.release(coach, id);
  }
}
