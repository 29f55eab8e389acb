package dev.jubilee.server.problem;

import com.fasterxml.jackson.annotation.JsonSubTypes;
import dev.jubilee.core.library.LibraryFaultException;
import dev.jubilee.core.quantity.OutOfRangeException;
import java.sql.SQLException;
import java.time.LocalDate;
import java.time.LocalDateTime;
import java.util.Arrays;
import java.util.Comparator;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.UUID;
import java.util.stream.Collectors;
import org.springframework.core.Ordered;
import org.springframework.core.annotation.Order;
import org.springframework.dao.DataIntegrityViolationException;
import org.springframework.dao.OptimisticLockingFailureException;
import org.springframework.http.HttpHeaders;
import org.springframework.http.HttpStatus;
import org.springframework.http.ProblemDetail;
import org.springframework.http.ResponseEntity;
import org.springframework.http.converter.HttpMessageNotReadableException;
import org.springframework.security.core.AuthenticationException;
import org.springframework.web.bind.MethodArgumentNotValidException;
import org.springframework.web.bind.MissingServletRequestParameterException;
import org.springframework.web.bind.annotation.ExceptionHandler;
import org.springframework.web.bind.annotation.RestControllerAdvice;
import org.springframework.web.method.annotation.MethodArgumentTypeMismatchException;
import tools.jackson.core.JacksonException;
import tools.jackson.databind.exc.InvalidFormatException;
import tools.jackson.databind.exc.InvalidTypeIdException;
import tools.jackson.databind.exc.MismatchedInputException;

/** Errors as RFC 9457 problem details which name the field and what would be accepted. */
@RestControllerAdvice
// Before Spring's own, which would answer without naming the field.
@Order(Ordered.HIGHEST_PRECEDENCE)
public class Problems {
  private static final String CONCURRENT =
      "Someone else changed this at the same moment. Load it again.";

  /** SQLSTATE class: integrity constraint violation. */
  private static final String INTEGRITY = "23";

  private static final Map<Class<?>, String> ACCEPTED_IN_ADDRESSES =
      Map.of(
          UUID.class, "an id",
          int.class, "a whole number",
          long.class, "a whole number",
          boolean.class, "true or false",
          LocalDate.class, "a day such as 2026-11-26",
          LocalDateTime.class, "a time such as 2026-11-26T17:30");

  @ExceptionHandler
  ProblemDetail outOfRange(OutOfRangeException e) {
    return fieldProblem(HttpStatus.UNPROCESSABLE_CONTENT, e.field(), e.getMessage(), e.accepted());
  }

  /** Every field that is missing, too long or empty. */
  @ExceptionHandler
  ProblemDetail invalid(MethodArgumentNotValidException e) {
    List<Map<String, String>> errors =
        e.getBindingResult().getFieldErrors().stream()
            .map(f -> error(f.getField(), String.valueOf(f.getDefaultMessage())))
            .distinct()
            .sorted(Comparator.comparing(f -> f.get("field")))
            .toList();
    String detail =
        errors.stream()
            .map(f -> f.get("field") + " must be " + f.get("accepted"))
            .collect(Collectors.joining("; "));
    return notAccepted(HttpStatus.UNPROCESSABLE_CONTENT, detail, errors);
  }

  /** Every fault of a library, with its line. */
  @ExceptionHandler
  ProblemDetail faulty(LibraryFaultException e) {
    return notAccepted(
        HttpStatus.UNPROCESSABLE_CONTENT,
        "Nothing was imported. Correct these and try again.",
        e.faults().stream()
            .map(f -> Map.of("field", f.field(), "accepted", f.accepted(), "place", f.place()))
            .toList());
  }

  @ExceptionHandler
  ProblemDetail unreadable(HttpMessageNotReadableException e) {
    for (Throwable cause = e.getCause(); cause != null; cause = cause.getCause()) {
      if (cause instanceof OutOfRangeException range) {
        return outOfRange(range);
      } else if (cause instanceof BodyRefusedException refused) {
        return ProblemDetail.forStatusAndDetail(refused.status(), refused.getMessage());
      } else if (cause instanceof MismatchedInputException mismatch && meant(mismatch) != null) {
        return mismatched(mismatch);
      }
    }
    String field = e.getCause() instanceof JacksonException json ? path(json) : "body";
    return fieldProblem(
        HttpStatus.BAD_REQUEST,
        field.isEmpty() ? "body" : field,
        "The request could not be read.",
        "JSON as the API describes it");
  }

  /** What the value should have been; of a union whose kind is not known, the union. */
  private static Class<?> meant(MismatchedInputException e) {
    return e instanceof InvalidTypeIdException unknown
        ? unknown.getBaseType().getRawClass()
        : e.getTargetType();
  }

