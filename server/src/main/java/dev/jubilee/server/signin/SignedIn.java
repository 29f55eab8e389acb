package dev.jubilee.server.signin;

import java.io.Serializable;
import java.security.Principal;
import java.util.UUID;

/**
 * The signed-in coach, as kept in the session.
 *
 * @param coachId who
 * @param clubId whose data they see
 * @param coachName for greeting
 */
public record SignedIn(UUID coachId, UUID clubId, String coachName)
    implements Principal, Serializable {

  private static final long serialVersionUID = 1L;

  @Override
  public String getName() {
    return coachId.toString();
  }
}
