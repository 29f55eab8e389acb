package dev.jubilee.server.signin;

import dev.jubilee.server.secret.Tokens;
import jakarta.servlet.http.HttpServletRequest;
import jakarta.servlet.http.HttpServletResponse;
import jakarta.servlet.http.HttpSession;
import java.time.Instant;
import java.util.Comparator;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.UUID;
import org.springframework.security.authentication.UsernamePasswordAuthenticationToken;
import org.springframework.security.core.authority.SimpleGrantedAuthority;
import org.springframework.security.core.context.SecurityContext;
import org.springframework.security.core.context.SecurityContextHolder;
import org.springframework.security.web.context.SecurityContextRepository;
import org.springframework.session.FindByIndexNameSessionRepository;
import org.springframework.session.Session;
import org.springframework.stereotype.Component;

/** Where a coach is signed in. */
@Component
public class Devices {
  private static final String DEVICE = "device";
  private static final String UNKNOWN = "Some device";

  /** What browsers say of the machine they run on, the more special first. */
  private static final Map<String, String> KINDS = kinds();

  private final FindByIndexNameSessionRepository<? extends Session> sessions;
  private final SecurityContextRepository contexts;

  Devices(
      FindByIndexNameSessionRepository<? extends Session> sessions,
      SecurityContextRepository contexts) {
    this.sessions = sessions;
    this.contexts = contexts;
  }

  /**
   * A device that is signed in.
   *
   * @param id tells it from the others; not what it signs in with
   * @param isThis whether it is the one that asks
   */
  public record Device(
      String id, String kind, Instant signedInAt, Instant lastSeenAt, boolean isThis) {}

  private static Map<String, String> kinds() {
    Map<String, String> kinds = new LinkedHashMap<>();
    kinds.put("iPhone", "iPhone");
    kinds.put("iPad", "iPad");
    kinds.put("Android", "Android device");
    kinds.put("Windows", "Windows computer");
    kinds.put("Macintosh", "Mac");
    kinds.put("CrOS", "Chromebook");
    kinds.put("Linux", "Linux computer");
    return kinds;
  }

  /** Keeps a coach signed in on the device that asks. */
  public void remember(
      SignedIn signedIn, HttpServletRequest request, HttpServletResponse response) {
    // A fresh session id, so that one planted before signing in is worth nothing.
    if (request.getSession(false) != null) {
      request.changeSessionId();
    }
    SecurityContext context = SecurityContextHolder.createEmptyContext();
    context.setAuthentication(
        UsernamePasswordAuthenticationToken.authenticated(
            signedIn, null, List.of(new SimpleGrantedAuthority("COACH"))));
    SecurityContextHolder.setContext(context);
    contexts.saveContext(context, request, response);
    request.getSession().setAttribute(DEVICE, kind(request.getHeader("User-Agent")));
  }

  /** Signs the device out that asks. */
  public static void forget(HttpServletRequest request) {
    HttpSession session = request.getSession(false);
    if (session != null) {
      session.invalidate();
    }
    SecurityContextHolder.clearContext();
  }

  /** Those of a coach, the one that asks first, then by when they were last seen. */
  public List<Device> of(SignedIn coach, HttpServletRequest request) {
    HttpSession session = request.getSession(false);
    String own = session == null ? "" : session.getId();
    return signedIn(coach.coachId()).values().stream()
        .map(s -> device(s, own))
        .sorted(
            Comparator.comparing(Device::isThis)
                .thenComparing(Device::lastSeenAt)
                .reversed()
                .thenComparing(Device::id))
        .toList();
  }

  /** Signs one device of a coach out; nothing happens if there is none of that id. */
  public void signOut(SignedIn coach, String deviceId) {
    signedIn(coach.coachId()).keySet().stream()
        .filter(id -> Tokens.hash(id).equals(deviceId))
        .forEach(sessions::deleteById);
  }

  /** Signs a coach out everywhere. */
  public void signOutAll(UUID coachId) {
    signedIn(coachId).keySet().forEach(sessions::deleteById);
  }

  private Map<String, ? extends Session> signedIn(UUID coachId) {
    return sessions.findByPrincipalName(coachId.toString());
  }

  private static Device device(Session session, String own) {
    String kind = Optional.ofNullable(session.<String>getAttribute(DEVICE)).orElse(UNKNOWN);
    return new Device(
        Tokens.hash(session.getId()),
        kind,
        session.getCreationTime(),
        session.getLastAccessedTime(),
        session.getId().equals(own));
  }

  private static String kind(String userAgent) {
    return KINDS.entrySet().stream()
        .filter(k -> userAgent != null && userAgent.contains(k.getKey()))
        .map(Map.Entry::getValue)
        .findFirst()
        .orElse(UNKNOWN);
  }
}
