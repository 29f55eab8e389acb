package dev.jubilee.server.block;

import dev.jubilee.server.signin.SignedIn;
import java.util.List;
import java.util.UUID;
import org.springframework.stereotype.Service;

/**
 * Files of sessions for a block. A file is read between two transactions, so that a long one holds
 * no connection to the database.
 */
@Service
class SessionFiles {
  private final Blocks blocks;
  private final Imports imports;

  SessionFiles(Blocks blocks, Imports imports) {
    this.blocks = blocks;
    this.imports = imports;
  }

  Imports.Understanding preview(SignedIn coach, UUID id, Imports.Format format, String text) {
    Blocks.ImportFrame frame = blocks.importFrame(coach.clubId(), id);
    return imports.understand(coach, id, frame.definition(), parse(frame, format, text));
  }

  /** All of a file, or none. */
  BlockView importAll(SignedIn coach, UUID id, Imports.Format format, String text) {
    Blocks.ImportFrame frame = blocks.importFrame(coach.clubId(), id);
    Imports.ReadSessions read =
        imports.read(coach, id, frame.definition(), parse(frame, format, text));
    return blocks.importSessions(coach, id, frame.revision(), read);
  }

  private static List<CalendarEntry> parse(
      Blocks.ImportFrame frame, Imports.Format format, String text) {
    return Imports.parse(format, text, frame.zone(), frame.definition());
  }
}
