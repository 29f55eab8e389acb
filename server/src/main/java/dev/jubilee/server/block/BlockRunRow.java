package dev.jubilee.server.block;

import jakarta.persistence.Entity;
import jakarta.persistence.EnumType;
import jakarta.persistence.Enumerated;
import jakarta.persistence.Id;
import jakarta.persistence.Table;
import java.time.Instant;
import java.util.UUID;
import org.hibernate.annotations.TenantId;

/** The present or last run of prescribing a block. */
@Entity
@Table(name = "block_run")
@SuppressWarnings("UnusedVariable")
class BlockRunRow {
  /** How far it is. */
  enum State {
    RUNNING,
    DONE,
    CANCELLED,
    FAILED
  }

  @Id private UUID blockId;
  @TenantId private UUID clubId;
  private int revision;
  private int run;
  private UUID coachId;

  @Enumerated(EnumType.STRING)
  private State state;

  private int done;
  private int total;
  private String message;
  private Instant startedAt;
  private Instant endedAt;

  protected BlockRunRow() {}

  BlockRunRow(UUID blockId, UUID clubId) {
    this.blockId = blockId;
    this.clubId = clubId;
  }

  /** A new run; one that is under way stops at the next athlete. */
  void begin(int newRevision, UUID newCoachId, int newTotal, Instant now) {
    this.revision = newRevision;
    this.run++;
    this.coachId = newCoachId;
    this.state = State.RUNNING;
    this.done = 0;
    this.total = newTotal;
    this.message = "";
    this.startedAt = now;
    this.endedAt = null;
  }

  void end(State newState, String newMessage, Instant now) {
    this.state = newState;
    this.message = newMessage;
    this.endedAt = now;
  }

  void advance(int newDone) {
    this.done = newDone;
  }

  UUID blockId() {
    return blockId;
  }

  UUID clubId() {
    return clubId;
  }

  int revision() {
    return revision;
  }

  int run() {
    return run;
  }

  UUID coachId() {
    return coachId;
  }

  /** Whether it is this run, and neither ended nor overtaken. */
  boolean isUnderWay(int number) {
    return run == number && state == State.RUNNING;
  }

  State state() {
    return state;
  }

  int done() {
    return done;
  }

  int total() {
    return total;
  }

  String message() {
    return message;
  }
}
