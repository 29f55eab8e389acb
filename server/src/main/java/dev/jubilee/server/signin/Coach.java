package dev.jubilee.server.signin;

import jakarta.persistence.Column;
import jakarta.persistence.Entity;
import jakarta.persistence.Id;
import java.time.Instant;
import java.util.UUID;
import org.hibernate.annotations.ColumnTransformer;
import org.hibernate.annotations.TenantId;

/** Someone who signs in. */
@Entity
public class Coach {
  @Id private UUID id;
  @TenantId private UUID clubId;
  private String email;
  private String name;
  private String passwordHash;
  private boolean owner;
  private int signInStamp;
  private Instant removedAt;

  @Column(columnDefinition = "jsonb")
  @ColumnTransformer(write = "?::jsonb")
  private String approach;

  protected Coach() {}

  /**
   * @param owner whether they may invite and remove others
   */
  public Coach(
      UUID id, UUID clubId, String email, String name, String passwordHash, boolean owner) {
    this.id = id;
    this.clubId = clubId;
    this.email = email;
    this.name = name;
    this.passwordHash = passwordHash;
    this.owner = owner;
  }

  public UUID id() {
    return id;
  }

  public UUID clubId() {
    return clubId;
  }

  public String email() {
    return email;
  }

  public String name() {
    return name;
  }

  public boolean isOwner() {
    return owner;
  }

  /** What sign-ins must have been made with to count. */
  public int signInStamp() {
    return signInStamp;
  }

  /** Stored approach, or null for the usual one. */
  public String approach() {
    return approach;
  }

  public void prefer(String json) {
    this.approach = json;
  }

  public String passwordHash() {
    return passwordHash;
  }

  public void rename(String newName, String newEmail) {
    this.name = newName;
    this.email = newEmail;
  }

  public void own(boolean isOwner) {
    this.owner = isOwner;
  }

  /** From now on only the new password counts, and no sign-in of before. */
  public void changePassword(String newHash) {
    this.passwordHash = newHash;
    signOutEverywhere();
  }

  public void signOutEverywhere() {
    this.signInStamp++;
  }

  /** What they made stays; they are out at once. */
  public void remove(Instant at) {
    this.removedAt = at;
    signOutEverywhere();
  }

  public boolean isRemoved() {
    return removedAt != null;
  }
}
