package dev.jubilee.server.block;

import dev.jubilee.server.signin.SignedIn;
import java.util.List;
import java.util.UUID;
import org.springframework.stereotype.Service;

/**
 * Files of sessions for a block. A file is parsed between two transactions, so that a long one
 * holds no connection to the database.
 */
@Service
class SessionFiles {
  private final Blocks blocks;

  SessionFiles(Blocks blocks) {
    this.blocks = blocks;
  }

  Imports.Understanding preview(SignedIn coach, UUID id, Imports.Format format, String text) {
    return blocks.previewImport(coach, id, parse(coach, id, format, text));
  }

  /** All of a file, or none. */
  BlockView importAll(SignedIn coach, UUID id, Imports.Format format, String text) {
    return blocks.importSessions(coach, id, parse(coach, id, format, text));
  }

  private List<CalendarEntry> parse(SignedIn coach, UUID id, Imports.Format format, String text) {
    Blocks.ImportFrame frame = blocks.importFrame(coach.clubId(), id);
    return Imports.parse(format, text, frame.zone(), frame.definition());
  }
}
