package dev.jubilee.server.board;

import dev.jubilee.core.circumstances.Place;
import dev.jubilee.core.drill.Kit;
import dev.jubilee.core.quantity.Bounds;
import dev.jubilee.server.board.BoardView.CrossingView;
import dev.jubilee.server.board.BoardView.StockView;
import dev.jubilee.server.live.LiveLines;
import dev.jubilee.server.problem.Limits;
import dev.jubilee.server.signin.SignedIn;
import io.swagger.v3.oas.annotations.Hidden;
import jakarta.servlet.http.HttpServletResponse;
import jakarta.validation.Valid;
import jakarta.validation.constraints.NotNull;
import java.time.LocalDate;
import java.util.List;
import java.util.UUID;
import org.springframework.format.annotation.DateTimeFormat;
import org.springframework.http.MediaType;
import org.springframework.security.core.annotation.AuthenticationPrincipal;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PutMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.RestController;
import org.springframework.web.servlet.mvc.method.annotation.SseEmitter;

/** The board of the day. */
@RestController
@RequestMapping("/api/board")
class BoardController {
  /** min */
  private static final int DAY = 24 * 60;

  /** Kit of a place as it is counted; 0 forgets it. */
  record Counted(@NotNull Place place, @NotNull Kit kit, int count) {}

  private final Boards boards;
  private final LiveLines lines;

  BoardController(Boards boards, LiveLines lines) {
    this.boards = boards;
    this.lines = lines;
  }

  @GetMapping
  BoardView board(
      @AuthenticationPrincipal SignedIn coach,
      @RequestParam @DateTimeFormat(iso = DateTimeFormat.ISO.DATE) LocalDate date,
      @RequestParam(defaultValue = "1") int coaches) {
    Limits.within("date", date);
    return boards.of(coach.clubId(), date, coaches);
  }

  /** For drawing while a start is dragged; nothing is changed. */
  @GetMapping("/crossings")
  List<CrossingView> crossingsIfShifted(
      @AuthenticationPrincipal SignedIn coach,
      @RequestParam @DateTimeFormat(iso = DateTimeFormat.ISO.DATE) LocalDate date,
      @RequestParam(defaultValue = "1") int coaches,
      @RequestParam UUID sessionId,
      @RequestParam int minutes) {
    Limits.within("date", date);
    Bounds.within("minutes", minutes, -DAY, DAY, "min");
    return boards.ifShifted(coach.clubId(), date, coaches, sessionId, minutes);
  }

  @PutMapping("/stock")
  List<StockView> countKit(
      @AuthenticationPrincipal SignedIn coach, @Valid @RequestBody Counted counted) {
    return boards.count(new StockView(counted.place(), counted.kit(), counted.count()));
  }

  @Hidden
  @GetMapping(path = "/live", produces = MediaType.TEXT_EVENT_STREAM_VALUE)
  SseEmitter boardLive(@AuthenticationPrincipal SignedIn coach, HttpServletResponse response) {
    // A proxy passes each event on as it comes.
    response.setHeader("X-Accel-Buffering", "no");
    return lines.open(BoardStates.NAME, coach.clubId(), coach.clubId());
  }
}
