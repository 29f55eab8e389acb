package dev.jubilee.server.block;

import dev.jubilee.core.quantity.OutOfRangeException;
import dev.jubilee.server.once.Once;
import dev.jubilee.server.signin.SignedIn;
import dev.jubilee.server.zone.ClubZones;
import jakarta.validation.Valid;
import jakarta.validation.constraints.NotNull;
import jakarta.validation.constraints.Size;
import java.util.List;
import java.util.Optional;
import java.util.UUID;
import org.springframework.http.HttpStatus;
import org.springframework.security.core.annotation.AuthenticationPrincipal;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.PutMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestHeader;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.ResponseStatus;
import org.springframework.web.bind.annotation.RestController;

/** Training blocks. */
@RestController
@RequestMapping("/api/blocks")
class BlockController {

  /**
   * A block laid out anew.
   *
   * @param edit what was done, in words, for undo
   */
  record BlockChange(
      int baseRevision,
      @Size(max = 200, message = "{text.length}") String edit,
      @NotNull @Valid BlockDefinition definition) {}

  private final Blocks blocks;
  private final BlockEdits edits;
  private final BlockPreviews previews;
  private final SessionFiles files;

  private final ClubZones zones;
  private final Happenings happenings;

  BlockController(
      Blocks blocks,
      BlockEdits edits,
      BlockPreviews previews,
      SessionFiles files,
      ClubZones zones,
      Happenings happenings) {
    this.happenings = happenings;
    this.zones = zones;
    this.blocks = blocks;
    this.edits = edits;
    this.previews = previews;
    this.files = files;
  }

  @GetMapping
  List<BlockView.BlockSummary> listBlocks(@AuthenticationPrincipal SignedIn coach) {
    return blocks.all();
  }

  @PostMapping
  @ResponseStatus(HttpStatus.CREATED)
  BlockView createBlock(
      @AuthenticationPrincipal SignedIn coach,
      @RequestHeader(name = Once.HEADER, required = false) Optional<UUID> key,
      @Valid @RequestBody BlockDefinition definition) {
    return edits.create(coach, key, written(coach, definition));
  }

  @GetMapping("/{id}")
  BlockView getBlock(@AuthenticationPrincipal SignedIn coach, @PathVariable UUID id) {
    return blocks.one(id);
  }

  @GetMapping("/{id}/compilation")
  BlockView.CompilationView getCompilation(
      @AuthenticationPrincipal SignedIn coach, @PathVariable UUID id) {
    return blocks.compilation(id);
  }

  @PutMapping("/{id}")
  BlockView changeBlock(
      @AuthenticationPrincipal SignedIn coach,
      @PathVariable UUID id,
      @Valid @RequestBody BlockChange change) {
    if (change.edit() == null || change.edit().isBlank() || change.edit().length() > 200) {
      throw new OutOfRangeException("edit", "empty or too long", "1 to 200 characters");
    }
    return edits.change(
        coach, id, change.baseRevision(), change.edit(), written(coach, change.definition()));
  }

  @PostMapping("/{id}/preview")
  BlockView.Preview previewBlock(
      @AuthenticationPrincipal SignedIn coach,
      @PathVariable UUID id,
      @RequestParam(defaultValue = "0") int from,
      @Valid @RequestBody BlockDefinition definition) {
    return previews.preview(coach, id, written(coach, definition), from);
  }

  /** Zones mean what they mean now. */
  private BlockDefinition written(SignedIn coach, BlockDefinition definition) {
    return definition.written(zones.writer(coach.clubId()));
  }

  @PostMapping("/{id}/undo")
  BlockView undoBlock(
      @AuthenticationPrincipal SignedIn coach,
      @PathVariable UUID id,
      @RequestParam int baseRevision) {
    return edits.undo(coach, id, baseRevision);
  }

  @PostMapping("/{id}/redo")
  BlockView redoBlock(
      @AuthenticationPrincipal SignedIn coach,
      @PathVariable UUID id,
      @RequestParam int baseRevision) {
    return edits.redo(coach, id, baseRevision);
  }

  /** What records say that the block does not know yet. */
  @GetMapping("/{id}/happened")
  List<Happenings.AthleteHappened> whatHappened(
      @AuthenticationPrincipal SignedIn coach, @PathVariable UUID id) {
    return happenings.of(coach, id);
  }

  @PostMapping("/{id}/compile")
  BlockView compileBlock(@AuthenticationPrincipal SignedIn coach, @PathVariable UUID id) {
    return edits.compile(coach, id);
  }

  @PostMapping("/{id}/cancel")
  BlockView cancelCompilation(@AuthenticationPrincipal SignedIn coach, @PathVariable UUID id) {
    return blocks.cancel(coach, id);
  }

  /** A file of sessions. */
  record SessionFile(
      @NotNull Imports.Format format,
      @NotNull @Size(max = 5_000_000, message = "{text.length}") String text) {}

  @PostMapping("/{id}/import/preview")
  Imports.Understanding previewImport(
      @AuthenticationPrincipal SignedIn coach,
      @PathVariable UUID id,
      @Valid @RequestBody SessionFile file) {
    return files.preview(coach, id, file.format(), file.text());
  }

  @PostMapping("/{id}/import")
  BlockView importSessions(
      @AuthenticationPrincipal SignedIn coach,
      @PathVariable UUID id,
      @Valid @RequestBody SessionFile file) {
    return files.importAll(coach, id, file.format(), file.text());
  }

  @GetMapping(path = "/{id}/sessions.ics", produces = "text/calendar;charset=UTF-8")
  String exportCalendar(@AuthenticationPrincipal SignedIn coach, @PathVariable UUID id) {
    return blocks.write(coach, id, Imports.Format.ICALENDAR);
  }

  @GetMapping(path = "/{id}/sessions.csv", produces = "text/csv;charset=UTF-8")
  String exportTable(@AuthenticationPrincipal SignedIn coach, @PathVariable UUID id) {
    return blocks.write(coach, id, Imports.Format.CSV);
  }

  @GetMapping(path = "/{id}/warm-ups.csv", produces = "text/csv;charset=UTF-8")
  String exportWarmUps(@PathVariable UUID id) {
    return blocks.writeWarmUps(id);
  }
}
