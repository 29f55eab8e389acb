package dev.jubilee.server.guard;

import dev.jubilee.server.problem.BodyRefusedException;
import jakarta.servlet.FilterChain;
import jakarta.servlet.ServletException;
import jakarta.servlet.http.HttpServletRequest;
import jakarta.servlet.http.HttpServletResponse;
import java.io.IOException;
import java.util.Map;
import java.util.Optional;
import java.util.UUID;
import org.slf4j.Logger;
import org.slf4j.LoggerFactory;
import org.slf4j.MDC;
import org.springframework.core.Ordered;
import org.springframework.core.annotation.Order;
import org.springframework.http.HttpHeaders;
import org.springframework.http.HttpStatus;
import org.springframework.http.MediaType;
import org.springframework.stereotype.Component;
import org.springframework.web.filter.OncePerRequestFilter;
import tools.jackson.databind.json.JsonMapper;

/**
 * Stands before everything: a request has an id, a body is JSON, of a bounded size and soon there,
 * nobody has more than their share of bodies under way, and whatever fails behind it is answered in
 * the one form of errors.
 */
@Component
@Order(Ordered.HIGHEST_PRECEDENCE)
class RequestGuard extends OncePerRequestFilter {
  private static final Logger LOG = LoggerFactory.getLogger(RequestGuard.class);

  static final String REQUEST_ID = "X-Request-Id";

  private static final String RETRY_SECONDS = "2";

  private final Arrivals arrivals = new Arrivals();
  private final JsonMapper mapper = JsonMapper.builder().build();

  @Override
  protected void doFilterInternal(
      HttpServletRequest request, HttpServletResponse response, FilterChain chain)
      throws ServletException, IOException {
    String id = UUID.randomUUID().toString();
    response.setHeader(REQUEST_ID, id);
    MDC.put("request", id);
    try {
      if (hasBody(request)) {
        withBody(request, response, chain, id);
      } else if (isAnyType(request.getContentType())) {
        // Nothing is of any type; Spring takes it for a fault of its own.
        refuse(response, id, HttpStatus.UNSUPPORTED_MEDIA_TYPE, "The body must be JSON.");
      } else {
        chain.doFilter(request, response);
      }
    } catch (IOException | ServletException | RuntimeException e) {
      answer(e, response, id);
    } finally {
      MDC.remove("request");
    }
  }

  private static boolean hasBody(HttpServletRequest request) {
    return request.getContentLengthLong() > 0
        || request.getHeader(HttpHeaders.TRANSFER_ENCODING) != null;
  }

  private void withBody(
      HttpServletRequest request, HttpServletResponse response, FilterChain chain, String id)
      throws IOException, ServletException {
    int most = BodyLimits.bytes(request.getRequestURI());
    if (!isJson(request.getContentType())) {
      refuse(response, id, HttpStatus.UNSUPPORTED_MEDIA_TYPE, "The body must be JSON.");
      return;
    }
    if (request.getContentLengthLong() > most) {
      BodyRefusedException refused = BodyRefusedException.tooLarge(most);
      refuse(response, id, refused.status(), refused.getMessage());
      return;
    }
    LimitedRequest limited = new LimitedRequest(request, most, BodyLimits.ARRIVAL, arrivals);
    try {
      chain.doFilter(limited, response);
    } finally {
      limited.arrived();
    }
  }

  private static boolean isJson(String contentType) {
    return contentType != null
        && MediaType.APPLICATION_JSON.getSubtype().equals(subtype(contentType));
  }

  private static boolean isAnyType(String contentType) {
    try {
      MediaType type = contentType == null ? null : MediaType.parseMediaType(contentType);
      return type != null && (type.isWildcardType() || type.isWildcardSubtype());
    } catch (RuntimeException e) {
      return false;
    }
  }

  private static String subtype(String contentType) {
    try {
      MediaType type = MediaType.parseMediaType(contentType);
      return type.getType().equals("application") ? type.getSubtype() : "";
    } catch (RuntimeException e) {
      return "";
    }
  }

  private void answer(Exception e, HttpServletResponse response, String id) throws IOException {
    if (response.isCommitted()) {
      // Nothing more can be said; whoever asked went away, most likely.
      LOG.debug("request {} broke off", id, e);
      return;
    }
    response.resetBuffer();
    Optional<BodyRefusedException> refused = Causes.find(e, BodyRefusedException.class);
    if (refused.isPresent()) {
      refuse(response, id, refused.get().status(), refused.get().getMessage());
    } else if (DatabaseAway.isFull(e)) {
      LOG.error("request {}: the database's disk is full: {}", id, Causes.told(e));
      response.setHeader(HttpHeaders.RETRY_AFTER, RETRY_SECONDS);
      refuse(response, id, HttpStatus.INSUFFICIENT_STORAGE, DatabaseAway.FULL);
    } else if (DatabaseAway.isMeantBy(e)) {
      LOG.warn("request {}: the database is away or too slow: {}", id, Causes.told(e));
      response.setHeader(HttpHeaders.RETRY_AFTER, RETRY_SECONDS);
      refuse(response, id, HttpStatus.SERVICE_UNAVAILABLE, DatabaseAway.words(e));
    } else {
      // Names of classes and places alone: messages may hold what someone typed.
      LOG.error("request {} failed: {}", id, Causes.told(e));
      refuse(
          response,
          id,
          HttpStatus.INTERNAL_SERVER_ERROR,
          "Something went wrong here. Nothing was saved. If it happens again, tell whoever keeps"
              + " the server this number: "
              + id);
    }
  }

  private void refuse(HttpServletResponse response, String id, HttpStatus status, String detail)
      throws IOException {
    response.setStatus(status.value());
    response.setContentType(MediaType.APPLICATION_PROBLEM_JSON_VALUE);
    if (status == HttpStatus.CONTENT_TOO_LARGE || status == HttpStatus.REQUEST_TIMEOUT) {
      // What is still to come is not waited for.
      response.setHeader(HttpHeaders.CONNECTION, "close");
    }
    mapper.writeValue(
        response.getOutputStream(),
        Map.of(
            "type",
            "about:blank",
            "title",
            status.getReasonPhrase(),
            "status",
            status.value(),
            "detail",
            detail,
            "request",
            id));
  }
}