  private static ProblemDetail mismatched(MismatchedInputException e) {
    Class<?> type = meant(e);
    JsonSubTypes kinds = type.getAnnotation(JsonSubTypes.class);
    String accepted =
        type.isEnum()
            ? "one of " + String.join(", ", names(type))
            : kinds != null
                ? "one of "
                    + Arrays.stream(kinds.value())
                        .map(JsonSubTypes.Type::name)
                        .collect(Collectors.joining(", "))
                : "a value of type " + type.getSimpleName().toLowerCase(Locale.ROOT);
    String given = e instanceof InvalidFormatException format ? " " + format.getValue() : "";
    String field = path(e);
    return fieldProblem(
        HttpStatus.UNPROCESSABLE_CONTENT,
        field,
        field + " must be " + accepted + (given.isEmpty() ? "" : ", not" + given),
        accepted);
  }

  /** A part of the address that is not what it should be. */
  @ExceptionHandler
  ProblemDetail mismatch(MethodArgumentTypeMismatchException e) {
    Class<?> type = e.getRequiredType();
    String accepted =
        type == null
            ? "another value"
            : type.isEnum()
                ? "one of " + String.join(", ", names(type))
                : ACCEPTED_IN_ADDRESSES.getOrDefault(type, "another value");
    return fieldProblem(
        HttpStatus.BAD_REQUEST, e.getName(), e.getName() + " must be " + accepted, accepted);
  }

  @ExceptionHandler
  ProblemDetail missing(MissingServletRequestParameterException e) {
    return fieldProblem(
        HttpStatus.BAD_REQUEST,
        e.getParameterName(),
        e.getParameterName() + " is missing in the address.",
        "a value");
  }

  @ExceptionHandler
  ProblemDetail notFound(NotFoundException e) {
    return ProblemDetail.forStatusAndDetail(HttpStatus.NOT_FOUND, e.getMessage());
  }

  @ExceptionHandler
  ProblemDetail conflict(ConflictException e) {
    return ProblemDetail.forStatusAndDetail(HttpStatus.CONFLICT, e.getMessage());
  }

  @ExceptionHandler
  ProblemDetail concurrent(OptimisticLockingFailureException e) {
    return ProblemDetail.forStatusAndDetail(HttpStatus.CONFLICT, CONCURRENT);
  }

  /** Two that may not both be; anything else that the database refuses is no conflict. */
  @ExceptionHandler
  ProblemDetail refusedByTheDatabase(DataIntegrityViolationException e) {
    boolean isConflict =
        !(e.getMostSpecificCause() instanceof SQLException sql)
            || (sql.getSQLState() != null && sql.getSQLState().startsWith(INTEGRITY));
    return isConflict
        ? ProblemDetail.forStatusAndDetail(HttpStatus.CONFLICT, CONCURRENT)
        : ProblemDetail.forStatusAndDetail(
            HttpStatus.UNPROCESSABLE_CONTENT, "Something in this cannot be stored.");
  }

  @ExceptionHandler
  ResponseEntity<ProblemDetail> tooMany(TooManyAttemptsException e) {
    return ResponseEntity.status(HttpStatus.TOO_MANY_REQUESTS)
        .header(HttpHeaders.RETRY_AFTER, String.valueOf(e.retryAfter().toSeconds()))
        .body(ProblemDetail.forStatusAndDetail(HttpStatus.TOO_MANY_REQUESTS, e.getMessage()));
  }

  @ExceptionHandler
  ProblemDetail notAllowed(NotAllowedException e) {
    return ProblemDetail.forStatusAndDetail(HttpStatus.FORBIDDEN, e.getMessage());
  }

  @ExceptionHandler
  ProblemDetail refused(AuthenticationException e) {
    return ProblemDetail.forStatusAndDetail(
        HttpStatus.UNAUTHORIZED, "That e-mail and password do not match.");
  }

  private static ProblemDetail fieldProblem(
      HttpStatus status, String field, String detail, String accepted) {
    return notAccepted(status, detail, List.of(error(field, accepted)));
  }

  private static Map<String, String> error(String field, String accepted) {
    return Map.of("field", field, "accepted", accepted);
  }

  private static ProblemDetail notAccepted(
      HttpStatus status, String detail, List<Map<String, String>> errors) {
    ProblemDetail problem = ProblemDetail.forStatusAndDetail(status, detail);
    problem.setTitle("Not accepted");
    problem.setProperty("errors", errors);
    return problem;
  }

  private static String path(JacksonException e) {
    StringBuilder path = new StringBuilder();
    for (JacksonException.Reference step : e.getPath()) {
      if (step.getPropertyName() != null) {
        path.append(path.isEmpty() ? "" : ".").append(step.getPropertyName());
      } else {
        path.append('[').append(step.getIndex()).append(']');
      }
    }
    return path.toString();
  }

  private static List<String> names(Class<?> type) {
    return Arrays.stream(type.getEnumConstants()).map(String::valueOf).toList();
  }
}
