package dev.jubilee.server.signin;

import dev.jubilee.server.tenant.OfOneClub;
import java.io.Serializable;
import java.security.Principal;
import java.util.UUID;

/**
 * The signed-in coach, as kept in the session.
 *
 * @param coachId who
 * @param clubId whose data they see
 * @param coachName for greeting
 * @param stamp the coach's when they signed in; 0 in sessions from before there was one
 */
public record SignedIn(UUID coachId, UUID clubId, String coachName, int stamp)
    implements OfOneClub, Principal, Serializable {

  private static final long serialVersionUID = 1L;

  public static SignedIn of(Coach coach) {
    return new SignedIn(coach.id(), coach.clubId(), coach.name(), coach.signInStamp());
  }

  @Override
  public String getName() {
    return coachId.toString();
  }
}
