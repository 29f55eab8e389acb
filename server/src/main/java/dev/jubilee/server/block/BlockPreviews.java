package dev.jubilee.server.block;

import dev.jubilee.core.block.AthleteWeek;
import dev.jubilee.core.block.Change;
import dev.jubilee.core.quantity.OutOfRangeException;
import dev.jubilee.server.session.SessionDetails;
import dev.jubilee.server.signin.SignedIn;
import java.time.Duration;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.Collection;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.UUID;
import java.util.stream.Collectors;
import org.springframework.stereotype.Service;

/**
 * What a change of a block would lead to; nothing is stored. A large squad is answered in turns of
 * bounded length: whoever asks goes on where the last answer ended, so that no one waits long for
 * another's preview, and one that is no longer wanted is simply not asked for again.
 */
@Service
class BlockPreviews {
  /** What one answer may take; at least one athlete is in each. */
  private static final Duration TURN = Duration.ofMillis(400);

  private final Blocks blocks;
  private final AthleteBlocks computation;

  BlockPreviews(Blocks blocks, AthleteBlocks computation) {
    this.blocks = blocks;
    this.computation = computation;
  }

  /**
   * @param from how many athletes earlier answers have dealt with
   */
  BlockView.Preview preview(SignedIn coach, UUID id, BlockDefinition definition, int from) {
    LaidOutBlock wanted = LaidOutBlock.of(definition);
    Blocks.ChangeFrame frame = blocks.changeFrame(coach, id, definition);
    List<UUID> all = definition.athleteIds();
    if (from < 0 || from > all.size()) {
      throw new OutOfRangeException("from", from, "0 to " + all.size());
    }
    Collection<SessionDetails> laidOut = wanted.sessions().values();
    List<BlockView.AthletePreview> previews = new ArrayList<>();
    long end = System.nanoTime() + TURN.toNanos();
    int done = from;
    do {
      if (done < all.size()) {
        AthleteBlocks.Case supposed =
            computation.supposed(coach, id, definition, laidOut, all.get(done++), frame.today());
        List<BlockView.WeekPreview> weeks =
            weeks(supposed.stored(), supposed.athleteWeeks(supposed.blockAthlete()));
        if (!weeks.isEmpty()) {
          previews.add(new BlockView.AthletePreview(supposed.athleteId(), supposed.name(), weeks));
        }
      }
    } while (done < all.size() && System.nanoTime() < end);
    return new BlockView.Preview(
        BlockDifference.words(frame.before(), definition, frame.today()),
        previews,
        done,
        all.size());
  }

  /** Weeks in which something is asked that was not, or the other way round. */
  private static List<BlockView.WeekPreview> weeks(
      List<AthleteWeek> before, List<AthleteWeek> after) {
    Map<LocalDate, String> old = new HashMap<>();
    before.forEach(s -> old.put(s.week().firstDay(), words(s)));
    List<BlockView.WeekPreview> weeks = new ArrayList<>();
    for (AthleteWeek athleteWeek : after) {
      String was = old.remove(athleteWeek.week().firstDay());
      String now = words(athleteWeek);
      if (!now.equals(was)) {
        weeks.add(
            new BlockView.WeekPreview(
                athleteWeek.week().number(),
                athleteWeek.week().firstDay(),
                was == null ? "" : was,
                now));
      }
    }
    return weeks;
  }

  private static String words(AthleteWeek athleteWeek) {
    return athleteWeek.week().emphasis().words()
        + ": "
        + athleteWeek.changes().stream().map(Change::why).collect(Collectors.joining(" "));
  }
}
