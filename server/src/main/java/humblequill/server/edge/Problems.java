package humblequill.server.edge;

import jakarta.validation.ConstraintViolationException;
import java.util.Map;
import org.jspecify.annotations.Nullable;
import org.slf4j.Logger;
import org.slf4j.LoggerFactory;
import org.springframework.dao.OptimisticLockingFailureException;
import org.springframework.http.HttpHeaders;
import org.springframework.http.HttpStatus;
import org.springframework.http.HttpStatusCode;
import org.springframework.http.ProblemDetail;
import org.springframework.http.ResponseEntity;
import org.springframework.http.converter.HttpMessageNotReadableException;
import org.springframework.validation.FieldError;
import org.springframework.web.bind.MethodArgumentNotValidException;
import org.springframework.web.bind.MissingServletRequestParameterException;
import org.springframework.web.bind.annotation.ExceptionHandler;
import org.springframework.web.bind.annotation.RestControllerAdvice;
import org.springframework.web.context.request.WebRequest;
import org.springframework.web.method.annotation.HandlerMethodValidationException;
import org.springframework.web.method.annotation.MethodArgumentTypeMismatchException;
import org.springframework.web.servlet.mvc.method.annotation.ResponseEntityExceptionHandler;
import tools.jackson.core.JacksonException;
import tools.jackson.databind.exc.InvalidFormatException;
import tools.jackson.databind.exc.UnrecognizedPropertyException;

/**
 * Turns every failure into problem details (RFC 9457) with a stable code, and never shows a stack
 * trace.
 */
@RestControllerAdvice
class Problems extends ResponseEntityExceptionHandler {
  private static final Logger log = LoggerFactory.getLogger(Problems.class);

  @ExceptionHandler
  ProblemDetail refused(Refusal refusal) {
    return problem(
        refusal.status(), refusal.code(), String.valueOf(refusal.getMessage()), refusal.more());
  }

  @ExceptionHandler
  ProblemDetail stale(OptimisticLockingFailureException e) {
    return problem(
        HttpStatus.CONFLICT, "stale", "This was changed elsewhere since you opened it.", Map.of());
  }

  @ExceptionHandler
  ProblemDetail mistyped(MethodArgumentTypeMismatchException e) {
    var value = String.valueOf(e.getValue());
    return problem(
        HttpStatus.BAD_REQUEST,
        "bad-value",
        e.getName() + " cannot be \"" + value + "\".",
        Map.of("field", e.getName(), "value", value));
  }

  @ExceptionHandler
  ProblemDetail invalid(ConstraintViolationException e) {
    var first = e.getConstraintViolations().iterator().next();
    var path = first.getPropertyPath().toString();
    return badValue(
        path.substring(path.lastIndexOf('.') + 1), first.getInvalidValue(), first.getMessage());
  }

  @ExceptionHandler
  ProblemDetail unexpected(Exception e) {
    log.error("A request failed", e);
    return problem(
        HttpStatus.INTERNAL_SERVER_ERROR,
        "internal",
        "Something went wrong here; nothing was changed. The log has the details.",
        Map.of());
  }

  @Override
  protected @Nullable ResponseEntity<Object> handleMissingServletRequestParameter(
      MissingServletRequestParameterException e,
      HttpHeaders headers,
      HttpStatusCode status,
      WebRequest request) {
    return ResponseEntity.badRequest().body(badValue(e.getParameterName(), null, "must be said"));
  }

  @Override
  protected @Nullable ResponseEntity<Object> handleMethodArgumentNotValid(
      MethodArgumentNotValidException e,
      HttpHeaders headers,
      HttpStatusCode status,
      WebRequest request) {
    var first = e.getBindingResult().getAllErrors().get(0);
    var field = first instanceof FieldError error ? error.getField() : first.getObjectName();
    var value = first instanceof FieldError error ? error.getRejectedValue() : null;
    return ResponseEntity.badRequest().body(badValue(field, value, first.getDefaultMessage()));
  }

  @Override
  protected @Nullable ResponseEntity<Object> handleHandlerMethodValidationException(
      HandlerMethodValidationException e,
      HttpHeaders headers,
      HttpStatusCode status,
      WebRequest request) {
    var first = e.getParameterValidationResults().get(0);
    var field = String.valueOf(first.getMethodParameter().getParameterName());
    var message = first.getResolvableErrors().get(0).getDefaultMessage();
    return ResponseEntity.badRequest().body(badValue(field, first.getArgument(), message));
  }

  @Override
  protected @Nullable ResponseEntity<Object> handleHttpMessageNotReadable(
      HttpMessageNotReadableException e,
      HttpHeaders headers,
      HttpStatusCode status,
      WebRequest request) {
    if (e.getRootCause() instanceof BodyTooLargeException) {
      return ResponseEntity.status(HttpStatus.CONTENT_TOO_LARGE)
          .body(BodyTooLargeException.problem());
    }
    if (e.getRootCause() instanceof Refusal refusal) {
      return ResponseEntity.badRequest().body(refused(refusal));
    }
    if (e.getCause() instanceof JacksonException json) {
      var path = path(json);
      var value = json instanceof InvalidFormatException f ? shorten(f.getValue() + "") : "";
      var detail =
          json instanceof UnrecognizedPropertyException
              ? "There is no field \"" + path + "\"."
              : path + " cannot be " + (value.isEmpty() ? "read." : "\"" + value + "\".");
      return ResponseEntity.badRequest()
          .body(
              problem(
                  HttpStatus.BAD_REQUEST,
                  path.isEmpty() ? "unreadable" : "bad-value",
                  path.isEmpty() ? "The request is not readable JSON." : detail,
                  Map.of("field", path, "value", value)));
    }
    return ResponseEntity.badRequest()
        .body(
            problem(
                HttpStatus.BAD_REQUEST,
                "unreadable",
                "The request has no readable body.",
                Map.of()));
  }

  @Override
  protected @Nullable ResponseEntity<Object> handleExceptionInternal(
      Exception e,
      @Nullable Object body,
      HttpHeaders headers,
      HttpStatusCode status,
      WebRequest request) {
    var known = HttpStatus.valueOf(status.value());
    var code = known.name().toLowerCase(java.util.Locale.ROOT).replace('_', '-');
    return new ResponseEntity<>(
        problem(known, code, known.getReasonPhrase() + ".", Map.of()), headers, status);
  }

  private static String path(JacksonException json) {
    var path = new StringBuilder();
    for (var step : json.getPath()) {
      var name = step.getPropertyName();
      path.append(name == null ? "[" + step.getIndex() + "]" : (path.isEmpty() ? "" : ".") + name);
    }
    return path.toString();
  }

  private static ProblemDetail badValue(
      String field, @Nullable Object value, @Nullable String message) {
    var shown = value == null ? "nothing" : "\"" + shorten(value.toString()) + "\"";
    return problem(
        HttpStatus.BAD_REQUEST,
        "bad-value",
        field + " " + message + "; it was " + shown + ".",
        Map.of("field", field, "value", value == null ? "" : shorten(value.toString())));
  }

  private static String shorten(String text) {
    return text.length() > 80 ? text.substring(0, 80) + "…" : text;
  }

  static ProblemDetail problem(
      HttpStatus status, String code, String detail, Map<String, Object> more) {
    var problem = ProblemDetail.forStatusAndDetail(status, detail);
    problem.setProperty("code", code);
    more.forEach(problem::setProperty);
    return problem;
  }
}
