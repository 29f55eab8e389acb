package dev.jubilee.server.block;

import dev.jubilee.core.block.AthleteWeek;
import dev.jubilee.core.block.TrainingBlock;
import dev.jubilee.core.drill.Drill;
import dev.jubilee.core.drill.DrillLibrary;
import dev.jubilee.core.drill.Ladder;
import dev.jubilee.server.athlete.AthleteProfile;
import dev.jubilee.server.athlete.AthleteRow;
import dev.jubilee.server.athlete.Athletes;
import dev.jubilee.server.block.stored.AthleteWeeksV1;
import dev.jubilee.server.block.stored.WarmUpsV1;
import dev.jubilee.server.drill.Libraries;
import dev.jubilee.server.json.Json;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.UUID;
import org.springframework.stereotype.Component;

/** From stored blocks to what people see. */
@Component
class BlockViews {
  private final BlockAthleteRepository athleteBlocks;
  private final BlockRunRepository runs;
  private final Athletes athletes;
  private final Libraries libraries;
  private final Json json;

  BlockViews(
      BlockAthleteRepository athleteBlocks,
      BlockRunRepository runs,
      Athletes athletes,
      Libraries libraries,
      Json json) {
    this.athleteBlocks = athleteBlocks;
    this.runs = runs;
    this.athletes = athletes;
    this.libraries = libraries;
    this.json = json;
  }

  /** The block as it is laid out and as far as it is computed. */
  BlockView of(
      BlockRow row,
      BlockRevisionRow revision,
      BlockDefinition definition,
      boolean canRedo,
      LocalDate today) {
    TrainingBlock block = definition.toCore();
    DrillLibrary library = libraries.of(row.clubId());
    // Before the athletes: what is said to be done must be there.
    BlockView.CompilationView compilation = compilation(row);
    Map<UUID, BlockAthleteRow> computed = new HashMap<>();
    athleteBlocks.findByBlockId(row.id()).forEach(a -> computed.put(a.athleteId(), a));
    Set<String> ladders = new HashSet<>();
    List<BlockView.AthleteBlock> views = new ArrayList<>();
    for (BlockDefinition.Group group : definition.groups()) {
      for (UUID id : group.athleteIds()) {
        views.add(athlete(group, id, computed.get(id), ladders));
      }
    }
    return new BlockView(
        row.id(),
        revision.number(),
        revision.parent() != null,
        canRedo,
        revision.edit(),
        definition,
        today,
        block.frozenFrom(),
        block.weeks(),
        library.ladders().stream()
            .filter(l -> ladders.contains(l.id()))
            .map(BlockViews::ladder)
            .toList(),
        views,
        compilation);
  }

  /** How far prescribing has come. */
  BlockView.CompilationView compilation(BlockRow row) {
    BlockRunRow c = runs.findById(row.id()).orElseThrow();
    return new BlockView.CompilationView(
        BlockView.CompilationView.State.valueOf(c.state().name()),
        c.done(),
        c.total(),
        c.message());
  }

  private BlockView.AthleteBlock athlete(
      BlockDefinition.Group group, UUID id, BlockAthleteRow computed, Set<String> ladders) {
    AthleteRow athlete = athletes.row(id);
    AthleteProfile profile = athletes.profile(athlete);
    List<BlockView.WeekView> weeks = List.of();
    List<BlockView.WarmUpView> warmUps = List.of();
    if (computed != null) {
      AthleteWeeksV1 athleteWeeks = json.read(computed.athleteWeeks(), AthleteWeeksV1.class);
      ladders.addAll(athleteWeeks.ladders());
      weeks = athleteWeeks.toCore().stream().map(s -> week(s, athleteWeeks.ladders())).toList();
      warmUps = BlockForm.INSTANCE.shown(json.read(computed.warmUps(), WarmUpsV1.class).all());
    }
    return new BlockView.AthleteBlock(
        id, athlete.name(), profile.level(), group.name(), weeks, warmUps);
  }

  private static BlockView.WeekView week(AthleteWeek athleteWeek, List<String> ladders) {
    return new BlockView.WeekView(
        athleteWeek.week().number(),
        ladders.stream()
            .map(l -> new BlockView.WeekRung(l, athleteWeek.rung(l), athleteWeek.dose(l)))
            .toList(),
        athleteWeek.topPercent(),
        athleteWeek.efforts(),
        athleteWeek.contacts(),
        athleteWeek.isAbsent(),
        athleteWeek.changes());
  }

  private static BlockView.BlockLadder ladder(Ladder ladder) {
    List<String> names = new ArrayList<>();
    for (Drill drill : ladder.rungs()) {
      int step = drill.rung().orElseThrow().step();
      if (names.size() < step) {
        names.add(drill.name());
      }
    }
    return new BlockView.BlockLadder(ladder.id(), names);
  }
}
