package dev.jubilee.server.athlete;

import dev.jubilee.core.athlete.AnchorFinder;
import dev.jubilee.core.athlete.Athlete;
import dev.jubilee.core.athlete.Estimate;
import dev.jubilee.core.athlete.Physique;
import dev.jubilee.core.intensity.Anchors;
import dev.jubilee.server.athlete.stored.AthleteV1;
import dev.jubilee.server.club.ClubTime;
import dev.jubilee.server.json.Json;
import dev.jubilee.server.problem.ConflictException;
import dev.jubilee.server.problem.NotFoundException;
import java.time.LocalDate;
import java.util.Collection;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.UUID;
import java.util.stream.Collectors;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** What coaches do with athletes. */
@Service
public class Athletes {
  private final AthleteRepository repository;
  private final ClubTime clubTime;
  private final Json json;

  Athletes(AthleteRepository repository, ClubTime clubTime, Json json) {
    this.repository = repository;
    this.clubTime = clubTime;
    this.json = json;
  }

  @Transactional(readOnly = true)
  public List<AthleteView> all() {
    return repository.findAllByOrderByName().stream().map(this::view).toList();
  }

  @Transactional(readOnly = true)
  public AthleteView one(UUID id) {
    return view(row(id));
  }

  @Transactional
  public AthleteView create(UUID clubId, UUID id, AthleteProfile profile) {
    check(clubId, profile);
    AthleteRow row = new AthleteRow(id, clubId);
    row.write(profile, json.write(AthleteForm.INSTANCE.stored(profile)));
    return view(repository.saveAndFlush(row));
  }

  @Transactional
  public AthleteView change(UUID clubId, UUID id, long version, AthleteProfile profile) {
    check(clubId, profile);
    AthleteRow row = unchanged(id, version);
    row.write(profile, json.write(AthleteForm.INSTANCE.stored(profile)));
    return view(repository.saveAndFlush(row));
  }

  /** Whoever left stays in sessions and blocks where they are, and is offered for nothing new. */
  @Transactional
  public AthleteView archive(UUID id, long version) {
    AthleteRow row = unchanged(id, version);
    row.archive(clubTime.instant());
    return view(repository.saveAndFlush(row));
  }

  @Transactional
  public AthleteView restore(UUID id, long version) {
    AthleteRow row = unchanged(id, version);
    row.restore();
    return view(repository.saveAndFlush(row));
  }

  private AthleteRow unchanged(UUID id, long version) {
    AthleteRow row = row(id);
    if (row.version() != version) {
      throw new ConflictException(
          row.name() + " was changed by someone else in the meantime. Load again and repeat.");
    }
    return row;
  }

  /** As they are on a day, with what their warm-ups have shown of their body. */
  public Athlete asKnown(AthleteRow row, LocalDate on) {
    return profile(row).toCore(on).withPhysique(physique(row));
  }

  /** What their warm-ups have shown of their body. */
  public Physique physique(AthleteRow row) {
    return row.physique() == null ? Physique.USUAL : row.physique().toCore();
  }

  public AthleteProfile profile(AthleteRow row) {
    return AthleteForm.INSTANCE.entered(json.read(row.profile(), AthleteV1.class));
  }

  /** What all of them are called, those who left too. */
  @Transactional(readOnly = true)
  public Map<UUID, String> names() {
    return repository.findAllByOrderByName().stream()
        .collect(Collectors.toMap(AthleteRow::id, AthleteRow::name));
  }

  public AthleteRow row(UUID id) {
    return repository.findById(id).orElseThrow(() -> new NotFoundException("athlete"));
  }

  /** Fails unless all of them are athletes of the club. */
  public void require(Collection<UUID> ids) {
    Set<UUID> wanted = new HashSet<>(ids);
    if (repository.findAllById(wanted).size() < wanted.size()) {
      throw new NotFoundException("athlete");
    }
  }

  private AthleteView view(AthleteRow row) {
    AthleteProfile profile = profile(row);
    Athlete athlete = profile.toCore(today(row.clubId()));
    Anchors anchors = AnchorFinder.anchors(athlete, profile.sport());
    return new AthleteView(
        row.id(),
        row.version(),
        row.isArchived(),
        profile,
        anchors.basis(),
        anchors.conflicts(),
        AnchorFinder.weigh(athlete).stream().map(Athletes::weighed).toList());
  }

  private static AthleteView.WeighedView weighed(AnchorFinder.Weighed weighed) {
    return new AthleteView.WeighedView(
        weighed.result().sport(),
        weighed.estimate().map(e -> e.model().critical()).orElse(null),
        weighed.estimate().map(Estimate::spread).orElse(0.0),
        weighed.counts(),
        weighed.result().taken().daysAgo().orElse(null));
  }

  private void check(UUID clubId, AthleteProfile profile) {
    LocalDate today = today(clubId);
    profile.toCore(today);
    profile.requirePast(today);
    profile.requireOnlyOwnFigures();
  }

  private LocalDate today(UUID clubId) {
    return clubTime.today(clubId);
  }

  /** Keeps what their warm-ups have shown of their body. */
  @Transactional
  public void learn(UUID id, Physique physique) {
    repository.learn(id, PhysiqueV1.of(physique).orElse(null));
  }
}
