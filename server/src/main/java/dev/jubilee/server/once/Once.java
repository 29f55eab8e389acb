package dev.jubilee.server.once;

import dev.jubilee.server.postgres.Locks;
import java.time.Clock;
import java.time.Duration;
import java.time.Instant;
import java.util.Optional;
import java.util.UUID;
import java.util.function.Function;
import org.springframework.stereotype.Component;
import org.springframework.transaction.annotation.Transactional;

/**
 * Lets a form that is sent several times make one thing. Each form has a key of its own; whoever
 * comes second with it waits for the first and is given what that made.
 */
@Component
public class Once {
  /** The header that carries the key. */
  public static final String HEADER = "Idempotency-Key";

  private static final Duration MEMORY = Duration.ofDays(1);

  private final MadeOnceRepository repository;
  private final Locks locks;
  private final Clock clock;

  Once(MadeOnceRepository repository, Locks locks, Clock clock) {
    this.locks = locks;
    this.repository = repository;
    this.clock = clock;
  }

  /**
   * Makes something, unless it was made under this key already.
   *
   * @param key of the form; without one it is made each time
   * @param make makes it under an id
   * @param find finds what was made
   */
  @Transactional
  public <T> T make(Optional<UUID> key, Function<UUID, T> make, Function<UUID, T> find) {
    UUID id = UUID.randomUUID();
    if (key.isEmpty()) {
      return make.apply(id);
    }
    Instant now = clock.instant();
    repository.deleteBefore(now.minus(MEMORY));
    // Waits where another is under way, until that is stored or given up.
    locks.hold(key.get().getMostSignificantBits() ^ key.get().getLeastSignificantBits());
    Optional<MadeOnceRow> made = repository.findById(key.get());
    if (made.isPresent()) {
      return find.apply(made.get().madeId());
    }
    repository.save(new MadeOnceRow(key.get(), id, now));
    return make.apply(id);
  }
}
