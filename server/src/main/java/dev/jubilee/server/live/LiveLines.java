package dev.jubilee.server.live;

import dev.jubilee.server.problem.TooManyAttemptsException;
import dev.jubilee.server.tenant.ClubScope;
import java.io.IOException;
import java.time.Duration;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.UUID;
import java.util.concurrent.ConcurrentHashMap;
import java.util.concurrent.ExecutorService;
import java.util.concurrent.Executors;
import java.util.concurrent.ThreadFactory;
import java.util.concurrent.atomic.AtomicInteger;
import java.util.concurrent.atomic.AtomicReference;
import java.util.stream.Collectors;
import org.slf4j.Logger;
import org.slf4j.LoggerFactory;
import org.springframework.stereotype.Component;
import org.springframework.web.servlet.mvc.method.annotation.SseEmitter;

/** The open lines of this server: each is told the state that counts of what it is about. */
@Component
public class LiveLines {
  private static final Logger LOG = LoggerFactory.getLogger(LiveLines.class);

  /** Lines that one server holds; each costs a socket and a little memory. */
  private static final int MOST = 4000;

  /** Lines about one thing: every athlete of a session with a few devices. */
  private static final int MOST_OF_ONE = 600;

  /** After so long a line is closed, and opened again by whoever still follows. */
  private static final Duration LONGEST = Duration.ofMinutes(15);

  /** A line that says nothing for longer is cut by what lies between, s. */
  static final int SIGN_OF_LIFE = 15;

  /** Told at once; whoever reads slowly holds up one of them at most. */
  private static final int TELLERS = 8;

  private final Map<Key, Set<Line>> open = new ConcurrentHashMap<>();
  private final AtomicInteger count = new AtomicInteger();
  private final ExecutorService tellers = Executors.newFixedThreadPool(TELLERS, daemon("live"));
  private final Map<String, LiveSource> sources;

  LiveLines(List<LiveSource> sources) {
    this.sources = sources.stream().collect(Collectors.toUnmodifiableMap(LiveSource::name, s -> s));
  }

  private record Key(String source, UUID clubId, UUID id) {}

  /** Opens a line that tells the state at once, if there is one, and every change after it. */
  public SseEmitter open(String source, UUID clubId, UUID id) {
    Key key = new Key(source, clubId, id);
    if (count.get() >= MOST || open.getOrDefault(key, Set.of()).size() >= MOST_OF_ONE) {
      throw new TooManyAttemptsException(
          "Too many devices follow this at once.", Duration.ofSeconds(SIGN_OF_LIFE));
    }
    SseEmitter emitter = new SseEmitter(LONGEST.toMillis());
    Line line = new Line(key, emitter);
    emitter.onCompletion(() -> close(line));
    emitter.onTimeout(emitter::complete);
    emitter.onError(e -> close(line));
    open.compute(
        key,
        (k, before) -> {
          Set<Line> lines = before == null ? ConcurrentHashMap.newKeySet() : before;
          lines.add(line);
          return lines;
        });
    count.incrementAndGet();
    tellers.execute(() -> state(key).ifPresentOrElse(line::tell, line::beat));
    return emitter;
  }

  /** Something has changed. */
  void changed(String source, UUID id) {
    open.forEach(
        (key, lines) -> {
          if (key.source().equals(source) && key.id().equals(id)) {
            tellers.execute(() -> tell(key, lines));
          }
        });
  }

  /** Any of them may have changed. */
  void changedAll() {
    open.forEach((key, lines) -> tellers.execute(() -> tell(key, lines)));
  }

  /** The state is read once, however many follow. */
  private void tell(Key key, Set<Line> lines) {
    // Of two changes the later one is read, and told, after the other.
    synchronized (lines) {
      state(key).ifPresent(state -> lines.forEach(line -> line.tell(state)));
    }
  }

  private Optional<?> state(Key key) {
    try {
      return ClubScope.within(
          key.clubId(), () -> sources.get(key.source()).state(key.clubId(), key.id()));
    } catch (RuntimeException e) {
      // Told anew when the database is heard again.
      LOG.debug("a state could not be read", e);
      return Optional.empty();
    }
  }

  void closeAll() {
    open.values().forEach(lines -> lines.forEach(line -> line.emitter.complete()));
  }

  /** To be called every {@value #SIGN_OF_LIFE} s. */
  void beat() {
    open.values().forEach(lines -> lines.forEach(Line::beat));
  }

  private void close(Line line) {
    open.computeIfPresent(
        line.key,
        (key, lines) -> {
          if (lines.remove(line)) {
            count.decrementAndGet();
          }
          return lines.isEmpty() ? null : lines;
        });
  }

  private static ThreadFactory daemon(String name) {
    return task -> {
      Thread thread = new Thread(task, name);
      thread.setDaemon(true);
      return thread;
    };
  }

  /** One device; however many changes it misses while it is told one, it is told the last. */
  private final class Line {
    private final Key key;
    private final SseEmitter emitter;
    private final AtomicReference<Object> next = new AtomicReference<>();

    Line(Key key, SseEmitter emitter) {
      this.key = key;
      this.emitter = emitter;
    }

    void tell(Object state) {
      if (next.getAndSet(state) == null) {
        tellers.execute(() -> send(SseEmitter.event().name("state").data(next.getAndSet(null))));
      }
    }

    void beat() {
      tellers.execute(() -> send(SseEmitter.event().comment("")));
    }

    private void send(SseEmitter.SseEventBuilder event) {
      try {
        emitter.send(event);
      } catch (IOException | IllegalStateException e) {
        close(this);
      }
    }
  }
}
