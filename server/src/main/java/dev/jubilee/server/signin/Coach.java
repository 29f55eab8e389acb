package dev.jubilee.server.signin;

import jakarta.persistence.Column;
import jakarta.persistence.Entity;
import jakarta.persistence.Id;
import java.util.UUID;
import org.hibernate.annotations.ColumnTransformer;

/** Someone who signs in. */
@Entity
public class Coach {
  @Id private UUID id;
  private UUID clubId;
  private String email;
  private String name;
  private String passwordHash;

  @Column(columnDefinition = "jsonb")
  @ColumnTransformer(write = "?::jsonb")
  private String approach;

  protected Coach() {}

  public Coach(UUID id, UUID clubId, String email, String name, String passwordHash) {
    this.id = id;
    this.clubId = clubId;
    this.email = email;
    this.name = name;
    this.passwordHash = passwordHash;
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
}
