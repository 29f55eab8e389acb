package dev.jubilee.server.block;

import dev.jubilee.server.prescription.WarmUpLists.Listed;
import dev.jubilee.server.session.SessionDetails;
import java.util.List;
import java.util.Map;

/**
 * What of a block goes into a file.
 *
 * @param sessions by the id that the file gives them, in order of time
 * @param groups names by the same id
 * @param warmUps by the same id, empty where none is prescribed
 */
record BlockContents(
    Map<String, SessionDetails> sessions,
    Map<String, String> groups,
    Map<String, List<Listed>> warmUps) {}
